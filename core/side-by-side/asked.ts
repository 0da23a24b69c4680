import { addDays, endOfDay, startOfDay } from 'date-fns'
import type { BegunBatch } from '../journal/garden'
import type { Method, Quantity, Sense, Task } from '../methods/contract'
import { daysBetween } from '../units/time'
import type { Pair, SideBySide } from './pair'

/** A batch with its method. */
export interface Side { readonly batch: BegunBatch, readonly method: Method }
/** A pair of which both are known. */
export interface KnownPair { readonly with: Side, readonly without: Side }

/** The pairs of which both batches are there. */
export function knownPairs({ pairs }: Pick<SideBySide, 'pairs'>, find: (id: string) => Side | undefined): KnownPair[] {
  return pairs.flatMap(({ withId, withoutId }: Pair) => {
    const [mine, theirs] = [find(withId), find(withoutId)]
    return mine && theirs ? [{ with: mine, without: theirs }] : []
  })
}

/** What can be found of both in the same words: quantities of one unit, senses with findings in common. */
export interface Shared { readonly quantities: readonly Quantity[], readonly senses: readonly Sense[] }

const gauges = ({ life: { pads } }: Method) => pads.flatMap(pad => pad.kind === 'gauge' ? [pad.quantity] : [])
const senses = ({ life: { pads } }: Method) => pads.flatMap(pad => pad.kind === 'sense' ? [pad.sense] : [])

/** What is asked of both. */
export function sharedBy({ with: one, without: other }: KnownPair): Shared {
  const [theirGauges, theirSenses] = [gauges(other.method), senses(other.method)]
  return {
    quantities: gauges(one.method).filter(({ id, unit }) => theirGauges.some(their => their.id === id && their.unit === unit)),
    senses: senses(one.method).filter(({ id, findings }) =>
      theirSenses.some(
        their => their.id === id && their.findings.filter(finding => findings.some(mine => mine.id === finding.id)).length > 1,
      ),
    ),
  }
}

/** Both are looked at on the same day, so often. */
const EVERY_DAYS = 14
/** So many things at most are asked at one time: what is measured first. */
const ASKED_MOST = 3
/** It may be a day early. */
const EARLY_DAYS = 1

/** The day on which both were to be looked at last. */
export function lastDay({ startedAt }: Pick<SideBySide, 'startedAt'>, now: Date): Date {
  const rounds = Math.floor(Math.max(0, daysBetween(startOfDay(new Date(startedAt)), now)) / EVERY_DAYS)
  return addDays(startOfDay(new Date(startedAt)), rounds * EVERY_DAYS)
}

function lastFound({ batch }: Side, id: string): number {
  const gauged = batch.gauged[id]?.at(-1)?.at
  const seen = batch.observations.findLast(({ sense }) => sense === id)?.at
  return Math.max(0, ...[gauged, seen].flatMap(at => at ? [Date.parse(at)] : []))
}

/** What a trial asks of both of a pair, on the same day: whatever either has not told since. */
export function askedTogether(trial: SideBySide, pair: KnownPair, now: Date): Task[] {
  if (pair.with.batch.ended || pair.without.batch.ended) return []
  const due = lastDay(trial, now)
  const { quantities, senses: felt } = sharedBy(pair)
  const wanted = [
    ...quantities.map(({ id, label, icon }) => ({ id, label, icon })),
    ...felt.map(({ id, label, icon }) => ({ id, label, icon })),
  ].slice(0, ASKED_MOST)
  return [pair.with, pair.without].flatMap(side => wanted.flatMap(({ id, label, icon }): Task[] => {
    if (lastFound(side, id) >= addDays(due, -EARLY_DAYS).getTime()) return []
    const other = side === pair.with ? pair.without : pair.with
    return [{
      id: `${side.batch.id}.${trial.id}.${id}`,
      batchId: side.batch.id,
      action: id,
      doing: { kind: 'pad', pad: id },
      label,
      icon,
      title: `${label}, for the trial`,
      reason: `“${trial.name}”: the same of ${other.batch.name} on the same day, so that the two can be held against each other.`,
      due,
      until: endOfDay(addDays(due, EVERY_DAYS - 1)),
      urgency: 'whenever',
    }]
  }))
}
