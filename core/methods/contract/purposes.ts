/** What the finished thing may be wanted for. */
export const PURPOSES = ['beds', 'potting', 'seeds', 'mulch', 'feeding', 'microbes', 'lasting'] as const
export type Purpose = typeof PURPOSES[number]

/** What stuff is once it has come: a material as it lies in the store, or, where no store keeps it, what it is good for. */
export interface Comes {
  readonly label: string
  readonly materialId?: string
  readonly serves?: readonly Purpose[]
  /** It is of use within its days only, and not after them. */
  readonly passes?: true
}
