import { addDays } from 'date-fns'
import type { CalendarEntry } from '../formats/calendar'
import type { BegunBatch } from '../journal/garden'
import type { Method, Surroundings } from '../methods/contract'
import { askedOf } from './round'

/** Everything of the standing batches that belongs into a calendar: what they ask for, and when they are expected to be ready. */
export function agendaOf(
  standing: readonly { readonly batch: BegunBatch, readonly method: Method }[], surroundings: Surroundings,
): CalendarEntry[] {
  return standing.flatMap(({ batch, method }) => {
    const asked = askedOf(batch, method, surroundings)
      .filter(({ doing }) => doing.kind !== 'page' || doing.page !== 'take')
      .map((task): CalendarEntry => {
        const start = task.due < surroundings.now ? surroundings.now : task.due
        return {
          id: task.id, title: `${task.title}: ${batch.name}`, text: task.reason, place: batch.place, from: start,
          to: task.until < start ? start : task.until < addDays(start, 2) ? task.until : addDays(start, 2),
        }
      })
    // What nobody has looked as far as has no day to be written down.
    const windows = method.life
      .windows(batch, surroundings)
      .filter(({ beyond }) => !beyond)
      .map(({ id, announced, from, to, reasons }): CalendarEntry => ({
        id: `${batch.id}.${id}`, title: `${batch.name} ${announced}`, text: reasons.join(' '), place: batch.place, from, to,
      }))
    return [...asked, ...windows]
  })
}
