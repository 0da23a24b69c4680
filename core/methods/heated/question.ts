import { min } from 'date-fns'
import { RIPE_AT } from '../../heat/ripe'
import { asLaid } from '../../heat/as-laid'
import { chargeOf, type Charge } from '../../heat/charge'
import type { Deed, HeapCase, Watering, Weather } from '../../heat/case'
import type { Standing as Ground } from '../../heat/walls'
import type { HeapLog } from './heap-log'
import type { MaterialBook } from '../../materials/book'
import { mixBalance } from '../../mix/balance'
import { ingredientsOf, portionOf } from '../../mix/portion'
import { seedFromText } from '../../random/random'
import { fillHeightM } from '../../vessel/vessel'
import type { Vessel } from '../../vessel/vessel'
import { daysBetween } from '../../units/time'
import type { HeapSupposed } from './expected'
import type { Surroundings } from '../contract'
import type { StampedFinding } from '../../learning/fit'
import { comesOf } from './comes'
import { weatherOn } from './forecast/around'
import { findingsOf, type HeapRow } from './forecast/findings'
import { habitOf, type TurningRule } from './turning'
import { HEATED } from './constants'

/** Everything that a forecast of one heap needs, as plain data that can be handed to a worker. */
export interface HeatedQuestion {
  readonly methodId: string
  readonly batchId: string
  readonly builtAt: string
  readonly nowDay: number
  readonly horizonDay: number
  readonly charge: Charge
  readonly standing: Ground
  readonly weather: Weather
  readonly deeds: readonly Deed[]
  readonly startsAboveK: number
  readonly starter: number
  readonly iceMJ: number
  readonly builtHeightM: number
  readonly turning: TurningRule
  readonly watering: Watering
  /** It has to work for so many days, frost and dry spells left out, whatever is left to rot. */
  readonly workingDays: number
  /** How raw it may still be when it is ready, beside a hot heap. */
  readonly ripeAt: number
  readonly findings: readonly StampedFinding<HeapRow>[]
  /** How far readings stray from any one course, beside a hot heap. */
  readonly strays: number
  /** A temperature below which it is looked for to stay, °C; nothing where it does not matter. */
  readonly coolBelowC?: number
  /** From this day on it is taken to be turned as the approach says. */
  readonly habitFromDay: number
  readonly seed: number
}

function chargeOfNamed(named: Parameters<typeof ingredientsOf>[0], waterL: number, book: MaterialBook): Charge | undefined {
  return chargeOf(ingredientsOf(named, book).map(portionOf), waterL)
}

/** Carbon to nitrogen of all that is mixed in; a lot where there is no nitrogen. */
function ratioOf(named: Parameters<typeof ingredientsOf>[0], book: MaterialBook): number {
  const balance = mixBalance(ingredientsOf(named, book).map(portionOf))
  return balance.ok ? balance.value.carbonToNitrogen : 1000
}

function deedsOf(batch: HeapLog, supposed: readonly HeapSupposed[], book: MaterialBook): Deed[] {
  const day = (at: string) => daysBetween(batch.built.at, at)
  const added = batch.additions.flatMap(({ at, ingredient }): Deed[] => {
    const charge = chargeOfNamed([ingredient], 0, book)
    return charge ? [{ day: day(at), kind: 'add', charge }] : []
  })
  const imagined = supposed.flatMap((one): Deed[] => {
    if (one.kind !== 'add')
      return [one.kind === 'turn' ? { day: day(one.at), kind: 'turn' } : { day: day(one.at), kind: 'water', litres: one.litres }]
    const charge = chargeOf([one.portion], 0)
    return charge ? [{ day: day(one.at), kind: 'add', charge }] : []
  })
  return [
    ...batch.turns.map(({ at }): Deed => ({ day: day(at), kind: 'turn' })),
    ...batch.waterings.map(({ at, litres }): Deed => ({ day: day(at), kind: 'water', litres })),
    ...added, ...imagined,
  ].filter(({ day: at }) => Number.isFinite(at) && at >= 0).sort((a, b) => a.day - b.day)
}

/** How a method looks after a batch that heats, and how far ahead it has to be seen. */
export interface Tending {
  readonly turning: TurningRule
  readonly watering: Watering
  readonly workingDays: number
  /** How raw it may still be when it is ready; 1 where nothing is said. */
  readonly ripeAt?: number
  readonly horizonDay: (nowDay: number) => number
  /** How far readings stray from any one course, beside a hot heap; as far where nothing is said. */
  readonly strays?: number
  readonly coolBelowC?: number
  /** What it stands on and how air gets in. */
  readonly ground: (vessel: Vessel) => Ground
  /** Share of the rain that gets in, where it is not as its vessel has it. */
  readonly openShare?: number
  /** What goes in as decay sees it, where the method knows more of it than its materials tell. */
  readonly charge?: (charge: Charge, carbonToNitrogen: number) => Charge
}

/** The question a batch puts, or nothing when none of its materials is known. `supposed` are things that might yet be done to it. */
export function heatedQuestion(
  batch: HeapLog, surroundings: Surroundings, tending: Tending, supposed: readonly HeapSupposed[] = [],
): HeatedQuestion | undefined {
  const { built } = batch
  const plain = chargeOfNamed(built.ingredients, built.waterL, surroundings.materials)
  if (!plain) return undefined
  const charge = tending.charge?.(plain, ratioOf(built.ingredients, surroundings.materials)) ?? plain
  const { turning, watering, workingDays, openShare } = tending
  // What is over stays as it was then; what was forgotten for years does not change any more.
  const until = batch.ended ? min([batch.ended.at, surroundings.now]) : surroundings.now
  const nowDay = Math.min(HEATED.longestDays, Math.max(0, daysBetween(built.at, until)))
  const horizonDay = tending.horizonDay(nowDay)
  const weather = weatherOn(built.vessel, new Date(built.at), horizonDay, surroundings)
  const portions = ingredientsOf(built.ingredients, surroundings.materials).map(portionOf)
  const laid = asLaid(portions, built.waterL, weather.airC[0]!, comesOf(batch.began.answers))
  const builtHeightM = fillHeightM(built.vessel, charge.volumeL)
  return {
    methodId: built.methodId, batchId: batch.id, builtAt: built.at, nowDay, horizonDay, charge, standing: tending.ground(built.vessel),
    weather: openShare === undefined ? weather : { ...weather, openShare },
    deeds: deedsOf(batch, supposed, surroundings.materials),
    ...laid,
    builtHeightM,
    turning,
    watering,
    workingDays,
    ripeAt: tending.ripeAt ?? RIPE_AT,
    strays: tending.strays ?? 1,
    ...(tending.coolBelowC === undefined ? {} : { coolBelowC: tending.coolBelowC }),
    findings: findingsOf(batch, builtHeightM, surroundings.weather.ambientC),
    // What is asked today is done by tomorrow; who says when they turn it turns it then, and not before as well.
    habitFromDay: Math.max(
      nowDay + HEATED.doneByDays,
      ...supposed.filter(({ kind }) => kind === 'turn').map(({ at }) => daysBetween(built.at, at) + 1),
    ),
    seed: seedFromText(batch.id),
  }
}

/** The question as a case for the model of heat. */
export function caseOf(question: HeatedQuestion): HeapCase {
  const { charge, standing, weather, deeds, startsAboveK, starter, iceMJ, habitFromDay, turning, watering } = question
  return { charge, standing, weather, deeds, startsAboveK, starter, iceMJ, habitFromDay, habit: habitOf(turning, watering) }
}
