import type { Bed } from '../beds/bed'
import { remainingL, type Garden } from '../journal/garden'
import { carriedByBatch, carriedByLot, carriedByMaterial, NOTHING_CARRIED, type Carried } from '../lots/carried'
import { originMemory, type Origin } from '../lots/origins'
import type { MaterialBook } from '../materials/book'

/** Where some of a lot went. */
export interface WentTo {
  readonly kind: 'bed' | 'place' | 'batch' | 'lot'
  /** Of the bed, batch or lot; of another place its name. */
  readonly id: string
  readonly at: string
  readonly litres: number
}

/** Where a lot went, in the order in which it did; what spoilt or was given away is not told apart by the journal. */
export function wentTo(garden: Garden, lotId: string): WentTo[] {
  const spreads = garden.spreads.filter(one => one.lotId === lotId).map(({ at, bedId, place, litres }): WentTo =>
    ({ kind: bedId === undefined ? 'place' : 'bed', id: bedId ?? place, at, litres }))
  const batches = [...garden.batches.values()].flatMap(({ id, puts }) => puts.flatMap(({ at, inputs }) =>
    inputs.flatMap(({ draws }) => draws.filter(one => one.lotId === lotId)).map(({ litres }): WentTo =>
      ({ kind: 'batch', id, at, litres }))))
  const made = garden.makings.flatMap(({ at, draws, products }) =>
    draws.filter(one => one.lotId === lotId).flatMap(({ litres }) => products.map((product): WentTo =>
      ({ kind: 'lot', id: product.lotId, at, litres }))))
  return [...spreads, ...batches, ...made].sort((a, b) => a.at < b.at ? -1 : a.at > b.at ? 1 : 0)
}

/** One thing that a bed had, with all it came from and what it carried on that day. */
export interface BedHad {
  readonly eventId: string
  readonly at: string
  readonly bedId: string
  readonly litres: number
  readonly lotId?: string
  readonly batchId?: string
  readonly materialId?: string
  readonly origins: readonly Origin[]
  readonly carried: Carried
}

/** All that went onto beds, the latest first, back to every lot and batch it came from, near and far. */
export function bedsHad(garden: Garden, beds: readonly Pick<Bed, 'id'>[], book: MaterialBook): BedHad[] {
  const known = new Set(beds.map(({ id }) => id))
  const origins = originMemory(garden, book)
  return garden.spreads.flatMap(({ eventId, at, bedId, litres, lotId, batchId, materialId }): BedHad[] => {
    if (bedId === undefined || !known.has(bedId)) return []
    const then = new Date(at)
    const batch = batchId === undefined ? undefined : garden.batches.get(batchId)
    const from = lotId !== undefined
      ? { lotId, origins: origins.ofLot(lotId), carried: carriedByLot(garden, lotId, book, then) }
      : batch
        ? { batchId: batch.id, origins: origins.ofBatch(batch, at), carried: carriedByBatch(garden, batch, book, then) }
        : materialId === undefined
          ? { origins: [], carried: NOTHING_CARRIED }
          : { materialId, origins: [{ kind: 'bought' as const, id: materialId, share: 1, at }],
              carried: carriedByMaterial(materialId, at, book) }
    return [{ eventId, at, bedId, litres, ...from }]
  }).sort((a, b) => a.at < b.at ? 1 : a.at > b.at ? -1 : 0)
}

/** Where something is now that was gathered or made once: on which beds, in which batches, in what still lies in the store. */
export interface Reached {
  readonly onBeds: readonly BedHad[]
  readonly inBatches: readonly { readonly batchId: string, readonly share: number }[]
  readonly inLots: readonly { readonly lotId: string, readonly share: number }[]
}

/** Whatever a lot or a batch has reached, through any chain. */
export function reachedBy(
  { kind, id }: Pick<Origin, 'kind' | 'id'>, garden: Garden, beds: readonly Pick<Bed, 'id'>[], book: MaterialBook,
): Reached {
  const origins = originMemory(garden, book)
  const shareIn = (all: readonly Origin[]) => all.find(one => one.kind === kind && one.id === id)?.share ?? 0
  // A lot that was made of others is an origin of none: what it went into is found by what was taken of it.
  const through = new Set([id])
  for (let before = 0; before < through.size;) {
    before = through.size
    for (const { draws, products } of garden.makings)
      if (draws.some(({ lotId }) => through.has(lotId))) for (const { lotId } of products) through.add(lotId)
  }
  const inBatches = [...garden.batches.values()].flatMap((batch) => {
    const share = batch.id === id ? 1 : shareIn(origins.ofBatch(batch, LATEST))
    const drawn = batch.puts.some(({ inputs }) => inputs.some(({ draws }) => draws.some(({ lotId }) => through.has(lotId))))
    return share > 0 || drawn ? [{ batchId: batch.id, share }] : []
  })
  const batches = new Set(inBatches.map(({ batchId }) => batchId))
  const has = (lotId: string) => shareIn(origins.ofLot(lotId)) > 0 || through.has(lotId)
    || origins.ofLot(lotId).some(one => one.kind === 'batch' && batches.has(one.id) && one.id !== id)
  return {
    inBatches: inBatches.filter(({ batchId }) => batchId !== id),
    inLots: [...garden.lots.values()].flatMap(lot =>
      has(lot.id) && lot.id !== id && remainingL(garden, lot) > LEAST_L ? [{ lotId: lot.id, share: shareIn(origins.ofLot(lot.id)) }] : []),
    onBeds: bedsHad(garden, beds, book).filter(({ lotId, batchId }) =>
      (lotId !== undefined && has(lotId)) || (batchId !== undefined && (batches.has(batchId) || batchId === id))),
  }
}

/** After anything that can have been written down. */
const LATEST = '9999-12-31T23:59:59.999Z'
/** Less is dust in the corner of a sack. */
const LEAST_L = 0.05
