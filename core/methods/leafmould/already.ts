import type { Already } from '../contract'

/** Leaves as cages hold them. */
export const ALREADY: Already = {
  of: [
    { id: 'mixed', label: 'leaves of all sorts', parts: [{ materialId: 'leaves-mixed', share: 1 }] },
    { id: 'slow', label: 'mostly oak, beech or plane', parts: [{ materialId: 'leaves-oak', share: 1 }] },
    { id: 'soft', label: 'mostly soft leaves: lime, hazel, fruit', parts: [{ materialId: 'leaves-fast', share: 1 }] },
    { id: 'mown', label: 'mostly mown or shredded leaves', parts: [{ materialId: 'leaves-shredded', share: 1 }] },
  ],
}
