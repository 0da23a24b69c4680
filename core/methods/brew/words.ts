/** The words by which what is recorded of a brew is known in its events. */
export const FOAM = 'foam'
export const WARMTH = 'warmth'
export const STIRRED = 'stirred'
export const AIR = 'air'
export const STRAINED = 'strained'
export const SMELL = 'smell'
export const STANDS = 'stands'
export const AREA = 'areaM2'
