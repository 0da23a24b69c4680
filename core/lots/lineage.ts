import type { Batch, Garden, Input, Lot } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import type { Material } from '../materials/material'
import { looseVolumeL, packingFactor } from '../materials/packing'
import { amountVolumeL } from '../units/container'
import { LOTS } from './constants'

/** Something that came together with others, as litres shaken out loosely, on a day. */
export interface Part<T> { readonly value: T, readonly litres: number, readonly at: string }

/**
 * One thing that stuff remembers, and what becomes of it on the way: added up, diluted, faded or stuck. The way itself, through
 * lots, mixes and batches, is walked for all of them by `remember`.
 */
export interface Trait<T> {
  /** As a material comes, gathered or bought on a day. */
  gathered(material: Material | undefined, at: string, lotId: string | undefined): T
  /** Sieved or mixed of these; `litres` came of all of them. */
  made(parts: readonly Part<T>[], litres: number): T
  /** Taken out of a batch that these went into, on a day. */
  grown(parts: readonly Part<T>[], batch: Batch, until: string): T
  /** With what is known of the lot itself, whatever it was made of. */
  said?(value: T, lot: Lot, material: Material | undefined): T
}

/** What lots and batches remember of one thing. */
export interface Memory<T> {
  /** Of a lot; of one that is not here, what nothing would have. */
  ofLot(lotId: string): T
  /** Of what would come out of a batch on a day. */
  ofBatch(batch: Batch, until: string): T
  /** Of each thing that went into a batch. */
  intoBatch(batch: Pick<Batch, 'puts'>): readonly Part<T>[]
}

interface Known<T> { readonly value: T }

/** Walks the trails of a garden for one trait, each lot once. Derived from the journal, never stored. */
export function remember<T>(trait: Trait<T>, garden: Garden, book: MaterialBook): Memory<T> {
  /** A lot whose own trail leads back to it, as a forged journal can, is at work when it is met again and adds nothing there. */
  const known = new Map<string, Known<T> | 'at work'>()

  function drawn(lotId: string, litres: number, at: string): Part<T>[] {
    const lot = garden.lots.get(lotId)
    const there = lot && ofLot(lot)
    if (!lot || !there || there === 'at work') return []
    const material = book.find(lot.materialId)
    return [{ value: there.value, litres: litres * (material ? packingFactor(material, lot.packing) : 1), at }]
  }

  /** What its lots hold, and what was brought along beside them, as the material comes. */
  function ofInput({ materialId, amount, draws }: Input, at: string): Part<T>[] {
    const material = book.find(materialId)
    const litres = material ? looseVolumeL(material, amount) : amountVolumeL(amount)
    const parts = draws.flatMap(({ lotId, litres: taken }) => drawn(lotId, taken, at))
    const broughtL = litres - parts.reduce((sum, one) => sum + one.litres, 0)
    return parts.length === 0 || broughtL > LOTS.broughtShare * litres
      ? [...parts, { value: trait.gathered(material, at, undefined), litres: Math.max(0, broughtL), at }]
      : parts
  }

  const intoBatch = ({ puts }: Pick<Batch, 'puts'>) => puts.flatMap(({ at, inputs }) => inputs.flatMap(input => ofInput(input, at)))
  const ofBatch = (batch: Batch, until: string): T => trait.grown(intoBatch(batch), batch, until)

  function comesFrom(lot: Lot, material: Material | undefined): T {
    const { fromDraws, fromBatchId, gatheredAt } = lot
    if (fromDraws) {
      return trait.made([
        ...fromDraws.draws.flatMap(({ lotId, litres }) => drawn(lotId, litres, gatheredAt)),
        ...fromDraws.bought.map(({ materialId, litres }) =>
          ({ value: trait.gathered(book.find(materialId), gatheredAt, undefined), litres, at: gatheredAt })),
      ], fromDraws.litres)
    }
    const batch = fromBatchId === undefined ? undefined : garden.batches.get(fromBatchId)
    return batch ? ofBatch(batch, gatheredAt) : trait.gathered(material, gatheredAt, lot.id)
  }

  function ofLot(lot: Lot): Known<T> | 'at work' {
    const before = known.get(lot.id)
    if (before) return before
    known.set(lot.id, 'at work')
    const material = book.find(lot.materialId)
    const from = comesFrom(lot, material)
    const there = { value: trait.said ? trait.said(from, lot, material) : from }
    known.set(lot.id, there)
    return there
  }

  return {
    ofBatch, intoBatch,
    ofLot: (lotId) => {
      const lot = garden.lots.get(lotId)
      const there = lot && ofLot(lot)
      return !there || there === 'at work' ? trait.made([], 0) : there.value
    },
  }
}

/** Of so much stuff the mean of a share, weighed by litres; 0 of nothing. */
export function meanOf(parts: readonly Part<number>[], litres: number): number {
  const held = parts.reduce((sum, part) => sum + part.value * part.litres, 0)
  return litres > 0 ? Math.min(1, Math.max(0, held / litres)) : 0
}

/** Litres of all parts together. */
export function litresOf(parts: readonly { readonly litres: number }[]): number {
  return parts.reduce((sum, { litres }) => sum + litres, 0)
}
