import { range } from '../../units/range'
import type { Method } from '../contract'
import { asksOf } from './asks'
import { DUST, REIGNITES } from './cautions'
import { diagnosis } from './diagnosis'
import { draftOf } from './draft'
import { look } from './look'
import { looking } from './looking'
import { PADS } from './pads'
import { SITES, sitesOf } from './sites'
import { WAYS } from './ways'

/** Getting char: burnt, picked out of a stove, or bought; tested, cleaned, crushed, and put into the store raw. */
export const charMaking: Method = {
  id: 'char-making',
  face: {
    name: 'Char',
    summary:
      'Dry thin wood burnt with little air, or a bag of plain lump charcoal: tested, cleaned, crushed, and kept raw until it is charged.',
    words: {
      one: 'burn', begun: 'Stacked with', approach: 'Way', sheet: 'Steps and sheet', stepwise: 'Stack it step by step',
      start: 'It is stacked: begin it', started: 'Nothing is lit before go or no-go was asked.', take: 'Into the store',
      takenDown: 'Put into the store', early: 'It is not crushed so far: what goes into the store now is as it came out.',
    },
    choosing: {
      comings: ['at-once'], standsIn: ['bay'], mainly: ['wood'],
      purposes: ['lasting'], weeks: range(0.4, 0.6, 2), minutesAWeek: range(30, 120, 240), heavy: true, eats: ['wood'],
      leastL: 20, line: 'Dry prunings, a barrel and an afternoon; or a bag, bought.',
    },
    approaches: WAYS,
  },
  plan: {
    bench: 'pile', sites: SITES, sitesOf, asks: asksOf, feeds: ['wood', 'kitchen', 'char'], draft: draftOf,
  },
  life: {
    ...look, pads: PADS,
    // A burn is followed by the minute: nothing of it is reckoned on from day to day.
    situate: () => ({ known: [] }), looking,
    taskWords: {
      burn: 'burning', quench: 'quenching', seal: 'closing it', evening: 'the first look', morning: 'the second look',
      snap: 'the snap test', rinse: 'rinsing', crush: 'crushing', take: 'putting it into the store',
    },
    takeCautions: [DUST, REIGNITES], inParts: false, diagnosis,
  },
}
