import type { Answers } from '../questions/answers'
import type { Amount } from '../units/container'
import { CORE, EDGE, HEAT, HEIGHT } from './earlier'
import type { EventOf, KnownEvent } from './event'

/** What a gardener can set right of an entry, beside its moment: in the units in which it is kept. */
export type Part
  = | { readonly kind: 'value', readonly quantity: string, readonly spot: string, readonly value: number }
    | { readonly kind: 'finding', readonly sense: string, readonly finding: string }
    | { readonly kind: 'answers', readonly deed: string, readonly answers: Answers }
    /** What went in, or came out: the nth of it. */
    | { readonly kind: 'stuff', readonly at: number, readonly materialId: string, readonly amount: Amount, readonly fixed: boolean }
    | { readonly kind: 'litres', readonly litres: number }
    | { readonly kind: 'text', readonly text: string }

type Amendable = EventOf<'amended'>['to']
type Stuff = { readonly materialId: string, readonly amount: Amount, readonly draws?: readonly { lotId: string, litres: number }[] }

/** How one kind of event is taken apart and put together again. */
interface Seam<E> {
  readonly partsOf: (event: E) => readonly Part[]
  readonly withParts: (event: E, parts: readonly Part[]) => E
  /** At another moment, where more than that changes with it. */
  readonly movedTo?: (event: E, at: string) => E
}

const of = <K extends Part['kind']>(parts: readonly Part[], kind: K) =>
  parts.flatMap(part => part.kind === kind ? [part as Extract<Part, { kind: K }>] : [])

/** What it was stays fixed where lots were made of it: another grade is another lot. */
const stuffOf = (all: readonly Stuff[], fixed: boolean): Part[] =>
  all.map(({ materialId, amount }, at) => ({ kind: 'stuff', at, materialId, amount, fixed }))

/** So much more or less of the same comes from the same lots; another material came from none of them. */
function stuffAs<S extends Stuff & { readonly worth?: unknown }>(one: S, part: Extract<Part, { kind: 'stuff' }> | undefined): S {
  if (!part) return one
  const { amount } = part
  if (part.materialId !== one.materialId) {
    const { worth: _, ...rest } = one
    return { ...rest, materialId: part.materialId, amount, ...(one.draws ? { draws: [] } : {}) } as unknown as S
  }
  const times = one.amount.count > 0 ? amount.count / one.amount.count : 1
  return { ...one, amount, ...(one.draws ? { draws: one.draws.map(({ lotId, litres }) => ({ lotId, litres: litres * times })) } : {}) }
}
const eachStuff = <S extends Stuff>(all: readonly S[], parts: readonly Part[]): S[] =>
  all.map((one, at) => stuffAs(one, of(parts, 'stuff').find(part => part.at === at)))
const litresOf = (parts: readonly Part[], known: number) => of(parts, 'litres')[0]?.litres ?? known
const valueOf = (parts: readonly Part[], spot: string) => of(parts, 'value').find(one => one.spot === spot)?.value

const onlyItsDay = <E>(): Seam<E> => ({ partsOf: () => [], withParts: event => event })

type Seams = { readonly [K in Amendable['kind']]: Seam<Extract<Amendable, { kind: K }>> }
const SEAMS: Seams = {
  'gauged': {
    partsOf: ({ quantity, values }) => values.map(({ spot, value }) => ({ kind: 'value', quantity, spot, value })),
    withParts: (event, parts) => ({
      ...event, values: event.values.map(({ spot, value }) => ({ spot, value: valueOf(parts, spot) ?? value })),
    }),
  },
  'reading': {
    partsOf: ({ coreC, edgeC }) => [[CORE, coreC] as const, [EDGE, edgeC] as const].flatMap(([spot, value]) =>
      value === undefined ? [] : [{ kind: 'value', quantity: HEAT, spot, value }]),
    withParts: ({ coreC, edgeC, ...rest }, parts) => ({
      ...rest,
      ...(coreC === undefined ? {} : { coreC: valueOf(parts, CORE) ?? coreC }),
      ...(edgeC === undefined ? {} : { edgeC: valueOf(parts, EDGE) ?? edgeC }),
    }),
  },
  'measured': {
    partsOf: ({ heightM }) => [{ kind: 'value', quantity: HEIGHT, spot: 'top', value: heightM }],
    withParts: (event, parts) => ({ ...event, heightM: valueOf(parts, 'top') ?? event.heightM }),
  },
  'observed': {
    partsOf: ({ sense, finding }) => [{ kind: 'finding', sense, finding }],
    withParts: (event, parts) => ({ ...event, finding: of(parts, 'finding')[0]?.finding ?? event.finding }),
  },
  'did': {
    partsOf: ({ deed, answers }) => [{ kind: 'answers', deed, answers }],
    withParts: (event, parts) => ({ ...event, answers: { ...(of(parts, 'answers')[0]?.answers ?? event.answers) } }),
  },
  'noted': {
    partsOf: ({ text }) => [{ kind: 'text', text }],
    withParts: (event, parts) => ({ ...event, text: of(parts, 'text')[0]?.text ?? event.text }),
  },
  'put': {
    partsOf: ({ inputs, waterL }) => [...stuffOf(inputs, false), ...(waterL > 0 ? [{ kind: 'litres' as const, litres: waterL }] : [])],
    withParts: (event, parts) => ({ ...event, inputs: eachStuff(event.inputs, parts), waterL: litresOf(parts, event.waterL) }),
  },
  'began': {
    partsOf: ({ inputs, waterL }) => [...stuffOf(inputs, false), ...(waterL > 0 ? [{ kind: 'litres' as const, litres: waterL }] : [])],
    withParts: (event, parts) => ({ ...event, inputs: eachStuff(event.inputs, parts), waterL: litresOf(parts, event.waterL) }),
    // Whoever says the day knows it.
    movedTo: (event, at) =>
      event.stood && at !== event.at ? { ...event, at, stood: { ...event.stood, from: at, to: at } } : { ...event, at },
  },
  'built': {
    partsOf: ({ ingredients, waterL }) => [...stuffOf(ingredients, false), { kind: 'litres', litres: waterL }],
    withParts: (event, parts) => ({ ...event, ingredients: eachStuff(event.ingredients, parts), waterL: litresOf(parts, event.waterL) }),
  },
  'added': {
    partsOf: ({ ingredient }) => stuffOf([ingredient], false),
    withParts: (event, parts) => ({ ...event, ingredient: eachStuff([event.ingredient], parts)[0]! }),
  },
  'watered': {
    partsOf: ({ litres }) => [{ kind: 'litres', litres }],
    withParts: (event, parts) => ({ ...event, litres: litresOf(parts, event.litres) }),
  },
  'took': {
    partsOf: ({ products }) => stuffOf(products, true),
    withParts: (event, parts) => ({ ...event, products: eachStuff(event.products, parts) }),
  },
  'finished': {
    partsOf: ({ products }) => stuffOf(products, true),
    withParts: (event, parts) => ({ ...event, products: eachStuff(event.products, parts) }),
  },
  'made': {
    partsOf: ({ products }) => stuffOf(products, true),
    withParts: (event, parts) => ({ ...event, products: eachStuff(event.products, parts) }),
  },
  'used': {
    partsOf: ({ litres }) => [{ kind: 'litres', litres }],
    withParts: (event, parts) => ({ ...event, litres: litresOf(parts, event.litres) }),
  },
  'stocked': {
    partsOf: ({ materialId, amount }) => stuffOf([{ materialId, amount }], false),
    withParts: (event, parts) => {
      const { materialId, amount } = eachStuff([{ materialId: event.materialId, amount: event.amount }], parts)[0]!
      return { ...event, materialId, amount: { ...amount } }
    },
  },
  'turned': onlyItsDay(), 'renamed': onlyItsDay(), 'sited': onlyItsDay(), 'logged': onlyItsDay(), 'photographed': onlyItsDay(),
  'test-begun': onlyItsDay(), 'test-read': onlyItsDay(), 'put-off': onlyItsDay(), 'weighed': onlyItsDay(),
  'dried': onlyItsDay(), 'compared': onlyItsDay(), 'stock-amended': onlyItsDay(), 'stock-removed': onlyItsDay(),
}

const isAmendable = (event: { readonly kind: string }): event is Amendable => Object.hasOwn(SEAMS, event.kind)
const seamOf = (event: Amendable) => SEAMS[event.kind] as Seam<Amendable>

/** What can be set right of an event beside its moment; nothing of one that cannot be set right at all. */
export function partsOf(event: KnownEvent): readonly Part[] | undefined {
  return isAmendable(event) ? seamOf(event).partsOf(event) : undefined
}

/** An event as it should have read: with other parts, at another moment. What it does not name stays as it is. */
export function setRight(event: KnownEvent, parts: readonly Part[], at: string): Amendable | undefined {
  if (!isAmendable(event)) return undefined
  const { withParts, movedTo } = seamOf(event)
  const told = withParts(event, parts)
  return movedTo ? movedTo(told, at) : { ...told, at }
}
