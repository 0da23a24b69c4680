import { range } from '../../units/range'
import type { Method } from '../contract'
import { ALREADY } from './already'
import { APPROACHES } from './approaches'
import { diagnosis } from './diagnosis'
import { asksOf, draftOf } from './draft'
import { forecaster } from './forecast'
import { look } from './look'
import { looking } from './looking'
import { situate } from './situation'
import { FEEDS, PADS } from './pads'
import { pipelineOf } from './pipeline'
import { prospectsOf } from './prospects'
import { ripeness } from './ripeness'
import { SITES, sitesOf } from './sites'

/** Leaf mould: leaves, moisture, fungi, time. */
export const leafmould: Method = {
  id: 'leafmould',
  face: {
    name: 'Leaf mould',
    summary: 'Leaves in a cage or in bags, moist, for one to three years: mulch, then potting mould, then fine mould for seeds.',
    words: {
      one: 'cage', begun: 'Filled with', approach: 'School', sheet: 'Steps and sheet', stepwise: 'Fill it step by step',
      start: 'It is filled: start it', started: 'They settle to half in four weeks: then fill it up.', take: 'Take some out',
      takenDown: 'Taken out', early: 'Leaf shapes are still whole: fine for mulch, too raw for pots.',
    },
    choosing: {
      comings: ['at-once', 'by-and-by'], standsIn: ['cage', 'bay', 'box'], mainly: ['leaves'],
      purposes: ['mulch', 'potting', 'seeds'], weeks: range(30, 60, 130), minutesAWeek: range(1, 2, 4), heavy: false,
      eats: ['leaf'], leastL: 80, line: 'Autumn leaves and nothing else, left alone for a year or two.',
      surplus: 'cage as leaf mould',
    },
    approaches: APPROACHES,
  },
  plan: {
    bench: 'pile', sites: SITES, sitesOf, asks: asksOf, feeds: FEEDS, already: () => ALREADY, draft: draftOf,
  },
  life: {
    ...look, situate, looking, pads: PADS,
    taskWords: {
      filled: 'filling it up', watered: 'watering', squeeze: 'squeezing a handful', look: 'looking inside', take: 'taking some',
    },
    takeCautions: ['Damp it if it is dusty; a mask against moulds.', 'Hedgehogs and toads winter in leaves: look before you fork.'],
    inParts: true, goesOnAs: 'leaves-half-rotted', forecaster, diagnosis, ripeness, pipeline: pipelineOf, prospects: prospectsOf,
  },
}
