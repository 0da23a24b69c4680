import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, observed, onDay, reading, RICH_HEAP, surroundingsOn, turned, type HeapRecipe } from '../../../test/builders/heaps'
import type { NewEvent } from '../../journal/event'
import type { Forecast } from '../../learning/forecast'
import { answerOf } from '../heated/forecast/answer'
import { findingsOf } from '../heated/forecast/findings'
import { PastMemory } from '../heated/forecast/members'
import { questionOf } from './question'
import { suppose, expectCourse } from './expect'
import { readyWindow } from './ready'

const QUICK = { members: 160, mostRounds: 2, drawn: { now: 80, start: 40 } }

function forecast(events: readonly NewEvent[], day: number, recipe: HeapRecipe = RICH_HEAP): Forecast {
  const steps = answerOf(questionOf(heap(recipe, events), surroundingsOn(day))!, QUICK)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

const at = ({ days }: Forecast, day: number) => days.findIndex(one => one >= day)
const width = ({ windows }: Forecast) => windows.ready!.now.high - windows.ready!.now.low
/** A heap that reaches 60 °C and cools by and by, as read once a day. */
const READ = [35, 58, 63, 62, 60, 57, 53, 49, 45, 42, 39, 36].map((celsius, index) => reading(index + 1, celsius))

describe('the forecast of a heap', () => {
  const start = forecast([], 0)
  const later = forecast(READ, 12.1)

  it('has bands in order and finite, and a window in order', () => {
    for (const band of [...Object.values(start.series), later.series.coreC!]) {
      expect(
        band.low.every((low, index) => Number.isFinite(low) && low <= band.typical[index]! && band.typical[index]! <= band.high[index]!),
      ).toBe(true)
    }
    expect(start.windows.ready!.now.low).toBeLessThan(start.windows.ready!.now.typical)
    expect(start.windows.ready!.now.typical).toBeLessThan(start.windows.ready!.now.high)
  })

  it('says the same when asked the same', () => {
    expect(forecast([], 0).windows).toEqual(start.windows)
  })

  it('narrows with readings, and keeps what it said at the start beside it', () => {
    expect(width(later)).toBeLessThan(width(start))
    expect(later.series.coreC!.high[at(later, 6)]! - later.series.coreC!.low[at(later, 6)]!).toBeLessThan(
      start.series.coreC!.high[at(start, 6)]! - start.series.coreC!.low[at(start, 6)]!,
    )
    expect(Math.abs(later.windows.ready!.start.typical - start.windows.ready!.start.typical)).toBeLessThan(20)
    expect(later.effective).toBeGreaterThan(20)
    expect(Math.abs(later.series.coreC!.typical[at(later, 12)]! - 36)).toBeLessThan(5)
  })

  it('tells after each thing recorded how the window moved', () => {
    expect(later.windows.ready!.moves.map(({ eventId }) => eventId)).toEqual(READ.map((_, index) => `e${index + 1}`))
    expect(later.windows.ready!.moves.at(-1)!.window.typical).toBeCloseTo(later.windows.ready!.now.typical, 6)
    const sum = later.windows.ready!.moves.reduce((all, { movedDays }) => all + movedDays, later.windows.ready!.start.typical)
    expect(sum).toBeCloseTo(later.windows.ready!.now.typical, 6)
  })

  it('is not wrecked by one wrong reading', () => {
    const wrong = forecast([...READ.slice(0, 5), reading(5.6, 14), ...READ.slice(5)], 12.1)
    expect(Math.abs(wrong.series.coreC!.typical[at(wrong, 12)]! - later.series.coreC!.typical[at(later, 12)]!)).toBeLessThan(4)
    expect(Math.abs(wrong.windows.ready!.now.typical - later.windows.ready!.now.typical)).toBeLessThan(6)
  })

  it('is moved by three wrong readings in a month by less than it is wide', () => {
    const sound = [...READ, reading(16, 33), reading(20, 30), reading(25, 27), reading(29, 25)]
    const wrong = [...sound, reading(5.6, 12), reading(14, 66), reading(22, 61)].sort((a, b) => (a.at < b.at ? -1 : 1))
    const [good, bad] = [forecast(sound, 30), forecast(wrong, 30)]
    expect(Math.abs(bad.windows.ready!.now.typical - good.windows.ready!.now.typical)).toBeLessThan(width(good) / 2)
    expect(Math.abs(bad.windows.ready!.now.low - good.windows.ready!.now.low)).toBeLessThan(width(good) / 2)
  })

  it('moves by days, not by weeks, from one day to the next when nothing was recorded', () => {
    const later = [20, 21, 22, 23, 24].map(day => forecast([...READ, turned(13)], day).windows.ready!.now)
    for (let at = 1; at < later.length; at++) {
      expect(Math.abs(later[at]!.typical - later[at - 1]!.typical)).toBeLessThan(7)
      expect(Math.abs(later[at]!.low - later[at - 1]!.low)).toBeLessThan(7)
    }
  })

  it('counts weather that was measured as it was, and strays nowhere in it', () => {
    const known = { ...surroundingsOn(12.1), weather: { ...surroundingsOn(12.1).weather, ambientC: () => -2, measured: () => true } }
    const question = questionOf(heap(RICH_HEAP, READ), known)!
    expect([question.weather.measured![5], question.weather.airC[5]]).toEqual([1, -2])
    expect(questionOf(heap(RICH_HEAP), surroundingsOn(3))!.weather.measured).toBeUndefined()
  })

  it('remembers the past: with one day more it is what it would be from nothing', () => {
    const memory = new PastMemory()
    const answered = (events: readonly NewEvent[], day: number, kept?: PastMemory) => {
      const steps = answerOf(questionOf(heap(RICH_HEAP, events), surroundingsOn(day))!, QUICK, kept)
      for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value
    }
    answered(READ.slice(0, 8), 9, memory)
    const [on, anew] = [answered(READ, 12.1, memory), answered(READ, 12.1)]
    expect(Math.abs(on.windows.ready!.now.typical - anew.windows.ready!.now.typical)).toBeLessThan(1)
    expect(Math.abs(on.series.coreC!.typical[at(on, 14)]! - anew.series.coreC!.typical[at(anew, 14)]!)).toBeLessThan(0.5)
    // What was done is another past: a turn that is entered late is not overlooked.
    const turnedLate = answered(
      [...READ, turned(5)].sort((a, b) => (a.at < b.at ? -1 : 1)), 12.1, memory,
    )
    expect(turnedLate.series.coreC!.typical[at(turnedLate, 5.5)]).not.toBeCloseTo(on.series.coreC!.typical[at(on, 5.5)]!, 1)
  })

  it('follows a heap that is cooler than its mix promises', () => {
    const cool = forecast(
      [2, 3, 4, 5, 6].map(day => reading(day, 38)), 6.1,
    )
    expect(cool.series.coreC!.typical[at(cool, 5)]!).toBeLessThan(start.series.coreC!.typical[at(start, 5)]! - 8)
  })

  it('learns the height and the moisture as well', () => {
    const low: NewEvent = { kind: 'measured', at: onDay(10), batchId: 'heap', heightM: 0.45 }
    const sunk = forecast([low], 10.1)
    expect(sunk.series.heightM!.typical[at(sunk, 10)]!).toBeLessThan(start.series.heightM!.typical[at(start, 10)]! - 0.04)
    const dry = forecast([observed(5, 'squeeze', 'dry')], 6)
    expect(dry.series.moisture!.typical[at(dry, 5)]!).toBeLessThan(start.series.moisture!.typical[at(start, 5)]! - 0.02)
  })

  it('knows what was done: a turn shows as a dip', () => {
    const done = forecast([turned(7)], 7.1)
    expect(done.series.coreC!.typical[at(done, 7)]!).toBeLessThan(start.series.coreC!.typical[at(start, 7)]! - 3)
  })
})

describe('what was found', () => {
  const findings = (events: readonly NewEvent[]) => findingsOf(heap(GOOD_HEAP, events), 1.1, () => 15)

  it('of one half day is pooled to its middle, so that a probe does not shout down a stick', () => {
    const probe = Array.from({ length: 60 }, (_, index) => reading(3.51 + index * 0.005, index === 7 ? 5 : 60))
    const pooled = findings([reading(2, 50), ...probe])
    expect(pooled).toHaveLength(2)
    expect(pooled[1]!.finding).toMatchObject({ value: 60 })
  })

  it('stands as it was read, one finding a half day', () => {
    expect(findings([reading(2, 50), reading(2.6, 55)]).map(({ finding }) => finding.kind === 'value' && finding.value)).toEqual([50, 55])
  })
})

describe('with a forecast at hand', () => {
  const batch = heap(RICH_HEAP, READ)
  const told = forecast(READ, 12.1)
  const surroundings = { ...surroundingsOn(12.1), forecastOf: () => told }

  it('the course has a width, the window is the forecast\'s, and its middle runs alone', () => {
    const course = expectCourse(batch, surroundings, 20)
    expect(course.some(({ coreC }) => coreC.high - coreC.low > 2)).toBe(true)
    const { from, to, reasons } = readyWindow(batch, surroundings)
    expect((to.getTime() - Date.parse(onDay(0))) / 86_400_000).toBeCloseTo(told.windows.ready!.now.high, 0)
    expect(from < to).toBe(true)
    expect(reasons[0]).toMatch(/ripe when|Ripe when/)
    const { changed } = suppose(batch, surroundings, 20, [{ kind: 'turn', at: onDay(12.5) }])!
    expect(Math.abs(changed.find(({ day }) => day >= 12)!.coreC.typical - 36)).toBeLessThan(8)
  })
})
