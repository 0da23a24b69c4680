/** The words by which what is recorded while char is charged is known in its events. */
export const FILLED = 'filled'
export const ACID = 'acid'
export const STIRRED = 'stirred'
export const AIR = 'air'
export const FEED = 'feed'
export const DRAINED = 'drained'
export const LIFTED = 'lifted'
export const SINKS = 'sinks'
export const BUBBLES = 'bubbles'
export const SMELL = 'smell'
export const LIQUOR = 'liquor'

/** What is asked while it is planned. */
export const WATER_L = 'waterL'
/** Where it dries once it is drained, and what says so. */
export const DRIES = 'dries'
export const IN_CAN = 'can'
export const SIZE = 'size'
export const STANDS = 'stands'
export const TAP = 'tap'
export const BY = 'by'
export const BAG_L = 'bagL'
/** The gate before the char goes into the water. */
export const WATER_FIT = 'water'
