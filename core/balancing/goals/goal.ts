import type { Offer, OfferUnit } from '../offer'

/** What a gardener wants most of a balance. */
export interface Goal {
  readonly id: string
  readonly name: string
  /** What the answer is called when this goal found it. */
  readonly title: string
  /** What one container costs; below 0 where it is wanted. The effort of carrying is added by the balancing. */
  costPerContainer(offer: Offer, unit: OfferUnit): number
}
