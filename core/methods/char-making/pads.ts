import { USUAL_CRUSHED } from './crushing'
import type { Deed, Pad, Quantity } from '../contract'
import type { BegunBatch, Did } from '../../journal/garden'
import { dayText, timeText } from '../../units/dates'
import { numberOf } from '../../questions/question'
import { quantityText, sieveText, sievesText } from '../../units/format'
import { ASH_BURNS, DUST } from './cautions'
import { coolingOf, endingOf, isColdNow } from './cooling'
import type { Ending } from './endings'
import { moreEmbers } from './evenings'
import { padsSaid } from './said'
import { SENSES } from './senses'
import { fireToLight, stepsOf } from './state'
import { BURN_STEPS, type BurnStep } from './steps'
import { wayOf } from './ways'
import { ASHED, CHECKED, COLD, CRUSHED, DONE, PICKED, QUENCHED, RINSE, SEALED, SNAPPED } from './words'

/** Whether the fire is behind it; what was bought never had one. */
const isThrough = (batch: BegunBatch) =>
  wayNow(batch).bought !== undefined
  || batch.did.some(({ deed }) => deed === DONE || deed === PICKED || deed === QUENCHED || deed === SEALED)
const wayNow = ({ began }: BegunBatch) => wayOf(began.approachId)

/** What a step that was just recorded is answered, with it on the log already. */
function answered({ answer }: BurnStep, batch: BegunBatch, ending: Ending | undefined, done: Did): string {
  if (typeof answer === 'string' || !ending) return typeof answer === 'string' ? answer : ''
  const cooling = coolingOf({ did: [...batch.did, done] }, ending)
  if (done.answers.found !== 'cold') return answer(ending, done.answers)
  return cooling.coldAt
    ? 'Cold at both looks: it may be opened, crushed and stored.'
    : cooling.next
      ? `Once more on ${dayText(cooling.next.due)}, from ${timeText(cooling.next.due)} on: it lights again after half a day.`
      : ''
}

function deedOfStep(step: BurnStep): Deed {
  const { id, label, icon, asks, cautions, gate, words } = step
  return {
    id, label, icon, asks, cautions, ...(gate ? { gate } : {}), how: '',
    said: (batch, answers, surroundings) => id === CHECKED
      ? padsSaid.checked(answers, fireToLight(batch, surroundings))
      : {
          said: words(answers, surroundings.units).replace(/^./, letter => letter.toLowerCase()),
          answer: answered(step, batch, endingOf(batch), { eventId: '', at: surroundings.now.toISOString(), deed: id, answers }),
        },
    words: (answers, { units }) => words(answers, units),
  }
}

const snapped: Deed = {
  id: SNAPPED,
  gate: COLD,
  label: 'Snap test',
  icon: 'i-ph-hand-tap',
  how: 'Cold pieces from several places: break, tap, draw a line, smell.',
  cautions: [],
  asks: [
    {
      id: 'snaps', kind: 'choice', label: 'It breaks',
      choices: [
        { id: 'yes', label: 'with a snap, rings when tapped' }, { id: 'no', label: 'bends, or is brown wood inside' },
      ],
      usual: 'yes',
    },
    {
      id: 'streak', kind: 'choice', label: 'It marks paper',
      choices: [
        { id: 'yes', label: 'black and dry' }, { id: 'greasy', label: 'brown or greasy' },
      ],
      usual: 'yes',
    },
    {
      id: 'tar', kind: 'choice', label: 'It smells',
      choices: [
        { id: 'no', label: 'of nothing' }, { id: 'yes', label: 'of tar' },
      ],
      usual: 'no',
    },
  ],
  said: (_, answers) => padsSaid.snapped(answers),
  words: answers => `Snap test: ${padsSaid.sound(answers) ? 'sound char' : 'some of it is not done'}.`,
}

const ashed: Deed = {
  id: ASHED,
  gate: COLD,
  label: 'Ash',
  icon: 'i-ph-scales',
  how: 'Shake the cold char in a basket outdoors; weigh what falls through. It is a lot of its own in the store: for sour soil only.',
  cautions: [ASH_BURNS, DUST],
  asks: [{ id: 'kg', kind: 'mass', label: 'Ash', usual: 0.5, most: 200 }],
  said: (_, answers, { units }) => ({
    said: `${quantityText('mass', units, numberOf(answers, 'kg') ?? 0, 1)} of ash shaken out.`,
    answer: 'Rinse what is left, and measure the rinse.',
  }),
  words: (answers, { units }) => `${quantityText('mass', units, numberOf(answers, 'kg') ?? 0, 1)} of ash shaken out.`,
}

const crushed: Deed = {
  id: CRUSHED,
  gate: COLD,
  label: 'Crushed',
  icon: 'i-ph-hammer',
  how: units =>
    `Damp, in a sack under a tamper or between boards. Most pieces ${sievesText(5, 15, units)}: fine acts sooner, `
    + 'coarse lasts and lets air in. Big lumps go into the heap.',
  cautions: [DUST],
  asks: [
    { id: 'beforeL', kind: 'volume', label: 'Before crushing', usual: 30, most: 5000 },
    { id: 'afterL', kind: 'volume', label: 'After crushing', usual: 20, most: 5000 },
    { id: 'coarsePct', kind: 'percent', label: units => `Stays on a ${sieveText(15, units)} sieve`, usual: 20 },
    { id: 'finePct', kind: 'percent', label: units => `Falls through ${sieveText(5, units)}`, usual: 30 },
    { id: 'mask', kind: 'choice', label: 'Damped, mask on', choices: [{ id: 'yes', label: 'yes' }, { id: 'no', label: 'no' }] },
  ],
  said: (_, answers, { units }) => padsSaid.crushed(answers, USUAL_CRUSHED, units),
  words: (answers, { units }) =>
    `Crushed: ${quantityText('volume', units, numberOf(answers, 'beforeL') ?? 0)} to `
    + `${quantityText('volume', units, numberOf(answers, 'afterL') ?? 0)}${answers.mask === 'no' ? ', without a mask' : ''}.`,
}

/** pH of the rinse water: 7 to 8 is as neutral as char gets. */
const rinse: Quantity = {
  id: RINSE, label: 'Rinse pH', icon: 'i-ph-eyedropper', unit: 'none', limits: [4, 14], button: 'Record the rinse',
  spots: [{ id: 'water', label: 'pH of the rinse water', said: 'rinse pH {}' }],
  expected: () => ({}),
  answer: (batch, _, { water }) => water === undefined ? '' : padsSaid.rinsed((batch.gauged[RINSE] ?? []).map(({ value }) => value), water),
}

/** What can be recorded of a burn, in the order in which it is done. */
export const PADS: readonly Pad[] = [
  ...BURN_STEPS.map((step): Pad => ({
    kind: 'deed', deed: deedOfStep(step),
    fits: batch => stepsOf(wayNow(batch), endingOf(batch)).includes(step.id) && !(isThrough(batch) && isColdNow(batch)),
  })),
  { kind: 'sense', sense: SENSES[0]!, fits: batch => wayNow(batch).burns && !isThrough(batch) },
  { kind: 'deed', deed: moreEmbers(), fits: batch => wayNow(batch).byEvenings === true && batch.ended === undefined && isThrough(batch) },
  { kind: 'deed', deed: snapped, fits: isThrough },
  { kind: 'deed', deed: ashed, fits: batch => !wayNow(batch).bought && isThrough(batch) },
  { kind: 'gauge', quantity: rinse, fits: isThrough },
  { kind: 'deed', deed: crushed, fits: isThrough },
]
