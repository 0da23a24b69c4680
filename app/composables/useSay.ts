import { isSameDay, isSameYear } from 'date-fns'
import { containerText, LITRE, type ContainerThen } from '#core/units/container'
import { shortDateText, shortDayText, timeText } from '#core/units/dates'
import { quantityText, sieveText, spanText } from '#core/units/format'
import type { Quantity } from '#core/units/system'

/** Numbers, amounts and dates as this gardener reads them. */
export function useSay() {
  const { units, now } = useGarden()
  const day = (at: string | Date) => {
    const date = new Date(at)
    return isSameYear(date, now.value) ? shortDayText(date) : shortDateText(date)
  }
  return {
    quantity: (quantity: Quantity, value: number, digits?: number) => quantityText(quantity, units.value, value, digits),
    span: (quantity: Quantity, low: number, high: number) => spanText(quantity, units.value, low, high),
    sieve: (meshMm: number) => sieveText(meshMm, units.value),
    /** Litres are no container of gallons. */
    amount: (count: number, container: Pick<ContainerThen, 'name' | 'plural'>) =>
      container.name === LITRE.name && units.value === 'us' ? quantityText('volume', 'us', count) : containerText(count, container),
    day,
    window: (from: Date, to: Date) => isSameDay(from, to) ? day(from) : `${day(from)} – ${day(to)}`,
    moment: (at: string | Date) => isSameDay(new Date(at), now.value) ? timeText(at) : `${day(at)}, ${timeText(at)}`,
  }
}
