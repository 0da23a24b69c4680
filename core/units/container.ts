import { countText, roundedCount } from './format'
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

/** "3½ buckets", "1 barrow", "½ can". */
export function containerText(count: number, container: Pick<ContainerThen, 'name' | 'plural'>): string {
  return `${countText(count)} ${roundedCount(count) > 1 ? container.plural : container.name}`
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

/** Measures that are always at hand: a double handful of leaves, torn card or scraps (own measure), and a litre. */
export const HANDFUL: ContainerThen = { id: 'handful', name: 'handful', plural: 'handfuls', volumeL: 0.5 }
export const LITRE: ContainerThen = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }

/** A jug to measure small things in: a litre, or a quart. */
export const jugOf = (units: UnitSystem): ContainerThen =>
  units === 'us' ? { id: 'quart', name: 'quart', plural: 'quarts', volumeL: 0.946352946 } : LITRE
