import { range } from '../../units/range'
import type { Method } from '../contract'
import { diagnosis } from './diagnosis'
import { asksOf, draftOf } from './draft'
import { forecaster } from './forecast'
import { look } from './look'
import { looking } from './looking'
import { situate } from './situation'
import { PADS } from './pads'
import { prospectsOf } from './prospects'
import { ripeness } from './ripeness'
import { SITES, sitesOfKind } from './sites'
import { wayOf, WAYS } from './ways'

/** Charging char: pores filled with water, feed and life before it goes on a bed. */
export const charCharging: Method = {
  id: 'char-charging',
  face: {
    name: 'Charged char',
    summary: 'Raw char keeps water out and takes feed from the soil for months. Charged first, it gives from the day it is spread.',
    words: {
      one: 'soak', begun: 'Set up with', approach: 'Way', sheet: 'Recipe and sheet', stepwise: 'Set it up step by step',
      start: 'It is set up: start it', started: 'Look tomorrow what still floats.', take: 'Take it out', takenDown: 'Taken out',
      early: 'It is not charged through so far: what is missing it takes from the soil.',
    },
    choosing: {
      comings: ['at-once'], standsIn: ['box'], mainly: ['char'],
      purposes: ['lasting', 'microbes'], weeks: range(1.5, 2.5, 7.5), minutesAWeek: range(10, 20, 30), heavy: false,
      eats: ['char', 'finished'], leastL: 1, line: 'Crushed char, compost, water and a week or two.',
    },
    approaches: WAYS,
  },
  plan: {
    bench: 'recipe', sites: SITES, sitesOf: approachId => sitesOfKind(wayOf(approachId).kind), asks: asksOf,
    feeds: ['char', 'finished', 'feed'], draft: draftOf,
  },
  life: {
    ...look, situate, looking, pads: PADS,
    taskWords: {
      fill: 'putting the char in', acid: 'binding the chloramine', stirred: 'stirring', air: 'checking the air',
      look: 'looking whether it sinks', smell: 'smelling', drain: 'draining', take: 'putting it into the store',
    },
    takeCautions: ['Gloves; moist it does not dust. A mask where it has dried.', 'Keep it moist, aired and out of the rain.'],
    inParts: true, forecaster, ripeness, diagnosis, prospects: prospectsOf,
  },
}
