import { evenParts } from '../../journal/kinds/already'
import { firstSince, type BegunBatch, type Input, type Put, type Stood } from '../../journal/garden'
import { daysBetween } from '../../units/time'
import type { Method, Surroundings, Usually } from '../contract'
import { timesFor, withTimes } from './amount'
import { usuallyIn } from './usual'
import { DOUBT } from './constants'

/**
 * One that might be instead of the assumed one, and how many days later that began; earlier below 0. By its name it is the same one
 * however many others there are.
 */
export interface Instead { readonly name: string, readonly batch: BegunBatch, readonly laterDays: number }

/** A batch as if it had begun at another moment, in the same way. */
function begunAt(batch: BegunBatch, at: string, stood: Stood): BegunBatch {
  const eventId = batch.puts.find(({ already }) => already)?.eventId ?? ''
  const evenly = stood.evenly && stood.evenly.until > at
    ? evenParts(stood.evenly.inputs, Date.parse(at), Date.parse(stood.evenly.until)).map((part): Put => ({
        ...part, eventId, waterL: 0, atStart: false, already: true,
      }))
    : []
  const first = batch.puts.flatMap((put): Put[] => put.already && put.atStart ? [{ ...put, at }] : [])
  const since = batch.puts.filter(({ already }) => !already)
  return {
    ...batch, began: { ...batch.began, at },
    puts: [...first, ...[...evenly, ...since].sort((a, b) => a.at < b.at ? -1 : a.at > b.at ? 1 : 0)],
  }
}

/** A batch as if it had been filled with something else, as many litres of it. */
function filledWith(batch: BegunBatch, usual: Usually, surroundings: Surroundings): BegunBatch {
  const refilled = (inputs: readonly Input[]) => usuallyIn(usual, inputs, surroundings.materials)
  const { began } = batch
  const evenly = began.stood?.evenly
  return {
    ...batch,
    began: {
      ...began,
      ...(began.stood && evenly ? { stood: { ...began.stood, evenly: { ...evenly, inputs: refilled(evenly.inputs) } } } : {}),
    },
    puts: batch.puts.map(put => put.already ? { ...put, inputs: refilled(put.inputs) } : put),
  }
}

/**
 * All that one that stood already might be instead of what is assumed of it: begun earlier or later, filled with something else, and
 * settled less or more. None where it is known as if it had been recorded on its day.
 */
export function insteadOf(batch: BegunBatch, method: Method, surroundings: Surroundings): readonly Instead[] {
  const { at, approachId, stood } = batch.began
  if (!stood) return []
  const latest = [stood.to, firstSince(batch)?.at ?? stood.to].sort()[0]!
  const scaled = (one: BegunBatch) =>
    stood.heightM !== undefined && stood.of !== 'known'
      ? withTimes(one, timesFor(one, method, { at: stood.noted, heightM: stood.heightM }, surroundings, 1))
      : one
  const when = [['from', stood.from], ['to', latest]]
    .filter(([, one]) => Math.abs(daysBetween(at, one!)) > DOUBT.sureDays)
    .map(([name, one]) => ({ name: name!, batch: scaled(begunAt(batch, one!, stood)), laterDays: daysBetween(at, one!) }))
  const amounts = stood.of === 'known'
    ? []
    : [['less', DOUBT.less] as const, ['more', DOUBT.more] as const]
        .map(([name, times]) => ({ name, batch: withTimes(batch, times), laterDays: 0 }))
  const stuffs = stood.of === 'unknown'
    ? (method.plan.already?.(approachId).of ?? [])
        .filter(({ id }) => id !== stood.usually)
        .map(usual => ({ name: usual.id, batch: scaled(filledWith(batch, usual, surroundings)), laterDays: 0 }))
    : []
  return [...when, ...amounts, ...stuffs]
}
