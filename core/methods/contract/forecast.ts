import type { BegunBatch } from '../../journal/garden'
import type { Forecast } from '../../learning/forecast'
import type { Progress } from '../../learning/learn'
import type { Portion } from '../../mix/portion'
import type { ChartPoint } from './look'
import type { Surroundings } from './surroundings'

export type { Band, DayWindow, Forecast, WindowCourse, WindowMove } from '../../learning/forecast'

/** What a batch asks its method to forecast: plain data that can be handed to a worker. Equal questions have equal answers. */
export interface ForecastQuestion {
  readonly methodId: string
  readonly batchId: string
}

/** Works out what a batch will do from everything recorded of it. The question goes to wherever there is time to answer it. */
export interface Forecaster<Q extends ForecastQuestion = ForecastQuestion> {
  ask(batch: BegunBatch, surroundings: Surroundings): Q | undefined
  /** @param share of the usual work, above 0: with less of it bands are rougher. */
  answer(question: Q, share?: number): Generator<Progress, Forecast>
}

/** Something that might yet be done to a batch: what would it change? */
export type Supposed
  = | { readonly kind: 'deed', readonly deed: string, readonly at: string }
    | { readonly kind: 'water', readonly at: string, readonly litres: number }
    | { readonly kind: 'add', readonly at: string, readonly portion: Portion }

/** What it would change: the line of the main chart with it, and the difference in words. */
export interface WhatIf {
  readonly line: readonly ChartPoint[]
  readonly words: string
}

/** Trying something out on one course of a batch, in the middle of what is possible. */
export interface Supposing {
  /** The deed that may be supposed, beside water and additions. */
  readonly deed: string
  readonly label: string
  suppose(batch: BegunBatch, surroundings: Surroundings, supposed: readonly Supposed[]): WhatIf | undefined
}

/** The same text for the same question: what a forecast is kept by. */
export function questionKey(question: ForecastQuestion): string {
  return JSON.stringify(question, (_, value: unknown) => ArrayBuffer.isView(value) ? Array.from(value as Float64Array) : value)
}
