import type { Range } from '../units/range'

/** What is known of a number that a model takes from outside: how far it may well lie off, its unit, and where it comes from. */
interface Known {
  /** Empty where it is a mere number. */
  readonly unit: string
  /** What it does, and its source: practice, a paper, or plainly an assumption. */
  readonly source: string
}

/** One number, and the range within which it may well lie. */
export interface Constant extends Known {
  readonly value: number
  readonly low: number
  readonly high: number
}

/** From here to there: what a look or a squeeze can mean. */
export interface Extent extends Known {
  readonly extent: readonly [number, number]
}

/** A number that is a range by its nature: low, typical and high. */
export interface Ranged extends Known {
  readonly range: Range
}

export type Leaf = Constant | Extent | Ranged

/** Constants by name, in groups where they belong together. */
export type Shape = Leaf | readonly Shape[] | { readonly [name: string]: Shape }

/** The same names with plain numbers, as a model reads them. */
export type Values<S> = S extends Constant
  ? number
  : S extends Extent
    ? readonly [number, number]
    : S extends Ranged ? Range : { readonly [Name in keyof S]: Values<S[Name]> }

/** A constant: its value, the ends of what it may well be, its unit ('' for a mere number), what it does and its source. */
export const of = (value: number, low: number, high: number, unit: string, source: string): Constant => ({ value, low, high, unit, source })

/** An extent, from and to in the unit named. */
export const extent = (from: number, to: number, unit: string, source: string): Extent => ({ extent: [from, to], unit, source })

/** A range that is one by its nature. */
export const ranged = (range: Range, unit: string, source: string): Ranged => ({ range, unit, source })

export const isLeaf = (shape: Shape): shape is Leaf => 'source' in shape && typeof shape.source === 'string'

/** What the numbers of a table are, by the name they stand under in its rows: unit, and source. */
export type Fields = Readonly<Record<string, readonly [unit: string, source: string]>>

const TABLED = Symbol('what the numbers of a table are')
const DEFINED = Symbol('what is known of these constants')

/** The constants of a room: its title, and what is known of each. */
export interface Defined {
  readonly title: string
  readonly shape: Shape
}

function valuesOf(shape: Shape): unknown {
  if (isLeaf(shape)) return 'value' in shape ? shape.value : 'extent' in shape ? [...shape.extent] : { ...shape.range }
  if (Array.isArray(shape)) return (shape as readonly Shape[]).map(valuesOf)
  return Object.fromEntries(Object.entries(shape).map(([name, inner]) => [name, valuesOf(inner)]))
}

/**
 * The constants of a room of the core as plain numbers under the same names. What is known of them stays with them
 * (`definitionOf`), for the table in docs/models.md and for what a tenth more of each does.
 */
export function constants<const S extends { readonly [name: string]: Shape }>(title: string, shape: S): Values<S> {
  return Object.defineProperty(valuesOf(shape) as object, DEFINED, { value: { title, shape } satisfies Defined }) as Values<S>
}

/** What is known of constants made by `constants`; undefined for anything else. */
export function definitionOf(values: unknown): Defined | undefined {
  return typeof values === 'object' && values !== null ? (values as { readonly [DEFINED]?: Defined })[DEFINED] : undefined
}

/** A table whose rows hold numbers beside words: kinds, ways, schools. */
export interface Tabled {
  readonly title: string
  readonly fields: Fields
}

/** Rows with what their numbers are. Every number in them stands under a name of `fields`, directly or in a group of that name. */
export function table<Rows extends object>(title: string, fields: Fields, rows: Rows): Rows {
  return Object.defineProperty(rows, TABLED, { value: { title, fields } satisfies Tabled })
}

/** What the numbers of rows made by `table` are; undefined for anything else. */
export function tabledOf(rows: unknown): Tabled | undefined {
  return typeof rows === 'object' && rows !== null ? (rows as { readonly [TABLED]?: Tabled })[TABLED] : undefined
}

/** A leaf with its name: `horizon.least`. */
export interface Named {
  readonly path: readonly string[]
  readonly leaf: Leaf
}

/** Every constant of a shape, in its order, with the names that lead to it. */
export function leavesOf(shape: Shape, path: readonly string[] = []): Named[] {
  if (isLeaf(shape)) return [{ path, leaf: shape }]
  return Object.entries(shape as Readonly<Record<string, Shape>>).flatMap(([name, inner]) => leavesOf(inner, [...path, name]))
}

/** The value of a name that comes from a record and may be none of these. */
export const namedIn = <Value>(values: Readonly<Record<string, Value>>, name: string): Value | undefined =>
  Object.hasOwn(values, name) ? values[name] : undefined
