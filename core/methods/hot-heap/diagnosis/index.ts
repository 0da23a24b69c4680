import type { StandingBatch } from '../../../journal/garden'
import type { Cause, Diagnosis } from '../../trouble'
import type { Surroundings } from '../../method'
import { daysBetween } from '../days'
import { phaseNow } from '../standing'
import { CAUSES } from './causes'
import type { PossibleCause } from './cause'
import { factsOf, type Facts } from './facts'
import { SYMPTOMS } from './symptoms'

/** What was found so many days ago still counts as noticed. */
const FRESH_DAYS = 7
/** Causes less likely than this are not named. */
const NAMED_FROM = 0.3

/** The chance that grows with evidence: 0.5 for a symptom that half points to it and nothing else. */
function likelihood(pointing: number, evidence: number): number {
  const odds = Math.log(pointing / (1 - Math.min(0.95, pointing)) + 0.05) + 1.3 * evidence
  return 1 / (1 + Math.exp(-odds))
}

function judged(cause: PossibleCause, facts: Facts): Cause[] {
  const pointing = Math.max(0, ...facts.symptoms.map(symptom => cause.symptoms[symptom] ?? 0))
  if (pointing === 0) return []
  const evidence = cause.weigh(facts)
  const likely = likelihood(pointing, evidence.reduce((sum, { weight }) => sum + weight, 0))
  if (likely < NAMED_FROM) return []
  const words = (sign: 1 | -1) => evidence.filter(({ weight }) => weight * sign > 0).sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight)).map(({ text }) => text)
  return [{ id: cause.id, title: cause.title, likelihood: likely, speaksFor: words(1), speaksAgainst: words(-1), remedy: cause.remedy(facts), ...(cause.caution ? { caution: cause.caution } : {}) }]
}

function causes(batch: StandingBatch, surroundings: Surroundings, symptoms: readonly string[]): Cause[] {
  const facts = symptoms.length > 0 ? factsOf(batch, surroundings, symptoms) : undefined
  return facts ? CAUSES.flatMap(cause => judged(cause, facts)).sort((a, b) => b.likelihood - a.likelihood) : []
}

function noticed(batch: StandingBatch, surroundings: Surroundings): string[] {
  const { phase, coreC } = phaseNow(batch, surroundings)
  const hottestC = Math.max(-Infinity, ...batch.readings.map(reading => reading.coreC ?? -Infinity))
  const known = new Set(SYMPTOMS.map(({ id }) => id))
  const felt = batch.observations.filter(({ at }) => daysBetween(at, surroundings.now) < FRESH_DAYS).map(({ finding }) => finding === 'scorched' ? 'smoke' : finding)
  const heat = phase === 'stalled' ? ['no-heat'] : phase === 'too-hot' ? ['too-hot'] : phase === 'cooling' && hottestC > coreC + 12 ? ['died'] : []
  return [...new Set([...heat, ...felt])].filter(one => known.has(one))
}

/** What may be wrong with a hot heap, from what is noticed and its own numbers. */
export const diagnosis: Diagnosis = { symptoms: SYMPTOMS, noticed, causes }
