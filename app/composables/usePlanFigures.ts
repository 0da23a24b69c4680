import type { Plan } from '#core/garden/plan'
import { findMethod, METHODS } from '#core/methods'
import { approachOf, type Method } from '#core/methods/method'
import { typicalTotals } from '#core/mix/balance'
import { judge } from '#core/mix/judgement'
import { ingredientsOf, portionOf, type Ingredient } from '#core/mix/portion'
import { mixRanges } from '#core/mix/ranges'
import { containersFor } from '#core/units/container'
import { roughly } from '#core/units/format'
import type { Stratum } from '#core/vessel/strata'
import { fillHeightM, vesselVolumeL } from '#core/vessel/vessel'

/** A plan in figures, for looking at beside another. */
export interface PlanFigures {
  readonly title: string
  readonly plan: Plan
  readonly ingredients: readonly Ingredient[]
  readonly layers: readonly Pick<Stratum, 'family' | 'heightShare'>[]
  readonly fillM: number
  readonly lines: readonly { readonly label: string, readonly value: string, readonly note: string }[]
}

/** Plans as a gardener compares them. */
export function usePlanFigures() {
  const { materials, waterCan, units } = useGarden()
  const { own } = useNeed()
  const { quantity, span, amount } = useSay()

  /** What a plan would be, said line by line in a fixed order, so that two can stand side by side. */
  function figuresOf(title: string, plan: Plan): PlanFigures {
    const method = findMethod(plan.methodId) ?? METHODS[0] as Method
    const approach = approachOf(method, plan.approachId)
    const ingredients = ingredientsOf(plan.ingredients, materials.value).filter(({ amount: { count } }) => count > 0)
    if (ingredients.length === 0) return { title, plan, lines: [], ingredients, layers: [], fillM: 0 }
    const portions = ingredients.map(portionOf)
    const judgement = judge(typicalTotals(portions), approach.comfort)
    const ranges = mixRanges(portions, judgement.waterL, approach.comfort.moistureFraction.target)
    const { measures, waterL, grade } = judgement
    const proposal = { vessel: plan.vessel, approachId: approach.id, ingredients, waterL, volumeL: measures.volumeL }
    const outlook = method.outlook(measures)
    const work = method.handsOn(proposal)
    const days = method.daysToReady(approach.id)
    const ratio = ranges.ok ? `${Math.round(ranges.value.of.carbonToNitrogen.low)}–${Math.round(ranges.value.of.carbonToNitrogen.high)}` : ''
    const moisture = ranges.ok ? `${Math.round(ranges.value.of.moistureFraction.low * 100)}–${Math.round(ranges.value.of.moistureFraction.high * 100)} %` : ''
    return {
      title, plan, ingredients,
      layers: method.strata(proposal).map(({ family, heightShare }) => ({ family, heightShare })),
      fillM: fillHeightM(plan.vessel, measures.volumeL),
      lines: [
        { label: 'Balance', value: { good: 'good', workable: 'workable', poor: 'poor' }[grade], note: '' },
        { label: 'Carbon to nitrogen', value: `${Math.round(measures.carbonToNitrogen)} : 1`, note: ratio },
        { label: 'Moisture, watered', value: `${Math.round(measures.moistureFraction * 100)} %`, note: moisture },
        { label: 'Water to add', value: waterL < 0.5 ? 'none' : amount(containersFor(waterL, waterCan.value), waterCan.value), note: '' },
        { label: 'Free air space', value: `${Math.round(measures.freeAirSpace * 100)} %`, note: '' },
        { label: 'Mixed', value: quantity('volume', measures.volumeL), note: `${Math.round(measures.volumeL / vesselVolumeL(plan.vessel) * 100)} % of the ${plan.vessel.name.toLowerCase()}` },
        { label: 'Size', value: method.judgeSize(plan.vessel, measures.volumeL, units.value).grade, note: '' },
        { label: 'Heat', value: outlook.label, note: `about ${quantity('temperature', outlook.peakC)}` },
        { label: 'Gives', value: span('volume', roughly(measures.volumeL * own.value.share.low), roughly(measures.volumeL * own.value.share.high)), note: '' },
        { label: 'Ready', value: `${Math.round(days.earliest / 7)}–${Math.round(days.latest / 7)} weeks`, note: approach.name.toLowerCase() },
        { label: 'Work to build', value: `${Math.round(work.building.typical / 5) * 5} minutes`, note: `${Math.round(ingredients.reduce((sum, one) => sum + one.amount.count, 0))} containers` },
      ],
    }
  }

  return { figuresOf }
}
