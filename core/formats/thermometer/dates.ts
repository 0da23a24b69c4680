/** How day, month and year stand in a date of numbers. */
export const DATE_ORDERS = ['ymd', 'dmy', 'mdy'] as const
export type DateOrder = typeof DATE_ORDERS[number]

interface Parts { readonly first: number, readonly second: number, readonly third: number, readonly rest: string }

function parts(text: string): Parts | undefined {
  const match = /^\s*(\d{1,4})[-./](\d{1,2})[-./](\d{1,4})\.?[T,\s]*(.*)$/.exec(text)
  return match ? { first: Number(match[1]), second: Number(match[2]), third: Number(match[3]), rest: match[4] ?? '' } : undefined
}

interface Clock { readonly hours: number, readonly minutes: number, readonly seconds: number, readonly offsetMinutes?: number }

/** "14:05", "2:05:30 pm", "14:05:30.250Z", "14.05", "14:05+02:00"; midnight when there is none. */
function clock(text: string): Clock | undefined {
  if (text.trim() === '') return { hours: 0, minutes: 0, seconds: 0 }
  const match = /^\s*(\d{1,2})[:.h](\d{2})(?:[:.](\d{2})(?:[.,]\d+)?)?\s*(am|pm)?\s*(Z|UTC|GMT|[+-]\d{2}:?\d{2})?\s*$/i.exec(text)
  if (!match) return undefined
  const [hours, minutes, seconds] = [Number(match[1]), Number(match[2]), Number(match[3] ?? 0)]
  const half = match[4]?.toLowerCase()
  const hour = half ? hours % 12 + (half === 'pm' ? 12 : 0) : hours
  if (hour > 23 || minutes > 59 || seconds > 59) return undefined
  const zone = match[5]
  const sign = zone?.startsWith('-') ? -1 : 1
  const offsetMinutes
    = zone === undefined ? undefined : /^[+-]/.test(zone) ? sign * (Number(zone.slice(1, 3)) * 60 + Number(zone.slice(-2))) : 0
  return { hours: hour, minutes, seconds, ...(offsetMinutes === undefined ? {} : { offsetMinutes }) }
}

function ordered(
  { first, second, third }: Parts, order: DateOrder,
): { readonly year: number, readonly month: number, readonly day: number } {
  const [year, month, day] = order === 'ymd' ? [first, second, third] : order === 'dmy' ? [third, second, first] : [third, first, second]
  return { year: year < 100 ? 2000 + year : year, month, day }
}

function exists(year: number, month: number, day: number): boolean {
  const date = new Date(Date.UTC(year, month - 1, day))
  return year >= 1990 && year < 2200 && date.getUTCMonth() === month - 1 && date.getUTCDate() === day
}

/** Seconds or milliseconds since 1970, as loggers write them. */
function fromEpoch(text: string): number | undefined {
  if (!/^\d{10}(\d{3})?$/.test(text.trim())) return undefined
  return Number(text) * (text.trim().length === 10 ? 1000 : 1)
}

/**
 * A moment as milliseconds since 1970, in the given order of day and month; without a zone it is the reader's own time. Nothing
 * when it is no date.
 */
export function readMoment(text: string, order: DateOrder): number | undefined {
  const epoch = fromEpoch(text)
  if (epoch !== undefined) return epoch
  const date = parts(text)
  const time = date && clock(date.rest)
  if (!date || !time) return undefined
  const { year, month, day } = ordered(date, date.first > 31 ? 'ymd' : order)
  if (!exists(year, month, day)) return undefined
  if (time.offsetMinutes !== undefined)
    return Date.UTC(year, month - 1, day, time.hours, time.minutes, time.seconds) - time.offsetMinutes * 60_000
  return new Date(year, month - 1, day, time.hours, time.minutes, time.seconds).getTime()
}

/** The order that reads the most of these texts; `sure` when no other reads as many. */
export function guessOrder(texts: readonly string[]): { readonly order: DateOrder, readonly sure: boolean, readonly read: number } {
  const counts = DATE_ORDERS.map(order => ({ order, read: texts.filter(text => readMoment(text, order) !== undefined).length }))
  const best = counts.reduce((top, one) => one.read > top.read ? one : top)
  const isoLike = texts.every(text => /^\s*\d{4}[-./]/.test(text) || /^\d{10}/.test(text.trim()))
  return { ...best, sure: isoLike || counts.every(one => one === best || one.read < best.read) }
}
