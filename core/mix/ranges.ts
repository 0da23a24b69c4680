import { fail, ok, type Outcome } from '../outcome/outcome'
import type { Range } from '../units/range'
import { checkedPortions, typicalTotals, type MixTrouble } from './balance'
import { driversOf, type Driver } from './drivers'
import { measuresOf, type Measures } from './measures'
import type { Portion } from './portion'
import { gradeOf, illsIn, type Comfort } from './judgement'
import { middlePart } from './quantile'
import { sampledMeasures, type SampledMeasures } from './sampling'
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
  /** How likely the real mix is a good one, and one that works, whatever its stuff really is; 0..1. */
  readonly chance: { readonly good: number, readonly works: number }
  /** The sampled mixes, for drawing the cloud: pairs of moisture and the ratio of what takes part in the heat. */
  readonly cloud: { readonly carbonToNitrogen: Float64Array, readonly moistureFraction: Float64Array }
}

/** Share of samples left out below and above. */
const TAIL = 0.1

/** The middle 80 % of samples, stretched to hold the typical value if that lies outside. */
function shownRange(values: Float64Array, typical: number): Range {
  const { low, high } = middlePart(values, TAIL)
  return { low: Math.min(typical, low), typical, high: Math.max(typical, high) }
}

/** Every so many samples are judged: a share is known to two points then. */
const JUDGED_EVERY = 4

function chanceOf(columns: SampledMeasures, typical: Measures, comfort: Comfort): MixRanges['chance'] {
  let good = 0, works = 0, judged = 0
  for (let sample = 0; sample < columns.volumeL.length; sample += JUDGED_EVERY) {
    const grade = gradeOf(illsIn({
      ...typical,
      carbonToNitrogen: columns.carbonToNitrogen[sample]!,
      availableCarbonToNitrogen: columns.availableCarbonToNitrogen[sample]!,
      moistureFraction: columns.moistureFraction[sample]!, workableMoisture: columns.workableMoisture[sample]!,
      freeAirSpace: columns.freeAirSpace[sample]!, mattingShare: columns.mattingShare[sample]!,
    }, comfort))
    judged++
    if (grade === 'good') good++
    if (grade !== 'poor') works++
  }
  return { good: good / judged, works: works / judged }
}

/**
 * The balance of a mix with its 80 % ranges. Ingredients' values are independent; samples are seeded,
 * so the same mix always shows the same range. At most 40 ingredients make sense.
 * @param addedWaterL litres of water added, not negative.
 * @param comfort where it is comfortable: for the water still needed and the chance of being there.
 */
export function mixRanges(portions: readonly Portion[], addedWaterL: number, comfort: Comfort): Outcome<MixRanges, MixTrouble> {
  if (!Number.isFinite(addedWaterL) || addedWaterL < 0) return fail({ kind: 'bad-water' })
  const checked = checkedPortions(portions)
  if (!checked.ok) return checked
  const totals = typicalTotals(checked.value)
  const measured = measuresOf(totals, addedWaterL)
  if (!measured.ok) return measured
  const typical = measured.value
  const targetMoisture = comfort.moistureFraction.target
  const columns = sampledMeasures(checked.value, addedWaterL, targetMoisture)
  const water = columns.missingWaterL.map(litres => Math.max(0, litres))
  const drivers = driversOf(RANGED, checked.value, totals, addedWaterL)
  const driven = RANGED.map(name => [name, { ...shownRange(columns[name], typical[name]), driver: drivers[name] }] as const)
  return ok({
    typical,
    of: Object.fromEntries(driven) as Record<RangedMeasure, DrivenRange>,
    waterToTargetL: shownRange(water, Math.max(0, missingWaterL(totals.wetMassKg, totals.waterKg, targetMoisture))),
    chance: chanceOf(columns, typical, comfort),
    cloud: { carbonToNitrogen: columns.availableCarbonToNitrogen, moistureFraction: columns.moistureFraction },
  })
}
