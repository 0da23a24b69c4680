import { heatedForecaster } from '../heated/forecaster'
import { range } from '../../units/range'
import type { Method } from '../contract'
import { ALREADY } from './already'
import { APPROACHES } from './approaches'
import { TAKE_CAUTIONS } from './cautions'
import { diagnosis } from './diagnosis'
import { asks, draftOf } from './draft'
import { heapLogOf } from '../heated/heap-log'
import { heatedSituation } from '../heated/situation'
import { expectCourse, middleCourse } from './expect'
import { look } from './look'
import { looking } from './looking'
import { PADS } from './pads'
import { questionOf } from './question'
import { prospectsOf } from './prospects'
import { ripeness } from './ripeness'
import { SITES } from './sites'

/** The static tower: chips and leaves, wet, aired by channels, never turned. */
export const staticTower: Method = {
  id: 'static-tower',
  face: {
    name: 'Static tower',
    summary: 'Chips and leaves in a cage with air channels, kept wet for a year, never turned: fungi, then worms.',
    words: {
      one: 'tower', begun: 'Loaded with', approach: 'Watering', sheet: 'Plan and sheet', stepwise: 'Load it step by step',
      start: 'It is loaded: start it', started: 'The pipes come out tomorrow or the day after.', take: 'Take some out',
      takenDown: 'Taken out', early: 'It has not worked its year yet: what you take now is young, and good as a mulch.',
    },
    choosing: {
      comings: ['at-once'], standsIn: ['cage'], mainly: ['wood'],
      purposes: ['microbes', 'beds', 'potting'], weeks: range(52, 60, 90), minutesAWeek: range(5, 10, 20), heavy: true,
      eats: ['wood', 'leaf'], leastL: 500,
      line: 'Chips and leaves, one day of loading, a year of water: living compost in small doses.',
    },
    approaches: APPROACHES,
  },
  plan: {
    bench: 'recipe', sites: SITES, asks, feeds: ['wood', 'leaf', 'straw', 'grass', 'plant', 'manure', 'finished', 'paper'],
    already: () => ALREADY, draft: draftOf,
  },
  life: {
    ...look, pads: PADS,
    looking,
    situate: (batch, surroundings) => heatedSituation(heapLogOf(batch), surroundings, { middleCourse, expectCourse }),
    taskWords: {
      'pipes-out': 'pulling the pipes', 'heat': 'reading the heat', 'worms-in': 'the worms', 'watered': 'watering',
      'squeeze': 'squeezing a handful', 'look': 'looking into it', 'height': 'measuring', 'covered': 'covering', 'take': 'taking some',
    },
    takeCautions: TAKE_CAUTIONS, inParts: true, carriesChar: 'heap', goesOnAs: 'heap-half-rotted',
    forecaster: heatedForecaster(questionOf), diagnosis, ripeness,
    prospects: (batch, surroundings) => prospectsOf(heapLogOf(batch), surroundings),
  },
}
