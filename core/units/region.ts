/** How numbers and dates are written in a gardener's region: the words stay English, the comma and the order of a date are theirs. */
let locale = 'en-GB'

/** The locale that numbers and dates are written in. */
export function regionLocale(): string {
  return locale
}

/** English as it is written in the region of a language tag such as "de-AT"; as it was for a tag that is none. */
export function englishOf(tag: string): string {
  try {
    const { region } = new Intl.Locale(tag).maximize()
    return region ? `en-${region}` : 'en-GB'
  }
  catch { return 'en-GB' }
}

/** Set once when the app starts, before anything is written: every number and date from then on is of that region. */
export function writeAsIn(tag: string): void {
  locale = englishOf(tag)
}

/** The year from which dates are written; as long as none is known no year is left out, and none is added. */
let year: number | undefined

/** The year that it is, where dates are written. */
export function presentYear(): number | undefined {
  return year
}

/** Set when the app starts and whenever its clock moves on: a day of another year is told with its year from then on. */
export function writeFrom(now: Date | undefined): void {
  year = now?.getFullYear()
}

/** The sign between a number and its decimals, where this region writes. */
export function decimalSign(): ',' | '.' {
  return new Intl.NumberFormat(locale).format(1.5).includes(',') ? ',' : '.'
}
