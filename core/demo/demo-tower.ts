import { emptyCourse } from '../heat/case'
import { runCourse } from '../heat/course'
import { traitsAt } from '../heat/traits'
import type { NewEvent } from '../journal/event'
import type { BegunBatch } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import { LIBRARY_BOOK } from '../materials/book'
import { heapLogOf } from '../methods/heated/heap-log'
import { caseOf } from '../methods/heated/question'
import { questionOf } from '../methods/static-tower/question'
import { SITES } from '../methods/static-tower/sites'
import type { Surroundings } from '../methods/contract'
import { normal, type Random } from '../random/random'
import { containerThen, STARTING_CONTAINERS } from '../units/container'
import { DAY_MS } from '../units/time'
import { SIDE_BY_SIDE_KIND, sideBySideValues } from '../side-by-side/pair'
import { writeDocument, type GardenDocument } from '../journal/document'
import { some } from './demo-heaps'
import { lastAutumn } from './demo-leaves'

export const TOWER_ID = 'demo-fungal-tower'
export const PILE_ID = 'demo-plain-pile'
/** Loaded some days after the leaves began to fall. */
const AFTER_DAYS = 2

const READ_DAYS = [1, 2, 4, 6, 9, 13, 18, 24, 31, 40]
const TOGETHER_DAYS = [1, 14, 28, 42, 70, 98, 140, 196]

/** A tower of chips and leaves, and a plain pile of the same beside it. */
export function demoTower(today: Date, outdoors: Pick<Surroundings, 'weather'>, random: Random): NewEvent[] {
  const start = lastAutumn(today).getTime() + AFTER_DAYS * DAY_MS
  const on = (day: number) => new Date(start + day * DAY_MS).toISOString()
  const past = (day: number) => start + day * DAY_MS <= today.getTime()
  const inputs = [
    { role: 'feed' as const, materialId: 'chips-ramial', amount: some(19, 'sack'), draws: [] },
    { role: 'feed' as const, materialId: 'leaves-mixed', amount: some(19, 'sack'), draws: [] },
  ]
  const begun: NewEvent = {
    kind: 'began', at: on(0), batchId: TOWER_ID, name: 'Fungal tower', place: 'under the hazel', methodId: 'static-tower',
    approachId: 'by-can', site: SITES[1]!, answers: { rain: 'covered' }, inputs, waterL: 590,
  }
  const pile: NewEvent = {
    kind: 'began', at: on(0.1), batchId: PILE_ID, name: 'Plain pile', place: 'under the hazel', methodId: 'leafmould',
    approachId: 'alone',
    site: {
      kind: 'vessel',
      vessel: { id: 'leaf-heap', name: 'Open pile', wall: 'none', shape: 'box', widthM: 1.4, depthM: 1.2, heightM: 0.9 },
    },
    answers: { rain: 'open' }, inputs: inputs.map(one => ({ ...one, amount: some(9, 'sack') })), waterL: 120,
  }
  const waters = Array.from({ length: 40 }, (_, week) => 10 + week * 7)
    .filter(past)
    .map((day): NewEvent => ({ kind: 'put', at: on(day), batchId: TOWER_ID, inputs: [], waterL: 10 }))
  const did: NewEvent[] = past(1.2) ? [{ kind: 'did', at: on(1.2), batchId: TOWER_ID, deed: 'pipes-out', answers: {} }] : []
  const batch = foldGarden(
    [begun, ...did, ...waters].map((event, index) => ({ ...event, id: `t${index}`, by: 'demo', recordedAt: event.at }) as never),
  ).batches.get(TOWER_ID) as BegunBatch
  const question = questionOf(heapLogOf(batch), {
    ...outdoors,
    now: today,
    units: 'metric',
    materials: LIBRARY_BOOK,
    garden: { waterCan: containerThen(STARTING_CONTAINERS.metric.at(-1)!) },
  })
  if (!question) return [begun, pile]
  const days = [...new Set([...READ_DAYS, ...TOGETHER_DAYS])].filter(past).sort((a, b) => a - b)
  const course = emptyCourse(Float64Array.from(days))
  if (days.length === 0 || !runCourse(caseOf(question), traitsAt([0.3, 0.2, 0.1]), course).ok) return [begun, pile, ...did]
  const at = (day: number) => days.indexOf(day)
  const half = (value: number) => Math.round(value * 2) / 2
  const read = READ_DAYS.filter(past).map((day): NewEvent => ({
    kind: 'gauged', at: on(day), batchId: TOWER_ID, quantity: 'heat', source: 'hand',
    values: [
      { spot: 'core', value: half(course.coreC[at(day)]! + 1.5 * normal(random)) },
      { spot: 'edge', value: half(course.edgeC[at(day)]! + 2 * normal(random)) },
    ],
  }))
  const together = TOGETHER_DAYS.filter(past).flatMap((day, index): NewEvent[] => {
    const towerM = question.builtHeightM * course.volumeShare[at(day)]!
    const pileM = 0.98 * (0.46 + 0.54 * Math.exp(-day / 25)) * (1 - day / 900)
    const height = (batchId: string, value: number): NewEvent => ({
      kind: 'gauged', at: on(day + 0.05), batchId, quantity: 'height', source: 'hand',
      values: [{ spot: 'top', value: Math.round(100 * value * (1 + 0.015 * normal(random))) / 100 }],
    })
    const felt = (batchId: string, finding: string): NewEvent => ({
      kind: 'observed', at: on(day + 0.06), batchId, sense: 'squeeze', finding,
    })
    return [
      height(TOWER_ID, towerM), height(PILE_ID, pileM), felt(TOWER_ID, index % 4 === 3 ? 'right' : 'wet'),
      felt(PILE_ID, index % 2 === 0 ? 'right' : 'dry'),
    ]
  })
  return [begun, pile, ...did, ...waters, ...read, ...together]
}

/** The trial that holds the two against each other. */
export function demoTrial(today: Date): GardenDocument {
  const startedAt = new Date(lastAutumn(today).getTime() + AFTER_DAYS * DAY_MS).toISOString()
  return writeDocument(
    undefined, `${SIDE_BY_SIDE_KIND}.demo-tower`, SIDE_BY_SIDE_KIND,
    sideBySideValues({
      name: 'Tower or plain pile', difference: 'air channels and water all year', startedAt,
      pairs: [{ withId: TOWER_ID, withoutId: PILE_ID }],
    }),
    startedAt, 'demo',
  )
}
