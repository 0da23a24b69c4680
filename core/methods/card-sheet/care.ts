/** Cautions that stand beside the step. */
export const CLEAN
  = 'Brown, plain card: no tape, no labels, no gloss, no wax, no coloured print. Newsprint, never glossy pages. Staples out.'
export const TILES = 'Soaked card is heavy and slippery: small loads, no slope underfoot.'
export const DUST = 'Damp what dusts, stand upwind, a mask if you are sensitive.'
export const SOIL = 'Gloves for soil and manure; keep your tetanus shot in date and wash.'
export const LIME = 'No lime under card unless a soil test asks for it.'
export const PIPES = 'Before you dig or stake: know where cables and pipes lie.'
