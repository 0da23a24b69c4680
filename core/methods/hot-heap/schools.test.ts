import { describe, expect, it } from 'vitest'
import { cube, filled } from '../../../test/builders/cubes'
import { goodMixes } from '../../../test/builders/good-mixes'
import { emptyCourse, type HeapCase } from '../../heat/case'
import { Run } from '../../heat/course'
import { dryMassKg, total } from '../../heat/heap'
import { USUAL_TRAITS } from '../../heat/traits'
import { readyDayOf } from '../heated/ready-day'
import { habitOf, type TurningRule } from '../heated/turning'
import { APPROACHES } from './approaches'
import { HOT } from './constants'

/*
 * What practice says of schools and of ripeness, over mixes that the bench calls good: not one of them was fitted to. Each is built
 * in a place and a season of its own, from small to large.
 */
const MIXES = 40
const DAYS = Float64Array.from({ length: 620 }, (_, day) => day)
const places = goodMixes(MIXES, 91).map((mix, index) => {
  const sideM = 0.9 + 0.6 * ((index * 7) % MIXES) / MIXES
  const meanC = 8 + 7 * ((index * 11) % MIXES) / MIXES
  const airC = Float64Array.from(DAYS, day => meanC - 7 * Math.cos(2 * Math.PI * (day + 9 * index) / 365))
  return { charge: filled(mix.charge, { sideM, heightM: Math.min(1.2, sideM) }), sideM, airC, laid: mix.laidAt(airC[0]!) }
})

const caseOf = ({ charge, sideM, airC, laid }: typeof places[number], turning: TurningRule): HeapCase => ({
  ...cube(charge, { sideM, laid }), weather: { airC, rainMm: Float64Array.of(1.5), openShare: 0.15 },
  habit: habitOf(turning, HOT.watering), habitFromDay: 0,
})

/** The day on which it is ready, and how much of the dry matter is gone by then. */
function readyBy(place: typeof places[number], turning: TurningRule): { readonly day: number, readonly lost: number } {
  const run = new Run(caseOf(place, turning), USUAL_TRAITS)
  const course = emptyCourse(DAYS)
  run.goOn(course)
  const day = readyDayOf(course, place.airC) ?? DAYS.length - 1
  const { chargedUsableKg, chargedDryKg } = run.heap.whole
  return { day, lost: course.used[Math.round(day)]! * chargedUsableKg / chargedDryKg }
}

/** How far it rises above mild air within five days, turned and wetted on a day, K. */
function risesBy(place: typeof places[number], turning: TurningRule, day: number): number {
  const run = new Run(caseOf(place, turning), USUAL_TRAITS)
  run.goOn(emptyCourse(Float64Array.of(day)))
  const litres = Math.max(0, dryMassKg(run.heap) * 0.57 / 0.43 - total(run.heap.parts.waterKg))
  const tried = new Run({
    ...caseOf(place, { kind: 'never' }), weather: { airC: Float64Array.of(15), rainMm: Float64Array.of(0), openShare: 0 },
    deeds: [{ day, kind: 'turn' }, { day, kind: 'water', litres }],
  }, USUAL_TRAITS, { ...run.halt(), nextDeed: 0 })
  tried.heap.parts.celsius.fill(15)
  const after = emptyCourse(Float64Array.from([1, 2, 3, 4, 5], later => day + later))
  tried.goOn(after)
  return Math.max(...after.coreC) - 15
}

const rule = (id: string) => APPROACHES.find(one => one.id === id)!.turning
const SCHOOLS = { weekly: rule('weekly'), thermometer: rule('by-thermometer'), seldom: rule('seldom'), never: { kind: 'never' } as const }
const ready = Object.fromEntries(Object.entries(SCHOOLS).map(([name, turning]) => [name, places.map(place => readyBy(place, turning))]))
const share = (meets: readonly boolean[]) => meets.filter(Boolean).length / meets.length

describe('schools of turning, over good mixes of all kinds,', () => {
  it.each([['weekly', 'thermometer'], ['thermometer', 'seldom'], ['seldom', 'never'], ['weekly', 'never']] as const)(
    '%s is not later than %s in 85 of a hundred, by more than three days',
    (more, less) => {
      expect(share(ready[more]!.map(({ day }, at) => day <= ready[less]![at]!.day + 3))).toBeGreaterThanOrEqual(0.85)
    })

  it('on the day that it is ready 35 to 60 % of the dry matter is gone in four of five', () => {
    for (const days of Object.values(ready))
      expect(share(days.map(({ lost }) => lost >= 0.35 && lost <= 0.6))).toBeGreaterThanOrEqual(0.8)
  })

  it('turned and wetted on that day nine in ten rise less than ten kelvin', () => {
    const rises = places.map((place, at) => risesBy(place, SCHOOLS.weekly, ready.weekly![at]!.day))
    expect(share(rises.map(roseK => roseK < 10))).toBeGreaterThanOrEqual(0.9)
    // And the test can tell: a fortnight in, nearly all of them still heat.
    expect(share(places.slice(0, 12).map(place => risesBy(place, SCHOOLS.weekly, 14) > 15))).toBeGreaterThan(0.9)
  })
})
