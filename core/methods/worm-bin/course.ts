import { moistureShare } from '../../heat/limits'
import { inTurn, type Looks, type Seen } from '../course'
import { airAround, warmthShare, type WormKind } from './kinds'
import type { WormTraits } from './traits'
import { WORM } from './constants'
import type { Feed, WormCase, WormCourse, WormDeed, WormRow } from './bin-case'
import { type State, doTo, feedTo, leftShareOf, moistureOf, see, sum, volumeOf } from './bin-state'

/** They eat from all pockets alike; what they leave of their appetite goes into the bedding. */
function eat(state: State, appetite: number, castings: number, beddingPace: number): void {
  const wet = sum(state.wet)
  const eaten = Math.min(appetite, wet)
  const share = wet > 0 ? eaten / wet : 0
  let dryEaten = 0
  for (let i = 0; i < state.dry.length; i++) {
    dryEaten += share * state.dry[i]!
    state.dry[i]! *= 1 - share
    state.wet[i]! *= 1 - share
  }
  const bedding = Math.min(
    0.2 * state.bedding, state.bedding * WORM.bedding.perDay * beddingPace + WORM.bedding.spare * (appetite - eaten) * beddingPace,
  )
  state.bedding -= bedding
  state.castings += castings * (dryEaten + bedding)
  state.gone += (1 - castings) * (dryEaten + bedding)
  state.water += 0.5 * (1 - castings) * (dryEaten + bedding)
  state.eaten += (eaten - state.eaten) / WORM.remembersDays
  state.wanted += (appetite - state.wanted) / WORM.remembersDays
}

/** Microbes have their share of the feed: gives the heat of a day, MJ. */
function rot(state: State): number {
  const rate = Math.min(0.3, WORM.microbes.perDay * WORM.microbes.q10 ** ((Math.min(40, state.binC) - WORM.microbes.at) / 10))
  let lost = 0
  for (let i = 0; i < state.dry.length; i++) {
    const gone = state.dry[i]! * rate
    lost += gone
    state.dry[i]! -= gone
    state.wet[i]! = Math.max(state.dry[i]!, state.wet[i]! * (1 - rate))
  }
  state.gone += lost
  state.water += 0.5 * lost
  return lost * WORM.microbes.heatMJKg
}

function grow(state: State, { kind, areaM2, roomTimes = 1 }: WormCase, traits: WormTraits, appetiteShare: number, moisture: number): void {
  const sated = Math.max(0, Math.min(1, state.eaten / Math.max(1e-9, state.wanted)) - WORM.sated.from) / (1 - WORM.sated.from)
  const food = (1 + WORM.sated.room * sated) * state.eaten / (WORM.keepsAt * WORM.intakeDay * traits.intake * Math.max(0.15, appetiteShare))
  const room = Math.max(1e-6, Math.min(WORM.roomKgM2 * areaM2 * roomTimes, food))
  const r = WORM.growthDay * traits.growth * appetiteShare
  const grown = room / (1 + (room / Math.max(1e-9, state.worms) - 1) * Math.exp(-r))
  state.worms = Math.max(grown, state.worms * (1 - WORM.shrinksDay))
  const heat = Math.max(0, state.binC - (kind.diesAboveC - 1))
  const cold = Math.max(0, kind.diesBelowC + 1 - state.binC)
  const rate
    = WORM.death.perK * (state.binC > kind.diesAboveC ? heat : 0)
      + WORM.death.perK * (state.binC < kind.diesBelowC ? cold : 0)
      + (moisture < WORM.dryBelow ? WORM.death.dry : 0)
      + WORM.death.sour * Math.max(0, state.sour - 0.7)
  state.worms *= Math.exp(-Math.min(5, rate))
}

/** The appetite of worms by moisture: none when dry, full from 65 to 83 %, less where it stands in water. */
export function moistureAppetite(moisture: number): number {
  if (moisture <= 0.45) return 0
  if (moisture < 0.65) return (moisture - 0.45) / 0.2
  return moisture <= 0.85 ? 1 : Math.max(0.2, 1 - 5 * (moisture - 0.85))
}

/** By what curve warmth counts, where it is not the usual one. */
export type WarmthCurve = (kind: WormKind, celsius: number) => number

/** What a herd would eat on a day: at best, by what holds it back, and so much of it. */
interface Appetite { readonly moisture: number, readonly appetite: number, readonly best: number, readonly share: number }

/** Writes a bin down as it stands. */
function note(course: WormCourse, at: number, state: State, { moisture, appetite, best, share }: Appetite): void {
  const backlog = sum(state.wet)
  course.wormsKg[at] = state.worms
  course.backlogKg[at] = backlog
  course.backlogDays[at] = Math.min(120, backlog / Math.max(1e-6, best * Math.max(0.08, share)))
  course.leftShare[at] = leftShareOf(state)
  course.binC[at] = state.binC
  course.moisture[at] = moisture
  course.sour[at] = state.sour
  course.castingsL[at] = state.castings / WORM.castingsDryKgL
  course.volumeL[at] = volumeOf(state)
  course.appetiteKg[at] = appetite
  course.inKg[at] = state.fedIn
  course.goneKg[at] = state.gone
  course.dryKg[at] = sum(state.dry) + state.bedding + state.castings
}

/** Its warmth follows the air of its place and what rots in it. */
function warm(state: State, what: WormCase, traits: WormTraits, day: number, heatMJ: number): void {
  const air = airAround(state.shelter, what.airC[Math.min(what.airC.length - 1, day)] ?? 12) + traits.warmerK
  const rests = air + heatMJ * traits.heat / (WORM.losesMJ * what.areaM2)
  state.binC += (Math.min(60, rests) - state.binC) * (1 - Math.exp(-1 / WORM.followsDays))
}

/** Feed too deep, or standing in water, turns sour, and comes right again. */
function sour(state: State, what: WormCase, traits: WormTraits, moisture: number): void {
  let deepest = 0
  for (let i = 0; i < state.wet.length; i++) deepest = Math.max(deepest, state.wet[i]!)
  const depthM = deepest / WORM.feedWetKgL / 1000 / (what.areaM2 / state.wet.length)
  const sours = Math.min(
    1,
    Math.max(0, (depthM / WORM.handM - 1) * traits.souring) + Math.max(0, (moisture - WORM.sourWet.from) / WORM.sourWet.over),
  )
  state.sour += (sours - state.sour) * (1 - Math.exp(-1 / WORM.soursDays))
}

/** Water dries off under the lid, rain gets in where it is open, what is too much drips out. */
function dryOut(state: State, what: WormCase, traits: WormTraits, day: number, moisture: number): void {
  const dry = sum(state.dry) + state.bedding + state.castings
  const dries = WORM.driesMm * traits.drying * what.areaM2 * Math.max(0, state.binC) / 20 * moistureShare(moisture)
  const rain = (what.rainMm[Math.min(what.rainMm.length - 1, day)] ?? 0) * what.rainShare * what.areaM2
  state.water = Math.min(
    (dry * WORM.dripsAbove) / (1 - WORM.dripsAbove), Math.max(0, state.water + rain - Math.min(0.1 * state.water, dries)),
  )
}

/** Something fed, done or found, in its turn. */
type Happens = (Feed & { readonly kind: 'feed' }) | WormDeed | Seen<WormRow>

/**
 * Runs a bin through weather, feeding, deeds and looks, a day at a time. @param days ascending from 0, the times to note.
 */
export function runWorms(
  what: WormCase, traits: WormTraits, days: Float64Array, looks?: Looks<WormRow>, warmth: WarmthCurve = warmthShare,
): WormCourse {
  const row = () => new Float32Array(days.length)
  const course: WormCourse = {
    days, wormsKg: row(), backlogKg: row(), backlogDays: row(), leftShare: row(), binC: row(), moisture: row(), sour: row(),
    castingsL: row(), volumeL: row(), appetiteKg: row(), inKg: row(), goneKg: row(), dryKg: row(),
  }
  const pockets = Math.max(1, what.pockets)
  const state: State = {
    worms: 0, dry: new Float64Array(pockets), wet: new Float64Array(pockets), bedding: 0, castings: 0, water: 0,
    binC: airAround(what.shelter, what.airC[0] ?? 12), sour: 0, eaten: 0, wanted: 0, lastFed: 0, fedIn: 0, gone: 0,
    shelter: what.shelter,
  }
  const last = Math.ceil(days.at(-1) ?? 0)
  const happens = inTurn<Happens>(what.deeds, what.feeds.map(feed => ({ ...feed, kind: 'feed' })), looks?.seen ?? [])
  let [next, nextTime, ahead, pocket] = [0, 0, 0, 0]
  for (let day = 0; day <= last; day++) {
    while (next < happens.length && happens[next]!.day < day + 1) {
      const one = happens[next++]!
      if (one.kind === 'feed') feedTo(state, one, pocket = one.pocket)
      else if (one.kind === 'seen') see(state, one, looks!, pocket)
      else doTo(state, one, traits.herd)
    }
    const { feed, fromDay, everyDays } = what.feeding
    if (feed && day >= fromDay && (day - Math.ceil(fromDay)) % everyDays === 0) feedTo(state, feed, what.feeds.length + ahead++)
    if (day === 0) state.eaten = state.wanted = WORM.keepsAt * WORM.intakeDay * traits.intake * state.worms
    const moisture = moistureOf(state)
    const share = warmth(what.kind, state.binC) * moistureAppetite(moisture) * (1 - 0.7 * state.sour)
    const settled = WORM.settlesIn.share + (1 - WORM.settlesIn.share) * (1 - Math.exp(-day / WORM.settlesIn.days))
    const best = WORM.intakeDay * traits.intake * state.worms * settled
    const appetite = best * share
    while (nextTime < days.length && days[nextTime]! < day + 1) note(course, nextTime++, state, { moisture, appetite, best, share })
    eat(state, appetite, Math.min(0.7, WORM.castingsShare * traits.castings), traits.bedding)
    const off = state.castings * what.carriedOffDay
    state.castings -= off
    state.fedIn -= off
    const heatMJ = rot(state)
    grow(state, what, traits, share, moisture)
    warm(state, what, traits, day, heatMJ)
    sour(state, what, traits, moisture)
    dryOut(state, what, traits, day, moisture)
  }
  return course
}
