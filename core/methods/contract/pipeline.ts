import type { BegunBatch } from '../../journal/garden'
import type { Surroundings } from './surroundings'

/** One stretch in the life of a vessel, drawn along time. */
export interface PipelineStage {
  readonly id: string
  readonly label: string
  readonly from: Date
  readonly to: Date
  /** How far it has come: filling, resting, fit for something. */
  readonly tone: 'filling' | 'resting' | 'first' | 'second' | 'third'
}

/** One batch, standing or planned, along time. */
export interface PipelineRow {
  readonly batchId?: string
  readonly name: string
  readonly stages: readonly PipelineStage[]
  /** Its stages are told by its name, not by the legend. */
  readonly named?: boolean
}

/** Batches that follow one another over the years. */
export interface Pipeline {
  readonly title: string
  readonly words: readonly string[]
  readonly from: Date
  readonly to: Date
  readonly rows: readonly PipelineRow[]
}

/** Lays the batches of a method along the years, with those that would have to follow. */
export type LayPipeline = (batches: readonly BegunBatch[], surroundings: Surroundings) => Pipeline | undefined
