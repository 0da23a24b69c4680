import { amountVolumeL, type Amount } from '../units/container'
import type { ChargedWith, CharState } from '../materials/char-state'
import type { Batch, Draw, Gauge, Lot, Product, StoreState } from './garden'

/** The lists of a batch, open for appending while folding. */
export type Growing = { -readonly [K in keyof Omit<Batch, 'gauged'>]: Batch[K] extends readonly (infer T)[] ? T[] : Batch[K] } & {
  gauged: Partial<Record<string, Gauge[]>>
  /** Quantities of which something came late and has to be put in order. */ muddled?: Set<string> | undefined
}

/** What an event says happened to a batch and to the store. An event of no consequence to one of them leaves it out. */
export interface Effect<E> {
  /** It is nothing that a gardener did or saw: the log does not tell of it. */
  readonly unlogged?: true
  readonly onBatch?: (batch: Growing, event: E) => void
  readonly onStore?: (store: StoreState, event: E) => void
}

/** A batch of which nothing is known yet. */
export function emptyBatch(id: string): Growing {
  return {
    id, name: '', place: '', puts: [], did: [], gauged: {}, observations: [], takings: [], uses: [], testsBegun: [], testsRead: [],
    putOffs: [], photos: [], log: [],
  }
}

/** Values of one quantity. Those that come late, from a file, are put in order once, by `inOrder`, when everything is in. */
export function gauge(batch: Growing, quantity: string, more: readonly Gauge[]): void {
  const known = batch.gauged[quantity] ?? (batch.gauged[quantity] = [])
  for (const one of more) {
    if ((known.at(-1)?.at ?? '') > one.at) (batch.muddled ??= new Set()).add(quantity)
    known.push(one)
  }
}

/** Tells the values of a batch in the order in which they were read. */
export function inOrder(batch: Growing): void {
  for (const quantity of batch.muddled ?? []) batch.gauged[quantity]?.sort((a, b) => a.at < b.at ? -1 : a.at > b.at ? 1 : 0)
  delete batch.muddled
  // What came evenly into one that stood already is laid in at once, with what came between.
  if (batch.puts.some(({ already, atStart }) => already && !atStart)) batch.puts.sort((a, b) => a.at < b.at ? -1 : a.at > b.at ? 1 : 0)
}

/** Takes litres out of lots. */
export function drawFrom(store: StoreState, draws: readonly Draw[]): void {
  for (const { lotId, litres } of draws) store.drawnL.set(lotId, (store.drawnL.get(lotId) ?? 0) + litres)
}

/** A product before it is a lot. */
export interface MadeProduct {
  readonly materialId: string
  readonly amount: Amount
  readonly sieveMm?: number | undefined
  readonly char?: { readonly charged: number, readonly with: readonly ChargedWith[], readonly ashy?: boolean | undefined } | undefined
}

const charOf = ({ charged, with: by, ashy }: NonNullable<MadeProduct['char']>): CharState => ({
  charged, with: by,
  ...(ashy ? { ashy } : {}),
})

/** Products with the lots that they become: the nth of an event is `<event id>.<n>`. */
export function asLots(eventId: string, products: readonly MadeProduct[]): Product[] {
  return products.map(({ materialId, amount, sieveMm, char }, index) => ({
    materialId, amount,
    ...(sieveMm ? { sieveMm } : {}),
    ...(char ? { char: charOf(char) } : {}),
    lotId: `${eventId}.${index}`,
  }))
}

/** Puts products into the store as lots of their own. */
export function stockProducts(
  store: StoreState, event: { readonly id: string, readonly at: string }, products: readonly MadeProduct[],
  from: Pick<Lot, 'fromBatchId' | 'fromLotIds' | 'fromDraws' | 'called' | 'purpose'>,
): void {
  for (const { lotId, materialId, amount, sieveMm, char } of asLots(event.id, products)) {
    store.lots.set(lotId, {
      id: lotId, materialId, gatheredAt: event.at, initialL: amountVolumeL(amount), container: amount.container,
      packing: amount.packing, source: '', ...from, sieveMm, ...(char ? { char } : {}),
    })
  }
}
