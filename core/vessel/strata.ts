import type { Family } from '../materials/material'
import type { Preparation } from '../materials/preparation'
import type { Amount } from '../units/container'

/** What a layer is there for. */
export type StratumRole = 'base' | 'brown' | 'green' | 'other' | 'cap'

/** One layer of a heap, listed from the bottom up. */
export interface Stratum {
  readonly materialId: string
  readonly family: Family
  readonly short: string
  readonly role: StratumRole
  /** In containers as gathered, before it is prepared. */
  readonly amount: Amount
  readonly prepared?: Preparation
  readonly waterL: number
  /** Which layer of browns and greens it belongs to, from 1; base and cap to none. */
  readonly course?: number
  /** Its share of the height of the heap when built; all shares add up to 1. */
  readonly heightShare: number
}
