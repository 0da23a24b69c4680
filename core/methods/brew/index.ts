import { range } from '../../units/range'
import type { Method } from '../contract'
import { fromTheKitchen } from './amounts'
import { diagnosis } from './diagnosis'
import { asksOf, BREWED, draftOf } from './draft'
import { forecaster } from './forecast'
import { KINDS } from './kinds'
import { look } from './look'
import { looking } from './looking'
import { situate } from './situation'
import { PADS } from './pads'
import { prospectsOf } from './prospects'
import { SITES } from './sites'

/** Brews and ferments: a bucket of water, something living or green, and a few days. */
export const brew: Method = {
  id: 'brew',
  face: {
    name: 'Brew',
    summary: 'A bucket of water with leaf mould, compost or greens, for days to weeks; thinned and poured on the soil.',
    words: {
      one: 'brew', begun: 'Set up with', approach: 'Kind', sheet: 'Recipe', stepwise: 'Set it up step by step',
      start: 'It is set up: start it', started: 'Look at it tomorrow.', take: 'Take it out', takenDown: 'Taken out',
      early: 'It is not at its height yet.',
    },
    choosing: {
      comings: ['by-and-by', 'at-once'], standsIn: ['box'], mainly: ['grass'],
      purposes: ['microbes', 'feeding'], weeks: range(0.3, 1, 4), minutesAWeek: range(10, 20, 40), heavy: false,
      eats: ['finished', 'plant', 'grass'], leastL: 1, line: 'A bucket and a few days: life or a quick feed for beds.',
    },
    approaches: KINDS,
  },
  plan: {
    bench: 'recipe', sites: SITES, asks: asksOf, feeds: BREWED, draft: draftOf,
  },
  life: {
    ...look, situate, looking, pads: PADS,
    taskWords: {
      stirred: 'stirring', foam: 'measuring the foam', given: 'giving it', take: 'emptying it', smell: 'smelling',
      air: 'checking the air',
    },
    takeCautions: [
      'What is left goes onto the heap or under mulch, not into a drain or a pond.',
      'Wash the vessel with hot water before the next one.',
    ],
    inParts: true, alsoWentIn: fromTheKitchen, forecaster, diagnosis, prospects: prospectsOf,
  },
}
