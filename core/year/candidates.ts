import type { Purpose } from '../methods/contract'
import { YEAR } from './constants'
import { between, type Candidate } from './propose'
import { dayAfter, placeName, thinkThrough, waysFor, workHours, type Chances, type Thought, type Way } from './starts'

/** A way that can be tried on any day: thought through every few weeks, and between them in between. */
export interface TriedWay extends Candidate {
  readonly way: Way
  /** The start as it would be laid on the bench on a day. */
  thoughtOn(day: number): Thought | undefined
}

function triedWay(way: Way, lastDay: number, chances: Chances): TriedWay {
  const { now } = chances.surroundings
  const firstDay = Math.max(1, Math.ceil(way.place?.freeFromDay ?? 0))
  const thoughts = new Map<number, Thought | undefined>()
  const thoughtOn = (day: number) => {
    if (!thoughts.has(day)) thoughts.set(day, thinkThrough(way, dayAfter(now, day), chances))
    return thoughts.get(day)
  }
  const costs = (thought: Thought) => ({
    hours: workHours(way.method, thought.stages), scarceShare: thought.scarceShare,
    ...(thought.many === undefined ? {} : { many: thought.many }),
  })
  return {
    id: way.id, way, firstDay, lastDay, thoughtOn, most: way.place ? 1 : YEAR.beside,
    name: `${way.method.face.name}, ${placeName(way)}`,
    ...(way.place ? { placeId: way.place.name } : {}),
    on: (day) => {
      const since = day - firstDay
      const [before, share] = [firstDay + Math.floor(since / YEAR.gridDays) * YEAR.gridDays, since % YEAR.gridDays / YEAR.gridDays]
      const [first, second] = [thoughtOn(before), share > 0 ? thoughtOn(before + YEAR.gridDays) : undefined]
      if (first && share === 0) return { stages: first.stages, ...costs(first) }
      if (first && second) return { stages: between(first.stages, second.stages, share), ...costs(first) }
      // At the edge of its season each day is thought through by itself.
      const own = thoughtOn(day)
      return own && { stages: own.stages, ...costs(own) }
    },
  }
}

/** All that could be begun for these purposes until a day. */
export function candidatesFor(purposes: ReadonlySet<Purpose>, lastDay: number, chances: Chances): TriedWay[] {
  return waysFor(purposes, chances).map(way => triedWay(way, Math.min(lastDay, YEAR.horizonDays), chances))
}
