import type { Bed } from '../beds/bed'
import { remainingL, type Batch, type Garden } from '../journal/garden'
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
  const through = madeOf(id, garden)
  /** What went in later is in nothing that came out before. */
  const drawnBy = (batch: Batch, until: string) => hasDrawn(batch, through, until)
  const has = (lotId: string) => shareIn(origins.ofLot(lotId)) > 0 || through.has(lotId)
  const hasBatch = (batch: Batch | undefined, until: string) =>
    batch !== undefined && (shareIn(origins.ofBatch(batch, until)) > 0 || drawnBy(batch, until))
  return {
    inBatches: [...garden.batches.values()].flatMap(batch =>
      batch.id !== id && hasBatch(batch, LATEST) ? [{ batchId: batch.id, share: shareIn(origins.ofBatch(batch, LATEST)) }] : []),
    inLots: [...garden.lots.values()].flatMap(lot =>
      has(lot.id) && lot.id !== id && remainingL(garden, lot) > LEAST_L ? [{ lotId: lot.id, share: shareIn(origins.ofLot(lot.id)) }] : []),
    onBeds: bedsHad(garden, beds, book).filter(({ lotId, batchId, at }) =>
      (lotId !== undefined && has(lotId)) || (batchId !== undefined && hasBatch(garden.batches.get(batchId), at))),
  }
}

/** Whether any of these lots had gone into a batch by then. */
function hasDrawn({ puts }: Pick<Batch, 'puts'>, lotIds: ReadonlySet<string>, until: string): boolean {
  return puts.some(({ at, inputs }) => at <= until && inputs.some(({ draws }) => draws.some(({ lotId }) => lotIds.has(lotId))))
}

/** A lot with all that was made of it, by sieve, mix and batch: one that was made of others is an origin of nothing itself. */
function madeOf(lotId: string, garden: Garden): ReadonlySet<string> {
  const found = new Set([lotId])
  for (let before = 0; before < found.size;) {
    before = found.size
    for (const lot of garden.lots.values()) {
      const batch = lot.fromBatchId === undefined ? undefined : garden.batches.get(lot.fromBatchId)
      if (lot.fromDraws?.draws.some(one => found.has(one.lotId)) || (batch && hasDrawn(batch, found, lot.gatheredAt))) found.add(lot.id)
    }
  }
  return found
}

/** After anything that can have been written down. */
const LATEST = '9999-12-31T23:59:59.999Z'
/** Less is dust in the corner of a sack. */
const LEAST_L = 0.05
