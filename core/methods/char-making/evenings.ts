import type { BegunBatch, Did } from '../../journal/garden'
import { numberOf } from '../../questions/question'
import { quantityText } from '../../units/format'
import { counted } from '../../units/plural'
import type { Deed, Fact, Surroundings } from '../contract'
import { DUST, MONOXIDE, REIGNITES, STEAM } from './cautions'
import { USUAL_CRUSHED } from './crushing'
import { CAME, MORE, SIFTED } from './words'

/** Whether an evening's embers glowed when they came in: then all of it is as hot as on its first evening. */
export const glowed = ({ deed, answers }: Pick<Did, 'deed' | 'answers'>) => deed === MORE && answers[CAME] !== SIFTED

const lumpsOf = ({ did }: Pick<BegunBatch, 'did'>) =>
  did.filter(({ deed }) => deed === MORE).map(({ answers }) => numberOf(answers, 'litres') ?? 0)

/** Litres of crushed char that the evenings after the first should give. */
export function laterL(batch: Pick<BegunBatch, 'did'>): number {
  return lumpsOf(batch).reduce((sum, litres) => sum + litres, 0) * USUAL_CRUSHED.typical
}

/** How many evenings it took so far, where it was more than one. */
export function eveningsFact(batch: Pick<BegunBatch, 'did'>, { units }: Pick<Surroundings, 'units'>): Fact[] {
  const lumps = lumpsOf(batch)
  return lumps.length === 0
    ? []
    : [{
        label: 'Evenings', value: counted(lumps.length + 1, 'evening', 'evenings'),
        why: `${quantityText('volume', units, lumps.reduce((sum, one) => sum + one, 0), 1)} of lumps after the first`,
      }]
}

/** Another evening's embers, glowing or sifted out of cold ash, into the pail that stands. */
export const moreEmbers = (): Deed => ({
  id: MORE, label: 'Another evening', icon: 'i-ph-plus-circle', cautions: [MONOXIDE, STEAM, REIGNITES, DUST],
  how: 'Glowing: into the pail outdoors, drowned at once, and felt cold twice again. Out of cold ash: sifted damp, the ash is a lot of '
    + 'its own.',
  asks: [
    {
      id: CAME, kind: 'choice', label: 'They came', usual: 'glowing',
      choices: [{ id: 'glowing', label: 'glowing, drowned' }, { id: SIFTED, label: 'sifted from cold ash' }],
    },
    { id: 'litres', kind: 'volume', label: 'Lumps', usual: 1.5, most: 100 },
  ],
  said: (_, answers, { units }) => ({
    said: `${quantityText('volume', units, numberOf(answers, 'litres') ?? 0, 1)} of embers more.`,
    answer: answers[CAME] === SIFTED
      ? 'Ash clings to it: rinse it with the rest, and measure the rinse.'
      : 'Hot again: two cold looks, twelve hours apart, before any of it is crushed or stored.',
  }),
  words: (answers, { units }) =>
    `${quantityText('volume', units, numberOf(answers, 'litres') ?? 0, 1)} of embers more, `
    + `${answers[CAME] === SIFTED ? 'sifted from cold ash' : 'glowing, drowned'}.`,
})
