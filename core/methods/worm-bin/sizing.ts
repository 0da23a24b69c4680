import { addDays } from 'date-fns'
import { findMaterial } from '../../materials/book'
import { numberOf } from '../../questions/question'
import { asVessel } from '../../vessel/site'
import { footprintM2 } from '../../vessel/vessel'
import type { Proposal, Surroundings } from '../contract'
import { weatherFrom } from '../contract'
import { comeKg, wormApproach } from './approaches'
import { runWorms } from './course'
import type { WormCourse } from './bin-case'
import { inLitres } from './diet'
import { airAround, kindOf, shelterOf, warmthShare } from './kinds'
import { pocketsOf } from './pockets'
import { massOf } from './question'
import { traitsAt } from './traits'
import { BED, FROM, GRAMS, KIND, WEEKLY, WHERE } from './words'
import { WORM } from './constants'

/** What a bin and its scraps come to. */
export interface BinSums {
  readonly areaM2: number
  readonly kgWeek: number
  /** Worms that eat the scraps, kg, and boxes of this size that they want. */
  readonly wormsKg: { readonly low: number, readonly high: number }
  readonly boxes: number
  /** Litres a week that a herd filling this box half would eat. */
  readonly takesL: { readonly low: number, readonly high: number }
  readonly warmth: number
}

/** Worms, room and scraps, from one to the other: kg of worms = scraps a day / appetite, room = worms / stock. */
export function sums(areaM2: number, weeklyL: number, warmth: number): BinSums {
  const kgWeek = weeklyL * WORM.scraps.kgL
  const share = Math.max(WORM.leastWarmth, warmth)
  const wormsKg = { low: kgWeek / 7 / (WORM.firstDay.high * share), high: kgWeek / 7 / (WORM.firstDay.low * share) }
  const middle = kgWeek / 7 / (WORM.intakeDay * share)
  const takes = (kgM2: number, perDay: number) => areaM2 * kgM2 * perDay * share * 7 / WORM.scraps.kgL
  return {
    areaM2, kgWeek, wormsKg,
    boxes: Math.max(1, Math.ceil(middle / ((areaM2 * (WORM.stockKgM2.low + WORM.stockKgM2.high)) / 2) - 0.1)),
    takesL: { low: takes(WORM.stockKgM2.low, WORM.firstDay.low), high: takes(WORM.stockKgM2.high, WORM.firstDay.high) },
    warmth,
  }
}

/** Earlier, middle and later of what is possible: appetite, growth and castings one and a quarter spreads off. */
const CORNERS = [traitsAt([1.28, 0.6, 0.6]), traitsAt([]), traitsAt([-1.28, -0.6, -0.6])] as const

export interface Tried {
  readonly courses: readonly [WormCourse, WormCourse, WormCourse]
  readonly sums: BinSums
  readonly beddingL: number
  readonly waterL: number
  readonly fedL: number
  readonly fromScraps: boolean
}

/** Mean warmth share over a year, as far as they are fed at all: in the cold they are fed less. */
function warmthAhead({ answers }: Proposal, surroundings: Surroundings): number {
  const [kind, shelter] = [kindOf(answers[KIND]), shelterOf(answers[WHERE])]
  const weeks = Array.from({ length: 52 }, (_, week) =>
    warmthShare(kind, airAround(shelter, surroundings.weather.ambientC(addDays(surroundings.now, 7 * week)))),
  )
  return weeks.reduce((all, one) => all + one, 0) / weeks.length
}

export function tryOut(proposal: Proposal, surroundings: Surroundings): Tried {
  const approach = wormApproach(proposal.approachId)
  const areaM2 = footprintM2(asVessel(proposal.site))
  const weeklyL = numberOf(proposal.answers, WEEKLY) ?? WORM.usualWeeklyL
  const fromScraps = approach.id === 'tower' || proposal.answers[FROM] !== 'box'
  const reckoned = sums(areaM2 * approach.roomTimes, weeklyL, warmthAhead(proposal, surroundings))
  const beddingL = areaM2 * Math.min(WORM.beddingM, asVessel(proposal.site).heightM * 0.6) * 1000 / WORM.slumpsTo
  const card = findMaterial('cardboard', surroundings.materials)
  const { dryKg, waterKg } = card ? massOf([inLitres(card, beddingL)]) : { dryKg: 0, waterKg: 0 }
  const waterL = Math.max(0, dryKg * WORM.beddingMoisture / (1 - WORM.beddingMoisture) - waterKg)
  const grams = numberOf(proposal.answers, GRAMS) ?? 0
  const come = comeKg(approach, proposal.answers[BED], areaM2)
  const wanted = Math.min(areaM2 * WORM.stockKgM2.high, (reckoned.wormsKg.low + reckoned.wormsKg.high) / 2)
  const wormsKg = grams > 0 || come > 0 ? grams / 1000 : wanted
  const fedL = fromScraps ? weeklyL / reckoned.boxes : (reckoned.takesL.low + reckoned.takesL.high) / 2
  const kg = fedL * WORM.scraps.kgL / 2
  const feed = { dryKg: kg * (1 - WORM.scraps.moisture), waterKg: kg * WORM.scraps.moisture }
  const what = {
    kind: kindOf(proposal.answers[KIND]),
    shelter: shelterOf(proposal.answers[WHERE]),
    areaM2,
    pockets: pocketsOf(proposal.site).length,
    feeds: [],
    deeds: [
      { day: 0, kind: 'bedding' as const, dryKg, waterKg: waterKg + waterL }, { day: 0, kind: 'worms' as const, kg: wormsKg },
      ...(come > 0 ? [{ day: WORM.comeAfterDays, kind: 'worms' as const, kg: come }] : []),
      ...Array.from({ length: 12 }, (_, month) => ({
        day: 30 * (month + 1), kind: 'bedding' as const, dryKg: 0.08 * dryKg, waterKg: 0.24 * dryKg,
      })),
    ],
    feeding: { fromDay: 3, everyDays: 4, feed },
    rainShare: approach.rainShare,
    carriedOffDay: approach.carriedOffDay,
    roomTimes: approach.roomTimes,
    ...weatherFrom(surroundings.now, WORM.horizonDays, surroundings),
  }
  const days = Float64Array.from({ length: Math.floor(WORM.horizonDays / WORM.draftEveryDays) + 1 }, (_, at) => at * WORM.draftEveryDays)
  const run = (index: 0 | 1 | 2) => runWorms(what, CORNERS[index], days)
  return { courses: [run(0), run(1), run(2)], sums: reckoned, beddingL, waterL, fedL, fromScraps }
}
