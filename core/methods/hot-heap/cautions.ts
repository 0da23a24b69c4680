import { approachOf, type Warning } from '../contract'
import type { Material, Risk } from '../../materials/material'
import type { Ingredient } from '../../mix/portion'
import { quantityText } from '../../units/format'
import { capital } from '../../units/plural'
import type { UnitSystem } from '../../units/system'
import { APPROACHES } from './approaches'
import { HOT } from './constants'

/** Approaches that hold a heap hot and turned often enough to count on it through and through. */
const COOL_APPROACHES: readonly string[] = ['seldom']
/** What carries seeds, roots or sickness into a heap that does not get hot all through. */
const NEEDS_HEAT: readonly { readonly brings: Risk, readonly instead: string }[] = [
  { brings: 'seeds', instead: 'Drown it first, lay it under mulch on a path, or leave it out.' },
  { brings: 'sickness', instead: 'What is sick of it goes to the public collection.' },
]
/** Dung that is only to be trusted after real heat. */
const HOT_DUNG = ['pig-manure']

/** Why a heap does not kill what it is brought: hardly turned, or not hot enough by what is expected of it. */
function whyCool(approachId: string, expectedC: number | undefined, units: UnitSystem): string | undefined {
  if (COOL_APPROACHES.includes(approachId)) return 'a heap that is hardly turned leaves much of it alive'
  if (expectedC === undefined || expectedC >= HOT.hotC) return undefined
  return `this heap is expected to reach about ${quantityText('temperature', units, Math.round(expectedC / 5) * 5)}, which kills none of it`
}

function needsHeat({ id, short, brings }: Material, why: string): Warning[] {
  const risks = NEEDS_HEAT.filter(one => brings.includes(one.brings))
  const what = (risk: Risk) => risk === 'seeds' ? 'living seeds' : 'sickness'
  return [
    ...risks.map(({ brings: risk, instead }) => ({
      materialId: id, text: `${capital(short)} may bring ${what(risk)}, and ${why}. ${instead}`,
    })),
    ...(HOT_DUNG.includes(id)
      ? [{ materialId: id, text: `${capital(short)} belongs in a heap that gets hot all through, and ${why}.` }]
      : []),
  ]
}

/**
 * What to mind about the ingredients in this approach, beyond what stands with each material.
 * @param expectedC how hot it is expected to get, where that is known.
 */
export function warningsFor(
  ingredients: readonly Ingredient[], approachId: string, expectedC?: number, units: UnitSystem = 'metric',
): Warning[] {
  const approach = approachOf({ approaches: APPROACHES }, approachId)
  const why = whyCool(approach.id, expectedC, units)
  const litres = ingredients.reduce((sum, { amount }) => sum + amount.count * amount.container.volumeL, 0)
  return ingredients.flatMap(({ material, amount }) => {
    const share = litres > 0 ? amount.count * amount.container.volumeL / litres : 0
    return [
      ...(why ? needsHeat(material, why) : []),
      ...(material.family === 'manure' && material.carbonToNitrogen.typical < 12 && share > HOT.muchPoultry
        ? [{ materialId: material.id, text: 'So much poultry manure gives off ammonia: more browns, or less of it.' }]
        : []),
      ...(material.id === 'wood-ash' && share > 0.02
        ? [{ materialId: material.id, text: 'That is a lot of ash: it drives nitrogen off as ammonia. A cupful to a heap is plenty.' }]
        : []),
    ]
  })
}
