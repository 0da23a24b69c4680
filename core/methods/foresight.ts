import type { StandingBatch } from '../journal/garden'
import type { Forecast } from '../learning/forecast'
import type { Progress } from '../learning/learn'
import type { Portion } from '../mix/portion'
import type { Range } from '../units/range'
import type { Surroundings } from './method'

/** What something done to a batch would change: two courses of one and the same heap, and the days by which it moves the day it is ready (later above 0). */
export interface WhatIf {
  readonly present: readonly ExpectedDay[]
  readonly changed: readonly ExpectedDay[]
  readonly readyShiftDays: number
}

/** Something that might yet be done to a batch: what would it change? */
export type Supposed
  = | { readonly kind: 'turn', readonly at: string }
    | { readonly kind: 'water', readonly at: string, readonly litres: number }
    | { readonly kind: 'add', readonly at: string, readonly portion: Portion }

/** What a batch asks its method to forecast: plain data that can be handed to a worker. */
export interface Question {
  readonly methodId: string
  readonly batchId: string
}

/** Works out what a batch will do from everything recorded of it. The question goes to wherever there is time to answer it. */
export interface Forecaster<Q extends Question = Question> {
  ask(batch: StandingBatch, surroundings: Surroundings): Q | undefined
  answer(question: Q): Generator<Progress, Forecast>
}

/** What a batch is expected to do on one day: 80 % ranges, typical in the middle; without width until a forecast has been worked out. */
export interface ExpectedDay {
  readonly day: number
  readonly coreC: Range
  readonly edgeC: Range
  readonly heightM: Range
  /** Water as a share of wet mass. */
  readonly moisture: Range
  /** Warmth by depth from the core outwards, °C. */
  readonly depthsC: readonly number[]
  /** Share of what can rot that has rotted. */
  readonly usedShare: number
}

/** What is expected at a moment: the nearest day of the course. */
export function expectedAt(days: readonly ExpectedDay[], day: number): ExpectedDay | undefined {
  return days.reduce<ExpectedDay | undefined>((best, one) => !best || Math.abs(one.day - day) < Math.abs(best.day - day) ? one : best, undefined)
}
