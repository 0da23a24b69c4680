import { containerText } from '../units/container'
import { countText, roundedCount } from '../units/format'
import type { Change, Impossible, WayOut } from './changes'
import type { Offer } from './offer'
import type { LimitName } from './problem'

const nameOf = ({ material, prepared }: Offer) => prepared ? `${prepared} ${material.short}` : material.short

/** One change in a few words: "2 more sacks of leaves", "half of the grass", "3 buckets of grass instead of 5". */
export function changeText(change: Change): string {
  const { offer } = change
  if (change.kind === 'fetch') {
    const { container } = offer
    const one = roundedCount(change.count) > 1 ? container.plural : container.name
    return offer.most > 0 ? `${countText(change.count)} more ${one} of ${nameOf(offer)}` : `${containerText(change.count, container)} of ${nameOf(offer)}`
  }
  if (change.to === 0) return `no ${nameOf(offer)}`
  if (Math.abs(change.to * 2 - change.from) < 1e-9) return `half of the ${nameOf(offer)}`
  return `${containerText(change.to, offer.container)} of ${nameOf(offer)} instead of ${countText(change.from)}`
}

/** The changes of a way out, as one line. */
export function wayOutText({ changes }: WayOut): string {
  const said = changes.map(changeText)
  return said.length < 2 ? said.join('') : `${said.slice(0, -1).join(', ')} and ${said.at(-1)}`
}

const IN_THE_WAY: Readonly<Record<LimitName, string>> = {
  'too-green': 'whatever is taken, it comes out too green',
  'too-brown': 'whatever is taken, it comes out too brown',
  'too-wet': 'it would be too wet',
  'airless': 'it would lie too dense for air',
  'mats': 'too much of it mats',
  'one-material': 'too much would be of one kind',
  'char': 'too much would be char',
  'too-little': 'there is not enough to fill the place',
  'too-much': 'what is fixed is more than the place holds',
}

/** Why nothing fits, in a sentence. */
export function whyImpossible({ limits }: Impossible): string {
  const first = limits[0]
  if (!first) return 'It cannot be balanced as it is: more than one thing is in the way.'
  // Any one of them would do; the first is said.
  return `It cannot be balanced as it is: ${IN_THE_WAY[first]}.`
}
