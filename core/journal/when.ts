import { fail, ok, type Outcome } from '../outcome/outcome'
import { dateText } from '../units/dates'
import { HOUR_MS } from '../units/time'

/** When something happened, as it is said. */
export type Said = 'now' | 'this-morning' | 'yesterday' | 'another-day'

/** Why something cannot have happened then. */
export type MomentTrouble = 'before-it-began' | 'in-the-future' | 'no-moment'

const MORNING_HOUR = 8
const MIDDAY_HOUR = 12

function atHour(day: Date, hour: number): Date {
  return new Date(day.getFullYear(), day.getMonth(), day.getDate(), hour)
}

/** The moment that is meant, in the reader's own time zone. @param other the moment that was picked, where it was another day. */
export function momentOf(said: Said, now: Date, other: string): Date {
  if (said === 'this-morning') return atHour(now, MORNING_HOUR)
  if (said === 'yesterday') return atHour(new Date(now.getTime() - 24 * HOUR_MS), MIDDAY_HOUR)
  return said === 'now' ? now : new Date(other)
}

/** What can be said at this hour: before eight there is no morning to speak of. */
export function sayable(now: Date): Said[] {
  return ['now', ...(now.getHours() > MORNING_HOUR ? ['this-morning' as const] : []), 'yesterday', 'another-day']
}

/** A moment that can have been: not before the batch began and not in the future. Nothing is set right in silence. */
export function possibleMoment(at: Date, beganAt: string, now: Date): Outcome<string, MomentTrouble> {
  if (Number.isNaN(at.getTime())) return fail('no-moment')
  if (at > now) return fail('in-the-future')
  return at.getTime() < Date.parse(beganAt) ? fail('before-it-began') : ok(at.toISOString())
}

/** What is wrong with a moment that something is set right to, in words; nothing where it can have been. */
export function momentTrouble(
  at: string, { from, to }: { readonly from: string | undefined, readonly to: string | undefined }, now: Date,
): string {
  if (new Date(at) > now) return 'That is still to come. When was it?'
  if (from !== undefined && at < from) return `That was before it was begun, on ${dateText(from)}. When was it?`
  return to !== undefined && at > to ? `Something was recorded of it before that, on ${dateText(to)}. When was it begun?` : ''
}
