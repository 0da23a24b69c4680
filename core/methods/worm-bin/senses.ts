import { DRAWINGS } from '../../picture/findings'
import { METER_SAYS, type Sense } from '../contract'
import { LEFT, MOOD, SMELL, SQUEEZE } from './words'

/** What worms are asked once a week. */
export const SENSES: readonly Sense[] = [
  {
    id: LEFT,
    label: 'What was left',
    icon: 'i-ph-chart-pie-slice',
    question: 'Lift the cover where you fed last: how much of it is still there?',
    findings: [
      { id: 'nothing', label: 'Nothing', sign: 'good', answer: 'They could take a little more.', drawn: DRAWINGS.still },
      { id: 'little', label: 'A little', sign: 'good', answer: 'Just the pace: feed again.', drawn: DRAWINGS.bits },
      { id: 'half', label: 'About half', sign: 'mind', answer: 'Wait a few days, and feed less.', drawn: DRAWINGS.egg },
      {
        id: 'most', label: 'Most of it', sign: 'bad', answer: 'Stop feeding until it is nearly gone: what lies there sours and heats.',
        drawn: DRAWINGS.dung,
      },
    ],
  },
  {
    id: MOOD, label: 'The worms', icon: 'i-ph-waves', question: 'What are the worms doing?',
    findings: [
      { id: 'lively', label: 'Lively, all through', sign: 'good', answer: 'All is well.', drawn: DRAWINGS.worm },
      { id: 'young', label: 'Small ones, cocoons', sign: 'good', answer: 'They multiply.', drawn: DRAWINGS.bubbles },
      {
        id: 'climbing', label: 'Climb the walls', sign: 'mind',
        answer: 'Too wet, sour, or new: bedding in, lid ajar under a lamp for a night.', drawn: DRAWINGS.roots,
      },
      {
        id: 'ball', label: 'In a ball below', sign: 'bad',
        answer: 'Too hot or too dry: into the shade, take out what is uneaten, moisten.', drawn: DRAWINGS.slime,
      },
      {
        id: 'few', label: 'Few, thin', sign: 'mind', answer: 'Hungry, dry or cold. Look at what is left and squeeze a handful.',
        drawn: DRAWINGS.nothing,
      },
    ],
  },
  {
    id: SMELL, label: 'Smell', icon: 'i-ph-wind', question: 'Open it and smell.',
    findings: [
      { id: 'earthy', label: 'Woodland', sign: 'good', answer: 'As it should be.', drawn: DRAWINGS.mushroom },
      {
        id: 'sour', label: 'Sour, foul', sign: 'bad',
        answer: 'Too much feed, too wet: stop feeding, take the worst out, mix in dry bedding and crushed eggshell.',
        drawn: DRAWINGS.drop,
      },
      { id: 'ammonia', label: 'Sharp', sign: 'bad', answer: 'Too rich: dry bedding in, no more grass or manure.', drawn: DRAWINGS.sharp },
    ],
  },
  {
    id: SQUEEZE, label: 'Squeeze', icon: 'i-ph-hand-grabbing', question: `Squeeze a handful of bedding. ${METER_SAYS}`,
    findings: [
      {
        id: 'dust', label: 'Falls apart', sign: 'bad', answer: 'Worms breathe through a wet skin: moisten it now, a cup at a time.',
        drawn: DRAWINGS.fistDust,
      },
      { id: 'dry', label: 'Damp, no drop', sign: 'mind', answer: 'A little drier than they like: a cup of water.', drawn: DRAWINGS.fist },
      { id: 'right', label: 'One or two drops', sign: 'good', answer: 'Just right.', drawn: DRAWINGS.fistDrop },
      {
        id: 'wet', label: 'Runs out', sign: 'mind', answer: 'Too wet: dry bedding in, drain open, no melon for a while.',
        drawn: DRAWINGS.fistRuns,
      },
    ],
  },
]
