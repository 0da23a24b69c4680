import { addHours, set } from 'date-fns'
import type { BegunBatch, Did } from '../../journal/garden'
import { HOUR_MS } from '../../units/time'
import { endingAt, type Ending } from './endings'
import { glowed } from './evenings'
import { wayOf } from './ways'
import { EVENING, MORNING } from './words'
import { MAKE } from './constants'

/** How far a fire that was stopped is on its way to being cold: by looks, the clock and nothing else. */
export interface Cooling {
  readonly stoppedAt: Date | undefined
  /** The first of the cold looks that stand, and the one by which it counts as cold. */
  readonly firstColdAt: Date | undefined
  readonly coldAt: Date | undefined
  /** The last look found it hot, and it was not stopped again since. */
  readonly hotAgain: boolean
  /** When the next look is due, and which of the two it is. */
  readonly next: { readonly deed: typeof EVENING | typeof MORNING, readonly due: Date } | undefined
}

const latest = (...moments: readonly (Date | undefined)[]) => new Date(Math.max(...moments.flatMap(one => one ? [one.getTime()] : [])))

/** The first morning that comes at least so many hours after a moment. */
function morningAfter(at: Date, hours: number): Date {
  const eight = set(at, { hours: 8, minutes: 0, seconds: 0, milliseconds: 0 })
  return eight > addHours(at, hours) ? eight : addHours(eight, 24)
}

/** How a fire goes out: cold at two looks twelve hours apart, and not before its ending allows it. */
export function coolingOf({ did }: Pick<BegunBatch, 'did'>, ending: Ending): Cooling {
  const stops = did.filter(one => one.deed === ending.stop.step || glowed(one))
  const stopped = stops.at(-1)
  const looks = did.filter(({ deed }) => deed === EVENING || deed === MORNING)
  const last = looks.at(-1)
  const isCold = ({ answers }: Did) => answers.found === 'cold'
  const isOpen = (look: Did) => !isCold(look) && (!stopped || stopped.at <= look.at) && !(ending.warmWaits && look.answers.found === 'warm')
  const stoppedAt = stopped && new Date(stopped.at)
  if (!stoppedAt)
    return { stoppedAt, firstColdAt: undefined, coldAt: undefined, hotAgain: last !== undefined && isOpen(last), next: undefined }
  const since = looks
    .slice(looks.findLastIndex(look => !isCold(look)) + 1)
    .filter(({ at }) => at >= stopped.at)
    .map(({ at }) => new Date(at))
  const firstColdAt = since[0]
  const earliest = firstColdAt && latest(addHours(firstColdAt, MAKE.apartHours), addHours(stoppedAt, ending.coldAfterHours))
  const coldAt = earliest && since.find(at => at.getTime() >= earliest.getTime() - HOUR_MS / 60)
  const warmAt = last && !isCold(last) && last.at >= stopped.at ? new Date(last.at) : undefined
  const next = coldAt
    ? undefined
    : earliest
      ? { deed: MORNING, due: latest(earliest, morningAfter(stoppedAt, 6)) } as const
      : { deed: EVENING, due: warmAt ? addHours(warmAt, MAKE.apartHours) : addHours(stoppedAt, ending.firstLookHours) } as const
  return { stoppedAt, firstColdAt, coldAt, hotAgain: last !== undefined && isOpen(last), next }
}

/** The ending of a batch that burns; nothing for what was bought. */
export function endingOf({ began }: Pick<BegunBatch, 'began'>): Ending | undefined {
  const { endings } = wayOf(began.approachId)
  return endings && endingAt(began.site, endings)
}

/** Whether a batch may be opened, crushed and stored: nothing burnt, or cold at both looks. */
export function isColdNow(batch: BegunBatch): boolean {
  const ending = endingOf(batch)
  return ending === undefined || coolingOf(batch, ending).coldAt !== undefined
}
