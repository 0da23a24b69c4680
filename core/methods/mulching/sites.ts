import type { Site } from '../../vessel/site'

/** The usual grounds that are mulched; the garden's own beds stand beside them. */
export const SITES: readonly Site[] = [
  { kind: 'area', id: 'mulch-bed', name: 'Bed', ground: { shape: 'rectangle', widthM: 4, lengthM: 1.2 } },
  { kind: 'area', id: 'mulch-tree', name: 'Round a tree', ground: { shape: 'circle', diameterM: 2 } },
  { kind: 'area', id: 'mulch-row', name: 'Rows or a hedge', ground: { shape: 'strip', widthM: 0.5, lengthM: 5, count: 2 } },
  {
    kind: 'area', id: 'mulch-corner', name: 'Corner bed',
    ground: {
      shape: 'outline',
      corners: [
        [0, 0], [3, 0], [3, 1], [1.2, 1], [1.2, 2.5], [0, 2.5],
      ],
    },
  },
]
