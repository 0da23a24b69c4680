import type { HeapLog } from '../heated/heap-log'
import { quantityText } from '../../units/format'
import { expectedAt } from '../heated/expected'
import type { Standing, Surroundings } from '../contract'
import { coreReadings } from '../heated/readings'
import { daysBetween } from '../../units/time'
import { expectCourse } from './expect'
import { HOT_C, TOO_HOT_C, WORKING_K } from './limits'

/** The stages of a hot heap. */
export type Phase = 'warming' | 'hot' | 'too-hot' | 'cooling' | 'curing' | 'stalled' | 'finished'

/** By now a sound heap has warmed. */
const WARM_BY_DAYS = 4.5
/** In the cold a heap that works well need not be hot: so far above the air it is heated. */
const WELL_ABOVE_K = 20

/** The phase of a heap, the temperature it rests on and whether that was read or is only expected. */
export interface PhaseNow {
  readonly phase: Phase
  readonly day: number
  readonly coreC: number
  readonly ambientC: number
  readonly readAt?: string
  /** When it was first read cool after having been hot. */
  readonly coolSince?: string
}

/** Readings older than this say little about now. */
const STALE_DAYS = 10

function expectedCore(batch: HeapLog, surroundings: Surroundings, day: number): number {
  return expectedAt(expectCourse(batch, surroundings, Math.ceil(day)), day)?.coreC.typical ?? surroundings.ambientC(surroundings.now)
}

/** Where the heap stands, by its readings as far as they are fresh, else by what is expected. */
export function phaseNow(batch: HeapLog, surroundings: Surroundings): PhaseNow {
  const { now } = surroundings
  const day = Math.max(0, daysBetween(batch.built.at, now))
  const ambientC = surroundings.ambientC(now)
  const sound = coreReadings(batch).filter(({ odd }) => !odd)
  const last = sound.at(-1)
  const fresh = last && daysBetween(last.at, now) < STALE_DAYS
  const coreC = fresh ? last.coreC : expectedCore(batch, surroundings, day)
  const base = { day, coreC, ambientC, readAt: fresh ? last.at : undefined }
  if (batch.finish) return { ...base, phase: 'finished' }
  const heated = sound.some(one => one.coreC >= HOT_C || one.coreC - surroundings.ambientC(new Date(one.at)) >= WELL_ABOVE_K) || (sound.length === 0 && day > WARM_BY_DAYS)
  if (coreC >= TOO_HOT_C) return { ...base, phase: 'too-hot' }
  if (coreC >= HOT_C) return { ...base, phase: 'hot' }
  if (!heated) return { ...base, phase: day > WARM_BY_DAYS && coreC - ambientC < WELL_ABOVE_K ? 'stalled' : 'warming' }
  if (coreC - ambientC > WORKING_K) return { ...base, phase: 'cooling' }
  return { ...base, phase: 'curing', coolSince: coolSince(sound, surroundings) }
}

function coolSince(sound: readonly { at: string, coreC: number }[], { ambientC }: Surroundings): string | undefined {
  const lastWarm = sound.findLastIndex(({ at, coreC }) => coreC - ambientC(new Date(at)) > WORKING_K)
  return sound[lastWarm + 1]?.at
}

const LABELS: Readonly<Record<Phase, readonly [label: string, tone: Standing['tone']]>> = {
  'warming': ['Warming up', 'good'],
  'hot': ['Hot', 'good'],
  'too-hot': ['Too hot', 'bad'],
  'cooling': ['Cooling', 'good'],
  'curing': ['Curing', 'good'],
  'stalled': ['Not heating', 'bad'],
  'finished': ['Finished', 'good'],
}

/** The standing in a word and a sentence, with the numbers it rests on. */
export function standingOf(batch: HeapLog, surroundings: Surroundings): Standing {
  const { phase, day, coreC, readAt } = phaseNow(batch, surroundings)
  const [label, tone] = LABELS[phase]
  const temperature = quantityText('temperature', surroundings.units, coreC)
  const basis = readAt ? `core read at ${temperature}` : `core expected around ${temperature}`
  const sentence = phase === 'finished' ? 'Taken down.' : `Day ${Math.floor(day)}, ${basis}.`
  return { phase, label, sentence, tone, figure: temperature }
}
