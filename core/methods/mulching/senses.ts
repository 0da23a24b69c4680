import { DRAWINGS } from '../../picture/findings'
import type { Sense } from '../contract'
import { PLANTS, SOIL, UNDER } from './words'

/** What a mulch is asked by hand and eye. */
export const SENSES: readonly Sense[] = [
  {
    id: UNDER, label: 'Look under', icon: 'i-ph-eye', question: 'Lift a handful in three places: what is there?',
    findings: [
      {
        id: 'worms', label: 'Worms, threads, crumbs', sign: 'good', answer: 'It is being taken in: exactly what you want.',
        drawn: DRAWINGS.worm,
      },
      {
        id: 'nothing', label: 'Nothing yet', sign: 'good', answer: 'It covers; the rest comes with time and damp.',
        drawn: DRAWINGS.nothing,
      },
      {
        id: 'slugs', label: 'Slugs, their eggs', sign: 'mind',
        answer: 'Draw it back from what they eat until it is dry and warm; gather them at dusk under a board.', drawn: DRAWINGS.slime,
      },
      {
        id: 'mat', label: 'A wet, sour mat', sign: 'bad',
        answer: 'Too thick or too green: break it up, something dry under it, thinner next time.', drawn: DRAWINGS.egg,
      },
      { id: 'runs', label: 'Runs and holes of mice', sign: 'mind', answer: 'Draw it well back from bark; less of it before winter.' },
      { id: 'weeds', label: 'Weeds come through', sign: 'mind', answer: 'Pull them now, while they are pale, and top it up.' },
    ],
  },
  {
    id: SOIL, label: 'The soil', icon: 'i-ph-hand-grabbing', question: 'Push a finger into the soil under it, and beside it.',
    findings: [
      { id: 'moister', label: 'Moister than beside it', sign: 'good', answer: 'It does what it should.', drawn: DRAWINGS.fistDrop },
      { id: 'same', label: 'As beside it', sign: 'good', answer: 'Not thick enough to tell, or it has just rained.', drawn: DRAWINGS.fist },
      {
        id: 'dry', label: 'Dust dry', sign: 'bad', answer: 'It keeps the rain out: draw it aside, water through, and put it back.',
        drawn: DRAWINGS.fistDust,
      },
    ],
  },
  {
    id: PLANTS, label: 'The plants', icon: 'i-ph-plant', question: 'How do they look that grow in it?',
    findings: [
      { id: 'well', label: 'Well', sign: 'good', answer: 'Good.' },
      {
        id: 'yellow', label: 'Pale, yellow from below', sign: 'mind',
        answer: 'It may want nitrogen: feed under the mulch, and see whether they green in two weeks.',
      },
      {
        id: 'crippled', label: 'Curled, cupped, fern-like', sign: 'bad',
        answer: 'That is how weedkiller looks: rake it off, keep it apart, sow nothing touchy there this year.',
      },
      { id: 'rot', label: 'Soft at the base', sign: 'bad', answer: 'Too close: draw it a hand from every stem, today.' },
    ],
  },
]
