import { range } from '../../units/range'
import type { Method } from '../contract'
import { ALREADY } from './already'
import { APPROACHES, wormApproach } from './approaches'
import { TAKE_CAUTIONS } from './cautions'
import { LAID } from './diet'
import { diagnosis } from './diagnosis'
import { asksOf, draftOf } from './draft'
import { forecaster } from './forecast'
import { look } from './look'
import { looking } from './looking'
import { situate } from './situation'
import { PADS } from './pads'
import { prospectsOf } from './prospects'
import { ripeness } from './ripeness'

/** Worms: a bin, an open bed, or a tower in a bed. */
export const worms: Method = {
  id: 'worm-bin',
  face: {
    name: 'Worms', summary: 'Kitchen scraps into castings, a little every few days, all year.',
    words: {
      one: 'bin', begun: 'Bedding:', approach: 'Kept in', sheet: 'Steps and sheet', stepwise: 'Set it up step by step',
      start: 'The bedding lies: start it', started: 'Worms go on top in the light, and feed them little at first.',
      take: 'Take some out', takenDown: 'Taken out', early: 'Much of it is still bedding: what you take now is half-finished.',
    },
    choosing: {
      comings: ['by-and-by'], standsIn: ['box', 'bed'], mainly: ['kitchen'],
      purposes: ['potting', 'feeding', 'beds'], weeks: range(14, 22, 40), minutesAWeek: range(8, 15, 30), heavy: false,
      eats: ['kitchen', 'paper'], leastL: 0, line: 'Few scraps, little room, castings for pots; alive, so looked at every week.',
    },
    approaches: APPROACHES,
  },
  plan: {
    bench: 'recipe', sites: APPROACHES.flatMap(({ sites }) => sites), sitesOf: approachId => wormApproach(approachId).sites,
    asks: asksOf, feeds: LAID, already: () => ALREADY, draft: draftOf,
  },
  life: {
    ...look, situate, looking, pads: PADS,
    taskWords: {
      'fed': 'feeding', 'left': 'looking what is left', 'squeeze': 'squeezing the bedding', 'watered': 'moistening',
      'bedding': 'fresh bedding', 'worms-in': 'the worms', 'heat': 'shading them', 'frost': 'bringing them in', 'split': 'splitting',
      'lured': 'feeding one end', 'take': 'taking castings',
    },
    takeCautions: TAKE_CAUTIONS, inParts: true, carriesChar: 'worms', goesOnAs: 'worm-castings', forecaster, diagnosis, ripeness,
    prospects: prospectsOf,
  },
}
