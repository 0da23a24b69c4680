import { fail, ok, type Outcome } from '../outcome/outcome'
import { CHAR } from './constants'

/** A bag that is offered: by weight as lumps, or by volume as it is used. */
export type BagOffer = { readonly price: number } & (
  { readonly sold: 'weight', readonly kg: number } | { readonly sold: 'volume', readonly litres: number }
)

/** Litres of a bag that can be used, crushed and sifted: kg ÷ 0.2, less what is sifted out. */
export function usableL(offer: BagOffer): number {
  return offer.sold === 'weight' ? offer.kg / CHAR.crushedKgL.typical * CHAR.usableOfLump : offer.litres
}

/** Money for a usable litre. @returns a trouble where the bag or its price is not said. */
export function pricePerUsableL(offer: BagOffer): Outcome<number, 'not-said'> {
  const litres = usableL(offer)
  return offer.price > 0 && litres > 0 && Number.isFinite(offer.price / litres) ? ok(offer.price / litres) : fail('not-said')
}
