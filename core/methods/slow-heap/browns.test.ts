import { addDays } from 'date-fns'
import { describe, expect, it } from 'vitest'
import { BAY, cover, feed, LITRE } from '../../../test/builders/fed'
import { aroundOn, begun, did } from '../../../test/builders/batches'
import type { NewEvent } from '../../journal/event'
import { findMaterial } from '../../materials/book'
import type { Surroundings } from '../contract'
import { additionOf } from './addition'
import { brownsLeft } from './browns'
import { runSlow } from './course'
import { litresOfIt } from './feeding'
import { USUAL_TRAITS } from './traits'

const leaves = findMaterial('leaves-mixed')!
const fedWeekly = (more: readonly NewEvent[] = []) => begun(
  { methodId: 'slow-heap', approachId: 'two-bays', site: BAY, answers: { weeklyL: 10 }, inputs: [cover('leaves-mixed', 1)] },
  [...[7, 14, 21, 28].map(day => feed(5, 14, day - 0.1)), ...more],
)
const withStore = (day: number, litres: number): Surroundings => ({
  ...aroundOn(day), spares: [{ material: leaves, container: LITRE, packing: 'loose', count: litres }],
})

describe('the browns beside a heap', () => {
  it('last as many weeks as their litres hold weekly covers', () => {
    // Four covers of 14 L in four weeks: 14 L a week. 140 L are ten weeks, 70 days.
    const around = withStore(28, 140)
    const left = brownsLeft(fedWeekly(), around)!
    expect(left.weeklyL).toBeCloseTo(14, 6)
    expect(left.leftL).toBeCloseTo(140, 6)
    expect(left.until).toEqual(addDays(around.now, 70))
    // 21 L are a week and a half: ten days, the eleventh is not whole.
    expect(brownsLeft(fedWeekly(), withStore(28, 21))!.until).toEqual(addDays(around.now, 10))
  })

  it('have no last day when they last for longer than a year, and none are told of a closed one', () => {
    // 52 weeks of 14 L are 728 L.
    expect(brownsLeft(fedWeekly(), withStore(28, 727))!.until).toBeDefined()
    expect(brownsLeft(fedWeekly(), withStore(28, 729))!.until).toBeUndefined()
    expect(brownsLeft(fedWeekly([did(27.95, 'closed')]), withStore(28, 140))).toBeUndefined()
    expect(brownsLeft(fedWeekly(), aroundOn(28))).toBeUndefined()
  })
})

describe('a heap that is moved on', () => {
  it('lies as loose as on its ninth day, and sinks again from there', () => {
    const one = additionOf(0, [litresOfIt(findMaterial('kitchen-veg')!, 20), litresOfIt(leaves, 100)], 0)!
    const days = Float64Array.from({ length: 121 }, (_, day) => day)
    const run = (moved: boolean) => runSlow({
      additions: [one], deeds: moved ? [{ day: 60, kind: 'move' }] : [], feeding: { fromDay: 0, weekly: undefined },
      ground: { wall: 'boards', footprintM2: 1, perimeterM: 4 }, rimM: 5, rainShare: 0, drying: 0,
      airC: new Array<number>(200).fill(12), rainMm: new Array<number>(200).fill(0),
    }, USUAL_TRAITS, days).volumeL
    const [left, moved] = [run(false), run(true)]
    // It stands at `to` of its loose room once it has slumped, and at to + (1 − to)·e^(−age/9) on its way there: moved on day 60 it
    // is nine days old again.
    const to = 0.5 + 0.34 * one.charge.stiffness
    const room = (age: number) => to + (1 - to) * Math.exp(-age / 9)
    expect(moved[59]).toBe(left[59])
    for (const day of [60, 65, 80]) expect(moved[day]! / left[day]!, `day ${day}`).toBeCloseTo(room(day - 60 + 9) / room(day), 2)
    expect(moved[60]!).toBeGreaterThan(1.05 * left[60]!)
    expect(moved[120]! / left[120]!).toBeCloseTo(1, 2)
  })
})
