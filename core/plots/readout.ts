import type { Comparison, SideFound } from '../journal/garden'
import { fisherChance, type Count } from '../statistics/counts'
import { sumOf } from '../statistics/sums'
import { meanInterval, signChance } from '../statistics/student'
import { numberText, quantityText } from '../units/format'
import { counted } from '../units/plural'
import type { UnitSystem } from '../units/system'
import { MEASURES, PLOTS, type MeasureId, type MeasureKind } from './constants'
import type { PlotPair, PlotTrial } from './trial'

/** What a pair came to in one measure: a value of each side, or a count of each. */
export interface PairResult {
  readonly pair: PlotPair
  readonly days: number
  readonly mine?: number
  readonly theirs?: number
  readonly counts?: { readonly mine: Count, readonly theirs: Count }
}

/** One measure of a trial read out. */
export interface MeasureRead {
  readonly measure: MeasureId
  readonly results: readonly PairResult[]
  /** One sentence: what differs, by how much, how sure that is, and how many more it takes. */
  readonly said: string
}

/** What each is called, what it asks, and what more of it means. */
export const MEASURE_WORDS: Readonly<Record<MeasureId, {
  readonly label: string
  readonly asks: string
  readonly of?: string
  readonly more: string
  readonly less: string
}>> = {
  sprouted: { label: 'seeds come up', asks: 'Came up', of: 'of so many sown', more: 'more came up', less: 'fewer came up' },
  height: { label: 'height', asks: 'Height of the plants, on the mean', more: 'taller', less: 'lower' },
  picked: { label: 'weight picked', asks: 'Picked today', more: 'more was picked', less: 'less was picked' },
  count: { label: 'a count', asks: 'Counted today', more: 'more of them', less: 'fewer of them' },
  bites: { label: 'leaves bitten', asks: 'Leaves bitten', of: 'of so many looked at', more: 'more were bitten', less: 'fewer were bitten' },
  look: { label: 'a look', asks: 'Which looks better', more: 'it looked better', less: 'it looked worse' },
}

export const kindOf = (measure: MeasureId): MeasureKind => MEASURES.find(({ id }) => id === measure)!.kind

/** A value of a measure as it is said. */
export function measureText(measure: MeasureId, value: number, units: UnitSystem): string {
  if (measure === 'height') return quantityText('length', units, value, 1)
  if (measure === 'picked') return quantityText('mass', units, value, 2)
  return numberText(value, 1)
}

const countOf = (found: readonly SideFound[]): Count =>
  ({ hits: sumOf(found.map(one => one.hits ?? 0)), of: sumOf(found.map(one => one.of ?? 0)) })

/** What a pair came to: of seeds that come up the last count, of bites all of them, of heights the mean, of what is picked the sum. */
function resultOf(pair: PlotPair, measure: MeasureId, found: readonly Comparison[]): PairResult | undefined {
  const last = found.at(-1)
  if (!last) return undefined
  const kind = kindOf(measure)
  const days = found.length
  if (kind === 'share') {
    const counting = measure === 'sprouted' ? [last] : found
    const counts = { mine: countOf(counting.map(one => one.with)), theirs: countOf(counting.map(one => one.without)) }
    return counts.mine.of > 0 && counts.theirs.of > 0 ? { pair, days, counts } : undefined
  }
  const values = (side: 'with' | 'without') => found.map(one => one[side].value ?? 0)
  const part = kind === 'mean' ? found.length : 1
  return { pair, days, mine: sumOf(values('with')) / part, theirs: sumOf(values('without')) / part }
}

const percent = (chance: number) => chance < 0.01 ? 'less than once' : counted(Math.round(100 * chance), 'time', 'times')
/** More often than so by chance there is nothing to be said of it. */
const LIKELY = 0.5
const sure = (chance: number, more: string) => chance > LIKELY
  ? `That may well be chance; ${more}.`
  : `By chance alone that happens ${percent(chance)} in a hundred: `
    + (chance <= PLOTS.sure ? 'it shows a difference.' : `it shows nothing yet; ${more}.`)

/** Pairs that it takes to show a difference of this size, seen four times in five (normal approximation: 1.96 + 0.84). */
export function plotPairsNeeded(difference: number, spread: number): number {
  return Math.abs(difference) > 1e-9 ? Math.max(PLOTS.leastPairs, Math.ceil(2.8 ** 2 * (spread / difference) ** 2)) : Infinity
}
/** Seeds or leaves of each side that it takes to show two shares apart, by the same approximation. */
export function countNeeded(one: Count, other: Count): number {
  const [p, q] = [one.hits / one.of, other.hits / other.of]
  return p === q ? Infinity : Math.max(8, Math.ceil(2.8 ** 2 * (p * (1 - p) + q * (1 - q) + 0.02) / (p - q) ** 2))
}
const MANY = 200
const soMany = (count: number, what: string) => count <= MANY ? `about ${count} ${what} could` : `it takes more than ${MANY} ${what}`

function saidOfShares(measure: MeasureId, results: readonly PairResult[], { difference }: PlotTrial): string {
  const all = (side: 'mine' | 'theirs'): Count =>
    ({ hits: sumOf(results.map(one => one.counts![side].hits)), of: sumOf(results.map(one => one.counts![side].of)) })
  const [mine, theirs] = [all('mine'), all('theirs')]
  const words = MEASURE_WORDS[measure]
  const even = mine.hits * theirs.of === theirs.hits * mine.of
  const counts = `${mine.hits} of ${mine.of} against ${theirs.hits} of ${theirs.of}`
  if (even) return `No difference: ${counts}.`
  const way = mine.hits / mine.of > theirs.hits / theirs.of ? words.more : words.less
  return `With ${difference} ${way}: ${counts}. ${sure(fisherChance(mine, theirs), soMany(countNeeded(mine, theirs), 'on each side'))}`
}

function saidOfLooks(results: readonly PairResult[], { difference }: PlotTrial): string {
  const better = results.filter(({ mine, theirs }) => mine! > theirs!).length
  const worse = results.filter(({ mine, theirs }) => mine! < theirs!).length
  const judged = better + worse
  if (judged === 0) return 'No difference to be seen so far.'
  const words = MEASURE_WORDS.look
  return `With ${difference} ${better * 2 >= judged ? words.more : words.less} in ${Math.max(better, worse)} of `
    + `${counted(results.length, 'pair', 'pairs')}. `
    + sure(signChance(better, judged), soMany(Math.max(PLOTS.leastPairs, judged + 1), 'pairs'))
}

function saidOfValues(measure: MeasureId, results: readonly PairResult[], { difference }: PlotTrial, units: UnitSystem): string {
  const differences = results.map(({ mine, theirs }) => mine! - theirs!)
  const words = MEASURE_WORDS[measure]
  const text = (value: number) => measureText(measure, Math.abs(value), units)
  const mean = meanInterval(differences)!
  if (Math.abs(mean.mean) < 1e-9) return 'No difference so far.'
  const way = mean.mean > 0 ? words.more : words.less
  if (results.length === 1) {
    const [only] = results
    const byItself = PLOTS.byItself * (only!.mine! + only!.theirs!) / 2
    return `With ${difference} ${way} by ${text(mean.mean)}: ${text(only!.mine!)} against ${text(only!.theirs!)}. One pair cannot show `
      + `it: any two beds differ about so by themselves; ${soMany(plotPairsNeeded(mean.mean, byItself * Math.SQRT2), 'pairs')}.`
  }
  const same = differences.filter(one => one * mean.mean > 0).length
  const unequal = differences.filter(one => Math.abs(one) > 1e-9)
  const ends = [Math.abs(mean.low!), Math.abs(mean.high!)].sort((a, b) => a - b)
  const size = mean.low! <= 0 && mean.high! >= 0
    ? 'and the mean may as well be none'
    : `by ${text(ends[0]!)} to ${text(ends[1]!)} on the mean`
  return `With ${difference} ${way} in ${same} of ${results.length} pairs, ${size}. `
    + sure(signChance(same, unequal.length), soMany(Math.max(plotPairsNeeded(mean.mean, mean.spread ?? 0), results.length + 1), 'pairs'))
}

/** Every measure of a trial read out, each in one sentence with how sure it is. */
export function readPlots(trial: PlotTrial, comparisons: readonly Comparison[], units: UnitSystem): readonly MeasureRead[] {
  return trial.measures.map((measure): MeasureRead => {
    const results = trial.pairs.flatMap(pair =>
      resultOf(pair, measure,
        comparisons.filter(one => one.trialId === trial.id && one.pairId === pair.id && one.measure === measure)) ?? [])
    const kind = kindOf(measure)
    const said = results.length === 0
      ? 'Nothing was compared so far.'
      : kind === 'share'
        ? saidOfShares(measure, results, trial)
        : kind === 'look' ? saidOfLooks(results, trial) : saidOfValues(measure, results, trial, units)
    return { measure, results, said }
  })
}
