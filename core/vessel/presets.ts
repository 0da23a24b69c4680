import type { Vessel } from './vessel'

/** A lidded bin as they are sold: about 300 L, the same wherever it is offered. */
export const LIDDED = { diameterM: 0.7, heightM: 0.8 } as const

/** Usual vessels to pick from; every measure can be changed. */
export const VESSEL_PRESETS: readonly Vessel[] = [
  { id: 'pallet-bay', name: 'Pallet bay', wall: 'boards', shape: 'box', widthM: 1.2, depthM: 1, heightM: 1 },
  { id: 'square-bay', name: 'Square bay', wall: 'boards', shape: 'box', widthM: 1.2, depthM: 1.2, heightM: 1.2 },
  { id: 'wire-ring', name: 'Wire ring', wall: 'wire', shape: 'cylinder', diameterM: 1.1, heightM: 1 },
  { id: 'lidded-bin', name: 'Lidded bin', wall: 'plastic', shape: 'cylinder', ...LIDDED },
  { id: 'bale-pen', name: 'Straw bale pen', wall: 'straw-bales', shape: 'box', widthM: 1.3, depthM: 1.3, heightM: 1 },
  { id: 'open-heap', name: 'Open heap', wall: 'none', shape: 'box', widthM: 1.3, depthM: 1.3, heightM: 1.2 },
]
