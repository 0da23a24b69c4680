/** What char was charged with. */
export const CHARGED_WITH = ['living', 'feed', 'urine', 'pond', 'dung'] as const
export type ChargedWith = typeof CHARGED_WITH[number]

/** What is known of char when it is taken: it stays so, whatever is learnt later. */
export interface CharState {
  /** How far its pores were filled, 0 to 1. */
  readonly charged: number
  readonly with: readonly ChargedWith[]
  /** Ash was not rinsed out of it. */
  readonly ashy?: boolean
}

/** From here on it no longer robs what is sown in it; below it counts as raw. Practice: fine char after a day or two of soaking. */
export const A_START = 0.35
/** Charged enough: four fifths of what it can take up. */
export const ENOUGH = 0.8
