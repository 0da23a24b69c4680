import type { BegunBatch } from '../../journal/garden'
import type { Already } from './already'
import type { Question } from '../../questions/question'
import type { Range } from '../../units/range'
import type { Site } from '../../vessel/site'
import type { Family } from '../../materials/material'
import type { UnitSystem } from '../../units/system'
import type { CarriesChar } from './carrying'
import type { Draft, Mixing, Proposal, Sizing } from './draft'
import type { Forecaster, Supposing } from './forecast'
import type { Look, Ripeness } from './look'
import type { Looking } from './looking'
import type { LayPipeline } from './pipeline'
import type { ProspectsOf } from './prospect'
import type { Purpose } from './purposes'
import type { Deed, Pad, Quantity, Sense } from './record'
import type { Situation } from './situation'
import type { Surroundings } from './surroundings'
import type { Diagnosis } from './trouble'

/** A school: one way in which practitioners run a method. */
export interface Approach {
  readonly id: string
  readonly name: string
  readonly summary: string
}

/** How what there is comes in. */
export const COMINGS = ['by-and-by', 'at-once'] as const
export type Coming = typeof COMINGS[number]

/** In what it can stand. */
export const STANDINGS = ['bin', 'bay', 'cage', 'box', 'bed'] as const
export type StandingIn = typeof STANDINGS[number]

/** What there is most of. */
export const MAINLY = ['kitchen', 'leaves', 'grass', 'wood', 'dung', 'card', 'turf', 'char', 'mixed'] as const
export type Mainly = typeof MAINLY[number]

/** What a gardener weighs before choosing a method. */
export interface Choosing {
  readonly purposes: readonly Purpose[]
  /** Weeks from beginning to something useful. */
  readonly weeks: Range
  /** Minutes of work a week, over its whole time. */
  readonly minutesAWeek: Range
  readonly heavy: boolean
  readonly comings: readonly Coming[]
  readonly standsIn: readonly StandingIn[]
  /** What it can be made of for the most part. */
  readonly mainly: readonly Mainly[]
  /** What it eats: families of materials, and litres of them to begin with. */
  readonly eats: readonly Family[]
  readonly leastL: number
  readonly line: string
  /** What to do with more of one thing than another method can use: "cage them"; only where a method takes that gladly. */
  readonly surplus?: string
}

/** The method's own words, where screens need one. */
export interface MethodWords {
  /** "heap", "cage", "brew". */
  readonly one: string
  /** The log's first word: "Built from". */
  readonly begun: string
  /** What the school is asked by: "Turning". */
  readonly approach: string
  readonly sheet: string
  readonly stepwise: string
  readonly start: string
  readonly started: string
  readonly take: string
  readonly takenDown: string
  /** What is said where something is taken out before its time. */
  readonly early: string
}

/** What a method is called, whom it suits, and in which ways it is run: what choosing one needs. */
export interface Face {
  readonly name: string
  readonly summary: string
  readonly words: MethodWords
  readonly choosing: Choosing
  readonly approaches: readonly Approach[]
}

/** What every plan has, however its bench is laid. */
interface AnyPlan {
  /** Where it can be: the usual ones to pick from, the first offered first. */
  readonly sites: readonly Site[]
  /** The usual ones of one approach, where they differ. */
  sitesOf?(approachId: string): readonly Site[]
  /** What is asked while it is planned, beside school, site and stuff. */
  asks(approachId: string): readonly Question[]
  /** Families that go in, where not everything does. */
  readonly feeds?: readonly Family[]
  /** How one that stands already came about; left out where what goes in is as the draft says. */
  already?(approachId: string): Already
  draft(proposal: Proposal, surroundings: Surroundings): Draft
}

/** A bench on which one thing is weighed against another: its mix, its size, and what a change would do. */
export interface BalancedPlan extends AnyPlan {
  readonly bench: 'balanced'
  readonly mixing: Mixing
  readonly sizing: Sizing
  readonly supposing: Supposing
}

/**
 * What lies on the bench before anything is begun. `recipe`: the method says what goes in. `pile`: the gardener says, and begins
 * with something. `empty`: it may begin with nothing, and is filled as things come. `balanced`: what goes in is weighed.
 */
export type Plan = BalancedPlan | (AnyPlan & { readonly bench: 'recipe' | 'pile' | 'empty' })

/** A batch from its first day to its last: what is recorded of it, how it looks, what it will do, what comes of it. */
export interface Life extends Look {
  /** What is so of a batch today, worked out once. */
  situate(batch: BegunBatch, surroundings: Surroundings): Situation
  /** How long what is found of it speaks of today: asked by head, tasks, facts and causes alike. */
  readonly looking: Looking
  readonly pads: readonly Pad[]
  /** What a task is called in the log when it is put off, by its action. */
  readonly taskWords: Readonly<Record<string, string>>
  /** Cautions where something is taken out. */
  readonly takeCautions: readonly string[]
  /** What went in at the start that no store keeps, in words: "900 g of boiled potato". */
  alsoWentIn?(batch: BegunBatch, units: UnitSystem): readonly string[]
  /** Whether something may be taken while the rest goes on. */
  readonly inParts: boolean
  /** The material as which all of it goes on in another batch, before it is ready; left out where it never does. */
  readonly goesOnAs?: string
  /** As what its batches take char along, where they do. */
  readonly carriesChar?: CarriesChar
  /** Whether what it has made of its ground can be kept as a bed by now. */
  becomesBed?(batch: BegunBatch, surroundings: Surroundings): boolean
  readonly forecaster?: Forecaster
  readonly diagnosis?: Diagnosis
  readonly ripeness?: Ripeness
  readonly pipeline?: LayPipeline
  /** What will come of it, how much, and with which of its windows; left out where it makes nothing that is kept. */
  readonly prospects?: ProspectsOf
}

/** A way of turning scraps into something useful. All that is particular to it lives behind its three faces. */
export interface Method {
  readonly id: string
  readonly face: Face
  readonly plan: Plan
  readonly life: Life
}

/** The plan of a method whose bench is balanced; nothing of any other. */
export function balancedOf({ plan }: Pick<Method, 'plan'>): BalancedPlan | undefined {
  return plan.bench === 'balanced' ? plan : undefined
}

/** The sites of an approach, the first offered first. */
export function sitesFor({ plan }: Pick<Method, 'plan'>, approachId: string): readonly Site[] {
  return plan.sitesOf?.(approachId) ?? plan.sites
}

/** The approach of this id, or the method's first. */
export function approachOf<A extends Approach>(face: { readonly approaches: readonly A[] }, id: string): A {
  return face.approaches.find(approach => approach.id === id) ?? face.approaches[0] as A
}

/** The quantity of this id, if the method gauges it. */
export function quantityOf({ pads }: Pick<Life, 'pads'>, id: string): Quantity | undefined {
  return pads.flatMap(pad => pad.kind === 'gauge' ? [pad.quantity] : []).find(one => one.id === id)
}

/** The deed of this id, if the method knows it. */
export function deedOf({ pads }: Pick<Life, 'pads'>, id: string): Deed | undefined {
  return pads.flatMap(pad => pad.kind === 'deed' ? [pad.deed] : []).find(one => one.id === id)
}

/** What a task is called in the log, by its action as it was recorded; any word that the method does not know as it stands. */
export function taskWord({ taskWords }: Pick<Life, 'taskWords'>, task: string): string {
  const action = task.replace(/\.now$/, '')
  return Object.hasOwn(taskWords, action) ? taskWords[action]! : task
}

/** The senses a method asks for. */
export function sensesOf({ pads }: Pick<Life, 'pads'>): Sense[] {
  return pads.flatMap(pad => pad.kind === 'sense' ? [pad.sense] : [])
}

/** The quantity that a probe or a thermometer's file may give, if there is one. */
export function quantityByThermometer({ pads }: Pick<Life, 'pads'>): Quantity | undefined {
  return pads.flatMap(pad => pad.kind === 'gauge' && pad.quantity.byThermometer ? [pad.quantity] : [])[0]
}
