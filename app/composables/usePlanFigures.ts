import type { Plan } from '#core/garden/plan'
import { draftFor, filledOf, judged } from '#core/bench/planned'
import { findMethod } from '#core/methods'
import { approachOf, balancedOf } from '#core/methods/contract'
import { portionOf, type Ingredient } from '#core/mix/portion'
import type { Picture } from '#core/picture/picture'
import { mixInShort } from '#core/mix/words'
import { mixRanges } from '#core/mix/ranges'
import { containersFor } from '#core/units/container'
import { ratioText, roughly } from '#core/units/format'
import { siteName, siteVolumeL } from '#core/vessel/site'

/** A plan in figures, for looking at beside another. */
export interface PlanFigures {
  readonly title: string
  readonly plan: Plan
  readonly ingredients: readonly Ingredient[]
  readonly picture?: Picture
  readonly lines: readonly { readonly label: string, readonly value: string, readonly note: string }[]
}

/** Plans as a gardener compares them. */
export function usePlanFigures() {
  const { materials, waterCan, surroundings } = useGarden()
  const { own } = useNeed()
  const { quantity, span, amount } = useSay()

  /** What a plan would be, said line by line in a fixed order, so that two can stand side by side. */
  function figuresOf(title: string, plan: Plan): PlanFigures {
    const method = findMethod(plan.methodId)
    const ingredients = filledOf(plan, materials.value)
    const planned = method && draftFor(plan, method, surroundings.value)
    if (!method || !planned) return { title, plan, lines: [], ingredients }
    const approach = approachOf(method.face, plan.approachId)
    const { draft } = planned
    const balanced = balancedOf(method)
    const judgement = balanced && judged(ingredients, balanced.mixing.comfort(approach.id))
    if (!balanced || !judgement) {
      return {
        title, plan, ingredients, picture: draft.picture,
        lines: [
          { label: 'Verdict', value: draft.verdict.grade, note: draft.verdict.text },
          ...draft.facts.map(({ label, value, why }) => ({ label, value, note: why ?? '' })),
        ],
      }
    }
    const ranges = mixRanges(ingredients.map(portionOf), judgement.waterL, balanced.mixing.comfort(approach.id))
    const { measures, waterL } = judgement
    const share = own.value?.share ?? balanced.sizing.usualYield
    const building = draft.work[0]?.minutes.typical ?? 0
    const between = (of: 'carbonToNitrogen' | 'moistureFraction', times: number, unit: string) =>
      ranges.ok ? `${Math.round(ranges.value.of[of].low * times)}–${Math.round(ranges.value.of[of].high * times)}${unit}` : ''
    return {
      title, plan, ingredients,
      picture: draft.picture,
      lines: [
        { label: 'Verdict', value: draft.verdict.grade, note: draft.verdict.text },
        { label: 'Balance', value: mixInShort(judgement), note: '' },
        { label: 'Carbon to nitrogen', value: ratioText(measures.carbonToNitrogen), note: between('carbonToNitrogen', 1, '') },
        {
          label: 'Moisture, watered', value: `${Math.round(measures.moistureFraction * 100)} %`,
          note: between('moistureFraction', 100, ' %'),
        },
        { label: 'Water to add', value: waterL < 0.5 ? 'none' : amount(containersFor(waterL, waterCan.value), waterCan.value), note: '' },
        { label: 'Free air space', value: `${Math.round(measures.freeAirSpace * 100)} %`, note: '' },
        {
          label: 'Mixed', value: quantity('volume', measures.volumeL),
          note: `${Math.round(((measures.volumeL * balanced.sizing.standsShare) / siteVolumeL(plan.site)) * 100)} % of the `
            + `${siteName(plan.site).toLowerCase()} as it stands`,
        },
        { label: 'Gives', value: span('volume', roughly(measures.volumeL * share.low), roughly(measures.volumeL * share.high)), note: '' },
        {
          label: 'Work to build', value: `${Math.round(building / 5) * 5} minutes`,
          note: `${Math.round(ingredients.reduce((sum, one) => sum + one.amount.count, 0))} containers`,
        },
      ],
    }
  }

  return { figuresOf }
}
