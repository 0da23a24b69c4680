import { highest } from '../../statistics/ends'
import type { BegunBatch } from '../../journal/garden'
import { given, type PossibleCause } from '../../diagnosis/judge'
import { ingredientsOf, portionOf } from '../../mix/portion'
import { mixBalance } from '../../mix/balance'
import { containerText } from '../../units/container'
import { percentText, quantityText, ratioText, roughly } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Diagnosis, Remedy, Surroundings, Symptom } from '../contract'
import { diagnosisBy, justDo, type Noticing } from '../course'
import { heapLogOf, type HeapLog } from '../heated/heap-log'
import { coreReadings } from '../heated/readings'
import { towerOn, type TowerNow } from './now'
import { litresTo } from './water'
import { LOOK, PIPES_OUT, SMELL, WORMS_IN } from './words'
import { dryZones, feltZones, looking } from './looking'
import { ZONES } from './zones'
import { TOWER } from './constants'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'dry', label: 'Dry in a zone', group: 'In the hand' },
  { id: 'dripping', label: 'Water runs out', group: 'In the hand' },
  { id: 'hot', label: 'Stays hot for weeks', group: 'Its warmth' },
  { id: 'cold', label: 'Never got warm', group: 'Its warmth' },
  { id: 'frozen', label: 'Frozen', group: 'Its warmth' },
  { id: 'sour', label: 'Sour smell', group: 'Its smell' },
  { id: 'ammonia', label: 'Sharp, ammonia', group: 'Its smell' },
  { id: 'no-worms', label: 'Worms gone', group: 'To the eye' },
  { id: 'not-sinking', label: 'It does not sink', group: 'To the eye' },
  { id: 'ants', label: 'Ants', group: 'To the eye' },
  { id: 'closed', label: 'A channel fell in', group: 'To the eye' },
  { id: 'threads', label: 'White threads', group: 'To the eye', good: 'Fungi: what it is built for.' },
  { id: 'mushrooms', label: 'Mushrooms on it', group: 'To the eye', good: 'A good sign. Not to be eaten.' },
]

interface Facts {
  readonly log: HeapLog
  readonly surroundings: Surroundings
  readonly symptoms: readonly string[]
  readonly tower: TowerNow
  readonly dry: readonly string[]
  readonly wet: boolean
  readonly ratio: number
  readonly peakC: number
  readonly sinceWateredDays: number
  readonly worms: boolean
  readonly pipesIn: boolean
}

/** A zone is about a quarter of it; felt dry it lies at about so much water. */
const ZONE_SHARE = 1 / ZONES.length

function wetting({ tower, dry, surroundings: { units, garden: { waterCan } } }: Facts): Remedy {
  const byZones = Math.max(1, dry.length) * ZONE_SHARE * litresTo(tower, TOWER.foundDry)
  const litres = Math.max(waterCan.volumeL, Math.round(Math.max(byZones, litresTo(tower, Math.min(0.7, tower.moisture)))))
  return justDo(
    `${containerText(litres / waterCan.volumeL, waterCan)} of water (${quantityText('volume', units, roughly(litres))}) over two days, `
    + `slowly${dry.length > 0 ? `, most of it at the ${dry.join(' and the ')}` : ''}, some down the channels; then the week's water `
    + 'without fail. A cover and shade keep it.',
    [], litres,
  )
}

const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'dry', title: 'It is too dry', symptoms: { 'dry': 0.95, 'ants': 0.8, 'no-worms': 0.6, 'not-sinking': 0.6, 'cold': 0.3 },
    weigh: ({ dry, tower, symptoms, sinceWateredDays }) => [
      ...given(dry.length > 0, 0.9, `Felt dry at the ${dry.join(' and the ')}.`),
      ...given(
        tower.moisture < 0.6, 0.8, `By the weather and what was poured it holds ${percentText(tower.moisture)} water; it wants 65 to 75.`,
      ),
      ...given(sinceWateredDays > 14, 0.3, `Last watered ${Math.round(sinceWateredDays)} days ago.`),
      ...given(
        tower.moisture > 0.66 && dry.length === 0 && !symptoms.includes('dry'), -0.9,
        `By the weather and what was poured it holds ${percentText(tower.moisture)} water.`,
      ),
    ],
    remedy: wetting,
  },
  {
    id: 'green', title: 'Too much green went in', symptoms: { 'hot': 0.9, 'ammonia': 0.9, 'sour': 0.4, 'no-worms': 0.3 },
    weigh: ({ ratio, peakC, surroundings: { units } }) => [
      ...given(ratio < 45, 0.9, `What went in stands at ${ratioText(ratio)}: a hot heap's mix.`),
      ...given(peakC > 60, 0.4, `It was read at ${quantityText('temperature', units, peakC)}.`),
      ...given(ratio > 60, -1, `What went in stands at ${ratioText(ratio)}: brown enough.`),
    ],
    remedy: () =>
      justDo(
        'Let it cool, watered and aired by its channels; worms wait. Next time chips and leaves at 50 : 1 or more. It is compost all the '
        + 'same.',
      ),
  },
  {
    id: 'airless', title: 'It lacks air', symptoms: { sour: 0.85, dripping: 0.5, closed: 0.6 },
    weigh: ({ wet, tower, symptoms, pipesIn }) => [
      ...given(wet, 0.6, 'Water ran out of a handful.'),
      ...given(tower.moisture > 0.77, 0.5, `By what was poured it holds ${percentText(tower.moisture)} water.`),
      ...given(symptoms.includes('closed'), 0.8, 'A channel fell in.'),
      ...given(pipesIn && tower.day > 10, 0.3, 'The pipes are still in: their walls keep the air from it.'),
      ...given(
        tower.moisture < 0.68 && !wet && !symptoms.includes('closed'), -0.7,
        `By what was poured it holds only ${percentText(tower.moisture)} water.`,
      ),
    ],
    remedy: ({ pipesIn }) =>
      justDo(
        `${pipesIn ? 'Pull the pipes out. ' : ''}Open fallen channels with a pipe and leave it in for two days; no water until a squeeze `
        + 'only trickles; a cover against the rain.',
        pipesIn ? [PIPES_OUT] : [],
      ),
  },
  {
    id: 'frozen', title: 'It is frozen', symptoms: { 'frozen': 0.95, 'not-sinking': 0.4, 'no-worms': 0.4 },
    weigh: ({ tower, surroundings: { units } }) => [
      ...given(tower.coreC < 2, 0.9, `By the weather it is about ${quantityText('temperature', units, tower.coreC)} inside.`),
      ...given(tower.frozenDays > 5, 0.3, `${Math.round(tower.frozenDays)} days were frozen so far: they do not count.`),
      ...given(tower.coreC > 8, -1, `By the weather it is about ${quantityText('temperature', units, tower.coreC)} inside.`),
    ],
    remedy: () => justDo('Straw, sacking or bubble sheet all round; no water until it thaws. Worms deep down live through it.'),
  },
  {
    id: 'too-warm-for-worms', title: 'Worms went in too early', symptoms: { 'no-worms': 0.7 },
    weigh: ({ worms, tower, log, surroundings: { units } }) => {
      const at = log.did.find(({ deed }) => deed === WORMS_IN)?.at
      const warm = at !== undefined && coreReadings(log).some(one => one.coreC >= TOWER.wormsBelowC && one.at > at)
      return [
        ...given(warm, 0.9, `It was read at ${quantityText('temperature', units, TOWER.wormsBelowC)} or more after they went in.`),
        ...given(!worms, -0.6, 'None were put in, as far as the log knows.'),
        ...given(worms && !warm && tower.coreC < 25, -0.6, 'It has been cool since they went in.'),
      ]
    },
    remedy: ({ surroundings: { units } }) =>
      justDo(
        `Wait for three days below ${quantityText('temperature', units, TOWER.wormsBelowC)}, then a handful or two again; most have gone `
        + 'to '
        + 'the ground and come back.',
      ),
  },
  {
    id: 'woody', title: 'It is nearly all wood', symptoms: { 'cold': 0.8, 'not-sinking': 0.7 },
    weigh: ({ ratio }) => [
      ...given(ratio > 110, 0.9, `What went in stands at ${ratioText(ratio)}.`),
      ...given(ratio < 75, -0.9, `What went in stands at ${ratioText(ratio)}.`),
    ],
    remedy: () =>
      justDo('Fungi take wood without heat, slowly: keep it wet, count on two years. A can of weed liquor a month brings it on.'),
  },
  {
    id: 'cool-season', title: 'It was loaded in the cold', symptoms: { cold: 0.6 },
    weigh: ({ log, surroundings }) => {
      const airC = surroundings.weather.ambientC(new Date(log.built.at))
      return [
        ...given(airC < 8, 0.8, `It was about ${quantityText('temperature', surroundings.units, airC)} outside when it was loaded.`),
        ...given(airC > 14, -0.8, 'It was loaded in mild weather.'),
      ]
    },
    remedy: () => justDo('No harm: a tower does not need its heat. It goes on in spring.'),
  },
]

function factsOf(log: HeapLog, surroundings: Surroundings, symptoms: readonly string[]): Facts | undefined {
  const tower = towerOn(log, surroundings)
  if (!tower) return undefined
  const balance = mixBalance(ingredientsOf(log.built.ingredients, surroundings.materials).map(portionOf))
  const peakC = highest(coreReadings(log).filter(({ odd }) => !odd).map(({ coreC }) => coreC), 0)
  return {
    log,
    surroundings,
    symptoms,
    tower,
    dry: dryZones(log, surroundings.now).map(({ name }) => name),
    wet: feltZones(log, surroundings.now).some(({ finding }) => finding === 'dripping'),
    ratio: balance.ok ? balance.value.carbonToNitrogen : 0,
    peakC,
    sinceWateredDays: daysBetween(log.waterings.at(-1)?.at ?? log.built.at, surroundings.now),
    worms: log.did.some(({ deed }) => deed === WORMS_IN),
    pipesIn: log.began.site.kind === 'channelled' && log.began.site.channels.length > 0 && !log.did.some(({ deed }) => deed === PIPES_OUT),
  }
}

const NOTICED: Noticing = {
  [SMELL]: { sour: 'sour', ammonia: 'ammonia' },
  [LOOK]: { 'no-worms': 'no-worms', 'ants': 'ants', 'closed': 'closed', 'threads': 'threads' },
}

/** Zones that were felt dry, or that run. */
function noticedBesides(batch: BegunBatch, { now }: Surroundings): string[] {
  return [
    ...(dryZones(batch, now).length > 0 ? ['dry'] : []),
    ...(feltZones(batch, now).some(({ finding }) => finding === 'dripping') ? ['dripping'] : []),
  ]
}

/** What may be wrong with a tower. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({
  symptoms: SYMPTOMS, looking, noticing: NOTICED, noticedBesides,
  factsOf: (batch, surroundings, symptoms) => factsOf(heapLogOf(batch), surroundings, symptoms), causes: CAUSES,
})
