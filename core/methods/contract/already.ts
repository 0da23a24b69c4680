import type { Role } from '../../journal/garden'
import type { Answers } from '../../questions/answers'

/** What one is usually made of, for a gardener who no longer knows: stuff in shares of its loose litres. */
export interface Usually {
  readonly id: string
  /** "mostly leaves". */
  readonly label: string
  readonly parts: readonly { readonly materialId: string, readonly share: number, readonly role?: Role }[]
}

/** How one that stands already came about, where its method does not say what goes in. */
export interface Already {
  /** The most usual first. */
  readonly of: readonly Usually[]
  /** Whether it usually came bit by bit. */
  readonly bitByBit?: boolean
  /** What is done in its first days and is behind it: deeds, with their answers, and so many days after its beginning. */
  readonly behind?: readonly { readonly deed: string, readonly answers: Answers, readonly afterDays: number }[]
  /** The deed by which nothing goes in any more. */
  readonly closes?: string
  /** What is fed in a week beside what it was begun with, litres. */
  weeklyL?(answers: Answers): number
}
