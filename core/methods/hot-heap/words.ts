/** The window in which it is ready. */
export const READY = 'ready'
/** As which its compost comes, and what it is called. */
export const COMPOST = { label: 'Compost', materialId: 'compost-finished' } as const
