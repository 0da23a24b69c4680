import type { Batch, Garden } from '../journal/garden'
import { CORE, HEAT, TURNED } from '../journal/earlier'
import type { MaterialBook } from '../materials/book'
import type { Risk } from '../materials/material'
import { resultOf } from '../readiness/taken'
import { READINESS_TESTS } from '../readiness/tests'
import { daysBetween } from '../units/time'
import { heatLog } from './heat-log'
import { remember, type Memory, type Trait } from './lineage'
import { LOTS } from './constants'

/** What is raw: fresh from an animal, of people, or flesh. It keeps a harvest waiting until it was hot and tested. */
export const RAW_RISKS = ['dung', 'urine', 'meat'] as const satisfies readonly Risk[]
export type RawRisk = typeof RAW_RISKS[number]

/** Why something still counts as raw: as it came, never hot long enough, or hot and never sown or tested. */
export type StillRaw = 'fresh' | 'never-hot' | 'untested'

/** Something that a lot carries from what went into it. */
export interface CarriedPart {
  readonly risk: Risk
  /** When the last of it went in, or was gathered. */
  readonly lastAt: string
  /** A test found it: it is no doubt any more. */
  readonly found: boolean
  readonly still: StillRaw
}

/** Everything that a lot carries and that no test has cleared, one part for each risk. */
export type Carried = readonly CarriedPart[]

/** Nothing is carried. */
export const NOTHING_CARRIED: Carried = []

export const isRawRisk = (risk: Risk): risk is RawRisk => (RAW_RISKS as readonly Risk[]).includes(risk)
const part = (risk: Risk, lastAt: string): CarriedPart => ({ risk, lastAt, found: false, still: 'fresh' })
const WORSE: Readonly<Record<StillRaw, number>> = { 'fresh': 2, 'never-hot': 1, 'untested': 0 }

/** One part for each risk: the latest day, the rawest, and what was found stays found. */
function together(parts: readonly CarriedPart[]): Carried {
  const byRisk = new Map<Risk, CarriedPart>()
  for (const one of parts) {
    const known = byRisk.get(one.risk)
    byRisk.set(
      one.risk,
      known
        ? {
            risk: one.risk,
            lastAt: known.lastAt > one.lastAt ? known.lastAt : one.lastAt,
            found: known.found || one.found,
            still: WORSE[known.still] >= WORSE[one.still] ? known.still : one.still,
          }
        : one,
    )
  }
  return [...byRisk.values()]
}

/** What a material itself brings. */
function brought(materialId: string, at: string, book: MaterialBook): CarriedPart[] {
  return (book.find(materialId)?.brings ?? []).map(risk => part(risk, at))
}

/** Whether a batch was hot long enough after a moment, and turned after that: the usual yardstick, by what was read. */
function wasHot({ gauged, did }: Pick<Batch, 'gauged' | 'did'>, after: string): boolean {
  const readings = (gauged[HEAT] ?? [])
    .filter(({ spot, at }) => spot === CORE && at >= after)
    .map(({ at, value }) => ({ at, coreC: value }))
  const { longestDays, turnsAfter } = heatLog({ readings, turns: did.filter(({ deed }) => deed === TURNED) })
  return longestDays >= LOTS.yardstickDays && turnsAfter >= 1
}

/** The last result of each test that was read after a moment. */
function results(batch: Pick<Batch, 'testsBegun' | 'testsRead'>, after: string): ReadonlyMap<string, 'passed' | 'doubtful' | 'failed'> {
  return new Map(batch.testsRead.filter(({ at }) => at >= after).flatMap((read) => {
    const test = READINESS_TESTS.find(({ id }) => id === read.test)
    const result = read.result ?? (test && resultOf(batch, test, read))
    return result ? [[read.test, result.grade] as const] : []
  }))
}

/** Seeds grow in it, or two other tests speak for it and none against. */
function wasTested(tests: ReturnType<typeof results>): boolean {
  const grades = [...tests.values()]
  return !grades.includes('failed') && (tests.get('sprout') === 'passed' || grades.filter(grade => grade === 'passed').length >= 2)
}

/** What is left of a part after it went through a batch; nothing where heat, time or a test cleared it. */
function afterBatch(one: CarriedPart, batch: Batch, now: Date): CarriedPart[] {
  const tests = results(batch, one.lastAt)
  const hot = wasHot(batch, one.lastAt)
  if (isRawRisk(one.risk)) return hot && wasTested(tests) ? [] : [{ ...one, still: hot ? 'untested' : 'never-hot' }]
  if (one.risk === 'weedkiller')
    return tests.get('weedkiller') === 'passed' ? [] : [{ ...one, found: one.found || tests.get('weedkiller') === 'failed' }]
  if (one.risk === 'juglone') return tests.get('sprout') === 'passed' || daysBetween(one.lastAt, now) >= LOTS.jugloneDays ? [] : [one]
  if (one.risk === 'salts') return tests.get('sprout') === 'passed' ? [] : [one]
  return hot ? [] : [one]
}

/** Risks stick until something clears them: the rawest and the latest of each counts. */
function risksAt(book: MaterialBook, now: Date): Trait<Carried> {
  const faded = (carried: Carried) =>
    carried.filter(({ risk, lastAt }) => risk !== 'juglone' || daysBetween(lastAt, now) < LOTS.jugloneDays)
  return {
    gathered: (material, at) => (material?.brings ?? []).map(risk => part(risk, at)),
    made: parts => together(parts.flatMap(({ value }) => value)),
    grown: (parts, batch, until) =>
      together(parts.filter(({ at }) => at <= until).flatMap(({ value, at }) => value.map(one => ({ ...one, lastAt: at }))))
        .flatMap(one => afterBatch(one, batch, now)),
    said: (carried, lot) => faded(together([
      ...brought(lot.materialId, lot.gatheredAt, book),
      ...(lot.char?.with ?? []).flatMap(how => (how === 'urine' || how === 'dung' ? [part(how, lot.gatheredAt)] : [])),
      ...carried,
    ])),
  }
}

/**
 * What lots and batches carry from all that went into them, through any chain of batches and mixes: raw dung, urine and meat until
 * it was hot and tested, weedkiller and walnut until a test clears them.
 */
export function carriedMemory(garden: Garden, book: MaterialBook, now: Date): Memory<Carried> {
  return remember(risksAt(book, now), garden, book)
}

/** What a lot carries, as it lies there now. */
export function carriedByLot(garden: Garden, lotId: string, book: MaterialBook, now: Date): Carried {
  return carriedMemory(garden, book, now).ofLot(lotId)
}

/** What some material carries that came from no lot: what it brings of itself. @param at when it was spread. */
export function carriedByMaterial(materialId: string, at: string, book: MaterialBook): Carried {
  return together(brought(materialId, at, book))
}

/** What a batch carries at a moment, as what is taken of it then would. */
export function carriedByBatch(garden: Garden, batch: Batch, book: MaterialBook, now: Date): Carried {
  return carriedMemory(garden, book, now).ofBatch(batch, now.toISOString())
}

/** What is raw of what is carried. */
export function rawOf(carried: Carried): Carried {
  return carried.filter(({ risk }) => isRawRisk(risk))
}
