import type { Comfort } from '../mix/judgement'
import type { Measures } from '../mix/measures'
import type { MaterialBook } from '../materials/book'
import type { Ingredient } from '../mix/portion'
import type { StandingBatch } from '../journal/garden'
import type { ContainerThen } from '../units/container'
import type { Range } from '../units/range'
import type { UnitSystem } from '../units/system'
import type { Stratum } from '../vessel/strata'
import type { Vessel } from '../vessel/vessel'

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
  readonly waterCan: ContainerThen
  readonly materials: MaterialBook
}

/** What a batch is expected to do on one day: 80 % ranges, typical in the middle. */
export interface ExpectedDay {
  readonly day: number
  readonly coreC: Range
  readonly edgeC: Range
  readonly heightM: Range
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
}

/** What one tap can do about a task. */
export type TaskAction = 'reading' | 'squeeze' | 'turned' | 'watered' | 'finish' | 'open'

/** Something a batch asks for, with its reason and the days it can be done in. */
export interface Task {
  readonly id: string
  readonly batchId: string
  readonly action: TaskAction
  readonly title: string
  readonly reason: string
  readonly due: Date
  readonly until: Date
  readonly urgency: 'now' | 'usual' | 'whenever'
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
  expect(batch: StandingBatch, surroundings: Surroundings, days: number): readonly ExpectedDay[]
  standing(batch: StandingBatch, surroundings: Surroundings): Standing
  readyWindow(batch: StandingBatch, surroundings: Surroundings): ReadyWindow
  tasks(batch: StandingBatch, surroundings: Surroundings): readonly Task[]
  cautions: { readonly turning: readonly string[], readonly finishing: readonly string[] }
}

/** The approach of this id, or the method's first. */
export function approachOf(method: Pick<Method, 'approaches'>, id: string): Approach {
  return method.approaches.find(approach => approach.id === id) ?? method.approaches[0] as Approach
}
