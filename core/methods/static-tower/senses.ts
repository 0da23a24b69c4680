import { DRAWINGS } from '../../picture/findings'
import type { Sense } from '../contract'
import { LOOK, SMELL } from './words'
import { ZONE_SENSES } from './zones'

/** What a tower is asked by hand, nose and eye. */
export const SENSES: readonly Sense[] = [
  ZONE_SENSES[0]!,
  {
    id: LOOK, label: 'Look', icon: 'i-ph-eye', question: 'Lift the cover and look down the channels.',
    findings: [
      { id: 'fine', label: 'Looks fine', sign: 'good', answer: 'Good.', drawn: DRAWINGS.eye },
      { id: 'threads', label: 'White threads', sign: 'good', answer: 'Fungi: what it is built for.', drawn: DRAWINGS.threads },
      { id: 'worms', label: 'Worms', sign: 'good', answer: 'They finish what the fungi began.', drawn: DRAWINGS.worm },
      {
        id: 'no-worms', label: 'No worms to be seen', sign: 'mind',
        answer: 'Too dry, too cold, or too warm for them. Squeeze each zone.', drawn: DRAWINGS.nothing,
      },
      {
        id: 'closed', label: 'A channel fell in', sign: 'mind', answer: 'Open it with a pipe and leave that in for two days.',
        drawn: DRAWINGS.bits,
      },
      { id: 'ants', label: 'Ants', sign: 'mind', answer: 'They like it dry: water it.', drawn: DRAWINGS.ant },
    ],
  },
  {
    id: SMELL, label: 'Smell', icon: 'i-ph-wind', question: 'Smell at a channel.',
    findings: [
      { id: 'earthy', label: 'Woodland', sign: 'good', answer: 'As it should be.', drawn: DRAWINGS.mushroom },
      { id: 'none', label: 'Hardly any', sign: 'good', answer: 'Nothing amiss.', drawn: DRAWINGS.nothing },
      {
        id: 'sour', label: 'Sour', sign: 'bad', answer: 'It lacks air: too green or too wet. Leave out watering, open the channels.',
        drawn: DRAWINGS.drop,
      },
      {
        id: 'ammonia', label: 'Sharp, ammonia', sign: 'bad',
        answer: 'Too much green went in: it will be hot, and bacteria instead of fungi.', drawn: DRAWINGS.sharp,
      },
    ],
  },
  ...ZONE_SENSES.slice(1),
]
