import { dayOfYear } from '../units/time'
import { strangeEntry, type LeftOut } from '../formats/backup'
import { usualRainMm, usualTemperatureC } from '../garden/climate'
import { gardenMaterials } from '../garden/materials'
import { askedOf } from '../garden/round'
import { readContainers, readSettings } from '../garden/settings'
import { storedLots } from '../garden/store'
import type { GardenDocument } from '../journal/document'
import { batchIdOf, type GardenEvent } from '../journal/event'
import { hasBegun, type Batch, type BegunBatch } from '../journal/garden'
import { foldGarden, openingJournal, openJournal, type Journal } from '../journal/journal'
import { findMethod } from '../methods'
import { fitFor, type Method, type Surroundings } from '../methods/contract'
import { STARTING_CONTAINERS } from '../units/container'

/** What came of trying a garden out before it is kept. */
export interface Trial {
  /** Events that are better left out, by id, with why. */
  readonly leftOut: ReadonlyMap<string, LeftOut>
}

/** How far a trial is, and at what. */
export interface TrialStep { readonly share: number, readonly at: string }

/** A heap holds at most so many values, over all its years and spots: a reading each half hour at two depths for nearly eight years. */
export const VALUES_MOST = 280_000

function everythingOf(batch: BegunBatch, method: Method, around: Surroundings): void {
  const { life } = method
  const { ripeness, forecaster } = life
  life.standing(batch, around)
  life.windows(batch, around)
  askedOf(batch, method, around)
  life.picture(batch, around)
  life.told(batch, around)
  life.lastDay(batch, around)
  life.charts(batch, around)
  life.facts(batch, around)
  life.gates(batch, around)
  life.outputs(batch, around)
  if (ripeness) fitFor({ ...life, ripeness }, batch, around)
  forecaster?.ask(batch, around)
}

/** Why a batch cannot be drawn, or nothing when it can. */
function stumble(batch: Batch | undefined, around: Surroundings): string | undefined {
  const method = batch && hasBegun(batch) ? findMethod(batch.began.methodId) : undefined
  if (!batch || !hasBegun(batch) || !method) return undefined
  try {
    everythingOf(batch, method, around)
    return undefined
  }
  catch (cause) {
    return cause instanceof Error ? `${cause.name}: ${cause.message}` : 'unknown'
  }
}

/** The entries without which a batch can be drawn: the one it takes, or all of them when no single one is the cause. */
function culprits(batchId: string, strand: readonly GardenEvent[], around: Surroundings): readonly GardenEvent[] {
  const one = strand.findLast(
    event => stumble(foldGarden(strand.filter(other => other !== event)).batches.get(batchId), around) === undefined,
  )
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

/**
 * Tries a garden out before it is kept: folds it and draws every batch that this version knows, today. A step is one batch; whoever
 * drives it may stop in between, and sees at which one it hangs.
 * @param touched the batches that are to be drawn, when the others were drawn before.
 */
export function* tryOut(
  events: readonly GardenEvent[], documents: readonly GardenDocument[], now: Date, touched?: ReadonlySet<string>,
): Generator<TrialStep, Trial> {
  const leftOut = new Map<string, LeftOut>()
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
  for (const strand of strands.values()) for (const event of tooMany(strand)) leave(event, `more than ${VALUES_MOST} values in one batch`)
  const opening = openingJournal(events.filter(({ id }) => !leftOut.has(id)))
  let step = opening.next()
  while (!step.done) {
    yield { share: 0.4 * step.value, at: '' }
    step = opening.next()
  }
  const first = step.value
  for (const [id, why] of first.leftOut) leave(first.events.get(id)!, why)
  // What stumbled half way may have left something behind.
  const journal = first.leftOut.size === 0 ? first : openJournal(events.filter(({ id }) => !leftOut.has(id)))
  const around = surroundingsOf(journal, documents, now)
  storedLots(journal.garden, now, around.materials)
  const drawn = [...journal.garden.batches.values()].filter(({ id }) => touched?.has(id) ?? true)
  for (const [index, batch] of drawn.entries()) {
    yield { share: 0.4 + 0.6 * index / drawn.length, at: batch.name }
    const why = stumble(batch, around)
    if (why !== undefined)
      for (const event of culprits(
        batch.id, (strands.get(batch.id) ?? []).filter(({ id }) => !leftOut.has(id)), around,
      ))
        leave(event, why)
  }
  return { leftOut }
}
