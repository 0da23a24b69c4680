import { addDays } from 'date-fns'
import type { CollectingList } from '../garden/collecting'
import type { CalendarEntry } from '../formats/calendar'
import type { StartAnswer } from './asked'
import { noonOf, type Need } from './need'

/** What of the year belongs into a calendar: days of building, last days on which a start is safe yet, what is wanted when. */
export function yearEntries(
  lists: readonly Pick<CollectingList, 'id' | 'name' | 'by'>[], starts: readonly StartAnswer[], needs: readonly Need[], now: Date,
): CalendarEntry[] {
  return [
    ...lists.map(({ id, name, by }): CalendarEntry =>
      ({ id, title: `Build: ${name}`, text: 'Everything for it should be there.', place: '', from: noonOf(by), to: noonOf(by) })),
    ...starts.map(({ candidateId, lastSafeDay, plan, times }): CalendarEntry => {
      const last = addDays(now, lastSafeDay)
      return {
        id: candidateId, place: plan.newPlace ? '' : plan.placeName, from: last, to: last,
        title: `Last safe day to begin: ${times > 1 ? `${times} × ` : ''}${plan.methodName}`,
        text: 'Later it may not be there when it is wanted.',
      }
    }),
    ...needs.map(({ id, name, from, to }): CalendarEntry =>
      ({ id, title: `Wanted: ${name}`, text: '', place: '', from: noonOf(from), to: noonOf(to) })),
  ]
}
