/** The words by which what is recorded of a cage is known in its events. */
export const HEIGHT = 'height'
export const BAGGED = 'bagged'
export const FORKED = 'forked'
export const SQUEEZE = 'squeeze'
export const LOOK = 'look'
export const BAGS = 'bags'
export const RAIN = 'rain'
