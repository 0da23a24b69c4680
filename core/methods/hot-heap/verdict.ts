import { capital } from '../../units/plural'
import { addMonths, startOfMonth } from 'date-fns'
import type { Judgement } from '../../mix/judgement'
import { mixInShort, verdictText } from '../../mix/words'
import { monthText } from '../../units/dates'
import { quantityText } from '../../units/format'
import { portionOf, type Ingredient } from '../../mix/portion'
import { containerText } from '../../units/container'
import { asVessel } from '../../vessel/site'
import type { Planned, Proposal, Surroundings, Verdict } from '../contract'
import { peakOf } from './outlook'
import { fillHeightM, narrowestM } from '../../vessel/vessel'
import type { UnitSystem } from '../../units/system'
import { leastVolumeL, sizeOf, type Size } from './size'
import { standingL } from './stands'
import { HOT } from './constants'

/** The weakest first, unless the mix is praised: "good mix, too small to heat", "too small to heat, and a little brown". */
const besides = (mix: Judgement, weakest: string) =>
  mix.grade === 'good' ? `Good mix, ${weakest}` : `${capital(weakest)}, and ${mixInShort(mix)}`

/** The first month ahead that a heap begun in it would get warm in. */
function firstWarmMonth(planned: Planned, surroundings: Surroundings): string | undefined {
  for (let ahead = 1; ahead <= HOT.monthsAhead; ahead++) {
    const at = addMonths(startOfMonth(surroundings.now), ahead)
    if ((peakOf(planned, surroundings, { at }) ?? 0) >= HOT.warmC) return monthText(at)
  }
  return undefined
}

function bySeason(planned: Planned, mix: Judgement, peakC: number, surroundings: Surroundings): Verdict {
  const said = (celsius: number) => quantityText('temperature', surroundings.units, Math.round(celsius / 5) * 5)
  const insulatedC = peakOf(planned, surroundings, { wall: 'insulated' }) ?? 0
  const month = firstWarmMonth(planned, surroundings)
  const ways = [
    ...(insulatedC >= HOT.warmC ? [`pack it round with straw: then about ${said(insulatedC)}`] : []),
    ...(month ? [`begin it in ${month}`] : []),
    'build it as a slow one and do without the heat',
  ]
  return {
    grade: peakC >= HOT.warmC - 10 ? 'workable' : 'poor', weakest: 'season',
    text: `${besides(mix, 'wrong season')}: begun now it would only reach about ${said(peakC)}.`,
    advice: `${capital(ways.slice(0, 2).join(', or '))}.`,
  }
}

function bySize(planned: Proposal, size: Size, mix: Judgement, surroundings: Surroundings): Verdict {
  const { units } = surroundings
  const ways = size.kind === 'small' ? waysToBeBigger(planned, units) : []
  const advice = ways.length > 0 ? { advice: `${capital(ways.join(', or '))}.` } : {}
  const acrossM = Math.cbrt(standingL(planned.volumeL) / 1000)
  if (size.kind === 'small' && ways.length > 0 && acrossM >= HOT.nearlyM) {
    const heightM = fillHeightM(asVessel(planned.site), standingL(planned.volumeL))
    return {
      grade: 'workable', weakest: 'size',
      text: `Nearly a heap as it is (${mixInShort(mix)}), but spread over this place it stands only `
        + `${quantityText('length', units, heightM)} high.`,
      ...advice,
    }
  }
  return {
    grade: size.grade, weakest: 'size',
    text: size.kind === 'small' ? `${besides(mix, 'too small to heat')}. ${size.text}` : `${capital(mixInShort(mix))}. ${size.text}`,
    ...advice,
  }
}

/** The ingredient that makes up most of it. */
function mainstay(ingredients: readonly Ingredient[]): Ingredient | undefined {
  return [...ingredients].sort((a, b) => portionOf(b).looseVolumeL - portionOf(a).looseVolumeL)[0]
}

/** More of the same in its own container, or a narrower base that the same stuff stands high enough on. */
function waysToBeBigger({ site, volumeL, ingredients }: Proposal, units: UnitSystem): string[] {
  const vessel = asVessel(site)
  const missingL = leastVolumeL(vessel) - volumeL
  const main = mainstay(ingredients)
  const acrossM = Math.cbrt(standingL(volumeL) / 1000)
  const wide = acrossM >= HOT.nearlyM && acrossM < narrowestM(vessel) * 0.95
  const moreL = HOT.smallBaseM ** 3 / HOT.standsShare * 1000 - volumeL
  const more
    = main && moreL > 20
      ? ` with ${containerText((moreL / volumeL) * main.amount.count, main.amount.container)} more of ${main.material.short}`
      : ''
  return [
    ...(missingL > 20 && main
      ? [
          `fill it higher: about ${quantityText('volume', units, Math.round(missingL / 10) * 10)} more of the same, say `
          + `${containerText((missingL / volumeL) * main.amount.count, main.amount.container)} of ${main.material.short} with what `
          + 'goes with it',
        ]
      : []),
    ...(missingL > 20 && wide
      ? [`build it on a smaller base, ${quantityText('length', units, Math.max(acrossM, HOT.smallBaseM))} each way${more}`]
      : []),
  ]
}

/** What comes out of it as it went in, and is used again. */
function goesRoundAgain(ingredients: readonly Ingredient[]): string {
  const dryKg = ingredients.map((one) => {
    const { material, looseVolumeL } = portionOf(one)
    return looseVolumeL * material.bulkDensityKgM3.typical * (1 - material.moistureFraction.typical)
  })
  const whole = dryKg.reduce((sum, mass) => sum + mass, 0)
  const wood = ingredients.filter(
    ({ material, prepared }, index) =>
      material.family === 'wood'
      && material.structure === 3
      && material.part === 'mix'
      && !prepared
      && dryKg[index]! > HOT.muchWood * whole,
  )
  return wood.length > 0
    ? ` Sieve the ${wood.map(({ material }) => material.short).join(' and ')} out at the end: they go round again.`
    : ''
}

/**
 * Mix, size and season in one voice: the weakest is named, and nothing is promised that another of them takes back.
 * @param planned with something in it. @param judgement of its mix.
 */
export function verdictOf(planned: Proposal, judgement: Judgement, surroundings: Surroundings): Verdict {
  const size = sizeOf(asVessel(planned.site), planned.volumeL, surroundings.units)
  const again = goesRoundAgain(planned.ingredients)
  if (judgement.grade === 'poor')
    return { grade: 'poor', weakest: 'mix', text: `${verdictText(judgement)}${size.grade === 'poor' ? ' And too small to heat.' : ''}` }
  const peakC = peakOf(planned, surroundings) ?? 0
  if (size.grade === 'poor') {
    if (peakC < HOT.warmC) return bySize(planned, size, judgement, surroundings)
    const warm = quantityText('temperature', surroundings.units, Math.round(peakC / 5) * 5)
    const small = bySize(planned, size, judgement, surroundings)
    return {
      ...small,
      grade: 'workable',
      text: `${besides(judgement, peakC < HOT.hotC ? 'warm rather than hot' : 'hot for a few days only')}: small as it is, expect about `
        + `${warm}.`,
    }
  }
  const mildC = peakOf(planned, surroundings, { airC: HOT.mildC }) ?? 0
  // Where a mild day would not warm it either, the cold is not what is wrong.
  if (peakC < HOT.warmC && mildC >= HOT.warmC && mildC - peakC >= HOT.seasonK) return bySeason(planned, judgement, peakC, surroundings)
  const heat = quantityText('temperature', surroundings.units, Math.round(peakC / 5) * 5)
  const expected = peakC >= HOT.warmC ? `Expect about ${heat} within a week.` : `Expect it lukewarm, about ${heat}.`
  if (size.kind === 'over') return bySize(planned, size, judgement, surroundings)
  if (judgement.grade === 'workable') return { grade: 'workable', weakest: 'mix', text: `${verdictText(judgement)} ${expected}${again}` }
  const justBig = size.kind === 'smallish' && peakC >= HOT.hotC
  if (size.grade === 'workable' && !justBig) return bySize(planned, size, judgement, surroundings)
  return peakC >= HOT.hotC
    ? { grade: 'good', text: `Good mix, ${justBig ? 'just ' : ''}big enough. ${expected}${again}` }
    : { grade: 'workable', weakest: 'mix', text: `A good mix on paper, of slow stuff. ${expected}` }
}
