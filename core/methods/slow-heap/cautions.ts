import type { Ingredient } from '../../mix/portion'

/** A slow heap never gets hot: said where things go in. */
const NOT_HOT = 'It never gets hot: no seed heads, no roots that grow again, no sick plants.'
const GLOVES = 'Gloves, and wash your hands; keep your face away when you open it.'
const PLAIN = ['bread-grains']
const SHARP = ['citrus', 'onion-waste']

/** What to mind about what goes in. */
export function cautionsOf(fed: readonly Ingredient[]): string[] {
  const ids = fed.map(({ material }) => material.id)
  return [
    ...(fed.some(({ material }) => material.family === 'plant' || material.family === 'grass') ? [NOT_HOT] : []),
    ...(ids.some(id => PLAIN.includes(id)) ? ['Bread draws rats: a handful, buried deep, or none.'] : []),
    ...(ids.some(id => SHARP.includes(id)) ? ['Citrus and onions in small doses: a handful to a caddy does no harm.'] : []),
    ...(fed.some(({ material }) => material.family === 'manure')
      ? ['Raw manure in a heap that stays cool is still raw: 90 to 120 days before the harvest of what touches it, or as local rules say.']
      : []),
  ]
}

/** What to mind when it is opened or taken out. */
export const TAKE_CAUTIONS: readonly string[] = [
  NOT_HOT.replace(': no seed heads, no roots that grow again, no sick plants.', ': seeds and sickness in it are alive.'), GLOVES,
  'Hedgehogs and toads live in cool heaps: look before you fork.',
]
