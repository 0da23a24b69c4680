import type { Batch } from '../../journal/garden'
import { ingredientsOf, massKg, type Ingredient } from '../../mix/portion'
import type { MaterialBook } from '../../materials/book'
import type { Answers } from '../../questions/answers'
import { numberOf, type Question } from '../../questions/question'
import { containerText, SPOON } from '../../units/container'
import { smallMassText } from '../../units/small'
import type { UnitSystem } from '../../units/system'
import { table } from '../../constants/constants'

/**
 * Something that feeds the life in a soak, and the most of it, grams in a litre of its water. Own estimates on the safe side of
 * what practice stirs in.
 */
export interface SoakFeed {
  readonly id: string
  readonly label: string
  readonly mostGPerL: number
  readonly kgPerL: number
  readonly late: boolean
}

export const FEEDS: readonly SoakFeed[] = table('Feeds of a soak', {
  mostGPerL: ['g/L', 'at most; practice'],
  kgPerL: ['kg/L', 'as it lies in a spoon; own estimate'],
}, [
  { id: 'meal', label: 'rock dust or a meal', mostGPerL: 10, kgPerL: 0.7, late: false },
  { id: 'seaweed', label: 'seaweed', mostGPerL: 5, kgPerL: 0.5, late: false },
  { id: 'fish', label: 'fish feed', mostGPerL: 5, kgPerL: 1.1, late: false },
  { id: 'flour', label: 'flour', mostGPerL: 3, kgPerL: 0.55, late: true },
  { id: 'molasses', label: 'molasses', mostGPerL: 2, kgPerL: 1.4, late: true },
])

/** The feed of this id, or the first. */
export const feedOf = (id: unknown): SoakFeed => FEEDS.find(one => one.id === id) ?? FEEDS[0]!
/** What a material of the store is as a feed. */
export const feedAs = ({ material }: Ingredient): SoakFeed => feedOf(material.id)

const [BY, WEIGHED, SPOONS, JUG] = ['by', 'weighed', 'spoons', 'jug'] as const
const [GRAMS, JUG_L] = ['grams', 'jugL'] as const

/** What is asked where something is stirred in: weighed, by the spoon or by the jug. */
export const feedAsks = (): readonly Question[] => [
  { id: 'what', kind: 'choice', label: 'What', choices: FEEDS.map(({ id, label }) => ({ id, label })), usual: 'meal' },
  {
    id: BY, kind: 'choice', label: 'Measured', usual: WEIGHED,
    choices: [{ id: WEIGHED, label: 'weighed' }, { id: SPOONS, label: 'by the spoon' }, { id: JUG, label: 'by the jug' }],
  },
  { id: GRAMS, kind: 'smallMass', label: 'How much', usual: 50, most: 20_000, when: [BY, WEIGHED] },
  { id: SPOONS, kind: 'count', label: 'Heaped spoons', usual: 3, most: 500, digits: 1, when: [BY, SPOONS] },
  { id: JUG_L, kind: 'volume', label: 'How much', usual: 0.1, most: 50, when: [BY, JUG] },
]

/** Grams that were stirred in, however they were measured. */
export function gramsOf(answers: Answers): number {
  const { kgPerL } = feedOf(answers.what)
  if (answers[BY] === SPOONS) return (numberOf(answers, SPOONS) ?? 0) * SPOON.volumeL * 1000 * kgPerL
  if (answers[BY] === JUG) return (numberOf(answers, JUG_L) ?? 0) * 1000 * kgPerL
  return numberOf(answers, GRAMS) ?? 0
}

/** "120 g", "3 spoons (32 g)". */
export function measuredText(answers: Answers, units: UnitSystem): string {
  const grams = smallMassText(units, gramsOf(answers))
  return answers[BY] === SPOONS ? `${containerText(numberOf(answers, SPOONS) ?? 0, SPOON)} (${grams})` : grams
}

/** So much of a feed, in grams or ounces and by the spoon. */
export function feedText({ kgPerL, label }: SoakFeed, grams: number, units: UnitSystem): string {
  const spoons = grams / (SPOON.volumeL * 1000 * kgPerL)
  return `${label} ${smallMassText(units, grams)}${spoons >= 0.5 && spoons <= 40 ? ` (${containerText(spoons, SPOON)})` : ''}`
}

/** Grams of a feed that may still go in; 0 when it has had its fill. @param waterL of the soak. */
export function feedRoomG(feed: SoakFeed, waterL: number, given: readonly { readonly id: string, readonly grams: number }[]): number {
  const had = given.filter(({ id }) => id === feed.id).reduce((sum, { grams }) => sum + grams, 0)
  return Math.max(0, feed.mostGPerL * waterL - had)
}

/** What was stirred into a soak since it began, and what went in of a store's feeds. */
export function feedsGiven(
  { did, puts }: Pick<Batch, 'did' | 'puts'>, deed: string, book: MaterialBook,
): { readonly id: string, readonly grams: number }[] {
  const laid = ingredientsOf(puts.flatMap(({ inputs }) => inputs), book)
    .filter(({ material }) => material.family === 'feed' && !material.brings.includes('urine'))
  return [
    ...laid.map(one => ({ id: feedAs(one).id, grams: 1000 * massKg([one]) })),
    ...did.filter(one => one.deed === deed).map(({ answers }) => ({ id: feedOf(answers.what).id, grams: gramsOf(answers) })),
  ]
}
