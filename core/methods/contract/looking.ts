import type { BegunBatch, Did, Observation, Put } from '../../journal/garden'
import { DAY_MS, daysBetween } from '../../units/time'

/** What a look needs of a batch: what was found, and what was done about it since. */
export type LookedAt = Pick<BegunBatch, 'observations' | 'puts' | 'did'>

/** How long what was found with a sense speaks of today, and what answers it before that. */
export interface Speaking {
  /** Days; until it is answered or found otherwise where no number is given. */
  readonly days?: number
  answeredBy?(batch: LookedAt, found: Observation): boolean
}

/** What was found of a batch, asked of in one way by head, tasks, facts and causes alike. */
export interface Looking {
  /** What was found last with one of these senses, however long ago: when it is due to be looked at again. */
  last(batch: Pick<LookedAt, 'observations'>, ...senses: readonly string[]): Observation | undefined
  /** What was found last with a sense, while it speaks of today and nothing answered it. */
  now(batch: LookedAt, sense: string, now: Date): Observation | undefined
  /** All that speaks of today, in order: of each sense what was found in its last look, which may be several things in a day. */
  allNow(batch: LookedAt, now: Date): readonly Observation[]
}

/** Whether it was watered after that. */
export const wateredSince = ({ puts }: Pick<LookedAt, 'puts'>, { at }: Observation): boolean =>
  hasSince(puts, at, ({ waterL }) => waterL > 0)
/** Whether something was put in as this after that. */
export const putSince = ({ puts }: Pick<LookedAt, 'puts'>, { at }: Observation, role: string): boolean =>
  hasSince(puts, at, ({ inputs }) => inputs.some(one => one.role === role))
/** Whether anything, or one of these deeds, was done after that. */
export const doneSince = ({ did }: Pick<LookedAt, 'did'>, { at }: Observation, ...deeds: readonly string[]): boolean =>
  hasSince(did, at, ({ deed }) => deeds.length === 0 || deeds.includes(deed))

function hasSince<H extends Put | Did>(happened: readonly H[], at: string, which: (one: H) => boolean): boolean {
  return happened.some(one => one.at > at && which(one))
}

/** The last of what was found with one of these senses; with any where none is named. */
export function lastFound({ observations }: Pick<LookedAt, 'observations'>, ...senses: readonly string[]): Observation | undefined {
  return observations.findLast(({ sense }) => senses.length === 0 || senses.includes(sense))
}

/** All that was ever found with one of these senses; with any where none is named. What charts draw. */
export function everFound({ observations }: Pick<LookedAt, 'observations'>, ...senses: readonly string[]): readonly Observation[] {
  return senses.length === 0 ? observations : observations.filter(({ sense }) => senses.includes(sense))
}

/** The one place in which a method says how long its senses speak: no other sets a day of its own. Senses not named speak `days`. */
export function lookingBy(days: number, bySense: Readonly<Record<string, Speaking>> = {}): Looking {
  const speaks = (batch: LookedAt, found: Observation, now: Date) => {
    const by = Object.hasOwn(bySense, found.sense) ? bySense[found.sense]! : { days }
    return daysBetween(found.at, now) < (by.days ?? Infinity) && !by.answeredBy?.(batch, found)
  }
  return {
    last: lastFound,
    now: (batch, sense, now) => {
      const found = lastFound(batch, sense)
      return found && speaks(batch, found, now) ? found : undefined
    },
    allNow: (batch, now) => batch.observations.filter((found) => {
      const last = lastFound(batch, found.sense)!
      return Date.parse(last.at) - Date.parse(found.at) < DAY_MS && speaks(batch, found, now)
    }),
  }
}
