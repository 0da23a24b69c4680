import type { Quantity, Sense } from '../methods/contract'
import { valueText } from '../methods/contract'
import { chanceAtLeast, wilson, type Count } from '../statistics/counts'
import { meanInterval, signChance } from '../statistics/student'
import { numberText } from '../units/format'
import { counted } from '../units/plural'
import { SHOWN_UNITS, type UnitSystem } from '../units/system'
import { DAY_MS } from '../units/time'
import { sharedBy, type KnownPair, type Side } from './asked'
import type { SideBySide } from './pair'

/** Values of both on about the same day. */
export interface Beside { readonly at: number, readonly mine: number, readonly theirs: number }

/** One quantity of a pair. */
export interface QuantityRow {
  readonly quantity: Quantity
  readonly beside: readonly Beside[]
  /** Mean of both, and of the difference day by day with its 80 % interval. */
  readonly mine: number
  readonly theirs: number
  readonly difference: number
  readonly low?: number
  readonly high?: number
}

/** One sense of a pair: how often something good was found. */
export interface SenseRow {
  readonly sense: Sense
  readonly mine: Count
  readonly theirs: Count
  /** The chance that the first is really the better one. */
  readonly chance: number
}

/** What was found of a pair. */
export interface PairRead { readonly pair: KnownPair, readonly quantities: readonly QuantityRow[], readonly senses: readonly SenseRow[] }

/** Found within so many days of each other counts as the same day. */
const SAME_DAY = 1.5 * DAY_MS

interface OnADay { readonly at: number, readonly value: number }

/** What was read on each day, the mean of it where a probe reads all day long: in order of the days. */
function byDay(readings: readonly { readonly at: string, readonly value: number }[]): OnADay[] {
  const days = new Map<number, { at: number, value: number, count: number }>()
  for (const { at, value } of readings) {
    const moment = Date.parse(at)
    const day = Math.floor(moment / DAY_MS)
    const known = days.get(day)
    if (!known) days.set(day, { at: moment, value, count: 1 })
    else {
      known.count++
      known.at += (moment - known.at) / known.count
      known.value += (value - known.value) / known.count
    }
  }
  return [...days.values()].sort((a, b) => a.at - b.at)
}

function besides({ id, spots }: Quantity, one: Side, other: Side): Beside[] {
  const spot = spots[0].id
  const [mine, theirs] = [one, other].map(({ batch }) => byDay((batch.gauged[id] ?? []).filter(gauge => gauge.spot === spot)))
  const away = (at: number, { at: there }: OnADay) => Math.abs(there - at)
  let near = 0
  // Both in order of their days: whoever is nearest never goes back.
  return mine!.flatMap(({ at, value }): Beside[] => {
    while (near + 1 < theirs!.length && away(at, theirs![near + 1]!) < away(at, theirs![near]!)) near++
    const their = theirs![near]
    return their && away(at, their) <= SAME_DAY ? [{ at, mine: value, theirs: their.value }] : []
  })
}

function quantityRow(quantity: Quantity, one: Side, other: Side): QuantityRow[] {
  const beside = besides(quantity, one, other)
  const difference = meanInterval(beside.map(({ mine, theirs }) => mine - theirs))
  if (!difference) return []
  const mean = (of: (one: Beside) => number) => beside.reduce((sum, each) => sum + of(each), 0) / beside.length
  return [{
    quantity, beside, mine: mean(({ mine }) => mine), theirs: mean(({ theirs }) => theirs), difference: difference.mean,
    ...(difference.low === undefined ? {} : { low: difference.low, high: difference.high! }),
  }]
}

function countOf({ batch, method }: Side, { id }: Sense): Count {
  const findings = method.life.pads.flatMap(pad => pad.kind === 'sense' && pad.sense.id === id ? pad.sense.findings : [])
  const seen = batch.observations.filter(({ sense }) => sense === id)
  return { hits: seen.filter(({ finding }) => findings.find(one => one.id === finding)?.sign === 'good').length, of: seen.length }
}

function senseRow(sense: Sense, one: Side, other: Side): SenseRow[] {
  const [mine, theirs] = [countOf(one, sense), countOf(other, sense)]
  return mine.of === 0 || theirs.of === 0 ? [] : [{ sense, mine, theirs, chance: chanceAtLeast(mine, theirs, 1) }]
}

/** What was found of a pair, held against each other. */
export function readPair(pair: KnownPair): PairRead {
  const shared = sharedBy(pair)
  return {
    pair, quantities: shared.quantities.flatMap(one => quantityRow(one, pair.with, pair.without)),
    senses: shared.senses.flatMap(one => senseRow(one, pair.with, pair.without)),
  }
}

/**
 * How far two batches of one kind lie apart by themselves: a share of what is read, degrees for warmth (own estimate, from how
 * far heaps of one mix differ).
 */
const BY_ITSELF = { share: 0.12, kelvin: 5 } as const
/** With fewer pairs, all the same way, chance alone does it too often: one in 32. */
export const LEAST_PAIRS = 6
/** Seen four times in five, and by chance once in twenty (normal approximation: 1.96 + 0.84). */
const POWER = 2.8

/** Pairs that would show a difference of this size, if it is real, against how far batches differ by themselves. */
export function pairsNeeded(difference: number, spread: number): number {
  if (!(Math.abs(difference) > 1e-9)) return Infinity
  return Math.max(LEAST_PAIRS, Math.ceil(POWER * POWER * 2 * (spread / difference) ** 2))
}

function spreadOf({ quantity, mine, theirs }: QuantityRow): number {
  return quantity.unit === 'temperature' ? BY_ITSELF.kelvin : BY_ITSELF.share * (Math.abs(mine) + Math.abs(theirs)) / 2
}

/** A difference with its sign and unit: a difference of temperatures has no zero to be shifted by. */
function apartText(quantity: Quantity, value: number, units: UnitSystem): string {
  if (quantity.unit !== 'temperature') return valueText(quantity, Math.abs(value), units)
  const { perCoreUnit, symbol } = SHOWN_UNITS.temperatureStep[units]
  return `${numberText(Math.abs(value) * perCoreUnit, 1)} ${symbol}`
}

const MANY_PAIRS = 60
const needs = (pairs: number) => Number.isFinite(pairs) && pairs <= MANY_PAIRS ? `about ${pairs} pairs` : `more than ${MANY_PAIRS} pairs`

/** A quantity of one pair in a sentence. */
export function quantityWords(row: QuantityRow, { with: one, without: other }: KnownPair, units: UnitSystem): string {
  const { quantity, beside, mine, theirs, difference, low, high } = row
  const even = low !== undefined && high !== undefined && low <= 0 && high >= 0
  const times = counted(beside.length, 'day', 'days')
  const both = `${one.batch.name} ${valueText(quantity, mine, units)}, ${other.batch.name} ${valueText(quantity, theirs, units)} on the `
    + `mean of ${times}`
  if (low === undefined || high === undefined) return `${quantity.label}: ${both}. One day says nothing of a difference.`
  const span = [Math.abs(low), Math.abs(high)].sort((a, b) => a - b) as [number, number]
  return even
    ? `${quantity.label}: ${both}. No difference that stands out from day to day.`
    : `${quantity.label}: ${both}; ${difference > 0 ? one.batch.name : other.batch.name} by ${apartText(quantity, span[0], units)} to `
      + `${apartText(quantity, span[1], units)} more, as far as these days tell.`
}

/** With fewer looks than this at either, a count says nothing. */
const LEAST_LOOKS = 3

/** A sense of one pair in a sentence, with intervals. */
export function senseWords({ sense, mine, theirs, chance }: SenseRow, { with: one, without: other }: KnownPair): string {
  const share = (count: Count) => {
    const { low, high } = wilson(count)
    return `${count.hits} of ${count.of} times good (${Math.round(100 * low)}–${Math.round(100 * high)} %)`
  }
  const better = chance >= 0.5 ? one.batch.name : other.batch.name
  const few = Math.min(mine.of, theirs.of) < LEAST_LOOKS
  return `${sense.label}: ${one.batch.name} ${share(mine)}, ${other.batch.name} ${share(theirs)}. `
    + (few
      ? 'Too few looks to tell.'
      : Math.max(chance, 1 - chance) < 0.8
        ? 'That may well be chance.'
        : `${better} was the better of these two, `
          + `${Math.round(100 * Math.max(chance, 1 - chance))} to ${Math.round(100 * Math.min(chance, 1 - chance))}.`)
}

/** Of one pair: what it can and cannot show. */
function onePair({ pair, quantities, senses }: PairRead, { difference }: SideBySide): string[] {
  if (quantities.length === 0 && senses.length === 0)
    return ['Nothing to hold against each other yet: look at both on the same day, a few times.']
  const needed = quantities.map(row => pairsNeeded(row.difference, spreadOf(row))).filter(Number.isFinite)
  const least = needed.length > 0 ? Math.min(...needed) : LEAST_PAIRS
  return [
    `What differs between ${pair.with.batch.name} and ${pair.without.batch.name} may be due to “${difference}”, or to anything else `
    + 'about these two: one pair cannot show it.',
    `Two batches of one kind differ by about a tenth by themselves. ${needs(least).replace(/^./, letter => letter.toUpperCase())} could `
    + `show a difference as large as the largest here; fewer than ${LEAST_PAIRS} can never, even when all point the same way.`,
  ]
}

/** Of several pairs: how many point the same way, and how often chance alone does that. */
function severalPairs(reads: readonly PairRead[], units: UnitSystem): string[] {
  const ids = [...new Set(reads.flatMap(({ quantities }) => quantities.map(({ quantity }) => quantity.id)))]
  const lines = ids.flatMap((id): string[] => {
    const rows = reads.flatMap(({ quantities }) => quantities.filter(({ quantity }) => quantity.id === id))
    const more = rows.filter(({ difference }) => difference > 0).length
    const mean = meanInterval(rows.map(({ difference }) => difference))
    if (rows.length < 2 || !mean || mean.low === undefined || mean.high === undefined) return []
    const [quantity, chance] = [rows[0]!.quantity, signChance(more, rows.length)]
    const way = more * 2 >= rows.length ? 'more' : 'less'
    const count = Math.max(more, rows.length - more)
    const needed = pairsNeeded(mean.mean, mean.spread ?? 0)
    const crosses = mean.low <= 0 && mean.high >= 0
    const size = crosses
      ? 'the mean difference may as well be none'
      : `by ${apartText(quantity, mean.mean, units)} on the mean (${[Math.abs(mean.low), Math.abs(mean.high)]
        .sort((a, b) => a - b)
        .map(value => apartText(quantity, value, units))
        .join(' to ')})`
    return [
      `${quantity.label}: ${way} in ${count} of ${rows.length} pairs, ${size}. By chance alone that happens ${Math.round(100 * chance)} `
      + 'times in a '
      + 'hundred'
      + (chance <= 0.05
        ? ': it shows a difference.'
        : `: it shows nothing yet; ${needs(Math.max(needed, rows.length + 1))} could.`),
    ]
  })
  return lines.length > 0 ? lines : ['Nothing to hold against each other yet in two pairs or more.']
}

/** The honest verdict of a trial. */
export function verdictLines(trial: SideBySide, reads: readonly PairRead[], units: UnitSystem): string[] {
  const [only] = reads
  if (!only) return ['Its batches are not here any more.']
  return reads.length === 1 ? onePair(only, trial) : severalPairs(reads, units)
}
