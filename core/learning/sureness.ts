import type { DayWindow } from './forecast'

/** How wide a window may be to be called so, days. */
const WORDS: readonly { readonly upToDays: number, readonly words: string }[] = [
  { upToDays: 21, words: 'Quite sure: to two or three weeks.' },
  { upToDays: 50, words: 'Fairly sure: to about six weeks.' },
  { upToDays: 100, words: 'Rough: to about three months. It hangs on the weather, and on how it is looked after.' },
  { upToDays: Infinity, words: 'Very rough: many months are possible. It hangs on the weather and on how it is looked after; what you record narrows it.' },
]

/** How sure a window is, in words, by how wide it is. */
export function howSure({ low, high }: Pick<DayWindow, 'low' | 'high'>): string {
  return WORDS.find(({ upToDays }) => high - low <= upToDays)!.words
}
