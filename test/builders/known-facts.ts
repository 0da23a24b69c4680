import type { Charge } from '#core/heat/charge'
import type { Constants } from '#core/heat/constants'
import { emptyCourse, type Course, type Deed } from '#core/heat/case'
import { runCourse } from '#core/heat/course'
import { USUAL_TRAITS } from '#core/heat/traits'
import { dryMassKg, SHELLS, total } from '#core/heat/heap'
import { atMoisture, chargeFrom, courseOf, cube, filled, heapAfter, highest, type CubeSettings } from './cubes'
import type { GoodMix } from './good-mixes'
import { RIPE_AT } from '#core/heat/ripe'

/** What was found of one mix, built 1.2 m each way at 15 °C. */
export interface Found {
  readonly firstHotDay: number
  readonly peakC: number
  readonly edgeCoolerK: number
  readonly under40Day: number
  readonly turnGainK: number
  readonly lost90: number
  readonly lostWhenRipe: number
  /** Points of moisture that it loses in its first three weeks, unturned and under a cover. */
  readonly driedShare: number
  readonly vapourShare: number
  readonly densityKgM3: number
  readonly readyUnturnedDay: number
  readonly readyTurnedDay: number
}

const MOIST = 0.57
const MILD_C = 15

/** What is asked of a mix: what it is, and how it lies when it is built. */
export type Mix = Pick<GoodMix, 'charge' | 'laidAt'>
const DAYS = Float64Array.from([...Array.from({ length: 121 }, (_, i) => i / 4), ...Array.from({ length: 270 }, (_, i) => 31 + i)])
const turnsOn = (...days: number[]): Deed[] => days.map(day => ({ day, kind: 'turn' }))

function ripeDay({ days, rawness }: Course): number {
  const at = rawness.findLastIndex(value => value > RIPE_AT)
  return days[Math.min(days.length - 1, at + 1)]!
}

function ran(charge: Charge, settings: CubeSettings, deeds: readonly Deed[] = []): Course {
  const course = emptyCourse(DAYS)
  const result = runCourse(cube(charge, { ...settings, deeds }), USUAL_TRAITS, course)
  if (!result.ok) throw new Error(result.error.kind)
  return course
}

/** Turned on these days, and each time watered up to a wrung sponge where it had become drier. */
function tended(charge: Charge, days: readonly number[], settings: CubeSettings): Deed[] {
  let deeds: Deed[] = []
  for (const day of days) {
    const heap = heapAfter(cube(charge, { ...settings, deeds }), day)
    const litres = Math.max(0, dryMassKg(heap) * MOIST / (1 - MOIST) - total(heap.parts.waterKg))
    deeds = [...deeds, { day, kind: 'turn' }, ...(litres > 1 ? [{ day, kind: 'water', litres } as const] : [])]
  }
  return deeds
}

/** Everything that is known of how such a heap goes, as the model has it. */
export function factsOfMix({ charge: loose, laidAt }: Mix, constants?: Constants): Found {
  const settings: CubeSettings = { laid: laidAt(MILD_C), ...(constants ? { constants } : {}) }
  const charge = filled(loose, settings)
  const plain = ran(charge, settings)
  const turned = ran(charge, settings, turnsOn(7))
  const managed = tended(charge, [6, 12, 19, 27, 36], settings)
  const worked = ran(charge, settings, managed)
  const hotDays = Array.from(plain.days.keys()).filter(at => plain.days[at]! <= 30)
  const peakAt = plain.coreC.indexOf(highest(plain.coreC))
  const firstHot = hotDays.find(at => plain.coreC[at]! >= 55)
  const lastWarm = hotDays.findLast(at => plain.coreC[at]! >= 40)
  const gains = hotDays.filter(at => plain.days[at]! > 7 && plain.days[at]! <= 14).map(at => turned.coreC[at]! - plain.coreC[at]!)
  const three = heapAfter(cube(charge, { ...settings, deeds: managed }), 90)
  const early = heapAfter(cube(charge, { ...settings, deeds: turnsOn(6, 12) }), 14)
  const few = heapAfter(cube(charge, settings), 4)
  const readyTurnedDay = ripeDay(worked)
  const end = heapAfter(cube(charge, { ...settings, deeds: managed }), readyTurnedDay)
  return {
    firstHotDay: firstHot === undefined ? Infinity : plain.days[firstHot]!,
    peakC: highest(plain.coreC),
    edgeCoolerK: plain.coreC[peakAt]! - plain.edgeC[peakAt]!,
    under40Day: lastWarm === undefined ? 0 : plain.days[lastWarm + 1] ?? 300, turnGainK: highest(gains),
    lost90: three.ledger.decayedKg / three.whole.chargedDryKg, lostWhenRipe: end.ledger.decayedKg / end.whole.chargedDryKg,
    vapourShare: (early.ledger.evaporatedKg * 2.43) / early.ledger.releasedMJ,
    densityKgM3: (total(few.parts.waterKg) + dryMassKg(few)) / few.work.volumeM3,
    readyUnturnedDay: ripeDay(plain), readyTurnedDay,
    driedShare: plain.moisture[0]! - plain.moisture[plain.days.indexOf(21)]!,
  }
}

/** The facts as every practitioner knows them, each with how far off a mix is: 0 within, and about 1 where it is plainly wrong. */
export const FACTS: readonly { readonly id: string, readonly said: string, readonly off: (found: Found) => number }[] = [
  { id: 'hot-soon', said: '55 °C within one to four days', off: ({ firstHotDay }) => outside(Math.min(8, firstHotDay), 1, 4, 2) },
  { id: 'peak', said: 'peak 55–70 °C', off: ({ peakC }) => outside(peakC, 55, 70, 6) },
  { id: 'edge', said: 'edge 20 K cooler at the peak', off: ({ edgeCoolerK }) => outside(edgeCoolerK, 20, 60, 6) },
  {
    id: 'cools', said: 'under 40 °C between day 10 and 25, unturned',
    off: ({ under40Day }) => outside(Math.min(40, under40Day), 10, 25, 5),
  },
  { id: 'turn', said: 'turned on day 7: 3 K warmer on a day of the next week', off: ({ turnGainK }) => outside(turnGainK, 3, 40, 3) },
  { id: 'lost-90', said: '25–45 % of dry matter lost in 90 days', off: ({ lost90 }) => outside(lost90, 0.25, 0.45, 0.07) },
  {
    id: 'lost', said: '35–60 % lost on the day it is ripe, turned five times',
    off: ({ lostWhenRipe }) => outside(lostWhenRipe, 0.35, 0.6, 0.07),
  },
  {
    id: 'dries', said: 'moisture falls by 3 points and more in three weeks',
    off: ({ driedShare }) => outside(driedShare, 0.03, 0.3, 0.03),
  },
  {
    id: 'vapour', said: 'half to three quarters of the heat leaves with vapour in the first two weeks',
    off: ({ vapourShare }) => outside(vapourShare, 0.45, 0.8, 0.1),
  },
  { id: 'density', said: '250–500 kg/m³ after the first days', off: ({ densityKgM3 }) => outside(densityKgM3, 220, 520, 80) },
  {
    id: 'sooner', said: 'turned five times: ripe at least a week sooner',
    off: ({ readyUnturnedDay, readyTurnedDay }) => outside(readyUnturnedDay - readyTurnedDay, 7, 400, 20),
  },
  { id: 'ripe', said: 'turned five times: ripe within 45–200 days', off: ({ readyTurnedDay }) => outside(readyTurnedDay, 45, 200, 30) },
]

function outside(value: number, low: number, high: number, scale: number): number {
  return value < low ? (low - value) / scale : value > high ? (value - high) / scale : 0
}

/** Those of the heap that nobody turns: the four that have to come together. */
export const OF_THE_PLAIN_HEAP = FACTS.slice(0, 4)

/** What is known of other sizes, seasons and stuff; each with how far off the model is. */
export const CASES: readonly {
  readonly id: string
  readonly said: string
  readonly of: 'each' | 'once'
  readonly off: (mix: Mix, constants?: Constants) => number
}[] = [
  {
    id: 'wide', said: '2.2 m³: above 55 °C for ten days and more', of: 'each',
    off: (mix, constants) => outside(daysAbove(mix, 55, 60, { sideM: 1.3 }, constants), 10, 30, 4),
  },
  {
    id: 'two-metres', said: '2 m each way: above 55 °C for two to four weeks', of: 'each',
    off: (mix, constants) => outside(daysAbove(mix, 55, 60, { sideM: 2 }, constants), 14, 30, 5),
  },
  {
    id: 'small', said: '0.6 m each way: above 55 °C for two days at most', of: 'each',
    off: (mix, constants) => outside(daysAbove(mix, 55, 30, { sideM: 0.6 }, constants), 0, 2, 1.5),
  },
  {
    id: 'winter', said: '1.2 m at 2 °C: at 45 °C within two weeks', of: 'each',
    off: (mix, constants) => (daysAbove(mix, 45, 14, { airC: 2 }, constants) > 0.2 ? 0 : 1),
  },
  {
    id: 'hotbed', said: 'trodden, insulated hotbed of 0.9 m at 3 °C: 20 °C and more for four to ten weeks', of: 'once',
    off: (_, constants) => outside(hotbedDays(0.9, constants), 28, 70, 10),
  },
  {
    id: 'dry', said: 'at 35 % moisture: peak 12 K lower', of: 'each',
    off: (mix, constants) => outside(peakAt(mix, 0.58, constants) - peakAt(mix, 0.35, constants), 12, 80, 5),
  },
]

function settled(
  { charge, laidAt }: Mix, settings: CubeSettings, constants: Constants | undefined,
): { readonly charge: GoodMix['charge'], readonly settings: CubeSettings } {
  const all: CubeSettings = { laid: laidAt(settings.airC ?? MILD_C), ...settings, ...(constants ? { constants } : {}) }
  return { charge: filled(charge, all), settings: all }
}

export function daysAbove(mix: Mix, celsius: number, days: number, settings: CubeSettings, constants?: Constants): number {
  const { charge, settings: all } = settled(mix, settings, constants)
  const course = courseOf(cube(charge, all), days)
  let sum = 0
  for (let at = 1; at < course.days.length; at++) if (course.coreC[at]! >= celsius) sum += course.days[at]! - course.days[at - 1]!
  return sum
}

export function peakAt(mix: Mix, moisture: number, constants?: Constants): number {
  const { charge, settings } = settled({ ...mix, charge: atMoisture(mix.charge, moisture) }, {}, constants)
  return highest(courseOf(cube(charge, settings), 15).coreC)
}

/** Days on which the mean of a manure bed, trodden to 450 kg/m³ between insulated walls in winter, is 20 °C or more. */
export function hotbedDays(heightM: number, constants?: Constants): number {
  const manure = chargeFrom([['horse-manure-straw', 4400], ['leaves-shredded', 640]], 20)
  const laidAt = () => ({ startsAboveK: 17, starter: 0.45 })
  const { charge, settings } = settled({ charge: manure, laidAt }, { sideM: 1.6, heightM, airC: 3, wall: 'insulated' }, constants)
  const course = courseOf(cube(charge, settings), 120)
  let last = 0
  for (let at = 0; at < course.days.length; at++) {
    let mean = 0
    for (let i = 0; i < SHELLS; i++) mean += course.shellsC[at * SHELLS + i]! / SHELLS
    if (mean >= 20) last = course.days[at]!
  }
  return last
}
