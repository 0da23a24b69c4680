import type { Site } from '../../vessel/site'

const GROUNDS: readonly Site[] = [
  { kind: 'area', id: 'sheet-lawn', name: 'Piece of lawn', ground: { shape: 'rectangle', widthM: 4, lengthM: 3 } },
  { kind: 'area', id: 'sheet-round', name: 'Round', ground: { shape: 'circle', diameterM: 2.4 } },
  { kind: 'area', id: 'sheet-strip', name: 'Strip along a fence', ground: { shape: 'strip', widthM: 0.8, lengthM: 6, count: 1 } },
  {
    kind: 'area', id: 'sheet-corner', name: 'Any outline',
    ground: {
      shape: 'outline',
      corners: [
        [0, 0], [3.5, 0], [3.5, 1.5], [2, 1.5], [1.4, 2.8], [0, 2.8],
      ],
    },
  },
]
const TRENCHES: readonly Site[] = [
  { kind: 'area', id: 'sheet-trench', name: 'Trenches', ground: { shape: 'strip', widthM: 0.35, lengthM: 3, count: 2 } },
]
const BOXES: readonly Site[] = [
  { kind: 'vessel', vessel: { id: 'sheet-crate', name: 'Crate', wall: 'boards', shape: 'box', widthM: 0.5, depthM: 0.35, heightM: 0.25 } },
  { kind: 'vessel', vessel: { id: 'sheet-pot', name: 'Big pot', wall: 'plastic', shape: 'cylinder', diameterM: 0.4, heightM: 0.4 } },
  {
    kind: 'vessel',
    vessel: { id: 'sheet-patch', name: 'Patch of a bed', wall: 'none', shape: 'box', widthM: 1, depthM: 0.6, heightM: 0.2 },
  },
]

/** Every place a sheet is laid, or card is torn into. */
export const SITES: readonly Site[] = [...GROUNDS, ...TRENCHES, ...BOXES]

const BY_WAY: Readonly<Record<string, readonly Site[]>> = { whole: GROUNDS, trench: TRENCHES, torn: BOXES }

/** The usual ones of a way. */
export function sitesOf(approachId: string): readonly Site[] {
  return BY_WAY[approachId] ?? GROUNDS
}
