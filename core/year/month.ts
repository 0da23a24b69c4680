import { addDays, endOfDay, startOfDay, startOfWeek } from 'date-fns'
import type { RoundTask } from '../garden/round'
import type { CollectingLine, CollectingList } from '../garden/collecting'
import { constants, of } from '../constants/constants'
import { padFace, type Life, type NamedWindow } from '../methods/contract'

/** How long things take, where nobody says. */
export const MINUTES = constants('Minutes of work', {
  look: of(3, 1, 5, 'min', 'to look, squeeze or read; own estimate'),
  put: of(10, 5, 20, 'min', 'to water or add something; own estimate'),
  feed: of(8, 5, 15, 'min', 'to feed and cover; own estimate'),
  deed: of(20, 5, 60, 'min', 'to do something with a fork; own estimate'),
  take: of(60, 30, 150, 'min', 'to take something out and sieve it; own estimate'),
  gather: of(15, 5, 60, 'min', 'to gather a container or a few; own estimate'),
  build: of(120, 60, 240, 'min', 'to build something in one go; own estimate'),
})

/** Something of the weeks ahead. */
export interface Ahead {
  readonly id: string
  readonly kind: 'task' | 'comes' | 'gather' | 'build'
  readonly batchId?: string
  readonly listId?: string
  readonly task?: RoundTask
  readonly title: string
  readonly of: string
  readonly place: string
  readonly from: Date
  readonly to: Date
  /** Nothing where it only comes about. */
  readonly minutes: number
}

/** Minutes of a task: by what is done about it. */
export function minutesOf({ doing, minutes }: Pick<RoundTask, 'doing' | 'minutes'>, life: Pick<Life, 'pads'>): number {
  if (minutes !== undefined) return minutes
  if (doing.kind === 'page') return doing.page === 'take' ? MINUTES.take : MINUTES.look
  if (doing.kind === 'deed') return MINUTES.deed
  if (doing.kind !== 'pad') return MINUTES.put
  switch (life.pads.find(pad => padFace(pad).id === doing.pad)?.kind) {
    case 'gauge': case 'sense': return MINUTES.look
    case 'put': return MINUTES.put
    case 'feed': return MINUTES.feed
    default: return MINUTES.deed
  }
}

/** What a batch asks for and what comes of it, up to a day. */
export function aheadOfBatch(
  batch: { readonly id: string, readonly name: string, readonly place: string }, life: Pick<Life, 'pads'>,
  tasks: readonly RoundTask[], windows: readonly NamedWindow[], now: Date, until: Date,
): Ahead[] {
  const of = { batchId: batch.id, of: batch.name, place: batch.place }
  return [
    ...tasks.filter(({ due }) => due <= until).map((task): Ahead => ({
      ...of, id: task.id, kind: 'task', task, title: task.title, from: task.due < now ? now : task.due,
      to: task.until < now ? now : task.until, minutes: minutesOf(task, life),
    })),
    ...windows.filter(({ from, to, beyond }) => !beyond && from > now && from <= until && to > now).map((window): Ahead => ({
      ...of, id: `${batch.id}.${window.id}`, kind: 'comes', title: window.label, from: window.from, to: window.to, minutes: 0,
    })),
  ]
}

/** What has to be gathered and built for a collecting list, up to a day. */
export function aheadOfList(
  { id, name, by }: Pick<CollectingList, 'id' | 'name' | 'by'>, lines: readonly CollectingLine[], now: Date, until: Date,
): Ahead[] {
  const built = new Date(`${by}T12:00:00`)
  const gather = lines.filter(({ missingCount, gatherFrom, gatherBy }) => missingCount > 0 && gatherFrom <= until
    && gatherBy >= startOfDay(now))
  return [
    ...gather.map(({ ingredient, gatherFrom, gatherBy }): Ahead => ({
      id: `${id}.${ingredient.material.id}`, kind: 'gather', listId: id, title: `Gather ${ingredient.material.short}`, of: name, place: '',
      from: gatherFrom < now ? now : gatherFrom, to: gatherBy, minutes: MINUTES.gather,
    })),
    ...(built <= until && endOfDay(built) >= now
      ? [{ id: `${id}.build`, kind: 'build' as const, listId: id, title: 'Build it', of: name, place: '', from: built, to: built,
          minutes: MINUTES.build }]
      : []),
  ]
}

/** What is to be done about one thing in a week. */
export interface AheadOf { readonly key: string, readonly all: readonly Ahead[], readonly minutes: number }

/** A week of the month ahead: what falls into it by its first day, thing by thing, the earliest first. */
export interface WeekAhead {
  readonly from: Date
  readonly to: Date
  readonly things: readonly AheadOf[]
  readonly minutes: number
}

const minutesIn = (all: readonly Ahead[]) => all.reduce((sum, { minutes }) => sum + minutes, 0)

function thingByThing(all: readonly Ahead[]): AheadOf[] {
  const things = new Map<string, Ahead[]>()
  for (const one of all) {
    const key = one.batchId ?? one.listId ?? one.id
    things.set(key, [...(things.get(key) ?? []), one])
  }
  return [...things].map(([key, its]) => ({ key, all: its, minutes: minutesIn(its) }))
}

/** Weeks from the one of today on. @param weekStartsOn 0 for Sunday. */
export function weeksAhead(all: readonly Ahead[], now: Date, weeks: number, weekStartsOn: 0 | 1 = 1): WeekAhead[] {
  const first = startOfWeek(now, { weekStartsOn })
  return Array.from({ length: weeks }, (_, index): WeekAhead => {
    const [from, next] = [addDays(first, 7 * index), addDays(first, 7 * (index + 1))]
    const its = all.filter(one => (one.from >= from || index === 0) && one.from < next).sort((a, b) => a.from.getTime() - b.from.getTime())
    return { from, to: addDays(next, -1), things: thingByThing(its), minutes: minutesIn(its) }
  })
}

/** "About 1½ hours", "about 20 minutes". */
export function minutesText(minutes: number): string {
  if (minutes < 50) return `about ${Math.max(5, Math.round(minutes / 5) * 5)} minutes`
  const halves = Math.round(minutes / 30)
  const whole = Math.floor(halves / 2)
  const text = `${whole === 0 ? '' : whole}${halves % 2 === 1 ? '½' : ''}`
  return `about ${text} ${halves <= 2 ? 'hour' : 'hours'}`
}
