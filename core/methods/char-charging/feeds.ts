import type { Batch } from '../../journal/garden'
import { numberOf } from '../../questions/question'
import { table } from '../../constants/constants'

/**
 * Something that feeds the life in a soak, and the most of it, grams in a litre of its water. Own estimates on the safe side of
 * what practice stirs in.
 */
export interface SoakFeed { readonly id: string, readonly label: string, readonly mostGPerL: number, readonly late: boolean }

export const FEEDS: readonly SoakFeed[] = table('Feeds of a soak', {
  mostGPerL: ['g/L', 'at most; practice'],
}, [
  { id: 'meal', label: 'rock dust or a meal', mostGPerL: 10, late: false },
  { id: 'seaweed', label: 'seaweed', mostGPerL: 5, late: false },
  { id: 'fish', label: 'fish feed', mostGPerL: 5, late: false },
  { id: 'flour', label: 'flour', mostGPerL: 3, late: true },
  { id: 'molasses', label: 'molasses', mostGPerL: 2, late: true },
])

/** Grams of a feed that may still go in; 0 when it has had its fill. @param waterL of the soak. */
export function feedRoomG(feed: SoakFeed, waterL: number, given: readonly { readonly id: string, readonly grams: number }[]): number {
  const had = given.filter(({ id }) => id === feed.id).reduce((sum, { grams }) => sum + grams, 0)
  return Math.max(0, feed.mostGPerL * waterL - had)
}

/** What was stirred into a soak. */
export function feedsGiven({ did }: Pick<Batch, 'did'>, deed: string): { readonly id: string, readonly grams: number }[] {
  return did
    .filter(one => one.deed === deed)
    .map(({ answers }) => ({ id: String(answers.what ?? ''), grams: numberOf(answers, 'grams') ?? 0 }))
}
