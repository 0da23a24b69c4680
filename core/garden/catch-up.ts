import { addDays } from 'date-fns'
import type { GardenEvent, NewEvent } from '../journal/event'
import { hasBegun, type BegunBatch, type Input } from '../journal/garden'
import { foldGarden, type Journal } from '../journal/journal'
import { deedOf, type Method, type Surroundings, type Task } from '../methods/contract'
import { worthyIngredient } from '../bench/planned'
import { completed } from '../questions/question'
import { daysBetween, WEEK_DAYS } from '../units/time'
import { inRoundOrder, putOffName, type RoundTask } from './round'

/** So long nothing was written down that nobody remembers each day of it: a holiday, a winter. A choice. */
const GAP_DAYS = 14
/** So many are asked for on one day after it; the others follow on the days after. A choice. */
const A_DAY = 4
/** A word for it in the log. */
const AFTER_A_GAP = 'after the gap'

/** A stretch in which nothing was written down. */
export interface Gap { readonly since: Date, readonly days: number }

/** The gap before now, while batches stand that were there before it; nothing where something was written down lately. */
export function gapBefore({ events, undone }: Pick<Journal, 'events' | 'undone'>, standing: readonly BegunBatch[], now: Date): Gap | undefined {
  let last = ''
  // What Wastrum writes by itself is nothing that a gardener did, nor is what was taken back.
  for (const { id, kind, recordedAt } of events.values())
    if (kind !== 'foretold' && kind !== 'undone' && !undone.has(id) && recordedAt > last) last = recordedAt
  if (last === '') return undefined
  const since = new Date(last)
  const days = daysBetween(since, now)
  return days >= GAP_DAYS && standing.some(({ began }) => new Date(began.at) <= since) ? { since, days: Math.floor(days) } : undefined
}

/** A batch with all that was ever written down of it. */
export interface Told { readonly batch: BegunBatch, readonly method: Method, readonly events: readonly GardenEvent[] }

/** What is looked at first after a gap: what only a hand, a nose or a thermometer knows; one thing a batch. */
export function lookFirst(tasks: readonly RoundTask[], methodOf: (batchId: string) => Method | undefined): RoundTask[] {
  const isLook = ({ batchId, doing }: Task) => {
    const pad = doing.kind === 'pad' && methodOf(batchId)?.life.pads.find(one =>
      one.kind === 'sense' ? one.sense.id === doing.pad : one.kind === 'gauge' && one.quantity.id === doing.pad)
    return Boolean(pad)
  }
  const ordered = inRoundOrder(tasks)
  return [...new Set(ordered.map(({ batchId }) => batchId))].map(id =>
    ordered.find(one => one.batchId === id && one.urgency === 'now')
    ?? ordered.find(one => one.batchId === id && isLook(one))
    ?? ordered.find(one => one.batchId === id)!)
}

/** What fell due in a gap is spread over the days to come, what is looked at first left out: four a day. */
export function spreadOut(tasks: readonly RoundTask[], first: readonly RoundTask[], now: Date): NewEvent[] {
  return inRoundOrder(tasks.filter(task => !first.includes(task) && task.urgency !== 'now')).map((task, index): NewEvent => ({
    kind: 'put-off', at: now.toISOString(), batchId: task.batchId, task: putOffName(task),
    until: addDays(now, 1 + Math.floor(index / A_DAY)).toISOString(), why: AFTER_A_GAP,
  }))
}

/** What was done of it before, again, where it was asked for: nobody can have looked without finding anything. */
function usualOf({ batch, method }: Told, task: Task, around: Surroundings): NewEvent | undefined {
  const at = around.now.toISOString()
  const { doing } = task
  if (doing.kind === 'deed') {
    const deed = deedOf(method.life, doing.deed)
    const before = batch.did.some(one => one.deed === doing.deed)
    return deed && before && deed.gate === undefined
      ? { kind: 'did', at, batchId: batch.id, deed: deed.id, answers: { ...completed(deed.asks, {}) } }
      : undefined
  }
  if (doing.kind !== 'pad') return undefined
  for (const pad of method.life.pads) {
    if (pad.kind === 'put' && pad.put.id === doing.pad && pad.put.what === 'water') {
      const litres = batch.puts.findLast(({ inputs, waterL, atStart }) => !atStart && inputs.length === 0 && waterL > 0)?.waterL
      return litres === undefined ? undefined : { kind: 'put', at, batchId: batch.id, inputs: [], waterL: litres }
    }
    if (pad.kind === 'feed' && pad.feed.id === doing.pad && batch.puts.some(({ atStart, inputs }) => !atStart && inputs.length > 0)) {
      const fed = pad.feed.usual(batch, around)
      const cover = pad.feed.coverFor(batch, around, fed).ingredient
      const input = (role: Input['role']) => (one: typeof fed[number]) => ({ role, ...worthyIngredient(one), draws: [] })
      const inputs = [...fed.map(input('feed')), ...(cover ? [input('cover')(cover)] : [])]
      return inputs.length > 0 ? { kind: 'put', at, batchId: batch.id, waterL: 0, inputs } : undefined
    }
  }
  return undefined
}

/**
 * A gap as if all had gone its usual way: week by week what was asked for is written down as it was done before, feeds, cans of water
 * and turns; never what somebody would have found.
 */
export function* asUsual(told: Told, gap: Gap, surroundings: Surroundings): Generator<number, NewEvent[]> {
  const events: NewEvent[] = []
  let { batch } = told
  const weeks = Math.floor(gap.days / WEEK_DAYS)
  for (let week = 1; week <= weeks; week++) {
    const around: Surroundings = { ...surroundings, now: addDays(gap.since, week * WEEK_DAYS), forecastOf: undefined }
    const done = told.method.life
      .tasks(batch, around)
      .filter(({ due }) => due <= around.now)
      .flatMap(task => usualOf({ ...told, batch }, task, around) ?? [])
    if (done.length > 0) {
      events.push(...done)
      const written = events.map((event, index) => ({ ...event, id: `usual.${index}`, by: 'usual', recordedAt: event.at }) as GardenEvent)
      const folded = foldGarden([...told.events, ...written]).batches.get(batch.id)
      if (folded && hasBegun(folded)) batch = folded
    }
    yield week / weeks
  }
  return events
}
