import type { BegunBatch } from '../../journal/garden'
import type { Deed, Pad } from '../contract'
import { CLEAN, SOIL } from './care'
import { ABOVE_IT, CARD_FLAT, CARD_TORN, UNDER_IT } from './senses'
import { sheetWayOf } from './ways'
import { COVERED, MENDED, PLANTED, WATERED } from './words'

const lies = ({ began }: BegunBatch) => sheetWayOf(began.approachId).laid
const isTorn = (batch: BegunBatch) => !lies(batch)

const mended: Deed = {
  id: MENDED,
  label: 'Mended',
  icon: 'i-ph-bandaids',
  asks: [],
  cautions: [CLEAN],
  how: 'A soaked piece over the gap, a hand over each side, the cover back on it.',
  said: () => ({ said: 'mended with a new piece.', answer: 'Dark again.' }), words: () => 'Mended with a new piece.',
}

const planted: Deed = {
  id: PLANTED,
  label: 'Planted',
  icon: 'i-ph-plant',
  cautions: [SOIL],
  how: 'Cover aside, a cross cut through the card, a fork of compost in the hole, the flaps back round the stem.',
  asks: [{ id: 'what', kind: 'text', label: 'What was planted', hint: 'pumpkins' }],
  said: (_, { what }) => ({
    said: `planted${typeof what === 'string' && what ? ` with ${what}` : ''}.`,
    answer: 'Slugs love the first weeks: look under the card at dusk.',
  }),
  words: ({ what }) => `Planted${typeof what === 'string' && what ? ` with ${what}` : ''}.`,
}

/** What can be recorded of a sheet, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  { kind: 'sense', sense: CARD_FLAT, fits: lies },
  { kind: 'sense', sense: CARD_TORN, fits: isTorn },
  { kind: 'sense', sense: UNDER_IT, fits: lies },
  {
    kind: 'put',
    put: { id: WATERED, label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered' },
  },
  {
    kind: 'put',
    put: {
      id: COVERED, label: 'Cover', icon: 'i-ph-stack', what: 'stuff', role: 'cover',
      families: ['finished', 'wood', 'leaf', 'straw', 'grass', 'plant'], button: 'Covered', said: 'Covered with',
    },
    fits: lies,
  },
  { kind: 'deed', deed: mended, fits: lies },
  { kind: 'deed', deed: planted, fits: lies },
  { kind: 'sense', sense: ABOVE_IT, fits: lies },
]
