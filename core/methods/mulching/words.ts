/** The words by which what is recorded of a mulch is known in its events. */
export const METHOD = 'mulching'
export const LOAD = 'load'
export const WETTED = 'wetted'
export const DEPTH = 'depth'
export const UNDER = 'under'
export const SOIL = 'soil'
export const PLANTS = 'plants'
export const CLEARED = 'cleared'
export const ENOUGH = 'enough'

/** What is asked while it is planned. */
export const CROP = 'crop'
export const REASON = 'reason'
export const WANTED_M = 'wantedM'
export const LIES = 'lies'
export const FROM = 'from'
export const CARRIED_IN = 'carriedIn'
export const STEMS = 'stems'
