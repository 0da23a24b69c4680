import { describe, expect, it } from 'vitest'
import { atMoisture, BALANCED, chargeFrom, courseOf, cube, highest, noted } from '../../test/builders/cubes'
import { SHELLS } from './heap'

/* What every practitioner knows of heaps: the model has to know it too. */

const balanced = chargeFrom(BALANCED, 25)
const plain = courseOf(cube(balanced))
const firstDay = (course: typeof plain, celsius: number) => course.days[course.coreC.findIndex(core => core >= celsius)] ?? Infinity
const daysAbove = (course: typeof plain, celsius: number) => Array.from(course.coreC).filter((core, at) => core >= celsius && course.days[at]! < 30).length / 4

describe('a balanced heap of 1.2 m each way in mild air', () => {
  it('is above 55 °C within one to four days and peaks at 58 to 72 °C', () => {
    expect(firstDay(plain, 55)).toBeGreaterThanOrEqual(1)
    expect(firstDay(plain, 55)).toBeLessThanOrEqual(4)
    expect(highest(plain.coreC)).toBeGreaterThan(58)
    expect(highest(plain.coreC)).toBeLessThan(72)
  })

  it('is at least 20 K cooler a hand\'s breadth in when it peaks', () => {
    const peak = plain.coreC.indexOf(highest(plain.coreC))
    expect(plain.coreC[peak]! - plain.edgeC[peak]!).toBeGreaterThanOrEqual(20)
  })

  it('is back under 40 °C between day 10 and 25 if nobody turns it', () => {
    expect(noted(plain, 'coreC', 10)).toBeGreaterThan(40)
    expect(noted(plain, 'coreC', 25)).toBeLessThan(40)
  })

  it.each([5, 6, 7, 8])('turned on day %i is 3 K warmer than its unturned twin on some day of the next week', (day) => {
    const turned = courseOf(cube(balanced, { deeds: [{ day, kind: 'turn' }] }))
    const lead = [1, 2, 3, 4, 5, 6, 7].map(after => noted(turned, 'coreC', day + after) - noted(plain, 'coreC', day + after))
    expect(Math.max(...lead)).toBeGreaterThanOrEqual(3)
    // Right after turning it is cooler.
    expect(noted(turned, 'coreC', day) - noted(plain, 'coreC', day)).toBeLessThan(-5)
  })

  it('sinks to four to seven tenths in the hot phase', () => {
    expect(noted(plain, 'volumeShare', 30)).toBeGreaterThan(0.4)
    expect(noted(plain, 'volumeShare', 30)).toBeLessThan(0.7)
  })
})

describe('what holds a heap back', () => {
  it('0.6 m each way hold 55 °C for two days at most', () => {
    const small = courseOf(cube(chargeFrom(BALANCED, 25, 0.125), { sideM: 0.6 }))
    expect(daysAbove(small, 55)).toBeLessThanOrEqual(2)
    expect(highest(small.coreC)).toBeGreaterThan(25)
  })

  it('leaves alone never get above 30 °C', () => {
    expect(highest(courseOf(cube(chargeFrom([['leaves-oak', 1600]], 120))).coreC)).toBeLessThan(30)
  })

  it('at 35 % moisture it peaks 12 K lower and less than two thirds is used up', () => {
    const dry = courseOf(cube(atMoisture(balanced, 0.35)))
    const moist = courseOf(cube(atMoisture(balanced, 0.58)))
    expect(highest(moist.coreC) - highest(dry.coreC)).toBeGreaterThanOrEqual(12)
    expect(noted(dry, 'used', 60)).toBeLessThan(noted(moist, 'used', 60) * 2 / 3)
  })

  it('at 72 % and dense the air runs out and it starts slowly', () => {
    const drowned = { ...atMoisture(balanced, 0.72), volumeL: 600, mattingShare: 0.6 }
    const course = courseOf(cube(drowned))
    expect(noted(course, 'coreOxygenPct', 2)).toBeLessThan(5)
    expect(firstDay(course, 55)).toBeGreaterThan(firstDay(plain, 55) + 1)
  })

  it('at 2 °C it starts later and still gets hot', () => {
    const cold = courseOf(cube(balanced, { airC: 2 }))
    expect(firstDay(cold, 45)).toBeGreaterThan(firstDay(plain, 45) + 2)
    expect(firstDay(cold, 45)).toBeLessThan(14)
  })

  it('a trodden, insulated hotbed of 1.6 × 1.6 × 1 m at 3 °C stays above 20 °C under its top for four to ten weeks', () => {
    const manure = { ...chargeFrom([['horse-manure-straw', 4400], ['leaves-shredded', 640]], 20), volumeL: 2560 }
    const bed = courseOf(cube(manure, { sideM: 1.6, airC: 3, wall: 'insulated' }), 100)
    // The bed as a whole: soil under a glazed frame lies on it and takes its warmth.
    const under = Array.from(bed.days, (_, at) => bed.shellsC.subarray(at * SHELLS, (at + 1) * SHELLS).reduce((sum, one) => sum + one, 0) / SHELLS)
    const warm = Array.from(bed.days).filter((day, at) => under[at]! >= 20).sort((a, b) => a - b)
    expect(warm.at(-1)! - warm[0]!).toBeGreaterThanOrEqual(28)
    expect(warm.at(-1)! - warm[0]!).toBeLessThanOrEqual(70)
  })
})
