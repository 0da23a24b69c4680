import type { BegunBatch, Role } from '../../journal/garden'
import type { Answers } from '../../questions/answers'
import type { Family } from '../../materials/material'
import type { Ingredient } from '../../mix/portion'
import type { Question } from '../../questions/question'
import type { Quantity as Unit } from '../../units/system'
import type { Words } from '../../units/words'
import type { Surroundings } from './surroundings'

/** Something that can be found by a sense, with what it means. */
export interface Finding {
  readonly id: string
  readonly label: string
  readonly sign: 'good' | 'mind' | 'bad'
  readonly answer: string
  /** A small drawing beside its words: paths in a field of 32 by 32. */
  readonly drawn?: readonly string[]
}

/** A sense that is asked for, as a gardener would: squeeze, smell, look. */
export interface Sense {
  readonly id: string
  readonly label: string
  readonly icon: string
  readonly question: string
  readonly findings: readonly Finding[]
}

/** Where a quantity is read. */
export interface Spot {
  readonly id: string
  readonly label: string
  /** As it is said, with a value in place of {}: "core {}", "{} high". */
  readonly said: string
}

/** Something that is measured with a thermometer, a stick or an eye. Values in the core's unit. */
export interface Quantity {
  readonly id: string
  readonly label: string
  readonly icon: string
  readonly unit: Unit | 'percent' | 'none'
  readonly limits: readonly [low: number, high: number]
  /** The first is asked at once, the others where they are wanted. */
  readonly spots: readonly [Spot, ...Spot[]]
  readonly button: string
  /** Whether a probe or a thermometer's file may give it. */
  readonly byThermometer?: boolean
  /** What is expected now, by spot: what a stick or a probe would find. */
  expected(batch: BegunBatch, surroundings: Surroundings): Readonly<Partial<Record<string, number>>>
  /** What a new value says beside what is known. */
  answer?(batch: BegunBatch, surroundings: Surroundings, values: Readonly<Partial<Record<string, number>>>): string
}

/** Something that is done to a batch, in the method's words. */
export interface Deed {
  readonly id: string
  readonly label: string
  readonly icon: string
  /** What to do, in a sentence; empty where a guide says it step by step. */
  readonly how: Words
  readonly asks: readonly Question[]
  readonly cautions: readonly string[]
  /** The gate that has to be open before it is done. */
  readonly gate?: string
  /** The bar after recording, behind the name: "turned, 3 times so far". */
  said(batch: BegunBatch, answers: Answers, surroundings: Surroundings): { readonly said: string, readonly answer: string }
  /** As it stands in the log. */
  words(answers: Answers, surroundings: Surroundings): string
}

/** Something that may be put in. */
export interface PutOffer {
  readonly id: string
  readonly label: string
  readonly icon: string
  readonly what: 'water' | 'stuff'
  readonly role: Role
  /** Families that are offered; all of them when absent. */
  readonly families?: readonly Family[]
  readonly button: string
  /** The log's first word: "Added", "Filled again with". */
  readonly said: string
  /** What it usually is: as the last time, in the container it is carried in. One tap opens it so, the next records it. */
  usual?(batch: BegunBatch, surroundings: Surroundings): readonly Ingredient[]
}

/** What to cover so much of a feed with, and why; no ingredient where nothing is needed, or nothing is known. */
export interface Cover { readonly ingredient?: Ingredient, readonly words: string }

/** A place within a batch where something is put. */
export interface Pocket { readonly id: string, readonly label: string }

/**
 * Feeding something little by little: what it usually is, what covers it, and where it goes. One tap opens it as it usually is,
 * the next records it.
 */
export interface FeedOffer {
  readonly id: string
  readonly label: string
  readonly icon: string
  readonly button: string
  /** The log's first word: "Fed". */
  readonly said: string
  readonly families: readonly Family[]
  readonly coverFamilies: readonly Family[]
  /** What is usually fed: as the last times, so much as is due. */
  usual(batch: BegunBatch, surroundings: Surroundings): readonly Ingredient[]
  coverFor(batch: BegunBatch, surroundings: Surroundings, fed: readonly Ingredient[]): Cover
  /** The places that are fed in turn, the one whose turn it is first; none where it does not matter. */
  pockets(batch: BegunBatch, surroundings: Surroundings): readonly Pocket[]
  /** What it comes to with this in it. */
  answer(batch: BegunBatch, surroundings: Surroundings, fed: readonly Ingredient[], cover: Ingredient | undefined): string
  /** What to mind about what is fed. */
  cautions(fed: readonly Ingredient[]): readonly string[]
}

/** Giving litres of a batch straight to a bed, thinned with water. */
export interface UseOffer {
  readonly id: string
  readonly label: string
  readonly icon: string
  readonly button: string
  /** Parts of water to one part, as it stands now. */
  parts(batch: BegunBatch, surroundings: Surroundings): { readonly low: number, readonly usual: number, readonly high: number }
  /** Litres of the thinned stuff for a square metre. */
  readonly litresPerM2: number
  /** Litres that are there to give. */
  left(batch: BegunBatch): number
  cautions(batch: BegunBatch, surroundings: Surroundings): readonly string[]
}

/** One way to record something, in the order in which the method offers them; only for those batches that it fits. */
export type Pad = { readonly fits?: (batch: BegunBatch) => boolean } & (
  | { readonly kind: 'gauge', readonly quantity: Quantity }
  | { readonly kind: 'sense', readonly sense: Sense }
  | { readonly kind: 'deed', readonly deed: Deed }
  | { readonly kind: 'put', readonly put: PutOffer }
  | { readonly kind: 'feed', readonly feed: FeedOffer }
  | { readonly kind: 'use', readonly use: UseOffer }
)

/** What a pad is called and drawn with. */
export function padFace(pad: Pad): { readonly id: string, readonly label: string, readonly icon: string } {
  switch (pad.kind) {
    case 'gauge': return pad.quantity
    case 'sense': return pad.sense
    case 'deed': return pad.deed
    case 'put': return pad.put
    case 'feed': return pad.feed
    case 'use': return pad.use
  }
}
