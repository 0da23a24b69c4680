import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { atMoisture } from '../../../test/builders/cubes'
import { findMaterial } from '../../materials/book'
import { chargeOf, type Charge } from '../charge'
import { layerDryKg, LAYERS, newSlab, slabHeldMJ, troddenM, troddenShare, USUAL_SLAB, type SlabCase, type SlabTraits } from './bed'
import { emptySlabCourse, runSlab, slabTroubleOf, type SlabCourse } from './course'
import { frameC, shutPeakC, topNow, type Top } from './frame'
import { airAtHour, daylightHours, sunMJ, sunWatts } from './sun'

const SQUARE = { footprintM2: 2.56, perimeterM: 6.4 }
const GLASS: Top = { cover: 'single', share: 0.56, matsAtNight: true, aired: true, sunny: 1 }
const DAYS = Float64Array.from({ length: 141 }, (_, day) => day)
const weather = (airC: number, sun = 5, swingK = 4, length = 160) => ({
  airC: Array<number>(length).fill(airC), swingK: Array<number>(length).fill(swingK), sunMJ: Array<number>(length).fill(sun),
  daylight: Array<number>(length).fill(10),
})

type Parts = readonly (readonly [materialId: string, share: number])[]
const MANURE: Parts = [['horse-manure-straw', 1]]
const CHIPS: Parts = [['chips-ramial', 3], ['grass-clippings', 1]]

/** Dung and straw as they come from a stable are moist enough. */
const AS_IT_COMES = 0.7

/** A mix as moist as said, so much of it that it lies so deep when trodden. */
function deep(parts: Parts, moisture: number, depthM: number): Charge {
  const loose = (litres: number) =>
    atMoisture(
      chargeOf(
        parts.map(([id, share]) => ({ material: findMaterial(id)!, looseVolumeL: litres * share })), 0,
      )!,
      moisture,
    )
  let litres = 1000
  for (let round = 0; round < 12; round++) litres *= depthM / troddenM(loose(litres), SQUARE.footprintM2)
  return loose(litres)
}
const bed = (charge: Charge, over: Partial<SlabCase> = {}): SlabCase => ({
  charge,
  ...SQUARE,
  sides: 'banked',
  soilM: 0.15,
  top: GLASS,
  weather: weather(3),
  startHour: 12,
  startsAboveK: 17,
  starter: 0.5,
  deeds: [],
  ...over,
})
function course(what: SlabCase, traits: SlabTraits = USUAL_SLAB, days = DAYS): SlabCourse {
  const into = emptySlabCourse(days)
  const result = runSlab(what, traits, into)
  if (!result.ok) throw new Error(result.error.kind)
  return into
}
const warmDays = ({ soilDayC }: SlabCourse) => soilDayC.filter(celsius => celsius >= 20).length
const highest = (values: Float32Array) => Math.max(...values)
const lastWarm = ({ soilDayC }: SlabCourse) => soilDayC.findLastIndex(celsius => celsius >= 20)

describe('a hotbed by its heat', () => {
  const manure = course(bed(deep(MANURE, AS_IT_COMES, 0.9)))

  it('keeps 20 °C and more for 4 to 10 weeks: 1.6 × 1.6 × 0.9 m of manure and straw at 3 °C outside', () => {
    expect(warmDays(manure)).toBeGreaterThanOrEqual(28)
    expect(warmDays(manure)).toBeLessThanOrEqual(70)
    // Its burst is hot in the heart, warm but not scalding in the soil, and comes down.
    expect(highest(manure.coreC)).toBeGreaterThan(52)
    expect(highest(manure.coreC)).toBeLessThan(76)
    expect(highest(manure.soilDayC)).toBeGreaterThan(30)
    expect(highest(manure.soilDayC)).toBeLessThan(45)
    expect(manure.soilDayC[21]!).toBeLessThan(30)
    // Before the second week is over it can be told from the air outside by far.
    expect(manure.soilDayC[10]! - 3).toBeGreaterThan(20)
  })

  it('is cold again within two weeks and a half when it is 0.4 m deep', () => {
    for (const moisture of [0.66, AS_IT_COMES]) {
      const low = course(bed(deep(MANURE, moisture, 0.4)))
      expect(warmDays(low)).toBeLessThanOrEqual(17)
      expect(warmDays(low)).toBeGreaterThan(4)
      expect(warmDays(course(bed(deep(MANURE, moisture, 0.9))))).toBeGreaterThan(2 * warmDays(low))
    }
  })

  it('stays longer warm and cooler of chips than of manure', () => {
    const chips = course(bed(deep(CHIPS, 0.6, 0.9)))
    expect(lastWarm(chips)).toBeGreaterThan(lastWarm(manure) + 2)
    expect(highest(chips.soilDayC)).toBeLessThan(highest(manure.soilDayC) - 2)
    expect(chips.soilDayC.findIndex(celsius => celsius >= 20)).toBeGreaterThan(manure.soilDayC.findIndex(celsius => celsius >= 20))
  })

  it('is several degrees colder without its frame, and warmer when its sides are banked or sunk', () => {
    const bare = course(bed(deep(MANURE, AS_IT_COMES, 0.9), { top: { ...GLASS, cover: 'none', matsAtNight: false } }))
    for (const day of [7, 14, 21]) expect(manure.soilDayC[day]! - bare.soilDayC[day]!, `day ${day}`).toBeGreaterThan(3)
    const open = course(bed(deep(MANURE, AS_IT_COMES, 0.9), { sides: 'open' }))
    expect(warmDays(manure)).toBeGreaterThan(warmDays(open) + 7)
    expect(course(bed(deep(MANURE, AS_IT_COMES, 0.9), { top: { ...GLASS, cover: 'double', aired: false } })).soilDayC[14]!).toBeGreaterThan(
      manure.soilDayC[14]! + 1,
    )
  })

  it('is raised by the sun of the month, by day', () => {
    const dark = course(bed(deep(MANURE, AS_IT_COMES, 0.9), { weather: weather(3, 0) }))
    const march = course(bed(deep(MANURE, AS_IT_COMES, 0.9), { weather: weather(3, 9.7) }))
    const may = course(bed(deep(MANURE, AS_IT_COMES, 0.9), { weather: weather(3, 17.8) }))
    expect(march.soilDayC[28]! - dark.soilDayC[28]!).toBeGreaterThan(3)
    expect(may.soilDayC[28]!).toBeGreaterThan(march.soilDayC[28]!)
    const hours = Float64Array.from({ length: 24 }, (_, hour) => 20 + hour / 24)
    const day = course(bed(deep(MANURE, AS_IT_COMES, 0.9), { weather: weather(3, 9.7) }), USUAL_SLAB, hours)
    // Built at noon: the warmest soil of the day comes in the afternoon, the coldest before sunrise.
    const warmest = day.soilC.indexOf(highest(day.soilC))
    expect((12 + warmest) % 24).toBeGreaterThanOrEqual(13)
    expect((12 + warmest) % 24).toBeLessThanOrEqual(18)
    expect(highest(day.soilC) - Math.min(...day.soilC)).toBeGreaterThan(1)
  })

  it('takes what it is given at any time: water cools it, glass taken off cools it', () => {
    const wet = course(bed(deep(MANURE, AS_IT_COMES, 0.9), { deeds: [{ day: 12, kind: 'water', litres: 200 }] }))
    expect(wet.coreC[13]!).toBeLessThan(manure.coreC[13]! - 3)
    const off = course(bed(deep(MANURE, AS_IT_COMES, 0.9), { deeds: [{ day: 12, kind: 'top', top: { ...GLASS, cover: 'none' } }] }))
    expect(off.soilDayC[11]).toBe(manure.soilDayC[11])
    expect(off.soilDayC[14]!).toBeLessThan(manure.soilDayC[14]! - 3)
  })

  it('keeps account of every megajoule and kilogram, of slab, soil and frame', () => {
    const some = fc.record({
      depthM: fc.double({ min: 0.3, max: 1.1, noNaN: true }), airC: fc.double({ min: -12, max: 22, noNaN: true }),
      sun: fc.double({ min: 0, max: 20, noNaN: true }), soilM: fc.double({ min: 0.05, max: 0.3, noNaN: true }),
      sides: fc.constantFrom('open', 'boards', 'banked', 'sunk'), cover: fc.constantFrom('single', 'double', 'fleece', 'none'),
      aired: fc.boolean(), litres: fc.double({ min: 0, max: 300, noNaN: true }), losses: fc.double({ min: 0.5, max: 2, noNaN: true }),
    })
    fc.assert(fc.property(some, ({ depthM, airC, sun, soilM, sides, cover, aired, litres, losses }) => {
      const charge = deep(MANURE, AS_IT_COMES, depthM)
      const what = bed(charge, {
        soilM, sides, top: { ...GLASS, cover, aired }, weather: weather(airC, sun), deeds: [{ day: 5.3, kind: 'water', litres }],
      } as Partial<SlabCase>)
      const traits = { ...USUAL_SLAB, losses }
      const before = newSlab(what, traits, airC)
      const ran = runSlab(what, traits, emptySlabCourse(Float64Array.of(40)))
      if (!ran.ok) throw new Error(ran.error.kind)
      const { ledger } = ran.value
      const held = slabHeldMJ(ran.value, what) - slabHeldMJ(before, what)
      const came = ledger.releasedMJ + ledger.sunMJ + ledger.carriedMJ - ledger.lostMJ
      expect(Math.abs(held - came)).toBeLessThan(1e-6 * (Math.abs(ledger.releasedMJ) + Math.abs(ledger.lostMJ) + 1))
      const sum = (of: (layer: number) => number) =>
        Array.from({ length: LAYERS }, (_, layer) => of(layer)).reduce((all, one) => all + one, 0)
      expect(sum(layer => layerDryKg(before, layer)) - sum(layer => layerDryKg(ran.value, layer))).toBeCloseTo(ledger.decayedKg, 6)
      expect(sum(layer => ran.value.waterKg[layer]!) - sum(layer => before.waterKg[layer]!)).toBeCloseTo(
        ledger.madeKg + ledger.pouredKg - ledger.evaporatedKg - ledger.drainedKg, 6,
      )
      expect(ran.value.celsius.every(Number.isFinite)).toBe(true)
    }), { numRuns: 40 })
  })

  it('gives the same at a time, however many others are asked for', () => {
    const few = course(bed(deep(MANURE, AS_IT_COMES, 0.9)), USUAL_SLAB, Float64Array.of(10, 30))
    expect(few.soilC[0]!).toBeCloseTo(manure.soilC[10]!, 1)
    expect(few.coreC[1]!).toBeCloseTo(manure.coreC[30]!, 1)
  })

  it('is refused without stuff, without ground or with numbers that are none', () => {
    const charge = deep(MANURE, AS_IT_COMES, 0.9)
    expect(slabTroubleOf(bed(charge))).toBeUndefined()
    expect(slabTroubleOf(bed({ ...charge, volumeL: 0 }))).toEqual({ kind: 'nothing-in-it' })
    expect(slabTroubleOf(bed(charge, { footprintM2: 0 }))).toEqual({ kind: 'no-ground' })
    expect(slabTroubleOf(bed(charge, { soilM: 0 }))).toEqual({ kind: 'no-ground' })
    expect(slabTroubleOf(bed({ ...charge, waterKg: Number.NaN }))).toEqual({ kind: 'bad-number' })
    expect(slabTroubleOf(bed(charge, { weather: { ...weather(3), airC: [3, Infinity] } }))).toEqual({ kind: 'bad-number' })
    expect(runSlab(bed({ ...charge, volumeL: 0 }), USUAL_SLAB, emptySlabCourse(DAYS)).ok).toBe(false)
  })
})

describe('treading', () => {
  it('presses light stuff most: leaves to under half of their room, dung with straw to about seven tenths', () => {
    expect(troddenShare(deep([['leaves-mixed', 1]], 0.65, 0.5))).toBeLessThan(0.5)
    expect(troddenShare(deep(MANURE, AS_IT_COMES, 0.9))).toBeGreaterThan(0.6)
    expect(troddenShare(deep(MANURE, AS_IT_COMES, 0.9))).toBeLessThan(0.8)
    const dense = deep(MANURE, AS_IT_COMES, 0.9)
    expect((dense.waterKg + dense.rapidKg + dense.mediumKg + dense.slowKg + dense.restKg) / SQUARE.footprintM2 / 0.9).toBeGreaterThan(430)
  })
})

describe('a frame', () => {
  const shut = (over: Partial<Top>): Top => ({ ...GLASS, aired: false, ...over })
  const now = (top: Top, soil: number, outside: number, sun: number, dark = false) =>
    topNow(top, soil, outside, sun, dark, { passesW: 0, sunW: 0, frameC: 0, airedW: 0 })

  it('is as warm inside as its soil and the air outside make it, weighed by what passes', () => {
    // 8 W/m²K to the soil at 20, 6 to the air at 0: 160 ÷ 14 = 11.4 °C; with 200 W of sun on it a quarter warms its air: (160 +
    // 50) ÷ 14 = 15.
    expect(frameC(20, 0, 0, 6)).toBeCloseTo(160 / 14, 9)
    expect(frameC(20, 0, 200, 6)).toBeCloseTo(15, 9)
  })

  it('loses less under two panes, and at night under mats', () => {
    const single = now(shut({ share: 1 }), 20, 0, 0).passesW
    expect(single).toBeCloseTo(1 / (1 / 8 + 1 / 6), 9)
    expect(now(shut({ share: 1, cover: 'double' }), 20, 0, 0).passesW).toBeLessThan(single * 0.7)
    expect(now(shut({ share: 1 }), 20, 0, 0, true).passesW).toBeLessThan(single * 0.8)
    expect(now(shut({ share: 1, cover: 'none' }), 20, 0, 0).passesW).toBeGreaterThan(single)
  })

  it('is propped open when it is hot inside and not outside, as far as keeps it there', () => {
    const hot = now({ ...GLASS, aired: true }, 26, 14, 600)
    expect(hot.airedW).toBeGreaterThan(2)
    expect(hot.frameC).toBeCloseTo(22, 1)
    expect(now(shut({}), 26, 14, 600).frameC).toBeGreaterThan(28)
    expect(now({ ...GLASS, aired: true }, 20, 2, 50).airedW).toBe(0)
  })

  it('gets hotter shut the more sun, the warmer the day', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 35, noNaN: true }), fc.double({ min: -10, max: 25, noNaN: true }),
        fc.double({ min: 0, max: 700, noNaN: true }),
        (soil, outside, sun) => {
          const peak = shutPeakC(GLASS, soil, outside, sun)
          expect(Number.isFinite(peak)).toBe(true)
          expect(shutPeakC(GLASS, soil, outside, sun + 50)).toBeGreaterThan(peak)
          expect(shutPeakC(GLASS, soil, outside + 2, sun)).toBeGreaterThan(peak)
          expect(shutPeakC({ ...GLASS, sunny: 0.5 }, soil, outside, sun)).toBeLessThanOrEqual(peak)
        }))
  })
})

describe('sun and air by the hour', () => {
  it('adds up to the sun of the day, around noon, none at night', () => {
    const [total, hours] = [9.7, 12]
    const sum = Array.from({ length: 24 * 60 }, (_, minute) => sunWatts(total, hours, minute / 60) * 60).reduce((all, one) => all + one, 0)
    expect(sum / 1e6).toBeCloseTo(total, 2)
    expect([sunWatts(total, hours, 5.9), sunWatts(total, hours, 18.1)]).toEqual([0, 0])
    expect(sunWatts(total, hours, 12)).toBeGreaterThan(sunWatts(total, hours, 9))
  })

  it('has its long days half a year apart in north and south', () => {
    expect(sunMJ(172, 48)).toBeGreaterThan(5 * sunMJ(355, 48))
    expect(sunMJ(172, -48)).toBeCloseTo(sunMJ(172 + 182.5, 48), 6)
    expect(daylightHours(172, 48)).toBeGreaterThan(15)
    // Below ten hours: at 52° north from about 21 October to 20 February, at 40° from 8 November to 2 February.
    const shortAt = (latitudeDeg: number) =>
      Array.from({ length: 365 }, (_, day) => day).filter(day => daylightHours(day, latitudeDeg) < 10)
    for (const [latitudeDeg, from, to] of [[52, 293, 50], [40, 311, 32]] as const) {
      const short = shortAt(latitudeDeg)
      expect(Math.abs(Math.min(...short.filter(day => day > 200)) - from)).toBeLessThanOrEqual(5)
      expect(Math.abs(Math.max(...short.filter(day => day < 200)) - to)).toBeLessThanOrEqual(5)
    }
    expect([daylightHours(355, 70), daylightHours(172, 70)]).toEqual([0, 24])
    expect(daylightHours(172, -48)).toBeLessThan(9)
  })

  it('is coldest before sunrise and warmest at three', () => {
    expect(airAtHour(5, 4, 15)).toBe(9)
    expect(airAtHour(5, 4, 3)).toBe(1)
  })
})
