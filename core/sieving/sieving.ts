import type { Batch, Garden, Input } from '../journal/garden'
import type { NewEvent } from '../journal/event'
import { remember, type Memory, type Trait } from '../lots/lineage'
import type { MaterialBook } from '../materials/book'
import type { Material } from '../materials/material'
import { amountVolumeL, type Amount } from '../units/container'
import type { Range } from '../units/range'
import { SIEVING } from './constants'
import { throughShare, type Coarseness } from './through'

/** One of the heaps that a sieving gives: what went through one mesh and stayed on the next. */
export interface Stream {
  /** The mesh that it went through; what stayed on all of them went through none. */
  readonly throughMm?: number
  readonly materialId: string
  /** Litres that are expected. */
  readonly litres: Range
}

const OVERS = 'overs'

/** What a stream of something is: finer stuff, the same, or what stays behind. */
function streamOf(material: Material, throughMm: number | undefined, finest: boolean): string {
  if (throughMm === undefined) return material.oversAs ?? OVERS
  return finest ? material.finerAs ?? material.id : material.id
}

/**
 * What so much stuff comes to through one or two meshes, the finest first. @param litres loose. @param meshesMm any order, each above 0.
 */
export function streamsOf(material: Material, litres: number, meshesMm: readonly number[], { sizeMm }: Coarseness): readonly Stream[] {
  const meshes = [...new Set(meshesMm)].sort((a, b) => a - b)
  const through = (meshMm: number | undefined, size: number) => meshMm === undefined ? 1 : throughShare(meshMm, size)
  return [...meshes, undefined].map((meshMm, at): Stream => {
    const finer = at === 0 ? undefined : meshes[at - 1]
    const ofSize = (size: number) => litres * Math.max(0, through(meshMm, size) - (finer === undefined ? 0 : through(finer, size)))
    const ends = [sizeMm.low, sizeMm.typical, sizeMm.high].map(ofSize)
    return {
      ...(meshMm === undefined ? {} : { throughMm: meshMm }), materialId: streamOf(material, meshMm, at === 0),
      litres: { low: Math.min(...ends), typical: ends[1]!, high: Math.max(...ends) },
    }
  })
}

/** Minutes that a sieving takes, by own ones where there are any. @param litres loose. */
export function sievingMinutes(litres: number, meshesMm: readonly number[], { makings }: Pick<Garden, 'makings'>): Range {
  const own = makings.filter(({ how, minutes }) => how === 'sieved' && (minutes ?? 0) > 0)
  const ownL = own.reduce((sum, { draws }) => sum + draws.reduce((all, one) => all + one.litres, 0), 0)
  const ownMinutes = own.reduce((sum, { minutes }) => sum + (minutes ?? 0), 0)
  const passes = new Set(meshesMm).size
  const usualLH = Math.min(...meshesMm) <= SIEVING.handMostMm ? SIEVING.handLH : SIEVING.screenLH
  const rate = ownL > 0 ? ownL / ownMinutes : usualLH / 60
  const typical = passes * litres / rate
  const off = ownL > 0 ? 1.25 : 1.5
  return { low: typical / off, typical, high: typical * off }
}

/** How it feels, and what that does on a sieve. */
export const DAMPNESS = ['dry', 'right', 'wet'] as const
export type Dampness = typeof DAMPNESS[number]
export const DAMPNESS_WORDS: Readonly<Record<Dampness, { readonly label: string, readonly hint: string, readonly advice: string }>> = {
  dry: {
    label: 'dusty', hint: 'runs through the fingers',
    advice: 'Damp it with a fine rose and let it stand an hour: dry it dusts, and its spores are no good to breathe. A mask until then.',
  },
  right: { label: 'crumbly', hint: 'damp, falls apart', advice: '' },
  wet: {
    label: 'sticky', hint: 'balls in the hand',
    advice: 'It will clog the mesh: spread it a hand deep on a sheet for a dry day first, or take the coarser mesh alone.',
  },
}

/** How often something of it has been left on a sieve: a heap, a mix and another sieve do not make it forget that. */
const ROUNDS: Trait<number> = {
  gathered: () => 0,
  made: parts => Math.max(0, ...parts.map(({ value }) => value)),
  grown: parts => Math.max(0, ...parts.map(({ value }) => value)),
  said: (value, _, material) => material?.stayedOnSieve ? value + 1 : value,
}
export const sieveRounds = (garden: Garden, book: MaterialBook): Memory<number> => remember(ROUNDS, garden, book)

/** Whether overs are to be a mulch: they came round so often that no heap will take them further. */
export const isMulchByNow = (rounds: number): boolean => rounds >= SIEVING.roundsMost

/** A sieving as it was done. */
export interface Sieved {
  readonly at: string
  readonly draws: readonly { readonly lotId: string, readonly litres: number }[]
  /** What came of it; only what is more than nothing becomes a lot. */
  readonly streams: readonly { readonly materialId: string, readonly throughMm?: number, readonly amount: Amount }[]
  readonly picked?: { readonly litres: number, readonly what: string }
  readonly minutes?: number
  /** The batch that what stayed behind went onto at once. */
  readonly oversOnto?: Pick<Batch, 'id'>
}

/** The events of a sieving: what was made of it, and the overs onto the batch that they go on in. */
export function sievingEvents({ at, draws, streams, picked, minutes, oversOnto }: Sieved, id: string): readonly NewEvent[] {
  const there = streams.filter(({ amount }) => amount.count > 0)
  const overs = there.findIndex(({ throughMm }) => throughMm === undefined)
  const made: NewEvent = {
    kind: 'made', id, at, how: 'sieved', draws: draws.map(one => ({ ...one })),
    products: there.map(({ materialId, throughMm, amount }) => ({
      materialId, amount: { ...amount, container: { ...amount.container } }, ...(throughMm === undefined ? {} : { sieveMm: throughMm }),
    })),
    ...(picked && picked.litres > 0 ? { picked: { ...picked } } : {}),
    ...(minutes === undefined || minutes <= 0 ? {} : { minutes }),
  }
  if (!oversOnto || overs < 0) return [made]
  const { materialId, amount } = there[overs]!
  const input = { role: 'feed', materialId, amount, draws: [{ lotId: `${id}.${overs}`, litres: amountVolumeL(amount) }] } satisfies Input
  return [
    made, { kind: 'put', at, batchId: oversOnto.id, waterL: 0, inputs: [{ ...input, amount: { ...amount }, draws: [...input.draws] }] },
  ]
}
