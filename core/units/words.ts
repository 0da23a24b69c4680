import type { UnitSystem } from './system'

/** Words that stand as they are, or that hold a measure and are said in the gardener's units. */
export type Words = string | ((units: UnitSystem) => string)

/** Words as a gardener reads them. */
export const wordsIn = (words: Words, units: UnitSystem): string => typeof words === 'string' ? words : words(units)
