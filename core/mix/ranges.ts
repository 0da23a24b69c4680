import { fail, ok, type Outcome } from '../outcome/outcome'
import type { Range } from '../units/range'
import { checkedPortions, typicalTotals, type MixTrouble } from './balance'
import { driversOf, type Driver } from './drivers'
import { measuresOf, type Measures } from './measures'
import type { Portion } from './portion'
import { middlePart } from './quantile'
import { sampledMeasures } from './sampling'
import { missingWaterL } from './water'

/** The measures that are shown with a range. */
export const RANGED = ['carbonToNitrogen', 'availableCarbonToNitrogen', 'moistureFraction', 'volumeL', 'freeAirSpace'] as const
export type RangedMeasure = typeof RANGED[number]

/** A range and what drives it. Low and high are the 10th and 90th percentile. */
export interface DrivenRange extends Range {
  readonly driver: Driver
}

/** A mix with its honest uncertainty. */
export interface MixRanges {
  readonly typical: Measures
  readonly of: Readonly<Record<RangedMeasure, DrivenRange>>
  /** Litres of water to the target; 0 when the mix would be too wet. */
  readonly waterToTargetL: Range
  /** The sampled mixes, for drawing the cloud: pairs of ratio and moisture. */
  readonly cloud: { readonly carbonToNitrogen: Float64Array, readonly moistureFraction: Float64Array }
}

/** Share of samples left out below and above. */
const TAIL = 0.1

/** The middle 80 % of samples, stretched to hold the typical value if that lies outside. */
function shownRange(values: Float64Array, typical: number): Range {
  const { low, high } = middlePart(values, TAIL)
  return { low: Math.min(typical, low), typical, high: Math.max(typical, high) }
}

/**
 * The balance of a mix with its 80 % ranges. Ingredients' values are independent; samples are seeded,
 * so the same mix always shows the same range. At most 40 ingredients make sense.
 * @param addedWaterL litres of water added, not negative.
 * @param targetMoisture wet basis below 1, for the range of the water still needed.
 */
export function mixRanges(portions: readonly Portion[], addedWaterL: number, targetMoisture: number): Outcome<MixRanges, MixTrouble> {
  if (!Number.isFinite(addedWaterL) || addedWaterL < 0) return fail({ kind: 'bad-water' })
  const checked = checkedPortions(portions)
  if (!checked.ok) return checked
  const columns = sampledMeasures(checked.value, addedWaterL, targetMoisture)
  const water = columns.missingWaterL.map(litres => Math.max(0, litres))
  const totals = typicalTotals(checked.value)
  const typical = measuresOf(totals, addedWaterL)
  const drivers = driversOf(RANGED, checked.value, totals, addedWaterL)
  const driven = RANGED.map(name => [name, { ...shownRange(columns[name], typical[name]), driver: drivers[name] }] as const)
  return ok({
    typical,
    of: Object.fromEntries(driven) as Record<RangedMeasure, DrivenRange>,
    waterToTargetL: shownRange(water, Math.max(0, missingWaterL(totals.wetMassKg, totals.waterKg, targetMoisture))),
    cloud: { carbonToNitrogen: columns.carbonToNitrogen, moistureFraction: columns.moistureFraction },
  })
}
