import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, observed, onDay, reading, RICH_HEAP, surroundingsOn, turned, type HeapRecipe } from '../../../../test/builders/heaps'
import type { NewEvent } from '../../../journal/event'
import type { Forecast } from '../../../learning/forecast'
import { answerOf } from './answer'
import { findingsOf } from './findings'
import { questionOf } from './question'
import { suppose, expectCourse } from '../expect'
import { readyWindow } from '../ready'

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
      expect(band.low.every((low, index) => Number.isFinite(low) && low <= band.typical[index]! && band.typical[index]! <= band.high[index]!)).toBe(true)
    }
    expect(start.windows.ready!.now.low).toBeLessThan(start.windows.ready!.now.typical)
    expect(start.windows.ready!.now.typical).toBeLessThan(start.windows.ready!.now.high)
  })

  it('says the same when asked the same', () => {
    expect(forecast([], 0).windows).toEqual(start.windows)
  })

  it('narrows with readings, and keeps what it said at the start beside it', () => {
    expect(width(later)).toBeLessThan(width(start))
    expect(later.series.coreC!.high[at(later, 6)]! - later.series.coreC!.low[at(later, 6)]!).toBeLessThan(start.series.coreC!.high[at(start, 6)]! - start.series.coreC!.low[at(start, 6)]!)
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

  it('follows a heap that is cooler than its mix promises', () => {
    const cool = forecast([2, 3, 4, 5, 6].map(day => reading(day, 38)), 6.1)
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
  const findings = (events: readonly NewEvent[]) => findingsOf(heap(GOOD_HEAP, events), 1.1)

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
    expect(reasons[0]).toMatch(/ripe/)
    const { changed } = suppose(batch, surroundings, 20, [{ kind: 'turn', at: onDay(12.5) }])!
    expect(Math.abs(changed.find(({ day }) => day >= 12)!.coreC.typical - 36)).toBeLessThan(8)
  })
})
