import * as v from 'valibot'

/**
 * Where a writing stands among all others: the latest moment that any device had shown by then, in milliseconds since
 * 1970, and a count of what was written at that moment. It never runs backwards, whatever a clock does: it follows the
 * clock while that is ahead, and counts on while it is not (a hybrid logical clock).
 */
export type Turn = readonly [ms: number, count: number]

/** The last moment that can be written with four digits of the year. */
export const LAST_MOMENT_MS = 253_402_300_799_999
const MOST_AT_ONCE = 1_000_000_000

export const turnSchema = v.pipe(
  v.tuple([
    v.pipe(
      v.number('is not a number'), v.integer('is not a whole number'), v.minValue(0, 'is before 1970'),
      v.maxValue(LAST_MOMENT_MS, 'is after the year 9999'),
    ),
    v.pipe(
      v.number('is not a number'), v.integer('is not a whole number'), v.minValue(0, 'is below 0'),
      v.maxValue(MOST_AT_ONCE, 'is more than can be'),
    ),
  ]),
  v.readonly(),
)

/** Before everything that was ever written. */
export const FIRST_TURN: Turn = [0, 0]

export function compareTurns(a: Turn, b: Turn): number {
  return a[0] - b[0] || a[1] - b[1]
}

/** The turn of something written at a moment (as text): its own, or what the clock said. */
export function turnAt(moment: string, turn: Turn | undefined): Turn {
  return turn ?? [Date.parse(moment), 0]
}

export function laterTurn(a: Turn, b: Turn): Turn {
  return compareTurns(a, b) >= 0 ? a : b
}

/** The turn after the last one that is known, by a clock that shows `nowMs`. At the end of all time it stays where it is. */
export function nextTurn(last: Turn, nowMs: number): Turn {
  const now = Math.min(nowMs, LAST_MOMENT_MS)
  if (now > last[0]) return [now, 0]
  if (last[1] < MOST_AT_ONCE) return [last[0], last[1] + 1]
  return last[0] < LAST_MOMENT_MS ? [last[0] + 1, 0] : last
}

/** A clock's moment as it is written; one that cannot be written is taken to the nearest that can. */
export function clockMoment(nowMs: number): string {
  return new Date(Math.min(Math.max(Number.isFinite(nowMs) ? nowMs : 0, 0), LAST_MOMENT_MS)).toISOString()
}

/** What to write down beside a moment: the turn, unless the moment says it already. */
export function turnBeside(moment: string, turn: Turn): { readonly turn?: Turn } {
  return turn[1] === 0 && turn[0] === Date.parse(moment) ? {} : { turn }
}
