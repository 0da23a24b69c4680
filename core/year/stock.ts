import type { Purpose } from '../methods/contract'
import type { Range } from '../units/range'

/** What a stock is from some day on: which stuff, how much, and until when. */
export interface Stage {
  readonly label: string
  readonly materialId?: string
  readonly serves: readonly Purpose[]
  readonly litres: Range
  /** Days from today on which it comes: eight times in ten between low and high. */
  readonly days: Range
  /** Nobody looked as far as its latest day. */
  readonly orLater?: boolean
  /** Days from today until which it is of use, where it passes. */
  readonly untilDay?: number
  /** Days for which it is of use once it has come, where it passes. */
  readonly lastsDays?: number
}

/** Where what is wanted can come from: a lot, a batch that stands, or one that is planned. Each stage is made of the one before. */
export interface Stock {
  readonly id: string
  readonly kind: 'lot' | 'batch' | 'planned' | 'start'
  readonly name: string
  readonly stages: readonly Stage[]
}

/** What is wanted, as it is handed out: days from today. */
export interface Want {
  readonly id: string
  readonly purpose: Purpose
  readonly materialId?: string
  readonly litres: number
  readonly fromDay: number
  readonly toDay: number
}

/** Whether stuff will do for what is wanted. */
export function willDo(
  { serves, materialId }: Pick<Stage, 'serves' | 'materialId'>, want: Pick<Want, 'purpose' | 'materialId'>,
): boolean {
  return want.materialId === undefined ? serves.includes(want.purpose) : materialId === want.materialId
}
