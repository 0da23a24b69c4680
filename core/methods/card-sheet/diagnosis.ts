import type { BegunBatch } from '../../journal/garden'
import { given, type PossibleCause } from '../../diagnosis/judge'
import { percentText, quantityText } from '../../units/format'
import type { Diagnosis, Remedy, Surroundings, Symptom } from '../contract'
import { diagnosisBy, justDo, type Noticing } from '../course'
import { sheetOf, type Sheet } from './state'
import { BELOW, CARD, GROWN, MENDED, TORN } from './words'
import { looking } from './looking'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'blown', label: 'Blown off, torn', group: 'The card' },
  { id: 'stiff', label: 'Pale and stiff', group: 'The card' },
  { id: 'still-green', label: 'Still green below', group: 'Below it' },
  { id: 'through', label: 'Comes through it', group: 'On it' },
  { id: 'edge', label: 'Creeps in from the edge', group: 'On it' },
  { id: 'slugs', label: 'Slugs', group: 'On it' },
  { id: 'sour', label: 'Wet, grey, sour', group: 'The card' },
  { id: 'no-threads', label: 'No threads', group: 'The card' },
  { id: 'hungry', label: 'Plants pale', group: 'On it' },
  { id: 'threads', label: 'White threads', group: 'The card', good: 'Fungi eat the card: exactly what you want.' },
  { id: 'worms', label: 'Worms under it', group: 'Below it', good: 'They work it in: leave them to it.' },
  { id: 'fading', label: 'The card is going', group: 'The card', good: 'It should: by the time it is gone, what grew there is too.' },
]

interface Facts {
  readonly sheet: Sheet
  readonly surroundings: Surroundings
  readonly creeping: boolean
  readonly mended: boolean
  readonly symptoms: readonly string[]
}

const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'dry-card', title: 'The card has dried', symptoms: { 'stiff': 0.95, 'blown': 0.4, 'still-green': 0.1, 'no-threads': 0.5 },
    weigh: ({ sheet: { rainMm, warm }, surroundings: { units } }) => [
      ...given(rainMm < 12 && warm, 0.7, `Only ${quantityText('rain', units, rainMm)} of rain in two weeks, and it was warm.`),
      ...given(rainMm > 30, -0.7, `${quantityText('rain', units, rainMm)} of rain in two weeks.`),
    ],
    remedy: ({ sheet: { plan }, surroundings: { units } }) => {
      const litres = plan.way.laid ? plan.areaM2 * 8 : plan.water.cardL / 2
      return justDo(
        `${quantityText('volume', units, litres)} over it, slowly, in two goes: dry card sheds the first. Then more cover, so that it `
        + 'stays damp.',
        [], Math.round(litres),
      )
    },
  },
  {
    id: 'light-cover', title: 'Too little lay on it', symptoms: { blown: 0.8, stiff: 0.3 },
    weigh: ({ sheet: { coverM, plan } }) => [
      ...given(plan.coverM > 0 && coverM < 0.03, 0.7, 'Hardly a finger of cover should be left.'),
      ...given(coverM > 0.06, -0.6, 'It should be covered deep enough.'),
    ],
    remedy: ({ sheet: { plan }, surroundings: { units } }) =>
      justDo(
        `A new soaked piece over the gap, then ${plan.cover.material.short} on all of it, `
        + `${quantityText('length', units, plan.coverM || 0.06)} `
        + 'deep; stones or boards until it has settled.',
        [MENDED],
      ),
  },
  {
    id: 'time', title: 'It has not had its time', symptoms: { 'still-green': 0.7, 'no-threads': 0.6 },
    weigh: ({ sheet: { spent } }) => [
      ...given(spent < 0.7, 0.9, `By the warmth it had, only about ${percentText(spent)} should be spent.`),
      ...given(spent > 1.3, -1, 'By the warmth it had, it should long be through.'),
    ],
    remedy: () => justDo('Leave it dark and damp. A winter hardly counts: roots rest in the cold.'),
  },
  {
    id: 'light', title: 'Light gets in', symptoms: { 'still-green': 0.4, 'through': 0.7 },
    weigh: ({ sheet: { plan, card }, surroundings: { units } }) => [
      ...given(plan.overlapM < 0.1, 0.6, `It overlaps by ${quantityText('length', units, plan.overlapM)} only.`),
      ...given(card === 'torn', 0.8, 'It was torn when it was last felt.'),
      ...given(plan.overlapM >= 0.14, -0.2, 'It overlaps by a hand and more.'),
    ],
    remedy: () => justDo('Find the gap, pull what grows in it, a new soaked piece over it with a hand on each side.', [MENDED]),
  },
  {
    id: 'creeping', title: 'Creeping roots', symptoms: { through: 0.6, edge: 0.4 },
    weigh: ({ creeping }) => [
      ...given(creeping, 0.9, 'That is what grew there: it has stores for two seasons.'),
      ...given(!creeping, -0.3, 'None was named when it was laid; look at what comes.'),
    ],
    remedy: () =>
      justDo(
        'Pull each shoot as soon as it shows: it is the store that must run dry. Double card where they come, two seasons, and a barrier '
        + 'at the edge.',
        [MENDED],
      ),
    caution: 'Some creeping plants must not be moved or thrown away: look at your local rules for invasive plants.',
  },
  {
    id: 'edge-open', title: 'The edge is open', symptoms: { edge: 0.9, through: 0.2 },
    weigh: ({ sheet: { nowDay } }) => given(nowDay > 30, 0.2, 'Grass finds the way in within weeks.'),
    remedy: () => justDo('Cut along it with a spade, a hand deep, twice a year; push card down into the cut.'),
  },
  {
    id: 'shelter', title: 'It shelters slugs', symptoms: { slugs: 0.9 },
    weigh: ({ sheet: { rainMm, phase }, surroundings: { units } }) => [
      ...given(rainMm > 25, 0.4, `${quantityText('rain', units, rainMm)} of rain in two weeks.`),
      ...given(phase === 'planted', 0.4, 'Young plants stand in it.'),
    ],
    remedy: () =>
      justDo(
        'Card a hand away from each plant, bare soil round it; lift the edge at dusk and gather them. In a wet spring plant tough ones '
        + 'only.',
      ),
  },
  {
    id: 'airless', title: 'Too wet, no air', symptoms: { 'sour': 0.95, 'no-threads': 0.3 },
    weigh: ({ sheet: { rainMm, plan } }) => [
      ...given(rainMm > 50, 0.4, 'Much rain.'),
      ...given(!plan.way.laid, 0.3, 'It is shut in a box.'),
    ],
    remedy: () => justDo('Drain it, turn it over, tear dry card in. On the ground: lift it at a few places and let it dry for a day.'),
  },
  {
    id: 'robs', title: 'Card takes nitrogen', symptoms: { hungry: 0.7 },
    weigh: ({ sheet: { plan, nowDay } }) => [
      ...given(plan.cover.id !== 'compost', 0.5, `The cover of ${plan.cover.material.short} brings little nitrogen.`),
      ...given(plan.cover.id === 'compost', -0.4, 'There is compost on it: that usually feeds enough.'),
      ...given(nowDay > 400, -0.4, 'The card should be gone by now.'),
    ],
    remedy: () => justDo('A liquid feed or a handful of horn meal at each plant; next time compost into the planting hole.'),
  },
]
const NOTICED: Noticing = {
  [CARD]: { torn: 'blown', stiff: 'stiff' }, [TORN]: { 'stiff': 'stiff', 'sour': 'sour', 'no-threads': 'no-threads' },
  above: { edge: 'edge', through: 'through', slugs: 'slugs', bare: 'blown' },
}

function noticedBesides(batch: BegunBatch, surroundings: Surroundings): string[] {
  const seen = looking.now(batch, BELOW, surroundings.now)
  return sheetOf(batch, surroundings).spent > 0.9 && seen?.finding === 'green' ? ['still-green'] : []
}

const factsOf = (batch: BegunBatch, surroundings: Surroundings, symptoms: readonly string[]): Facts => ({
  symptoms, surroundings, sheet: sheetOf(batch, surroundings), creeping: batch.began.answers[GROWN] === 'creeping',
  mended: batch.did.some(({ deed }) => deed === MENDED),
})

/** What may be wrong with a sheet. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({
  symptoms: SYMPTOMS, looking, noticing: NOTICED, noticedBesides, factsOf, causes: CAUSES,
})
