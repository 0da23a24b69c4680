import { range } from '../../units/range'
import type { Method } from '../contract'
import { alreadyOf } from './already'
import { WAYS } from './approaches'
import { MANURE } from './care'
import { diagnosis } from './diagnosis'
import { asksOf, draftOf } from './draft'
import { forecaster } from './forecast'
import { look } from './look'
import { looking } from './looking'
import { situate } from './situation'
import { PADS } from './pads'
import { prospectsOf } from './prospects'
import { ripeness } from './ripeness'
import { SITES, sitesOf } from './sites'
import { hotbedOf } from './state'
import { METHOD } from './words'

/** A hotbed: trodden dung or greens under soil and glass, warm enough to sow weeks before the spring. */
export const hotbed: Method = {
  id: METHOD,
  face: {
    name: 'Hotbed',
    summary:
      'A trodden bed of dung, leaves or chips under soil and glass: warm soil for seeds weeks before spring, and compost in the end.',
    words: {
      one: 'hotbed', begun: 'Built from', approach: 'Heated by', sheet: 'Building day and sheet',
      stepwise: 'Build it step by step', start: 'It is all there: build it today', started: 'Step by step, all of it today.',
      take: 'Take it out', takenDown: 'Taken out', early: 'It still gives warmth.',
    },
    choosing: {
      comings: ['at-once'], standsIn: ['bed'], mainly: ['dung'],
      purposes: ['seeds', 'beds'], weeks: range(6, 11, 18), minutesAWeek: range(20, 40, 70), heavy: true,
      eats: ['manure', 'straw', 'grass', 'leaf'], leastL: 800,
      line: 'A cartload of fresh dung, or straw with grass, and a frame.',
    },
    approaches: WAYS.map(({ id, name, summary }) => ({ id, name, summary })),
  },
  plan: {
    bench: 'pile', sites: SITES, sitesOf, asks: asksOf, already: alreadyOf, draft: draftOf,
  },
  life: {
    ...look, situate, looking, pads: PADS,
    taskWords: {
      build: 'building it', warmth: 'reading the soil', sown: 'sowing', aired: 'airing the frame', mats: 'covering it',
      watered: 'watering', harvested: 'harvesting', second: 'the second bed', take: 'taking it down',
    },
    takeCautions: [MANURE], inParts: true, goesOnAs: 'heap-half-rotted',
    // Under its warm soil it is a bed on loan; a bed to be kept when its heat is over.
    becomesBed: (batch, surroundings) =>
      batch.began.site.kind === 'frame' && (batch.ended !== undefined || hotbedOf(batch, surroundings)?.phase === 'spent'),
    forecaster, diagnosis, ripeness, prospects: prospectsOf,
  },
}
