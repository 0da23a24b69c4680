import { addDays } from 'date-fns'
import type { CalendarEntry } from '../formats/calendar'
import type { StandingBatch } from '../journal/garden'
import type { Method, Surroundings } from '../methods/method'
import { askedOf } from './round'

/** Everything of the standing batches that belongs into a calendar: what they ask for, and when they are expected to be ready. */
export function agendaOf(standing: readonly { readonly batch: StandingBatch, readonly method: Method }[], surroundings: Surroundings): CalendarEntry[] {
  return standing.flatMap(({ batch, method }) => {
    const { from, to, reasons } = method.readyWindow(batch, surroundings)
    const asked = askedOf(batch, method, surroundings).filter(({ action }) => action !== 'finish').map((task): CalendarEntry => {
      const start = task.due < surroundings.now ? surroundings.now : task.due
      return { id: task.id, title: `${task.title}: ${batch.name}`, text: task.reason, place: batch.place, from: start, to: task.until < start ? start : task.until < addDays(start, 2) ? task.until : addDays(start, 2) }
    })
    return [...asked, { id: `${batch.id}.ready`, title: `${batch.name} may be ready`, text: reasons.join(' '), place: batch.place, from, to }]
  })
}
