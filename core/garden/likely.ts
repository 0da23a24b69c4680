import type { BegunBatch } from '../journal/garden'
import { DAY_MS } from '../units/time'
import { padFace, type Pad, type Task } from '../methods/contract'

/** How a way of recording earns its place among the likely ones. */
const LIKELY = {
  /** What a task of today asks for comes before any habit, in records of today; choice. */
  asked: 100,
  /** And what one of the coming days asks for, each day further off a little less; choice. */
  askedSoon: 10,
  /** Days until a record of this batch counts for a third as much; choice, a month of a gardener's memory. */
  fadesDays: 30,
  /** A record of another batch done the same way counts for so much of one of its own; choice. */
  alike: 0.3,
  /** And only when it was made in the same season, days before or after this day of its year; choice. */
  seasonDays: 45,
} as const

const YEAR_DAYS = 365.25

/** When something was recorded of a batch with a pad, ms. */
function recordedWith(pad: Pad, { gauged, observations, did, puts, uses }: BegunBatch): readonly number[] {
  const made = (): readonly { readonly at: string }[] => {
    switch (pad.kind) {
      case 'gauge': return gauged[pad.quantity.id] ?? []
      case 'sense': return observations.filter(({ sense }) => sense === pad.sense.id)
      case 'deed': return did.filter(({ deed }) => deed === pad.deed.id)
      case 'put': {
        const { what, role } = pad.put
        return puts.filter(({ atStart, inputs }) =>
          !atStart && (what === 'water' ? inputs.length === 0 : inputs.some(input => input.role === role)))
      }
      case 'feed': return puts.filter(({ atStart, inputs }) => !atStart && inputs.some(({ role }) => role === 'feed'))
      case 'use': return uses
    }
  }
  return made().map(({ at }) => Date.parse(at))
}

/** Days between two days of the year, whichever way round is shorter; 0 to 183. */
function seasonsApart(daysAgo: number): number {
  const apart = Math.abs(daysAgo) % YEAR_DAYS
  return Math.min(apart, YEAR_DAYS - apart)
}

/**
 * The ways of recording that are likely today, the likeliest first: what is asked for, what is done to this batch by habit, and what was
 * done to those made the same way at this time of the year. Among equals the order of the method stands.
 * @param pads those that fit the batch.
 * @param alike other batches of the same method, standing or over.
 */
export function byLikelihood(
  pads: readonly Pad[], batch: BegunBatch, { tasks, alike, now }: {
    readonly tasks: readonly Task[]
    readonly alike: readonly BegunBatch[]
    readonly now: Date
  },
): readonly Pad[] {
  const daysAgo = (ms: number) => (now.getTime() - ms) / DAY_MS
  const habit = (pad: Pad) =>
    recordedWith(pad, batch).reduce((sum, ms) => sum + Math.exp(-Math.max(0, daysAgo(ms)) / LIKELY.fadesDays), 0)
  const season = (pad: Pad) =>
    LIKELY.alike * alike.reduce(
      (sum, other) =>
        sum + recordedWith(pad, other).filter(ms => seasonsApart(daysAgo(ms)) <= LIKELY.seasonDays).length, 0,
    ) / Math.max(1, alike.length)
  const asked = (pad: Pad) => {
    const { id } = padFace(pad)
    const due = tasks
      .filter(({ doing }) => (doing.kind === 'pad' && doing.pad === id) || (doing.kind === 'deed' && doing.deed === id))
      .map(task => daysAgo(task.due.getTime()))
    if (due.length === 0) return 0
    const soonest = Math.max(...due)
    return soonest >= 0 ? LIKELY.asked : LIKELY.askedSoon / (1 - soonest)
  }
  const weight = new Map(pads.map(pad => [pad, asked(pad) + habit(pad) + season(pad)]))
  return [...pads].sort((a, b) => (weight.get(b) ?? 0) - (weight.get(a) ?? 0))
}
