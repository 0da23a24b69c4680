/** The words by which what is recorded of a sheet is known in its events. */
export const METHOD = 'card-sheet'
export const CARD = 'card'
export const TORN = 'torn'
export const BELOW = 'below'
export const WATERED = 'watered'
export const COVERED = 'covered'
export const MENDED = 'mended'
export const PLANTED = 'planted'

/** What is asked while it is planned. */
export const PIECES = 'pieces'
export const OVERLAP_M = 'overlapM'
export const NEWS_LAYERS = 'newsLayers'
export const GROWN = 'grown'
export const GROUND = 'ground'
export const COVER = 'cover'
export const COVER_M = 'coverM'
export const SHARES = 'shares'
