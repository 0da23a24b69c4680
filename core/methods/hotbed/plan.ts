import { asLaid, type Comes } from '../../heat/as-laid'
import type { Charge } from '../../heat/charge'
import { chargeOf } from '../../heat/charge'
import { dryKgOf } from '../../heat/heap'
import { troddenM, type SlabCase, type SlabWeather } from '../../heat/slab/bed'
import { COVERS, SIDES as SIDE_KINDS, type Cover, type Sides } from '../../heat/slab/constants'
import type { Top } from '../../heat/slab/frame'
import type { Answers } from '../../questions/answers'
import { workableMoisture } from '../../materials/holding'
import { typicalTotals } from '../../mix/balance'
import { portionOf, type Ingredient } from '../../mix/portion'
import { numberOf } from '../../questions/question'
import { asVessel, type Site } from '../../vessel/site'
import { footprintM2, perimeterM } from '../../vessel/vessel'
import { comesOf } from '../heated/comes'
import { bedWayOf } from './approaches'
import { COVER, MATS_KEPT, SIDES, SOIL_M, SUN } from './words'
import { BED } from './constants'
import { namedIn } from '../../constants/constants'

/** What of a bed does not change with what goes in. */
export interface BedGround {
  readonly footprintM2: number
  readonly perimeterM: number
  readonly heightM: number
  readonly soilM: number
  readonly sides: Sides
  readonly top: Top
  readonly frameM2: number
  /** How its stuff comes. */
  readonly comes: Comes
}

/** The bed behind a site and its answers. */
export function bedGround({
  site, approachId, answers,
}: {
  readonly site: Site
  readonly approachId: string
  readonly answers: Answers
}): BedGround {
  const vessel = asVessel(site)
  const way = bedWayOf(approachId)
  const footprint = footprintM2(vessel)
  const tub = site.kind !== 'frame'
  const frameM2 = tub
    ? footprint
    : vessel.shape === 'box'
      ? Math.max(0.3 * footprint, (vessel.widthM - 2 * BED.rimM) * (vessel.depthM - 2 * BED.rimM))
      : footprint
  const cover = (Object.keys(COVERS) as Cover[]).find(one => one === answers[COVER]) ?? 'single'
  const sides = tub ? 'sunk' : (Object.keys(SIDE_KINDS) as Sides[]).find(one => one === answers[SIDES]) ?? 'banked'
  const said = numberOf(answers, SOIL_M) ?? 0
  return {
    footprintM2: footprint,
    perimeterM: perimeterM(vessel),
    heightM: vessel.heightM,
    soilM: Math.max(0.03, said > 0 ? said : way.soilM),
    sides,
    frameM2,
    comes: comesOf(answers),
    top: {
      cover, share: Math.min(1, frameM2 / footprint), matsAtNight: answers[MATS_KEPT] !== 'no', aired: true,
      sunny: namedIn(BED.sunny, String(answers[SUN])) ?? 1,
    },
  }
}

/** Water that makes a mix as moist as a hotbed wants it, litres. */
export function waterFor(ingredients: readonly Ingredient[]): number {
  const charge = chargeOf(ingredients.map(portionOf), 0)
  if (!charge) return 0
  const dryKg = dryKgOf(charge)
  const holds = ingredients.reduce((sum, one) => {
    const { material, looseVolumeL } = portionOf(one)
    const kg = looseVolumeL * material.bulkDensityKgM3.typical * (1 - material.moistureFraction.typical)
    return { kg: sum.kg + kg, held: sum.held + kg * workableMoisture(material) }
  }, { kg: 0, held: 0 })
  const wanted = Math.min(
    BED.moist.most, Math.max(BED.moist.least, holds.kg > 0 ? holds.held / holds.kg - BED.moist.under : BED.moist.least),
  )
  return Math.max(0, dryKg * wanted / (1 - wanted) - charge.waterKg)
}

/** What goes in as decay sees it, and how deep it lies trodden; nothing where nothing of it decays. */
export function bedCharge(
  ingredients: readonly Ingredient[], waterL: number, ground: Pick<BedGround, 'footprintM2'>,
): { readonly charge: Charge, readonly heightM: number } | undefined {
  const charge = chargeOf(ingredients.map(portionOf), waterL)
  return charge && { charge, heightM: troddenM(charge, ground.footprintM2) }
}

/** How many times as much of it makes the bed as deep as it is meant to be. */
export function timesToFill(ingredients: readonly Ingredient[], ground: Pick<BedGround, 'footprintM2' | 'heightM'>): number | undefined {
  const scaled = (times: number) => ingredients.map(one => ({ ...one, amount: { ...one.amount, count: one.amount.count * times } }))
  let times = 1
  for (let round = 0; round < 12; round++) {
    const some = scaled(times)
    const bed = bedCharge(some, waterFor(some), ground)
    if (!bed || !(bed.heightM > 0)) return undefined
    times *= ground.heightM / bed.heightM
  }
  return Number.isFinite(times) ? times : undefined
}

/** A bed as a case for the model, built at noon of a day and left alone. */
export function bedCase(ground: BedGround, charge: Charge, ingredients: readonly Ingredient[], weather: SlabWeather): SlabCase {
  const portions = ingredients.map(portionOf)
  const pouredL = Math.max(0, charge.waterKg - typicalTotals(portions).waterKg)
  const { startsAboveK, starter } = asLaid(portions, pouredL, weather.airC[0] ?? 0, ground.comes)
  return {
    charge, footprintM2: ground.footprintM2, perimeterM: ground.perimeterM, sides: ground.sides, soilM: ground.soilM, top: ground.top,
    startsAboveK, starter, weather, startHour: BED.noon, deeds: [],
  }
}
