import type { CharState } from '../../materials/char-state'
import type { BegunBatch } from '../../journal/garden'
import type { GroundPlan } from '../../picture/ground'
import type { Picture } from '../../picture/picture'
import type { ReadinessTest, Use } from '../../readiness/test'
import type { Stages } from '../../readiness/verdict'
import type { Quantity as Unit } from '../../units/system'
import type { Fact } from './draft'
import type { Guide } from './guide'
import type { Pipeline } from './pipeline'
import type { Surroundings } from './surroundings'
import type { Task } from './task'

/** Where a batch stands in its life, in a word and a sentence. */
export interface Standing {
  readonly phase: string
  readonly label: string
  readonly sentence: string
  /** A figure for where there is room for one only. */
  readonly figure?: string
  readonly tone: 'good' | 'mind' | 'bad'
}

/** A stretch of days in which something comes, and why. */
export interface NamedWindow {
  readonly id: string
  /** "Ready", "Mulch", "Foam at its height". */
  readonly label: string
  readonly from: Date
  readonly to: Date
  readonly reasons: readonly string[]
  /** The most likely day within it; nothing where it may well lie beyond what was looked at. */
  readonly likely?: Date
  /** It may well be later than `to`: nobody looked further ahead. */
  readonly orLater?: boolean
  /** All of it lies beyond what was looked at: `to` is the end of that, and no day of its own. */
  readonly beyond?: boolean
  /** What is said while it is to come, and once it has begun. */
  readonly coming: string
  /** How a calendar tells of it, behind the batch's name: "may be ready". */
  readonly announced: string
  readonly begun: string
  /** What is not reckoned with in it. */
  readonly leavesOut?: string
}

/** One place of a line: what is expected, eight times in ten between low and high. */
export interface ChartPoint {
  readonly at: number
  readonly low: number
  readonly typical: number
  readonly high: number
}

/** Values that were gauged, as a chart shows them; an odd one is hollow, never hidden. */
export interface ChartDots {
  readonly name: string
  readonly main: boolean
  readonly points: readonly { readonly at: number, readonly value: number, readonly odd?: boolean }[]
}

/** One quantity over time: expected, as it looked at the start, as gauged, and what was done when. */
export interface Chart {
  readonly id: string
  readonly title: string
  readonly unit: Unit | 'percent'
  readonly expected: readonly ChartPoint[]
  readonly atStart: readonly ChartPoint[]
  readonly dots: readonly ChartDots[]
  readonly marks: readonly number[]
  /** What was done at its upright lines: "turned". */
  readonly marksAre?: string
  /** What else one has to know to read it. */
  readonly note?: string
}

/** Something that comes out of a batch. */
export interface Output {
  readonly materialId: string
  readonly label: string
  readonly hint: string
  readonly sieveMm?: number
  /** How far it is charged now, and with what, where it is char. */
  readonly char?: CharState
  /** Litres that are expected of it now, where that can be said. */
  readonly expectedL?: number
}

/** Something that must not be done before a condition holds. */
export interface Gate {
  readonly id: string
  readonly label: string
  readonly open: boolean
  readonly reason: string
  /** Nobody does it while this is shut: “it was done all the same” is not offered. */
  readonly never?: boolean
  /** Nothing is taken out while this is shut. */
  readonly beforeTaking?: true
}

/** How a batch looks: everything that screens show of it. `day` counts from the beginning; without it, now. */
export interface Look {
  standing(batch: BegunBatch, surroundings: Surroundings): Standing
  windows(batch: BegunBatch, surroundings: Surroundings): readonly NamedWindow[]
  tasks(batch: BegunBatch, surroundings: Surroundings): readonly Task[]
  picture(batch: BegunBatch, surroundings: Surroundings, day?: number): Picture
  /** From above, where it matters what lies where. */
  fromAbove?(batch: BegunBatch, surroundings: Surroundings): GroundPlan | undefined
  /** What it is on a day, in a sentence. */
  told(batch: BegunBatch, surroundings: Surroundings, day?: number): string
  /** The last day that the picture can be moved to. */
  lastDay(batch: BegunBatch, surroundings: Surroundings): number
  charts(batch: BegunBatch, surroundings: Surroundings): readonly Chart[]
  facts(batch: BegunBatch, surroundings: Surroundings): readonly Fact[]
  gates(batch: BegunBatch, surroundings: Surroundings): readonly Gate[]
  /** What follows what in it along its weeks, where that can be drawn. */
  bands?(batch: BegunBatch, surroundings: Surroundings): Pipeline | undefined
  /** What is done in one go, step by step, while it is to be done. */
  guide?(batch: BegunBatch, surroundings: Surroundings): Guide | undefined
  outputs(batch: BegunBatch, surroundings: Surroundings): readonly Output[]
}

/** How ripe a batch is, which tests count for it, and what else is worth knowing before it is used. */
export interface Ripeness {
  /** Uses that its stuff can be for at all; every use where nothing is said. */
  readonly uses?: readonly Use[]
  /** Tests that say something of what it makes; those for what was brought in are added by `testsOf`. */
  tests(batch: BegunBatch, surroundings: Surroundings): readonly ReadinessTest[]
  stages(batch: BegunBatch, surroundings: Surroundings): Stages
  notes(
    batch: BegunBatch, surroundings: Surroundings,
  ): { readonly title: string, readonly lines: readonly string[], readonly caution: string }
}
