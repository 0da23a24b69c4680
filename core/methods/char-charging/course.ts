import { dayCounts } from '../../warmth/day-counts'
import type { Range } from '../../units/range'
import { onwards, type Looks } from '../course'
import { ENOUGH } from '../../materials/char-state'
import type { ChargeWay } from './ways'
import { CHARGE } from './constants'

/** 1 − e^(−t/τ) is four fifths at t = τ·ln 5. */
const LN5 = Math.log(1 / (1 - ENOUGH))

/** What is uncertain of charging. */
export interface ChargeTraits {
  /** Times the usual days. */
  readonly slower: number
  readonly warmerK: number
  /** Times what warmth does. */
  readonly q10: number
}

/** What charging is asked: how, how large, how warm, from when and until when. Plain data. */
export interface ChargeCase {
  readonly way: Pick<ChargeWay, 'days80' | 'sizePower' | 'q10'>
  /** Times that pieces take longer than fine ones in a soak. */
  readonly sizeTimes: number
  /** Warmth of its place by six hours from the start, °C. */
  readonly placeC: readonly number[]
  /** Day on which the char met the water; nothing while the water stands. */
  readonly filledDay: number | undefined
  /** Day on which it was drained: from there on nothing more goes in. */
  readonly drainedDay: number | undefined
  /** Raw char that came in later: the day, and the share of all of it that was there before. */
  readonly joined?: readonly { readonly day: number, readonly before: number }[]
}

/** Days until so much is charged at the usual warmth: four fifths for fine pieces after `days80`, larger ones longer. */
export function usualDays({ days80, sizePower }: Pick<ChargeWay, 'days80' | 'sizePower'>, sizeTimes: number): Range {
  const times = sizeTimes ** sizePower
  return { low: days80.low * times, typical: days80.typical * times, high: days80.high * times }
}

/** What a day counts for at a warmth, against the usual one; nothing under frost. */
export function soakDayCounts(celsius: number, q10: number): number {
  return q10 === 1 ? 1 : dayCounts(celsius, { fromC: CHARGE.freezesC, atC: CHARGE.usualC, q10 })
}

/** How far it is charged, 0 to 1, at each of the days: 1 − e^(−t/τ) over the days that count. */
export function chargedAt(
  { way, sizeTimes, placeC, filledDay, drainedDay, joined = [] }: ChargeCase, { slower, warmerK, q10 }: ChargeTraits, days: Float64Array,
  looks: Pick<Looks<'charged'>, 'seen' | 'take'> = { seen: [], take: (_, charged) => charged },
): Float32Array {
  if (filledDay === undefined) return new Float32Array(days.length)
  const tau = usualDays(way, sizeTimes).typical * slower / LN5
  const warmth = 1 + (way.q10 - 1) * q10
  const at = (day: number) =>
    soakDayCounts(
      (placeC[Math.min(placeC.length - 1, Math.max(0, Math.floor(day * 4)))] ?? CHARGE.usualC) + warmerK, way.q10 === 1 ? 1 : warmth,
    )
  let [counted, here] = [0, filledDay]
  const until = (day: number) => {
    const last = Math.min(day, drainedDay ?? Infinity)
    while (here < last) {
      const step = Math.min(0.25, last - here)
      counted += step * at(here)
      here += step
    }
    return counted / tau
  }
  // Nobody sees the last hundredth.
  return onwards(
    days, until, looks, { of: far => 1 - Math.exp(-far), back: charged => -Math.log(1 - Math.min(0.99, charged)) },
    joined.map(({ day, before }) => ({ day: Math.max(day, filledDay), to: charged => charged * before })),
  )
}

/** The day on which so much is charged, between the times that are known; the last where it is not. */
export function dayCharged(days: Float64Array, charged: Float32Array, wanted: number): number {
  const at = charged.findIndex(one => one >= wanted)
  if (at <= 0) return at === 0 ? days[0]! : days.at(-1) ?? 0
  const [before, here] = [charged[at - 1]!, charged[at]!]
  return days[at - 1]! + (days[at]! - days[at - 1]!) * (wanted - before) / (here - before)
}
