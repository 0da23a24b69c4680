import { approachOf, type Warning } from '../contract'
import type { Ingredient } from '../../mix/portion'
import { APPROACHES } from './approaches'
import { HOT } from './constants'

/** Approaches that hold a heap hot and turned often enough to count on it through and through. */
const COOL_APPROACHES: readonly string[] = ['seldom']
/** What carries seeds, roots or sickness into a heap that does not get hot all through. */
const NEEDS_HEAT: Readonly<Record<string, string>> = {
  'weeds-seeding': 'Seeding weeds outlive a heap that is hardly turned. Drown them first, or turn by the thermometer.',
  'hay-grass':
    'Hay is full of seeds, and a heap that is hardly turned leaves many alive. Turn by the thermometer, or keep it for mulch paths.',
  'veg-haulm': 'Haulm with blight or club root needs a heap that gets hot all through. If it is sick, it goes to the public collection.',
  'pig-manure': 'Pig manure belongs in a heap that gets hot all through.',
}

/** What to mind about the ingredients in this approach, beyond what stands with each material. */
export function warningsFor(ingredients: readonly Ingredient[], approachId: string): Warning[] {
  const approach = approachOf({ approaches: APPROACHES }, approachId)
  const cool = COOL_APPROACHES.includes(approach.id)
  const litres = ingredients.reduce((sum, { amount }) => sum + amount.count * amount.container.volumeL, 0)
  return ingredients.flatMap(({ material, amount }) => {
    const share = litres > 0 ? amount.count * amount.container.volumeL / litres : 0
    return [
      ...(cool && NEEDS_HEAT[material.id] ? [{ materialId: material.id, text: NEEDS_HEAT[material.id] as string }] : []),
      ...(material.family === 'manure' && material.carbonToNitrogen.typical < 12 && share > HOT.muchPoultry
        ? [{ materialId: material.id, text: 'So much poultry manure gives off ammonia: more browns, or less of it.' }]
        : []),
      ...(material.id === 'wood-ash' && share > 0.02
        ? [{ materialId: material.id, text: 'That is a lot of ash: it drives nitrogen off as ammonia. A cupful to a heap is plenty.' }]
        : []),
    ]
  })
}
