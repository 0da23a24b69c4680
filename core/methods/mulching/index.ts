import { MULCH_KINDS } from '../../mulch/kinds'
import { range } from '../../units/range'
import type { Method } from '../contract'
import { alreadyOf } from './already'
import { TICKS } from './care'
import { diagnosis } from './diagnosis'
import { asksOf, draftOf } from './draft'
import { forecaster } from './forecast'
import { look } from './look'
import { looking } from './looking'
import { situate } from './situation'
import { FEEDS, PADS } from './pads'
import { SITES } from './sites'
import { METHOD } from './words'

/** Mulch: a cover on the soil, counted by ground and depth, topped up as it goes. */
export const mulch: Method = {
  id: METHOD,
  face: {
    name: 'Mulch',
    summary: 'Leaves, chips, straw or grass on the soil: how deep for what grows there, how many loads, and when more is wanted.',
    words: {
      one: 'mulch', begun: 'Spread with', approach: 'What of', sheet: 'Steps and sheet', stepwise: 'Spread it step by step',
      start: 'Begin it',
      started: 'What you began with counts as spread; each load after that counts as it lands.',
      take: 'It is over',
      takenDown: 'Over',
      early: 'There is still some of it.',
    },
    choosing: {
      comings: ['by-and-by', 'at-once'], standsIn: ['bed'], mainly: ['leaves', 'wood', 'grass'],
      purposes: ['mulch', 'beds'], weeks: range(0, 0, 0), minutesAWeek: range(2, 5, 20), heavy: false,
      eats: ['leaf', 'wood', 'straw', 'grass'], leastL: 100,
      line: 'Whatever covers: leaves, chips, straw, mowings, straight onto the soil.', surplus: 'spread as mulch',
    },
    approaches: MULCH_KINDS.map(({ id, name, summary }) => ({ id, name, summary })),
  },
  plan: {
    bench: 'empty', sites: SITES, asks: asksOf, feeds: FEEDS, already: alreadyOf, draft: draftOf,
  },
  life: {
    ...look, situate, looking, pads: PADS,
    taskWords: {
      load: 'a load', wetted: 'wetting it', under: 'looking under it', depth: 'measuring the depth', cleared: 'drawing it back',
    },
    takeCautions: [TICKS], inParts: false, forecaster, diagnosis,
  },
}
