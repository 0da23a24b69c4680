import { daysBetween } from '../../../units/time'
import { emptyCourse, runCourse } from '../../../heat/course'
import { dryMassKg, heldMJ, moistureOf, total, volumeL, type Heap } from '../../../heat/heap'
import { coreReadings, type CoreReading } from '../../heated/readings'
import { traitsAt } from '../../../heat/traits'
import type { HeapLog } from '../../heated/heap-log'
import { quantityText } from '../../../units/format'
import type { Spare, Surroundings } from '../../contract'
import { middleCourse } from '../expect'
import { caseOf } from '../forecast/question'
import { phaseNow, type PhaseNow } from '../standing'

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

/** Carbon in a kilogram that decays. */
const CARBON_IN_DECAYED = 0.5

function today(heap: Heap): HeapToday {
  const carbonKg = Math.max(0.1 * heap.carbonKg, heap.carbonKg - CARBON_IN_DECAYED * heap.ledger.decayedKg)
  const used = (total(heap.rapidKg) + total(heap.mediumKg) + total(heap.slowKg)) / heap.chargedUsableKg
  return {
    dryKg: dryMassKg(heap), waterKg: total(heap.waterKg), moisture: moistureOf(heap), carbonKg, nitrogenKg: heap.nitrogenKg,
    carbonToNitrogen: carbonKg / heap.nitrogenKg, volumeL: volumeL(heap), oxygenPct: Math.min(...heap.oxygenPct),
    usedShare: 1 - used, mattingShare: heap.mattingShare, heatMJ: heldMJ(heap),
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

/** The facts of a batch, or nothing when none of its materials is known. */
export function factsOf(batch: HeapLog, surroundings: Surroundings, symptoms: readonly string[]): Facts | undefined {
  const middle = middleCourse(batch, surroundings)
  if (!middle) return undefined
  const now = phaseNow(batch, surroundings)
  const heap = today(runCourse(caseOf(middle.question), traitsAt(middle.point), emptyCourse(Float64Array.of(0, Math.max(0.01, now.day)))))
  const readings = coreReadings(batch).filter(({ odd }) => !odd)
  const { footprintM2 } = middle.question.standing
  return {
    batch, surroundings, symptoms, spares: surroundings.spares ?? [], now, heap, readings,
    hottestC: readings.length > 0 ? Math.max(...readings.map(({ coreC }) => coreC)) : undefined,
    acrossM: Math.min(Math.sqrt(footprintM2), heap.volumeL / 1000 / footprintM2),
    lastSqueeze: batch.observations.findLast(({ sense }) => sense === 'squeeze')?.finding,
    daysSinceTurn: now.day - Math.max(0, ...batch.turns.map(({ at }) => daysBetween(batch.built.at, at))),
    has: symptom => symptoms.includes(symptom),
    temperature: celsius => quantityText('temperature', surroundings.units, celsius),
  }
}
