import { DRAWINGS } from '../../picture/findings'
import { METER_SAYS, type Sense } from '../contract'
import { WARMTH } from '../heated/warmth'

/** What a hot heap is asked by hand, nose and eye, and what each answer means. */
export const SENSES: readonly Sense[] = [
  {
    id: WARMTH,
    label: 'Warmth by hand',
    icon: 'i-ph-hand-palm',
    question:
      'No thermometer? Leave an iron bar a forearm deep for ten minutes, draw it out and feel its end. It may burn: touch it briefly.',
    findings: [
      {
        id: 'cool', label: 'No warmer than the air', sign: 'mind',
        answer: 'In the first days it may still come. Later it has finished heating, or something is wrong.', drawn: DRAWINGS.nothing,
      },
      { id: 'warm', label: 'Warm like bath water', sign: 'good', answer: 'It is working.', drawn: DRAWINGS.fist },
      { id: 'hot', label: 'Too hot to hold', sign: 'good', answer: 'Properly hot.', drawn: DRAWINGS.steam },
    ],
  },
  {
    id: 'squeeze', label: 'Squeeze', icon: 'i-ph-hand-grabbing',
    question: `Take a handful from a forearm deep and squeeze it hard. ${METER_SAYS}`,
    findings: [
      {
        id: 'dust', label: 'Falls apart', sign: 'bad', answer: 'Too dry to work. Water it while turning, a can for every layer.',
        drawn: DRAWINGS.fistDust,
      },
      { id: 'dry', label: 'Damp, no drop', sign: 'mind', answer: 'On the dry side. Water it at the next turn.', drawn: DRAWINGS.fist },
      { id: 'right', label: 'One or two drops', sign: 'good', answer: 'Just right: a wrung-out sponge.', drawn: DRAWINGS.fistDrop },
      {
        id: 'wet', label: 'Trickles', sign: 'mind',
        answer: 'On the wet side. Cover it from rain and mix in dry browns at the next turn.', drawn: DRAWINGS.fistDrops,
      },
      {
        id: 'dripping', label: 'Runs out', sign: 'bad', answer: 'Too wet for air. Turn it now and mix in coarse, dry browns.',
        drawn: DRAWINGS.fistRuns,
      },
    ],
  },
  {
    id: 'smell', label: 'Smell', icon: 'i-ph-wind', question: 'Open the top a little and smell.',
    findings: [
      { id: 'earthy', label: 'Woodland', sign: 'good', answer: 'As it should be.', drawn: DRAWINGS.mushroom },
      { id: 'none', label: 'Hardly any', sign: 'good', answer: 'Nothing amiss.', drawn: DRAWINGS.nothing },
      {
        id: 'ammonia', label: 'Sharp, ammonia', sign: 'bad', answer: 'Nitrogen is leaving as gas. Mix in browns, and no lime.',
        drawn: DRAWINGS.sharp,
      },
      { id: 'sour', label: 'Sour', sign: 'bad', answer: 'It lacks air. Turn it with coarse browns.', drawn: DRAWINGS.drop },
      {
        id: 'eggs', label: 'Rotten eggs', sign: 'bad',
        answer: 'Airless and wet. Turn it with coarse browns; mind the fumes, keep your face away.', drawn: DRAWINGS.egg,
      },
      {
        id: 'scorched', label: 'Scorched, smoky', sign: 'bad', answer: 'Spread it out and wet it. If it burns, call the fire service.',
        drawn: DRAWINGS.flame,
      },
    ],
  },
  {
    id: 'look', label: 'Look', icon: 'i-ph-eye', question: 'What catches the eye?',
    findings: [
      { id: 'fine', label: 'Looks fine', sign: 'good', answer: 'Good.', drawn: DRAWINGS.eye },
      { id: 'steam', label: 'Steam', sign: 'good', answer: 'A good sign: it is working.', drawn: DRAWINGS.steam },
      { id: 'threads', label: 'White threads', sign: 'good', answer: 'Fungi at work: a good sign.', drawn: DRAWINGS.threads },
      { id: 'ashy', label: 'White and ashy', sign: 'bad', answer: 'Dry and hot inside. Water it while turning.', drawn: DRAWINGS.ashy },
      {
        id: 'mats', label: 'Slimy mats', sign: 'bad', answer: 'Grass or leaves lie unmixed. Break the mats up with a fork.',
        drawn: DRAWINGS.mats,
      },
      { id: 'flies', label: 'Flies', sign: 'mind', answer: 'Food lies open. Cover it with a hand of browns.', drawn: DRAWINGS.fly },
      { id: 'ants', label: 'Ants', sign: 'mind', answer: 'They like it dry. Water it.', drawn: DRAWINGS.ant },
      {
        id: 'rats', label: 'Gnawing, rats', sign: 'bad',
        answer: 'Take out cooked food and bread, turn it, put mesh below. Follow your local rules.', drawn: DRAWINGS.rat,
      },
      { id: 'worms', label: 'Worms arriving', sign: 'good', answer: 'A good sign: it has cooled and is ripening.', drawn: DRAWINGS.worm },
    ],
  },
]
