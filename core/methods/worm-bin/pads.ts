import type { Answers } from '../../questions/answers'
import { numberOf, type Question } from '../../questions/question'
import { containerText } from '../../units/container'
import { quantityText, sievesText } from '../../units/format'
import { smallMassText } from '../../units/small'
import type { Cover, FeedOffer, Pad, Quantity } from '../contract'
import { wormApproach } from './approaches'
import { cautionsOf, DRIPS, TAKE_CAUTIONS } from './cautions'
import { beddingAtHand, BEDDINGS, coverFor, LAID, dietOf, inHand, usualFeed } from './diet'
import { shelterOf, SHELTERS } from './kinds'
import { binOn } from './now'
import { pocketsInTurn, pocketsOf } from './pockets'
import { massOf } from './question'
import { SENSES } from './senses'
import { CLEARED, DRUM, END, FED, GRAMS, LEFT_END, LURED, SHARE, SHELTERED, SPLIT, WARMTH, WHERE, WORMS_IN } from './words'

const FEEDS = ['kitchen', 'plant', 'grass', 'manure', 'feed', 'finished'] as const

const feed: FeedOffer = {
  id: FED, label: 'Fed', icon: 'i-ph-bowl-food', button: 'Fed them', said: 'Fed', families: FEEDS, coverFamilies: BEDDINGS,
  usual: usualFeed,
  coverFor: (batch, around, fed): Cover => {
    const { materials, spares = [] } = around
    const bedding = beddingAtHand(batch, spares, materials)
    const litres = coverFor(fed)
    if (!bedding || litres <= 0) return { words: '' }
    const ingredient = inHand(bedding, litres, around)
    return {
      ingredient,
      words: `As much bedding as feed: ${containerText(ingredient.amount.count, ingredient.amount.container)} of ${bedding.short}, torn `
        + 'and moist. Bury the feed, then cover: no flies, no smell.',
    }
  },
  pockets: (batch) => {
    // Those of the end they are drawn to come first; whoever feeds another says so.
    const inTurn = pocketsInTurn(batch)
    const others = pocketsOf(batch.began.site).filter(({ id }) => !inTurn.some(one => one.id === id))
    return [...inTurn, ...others].map(({ id, label }) => ({ id, label }))
  },
  answer: (batch, surroundings, fed, cover) => {
    const [bin, diet] = [binOn(batch, surroundings), dietOf(batch, surroundings)]
    const { dryKg, waterKg } = massOf(fed)
    if (!bin || !diet || bin.appetiteKg < 0.005) return 'At this warmth they hardly eat: little at a time.'
    const days = (bin.backlogKg + dryKg + waterKg) / bin.appetiteKg
    const much = days > 10 ? ` That is much: ${DRIPS_LATER}` : ''
    return `With what still lies there they have feed for about ${Math.max(1, Math.round(days))} `
      + `${Math.round(days) <= 1 ? 'day' : 'days'}.${much}${cover ? '' : ' Cover it: uncovered it draws flies.'}`
  },
  cautions: cautionsOf,
}
const DRIPS_LATER = 'what they do not eat within a week sours.'

const heat: Quantity = {
  id: WARMTH,
  label: 'Warmth',
  icon: 'i-ph-thermometer',
  unit: 'temperature',
  limits: [-20, 70],
  button: 'Record the warmth',
  byThermometer: true,
  spots: [{ id: 'middle', label: 'In the bedding, a hand deep', said: '{} in the bedding' }],
  expected: (batch, surroundings) => {
    const bin = binOn(batch, surroundings)
    return bin ? { middle: bin.binC } : {}
  },
}

const endText = (answers: Answers) => answers[END] === LEFT_END ? 'left' : 'right'
const grams: Question = { id: GRAMS, kind: 'smallMass', label: 'Worms', usual: 500, most: 50_000 }

/** What can be recorded of worms, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  { kind: 'feed', feed },
  ...SENSES.map((sense): Pad => ({ kind: 'sense', sense })),
  {
    kind: 'put',
    put: {
      id: 'bedding', label: 'Bedding', icon: 'i-ph-scroll', what: 'stuff', role: 'bedding', families: [...LAID, 'mineral', 'wood'],
      button: 'Put in', said: 'Bedding:',
    },
  },
  {
    kind: 'put',
    put: { id: 'watered', label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered' },
  },
  { kind: 'gauge', quantity: heat },
  { kind: 'deed', deed: {
    id: WORMS_IN,
    label: 'Worms in',
    icon: 'i-ph-plus-circle',
    asks: [grams],
    cautions: ['Surface worms only, bought or begged; never let kinds from elsewhere loose in nature: ask your local rules.'],
    how: 'Lay them on the moist bedding in the light: they go down by themselves. What has not gone down by evening was dead.',
    said: (_, answers, { units }) => ({
      said: `${smallMassText(units, numberOf(answers, GRAMS) ?? 0)} of worms in.`,
      answer: 'Feed them little for the first two weeks: they have to settle.',
    }),
    words: (answers, { units }) => `Worms in: ${quantityText('mass', units, (numberOf(answers, GRAMS) ?? 0) / 1000, 1)}.`,
  } },
  { kind: 'deed', deed: {
    id: SHELTERED,
    label: 'Moved, sheltered',
    icon: 'i-ph-house-line',
    cautions: ['Two people for a full box: it is heavier than it looks.'],
    asks: [{
      id: WHERE,
      kind: 'choice',
      label: 'Where it stands now',
      choices: SHELTERS.map(({ id, name }) => ({ id, label: name })),
      usual: 'cellar',
    }],
    how: 'Out of heat or frost, or wrapped where it stands.',
    said: (_, answers) => ({
      said: `${shelterOf(answers[WHERE]).name.toLowerCase()} now.`, answer: 'Its warmth is reckoned from there.',
    }),
    words: answers => `Stands now: ${shelterOf(answers[WHERE]).name.toLowerCase()}.`,
  } },
  { kind: 'deed', fits: ({ began }) => wormApproach(began.approachId).id !== 'tower', deed: {
    id: LURED, label: 'Fed one end', icon: 'i-ph-arrow-line-right', cautions: [],
    asks: [{
      id: END, kind: 'choice', label: 'Which end', usual: 'right-end',
      choices: [{ id: LEFT_END, label: 'left' }, { id: 'right-end', label: 'right' }],
    }],
    how: 'From now on all feed goes to one end. In two to four weeks most worms are there, and the other end can be taken.',
    said: (_, answers) => ({
      said: `fed at the ${endText(answers)} end from now on.`, answer: 'Take the other end in two to four weeks.',
    }),
    words: answers => `Feeding the ${endText(answers)} end only, to draw them over.`,
  } },
  { kind: 'deed', fits: ({ began }) => wormApproach(began.approachId).id !== 'tower', deed: {
    id: SPLIT,
    label: 'Split',
    icon: 'i-ph-arrows-split',
    cautions: TAKE_CAUTIONS,
    asks: [{ id: SHARE, kind: 'percent', label: 'Into another bin', usual: 50 }],
    how: 'So much of worms, bedding and castings into a second box or to somebody else.',
    said: (_, answers) => ({
      said: `${numberOf(answers, SHARE) ?? 50} % went into another bin.`, answer: 'Begin the other as a bin of its own on the bench.',
    }),
    words: answers => `Split: ${numberOf(answers, SHARE) ?? 50} % into another bin.`,
  } },
  { kind: 'deed', fits: ({ began }) => wormApproach(began.approachId).id !== 'tower', deed: {
    id: DRUM, label: 'Drum or light', icon: 'i-ph-arrows-clockwise', cautions: TAKE_CAUTIONS,
    asks: [
      {
        id: 'way', kind: 'choice', label: 'How',
        choices: [
          { id: 'light', label: 'light and cones', hint: 'worms flee downwards' },
          { id: 'drum', label: 'drum', hint: 'castings, small ones, big ones' }, { id: 'flat', label: 'flat sieve' },
        ],
        usual: 'light',
      },
      { id: 'castingsL', kind: 'volume', label: 'Castings', usual: 10, most: 1000 },
      { id: 'smallL', kind: 'volume', label: 'Cocoons and small ones', usual: 2, most: 1000 },
      { id: GRAMS, kind: 'smallMass', label: 'Big ones', usual: 500, most: 50_000 },
    ],
    how: units => 'Three fractions: castings are taken out as a harvest, cocoons with small ones and the big ones go back. A sieve of '
      + `${sievesText(3, 6, units)}.`,
    said: (_, answers, { units }) => ({
      said: `sorted, ${smallMassText(units, numberOf(answers, GRAMS) ?? 0)} of big ones back.`,
      answer: 'Record the castings under “Take some out”: then they lie in the store.',
    }),
    words: (answers, { units }) =>
      `Sorted by ${answers.way === 'drum' ? 'drum' : answers.way === 'flat' ? 'sieve' : 'light'}: `
      + `${quantityText('volume', units, numberOf(answers, 'castingsL') ?? 0)} of castings, `
      + `${quantityText('volume', units, numberOf(answers, 'smallL') ?? 0)} of small ones and cocoons, `
      + `${smallMassText(units, numberOf(answers, GRAMS) ?? 0)} of big ones.`,
  } },
  { kind: 'deed', deed: {
    id: CLEARED, label: 'Took feed out', icon: 'i-ph-broom', asks: [], cautions: [DRIPS],
    how: 'What lies uneaten and foul is taken out, into a heap; dry bedding goes in its place.',
    said: () => ({ said: 'uneaten feed taken out.', answer: 'No feed for a week; then half of what was fed before.' }),
    words: () => 'Uneaten feed taken out.',
  } },
]
