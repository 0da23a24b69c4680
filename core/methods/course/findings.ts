import type { BegunBatch } from '../../journal/garden'
import type { StampedFinding } from '../../learning/fit'
import { dayIn } from './question'

/** What a value of a quantity tells of a row: itself, or what it comes to, and how far it lies from any one course. */
export interface ReadAs<Row extends string> {
  readonly quantity: string
  readonly row: Row
  readonly trust: number
  /** The row's value for what was read, where they are not the same. */
  readonly value?: (read: number) => number
  /** How far a reading strays, in the row's unit. @param value of the row. */
  readonly spread: (value: number) => number
}

/** What the findings of a sense tell of a row: between which limits it then lies, how blurred they are, how far they are believed. */
export interface FoundAs<Row extends string> {
  readonly sense: string
  readonly row: Row
  readonly trust: number
  readonly blur: number
  readonly means: Readonly<Record<string, readonly [low: number, high: number]>>
}

/** Everything that was read and found of a batch since its beginning, in order of its days. */
export function foundIn<Row extends string>(
  batch: BegunBatch, reads: readonly ReadAs<Row>[], finds: readonly FoundAs<Row>[],
): StampedFinding<Row>[] {
  const read = reads.flatMap(({ quantity, row, trust, value = one => one, spread }) =>
    (batch.gauged[quantity] ?? []).map((one): StampedFinding<Row> => {
      const meant = value(one.value)
      return {
        eventId: one.eventId, at: one.at,
        finding: { kind: 'value', row, day: dayIn(batch, one.at), value: meant, spread: spread(meant), trust },
      }
    }),
  )
  const found = batch.observations.flatMap(({ eventId, at, sense, finding }): StampedFinding<Row>[] => {
    const as = finds.find(one => one.sense === sense)
    const limits = as?.means[finding]
    if (!as || !limits) return []
    const [low, high] = limits
    return [{ eventId, at, finding: { kind: 'between', row: as.row, day: dayIn(batch, at), low, high, spread: as.blur, trust: as.trust } }]
  })
  return [...read, ...found].filter(({ finding }) => finding.day >= 0).sort((a, b) => a.finding.day - b.finding.day)
}
