import { addDays, format } from 'date-fns'
import type { StandingBatch } from '../../journal/garden'
import type { MaterialBook } from '../../materials/book'
import type { ReadyWindow, Surroundings } from '../method'
import { hotHeapApproach, type DaySpan } from './approaches'
import { batchMeasures, vigourOf } from './course'
import { phaseNow, type PhaseNow } from './standing'

/** A weak mix takes longer: up to this many times as long. */
const SLOWEST = 2.2
/** A heap that did not heat rots cold. */
const STALLED = 2

const stretched = ([earliest, latest]: DaySpan, by: number): DaySpan => [earliest * by, latest * by]

function slowness(batch: StandingBatch, materials: MaterialBook): number {
  const measures = batchMeasures(batch, materials)
  // Small pieces are used up sooner, though curing takes its time: half of the gain shows in the stages.
  return measures ? Math.min(SLOWEST, 1 / (0.35 + 0.65 * vigourOf(measures).overall)) / Math.sqrt(measures.pace) : 1
}

/** Days still to go in each stage from where the heap stands. */
function stillToGo(now: PhaseNow, batch: StandingBatch, materials: MaterialBook): { readonly span: DaySpan, readonly from: Date, readonly reason: string } {
  const { hotDays, coolingDays, curingDays, name } = hotHeapApproach(batch.built.approachId)
  const builtAt = new Date(batch.built.at)
  const slow = slowness(batch, materials)
  const hot = stretched(hotDays, slow)
  const cooling = stretched(coolingDays, slow)
  if (now.phase === 'curing' && now.coolSince)
    return { span: curingDays, from: new Date(now.coolSince), reason: `Cool since ${format(new Date(now.coolSince), 'd MMMM')}; it cures for ${Math.round(curingDays[0] / 7)} to ${Math.round(curingDays[1] / 7)} weeks from there.` }
  const all: DaySpan = [hot[0] + cooling[0] + curingDays[0], hot[1] + cooling[1] + curingDays[1]]
  if (now.phase === 'stalled')
    return { span: stretched(all, STALLED), from: builtAt, reason: 'It has not heated: left so, it rots cold and takes about twice as long.' }
  const reason = slow > 1.15
    ? `${name}: ${Math.round(hot[0])} to ${Math.round(hot[1])} hot days with this mix, which is slower than a good one, then cooling and curing.`
    : `${name}: ${Math.round(hot[0])} to ${Math.round(hot[1])} hot days, then cooling and ${Math.round(curingDays[0] / 7)} to ${Math.round(curingDays[1] / 7)} weeks of curing.`
  return { span: all, from: builtAt, reason }
}

/** Days that are still needed at the very least from today, by phase. */
function leastFromNow(now: PhaseNow, batch: StandingBatch): { readonly days: number, readonly reason?: string } {
  const { coolingDays, curingDays } = hotHeapApproach(batch.built.approachId)
  if (now.phase === 'hot' || now.phase === 'too-hot') return { days: coolingDays[0] + curingDays[0], reason: 'It is still hot: cooling and curing come after.' }
  if (now.phase === 'cooling') return { days: curingDays[0], reason: 'It is still cooling: curing comes after.' }
  return { days: 0 }
}

/**
 * The window in which a heap is ready for beds: fixed stages of the approach, stretched by the vigour of the mix and
 * moved by the readings. A first estimate; its ends are the early and the late usual case, not a promise.
 */
export function readyWindow(batch: StandingBatch, surroundings: Surroundings): ReadyWindow {
  const now = phaseNow(batch, surroundings)
  const { span, from, reason } = stillToGo(now, batch, surroundings.materials)
  const least = leastFromNow(now, batch)
  const earliest = addDays(surroundings.now, least.days)
  const planned = addDays(from, Math.round(span[0]))
  const late = addDays(from, Math.round(span[1]))
  const pushed = planned < earliest
  const start = pushed ? earliest : planned
  const width = Math.max(7, (span[1] - span[0]) / 2)
  const end = late < addDays(start, width) ? addDays(start, Math.round(width)) : late
  return { from: start, to: end, reasons: pushed && least.reason ? [reason, least.reason] : [reason] }
}
