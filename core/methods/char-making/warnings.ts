import { usableL } from '../../char/price'
import { quantityText } from '../../units/format'
import { asVessel, siteVolumeL } from '../../vessel/site'
import type { Proposal, Warning } from '../contract'
import { MONOXIDE } from './cautions'
import { bagOf } from './compare'
import { isBurnable } from './load'
import { FED, WHERE } from './words'
import { MAKE } from './constants'
import { CHAR } from '../../char/constants'
import type { Thought } from './thought'

const INVASIVE = 'stems-invasive'

/** Why it is not to be done like this. */
export function refusalOf({
  way, proposal, load, surroundings,
}: Pick<Thought, 'way' | 'proposal' | 'load' | 'surroundings'>): string | undefined {
  if (way.burns && proposal.answers[WHERE] === 'indoors')
    return 'Not indoors, ever: charring gives off carbon monoxide, which kills without a smell, and gas that flares up. No lid, hood or '
      + 'open window makes it safe. Outdoors, on bare ground.'
  if (way.burns && load.moisture >= CHAR.tooWet)
    return 'That wood is as good as green: it will smoke for hours and give next to nothing. Dry it under cover first.'
  const other = way.bought ? [] : proposal.ingredients.filter(({ material }) => !isBurnable(material))
  if (other.length > 0)
    return 'Only dry wood, stems and dried peels are charred. Take off the bench: '
      + `${other.map(({ material }) => material.short).join(', ')}.`
  if (way.bought && usableL(bagOf(way, proposal.answers)) < MAKE.leastL) return 'Say what a bag holds.'
  const { units } = surroundings
  const roomL = siteVolumeL(proposal.site) * way.fills
  // A cone or a pit is fed while it burns down; everything else is stacked at once.
  if (way.burns && !way.begins.includes(FED) && load.litres > roomL * MAKE.overfull)
    return `The ${asVessel(proposal.site).name.toLowerCase()} takes ${quantityText('volume', units, roomL)} at a time, and `
      + `${quantityText('volume', units, load.litres)} lie on the bench: what is too much is the next load.`
  return load.odd
}

/** Peels bring more potash and salt than wood does. */
export function isSalty({ ingredients }: Pick<Proposal, 'ingredients'>): boolean {
  return ingredients.some(({ material }) => material.family === 'kitchen')
}

export function warningsOf({ proposal, load, way }: Thought): Warning[] {
  const invasive = proposal.ingredients.some(({ material }) => material.id === INVASIVE)
  return [
    ...(invasive
      ? [
          {
            materialId: INVASIVE,
            text: 'Burn it where it grew, dead stems of winter: carried off, seeds and roots travel, and that is often against the law. '
              + 'Ask the local authority.',
          },
        ]
      : []),
    ...proposal.ingredients
      .filter(({ material }) => way.burns && material.moistureFraction.typical > MAKE.wetAsItComes && load.moisture <= CHAR.dryEnough)
      .map(({ material }) => ({
        materialId: material.id,
        text: `${material.short.replace(/^./, letter => letter.toUpperCase())} come wet: only after months under cover are they as dry `
          + 'as was said.',
      })),
    ...(way.burns ? [{ text: MONOXIDE }] : []),
  ]
}
