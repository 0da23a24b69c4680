import type { BegunBatch } from '../../journal/garden'
import { placeCFrom, placeOf, PLACES, type Lasting } from '../contract'
import { askedOf, dayIn, deedDay, foundIn, type CourseQuestion, type FoundAs } from '../course'
import { ingredientsOf, looseL } from '../../mix/portion'
import { daysBetween } from '../../units/time'
import { usualDays, type ChargeCase } from './course'
import { laidOf } from './recipe'
import { waterState } from './water'
import { sizeOf, wayOf, type ChargeWay } from './ways'
import { BUBBLES, DRAINED, LIFTED, LIQUOR, SINKS, SIZE, SMELL, STANDS } from './words'
import { CHARGE } from './constants'
import { table } from '../../constants/constants'

/** Everything that the forecast of one soak needs, as plain data. */
export type ChargeQuestion = CourseQuestion<'charged'> & ChargeCase
/** What each sign tells of how far it is charged, and how much it is trusted. Own estimates from how practice reads them. */
export const SIGNS: readonly FoundAs<'charged'>[] = table<readonly FoundAs<'charged'>[]>('What signs of charging tell', {
  means: ['share', 'charged; own estimate'],
  blur: ['share', 'how blurred a sign is; own estimate'],
  trust: ['share', 'how often it is right; own estimate'],
}, [
  { sense: SINKS, row: 'charged', blur: CHARGE.blur, trust: 0.8, means: CHARGE.sinking },
  { sense: BUBBLES, row: 'charged', blur: CHARGE.blur, trust: 0.6, means: { many: [-0.05, 0.5], few: [0.35, 0.85], none: [0.68, 1.05] } },
  { sense: SMELL, row: 'charged', blur: CHARGE.blur, trust: 0.3, means: { raw: [-0.05, 0.6], earthy: [0.5, 1.05] } },
  { sense: LIQUOR, row: 'charged', blur: CHARGE.blur, trust: 0.3, means: { dark: [-0.05, 0.75], paler: [0.45, 1], clear: [0.7, 1.05] } },
])

/** Middle of what the way a char floats tells, for a dot in the chart. */
export function toldBySinking(finding: string): number | undefined {
  const means = Object.entries(CHARGE.sinking).find(([id]) => id === finding)?.[1]
  return means && (Math.max(0, means[0]) + Math.min(1, means[1])) / 2
}

/** The place that a way is done at: said for tubs, outside for water, its own for bedding. */
export function placeFor({ kind }: Pick<ChargeWay, 'kind'>, stands: unknown): typeof PLACES[number] {
  return kind === 'tub' ? placeOf(stands) : PLACES[0]
}

/** Char that came to what was in it already. */
function joinedIn({ began, puts }: BegunBatch, { materials }: Lasting): NonNullable<ChargeQuestion['joined']> {
  let charL = 0
  return puts.flatMap(({ at, inputs }) => {
    const moreL = looseL(laidOf(ingredientsOf(inputs, materials)).char)
    const before = charL
    charL += moreL
    return moreL > 0 && before > 0 ? [{ day: daysBetween(began.at, at), before: before / charL }] : []
  })
}

/** The question a soak puts. */
export function questionOf(batch: BegunBatch, surroundings: Lasting): ChargeQuestion {
  const { began, did } = batch
  const way = wayOf(began.approachId)
  const sizeTimes = sizeOf(began.answers[SIZE]).times
  const out = did.find(({ deed }) => deed === DRAINED || deed === LIFTED)
  const { filledAt } = waterState(batch, surroundings)
  const asked = askedOf(batch, surroundings, { ...CHARGE.horizon, beyondNow: CHARGE.horizon.times * usualDays(way, sizeTimes).high })
  return {
    ...asked, way: { days80: way.days80, sizePower: way.sizePower, q10: way.q10 }, sizeTimes,
    placeC: way.q10 === 1 ? [] : placeCFrom(new Date(began.at), asked.horizonDay, placeFor(way, began.answers[STANDS]), surroundings),
    filledDay: filledAt === undefined ? undefined : deedDay(batch, filledAt), drainedDay: out && dayIn(batch, out.at),
    findings: foundIn(batch, [], SIGNS), joined: joinedIn(batch, surroundings),
  }
}
