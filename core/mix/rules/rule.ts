import type { Ingredient } from '../portion'

/** A rule of thumb: so many parts of brown to so many of green, counted in its own way. */
export interface RuleOfThumb {
  readonly id: string
  readonly name: string
  /** What it counts, in a few words. */
  readonly counts: string
  readonly browns: number
  readonly greens: number
  /** How much of it an ingredient is, as this rule counts; positive when its count is. */
  measure(ingredient: Ingredient): number
}
