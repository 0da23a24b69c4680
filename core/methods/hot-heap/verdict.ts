import { addMonths, startOfMonth } from 'date-fns'
import type { Judgement } from '../../mix/judgement'
import { mixInShort, verdictText } from '../../mix/words'
import { monthText } from '../../units/dates'
import { quantityText } from '../../units/format'
import { asVessel } from '../../vessel/site'
import type { Planned, Proposal, Surroundings, Verdict } from '../contract'
import { peakOf, HOT_C, WARM_C } from './outlook'
import { leastVolumeL, sizeOf, type Size } from './size'

/** Air of a mild day: what the season costs is measured against it. */
const MILD_C = 15
/** The season is to blame when a mild day would bring so much more, K. */
const SEASON_K = 8
const MONTHS_AHEAD = 9

const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`
/** The weakest first, unless the mix is praised: "good mix, too small to heat", "too small to heat, and a little brown". */
const besides = (mix: Judgement, weakest: string) => mix.grade === 'good' ? `Good mix, ${weakest}` : `${capital(weakest)}, and ${mixInShort(mix)}`

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
  const missingL = leastVolumeL(asVessel(planned.site)) - planned.volumeL
  const advice = size.kind === 'small' && missingL > 20 ? { advice: `Fill it higher: about ${quantityText('volume', units, Math.round(missingL / 10) * 10)} more of the same.` } : {}
  return { grade: size.grade, weakest: 'size', text: size.kind === 'small' ? `${besides(mix, 'too small to heat')}. ${size.text}` : `${capital(mixInShort(mix))}. ${size.text}`, ...advice }
}

/**
 * Mix, size and season in one voice: the weakest is named, and nothing is promised that another of them takes back.
 * @param planned with something in it. @param judgement of its mix.
 */
export function verdictOf(planned: Proposal, judgement: Judgement, surroundings: Surroundings): Verdict {
  const size = sizeOf(asVessel(planned.site), planned.volumeL, surroundings.units)
  if (judgement.grade === 'poor') return { grade: 'poor', weakest: 'mix', text: `${verdictText(judgement)}${size.grade === 'poor' ? ' And it is too small to heat.' : ''}` }
  if (size.grade === 'poor') return bySize(planned, size, judgement, surroundings)
  const peakC = peakOf(planned, surroundings) ?? 0
  const mildC = peakOf(planned, surroundings, { airC: MILD_C }) ?? 0
  // Where a mild day would not warm it either, the cold is not what is wrong.
  if (peakC < WARM_C && mildC >= WARM_C && mildC - peakC >= SEASON_K) return bySeason(planned, judgement, peakC, surroundings)
  const heat = quantityText('temperature', surroundings.units, Math.round(peakC / 5) * 5)
  const expected = peakC >= WARM_C ? `Expect about ${heat} within a week.` : `Expect it lukewarm, about ${heat}.`
  if (judgement.grade === 'workable') return { grade: 'workable', weakest: 'mix', text: `${verdictText(judgement)} ${expected}` }
  if (size.grade === 'workable') return bySize(planned, size, judgement, surroundings)
  return peakC >= HOT_C
    ? { grade: 'good', text: `Good mix, big enough. ${expected}` }
    : { grade: 'workable', weakest: 'mix', text: `A good mix on paper, of slow stuff. ${expected}` }
}
