import { heatedForecaster } from '../heated/forecaster'
import { range } from '../../units/range'
import { VESSEL_PRESETS } from '../../vessel/presets'
import { approachOf, type Method, type Mixing, type Sizing } from '../contract'
import { COMES_ASKED } from '../heated/comes'
import { heapLogOf } from '../heated/heap-log'
import { heapProposal } from '../heated/proposal'
import { ALREADY } from './already'
import { aheadOf } from './ahead'
import { APPROACHES, hotHeapApproach } from './approaches'
import { diagnosis } from './diagnosis'
import { draftOf } from './draft'
import { questionOf } from './question'
import { LAYERS_ASKED, layersOf, strataOf } from './layers'
import { heatedSituation } from '../heated/situation'
import { expectCourse, middleCourse } from './expect'
import { look } from './look'
import { looking } from './looking'
import { outlookOf } from './outlook'
import { PADS } from './pads'
import { prospectsOf } from './prospects'
import { ripeness } from './ripeness'
import { leastVolumeL } from './size'
import { FINISHING_CAUTIONS } from './steps'
import { supposing } from './suppose'
import { HOT } from './constants'

const mixing: Mixing = {
  comfort: approachId => approachOf({ approaches: APPROACHES }, approachId).comfort,
  outlook: outlookOf,
  strata: proposal => strataOf(heapProposal(proposal)),
  layers: proposal => layersOf(heapProposal(proposal)),
  ahead: (batch, surroundings) => aheadOf(heapLogOf(batch), surroundings),
}

const sizing: Sizing = {
  leastVolumeL,
  standsShare: HOT.standsShare,
  daysToReady: (approachId) => {
    const [earliest, latest] = hotHeapApproach(approachId).readyDays
    return { earliest, latest }
  },
  // A quarter to a half of what was built is left at the end.
  usualYield: range(0.25, 0.38, 0.5),
}

/** The hot heap: built at once, turned, cured. */
export const hotHeap: Method = {
  id: 'hot-heap',
  face: {
    name: 'Hot heap', summary: 'Built in one go, it heats for weeks, is turned and then cures.',
    words: {
      one: 'heap', begun: 'Built from', approach: 'Turning', sheet: 'Layers and build sheet', stepwise: 'Build it step by step',
      start: 'It is built: start it', started: 'Read its heat tomorrow.', take: 'Take it out', takenDown: 'Taken out',
      early: 'It is not expected to be ready yet. Unripe compost robs nitrogen and can hurt seedlings: use it as mulch, or let it cure.',
    },
    choosing: {
      comings: ['at-once'], standsIn: ['bay', 'cage'], mainly: ['mixed', 'grass', 'dung'],
      purposes: ['beds', 'potting', 'mulch'], weeks: range(9, 14, 45), minutesAWeek: range(15, 30, 60), heavy: true,
      eats: ['leaf', 'grass', 'straw', 'paper', 'kitchen', 'plant', 'manure'], leastL: 700,
      line: 'Much stuff on one day, turned: compost within a season.',
    },
    approaches: APPROACHES,
  },
  plan: {
    bench: 'balanced', sites: VESSEL_PRESETS.map(vessel => ({ kind: 'vessel', vessel })), asks: () => [COMES_ASKED, LAYERS_ASKED], mixing,
    already: () => ALREADY,
    sizing, supposing, draft: (proposal, surroundings) => draftOf(proposal, surroundings, sizing),
  },
  life: {
    ...look, pads: PADS,
    looking,
    situate: (batch, surroundings) => heatedSituation(heapLogOf(batch), surroundings, { middleCourse, expectCourse }),
    taskWords: {
      reading: 'reading the heat', squeeze: 'squeezing a handful', turned: 'turning', browns: 'opening it with browns',
      watered: 'watering', cover: 'covering', test: 'testing', finish: 'taking it down', open: 'looking into it',
    },
    takeCautions: FINISHING_CAUTIONS, inParts: false, carriesChar: 'heap', goesOnAs: 'heap-half-rotted',
    forecaster: heatedForecaster(questionOf), diagnosis, ripeness,
    prospects: (batch, surroundings) => prospectsOf(batch, surroundings, sizing),
  },
}
