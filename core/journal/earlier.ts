/** The words that kinds of earlier versions fold into: quantities, spots and deeds that then had kinds of their own. */
export const HEAT = 'heat'
export const CORE = 'core'
export const EDGE = 'edge'
export const HEIGHT = 'height'
export const TURNED = 'turned'
