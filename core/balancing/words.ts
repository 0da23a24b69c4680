import { preparingText } from '../mix/words'
import { containerText } from '../units/container'
import { countText, numberText, quantityText, ratioText, roundedCount, percentText } from '../units/format'
import type { UnitSystem } from '../units/system'
import type { Change, Impossible, WayOut } from './changes'
import type { Missed } from './missed'
import type { Offer } from './offer'
import type { LimitName } from './problem'

const nameOf = ({ material, prepared }: Offer) => prepared ? `${prepared} ${material.short}` : material.short

/** One change in a few words: "2 more sacks of leaves", "half of the grass", "3 buckets of grass instead of 5", "wilt the grass". */
export function changeText(change: Change): string {
  const { offer } = change
  if (change.kind === 'prepare') return preparingText(change.as, offer.prepared, offer.material.short)
  if (change.kind === 'fetch') {
    const { container } = offer
    const one = roundedCount(change.count) > 1 ? container.plural : container.name
    return offer.most > 0
      ? `${countText(change.count)} more ${one} of ${nameOf(offer)}`
      : `${containerText(change.count, container)} of ${nameOf(offer)}`
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

const MISSES: Readonly<Record<LimitName, (missed: Missed, litres: (volumeL: number) => string) => string>> = {
  'too-green': ({ is, edge }) => `at best it comes out at ${ratioText(is)}, too green; ${ratioText(edge)} still works`,
  'too-brown': ({ is, edge }) => `at best it comes out at ${ratioText(is)} in what decays, too brown; ${ratioText(edge)} still works`,
  'too-wet': ({ is, edge }) => `it would hold ${percentText(is)} water, where this stuff works up to ${percentText(edge)}`,
  'airless': ({ is, edge }) => `it would lie too dense: ${percentText(is)} air, ${percentText(edge)} are wanted`,
  'mats': ({ is, edge }) => `${percentText(is)} of it mats; up to ${percentText(edge)} works`,
  'overdone': ({ is }) => `of what is only taken sparingly it would hold ${numberText(is, 1)} times as much as does good`,
  'one-material': ({ is, edge }) => `${percentText(is)} would be of one kind; you asked for ${percentText(edge)} at most`,
  'char': ({ is, edge }) => `${percentText(is)} would be char; more than ${percentText(edge)} is too much`,
  'left-lying': ({ is, edge }, litres) => `of what spoils it would take ${litres(is)}, and ${litres(edge)} are to be used`,
  'too-little': ({ is, edge }, litres) => `all there is that goes together makes ${litres(is)}, and ${litres(edge)} are wanted`,
  'too-much': ({ is, edge }, litres) => `what stays as it is makes ${litres(is)}, and the place holds ${litres(edge)}`,
}

/** Why nothing fits, in a sentence, with the number that misses and the limit. */
export function whyImpossible({ missed }: Impossible, units: UnitSystem): string {
  const [first, second] = missed
  if (!first) return 'In whole containers it does not come out; smaller parts do.'
  const said = (one: Missed) => MISSES[one.limit](one, volumeL => quantityText('volume', units, volumeL))
  return `As it is, ${said(first)}${second ? `; and ${said(second)}` : ''}.`
}
