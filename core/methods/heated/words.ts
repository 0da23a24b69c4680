/** The words by which what is recorded of a batch that heats is known in its events. */
export const HEAT = 'heat'
export const CORE = 'core'
export const EDGE = 'edge'
export const HEIGHT = 'height'
export const TURNED = 'turned'
