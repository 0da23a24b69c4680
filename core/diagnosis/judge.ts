/** A piece of evidence in words, with its weight: about 1 is strong; above 0 speaks for, below 0 against. */
export interface Evidence {
  readonly weight: number
  readonly text: string
}

/** Evidence that only counts when it is there. */
export function given(applies: boolean, weight: number, text: string): Evidence[] {
  return applies ? [{ weight, text }] : []
}

/** One thing that can be wrong: how it is recognised, and what helps. Facts and remedies are the method's. */
export interface PossibleCause<Facts, Remedy> {
  readonly id: string
  readonly title: string
  /** How strongly each symptom points to it, 0 to 1. */
  readonly symptoms: Readonly<Record<string, number>>
  /** What speaks for (above 0) and against it (below 0) in the numbers of the batch. */
  weigh(facts: Facts): readonly Evidence[]
  remedy(facts: Facts): Remedy
  readonly caution?: string
}

/** A cause as it was judged. */
export interface JudgedCause<Remedy> {
  readonly id: string
  readonly title: string
  readonly likelihood: number
  readonly speaksFor: readonly string[]
  readonly speaksAgainst: readonly string[]
  readonly remedy: Remedy
  readonly caution?: string
}

/** Causes less likely than this are not named. */
const NAMED_FROM = 0.3
/** How much a strong piece of evidence counts, as logarithm of odds. */
const EVIDENCE_ODDS = 1.3

/** The chance that grows with evidence: 0.5 for a symptom that half points to it and nothing else. */
function likelihood(pointing: number, evidence: number): number {
  const odds = Math.log(pointing / (1 - Math.min(0.95, pointing)) + 0.05) + EVIDENCE_ODDS * evidence
  return 1 / (1 + Math.exp(-odds))
}

function judged<Facts, Remedy>(cause: PossibleCause<Facts, Remedy>, facts: Facts, symptoms: readonly string[]): JudgedCause<Remedy>[] {
  const pointing = Math.max(0, ...symptoms.map(symptom => cause.symptoms[symptom] ?? 0))
  if (pointing === 0) return []
  const evidence = cause.weigh(facts)
  const likely = likelihood(pointing, evidence.reduce((sum, { weight }) => sum + weight, 0))
  if (likely < NAMED_FROM) return []
  const words = (sign: 1 | -1) =>
    evidence
      .filter(({ weight }) => weight * sign > 0)
      .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight))
      .map(({ text }) => text)
  return [{
    id: cause.id, title: cause.title, likelihood: likely, speaksFor: words(1), speaksAgainst: words(-1), remedy: cause.remedy(facts),
    ...(cause.caution ? { caution: cause.caution } : {}),
  }]
}

/** The likely causes of what is noticed, the likeliest first. */
export function judgeCauses<Facts, Remedy>(
  causes: readonly PossibleCause<Facts, Remedy>[], facts: Facts, symptoms: readonly string[],
): JudgedCause<Remedy>[] {
  return causes.flatMap(cause => judged(cause, facts, symptoms)).sort((a, b) => b.likelihood - a.likelihood)
}
