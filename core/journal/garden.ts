import type { Answers } from '../questions/answers'
import type { CharState } from '../materials/char-state'
import type { Measurements } from '../materials/measured'
import type { NamedIngredient } from '../mix/portion'
import type { Amount, ContainerThen, Packing } from '../units/container'
import type { Range } from '../units/range'
import type { Site } from '../vessel/site'

/** Litres taken from a lot. */
export interface Draw {
  readonly lotId: string
  readonly litres: number
}

/** Something bought for a mix that never lay in the store. */
export interface Bought { readonly materialId: string, readonly litres: number }

/** An ingredient as it went into a batch: counted as gathered, before any preparation. */
export interface BatchIngredient extends NamedIngredient {
  readonly draws: readonly Draw[]
}

/** What something is put in for. */
export const ROLES = ['feed', 'cover', 'bedding', 'living', 'starter'] as const
export type Role = typeof ROLES[number]

/** Something that was put into a batch, with what it is there for. */
export interface Input extends BatchIngredient {
  readonly role: Role
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
  /** The lots it was made from, by sieving or mixing. */
  readonly fromLotIds?: readonly string[]
  /** What was taken of them and bought for all that was made then, and how many litres that gave. */
  readonly fromDraws?: { readonly draws: readonly Draw[], readonly bought: readonly Bought[], readonly litres: number }
  /** What a mix is called, and what it is for. */
  readonly called?: string
  readonly purpose?: string
  /** The mesh that all of it went through. */
  readonly sieveMm?: number
  /** How far it was charged, and with what, where it is char. */
  readonly char?: CharState
}

/** How far what is in one that stood already is known: as if it had been recorded, what it mostly is, or not at all. */
export const KNOWN_OF = ['known', 'mostly', 'unknown'] as const
/** What is known of the beginning of one that stood already when it was first written down; `at` of it lies within. */
export interface Stood {
  readonly from: string
  readonly to: string
  /** When it was written down: what was to be done before that is over. */
  readonly noted: string
  readonly of: typeof KNOWN_OF[number]
  /** What came evenly from the beginning until then, beside what it was begun with. */
  readonly evenly?: { readonly inputs: readonly Input[], readonly until: string }
  /** How high it stood then, metres: what went in is reckoned back from that. */
  readonly heightM?: number
  /** By which of its method's usual fillings it was reckoned. */
  readonly usually?: string
}

/** How a batch began. What went in at once is its first put. */
export interface Began {
  readonly at: string
  readonly stood?: Stood
  readonly methodId: string
  readonly approachId: string
  readonly site: Site
  readonly answers: Answers
}

interface Happening { readonly eventId: string, readonly at: string }
/** Stuff and water that went in at one time, perhaps at a place within it; the first of a batch that is built at once is `atStart`. */
export interface Put extends Happening {
  readonly inputs: readonly Input[]
  readonly waterL: number
  readonly atStart: boolean
  readonly pocket?: string
  /** It was in one that stood already when that was first written down. */
  readonly already?: true
  /** The batch that it came from at once. */
  readonly fromBatchId?: string
}
/** A deed of the method's own words, with its answers. */
export interface Did extends Happening { readonly deed: string, readonly answers: Answers }
/** Where a value came from. */
export const SOURCES = ['hand', 'probe', 'file'] as const
export type Source = typeof SOURCES[number]
/** A quantity that was read at a spot, in the core's unit for it. */
export interface Gauge extends Happening { readonly spot: string, readonly value: number, readonly source: Source }
export interface Observation extends Happening { readonly sense: string, readonly finding: string }
export interface TestBegun extends Happening { readonly test: string, readonly answers: Answers }
/** A test that was read. `result` is what it came to when it was read: it stays so. */
export interface TestRead extends TestBegun {
  readonly begunId?: string
  readonly result?: { readonly grade: 'passed' | 'doubtful' | 'failed', readonly text: string }
}
/** A task put off until a moment; skipped, when there is a reason. */
export interface PutOff extends Happening { readonly task: string, readonly until: string, readonly why?: string }
/** A picture taken of a batch; the picture itself lies beside the journal. */
export interface PhotoMark extends Happening { readonly photoId: string, readonly caption: string }

/** What came out of a batch. */
export interface Product {
  readonly lotId: string
  readonly materialId: string
  readonly amount: Amount
  readonly sieveMm?: number
  readonly char?: CharState
}
/** Products taken out, in part or for good, and how high it stood before; and the batch that they went onto at once. */
export interface Taking extends Happening {
  readonly products: readonly Product[]
  readonly ends: boolean
  readonly heightM?: number
  readonly toBatchId?: string
  /** It was left where it stood. */
  readonly left?: true
}
/** Litres given straight from a batch to a place. */
export interface Use extends Happening {
  readonly litres: number
  readonly place: string
  readonly areaM2?: number
  readonly waterL?: number
}

/** Something that went to a bed or another place, out of the store or straight from a batch. */
export interface Spread extends Happening {
  readonly lotId?: string
  readonly batchId?: string
  /** What it was, where it came from no lot and no batch of this garden. */
  readonly materialId?: string
  readonly bedId?: string
  readonly place: string
  readonly litres: number
  readonly areaM2?: number
  readonly waterL?: number
  /** Between which moments it was, where nobody knows the day; `at` lies within. */
  readonly between?: { readonly from: string, readonly to: string }
}

/** By what something is made of what lies in the store. */
export const MADE_BY = ['sieved', 'mixed', 'charged'] as const
/** Something that was made of what lay in the store. What went in beyond products and what was picked out is lost. */
export interface Making extends Happening {
  readonly how: typeof MADE_BY[number]
  readonly draws: readonly Draw[]
  readonly bought: readonly Bought[]
  readonly products: readonly Product[]
  readonly picked?: { readonly litres: number, readonly what: string }
  readonly minutes?: number
}

/** What was found at one side of a comparison: a value in the core's unit, or so many of so many. */
export interface SideFound {
  readonly value?: number | undefined
  readonly hits?: number | undefined
  readonly of?: number | undefined
}
/** Both sides of a pair of a trial, looked at on the same day for one thing. */
export interface Comparison extends Happening {
  readonly trialId: string
  readonly pairId: string
  readonly measure: string
  readonly with: SideFound
  readonly without: SideFound
}

/** All that is known of one batch, in the order in which it happened. */
export interface Batch {
  readonly id: string
  readonly name: string
  readonly place: string
  readonly began?: Began
  readonly puts: readonly Put[]
  readonly did: readonly Did[]
  /** What was gauged, by quantity. */
  readonly gauged: Readonly<Partial<Record<string, readonly Gauge[]>>>
  readonly observations: readonly Observation[]
  readonly takings: readonly Taking[]
  readonly uses: readonly Use[]
  readonly testsBegun: readonly TestBegun[]
  readonly testsRead: readonly TestRead[]
  readonly putOffs: readonly PutOff[]
  readonly photos: readonly PhotoMark[]
  readonly ended?: { readonly eventId: string, readonly at: string }
  /** What was told of it first: when, and which windows, in days since it began. */
  readonly foretold?: { readonly at: string, readonly windows: Readonly<Record<string, Range>> }
  /** The ids of all its events that still stand, in order. */
  readonly log: readonly string[]
}

/** A batch of which it is known how it began. */
export type BegunBatch = Batch & { readonly began: Began }

/** Whether events tell how the batch began. */
export function hasBegun(batch: Batch): batch is BegunBatch {
  return batch.began !== undefined
}

/** The earliest moment at which it may have begun: nothing of it was before. */
export function earliestOf({ at, stood }: Pick<Began, 'at' | 'stood'>): string {
  return stood && stood.from < at ? stood.from : at
}

/** The first thing that was recorded of a batch since it stood, whenever it began; nothing where it only stands. */
export function firstSince({ puts, did, gauged, observations, takings, uses }: Batch): { readonly at: string } | undefined {
  const all: readonly { readonly at: string }[] = [
    ...puts.filter(({ already }) => !already), ...did, ...Object.values(gauged).flatMap(one => one ?? []), ...observations, ...takings,
    ...uses,
  ]
  return all.reduce<{ readonly at: string } | undefined>((first, one) => !first || one.at < first.at ? one : first, undefined)
}

/** Everything that went into a batch, in order. */
export function inputsOf({ puts }: Pick<Batch, 'puts'>): Input[] {
  return puts.flatMap(({ inputs }) => inputs)
}

/** What lies and lay in the store, and what is known of materials: what all batches share. */
export interface StoreState {
  readonly lots: Map<string, Lot>
  /** Litres taken from each lot so far. */
  readonly drawnL: Map<string, number>
  /** What was weighed and dried, by material. */
  readonly measurements: Map<string, Measurements>
  /** What went to beds, in the order in which it did. */
  readonly spreads: Spread[]
  /** What was sieved, mixed and charged, in the order in which it was. */
  readonly makings: Making[]
  /** What was held against each other in trials of beds and pots, in the order in which it was. */
  readonly comparisons: Comparison[]
}

/** The whole garden as its events tell it: derived, never stored. */
export interface Garden extends StoreState {
  readonly batches: Map<string, Batch>
}

/** A garden in which nothing has happened. */
export function emptyGarden(): Garden {
  return { lots: new Map(), drawnL: new Map(), batches: new Map(), measurements: new Map(), spreads: [], makings: [], comparisons: [] }
}

/** Litres left of a lot, as it lies in the store; never below 0. */
export function remainingL(garden: StoreState, lot: Lot): number {
  return Math.max(0, lot.initialL - (garden.drawnL.get(lot.id) ?? 0))
}
