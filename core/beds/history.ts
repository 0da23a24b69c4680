import type { Garden } from '../journal/garden'
import { carriedByBatch, carriedByLot, carriedByMaterial, NOTHING_CARRIED, type Carried } from '../lots/carried'
import { ashMemory, charMemory } from '../lots/kept-share'
import { stuffOfMaterial, type Stuff } from '../lots/stuff'
import type { CharState } from '../materials/char-state'
import type { MaterialBook } from '../materials/book'
import type { Material } from '../materials/material'
import { bedAreaM2, type Bed } from './bed'

/** One thing that was spread on a bed. */
export interface OnBed {
  readonly eventId: string
  readonly at: string
  /** What it was, if that is known: compost of a lot; what a batch gave directly has no material. */
  readonly material?: Material
  /** The batch it was given from directly. */
  readonly batchName?: string
  readonly litres: number
  /** Litres of char in it, and of ash. */
  readonly charL: number
  readonly ashL: number
  /** How far its char was charged, where it was written down. */
  readonly char?: CharState
  readonly lotId?: string
  /** What it carried on that day. */
  readonly carried: Carried
  /** It was laid on this ground as a batch, not spread. */
  readonly laid?: boolean
  /** Between which moments it was, where nobody knows the day. */
  readonly between?: { readonly from: string, readonly to: string }
}

/** When it was at the latest: what waits for it waits from then. */
export function latestOf({ at, between }: Pick<OnBed, 'at' | 'between'>): string {
  return between?.to ?? at
}

/** All that was spread on a bed, the oldest first. */
export type BedHistory = readonly OnBed[]

/** What lies on a bed's own ground: a batch that stands or stood there, with each time that something went into it. */
function laidOn({ id }: Pick<Bed, 'id'>, garden: Garden, book: MaterialBook): OnBed[] {
  return [...garden.batches.values()].filter(({ began }) => began && 'id' in began.site && began.site.id === id).flatMap(batch =>
    batch.puts.flatMap(({ eventId, at }): OnBed[] => {
      const carried = carriedByBatch(garden, batch, book, new Date(at))
      return carried.length > 0 ? [{ eventId, at, litres: 0, charL: 0, ashL: 0, batchName: batch.name, carried, laid: true }] : []
    }))
}

/** What was spread on each bed, out of the journal, and what was laid on its ground: taking a record back takes it off the bed. */
export function bedHistories(garden: Garden, beds: readonly Pick<Bed, 'id'>[], book: MaterialBook): ReadonlyMap<string, BedHistory> {
  const [char, ash] = [charMemory(garden, book), ashMemory(garden, book)]
  const histories = new Map<string, OnBed[]>(beds.map(bed => [bed.id, laidOn(bed, garden, book)]))
  for (const { eventId, at, lotId, batchId, materialId, bedId, litres, between } of garden.spreads) {
    const lot = lotId === undefined ? undefined : garden.lots.get(lotId)
    const material = book.find(lot?.materialId ?? materialId ?? '')
    const batch = batchId === undefined ? undefined : garden.batches.get(batchId)
    const then = new Date(at)
    const carried = lot
      ? carriedByLot(garden, lot.id, book, then)
      : batch
        ? carriedByBatch(garden, batch, book, then)
        : materialId === undefined ? NOTHING_CARRIED : carriedByMaterial(materialId, at, book)
    const known = material && stuffOfMaterial(material, carried)
    const [charShare, ashShare] = lotId === undefined
      ? [known?.charShare ?? 0, known?.ashShare ?? 0]
      : [char.ofLot(lotId), ash.ofLot(lotId)]
    histories
      .get(bedId ?? '')
      ?.push({
        eventId, at, litres, charL: litres * charShare, ashL: litres * ashShare, carried,
        ...(material ? { material } : {}),
        ...(batch ? { batchName: batch.name } : {}),
        ...(lot ? { lotId: lot.id } : {}),
        ...(lot?.char ? { char: lot.char } : {}),
        ...(between ? { between } : {}),
      })
  }
  for (const history of histories.values()) history.sort((a, b) => a.at < b.at ? -1 : a.at > b.at ? 1 : 0)
  return histories
}

/** What was spread, as stuff; nothing of what no material is known of. */
export function spreadStuff({ material, litres, charL, ashL, carried, char }: OnBed): Stuff | undefined {
  const share = (of: number) => litres > 0 ? Math.min(1, of / litres) : 0
  return material && { material, charShare: share(charL), ashShare: share(ashL), carried, ...(char ? { char } : {}) }
}

/** Char that lies on and in a bed, litres. */
export function charOnBedL(history: BedHistory): number {
  return history.reduce((sum, { charL }) => sum + charL, 0)
}

/** Char in the worked depth, as a share of its volume. */
export function charShareOfBed(bed: Pick<Bed, 'ground' | 'depthM'>, history: BedHistory): number {
  return charOnBedL(history) / (bedAreaM2(bed) * bed.depthM * 1000)
}

/** How deep so many litres lie on a bed, metres. 1 L on 1 m² is 1 mm. */
export function spreadDepthM(bed: Pick<Bed, 'ground'>, litres: number): number {
  return litres / bedAreaM2(bed) / 1000
}

/** Litres for a depth on a bed: 2 cm on 8 m² are 160 L. */
export function litresForDepth(bed: Pick<Bed, 'ground'>, depthM: number): number {
  return bedAreaM2(bed) * depthM * 1000
}
