import { dayOfYear } from '../units/time'
import { strangeDocument, strangeEntry, type LeftOut } from '../formats/backup'
import { usualRainMm, usualTemperatureC } from '../garden/climate'
import { gardenMaterials } from '../garden/materials'
import { readContainers, readSettings } from '../garden/settings'
import { storedLots } from '../garden/store'
import type { GardenDocument } from '../journal/document'
import { batchIdOf, type GardenEvent } from '../journal/event'
import { hasBegun, type Batch } from '../journal/garden'
import { foldGarden, openingJournal, openJournal, type Journal } from '../journal/journal'
import { findMethod } from '../methods'
import type { Surroundings } from '../methods/contract'
import { STARTING_CONTAINERS } from '../units/container'
import { beyondMost, everythingOfDocument } from './documents'
import { everythingOf, type Asked } from './everything'

/** What came of trying a garden out before it is kept. */
export interface Trial {
  /** Events that are better left out, by id, with why. */
  readonly leftOut: ReadonlyMap<string, LeftOut>
  /** And documents, by id. */
  readonly documentsLeftOut: ReadonlyMap<string, LeftOut>
}

/** How far a trial is, and at what. */
export interface TrialStep { readonly share: number, readonly at: string }

/** A heap holds at most so many values, over all its years and spots: a reading each half hour at two depths for nearly eight years. */
export const VALUES_MOST = 280_000

/** Longer than this nothing that a page asks for may take, and nothing of one batch together, ms: whoever waits is to be answered. */
const LONGEST_MS = { ask: 5000, batch: 30_000, search: 10_000 } as const
/** More standing batches than this no garden has; choice. */
const STANDING_MOST = 500

/** What tells the time, ms. */
export type Clock = () => number

/** Why something cannot be shown, or nothing when it can: an answer that fails, or takes too long. */
function stumble(asked: readonly Asked[], clock: Clock): string | undefined {
  const begun = clock()
  for (const { what, ask } of asked) {
    const since = clock()
    try {
      ask()
    }
    catch (cause) {
      return cause instanceof Error ? `${what}: ${cause.name}: ${cause.message}` : `${what}: unknown`
    }
    if (clock() - since > LONGEST_MS.ask || clock() - begun > LONGEST_MS.batch) return `${what}: takes too long`
  }
  return undefined
}

function askedOfBatch(batch: Batch | undefined, around: Surroundings): readonly Asked[] {
  const method = batch && hasBegun(batch) ? findMethod(batch.began.methodId) : undefined
  return batch && hasBegun(batch) && method ? everythingOf(batch, method, around) : []
}

/** The entries without which a batch can be shown: the one it takes, or all of them when no single one is the cause or is found soon. */
function culprits(batchId: string, strand: readonly GardenEvent[], around: Surroundings, clock: Clock): readonly GardenEvent[] {
  const begun = clock()
  const one = strand.findLast(event =>
    clock() - begun < LONGEST_MS.search
    && stumble(
      askedOfBatch(foldGarden(strand.filter(other => other !== event)).batches.get(batchId), around), clock,
    ) === undefined)
  return one ? [one] : strand
}

function surroundingsOf({ garden }: Journal, documents: readonly GardenDocument[], now: Date): Surroundings {
  const { units, water, climate } = readSettings(documents)
  const containers = readContainers(documents, units)
  return {
    now, units, materials: gardenMaterials(documents, garden),
    garden: { water, containers, waterCan: containers.find(({ holds }) => holds === 'water') ?? STARTING_CONTAINERS[units].at(-1)! },
    weather: { ambientC: at => usualTemperatureC(climate, dayOfYear(at)), rainMm: at => usualRainMm(climate, at) },
  }
}

function strandOf(strands: Map<string, GardenEvent[]>, id: string): GardenEvent[] {
  const known = strands.get(id) ?? []
  strands.set(id, known)
  return known
}

const valuesOf = (event: GardenEvent) =>
  event.kind === 'logged' ? event.minutes.length : event.kind === 'gauged' ? event.values.length : event.kind === 'reading' ? 2 : 0

/** Entries that bring a batch beyond what it can hold. */
function tooMany(strand: readonly GardenEvent[]): readonly GardenEvent[] {
  let sum = 0
  return strand.filter((event) => {
    sum += valuesOf(event)
    return sum > VALUES_MOST && valuesOf(event) > 0
  })
}

/** Standing batches beyond what a garden can hold, all that was recorded of them: those that began last. */
function beyondStanding({ garden }: Journal): ReadonlySet<string> {
  const standing = [...garden.batches.values()].filter(batch => hasBegun(batch) && !batch.ended)
  return new Set(standing.sort((a, b) => (a.began!.at < b.began!.at ? -1 : 1)).slice(STANDING_MOST).map(({ id }) => id))
}

/**
 * Tries a garden out before it is kept: folds it and asks everything that pages ask, of every batch that this version knows and of every
 * document, today. A step is one batch or document; whoever drives it may stop in between, and sees before each at which one it is.
 * @param touched the batches that are to be asked, when the others were before.
 * @param clock what tells the time: what takes too long is left out as what fails.
 */
export function* tryOut(
  events: readonly GardenEvent[], documents: readonly GardenDocument[], now: Date, touched?: ReadonlySet<string>,
  clock: Clock = () => performance.now(),
): Generator<TrialStep, Trial> {
  const leftOut = new Map<string, LeftOut>()
  const documentsLeftOut = new Map<string, LeftOut>()
  const strands = new Map<string, GardenEvent[]>()
  for (const event of events) {
    const id = batchIdOf(event)
    if (id !== undefined) strandOf(strands, id).push(event)
  }
  const names = new Map<string, string>()
  for (const event of events) if (event.kind === 'began' || event.kind === 'built') names.set(event.batchId, event.name)
  const leave = (event: GardenEvent, why: string) => {
    leftOut.set(event.id, strangeEntry(event, names.get(batchIdOf(event) ?? ''), why))
  }
  const left = (id: string) => (strands.get(id) ?? []).filter(event => !leftOut.has(event.id))
  for (const strand of strands.values()) for (const event of tooMany(strand)) leave(event, `more than ${VALUES_MOST} values in one batch`)
  const opening = openingJournal(events.filter(({ id }) => !leftOut.has(id)))
  let step = opening.next()
  while (!step.done) {
    yield { share: 0.4 * step.value, at: '' }
    step = opening.next()
  }
  const first = step.value
  for (const [id, why] of first.leftOut) leave(first.events.get(id)!, why)
  const tooManyStand = beyondStanding(first)
  for (const id of tooManyStand) for (const event of left(id)) leave(event, `more than ${STANDING_MOST} batches that stand`)
  // What stumbled half way may have left something behind.
  const journal = first.leftOut.size + tooManyStand.size === 0 ? first : openJournal(events.filter(({ id }) => !leftOut.has(id)))
  for (const document of beyondMost(documents)) documentsLeftOut.set(document.id, strangeDocument(document, 'too many of its kind'))
  const sound = documents.filter(({ id }) => !documentsLeftOut.has(id))
  const around = surroundingsOf(journal, sound, now)
  storedLots(journal.garden, now, around.materials)
  const asked = [...journal.garden.batches.values()].filter(({ id }) => touched?.has(id) ?? true)
  const all = asked.length + sound.length
  for (const [index, batch] of asked.entries()) {
    yield { share: 0.4 + 0.6 * index / all, at: batch.name }
    const why = stumble(askedOfBatch(batch, around), clock)
    if (why !== undefined) for (const event of culprits(batch.id, left(batch.id), around, clock)) leave(event, why)
  }
  for (const [index, document] of sound.entries()) {
    yield { share: 0.4 + 0.6 * (asked.length + index) / all, at: '' }
    const why = stumble(everythingOfDocument(document, journal.garden, around), clock)
    if (why !== undefined) documentsLeftOut.set(document.id, strangeDocument(document, why))
  }
  return { leftOut, documentsLeftOut }
}
