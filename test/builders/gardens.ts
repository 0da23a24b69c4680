import fc from 'fast-check'
import type { BegunBatch } from '#core/journal/garden'
import type { NewEvent } from '#core/journal/event'
import type { Forecast, Method, Surroundings } from '#core/methods/contract'
import { seededRandom } from '#core/random/random'
import { afterDays, aroundOn, begun, finished, MILD_YEAR, took } from './batches'
import { BUCKET } from './heaps'
import type { LIVES } from './method-cases'
import { anyBeginning, anyRecord } from './method-cases'

/** A garden that shrinks: fewer records, earlier, an easier climate. */
export interface GardenSeed {
  readonly begins: number
  readonly day: number
  readonly colderK: number
  readonly rainMm: number
  readonly records: readonly { readonly share: number, readonly seed: number }[]
}

/** Gardens of a method at any moment of its life, in any order of records. */
export function gardenSeeds(days: readonly number[]): fc.Arbitrary<GardenSeed> {
  return fc.record({
    begins: fc.nat(9999),
    // What happens at one and the same moment has no order.
    day: fc.constantFrom(...days.map(day => Math.max(0.02, day))),
    colderK: fc.constantFrom(0, 8, 16, -12),
    rainMm: fc.constantFrom(2, 0, 7),
    records: fc.array(fc.record({ share: fc.double({ min: 0, max: 1, noNaN: true }), seed: fc.nat(99_999) }), { maxLength: 12 }),
  })
}

/** A batch of a method in its surroundings. */
export interface Garden {
  readonly method: Method
  readonly batch: BegunBatch
  readonly around: Surroundings
}

/** What a method is filled with. */
export type LifeOf = typeof LIVES[number]

function eventsOf([method, stuff]: LifeOf, { day, records }: GardenSeed): NewEvent[] {
  return [...records]
    .sort((a, b) => a.share - b.share)
    .flatMap(({ share, seed }) => anyRecord(method, seededRandom(seed), 0.98 * day * share, stuff))
}

/** The surroundings of a garden. */
export function aroundOf({ day, colderK, rainMm }: GardenSeed): Surroundings {
  return aroundOn(day, { meanC: MILD_YEAR.map(celsius => celsius - colderK), rainMm })
}

/** The garden of a seed, with more that was recorded in its last moment. */
export function gardenOf(life: LifeOf, seed: GardenSeed, more: readonly NewEvent[] = []): Garden {
  const [method, stuff] = life
  const batch = begun(anyBeginning(method, seededRandom(seed.begins), stuff), [...eventsOf(life, seed), ...more])
  return { method, batch, around: aroundOf(seed) }
}

/** The same garden, over. */
export function endedOf(life: LifeOf, seed: GardenSeed): Garden {
  return gardenOf(life, seed, [took(seed.day, [[life[3], 2, BUCKET]], true)])
}

/** The same garden with its forecast, as the screens have it a moment later. */
export function foreseen({ method, batch, around }: Garden): Garden {
  const question = method.life.forecaster?.ask(batch, around)
  const forecast: Forecast | undefined = question && finished(method.life.forecaster!.answer(question))
  return { method, batch, around: forecast ? { ...around, forecastOf: () => forecast } : around }
}

/** The last moment of a garden, as a day since it began. */
export const lastMoment = ({ day }: GardenSeed): string => afterDays(day)
