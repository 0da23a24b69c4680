import { fail, ok, type Outcome } from '../outcome/outcome'

/** Why something written is no number. */
export type NumberTrouble = 'empty' | 'no-number' | 'more-than-one'

const VULGAR: Readonly<Record<string, string>> = {
  '¼': '1/4', '½': '1/2', '¾': '3/4', '⅓': '1/3', '⅔': '2/3', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8',
}
const FRACTION = /^([+-]?)(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)(.*)$/
const PLAIN = /^([+-]?)(\d+(?:\.\d+)?|\.\d+)(.*)$/

/** A comma or point that only groups thousands goes, and a decimal one becomes a point. */
function withPoint(text: string, decimal: ',' | '.'): string {
  const [group, other]
    = decimal === ',' ? [/^([+-]?[1-9]\d{0,2})((?:\.\d{3})+)(?!\d)/, /\./g] : [/^([+-]?[1-9]\d{0,2})((?:,\d{3})+)(?!\d)/, /,/g]
  return text.replace(group, (_, head: string, rest: string) => head + rest.replace(other, '')).replace(',', '.')
}

/**
 * A number as a person writes it: "3.5", "3,5", "½", "1 ½", "1½", "1/2", "3 sacks", "−4 °C". Words behind the number are let be.
 * @param decimal the sign before decimals in this region; the other one groups thousands where exactly three digits follow.
 */
export function readNumber(text: string, decimal: ',' | '.' = '.'): Outcome<number, NumberTrouble> {
  const spaced = text
    .replace(/[\u00A0\u202F]/g, ' ')
    .replace(/[−–]/g, '-')
    .replace(/[¼½¾⅓⅔⅛⅜⅝⅞]/g, sign => ` ${VULGAR[sign]}`)
    .trim()
    .replace(/^([+-])\s+/, '$1')
  if (spaced === '') return fail('empty')
  const written = withPoint(spaced, decimal)
  const [, sign, whole = 0, over, under, rest] = FRACTION.exec(written) ?? []
  const [, plainSign, plain, plainRest] = over === undefined ? PLAIN.exec(written) ?? [] : []
  if (over === undefined && plain === undefined) return fail('no-number')
  if (/\d/.test(rest ?? plainRest ?? '')) return fail('more-than-one')
  const size = over === undefined ? Number(plain) : Number(whole) + Number(over) / Number(under)
  return Number.isFinite(size) ? ok((sign ?? plainSign) === '-' ? -size : size) : fail('no-number')
}
