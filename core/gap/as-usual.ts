import { addDays } from 'date-fns'
import { worthyIngredient } from '../bench/planned'
import type { GardenEvent, NewEvent } from '../journal/event'
import { hasBegun, type BegunBatch, type Input } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import { deedOf, type Method, type Surroundings, type Task } from '../methods/contract'
import { completed } from '../questions/question'
import { WEEK_DAYS } from '../units/time'
import type { Gap } from './gap'

/** A batch with all that was ever written down of it. */
export interface Told { readonly batch: BegunBatch, readonly method: Method, readonly events: readonly GardenEvent[] }

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
