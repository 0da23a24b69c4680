import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import * as v from 'valibot'
import { knownEventSchema, type GardenEvent, type NewEvent } from '../journal/event'
import { hasBegun, type BegunBatch } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import { findMethod, METHODS } from '../methods'
import { sitesFor, type Forecast } from '../methods/contract'
import { levelOf } from '../methods/doubt'
import { ingredientsOf } from '../mix/portion'
import { seededRandom } from '../random/random'
import { aroundOn, finished } from '../../test/builders/batches'
import { unknownCautions } from './caution'
import { entryEvents, type Entered, type KnownStuff } from './entry'
import { spanOf, type Since, type Span } from './since'

const NOW = new Date('2026-10-26T10:00:00.000Z')
const AROUND = { ...aroundOn(0), now: NOW }
const DAY_MS = 86_400_000
const daysAgo = (days: number) => new Date(NOW.getTime() - days * DAY_MS)
const around = (middleDaysAgo: number, eitherWay: number): Span => ({
  from: daysAgo(middleDaysAgo + eitherWay), to: daysAgo(middleDaysAgo - eitherWay),
})

function entered(methodId: string, since: Span, more: Partial<Entered> = {}): Entered {
  const method = findMethod(methodId)!
  const approachId = more.approachId ?? method.face.approaches[0]!.id
  return {
    batchId: 'b', name: 'It', place: '', methodId, approachId, site: sitesFor(method, approachId)[0]!, answers: {}, since,
    stuff: { kind: 'unknown' }, bitByBit: method.plan.already?.(approachId).bitByBit ?? false, found: [], ...more,
  }
}
function events(of: Entered): readonly NewEvent[] {
  const made = entryEvents(of, findMethod(of.methodId)!, AROUND)
  if (!made.ok) throw new Error(made.error)
  return made.value
}
const written = (all: readonly NewEvent[]): GardenEvent[] =>
  all.map((event, index) => ({ ...event, id: `e${index}`, by: 'test', recordedAt: NOW.toISOString() }) as GardenEvent)
function batchOf(all: readonly NewEvent[]): BegunBatch {
  const batch = foldGarden(written(all)).batches.get('b')
  if (!batch || !hasBegun(batch)) throw new Error('it did not begin')
  return batch
}
function forecastOf(methodId: string, batch: BegunBatch): Forecast {
  const { forecaster } = findMethod(methodId)!.life
  return finished(forecaster!.answer(forecaster!.ask(batch, AROUND)!))
}
const began = (all: readonly NewEvent[]) => all.find((one): one is Extract<NewEvent, { kind: 'began' }> => one.kind === 'began')!

describe('one that stands already, of which all is known', () => {
  it.each(['hot-heap', 'leafmould', 'mulching', 'hotbed'])('is the %s that had been recorded on its first day', (methodId) => {
    const day = methodId === 'hotbed' ? 12 : 40
    const usual = events(entered(methodId, around(day, 0), { heightM: undefined }))
    const { inputs, waterL, site, answers, approachId } = began(usual)
    const stuff: KnownStuff = { kind: 'known', ingredients: ingredientsOf(inputs, AROUND.materials), waterL }
    const asEntered = batchOf(events(entered(methodId, around(day, 0), { stuff, bitByBit: false })))
    const recorded = batchOf([{
      kind: 'began', at: daysAgo(day).toISOString(), batchId: 'b', name: 'It', place: '', methodId, approachId, site, answers, waterL,
      inputs: began(events(entered(methodId, around(day, 0), { stuff, bitByBit: false }))).inputs,
    }])
    expect(forecastOf(methodId, asEntered)).toEqual(forecastOf(methodId, recorded))
    expect(findMethod(methodId)!.life.standing(asEntered, AROUND)).toEqual(findMethod(methodId)!.life.standing(recorded, AROUND))
  })
})

describe('with less knowledge', () => {
  const CASES = [['hot-heap', 40, 0.7], ['slow-heap', 240, 0.7], ['leafmould', 420, 0.45], ['mulching', 190, 0.04]] as const
  it.each(CASES)('windows and bands of a %s are wider, never narrower', (methodId, day, heightM) => {
    const [first] = findMethod(methodId)!.plan.already!(findMethod(methodId)!.face.approaches[0]!.id).of
    const usually: KnownStuff = { kind: 'usually', id: first!.id }
    const mostly = batchOf(events(entered(methodId, around(day, 0), { stuff: usually, heightM })))
    const vague = batchOf(events(entered(methodId, around(day, day / 8), { stuff: usually, heightM })))
    // The same stuff is assumed, and it is said that nobody knows.
    const unknown: BegunBatch = { ...vague, began: { ...vague.began, stood: { ...vague.began.stood!, of: 'unknown' } } }
    const known: BegunBatch = { ...mostly, began: { ...mostly.began, stood: { ...mostly.began.stood!, of: 'known' } } }
    const forecasts = [known, mostly, vague, unknown].map(batch => forecastOf(methodId, batch))
    forecasts.slice(1).forEach((wider, index) => {
      const narrower = forecasts[index]!
      for (const [name, { now, start }] of Object.entries(narrower.windows)) {
        expect(wider.windows[name]!.now.low).toBeLessThanOrEqual(now.low)
        expect(wider.windows[name]!.now.high).toBeGreaterThanOrEqual(now.high)
        expect(wider.windows[name]!.start.high - wider.windows[name]!.start.low).toBeGreaterThanOrEqual(start.high - start.low)
      }
      for (const [name, { low, high }] of Object.entries(narrower.series))
        low.forEach((value, at) => {
          expect(wider.series[name]!.low[at]!).toBeLessThanOrEqual(value)
          expect(wider.series[name]!.high[at]!).toBeGreaterThanOrEqual(high[at]!)
        })
    })
    const width = ({ windows }: Forecast) => Object.values(windows).reduce((sum, { now: { low, high } }) => sum + high - low, 0)
    expect(width(forecasts[3]!)).toBeGreaterThan(1.05 * width(forecasts[0]!))
  }, 120_000)
})

describe('what went in', () => {
  it.each([['hot-heap', 40, 0.7], ['slow-heap', 240, 0.6], ['leafmould', 420, 0.45], ['static-tower', 300, 0.9]] as const)(
    'of a %s is as much as leaves it standing as high as it does', (methodId, day, heightM) => {
      const all = events(entered(methodId, around(day, 10), { heightM }))
      // Without what was measured: the course itself comes to that height.
      const batch = batchOf(all.filter(({ kind }) => kind !== 'gauged'))
      const level = levelOf(findMethod(methodId)!, batch)!
      expect(level.expected(batch, AROUND)[level.spots[0].id]! / heightM).toBeGreaterThan(0.93)
      expect(level.expected(batch, AROUND)[level.spots[0].id]! / heightM).toBeLessThan(1.07)
    })

  it('came week by week where it came bit by bit, and ends when nothing goes in any more', () => {
    const batch = batchOf(events(entered('slow-heap', around(210, 0), { heightM: 0.6, closedAt: daysAgo(70) })))
    // From 210 to 70 days ago: twenty weeks, a part each in the middle of its week.
    expect(batch.puts).toHaveLength(20)
    expect((Date.parse(batch.puts[0]!.at) - daysAgo(210).getTime()) / DAY_MS).toBeCloseTo(3.5, 3)
    expect(batch.puts.at(-1)!.at < daysAgo(70).toISOString()).toBe(true)
    expect(batch.did.map(({ deed }) => deed)).toContain('closed')
  })

  it('was no more than leaves worms alive, and they are in it', () => {
    const batch = batchOf(events(entered('worm-bin', around(730, 100), { answers: { weeklyL: 12 } })))
    expect(batch.did.map(({ deed }) => deed)).toContain('worms-in')
    expect(findMethod('worm-bin')!.life.standing(batch, AROUND).tone).not.toBe('bad')
  })
})

const FOUR_WEEKS: Since = { kind: 'about', count: 4, unit: 'weeks' }

describe('anything that stands', () => {
  it.each(METHODS.map(({ id }) => id))('as a %s is written down soundly, whatever is known of it', (methodId) => {
    const method = findMethod(methodId)!
    fc.assert(fc.property(
      fc.nat(9999), fc.constantFrom(2, 20, 90, 400, 900), fc.constantFrom(0, 0.1, 0.3),
      fc.option(fc.double({ min: 0.1, max: 1, noNaN: true })),
      (seed, day, share, height) => {
        const random = seededRandom(seed)
        const approach = method.face.approaches[Math.floor(random() * method.face.approaches.length)]!
        const usual = method.plan.already?.(approach.id).of ?? []
        const sense = method.life.pads.flatMap(pad => pad.kind === 'sense' ? [pad.sense] : [])[0]
        const all = events(entered(methodId, around(day, share * day), {
          approachId: approach.id, site: sitesFor(method, approach.id)[0]!, ...(height === null ? {} : { heightM: height }),
          stuff: random() < 0.5 || usual.length === 0 ? { kind: 'unknown' } : { kind: 'usually', id: usual.at(-1)!.id },
          found: [
            ...(sense ? [{ kind: 'sense' as const, sense: sense.id, finding: sense.findings[0]!.id }] : []),
            ...(method.life.inParts ? [{ kind: 'taken' as const, litres: 5, at: daysAgo(day / 2) }] : []),
          ],
        }))
        for (const event of written(all)) expect(v.safeParse(knownEventSchema, event).issues).toBeUndefined()
        const batch = batchOf(all)
        // The order in which they are written down is of no matter.
        expect(foldGarden(written(all).reverse()).batches.get('b')).toEqual(batch)
        const noted = Date.parse(batch.began.stood!.noted)
        for (const task of method.life.tasks(batch, AROUND)) {
          expect(task.due.getTime()).toBeGreaterThanOrEqual(noted)
          expect(task.until >= task.due).toBe(true)
        }
        for (const { low, middle, high } of method.life.situate(batch, AROUND).known)
          for (const one of [low, middle, high]) expect(Number.isFinite(one)).toBe(true)
      },
    ), { numRuns: 8 })
  }, 120_000)

  it('is asked back where it cannot have been', () => {
    const span = spanOf(FOUR_WEEKS, NOW)
    const since = span.ok ? span.value : around(28, 0)
    const error = (more: Partial<Entered>, methodId = 'slow-heap') => {
      const made = entryEvents(entered(methodId, since, more), findMethod(methodId)!, AROUND)
      return made.ok ? '' : made.error
    }
    expect(error({ closedAt: daysAgo(60) })).toBe('closed-before-it-began')
    expect(error({ found: [{ kind: 'taken', litres: 5, at: daysAgo(60) }] })).toBe('taken-before-it-began')
    expect(error({ found: [{ kind: 'read', quantity: 'heat', spot: 'core', value: 50, at: daysAgo(60) }] }, 'hot-heap')).toBe(
      'read-before-it-began',
    )
    expect(error({ stuff: { kind: 'known', ingredients: [], waterL: 0 } }, 'hot-heap')).toBe('nothing-known-in-it')
  })
})

describe('one of which nobody wrote down what went in', () => {
  it('is handled as if dung were in it, until it is known', () => {
    const { stood } = batchOf(events(entered('slow-heap', around(200, 20), { heightM: 0.6 }))).began
    expect(unknownCautions({ stood: stood! }, ['kitchen', 'leaf']).join(' ')).toMatch(/raw dung.*120 days.*beans/)
    expect(unknownCautions({ stood: { ...stood!, of: 'known' } }, ['kitchen'])).toEqual([])
    expect(unknownCautions({}, ['kitchen'])).toEqual([])
    expect(unknownCautions({ stood: stood! }, ['leaf'])).toEqual([])
  })
})

describe('what could have been gathered', () => {
  let leafy = ''
  beforeAll(() => { leafy = began(events(entered('hot-heap', around(5, 0), { heightM: 0.9 }))).stood!.usually! })
  it('is assumed of its season: no mowings in a January', () => {
    const winter = { ...AROUND, now: new Date('2027-01-20T10:00:00.000Z') }
    const since: Span = { from: new Date('2027-01-05T10:00:00.000Z'), to: new Date('2027-01-08T10:00:00.000Z') }
    const made = entryEvents(entered('hot-heap', since, { heightM: 0.9 }), findMethod('hot-heap')!, winter)
    const usually = made.ok ? began(made.value).stood!.usually : ''
    expect(usually).toBe('dung')
    expect(leafy).not.toBe('')
  })
})
