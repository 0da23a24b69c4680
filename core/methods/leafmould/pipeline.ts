import { addDays, addYears, getYear } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { dateText } from '../../units/dates'
import { daysBetween } from '../../units/time'
import type { Pipeline, PipelineRow, PipelineStage, Surroundings } from '../contract'
import { comingOf, windowsOf } from './windows'
import { LEAF } from './constants'

const TONES = { mulch: 'first', potting: 'second', fine: 'third' } as const

function stagesFrom(
  filled: Date, filledUntil: Date, ends: readonly { readonly id: keyof typeof TONES, readonly label: string, readonly at: Date }[],
  until: Date,
): PipelineStage[] {
  const marks = [...ends.map(({ at }) => at), until]
  return [
    { id: 'filling', label: 'filling', from: filled, to: filledUntil, tone: 'filling' },
    { id: 'resting', label: 'resting', from: filledUntil, to: ends[0]?.at ?? until, tone: 'resting' },
    ...ends.map(({ id, label, at }, index): PipelineStage => ({ id, label, from: at, to: marks[index + 1]!, tone: TONES[id] })),
  ]
}

function rowOf(batch: BegunBatch, surroundings: Surroundings, until: Date): PipelineRow {
  const comes = comingOf(batch, surroundings).filter(({ at }) => at < until)
  const lastFill = batch.puts.findLast(({ inputs }) => inputs.length > 0)?.at ?? batch.began.at
  const began = new Date(batch.began.at)
  const filledUntil = addDays(new Date(lastFill), 14)
  return {
    batchId: batch.id, name: batch.name,
    stages: stagesFrom(
      began, filledUntil, comes.map(one => ({ ...one, at: one.at < filledUntil ? filledUntil : one.at })), until,
    ),
  }
}

/** The same again each autumn: filled when the newest was, as far on from it as that one. */
function nextRows(newest: BegunBatch, surroundings: Surroundings, until: Date): PipelineRow[] {
  const comes = comingOf(newest, surroundings)
  const began = new Date(newest.began.at)
  return Array.from({ length: LEAF.aheadYears }, (_, index): PipelineRow => {
    const years = index + 1
    const filled = addYears(began, years)
    const ends = comes.map(one => ({ ...one, at: addYears(one.at, years) })).filter(({ at }) => at < until)
    return { name: `Autumn ${getYear(filled)}`, stages: stagesFrom(filled, addDays(filled, LEAF.plannedFillingDays), ends, until) }
  }).filter(({ stages }) => stages[0]!.from > surroundings.now)
}

/** One cage along its own years: what it gives when. Nothing while it is empty, or over. */
export function ownYears(batch: BegunBatch, surroundings: Surroundings): Pipeline | undefined {
  if (batch.ended || windowsOf(batch, surroundings).length === 0) return undefined
  const from = new Date(batch.began.at)
  const to = addYears(from, LEAF.aheadYears + 1)
  const row = rowOf(batch, surroundings, to)
  const words = row.stages.slice(2).map(({ label, from: at }) => `${label} from ${dateText(at)}`).join(', ')
  return {
    title: 'What it gives, and when', from, to,
    words: [words ? `${words}, in the middle of what is possible.` : 'Nothing is in sight.'], rows: [row],
  }
}

/** Cages along the years: those that stand, and one more each autumn. Nothing while there is none. */
export function pipelineOf(batches: readonly BegunBatch[], surroundings: Surroundings): Pipeline | undefined {
  const standing = batches
    .filter(batch => !batch.ended && windowsOf(batch, surroundings).length > 0)
    .sort((a, b) => (a.began.at < b.began.at ? -1 : 1))
  const newest = standing.at(-1)
  if (!newest) return undefined
  const from = new Date(standing[0]!.began.at)
  const until = addYears(new Date(newest.began.at), LEAF.aheadYears + 2)
  const potting = comingOf(newest, surroundings).find(({ id }) => id === 'potting')
  const years = potting ? Math.max(1, Math.ceil(daysBetween(newest.began.at, potting.at) / 365.25)) : 2
  return {
    title: 'Leaf mould over the years', from, to: until,
    words: [
      `Leaves filled in one autumn are potting mould after about ${years === 1 ? 'a year' : `${years} years`} here. A cage every autumn `
      + `gives some every spring from ${getYear(from) + years + 1} on.`,
      'Empty and sieve the oldest before the new leaves fall: its raw outside goes into the new one.',
    ],
    rows: [...standing.map(batch => rowOf(batch, surroundings, until)), ...nextRows(newest, surroundings, until)],
  }
}
