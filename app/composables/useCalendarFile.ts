import { format } from 'date-fns'
import type { CalendarEntry } from '#core/formats/calendar'
import { agendaOf } from '#core/garden/agenda'

/** What the garden asks for as a calendar file. The library for it is fetched when it is wanted. */
export function useCalendarFile() {
  const { standing, surroundings, settings, now } = useGarden()
  /** What is not in the file, since no day is known for it. */
  const leftOut = ref<readonly string[]>([])
  /** @param more entries beside what the batches ask for. */
  async function save(more: readonly CalendarEntry[] = []): Promise<void> {
    const { calendarText } = await import('#core/formats/calendar')
    const file = calendarText(settings.value.gardenName || 'Wastrum', [...agendaOf(standing.value, surroundings.value), ...more],
      new Date())
    leftOut.value = file.leftOut
    download(file.text, 'text/calendar', `wastrum-${format(now.value, 'yyyy-MM-dd')}.ics`)
  }
  return { save, leftOut }
}
