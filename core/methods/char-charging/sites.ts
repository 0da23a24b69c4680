import type { Site } from '../../vessel/site'

const round = (id: string, name: string, diameterM: number, heightM: number): Site => ({
  kind: 'vessel', vessel: { id, name, wall: 'plastic', shape: 'cylinder', diameterM, heightM },
})
const TUBS: readonly Site[] = [
  round('soak-tub', 'Tub', 0.5, 0.4), round('soak-bucket', 'Big bucket', 0.3, 0.32), round('soak-barrel', 'Barrel', 0.57, 0.85),
]
const WATERS: readonly Site[] = [
  round('soak-butt', 'Rain butt', 0.58, 0.9),
  {
    kind: 'vessel',
    vessel: { id: 'soak-trough', name: 'Water trough', wall: 'plastic', shape: 'box', widthM: 1.2, depthM: 0.5, heightM: 0.5 },
  },
  { kind: 'vessel', vessel: { id: 'soak-pond', name: 'Pond', wall: 'none', shape: 'box', widthM: 2.5, depthM: 1.5, heightM: 0.6 } },
]
const HOUSES: readonly Site[] = [
  {
    kind: 'vessel',
    vessel: { id: 'soak-run', name: 'Hen run or stable', wall: 'boards', shape: 'box', widthM: 2, depthM: 1.5, heightM: 0.4 },
  },
]

/** Every place char is charged in. */
export const SITES: readonly Site[] = [...TUBS, ...WATERS, ...HOUSES]

const BY_KIND: Readonly<Record<string, readonly Site[]>> = { tub: TUBS, bag: WATERS, bedding: HOUSES, batch: TUBS }

/** The usual places of a way. */
export function sitesOfKind(kind: string): readonly Site[] {
  return BY_KIND[kind] ?? TUBS
}
