import { describe, expect, it } from 'vitest'
import { afterDays, aroundOn, begun, gauged, seen, took } from '../../../test/builders/batches'
import { SACK } from '../../../test/builders/heaps'
import { lookingBy, type Forecast } from '../contract'
import type { Site } from '../../vessel/site'
import { diagnosisBy, justDo } from './causes'
import { tasksFrom, type Ask } from './asks'
import { foundIn } from './findings'
import { askedOf, dayIn, deedDay, takenL } from './question'
import { daysAfter, spansOf } from './spans'
import { traitsBy } from './traits'

const SITE: Site = {
  kind: 'vessel', vessel: { id: 'corner', name: 'Corner', wall: 'none', shape: 'box', widthM: 1, depthM: 1, heightM: 1 },
}
const batch = (...since: Parameters<typeof begun>[1] & object) =>
  begun({ methodId: 'any-method', approachId: 'covered', site: SITE }, [...since])
const known = (low: number, typical: number, high: number) =>
  ({ windows: { ready: { now: { low, typical, high } } } }) as unknown as Forecast

describe('windows of a course', () => {
  const plain = batch()
  const day = (date: Date) => Math.round((date.getTime() - Date.parse(afterDays(0))) / 86_400) / 1000
  const span = (forecast: Forecast | undefined, capped = false, from = 0, atLeast = 0) => {
    const { span: of } = spansOf(plain, { forecastOf: () => forecast }, { horizonDay: 300 }, { sooner: 0.75, later: 1.5, capped })
    const { from: begins, to, orLater } = of('ready', 200, from, atLeast)
    return [day(begins), day(to), orLater]
  }

  it('lie roughly around one course, counted from where it stands, until a forecast is there', () => {
    // 200 days: 150 to 300; from day 100 on 175 to 250.
    expect(span(undefined)).toEqual([150, 300, true])
    expect(span(undefined, false, 100)).toEqual([175, 250, undefined])
    expect(span(known(180, 190, 220))).toEqual([180, 220, undefined])
  })

  it('may end later where they end within a day of what was looked at, and not beyond where that is said', () => {
    expect(span(known(180, 190, 298.9))).toEqual([180, 298.9, undefined])
    expect(span(known(180, 190, 299))).toEqual([180, 299, true])
    expect(span(known(180, 320, 400))).toEqual([180, 400, true])
    expect(span(known(180, 320, 400), true)).toEqual([180, 300, true])
  })

  it('last as long as they have to', () => {
    // Its most likely day is that of the course in the middle, 200: the window holds it, and lasts a day from where it begins.
    expect(span(known(200, 200, 200.2), false, 0, 1)).toEqual([200, 201, undefined])
    expect(span(known(180, 180, 180.2))).toEqual([180, 200, undefined])
    expect(daysAfter(afterDays(0), 1.5).toISOString()).toBe(afterDays(1.5))
  })
})

describe('traits', () => {
  const traits = traitsBy({ pace: 0.2, drying: 0.5 }, { weatherK: 1.5 })
  it('are factors by their logarithm and shifts by themselves, in their order', () => {
    expect(traits.dimensions).toBe(3)
    expect(traits.usual).toEqual({ pace: 1, drying: 1, weatherK: 0 })
    expect(traits.at([1, -2, 2])).toEqual({ pace: Math.exp(0.2), drying: Math.exp(-1), weatherK: 3 })
  })

  it('stray no farther than four spreads', () => {
    expect(traits.at([9, -9, 9])).toEqual({ pace: Math.exp(0.8), drying: Math.exp(-2), weatherK: 6 })
  })
})

describe('what was found of a batch', () => {
  const READ = {
    quantity: 'height', row: 'volumeL' as const, trust: 0.7, value: (read: number) => 1000 * read,
    spread: (value: number) => value / 10,
  }
  const FOUND = { sense: 'look', row: 'left' as const, trust: 0.9, blur: 0.08, means: { whole: [0.7, 1.05] as const } }

  it('is a value of a row, or lies between limits, in the order of its days', () => {
    const found = foundIn<'volumeL' | 'left'>(
      batch(seen(9, 'look', 'whole'), gauged(4, 'height', 'edge', 0.5), seen(5, 'look', 'never-heard'), seen(6, 'nose', 'whole')),
      [READ],
      [FOUND],
    )
    expect(found.map(({ finding }) => finding)).toEqual([
      { kind: 'value', row: 'volumeL', day: 4, value: 500, spread: 50, trust: 0.7 },
      { kind: 'between', row: 'left', day: 9, low: 0.7, high: 1.05, spread: 0.08, trust: 0.9 },
    ])
  })
})

describe('the question of a course', () => {
  const horizon = { least: 100, beyondNow: 60, most: 300 }
  it.each([[10, 100], [50, 110], [50.2, 111], [280, 300], [500, 300]])('on day %s looks ahead to day %s', (day, ahead) => {
    expect(askedOf(batch(), aroundOn(day), horizon)).toMatchObject({ batchId: 'b', methodId: 'any-method', horizonDay: ahead })
    expect(askedOf(batch(), aroundOn(day), horizon).nowDay).toBeCloseTo(day, 9)
  })

  it('counts what lies before the beginning from there', () => {
    expect(dayIn(batch(), afterDays(-2))).toBeCloseTo(-2, 9)
    expect(deedDay(batch(), afterDays(-2))).toBe(0)
    expect(deedDay(batch(), afterDays(3))).toBeCloseTo(3, 9)
    expect(takenL(batch(took(3, [['loam', 2, SACK], ['overs', 1, SACK]])).takings[0]!)).toBeCloseTo(3 * SACK.volumeL, 9)
  })
})

describe('tasks of a course', () => {
  const ask = (action: string, due: number, until: number): Ask => ({
    action, due: new Date(afterDays(due)), until: new Date(afterDays(until)), doing: { kind: 'pad', pad: action }, label: 'Do', icon: 'i',
    title: 'Do it', reason: 'It has to be done.', urgency: 'usual',
  })

  it('are each asked once, by the first that asks, until the evening of their last day', () => {
    const tasks = tasksFrom('b', [ask('look', 1, 3), ask('feel', 2, 4), ask('look', 9, 12)])
    expect(tasks.map(({ id }) => id)).toEqual(['b.look', 'b.feel'])
    expect([tasks[0]!.until.getHours(), tasks[0]!.until.getMinutes()]).toEqual([23, 59])
    expect(tasks[0]!.until.getTime()).toBeGreaterThan(Date.parse(afterDays(3)))
  })

  it('end by the hour where they are told by the hour, never before they are due', () => {
    const [one, late] = tasksFrom('b', [ask('stir', 1, 1.5), ask('look', 5, 4)], 'hour')
    expect(one!.until.toISOString()).toBe(afterDays(1.5))
    expect(late!.until).toEqual(late!.due)
  })
})

describe('what may be wrong', () => {
  const diagnosis = diagnosisBy<{ readonly dry: boolean }>({
    symptoms: [], looking: lookingBy(10), noticing: { squeeze: { dust: 'dry' } }, noticedBesides: () => ['old'],
    factsOf: (_, __, symptoms) => symptoms.includes('nothing-known') ? undefined : { dry: true },
    causes: [{ id: 'drought', title: 'Dry', symptoms: { dry: 0.9 }, weigh: () => [], remedy: () => justDo('Water it.', ['watered'], 20) }],
  })

  it('is noticed from what was found lately and still speaks, each once, behind what the figures tell', () => {
    const at = (...days: number[]) => diagnosis.noticed(batch(...days.map(day => seen(day, 'squeeze', 'dust'))), aroundOn(12))
    expect(at(1)).toEqual(['old'])
    expect(at(2)).toEqual(['old'])
    expect(at(2.1)).toEqual(['old', 'dry'])
    expect(at(5, 6)).toEqual(['old', 'dry'])
  })

  it('is weighed where something is wrong and anything is known of it', () => {
    const causes = (...symptoms: string[]) => diagnosis.causes(batch(), aroundOn(12), symptoms)
    expect(causes('dry')).toMatchObject([{ id: 'drought', remedy: { text: 'Water it.', parts: [], waterL: 20, deeds: ['watered'] } }])
    expect(causes()).toEqual([])
    expect(causes('nothing-known')).toEqual([])
  })
})
