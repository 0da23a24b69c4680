import { addMilliseconds } from 'date-fns'

/**
 * A day in spring and one late in autumn, north of the equator: where a season matters, a test says which of them it is about,
 * and lives there.
 */
export const SPRING = '2027-04-20'
export const AUTUMN = '2026-11-27'

/** The day on which all tests live that say no other, whatever the machine's clock says: `WASTRUM_DAY=2027-07-15` moves them. */
export const TODAY = process.env.WASTRUM_DAY ?? SPRING

/** They begin in the middle of a morning: an evening and a night lie ahead. */
const BEGINS = 'T10:00:00'

/**
 * Milliseconds from a moment of the machine to the morning of a day: where the machine stands, or with a `zone` of `Z` where
 * clocks tell universal time.
 */
export function shiftTo(day: string, realMs: number, zone: '' | 'Z' = ''): number {
  const begins = Date.parse(`${day}${BEGINS}${zone}`)
  if (Number.isNaN(begins)) throw new Error(`no day: ${day}`)
  return addMilliseconds(begins, -realMs).getTime()
}

/**
 * A clock that is so much ahead of the machine's, or behind it: it goes on as that one does. It is handed into pages as it
 * stands, so it names nothing from outside.
 */
export function moveClock(shiftMs: number): void {
  const RealDate = Date
  const later = () => {
    try {
      return typeof sessionStorage === 'undefined' ? 0 : Number(sessionStorage.getItem('clock-shift') ?? 0)
    }
    catch {
      // A browser that blocks site data: no days go by in it.
      return 0
    }
  }
  const now = () => RealDate.now() + shiftMs + later()
  globalThis.Date = new Proxy(RealDate, {
    construct: (target, values, made) =>
      values.length === 0 ? Reflect.construct(target, [now()], made) : Reflect.construct(target, values, made),
    get: (target, key) => key === 'now' ? now : Reflect.get(target, key),
  })
}
