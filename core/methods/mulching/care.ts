import type { Material } from '../../materials/material'
import type { Crop } from '../../mulch/kinds'
import type { MulchPlan } from './plan'

/** Cautions that stand beside the step. */
export const DUST = 'Dry leaves, straw and old chips are full of dust and spores: damp them, stand upwind, a mask if you are sensitive.'
export const LIFTING = 'A sheet is dragged, not lifted; a barrow is filled for your back, not for its rim.'
export const TICKS = 'Gloves: thorns, glass, hedgehogs asleep in leaves. Look before you fork.'

/** Where it comes from, and what is to be minded for it. */
export const SOURCES = [
  { id: 'garden', label: 'own garden', minds: '' },
  {
    id: 'street', label: 'street or roadside',
    minds:
      'From the roadside: needles, glass, litter, road salt and tyre dust. Gloves, pick through it, and not on beds that are eaten from.',
  },
  {
    id: 'stable', label: 'stable or farm',
    minds:
      'Ask what was sprayed: weedkiller in straw and hay outlives a summer and cripples beans, peas and tomatoes. Beans sown in a pot of '
      + 'it for three weeks show it.',
  },
  {
    id: 'chipper', label: 'tree surgeon',
    minds:
      'Ask for the tree: no walnut, laurel, yew or oleander, no honey fungus. Fresh green chips lie a few weeks before they go near '
      + 'young plants.',
  },
] as const

const SLUG_CROPS: readonly Crop[] = ['vegetables', 'seedlings']

/** What to mind about a mulch, by its kind, its crop, what it is of and where it comes from. */
export function mindsOf({ kind, crop, wantedM, advisedM }: MulchPlan, materials: readonly Material[], from: unknown): string[] {
  return [
    ...(crop === 'seedlings' ? ['Seedlings: none before they are a hand high, then a film that is drawn up by and by.'] : []),
    ...(kind.slugs !== 'none' && SLUG_CROPS.includes(crop)
      ? [
          'Slugs live under it: wait until the soil is warm and plants are tough, look under it in the morning, and leave it off in a '
          + 'wet spring.',
        ]
      : []),
    ...(kind.wind === 'much'
      ? ['Dry leaves fly: tread them, wet them through, a net or some twigs on top where the wind gets at them.']
      : []),
    ...(wantedM > advisedM.high * 1.15 ? ['That is thicker than it should be: rain no longer gets through, and mice move in.'] : []),
    ...(materials.some(({ id }) => id === 'leaves-walnut')
      ? ['Walnut leaves keep tomatoes, apples, beans and azaleas from growing: a year in the cage first, or under walnuts only.']
      : []),
    ...(materials.some(({ id }) => id === 'weeds-seeding') ? ['Weeds in seed sow themselves here: into the hot heap with them.'] : []),
    ...SOURCES.filter(({ id, minds }) => id === from && minds !== '').map(({ minds }) => minds),
  ]
}
