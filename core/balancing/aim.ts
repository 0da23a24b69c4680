import { unitOf, type Offer, type OfferUnit } from './offer'
import { SPOILS_WITHIN_DAYS } from './spoiling'
import type { Problem } from './problem'
import type { Costs, Extra } from './relaxation'

/** Aimed at is the inner part of what is comfortable, since a real bucket never holds quite what the book says. */
const INSIDE = 0.2
/** A litre of a usual mix holds so much, kg: it makes one heap's deviations comparable with another's. */
const USUAL = { nitrogenKgL: 0.0008, wetKgL: 0.2 }
/** Stuff that stands open works with about so much more water than is comfortable. */
const WETTER_STILL_WORKS = 0.12
/** Being off by the whole of what is acceptable costs so much of all that a heap costs. */
const WEIGHT = 2
/** Leaving out what lies on the bench, as a share of the heap's litres, beside being off: more when it spoils meanwhile. */
const LEFT_LYING = { keeps: 1, spoils: 3 }

type Deviation = (unit: OfferUnit) => number

/** By how much a choice misses its aim, each way in parts of what is acceptable for a heap of this size; 0 or less where it does not. */
function deviations({ limits: { comfort, volumeL } }: Problem): Deviation[] {
  const { carbonToNitrogen: band, availableCarbonToNitrogen: floor, moistureFraction, mattingShare } = comfort
  const heapL = (volumeL.low + volumeL.high) / 2
  const nitrogenKg = USUAL.nitrogenKgL * heapL
  const [green, brown] = [band.low + INSIDE * (band.high - band.low), band.high - INSIDE * (band.high - band.low)]
  const wet = moistureFraction.high - INSIDE * (moistureFraction.high - moistureFraction.low)
  return [
    ({ totals }) => (totals.availableCarbonKg - brown * totals.availableNitrogenKg) / ((band.most - brown) * nitrogenKg),
    ({ totals }) => (green * totals.nitrogenKg - totals.carbonKg) / ((green - band.least) * nitrogenKg),
    ({ totals }) => (floor.low * totals.availableNitrogenKg - totals.availableCarbonKg) / ((floor.low - floor.least) * nitrogenKg),
    ({ totals }) => (totals.waterKg - wet * totals.wetMassKg) / (WETTER_STILL_WORKS * USUAL.wetKgL * heapL),
    ({ totals, looseL }) => (totals.mattingVolumeL - mattingShare.high * looseL) / ((mattingShare.most - mattingShare.high) * heapL),
  ]
}

/** What a heap costs where its goal speaks: the cost of its litres at the mean of what there is. */
export function usualCost({ offers, limits: { volumeL } }: Problem, costs: Costs): number {
  const perLitre = offers.map((offer, index) => Math.abs(costs[index] ?? 0) / unitOf(offer).looseL)
  return perLitre.length > 0 ? perLitre.reduce((sum, cost) => sum + cost, 0) / perLitre.length * (volumeL.low + volumeL.high) / 2 : 0
}

/**
 * Draws the choice towards the middle of what is comfortable and to what lies there already: each way of missing it costs in proportion.
 * @param costs of the offers by container. @param offers as the programme has them, where they are more than the problem's.
 */
export function aiming(
  problem: Problem, costs: Costs, weight = WEIGHT * usualCost(problem, costs), offers: readonly Offer[] = problem.offers,
): Extra {
  const units = offers.map(unitOf)
  const ways = deviations(problem).map(deviation => units.map(deviation))
  const first = units.length + 1
  const leaving = offers.flatMap(({ lies, pinned, daysLeft }, index) => lies && pinned === undefined
    ? [
        {
          index, lies,
          share:
              ((daysLeft <= SPOILS_WITHIN_DAYS ? LEFT_LYING.spoils : LEFT_LYING.keeps) * units[index]!.looseL)
              / ((problem.limits.volumeL.low + problem.limits.volumeL.high) / 2),
        },
      ]
    : [])
  const left = (counts: readonly number[]) =>
    leaving.reduce((sum, { index, lies, share }) => sum + share * Math.max(0, lies - (counts[index] ?? 0)), 0)
  const missed = (counts: readonly number[]) =>
    left(counts)
    + ways.reduce(
      (sum, each) =>
        sum
        + Math.max(
          0, each.reduce((total, one, index) => total + one * (counts[index] ?? 0), 0),
        ),
      0,
    )
  return {
    variables: [...ways.map(() => weight), ...leaving.map(({ share }) => weight * share)].map(cost => ({
      low: 0, high: Infinity, integer: false, cost,
    })),
    rows: [
      ...ways.map((each, way) => ({
        terms: new Map([...each.map((one, index) => [index, one] as const), [first + way, -1] as const]), most: 0,
      })),
      ...leaving.map(({ index, lies }, at) => ({ terms: new Map([[index, -1], [first + ways.length + at, -1]]), most: -lies })),
    ],
    scale: weight / WEIGHT,
    costOf: counts => counts.reduce((sum, count, index) => sum + (costs[index] ?? 0) * count, 0) + weight * missed(counts),
  }
}
