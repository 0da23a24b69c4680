import type { Measurements } from '../materials/measured'
import type { NamedIngredient } from '../mix/portion'
import type { Vessel } from '../vessel/vessel'
import type { Amount, ContainerThen, Packing } from '../units/container'

/** Litres taken from a lot. */
export interface Draw {
  readonly lotId: string
  readonly litres: number
}

/** An ingredient as it went into a batch: counted as gathered, before any preparation. */
export interface BatchIngredient extends NamedIngredient {
  readonly draws: readonly Draw[]
}

/** Something in the store: gathered or made at one time. */
export interface Lot {
  readonly id: string
  readonly materialId: string
  readonly gatheredAt: string
  readonly initialL: number
  readonly container: ContainerThen
  readonly packing: Packing
  readonly source: string
  /** The batch it came from, for finished products and overs. */
  readonly fromBatchId?: string
  readonly sieveMm?: number
}

/** How a batch was built. */
export interface Built {
  readonly at: string
  readonly methodId: string
  readonly approachId: string
  readonly vessel: Vessel
  readonly ingredients: readonly BatchIngredient[]
  readonly waterL: number
}

export interface Reading { readonly eventId: string, readonly at: string, readonly coreC?: number, readonly edgeC?: number, readonly source: 'hand' | 'probe' | 'file' }
export interface Observation { readonly eventId: string, readonly at: string, readonly sense: string, readonly finding: string }
export interface Happening { readonly at: string }
export interface Watering extends Happening { readonly litres: number }
export interface HeightMark extends Happening { readonly eventId: string, readonly heightM: number }
export interface Addition extends Happening { readonly ingredient: BatchIngredient }

/** Answers to the questions of a test, by question. */
export type TestAnswers = Readonly<Record<string, number | string>>
export interface TestBegun extends Happening { readonly eventId: string, readonly test: string, readonly answers: TestAnswers }
export interface TestRead extends TestBegun { readonly begunId?: string }
/** A task put off until a moment; skipped, when there is a reason. */
export interface PutOff extends Happening { readonly task: string, readonly until: string, readonly why?: string }
/** A picture taken of a batch; the picture itself lies beside the journal. */
export interface PhotoMark extends Happening { readonly eventId: string, readonly photoId: string, readonly caption: string }

/** What came out of a batch. */
export interface Product {
  readonly lotId: string
  readonly materialId: string
  readonly amount: Amount
  readonly sieveMm?: number
}
export interface Finish extends Happening { readonly heightM?: number, readonly products: readonly Product[] }

/** All that is known of one batch, in the order in which it happened. */
export interface Batch {
  readonly id: string
  readonly name: string
  readonly place: string
  readonly built?: Built
  readonly additions: readonly Addition[]
  readonly readings: readonly Reading[]
  readonly observations: readonly Observation[]
  readonly heights: readonly HeightMark[]
  readonly turns: readonly Happening[]
  readonly waterings: readonly Watering[]
  readonly testsBegun: readonly TestBegun[]
  readonly testsRead: readonly TestRead[]
  readonly putOffs: readonly PutOff[]
  readonly photos: readonly PhotoMark[]
  readonly finish?: Finish
  /** The ids of all its events that still stand, in order. */
  readonly log: readonly string[]
}

/** A batch that has been built. */
export type StandingBatch = Batch & { readonly built: Built }

/** Whether events tell how the batch began. */
export function isBuilt(batch: Batch): batch is StandingBatch {
  return batch.built !== undefined
}

/** The whole garden as its events tell it: derived, never stored. */
export interface Garden {
  readonly lots: Map<string, Lot>
  /** Litres taken from each lot so far. */
  readonly drawnL: Map<string, number>
  readonly batches: Map<string, Batch>
  /** What was weighed and dried, by material. */
  readonly measurements: Map<string, Measurements>
}

/** A garden in which nothing has happened. */
export function emptyGarden(): Garden {
  return { lots: new Map(), drawnL: new Map(), batches: new Map(), measurements: new Map() }
}

/** Litres left of a lot, as it lies in the store; never below 0. */
export function remainingL(garden: Garden, lot: Lot): number {
  return Math.max(0, lot.initialL - (garden.drawnL.get(lot.id) ?? 0))
}
