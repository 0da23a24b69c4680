import { capital } from '../../units/plural'
import { addMonths, startOfMonth } from 'date-fns'
import type { Judgement } from '../../mix/judgement'
import { mixInShort, verdictText } from '../../mix/words'
import { monthText } from '../../units/dates'
import { quantityText, spanText } from '../../units/format'
import { portionOf, type Ingredient } from '../../mix/portion'
import { containerText } from '../../units/container'
import { asVessel } from '../../vessel/site'
import type { Planned, Proposal, Surroundings, Verdict } from '../contract'
import { comesOf } from '../heated/comes'
import { fuelIllIn, type FuelIll } from './fuel'
import { heatSpanOf, peakOf, type HeatSpan, type Otherwise } from './outlook'
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
  const nowC = peakOf(planned, surroundings) ?? 0
  for (let ahead = 1; ahead <= HOT.monthsAhead; ahead++) {
    const at = addMonths(startOfMonth(surroundings.now), ahead)
    if ((peakOf(planned, surroundings, { at }) ?? 0) >= Math.max(HOT.warmC, nowC + HOT.seasonK)) return monthText(at)
  }
  return undefined
}

/** So many in ten, as it is said. */
const inTen = (chance: number) => {
  const tenths = Math.round(10 * chance)
  return tenths <= 0 ? 'hardly one in ten' : tenths >= 10 ? 'nearly all' : `about ${tenths} in ten`
}

/** How hot it gets, as a span where it is one: from what is left behind by nine in ten to what one in ten passes. */
function spanSaid({ lowC, highC }: HeatSpan, units: UnitSystem): string {
  const round = (celsius: number) => Math.round(celsius / 5) * 5
  return round(lowC) === round(highC)
    ? `about ${quantityText('temperature', units, round(lowC))}`
    : spanText('temperature', units, round(lowC), round(highC))
}

interface Way { readonly said: string, readonly otherwise: Otherwise }
const helps = ({ waterL, answers }: Planned): readonly Way[] => [
  ...(comesOf(answers) === 'frozen' ? [{ said: 'let it thaw under cover first', otherwise: { comes: 'outside' } } satisfies Way] : []),
  ...(comesOf(answers) === 'outside'
    ? [{ said: 'manure and grass as fresh as they come', otherwise: { comes: 'fresh' } } satisfies Way]
    : []),
  { said: 'half as much again, all at once', otherwise: { times: HOT.span.bigger } },
  { said: 'a jacket of straw all round', otherwise: { wall: 'straw-bales' } },
  ...(waterL > HOT.leastWarmWaterL ? [{ said: 'hand-warm water', otherwise: { waterC: HOT.span.warmWaterC } }] : []),
]

/** What would help it to heat now: the two that help most, with how many would heat then. */
function waysToHeat(planned: Planned, chance: number, surroundings: Surroundings): string[] {
  return helps(planned)
    .map(({ said, otherwise }) => ({ said, chance: heatSpanOf(planned, surroundings, otherwise)?.chance ?? 0 }))
    .filter(way => way.chance >= chance + HOT.span.helps)
    .sort((one, other) => other.chance - one.chance).slice(0, 2)
    .map(way => `${way.said}: then ${inTen(way.chance)} heat`)
}

function bySeason(planned: Planned, mix: Judgement, span: HeatSpan, surroundings: Surroundings): Verdict {
  const month = firstWarmMonth(planned, surroundings)
  const ways = [
    ...waysToHeat(planned, span.chance, surroundings), ...(month ? [`begin it in ${month}`] : []),
    'build it as a slow one and do without the heat',
  ]
  const likely = span.chance >= HOT.span.hardly
  return {
    grade: likely || span.middleC >= HOT.warmC - 10 ? 'workable' : 'poor', weakest: 'season',
    text: `${besides(mix, 'wrong season')}: begun now ${inTen(span.chance)} such heaps would heat; expect `
      + `${spanSaid(span, surroundings.units)}.`,
    advice: `${capital(ways.slice(0, 3).join('; or '))}.`,
  }
}

/** Beside a mix that is wrong: mended, it would still be the wrong time. */
const IN_FROST = 'And in this cold even a good mix hardly starts: gather for spring, or build it as a slow one.'

/** Where so little goes that no place makes a hot heap of it. */
const LITTLE = 'feed it to a slow heap as it comes, or to worms'

function bySize(planned: Proposal, size: Size, mix: Judgement, surroundings: Surroundings): Verdict {
  const { units } = surroundings
  const little = size.kind === 'small' && planned.volumeL < HOT.littleL
  const ways = little ? [LITTLE] : size.kind === 'small' ? waysToBeBigger(planned, units) : []
  const advice = ways.length > 0 ? { advice: `${capital(ways.join(', or '))}.` } : {}
  const acrossM = Math.cbrt(standingL(planned.volumeL) / 1000)
  if (size.kind === 'small' && !little && ways.length > 0 && acrossM >= HOT.nearlyM) {
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
  const ofMix = verdictText(judgement, planned.ingredients)
  if (judgement.grade === 'poor')
    return {
      grade: 'poor', weakest: 'mix',
      text: `${ofMix}${size.grade === 'poor' ? ' And too small to heat.' : ''}`
        + (surroundings.weather.ambientC(surroundings.now) < HOT.frostC ? ` ${IN_FROST}` : ''),
    }
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
  const mildC = peakOf(planned, surroundings, { airC: HOT.mildC, comes: 'fresh' }) ?? 0
  // Where a mild day would not warm it either, the cold is not what is wrong.
  if (mildC >= HOT.warmC && mildC - peakC >= HOT.seasonK) {
    const now = heatSpanOf(planned, surroundings)
    if (now && now.chance < HOT.span.surely) return bySeason(planned, judgement, now, surroundings)
  }
  const span = heatSpanOf(planned, surroundings)
  if (!span) return bySize(planned, size, judgement, surroundings)
  const expected = span.chance >= HOT.span.surely
    ? `Expect ${spanSaid(span, surroundings.units)} within ${span.soon ? 'a week' : 'two weeks'}.`
    : `${capital(inTen(span.chance))} such heaps heat; expect ${spanSaid(span, surroundings.units)}.`
  if (size.kind === 'over') return bySize(planned, size, judgement, surroundings)
  if (judgement.grade === 'workable') return { grade: 'workable', weakest: 'mix', text: `${ofMix} ${expected}${again}` }
  // Where it heats all the same, it is not slow: chips lie beside what heats.
  const ill = fuelIllIn(planned.ingredients, planned.waterL)
  const fuel = ill === 'slow' && span.middleC >= HOT.hotC ? undefined : ill
  if (fuel) {
    const text = `${FUEL_SAID[fuel]} ${expected}${again}`
    return { grade: 'workable', weakest: 'mix', text, advice: fuelAdvice(fuel, surroundings.units) }
  }
  const justBig = size.kind === 'smallish' && peakC >= HOT.hotC
  if (size.grade === 'workable' && !justBig) return bySize(planned, size, judgement, surroundings)
  return peakC >= HOT.hotC && span.chance >= HOT.span.surely
    ? { grade: 'good', text: `Good mix, ${justBig ? 'just ' : ''}big enough. ${expected}${again}` }
    : { grade: 'workable', weakest: 'mix', text: `Good mix, but it may stay lukewarm. ${expected}${again}` }
}

/** What is said of a mix that is right on paper, by what of it heats. */
const FUEL_SAID: Readonly<Record<FuelIll, string>> = {
  slow: 'A good mix on paper, of slow stuff.',
  light: 'Good mix, but light: it is hot for a few days only.',
  rich: 'Good mix, but rich: it gets very hot and sinks fast.',
}

/** What a gardener does about it. */
function fuelAdvice(ill: FuelIll, units: UnitSystem): string {
  return {
    slow: 'Grass, scraps or fresh manure for some of it; or build it as a slow one.',
    light: 'Chop the loose stuff, and tread it a little as you build.',
    rich: `Mix in leaves, straw or chips; turn it as soon as it passes ${quantityText('temperature', units, HOT.richTurnC)}.`,
  }[ill]
}
