import { counted, daysText } from '../units/plural'
import type { DayWindow } from './forecast'

/** How wide a window may be to be called so, days. */
const WORDS: readonly { readonly upToDays: number, readonly sure: string, readonly note?: string }[] = [
  { upToDays: 21, sure: 'Quite sure' },
  { upToDays: 50, sure: 'Fairly sure' },
  { upToDays: 100, sure: 'Rough', note: 'It hangs on the weather, and on how it is looked after.' },
  { upToDays: Infinity, sure: 'Very rough', note: 'It hangs on the weather, and on how it is looked after.' },
]

const DAYS_A_MONTH = 30.4

/** As coarse as it is wide: days up to a fortnight, weeks to ten, then months. */
function width(days: number): string {
  if (days < 14) return daysText(Math.max(1, Math.round(days)))
  const weeks = Math.round(days / 7)
  return weeks <= 10 ? counted(weeks, 'week', 'weeks') : counted(Math.round(days / DAYS_A_MONTH), 'month', 'months')
}

/** How sure a window is, in words, by how wide it is. */
export function howSure({ low, high }: Pick<DayWindow, 'low' | 'high'>): string {
  const days = high - low
  const { sure, note } = WORDS.find(({ upToDays }) => days <= upToDays)!
  return [`${sure}: to about ${width(days)}.`, note].filter(Boolean).join(' ')
}
