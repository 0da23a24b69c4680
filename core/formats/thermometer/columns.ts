import { guessOrder, readMoment, type DateOrder } from './dates'
import { readNumber } from './numbers'

/** What a column of a file is taken for. */
export type ColumnRole = 'time' | 'date' | 'clock' | 'core' | 'edge' | 'ignore'

/** How a file is to be read: what each column is, the order of its dates and its unit. */
export interface Reading {
  readonly roles: readonly ColumnRole[]
  readonly order: DateOrder
  readonly unit: 'C' | 'F'
  /** The first row holds names. */
  readonly heading: boolean
}

/** A proposal, and what one should look at before taking it. */
export interface Proposal extends Reading {
  readonly doubts: readonly string[]
}

const SAMPLE = 200
const NAMES: Readonly<Record<Exclude<ColumnRole, 'ignore'>, RegExp>> = {
  time: /time|zeit|stamp|moment|datetime|date.?time/i, date: /^date|datum|day\b/i, clock: /^time$|clock|uhr/i,
  core: /core|cent|middle|deep|kern|probe ?1|ch(annel)? ?1|temp/i, edge: /edge|outer|rand|shallow|probe ?2|ch(annel)? ?2/i,
}
const NOT_OURS = /ambient|air|humid|batt|volt|rssi|^#$|^no\.?$|index|count|\bid\b/i

const shareOf = (values: readonly string[], test: (text: string) => boolean) => {
  const filled = values.filter(text => text.trim() !== '')
  return filled.length === 0 ? 0 : filled.filter(test).length / filled.length
}

const isClock = (text: string) => /^\s*\d{1,2}[:.]\d{2}([:.]\d{2})?\s*(am|pm)?\s*$/i.test(text)
const isMoment = (text: string) => readMoment(text, 'dmy') !== undefined || readMoment(text, 'mdy') !== undefined
const hasClock = (text: string) => /\d[T\s,]+\d{1,2}[:.]\d{2}/.test(text) || /^\d{10}/.test(text.trim())

/** Whether the first row is names and not yet values. */
function hasHeading(rows: readonly (readonly string[])[]): boolean {
  const first = rows[0] ?? []
  return !first.some(isMoment) && first.filter(text => readNumber(text) !== undefined).length < first.length / 2
}

interface Column { readonly index: number, readonly name: string, readonly values: readonly string[] }

function rolesOf(columns: readonly Column[]): ColumnRole[] {
  const roles: ColumnRole[] = columns.map(() => 'ignore')
  const moments = columns.filter(({ values }) => shareOf(values, isMoment) > 0.7)
  const whole = moments.find(({ values }) => shareOf(values, hasClock) > 0.5)
  if (whole) roles[whole.index] = 'time'
  else if (moments[0]) {
    const clock = columns.find(({ values, index }) => index !== moments[0]!.index && shareOf(values, isClock) > 0.7)
    roles[moments[0].index] = clock ? 'date' : 'time'
    if (clock) roles[clock.index] = 'clock'
  }
  const numbers = columns.filter(
    ({ values, index, name }) =>
      roles[index] === 'ignore' && !NOT_OURS.test(name) && shareOf(values, text => readNumber(text) !== undefined) > 0.6,
  )
  const edge = numbers.find(({ name }) => NAMES.edge.test(name))
  const core = numbers.find(one => one !== edge && NAMES.core.test(one.name)) ?? numbers.find(one => one !== edge)
  if (core) roles[core.index] = 'core'
  if (edge) roles[edge.index] = 'edge'
  return roles
}

function unitOf(columns: readonly Column[], roles: readonly ColumnRole[]): { readonly unit: 'C' | 'F', readonly sure: boolean } {
  const heat = columns.filter(({ index }) => roles[index] === 'core' || roles[index] === 'edge')
  if (heat.some(({ name, values }) => /°?\s*F\b|fahrenheit/i.test(name) || values.some(text => /°?\s*F\s*$/i.test(text))))
    return { unit: 'F', sure: true }
  if (heat.some(({ name, values }) => /°\s*C|\bC\b|celsius/i.test(name) || values.some(text => /°\s*C/i.test(text))))
    return { unit: 'C', sure: true }
  const values = heat.flatMap(one => one.values.flatMap(text => readNumber(text) ?? []))
  // No heap is above 95 °C.
  return values.some(value => value > 95)
    ? { unit: 'F', sure: true }
    : { unit: 'C', sure: values.every(value => value < 45) || values.some(value => value < 20) }
}

/** Looks at the first rows of a file and says how it would read it. */
export function proposeReading(rows: readonly (readonly string[])[]): Proposal {
  const heading = hasHeading(rows)
  const body = rows.slice(heading ? 1 : 0, SAMPLE)
  const width = Math.max(0, ...rows.slice(0, SAMPLE).map(row => row.length))
  const columns = Array.from({ length: width }, (_, index): Column => ({
    index, name: heading ? (rows[0]?.[index] ?? '') : '', values: body.map(row => row[index] ?? ''),
  }))
  const roles = rolesOf(columns)
  const dated = columns.find(({ index }) => roles[index] === 'time' || roles[index] === 'date')
  const { order, sure } = guessOrder(dated?.values.filter(text => text.trim() !== '') ?? [])
  const unit = unitOf(columns, roles)
  return {
    roles, order: sure ? order : order === 'mdy' ? 'dmy' : order, unit: unit.unit, heading,
    doubts: [
      ...(dated ? [] : ['No column of dates was found: choose it.']),
      ...(roles.includes('core') || roles.includes('edge') ? [] : ['No column of temperatures was found: choose it.']),
      ...(dated && !sure ? ['Day and month could stand either way round: look at the first and the last date.'] : []),
      ...(unit.sure || !roles.includes('core') ? [] : ['It does not say whether it is in °C or °F.']),
    ],
  }
}
