import { describe, expect, it } from 'vitest'
import { atMoisture, chargeFrom, courseOf, cube, filled, heapAfter, highest } from '../../test/builders/cubes'
import { findMaterial } from '../materials/book'
import type { Portion } from '../mix/portion'
import { asLaid } from './as-laid'
import { heldMJ, newHeap } from './heap'
import { advance } from './step'
import { USUAL_TRAITS } from './traits'

const of = (id: string, looseVolumeL: number): Portion => ({ material: findMaterial(id)!, looseVolumeL })

describe('stuff as it is laid', () => {
  const both = [of('horse-manure-straw', 800), of('leaves-mixed', 800)]
  const held = both.map(({ material: { bulkDensityKgM3, moistureFraction } }) => {
    const kg = 0.8 * bulkDensityKgM3.typical
    const wet = moistureFraction.typical
    return { kg, waterKg: kg * wet, holds: kg * (wet * 4.18 + (1 - wet) * 1.4) }
  })
  const [dung, leaves] = held as [typeof held[number], typeof held[number]]

  it('brings its own warmth by the heat it holds: dung at 30 °C, leaves one kelvin above the air', () => {
    // In air of 15 °C.
    expect(asLaid(both, 0, 15, 'fresh').startsAboveK).toBeCloseTo((15 * dung.holds + 1 * leaves.holds) / (dung.holds + leaves.holds), 9)
    // At −5 °C the dung is 35 K above it; ten litres of water are poured at 0 °C.
    const poured = 10 * 4.18
    expect(asLaid(both, 10, -5, 'fresh').startsAboveK)
      .toBeCloseTo((35 * dung.holds + 1 * leaves.holds + 5 * poured) / (dung.holds + leaves.holds + poured), 9)
  })

  it('brings its life by its mass: dung well alive, leaves asleep; half of that from the open, a quarter frozen', () => {
    const starter = (0.6 * dung.kg + 0.08 * leaves.kg) / (dung.kg + leaves.kg)
    expect(asLaid(both, 0, 15, 'fresh').starter).toBeCloseTo(starter, 9)
    const outside = asLaid(both, 0, 15, 'outside')
    expect([outside.startsAboveK, outside.iceMJ]).toEqual([expect.closeTo(0, 9), 0])
    expect(outside.starter).toBeCloseTo(starter / 2, 9)
    expect(asLaid(both, 0, 15, 'frozen').starter).toBeCloseTo(starter / 4, 9)
  })

  it('frozen it is at 0 °C, and its water takes 334 kJ a kilogram to thaw', () => {
    const frozen = asLaid(both, 0, 4, 'frozen')
    expect(frozen.startsAboveK).toBeCloseTo(-4, 9)
    expect(frozen.iceMJ).toBeCloseTo(0.334 * (dung.waterKg + leaves.waterKg), 9)
  })

  it('nothing is no trouble', () => {
    expect(asLaid([], 0, 10, 'fresh')).toEqual({ startsAboveK: 0, starter: 0.04, iceMJ: 0 })
  })
})

describe('a heap with ice in it', () => {
  const charge = filled(atMoisture(chargeFrom([['horse-manure-straw', 840], ['straw-wheat', 320], ['grass-clippings', 300]], 0), 0.58))

  it('stays at 0 °C until it has thawed, and no heat is lost on the way', () => {
    const dead = { ...charge, rapidKg: 0, mediumKg: 0, slowKg: 0, restKg: charge.restKg + charge.rapidKg + charge.mediumKg + charge.slowKg }
    const heap = newHeap(dead, cube(dead).standing, USUAL_TRAITS, 0, 0.1, undefined, 60)
    const before = heldMJ(heap)
    advance(heap, { airC: 12, rainMmDay: 0, openShare: 0 }, 3)
    expect(heap.parts.celsius[0]).toBeCloseTo(0, 6)
    expect(heldMJ(heap)).toBeCloseTo(before + heap.ledger.carriedMJ - heap.ledger.lostMJ, 6)
    advance(heap, { airC: 12, rainMmDay: 0, openShare: 0 }, 90)
    expect(heap.parts.celsius[0]).toBeGreaterThan(9)
  })

  it('gets hot weeks later than one of fresh stuff, or not at all in the cold', () => {
    const hotDay = (laid: { readonly startsAboveK: number, readonly starter: number, readonly iceMJ?: number }, airC: number) => {
      const course = courseOf(cube(charge, { airC, laid }))
      return course.days[course.coreC.findIndex(core => core >= 45)] ?? Infinity
    }
    const frozen = { startsAboveK: -5, starter: 0.06, iceMJ: 0.334 * charge.waterKg }
    expect(hotDay({ startsAboveK: 12, starter: 0.35 }, 5)).toBeLessThan(4)
    expect(hotDay(frozen, 5)).toBeGreaterThan(12)
  })

  it('is mixed with its ice when it is turned', () => {
    const what = { ...cube(charge, { airC: 2, deeds: [{ day: 1, kind: 'turn' }] }), startsAboveK: -2, iceMJ: 120 }
    const heap = heapAfter(what, 1.5)
    expect(heap.parts.iceMJ[0]).toBeCloseTo(heap.parts.iceMJ[5]!, 0)
    expect(highest(heap.parts.celsius)).toBeLessThan(12)
  })
})
