/** What kind of thing was found, as a gardener would call it. */
export const FOUND_KINDS = {
  batch: 'Heap or bin', place: 'Place', lot: 'In the store', bed: 'Bed', material: 'Material', plan: 'Plan', trial: 'Trial', log: 'Log',
  page: 'Page', word: 'Word of the craft', sign: 'Sign of trouble',
} as const
export type FoundKind = keyof typeof FOUND_KINDS

/** Something that can be looked for: what it is called, what is said of it, and where it is looked at. */
export interface Findable {
  readonly id: string
  readonly kind: FoundKind
  readonly title: string
  /** What is said of it below its title; found by it as well. */
  readonly says: string
  /** Other words that it is looked for by. */
  readonly words?: string
  /** Where it leads; nothing where all of it is said. */
  readonly to?: string
  /** When it was, for what happened on a day. */
  readonly at?: string
}
