import { range } from '../../units/range'
import type { Method } from '../contract'
import { ALREADY } from './already'
import { APPROACHES } from './approaches'
import { TAKE_CAUTIONS } from './cautions'
import { diagnosis } from './diagnosis'
import { asks, draftOf } from './draft'
import { forecaster } from './forecast'
import { look } from './look'
import { looking } from './looking'
import { situate } from './situation'
import { PADS } from './pads'
import { ripeness } from './ripeness'
import { pipelineOf } from './rotation'
import { prospectsOf } from './prospects'
import { SITES } from './sites'

/** The slow heap: fed caddy by caddy, covered, closed, rested. */
export const slowHeap: Method = {
  id: 'slow-heap',
  face: {
    name: 'Slow heap', summary: 'Caddy by caddy as it comes, each covered; one bay fills while another rests.',
    words: {
      one: 'slow heap', begun: 'Begun with', approach: 'Bays', sheet: 'Steps and sheet', stepwise: 'Set it up step by step',
      start: 'It stands: start feeding', started: 'Each caddy tells what to cover it with.', take: 'Take some out',
      takenDown: 'Taken out', early: 'It has not rested long enough: fine as a mulch round fruit, too raw for beds that are sown.',
    },
    choosing: {
      comings: ['by-and-by'], standsIn: ['bin', 'bay', 'cage'], mainly: ['kitchen', 'mixed', 'grass'],
      purposes: ['beds', 'mulch'], weeks: range(30, 50, 90), minutesAWeek: range(5, 10, 20), heavy: false,
      eats: ['kitchen', 'leaf', 'paper', 'plant'], leastL: 0,
      line: 'Kitchen scraps every few days, and leaves or card to cover them.',
    },
    approaches: APPROACHES,
  },
  plan: {
    bench: 'empty', sites: SITES, asks, already: () => ALREADY,
    feeds: ['wood', 'leaf', 'straw', 'paper', 'plant', 'kitchen', 'finished', 'manure', 'grass'], draft: draftOf,
  },
  life: {
    ...look, situate, looking, pads: PADS,
    taskWords: {
      'fed': 'the caddy', 'browns': 'covering it', 'open-up': 'forking browns in', 'gather-browns': 'gathering browns',
      'closed': 'closing it', 'watered': 'watering', 'squeeze': 'squeezing a handful', 'smell': 'smelling it', 'look': 'looking at it',
      'take': 'taking some',
    },
    takeCautions: TAKE_CAUTIONS, inParts: true, carriesChar: 'heap', goesOnAs: 'heap-half-rotted',
    forecaster, diagnosis, ripeness, pipeline: pipelineOf, prospects: prospectsOf,
  },
}
