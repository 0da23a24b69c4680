import { DRAWINGS } from '../../picture/findings'
import type { Sense } from '../contract'
import { BELOW, CARD, TORN } from './words'

/** The card itself, where it lies flat. */
export const CARD_FLAT: Sense = {
  id: CARD, label: 'Feel the card', icon: 'i-ph-hand-tap', question: 'Draw the cover aside at a corner and feel the card.',
  findings: [
    { id: 'soft', label: 'Dark, soft, damp', sign: 'good', answer: 'It lies as it should.', drawn: DRAWINGS.drop },
    { id: 'threads', label: 'White threads in it', sign: 'good', answer: 'Fungi eat it: worms come after them.', drawn: DRAWINGS.threads },
    {
      id: 'stiff', label: 'Pale, stiff', sign: 'mind', answer: 'It has dried: rain runs off it. Wet it again, slowly.',
      drawn: DRAWINGS.fistDust,
    },
    {
      id: 'torn', label: 'Torn or blown off', sign: 'bad',
      answer: 'Light gets in: a new piece over the gap, a hand over each side, and the cover on it.',
    },
    { id: 'gone', label: 'Hardly any left', sign: 'good', answer: 'It has done its work. What is still green below wants another.' },
  ],
}

/** Torn card in its box. */
export const CARD_TORN: Sense = {
  ...CARD_FLAT, id: TORN, question: 'Lift a corner: what do you see?',
  findings: [
    {
      id: 'threads', label: 'White threads', sign: 'good', answer: 'It has taken. Move it on, or start the next with a handful of it.',
      drawn: DRAWINGS.threads,
    },
    {
      id: 'no-threads', label: 'Damp, no threads yet', sign: 'mind',
      answer: 'Patience: two to three weeks in warmth, longer in the cool.', drawn: DRAWINGS.drop,
    },
    { id: 'stiff', label: 'Pale, stiff', sign: 'mind', answer: 'Dry: wet it through, and a board on it.', drawn: DRAWINGS.fistDust },
    { id: 'sour', label: 'Wet, sour, grey', sign: 'bad', answer: 'No air: drain it, tear dry card in, turn it over.', drawn: DRAWINGS.egg },
  ],
}

/** What grew there, under a corner. */
export const UNDER_IT: Sense = {
  id: BELOW, label: 'Look under', icon: 'i-ph-plant', question: 'Lift a corner, look, and lay it back.',
  findings: [
    { id: 'green', label: 'Green', sign: 'mind', answer: 'It lives off its roots. Dark, and time.', drawn: DRAWINGS.leaf },
    {
      id: 'yellow', label: 'Yellow, long and limp', sign: 'good', answer: 'It is spending what it stored: about half way.',
      drawn: DRAWINGS.leafRagged,
    },
    { id: 'white', label: 'White, rotting', sign: 'good', answer: 'Nearly through.', drawn: DRAWINGS.mats },
    { id: 'dead', label: 'Crumb and worms', sign: 'good', answer: 'Through: plant it.', drawn: DRAWINGS.earth },
  ],
}

/** What comes up through it, and who lives under it. */
export const ABOVE_IT: Sense = {
  id: 'above', label: 'Look on top', icon: 'i-ph-eye', question: 'Walk round it: what do you see?',
  findings: [
    { id: 'quiet', label: 'Nothing grows', sign: 'good', answer: 'Good.', drawn: DRAWINGS.nothing },
    {
      id: 'edge', label: 'Grass from the edge', sign: 'mind', answer: 'A spade along the edge, card pushed down into the cut.',
      drawn: DRAWINGS.roots,
    },
    {
      id: 'through', label: 'Something comes through', sign: 'mind', answer: 'Pull it, root and all, a new piece over the hole.',
      drawn: DRAWINGS.roots,
    },
    {
      id: 'slugs', label: 'Slugs, eaten plants', sign: 'mind',
      answer: 'They hide under damp card: keep it a hand from what they eat, gather them at dusk.', drawn: DRAWINGS.slime,
    },
    { id: 'bare', label: 'The card shows', sign: 'mind', answer: 'Cover it again: bare card dries and flies.' },
  ],
}
