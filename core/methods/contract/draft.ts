import type { BegunBatch } from '../../journal/garden'
import type { Answers } from '../../questions/answers'
import type { Comfort } from '../../mix/judgement'
import type { Ingredient } from '../../mix/portion'
import type { GroundPlan } from '../../picture/ground'
import type { Picture } from '../../picture/picture'
import type { Range } from '../../units/range'
import type { Site } from '../../vessel/site'
import type { Stratum } from '../../vessel/strata'
import type { Vessel } from '../../vessel/vessel'
import type { Pipeline } from './pipeline'
import type { Comes } from './purposes'
import type { Surroundings } from './surroundings'

/** A plan with its materials, as a method thinks about it before anything is begun. */
export interface Proposal {
  readonly site: Site
  readonly approachId: string
  readonly answers: Answers
  readonly ingredients: readonly Ingredient[]
  readonly waterL: number
  readonly volumeL: number
}

/** What would be built, and where: enough to say what it would do. */
export type Planned = Pick<Proposal, 'site' | 'ingredients' | 'waterL' | 'answers'>

export type Grade = 'good' | 'workable' | 'poor'

/** A verdict in a sentence. */
export interface Verdict {
  readonly grade: Grade
  readonly text: string
  /** What holds it back most, where mix, size and season are weighed against each other. */
  readonly weakest?: 'mix' | 'size' | 'season'
  /** The one thing to do about it, unless it is the mix: that is balanced on the bench. */
  readonly advice?: string
}

/** What a mix would do with its heat in the first days, in its place and season. */
export interface Outlook {
  readonly grade: Grade
  readonly label: string
  readonly peakC: number
}

/** One thing worth knowing: a name, a value in a gardener's words, and why. */
export interface Fact {
  readonly label: string
  readonly value: string
  readonly why?: string
}

/** What to mind: about one ingredient, or about the whole. */
export interface Warning {
  readonly materialId?: string
  readonly text: string
}

/** How long it takes by hand, minutes as ranges. */
export interface Work {
  readonly label: string
  readonly minutes: Range
}

/** One step of building, with what to mind while doing it. */
export interface BuildStep {
  /** Days or hours before, while it is built, or when it stands. */
  readonly when: 'before' | 'building' | 'after'
  readonly title: string
  readonly detail: string
  /** What is laid down in this step, from below, and the water that goes over it. */
  readonly spreads?: readonly Spread[]
  readonly waterL?: number
  readonly cautions: readonly string[]
}

/** What is laid down at once: one thing, or several forked together where each alone would be a film. */
export interface Spread {
  readonly label: string
  readonly strata: readonly Stratum[]
}

/** Something it will give, how much of it and when. */
export interface Gift extends Comes {
  readonly litres: Range
  readonly from: Date
  readonly to: Date
  /** Its last day is only as far as was looked. */
  readonly orLater?: boolean
}

/** The ways of a method side by side, for what is wanted and at hand. */
export interface Comparison {
  readonly title: string
  /** Heads of the columns, the way's own first. */
  readonly heads: readonly string[]
  readonly rows: readonly ComparedWay[]
  readonly note: string
}

/** One way in it: taking it makes it the plan's. */
export interface ComparedWay {
  readonly approachId: string
  readonly name: string
  /** A value under each head but the first. */
  readonly cells: readonly string[]
  /** What speaks against it here, where something does. */
  readonly but?: string
  /** Whether it fits what was asked. */
  readonly fits: boolean
}

/** What has to be gathered for it, all of it, and by when: what the store already holds is found by the list. */
export interface Wants { readonly ingredients: readonly Ingredient[], readonly by: Date }

/** What a plan comes to before anything is begun. */
export interface Draft {
  /** Amounts, height and water in one sentence. */
  readonly summary: string
  readonly verdict: Verdict
  readonly facts: readonly Fact[]
  readonly warnings: readonly Warning[]
  readonly picture: Picture
  /** The same from above, where it matters what lies where. */
  readonly fromAbove?: GroundPlan
  /** How it goes on in turn, where several follow one another. */
  readonly pipeline?: Pipeline
  readonly steps: readonly BuildStep[]
  readonly work: readonly Work[]
  readonly gives: readonly Gift[]
  /** The ways side by side, where choosing one is half the work. */
  readonly compared?: Comparison
  /** Why it cannot be begun like this, in a sentence: it is not offered then. */
  readonly refusal?: string
  /** The site as it is laid out for its measures, where more stands in it than its walls. */
  readonly site?: Site
  /** Litres of water that go in at the start. */
  readonly waterL: number
  /** What goes in, where the method says what; absent where the gardener does. */
  readonly recipe?: readonly Ingredient[]
  /** That recipe is only proposed: what the gardener picks, of what the method feeds on, takes its place. */
  readonly proposed?: boolean
  /** What to put on a collecting list, where that can be said. */
  readonly wants?: Wants
}

/** Why it matters how things are mixed, where it does: the bench shows the balance. */
export interface Mixing {
  comfort(approachId: string): Comfort
  /** What it would do with its heat if it were built so, there and now. */
  outlook(planned: Planned, surroundings: Surroundings): Outlook
  strata(proposal: Proposal): readonly Stratum[]
  /** How many times the same layer is laid; whoever says how many says it in the answer of this id. */
  layers(proposal: Proposal): { readonly count: number, readonly answerId: string }
  /** What it would do, in a few facts, once its forecast is worked out (`surroundings.forecastOf`). */
  ahead(batch: BegunBatch, surroundings: Surroundings): readonly Fact[]
}

/** How much to build for so much of it, where that can be said. */
export interface Sizing {
  /** Of its litres, loosely mixed, so much stands when it has just been built. */
  readonly standsShare: number
  /** The least litres, loosely mixed, that can do what the method is for, in this vessel. */
  leastVolumeL(vessel: Vessel): number
  /** Days from building to ready with a good mix, earliest and latest usual. */
  daysToReady(approachId: string): { readonly earliest: number, readonly latest: number }
  /** Litres that come out for each litre built, before a garden has batches of its own to go by. */
  readonly usualYield: Range
}
