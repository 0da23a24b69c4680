import { packingFactor } from '../materials/packing'
import type { Offer } from './offer'

/** What keeps no longer than this is used now or not at all. */
export const SPOILS_WITHIN_DAYS = 14

/** Whether an offer is something that lies on the bench and spoils, and may be weighed up. */
export function spoils({ lies = 0, pinned, inStore, daysLeft }: Offer): boolean {
  return lies > 0 && pinned === undefined && inStore && daysLeft <= SPOILS_WITHIN_DAYS
}

/** Loose litres in a container as it was gathered, however it is prepared: wilted grass is used up like fresh. */
export function gatheredL({ material, container, packing }: Offer): number {
  return container.volumeL * packingFactor(material, packing)
}

/** Loose litres on the bench that spoil, as gathered. */
export function spoilingL(offers: readonly Offer[]): number {
  return offers.reduce((sum, offer) => spoils(offer) ? sum + gatheredL(offer) * Math.min(offer.most, offer.lies ?? 0) : sum, 0)
}

/** Something that spoils and stays lying: so many containers of it. */
export interface LeftLying { readonly offer: Offer, readonly count: number }

/** What of it a choice leaves lying, a quarter of a container and more of each. */
export function leftLying(offers: readonly Offer[], counts: readonly number[]): LeftLying[] {
  return offers.flatMap((offer, index) => {
    const count = Math.min(offer.most, offer.lies ?? 0) - (counts[index] ?? 0)
    return spoils(offer) && count >= 0.25 ? [{ offer, count }] : []
  })
}
