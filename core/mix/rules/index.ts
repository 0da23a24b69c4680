import { sideOf } from '../../materials/colour'
import { fail, ok, type Outcome } from '../../outcome/outcome'
import { roundedCount } from '../../units/format'
import { typicalTotals } from '../balance'
import { judge, type Comfort, type Judgement } from '../judgement'
import { portionOf, type Ingredient } from '../portion'
import { halfAndHalf } from './half-and-half'
import type { RuleOfThumb } from './rule'
import { thickBrowns } from './thick-browns'
import { thirtyByWeight } from './thirty-by-weight'
import { twoGreens } from './two-greens'
import { twoThirdsBrown } from './two-thirds-brown'

export type { RuleOfThumb } from './rule'

/** The rules of thumb that gardeners go by, none of them ours. */
export const RULES: readonly RuleOfThumb[] = [twoThirdsBrown, halfAndHalf, twoGreens, thickBrowns, thirtyByWeight]

/** What a rule makes of the chosen browns and greens, in amounts that can be measured out. */
export interface RuleMix {
  readonly rule: RuleOfThumb
  readonly ingredients: readonly Ingredient[]
  readonly judgement: Judgement
}

/** Why a rule has nothing to say. */
export type RuleTrouble = 'no-browns' | 'no-greens' | 'no-mix'

/**
 * The mix a rule of thumb gives: as many litres as there are now, browns and greens each in the proportions they have
 * among themselves, what is neither left as it is. Counts are rounded to what can be measured out.
 */
export function mixByRule(rule: RuleOfThumb, ingredients: readonly Ingredient[], comfort: Comfort): Outcome<RuleMix, RuleTrouble> {
  const present = ingredients.filter(({ amount }) => amount.count > 0)
  const on = (side: 'brown' | 'green') => present.filter(({ material }) => sideOf(material) === side)
  const sum = (of: readonly Ingredient[], measure: (one: Ingredient) => number) => of.reduce((total, one) => total + measure(one), 0)
  const [browns, greens] = [on('brown'), on('green')]
  if (browns.length === 0) return fail('no-browns')
  if (greens.length === 0) return fail('no-greens')
  const loose = (one: Ingredient) => portionOf(one).looseVolumeL
  const [brownL, greenL] = [sum(browns, loose), sum(greens, loose)]
  // Parts b and g of what is there now: b·B : g·G as the rule says, and b·brownL + g·greenL as much as there is.
  const brownForGreen = rule.browns * sum(greens, rule.measure) / (rule.greens * sum(browns, rule.measure))
  const greenPart = (brownL + greenL) / (brownForGreen * brownL + greenL)
  const parts = { brown: brownForGreen * greenPart, green: greenPart }
  const changed = present.map((one) => {
    const side = sideOf(one.material)
    return side ? { ...one, amount: { ...one.amount, count: roundedCount(one.amount.count * parts[side]) } } : one
  })
  const judgement = judge(typicalTotals(changed.map(portionOf)), comfort)
  return judgement.ok ? ok({ rule, ingredients: changed, judgement: judgement.value }) : fail('no-mix')
}

/** Every rule for these materials, in their fixed order; empty when browns or greens are missing. */
export function mixesByRule(ingredients: readonly Ingredient[], comfort: Comfort): readonly RuleMix[] {
  return RULES.flatMap((rule) => {
    const mix = mixByRule(rule, ingredients, comfort)
    return mix.ok ? [mix.value] : []
  })
}

/** The rule that comes nearest with these materials: the least that is wrong, then nearest to the middle of the band. */
export function bestRule(mixes: readonly RuleMix[], { carbonToNitrogen }: Comfort): RuleMix | undefined {
  const middle = Math.log(carbonToNitrogen.low * carbonToNitrogen.high) / 2
  const off = ({ judgement }: RuleMix) => Math.abs(Math.log(judgement.measures.carbonToNitrogen) - middle)
  return [...mixes].sort((a, b) => a.judgement.distance - b.judgement.distance || off(a) - off(b))[0]
}
