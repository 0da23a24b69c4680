import { highest } from '../../../statistics/ends'
import { daysBetween } from '../../../units/time'
import { emptyCourse } from '../../../heat/case'
import { runCourse } from '../../../heat/course'
import { dryMassKg, heldMJ, moistureOf, SHELLS, total, usedShare, type Heap } from '../../../heat/heap'
import { volumeL } from '../../../heat/packing'
import { coreReadings, type CoreReading } from '../../heated/readings'
import type { HeapLog } from '../../heated/heap-log'
import { typicalTotals } from '../../../mix/balance'
import { ingredientsOf, portionOf } from '../../../mix/portion'
import { quantityText } from '../../../units/format'
import type { Spare, Surroundings } from '../../contract'
import { middleTraits } from '../../heated/expecting'
import { middleCourse } from '../expect'
import { caseOf } from '../../heated/question'
import { phaseNow, type PhaseNow } from '../standing'
import { nearest } from '../../heated/as-found'
import { HEATED } from '../../heated/constants'
import { HOT } from '../constants'
import { looking } from '../looking'

/** A heap as it is today, worked out from what went in and what has happened since. */
export interface HeapToday {
  readonly dryKg: number
  readonly waterKg: number
  readonly moisture: number
  readonly carbonKg: number
  readonly nitrogenKg: number
  readonly carbonToNitrogen: number
  readonly volumeL: number
  readonly oxygenPct: number
  readonly usedShare: number
  readonly mattingShare: number
  readonly heatMJ: number
}

/** @param put all carbon and nitrogen that went in, kg. */
function today(heap: Heap, put: { readonly carbonKg: number, readonly nitrogenKg: number }): HeapToday {
  const carbonKg = Math.max(0.1 * put.carbonKg, put.carbonKg - HOT.carbonInDecayed * heap.ledger.decayedKg)
  return {
    dryKg: dryMassKg(heap), waterKg: total(heap.parts.waterKg), moisture: moistureOf(heap), carbonKg, nitrogenKg: put.nitrogenKg,
    carbonToNitrogen: carbonKg / put.nitrogenKg, volumeL: volumeL(heap), oxygenPct: Math.min(...heap.parts.oxygenPct.subarray(0, SHELLS)),
    usedShare: usedShare(heap), mattingShare: heap.whole.mattingShare, heatMJ: heldMJ(heap),
  }
}

/** Everything that causes are judged by. */
export interface Facts {
  readonly batch: HeapLog
  readonly surroundings: Surroundings
  readonly symptoms: readonly string[]
  readonly spares: readonly Spare[]
  readonly now: PhaseNow
  readonly heap: HeapToday
  readonly readings: readonly CoreReading[]
  readonly hottestC: number | undefined
  readonly acrossM: number
  readonly lastSqueeze?: string
  readonly daysSinceTurn: number
  readonly has: (symptom: string) => boolean
  readonly temperature: (celsius: number) => string
}

/** All carbon and nitrogen that went in so far, kg; nothing when none of it is known. */
function putInto(
  { built, additions }: HeapLog, { materials }: Surroundings,
): { readonly carbonKg: number, readonly nitrogenKg: number } | undefined {
  const portions = ingredientsOf([...built.ingredients, ...additions.map(({ ingredient }) => ingredient)], materials).map(portionOf)
  const { carbonKg, nitrogenKg } = typicalTotals(portions)
  return nitrogenKg > 0 ? { carbonKg, nitrogenKg } : undefined
}

/** The facts of a batch, or nothing when none of its materials is known. */
export function factsOf(batch: HeapLog, surroundings: Surroundings, symptoms: readonly string[]): Facts | undefined {
  const middle = middleCourse(batch, surroundings)
  if (!middle) return undefined
  const now = phaseNow(batch, surroundings)
  const ran = runCourse(caseOf(middle.question), middleTraits(middle.point), emptyCourse(Float64Array.of(0, Math.max(0.01, now.day))))
  const put = putInto(batch, surroundings)
  if (!ran.ok || !put) return undefined
  const reckoned = today(ran.value, put)
  // As wet as it is known to be: whoever squeezed it is believed here too.
  const moisture = Math.min(HEATED.wettest, middle.course.moisture[nearest(middle.course.days, now.day)]!)
  const heap = { ...reckoned, moisture, waterKg: reckoned.dryKg * moisture / (1 - moisture) }
  const readings = coreReadings(batch).filter(({ odd }) => !odd)
  const { footprintM2 } = middle.question.standing
  return {
    batch, surroundings, symptoms, spares: surroundings.spares ?? [], now, heap, readings,
    hottestC: readings.length > 0 ? highest(readings.map(({ coreC }) => coreC)) : undefined,
    // As it was filled: that it has sunk since does not make it a small one.
    acrossM: Math.min(Math.sqrt(footprintM2), middle.question.builtHeightM),
    lastSqueeze: looking.now(batch, 'squeeze', surroundings.now)?.finding,
    daysSinceTurn: now.day - highest(batch.turns.map(({ at }) => daysBetween(batch.built.at, at)), 0),
    has: symptom => symptoms.includes(symptom),
    temperature: celsius => quantityText('temperature', surroundings.units, celsius),
  }
}
