import type { StandingBatch } from '../journal/garden'
import type { Forecast } from '../learning/forecast'
import type { MaterialBook } from '../materials/book'
import type { Comfort } from '../mix/judgement'
import type { Measures } from '../mix/measures'
import type { Ingredient } from '../mix/portion'
import type { ReadinessTest } from '../readiness/test'
import type { Stages } from '../readiness/verdict'
import type { ContainerThen } from '../units/container'
import type { Range } from '../units/range'
import type { UnitSystem } from '../units/system'
import type { Stratum } from '../vessel/strata'
import type { Vessel } from '../vessel/vessel'
import type { WhatIf, Supposed, Forecaster, ExpectedDay } from './foresight'
import type { Task } from './task'
import type { Spare, Diagnosis } from './trouble'

/** A school: one way in which practitioners run a method. */
export interface Approach {
  readonly id: string
  readonly name: string
  readonly summary: string
  readonly comfort: Comfort
}

/** Something that can be found by a sense, with what it means. */
export interface Finding {
  readonly id: string
  readonly label: string
  readonly sign: 'good' | 'mind' | 'bad'
  readonly answer: string
}

/** A sense that is asked for, as a gardener would: squeeze, smell, look. */
export interface Sense {
  readonly id: string
  readonly label: string
  readonly question: string
  readonly findings: readonly Finding[]
}

/** What something is planned to be, before it is built. */
export interface Proposal {
  readonly vessel: Vessel
  readonly approachId: string
  readonly ingredients: readonly Ingredient[]
  readonly waterL: number
  readonly volumeL: number
}

/** Whether a size suits a method. */
export interface SizeVerdict {
  readonly grade: 'good' | 'workable' | 'poor'
  readonly text: string
}

/** What a mix would do with its heat in the first days. */
export interface Outlook {
  readonly grade: 'good' | 'workable' | 'poor'
  readonly label: string
  readonly peakC: number
}

/** What to mind about one ingredient in one approach. */
export interface Warning {
  readonly materialId: string
  readonly text: string
}

/** How long it takes by hand, minutes as ranges, and how often it is usually turned. */
export interface HandsOn {
  readonly building: Range
  readonly eachTurn: Range
  readonly turns: number
}

/** One step of building, with what to mind while doing it. */
export interface BuildStep {
  readonly title: string
  readonly detail: string
  readonly stratum?: Stratum
  readonly cautions: readonly string[]
}

/** Everything outside a batch that a method needs to think about it. */
export interface Surroundings {
  readonly now: Date
  readonly units: UnitSystem
  readonly ambientC: (at: Date) => number
  /** Rain on a day, mm. */
  readonly rainMm: (at: Date) => number
  readonly waterCan: ContainerThen
  readonly materials: MaterialBook
  /** What the store could give to a remedy. */
  readonly spares?: readonly Spare[]
  /** The forecast of a batch, once it has been worked out. */
  readonly forecastOf?: (batchId: string) => Forecast | undefined
}

/** Where a batch stands in its life, in a word and a sentence. */
export interface Standing {
  readonly phase: string
  readonly label: string
  readonly sentence: string
  readonly tone: 'good' | 'mind' | 'bad'
}

/** When a batch is expected to be ready, and why. */
export interface ReadyWindow {
  readonly from: Date
  readonly to: Date
  readonly reasons: readonly string[]
  /** It may well be later than `to`: nobody looked further ahead. */
  readonly orLater?: boolean
}

/** How ripe a batch is, and which tests count for it. */
export interface Ripeness {
  tests(batch: StandingBatch, surroundings: Surroundings): readonly ReadinessTest[]
  stages(batch: StandingBatch, surroundings: Surroundings): Stages
}

/** Something that comes out of a batch. */
export interface Output {
  readonly materialId: string
  readonly label: string
  readonly hint: string
  readonly sieveMm?: number
}

/** A way of turning scraps into something useful. All that is particular to it lives behind this. */
export interface Method {
  readonly id: string
  readonly name: string
  readonly summary: string
  readonly approaches: readonly Approach[]
  readonly senses: readonly Sense[]
  readonly outputs: readonly Output[]
  judgeSize(vessel: Vessel, volumeL: number, units: UnitSystem): SizeVerdict
  /** The least litres that can do what the method is for, in this vessel. */
  leastVolumeL(vessel: Vessel): number
  /** Days from building to ready with a good mix, earliest and latest usual. */
  daysToReady(approachId: string): { readonly earliest: number, readonly latest: number }
  /** Litres that come out for each litre built, before a garden has batches of its own to go by. */
  readonly usualYield: Range
  outlook(measures: Measures): Outlook
  handsOn(proposal: Proposal): HandsOn
  warnings(ingredients: readonly Ingredient[], approachId: string): readonly Warning[]
  strata(proposal: Proposal): readonly Stratum[]
  buildSteps(proposal: Proposal, surroundings: Surroundings): readonly BuildStep[]
  readonly forecaster: Forecaster
  readonly diagnosis: Diagnosis
  readonly ripeness: Ripeness
  /** The course of a batch from the day of building. */
  expect(batch: StandingBatch, surroundings: Surroundings, days: number): readonly ExpectedDay[]
  /** One course of a batch as it stands and with something done to it. Nothing where that cannot be told. */
  suppose(batch: StandingBatch, surroundings: Surroundings, days: number, supposed: readonly Supposed[]): WhatIf | undefined
  standing(batch: StandingBatch, surroundings: Surroundings): Standing
  readyWindow(batch: StandingBatch, surroundings: Surroundings): ReadyWindow
  tasks(batch: StandingBatch, surroundings: Surroundings): readonly Task[]
  cautions: { readonly turning: readonly string[], readonly finishing: readonly string[] }
}

/** The approach of this id, or the method's first. */
export function approachOf(method: Pick<Method, 'approaches'>, id: string): Approach {
  return method.approaches.find(approach => approach.id === id) ?? method.approaches[0] as Approach
}
