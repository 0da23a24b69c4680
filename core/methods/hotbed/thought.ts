import { addDays, startOfDay } from 'date-fns'
import { mixBalance } from '../../mix/balance'
import { type Ingredient, looseL, portionOf } from '../../mix/portion'
import { dayOf } from '../../questions/question'
import { type Measuring, ownOf, type Proposal, type Surroundings } from '../contract'
import { bedWayOf, partsOf, type BedWay } from './approaches'
import { buildDayFor, outlookFrom, type BedOutlook } from './back-from'
import { bedCharge, bedGround, timesToFill, waterFor, type BedGround } from './plan'
import { SOW_ON } from './words'
import { BED } from './constants'

/** What the way says makes the bed full, in barrows. */
function usualStuff(way: BedWay, ground: BedGround, measuring: Measuring, airC: number): Ingredient[] {
  const container = ownOf('barrow', measuring)
  const base = partsOf(way, airC).map(({ material, share }): Ingredient => ({
    material, amount: { count: 10 * share, container, packing: 'loose' },
  }))
  const times = timesToFill(base, ground) ?? 1
  return base.map(one => ({ ...one, amount: { ...one.amount, count: Math.max(0.5, Math.round(one.amount.count * times * 2) / 2) } }))
}

/** Litres of it, loose. */
export function litresOf(ingredients: readonly Ingredient[]): number {
  return looseL(ingredients)
}

/** A plan of a hotbed thought through: what goes in, how it would go, and by when. */
export interface BedThought {
  readonly way: BedWay
  readonly ground: BedGround
  /** Whether the gardener said what goes in; what was said, and what is usual here. */
  readonly chosen: boolean
  readonly said: readonly Ingredient[]
  readonly usual: readonly Ingredient[]
  /** What lies there, and what of it the bed holds: all that follows is of the bed that is full. */
  readonly given: readonly Ingredient[]
  readonly ingredients: readonly Ingredient[]
  readonly overfull: boolean
  readonly missingL: number
  readonly leftOverL: number
  readonly waterL: number
  readonly bed: ReturnType<typeof bedCharge>
  readonly heightM: number
  readonly ratio: number
  /** The day that it is wanted on, where that has not gone by; and the one that has. */
  readonly sowOn: Date | undefined
  readonly past: Date | undefined
  readonly planned: ReturnType<typeof buildDayFor> | undefined
  readonly outlook: BedOutlook | undefined
  /** The air outside in the weeks in which it would be warm, °C. */
  readonly mildC: number
  /** A day of its outlook. */
  on(day: number): Date
}

/** Days after it was built at which the air of its weeks is asked for. */
const ITS_WEEKS = [10, 20, 30, 40]

/** Thinks a plan through. */
export function bedThought(proposal: Proposal, surroundings: Surroundings): BedThought {
  const { now, weather: { ambientC } } = surroundings
  const [way, ground] = [bedWayOf(proposal.approachId), bedGround(proposal)]
  const said = proposal.ingredients.filter(({ amount }) => amount.count > 0)
  const usual = usualStuff(way, ground, surroundings, ambientC(now))
  const chosen = said.length > 0
  const given = chosen ? said : usual
  const holds = timesToFill(given, ground) ?? 1
  // What a bed does not hold lies beside it.
  const overfull = chosen && holds * BED.overfull < 1
  const ingredients = overfull ? given.map(one => ({ ...one, amount: { ...one.amount, count: one.amount.count * holds } })) : given
  const waterL = waterFor(ingredients)
  const bed = bedCharge(ingredients, waterL, ground)
  const wantedOn = dayOf(proposal.answers, SOW_ON)
  const past = wantedOn !== undefined && wantedOn < startOfDay(now) ? wantedOn : undefined
  const sowOn = past ? undefined : wantedOn
  const planned = sowOn && bed ? buildDayFor(sowOn, ground, bed.charge, ingredients, surroundings) : undefined
  const outlook = planned?.outlook ?? (bed && outlookFrom(now, ground, bed.charge, ingredients, surroundings))
  const balance = mixBalance(ingredients.map(portionOf), waterL)
  return {
    way, ground, chosen, said, usual, given, ingredients, overfull, waterL, bed, sowOn, past, planned, outlook,
    missingL: Math.max(0, (holds - 1) * litresOf(given)), leftOverL: overfull ? (1 - holds) * litresOf(given) : 0,
    heightM: bed?.heightM ?? 0, ratio: balance.ok ? balance.value.carbonToNitrogen : 1000,
    mildC: ITS_WEEKS.reduce((sum, days) => sum + ambientC(addDays(outlook?.builtAt ?? now, days)), 0) / ITS_WEEKS.length,
    on: day => outlook ? addDays(outlook.builtAt, Math.round(day)) : now,
  }
}
