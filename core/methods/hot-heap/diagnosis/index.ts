import { highest } from '../../../statistics/ends'
import { heapLogOf, type HeapLog } from '../../heated/heap-log'
import type { Cause, Diagnosis, Surroundings } from '../../contract'
import { phaseNow } from '../standing'
import { CAUSES } from './causes'
import { judgeCauses } from '../../../diagnosis/judge'
import { factsOf } from './facts'
import { SYMPTOMS } from './symptoms'
import { looking } from '../looking'

/** The likely causes of what is noticed of a heap, the likeliest first. */
export function causesOf(batch: HeapLog, surroundings: Surroundings, symptoms: readonly string[]): Cause[] {
  const facts = symptoms.length > 0 ? factsOf(batch, surroundings, symptoms) : undefined
  return facts ? judgeCauses(CAUSES, facts, facts.symptoms) : []
}

/** The symptoms that a heap's log and readings tell of. */
export function noticedOf(batch: HeapLog, surroundings: Surroundings): string[] {
  const { phase, coreC } = phaseNow(batch, surroundings)
  const hottestC = highest(batch.readings.map(reading => reading.coreC ?? -Infinity))
  const known = new Set(SYMPTOMS.map(({ id }) => id))
  const felt = looking.allNow(batch, surroundings.now)
    .map(({ finding }) => (finding === 'scorched' ? 'smoke' : finding))
  const died = phase === 'died' || (phase === 'cooling' && hottestC > coreC + 12)
  const heat = phase === 'stalled' ? ['no-heat'] : phase === 'too-hot' ? ['too-hot'] : died ? ['died'] : []
  return [...new Set([...heat, ...felt])].filter(one => known.has(one))
}

/** What may be wrong with a hot heap, from what is noticed and its own numbers. */
export const diagnosis: Diagnosis = {
  symptoms: SYMPTOMS,
  noticed: (batch, surroundings) => noticedOf(heapLogOf(batch), surroundings),
  causes: (batch, surroundings, symptoms) => causesOf(heapLogOf(batch), surroundings, symptoms),
}
