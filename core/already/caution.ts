import type { Began } from '../journal/garden'
import type { Family } from '../materials/material'

/** Where these go in, dung may have gone in too. */
const MAY_HOLD_DUNG: readonly Family[] = ['manure', 'kitchen']

/**
 * What is said where the hand is, of one of which nobody knows what went in: it is handled as if the worst of it had.
 * @param eats families that its method takes: leaves alone hold no dung.
 */
export function unknownCautions({ stood }: Pick<Began, 'stood'>, eats: readonly Family[]): readonly string[] {
  return stood === undefined || stood.of === 'known' || !eats.some(one => MAY_HOLD_DUNG.includes(one))
    ? []
    : [
        'Nobody wrote down what went into it: take it as if raw dung were in it. Gloves on, hands washed, and not where salad or roots '
        + 'grow that are eaten within 120 days; rules where you live may ask for more.',
        'Hay or dung that was sprayed may be in it: try beans in it before seedlings.',
      ]
}
