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
import { peakOf, HOT_C, WARM_C } from './outlook'
import { fillHeightM, narrowestM } from '../../vessel/vessel'
import type { UnitSystem } from '../../units/system'
import { leastVolumeL, sizeOf, type Size } from './size'
import { standingL, STANDS_SHARE } from './stands'

/** Air of a mild day: what the season costs is measured against it. */
const MILD_C = 15
/** The season is to blame when a mild day would bring so much more, K. */
const SEASON_K = 8
const MONTHS_AHEAD = 9

/** The weakest first, unless the mix is praised: "good mix, too small to heat", "too small to heat, and a little brown". */
const besides = (mix: Judgement, weakest: string) =>
  mix.grade === 'good' ? `Good mix, ${weakest}` : `${capital(weakest)}, and ${mixInShort(mix)}`

/** The first month ahead that a heap begun in it would get warm in. */
function firstWarmMonth(planned: Planned, surroundings: Surroundings): string | undefined {
  for (let ahead = 1; ahead <= MONTHS_AHEAD; ahead++) {
    const at = addMonths(startOfMonth(surroundings.now), ahead)
    if ((peakOf(planned, surroundings, { at }) ?? 0) >= WARM_C) return monthText(at)
  }
  return undefined
}

function bySeason(planned: Planned, mix: Judgement, peakC: number, surroundings: Surroundings): Verdict {
  const said = (celsius: number) => quantityText('temperature', surroundings.units, Math.round(celsius / 5) * 5)
  const insulatedC = peakOf(planned, surroundings, { wall: 'insulated' }) ?? 0
  const month = firstWarmMonth(planned, surroundings)
  const ways = [
    ...(insulatedC >= WARM_C ? [`pack it round with straw: then about ${said(insulatedC)}`] : []),
    ...(month ? [`begin it in ${month}`] : []),
    'build it as a slow one and do without the heat',
  ]
  return {
    grade: peakC >= WARM_C - 10 ? 'workable' : 'poor', weakest: 'season',
    text: `${besides(mix, 'wrong season')}: begun now it would only reach about ${said(peakC)}.`,
    advice: `${capital(ways.slice(0, 2).join(', or '))}.`,
  }
}

function bySize(planned: Proposal, size: Size, mix: Judgement, surroundings: Surroundings): Verdict {
  const { units } = surroundings
  const ways = size.kind === 'small' ? waysToBeBigger(planned, units) : []
  const advice = ways.length > 0 ? { advice: `${capital(ways.join(', or '))}.` } : {}
  const acrossM = Math.cbrt(standingL(planned.volumeL) / 1000)
  if (size.kind === 'small' && ways.length > 0 && acrossM >= NEARLY_M) {
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

/** As a cube of so much it is nearly a heap; on a base of the other it warms for days. */
const NEARLY_M = 0.6
const SMALL_BASE_M = 0.7

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
  const wide = acrossM >= NEARLY_M && acrossM < narrowestM(vessel) * 0.95
  const moreL = SMALL_BASE_M ** 3 / STANDS_SHARE * 1000 - volumeL
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
      ? [`build it on a smaller base, ${quantityText('length', units, Math.max(acrossM, SMALL_BASE_M))} each way${more}`]
      : []),
  ]
}

/** Wood in pieces that the heat hardly reaches: so much of the dry stuff is worth a word. */
const MUCH_WOOD = 0.25

/** What comes out of it as it went in, and is used again. */
function goesRoundAgain(ingredients: readonly Ingredient[]): string {
  const dryKg = ingredients.map((one) => {
    const { material, looseVolumeL } = portionOf(one)
    return looseVolumeL * material.bulkDensityKgM3.typical * (1 - material.moistureFraction.typical)
  })
  const whole = dryKg.reduce((sum, mass) => sum + mass, 0)
  const wood = ingredients.filter(
    ({ material, prepared }, index) =>
      material.family === 'wood' && material.structure === 3 && material.part === 'mix' && !prepared && dryKg[index]! > MUCH_WOOD * whole,
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
    if (peakC < WARM_C) return bySize(planned, size, judgement, surroundings)
    const warm = quantityText('temperature', surroundings.units, Math.round(peakC / 5) * 5)
    const small = bySize(planned, size, judgement, surroundings)
    return {
      ...small,
      grade: 'workable',
      text: `${besides(judgement, peakC < HOT_C ? 'warm rather than hot' : 'hot for a few days only')}: small as it is, expect about `
        + `${warm}.`,
    }
  }
  const mildC = peakOf(planned, surroundings, { airC: MILD_C }) ?? 0
  // Where a mild day would not warm it either, the cold is not what is wrong.
  if (peakC < WARM_C && mildC >= WARM_C && mildC - peakC >= SEASON_K) return bySeason(planned, judgement, peakC, surroundings)
  const heat = quantityText('temperature', surroundings.units, Math.round(peakC / 5) * 5)
  const expected = peakC >= WARM_C ? `Expect about ${heat} within a week.` : `Expect it lukewarm, about ${heat}.`
  if (size.kind === 'over') return bySize(planned, size, judgement, surroundings)
  if (judgement.grade === 'workable') return { grade: 'workable', weakest: 'mix', text: `${verdictText(judgement)} ${expected}${again}` }
  const justBig = size.kind === 'smallish' && peakC >= HOT_C
  if (size.grade === 'workable' && !justBig) return bySize(planned, size, judgement, surroundings)
  return peakC >= HOT_C
    ? { grade: 'good', text: `Good mix, ${justBig ? 'just ' : ''}big enough. ${expected}${again}` }
    : { grade: 'workable', weakest: 'mix', text: `A good mix on paper, of slow stuff. ${expected}` }
}
