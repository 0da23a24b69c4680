import { range } from '../../units/range'
import type { Method } from '../contract'
import { CLEAN, SOIL } from './care'
import { diagnosis } from './diagnosis'
import { asksOf, draftOf } from './draft'
import { forecaster } from './forecast'
import { look } from './look'
import { looking } from './looking'
import { situate } from './situation'
import { PADS } from './pads'
import { SITES, sitesOf } from './sites'
import { WAYS } from './ways'
import { METHOD } from './words'

/** Sheets of card: new ground without digging, strips in trenches, torn card for fungi. */
export const sheet: Method = {
  id: METHOD,
  face: {
    name: 'Sheet of card',
    summary: 'New ground without digging: card or newsprint over the grass, soaked, covered, and planted when what grew there is gone.',
    words: {
      one: 'sheet', begun: 'Laid with', approach: 'Way', sheet: 'Order of work', stepwise: 'Lay it step by step',
      start: 'It lies: start it', started: 'Feel in ten days whether the card is still soft.', take: 'It is over',
      takenDown: 'Over', early: 'What grew there may not be through yet.',
    },
    choosing: {
      comings: ['at-once'], standsIn: ['bed'], mainly: ['card'],
      purposes: ['beds', 'mulch'], weeks: range(9, 25, 60), minutesAWeek: range(2, 5, 15), heavy: true,
      eats: ['paper', 'finished', 'wood'], leastL: 20, line: 'Boxes opened flat, and something to cover them with.',
    },
    approaches: WAYS.map(({ id, name, summary }) => ({ id, name, summary })),
  },
  plan: {
    bench: 'recipe', sites: SITES, sitesOf, asks: asksOf, draft: draftOf,
  },
  life: {
    ...look, situate, looking, pads: PADS,
    taskWords: {
      watered: 'wetting the card', mended: 'mending it', below: 'lifting a corner', card: 'feeling the card',
      covered: 'topping up the cover', planted: 'planting it', take: 'moving it on',
    },
    takeCautions: [CLEAN, SOIL], inParts: false, becomesBed: batch => batch.began.site.kind === 'area', forecaster, diagnosis,
  },
}
