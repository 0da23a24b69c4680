import { range } from '../../units/range'
import { lookingBy, type Method } from '../contract'
import { TURF } from './constants'
import { COVERED, forecaster, situate } from './course'
import { life } from './life'
import { asksOf, draftOf, SITES } from './plan'

/** A stack of turves: grass side down, dark and damp, until it is loam. */
export const turfStack: Method = {
  id: 'turf-stack',
  face: {
    name: 'Turf stack', summary: 'Lifted turf, stacked grass side down in the dark: fibrous loam for pots and seeds within a year.',
    words: {
      one: 'stack', begun: 'Stacked from', approach: 'Kept', sheet: 'Steps and sheet', stepwise: 'Stack it step by step',
      start: 'It is stacked: start it', started: 'Lift a turf in two months.', take: 'Take some out', takenDown: 'Sieved',
      early: 'Roots still hold it together: what you cut now is half turf.',
    },
    choosing: {
      comings: ['at-once', 'by-and-by'], standsIn: ['bay', 'cage'], mainly: ['turf'],
      purposes: ['potting', 'seeds', 'beds'], weeks: range(26, 45, 80), minutesAWeek: range(0.2, 0.5, 1), heavy: true, eats: ['plant'],
      leastL: 100, line: 'Turf that was lifted, a corner, and a year.',
    },
    approaches: [
      { id: COVERED, name: 'Covered', summary: 'Dark all round under a sheet: soonest. Water it in dry months.' },
      { id: 'open', name: 'Open', summary: 'The last turf face down on top, rain does the watering: half as long again.' },
    ],
  },
  plan: { bench: 'recipe', sites: SITES, asks: asksOf, feeds: [], draft: draftOf },
  life: { ...life, situate, looking: lookingBy(TURF.lookEveryDays), forecaster },
}
