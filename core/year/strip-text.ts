import { monthText, shortDayText } from '../units/dates'
import { quantityText } from '../units/format'
import type { UnitSystem } from '../units/system'
import { dateAlong, type Strip, type StripBar } from './strip'

/** "618 L, between 9 Jun and 3 Aug". */
export function barText(bar: StripBar, strip: Strip, units: UnitSystem): string {
  const on = (along: number) => shortDayText(dateAlong(strip, along))
  const { maybe, surely, litres } = bar
  const when = surely <= strip.today
    ? 'there now'
    : surely >= 1 ? `perhaps from ${on(maybe)}` : `between ${on(maybe)} and ${on(surely)}`
  return `${quantityText('volume', units, litres)}, ${when}`
}

/** What comes in month by month: "April 190 L, May 190 L". */
export function incomesText(strip: Strip, units: UnitSystem): string {
  return strip.months
    .flatMap(({ first }, index) => {
      const litres = strip.incomes[index]?.litres ?? 0
      return litres > 0 ? [`${monthText(first)} ${quantityText('volume', units, litres)}`] : []
    })
    .join(', ')
}
