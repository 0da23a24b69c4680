import { DRAWINGS } from '../../picture/findings'
import type { Sense } from '../contract'
import { BUBBLES, LIQUOR, SINKS, SMELL } from './words'

/** What tells how far char is charged, without any instrument. */
export const SENSES: readonly Sense[] = [
  {
    id: SINKS, label: 'Sinks?', icon: 'i-ph-anchor', question: 'Stir, wait a minute, look: how much of it still floats?',
    findings: [
      { id: 'floats', label: 'Most of it floats', sign: 'mind', answer: 'Raw char keeps water out. It takes its time.' },
      { id: 'half', label: 'About half', sign: 'mind', answer: 'On its way.' },
      { id: 'sunk', label: 'Nearly all has sunk', sign: 'good', answer: 'Its pores are full: nearly there, or there.' },
    ],
  },
  {
    id: BUBBLES, label: 'Bubbles', icon: 'i-ph-dots-nine', question: 'Press a piece under water: does air come out of it?',
    findings: [
      { id: 'many', label: 'Strings of bubbles', sign: 'mind', answer: 'There is air in it still.', drawn: DRAWINGS.bubbles },
      {
        id: 'few', label: 'Now and then one', sign: 'mind',
        answer: 'Nearly full. With the air pump just off it fizzes for a while: wait an hour.',
      },
      { id: 'none', label: 'None', sign: 'good', answer: 'Full.', drawn: DRAWINGS.still },
    ],
  },
  {
    id: SMELL, label: 'Smell', icon: 'i-ph-wind', question: 'Smell a handful, not the tub.',
    findings: [
      { id: 'earthy', label: 'Earth', sign: 'good', answer: 'As it should be.', drawn: DRAWINGS.mushroom },
      { id: 'raw', label: 'Nothing, or smoke', sign: 'mind', answer: 'Raw so far.' },
      {
        id: 'foul', label: 'Rot, sewage', sign: 'bad',
        answer: 'Foul: pour the liquor on the heap, rinse the char, begin again with more air.', drawn: DRAWINGS.egg,
      },
    ],
  },
  {
    id: LIQUOR, label: 'Its colour', icon: 'i-ph-drop-half', question: 'A glass of the water against the light.',
    findings: [
      { id: 'dark', label: 'As dark as at the start', sign: 'mind', answer: 'The feed is still in the water.' },
      { id: 'paler', label: 'Paler', sign: 'good', answer: 'The char takes it up.' },
      { id: 'clear', label: 'Nearly clear', sign: 'good', answer: 'It has taken up what there was.' },
    ],
  },
]
