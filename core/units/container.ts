import { BEYOND_MEASURE, countText, roundedCount } from './format'
import type { UnitSystem } from './system'

/** What a gardener measures with. The volume is of the container filled level, in litres. */
export interface Container {
  readonly id: string
  readonly name: string
  readonly plural: string
  readonly volumeL: number
  /** Watering cans measure water; all others measure materials. */
  readonly holds: 'material' | 'water'
}

/** How tightly a container was filled. */
export const PACKINGS = ['loose', 'shaken', 'packed'] as const
export type Packing = typeof PACKINGS[number]

/** The container as it was when something was recorded with it: later changes leave the record alone. */
export interface ContainerThen {
  readonly id: string
  readonly name: string
  readonly plural: string
  readonly volumeL: number
}

/** So many containers of something, filled in a certain way. */
export interface Amount {
  readonly count: number
  readonly container: ContainerThen
  readonly packing: Packing
}

/** The volume of an amount as it stands in its containers, in litres. */
export function amountVolumeL(amount: Amount): number {
  return amount.count * amount.container.volumeL
}

/** The record of a container, without what may change. */
export function containerThen({ id, name, plural, volumeL }: Container): ContainerThen {
  return { id, name, plural, volumeL }
}

/** How many containers hold a volume, exactly (not rounded). */
export function containersFor(volumeL: number, container: ContainerThen): number {
  return volumeL / container.volumeL
}

/** Less of a container than this is not measured out in it: said as a quarter it would be half as much again, or worse. */
const LEAST_OF_ONE = 0.19
const PINCH_L = 0.004

/** What is too little for its container in what is always at hand: handfuls, spoons, a pinch. Water stays in its can. */
function inSmaller(count: number, { id, holds, volumeL }: Spoken): string | undefined {
  if (volumeL === undefined || holds === 'water' || id === 'can' || !(count > 0) || count >= LEAST_OF_ONE) return undefined
  const litres = count * volumeL
  if (litres < PINCH_L) return 'a pinch'
  const smaller = litres >= LEAST_OF_ONE * HANDFUL.volumeL ? HANDFUL : SPOON
  return smaller.volumeL < volumeL ? containerText(litres / smaller.volumeL, { name: smaller.name, plural: smaller.plural }) : undefined
}

type Spoken = Pick<Container, 'name' | 'plural'> & Partial<Pick<Container, 'id' | 'volumeL' | 'holds'>>

/** "3½ buckets", "1 barrow", "½ can"; "2 spoons" of what would be a twentieth of a caddy. */
export function containerText(count: number, container: Spoken): string {
  if (!Number.isFinite(count)) return `${container.plural} ${BEYOND_MEASURE}`
  return inSmaller(count, container) ?? `${countText(count)} ${roundedCount(count) > 1 ? container.plural : container.name}`
}

/** Containers to begin with, in each system's usual sizes. */
export const STARTING_CONTAINERS: Readonly<Record<'metric' | 'us', readonly Container[]>> = {
  metric: [
    { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12, holds: 'material' },
    { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80, holds: 'material' },
    { id: 'barrow', name: 'barrow', plural: 'barrows', volumeL: 85, holds: 'material' },
    { id: 'caddy', name: 'caddy', plural: 'caddies', volumeL: 5, holds: 'material' },
    { id: 'can', name: 'can', plural: 'cans', volumeL: 10, holds: 'water' },
  ],
  us: [
    { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 18.92705892, holds: 'material' },
    { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 113.56235352, holds: 'material' },
    { id: 'barrow', name: 'barrow', plural: 'barrows', volumeL: 170.34353028, holds: 'material' },
    { id: 'caddy', name: 'caddy', plural: 'caddies', volumeL: 3.785411784, holds: 'material' },
    { id: 'can', name: 'can', plural: 'cans', volumeL: 7.570823568, holds: 'water' },
  ],
}

/** Containers that are spoken of where none was chosen. */
export type Everyday = 'bucket' | 'sack' | 'barrow' | 'caddy'

/**
 * A gardener's own bucket, sack, barrow or caddy: theirs of that name, else the one of theirs that is nearest in size; the usual one
 * where nothing is known of theirs.
 */
export function everyday(wanted: Everyday, own: readonly Container[] | undefined, units: UnitSystem): ContainerThen {
  const usual = STARTING_CONTAINERS[units].find(({ id }) => id === wanted)!
  const off = ({ volumeL }: Container) => Math.abs(Math.log(volumeL / usual.volumeL))
  const theirs = (own ?? []).filter(({ holds, volumeL }) => holds === 'material' && volumeL > 0)
  const [nearest] = [...theirs].sort((a, b) => off(a) - off(b))
  return containerThen(theirs.find(({ id }) => id === wanted) ?? nearest ?? usual)
}

/** Measures that are always at hand: a double handful of leaves, torn card or scraps (own measure), a heaped spoon, and a litre. */
export const HANDFUL: ContainerThen = { id: 'handful', name: 'handful', plural: 'handfuls', volumeL: 0.5 }
export const SPOON: ContainerThen = { id: 'spoon', name: 'spoon', plural: 'spoons', volumeL: 0.015 }
export const LITRE: ContainerThen = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }

/** A jug to measure small things in: a litre, or a quart. */
export const jugOf = (units: UnitSystem): ContainerThen =>
  units === 'us' ? { id: 'quart', name: 'quart', plural: 'quarts', volumeL: 0.946352946 } : LITRE
