import { createRequire } from 'node:module'
import { randomJournal } from '../test/builders/journals'
import { balanceAsked } from '#core/balancing/asked'
import type { Offer } from '#core/balancing/offer'
import { rehearsal } from '#core/balancing/rehearsal'
import { GARDEN_EFFORT, solverOf, type LpSolver } from '#core/balancing/program'
import { GOALS } from '#core/balancing/goals'
import { findMaterial } from '#core/materials/book'
import type { GardenEvent } from '#core/journal/event'
import { extendJournal, foldGarden, openJournal } from '#core/journal/journal'
import { LIBRARY } from '#core/materials/library'
import { mixBalance } from '#core/mix/balance'
import { leversFor } from '#core/mix/lever'
import { mixRanges } from '#core/mix/ranges'
import { hotHeap } from '#core/methods/hot-heap'
import { courseDays, emptyCourse, runCourse } from '#core/heat/course'
import { USUAL_TRAITS } from '#core/heat/traits'
import { answerOf, FULL_EFFORT } from '#core/methods/hot-heap/forecast/answer'
import { caseOf, questionOf, type HeapQuestion } from '#core/methods/hot-heap/forecast/question'
import { heap, RICH_HEAP, surroundingsOn, turned as turnedOn } from '../test/builders/heaps'
import { seededRandom } from '#core/random/random'
import { readBackup, writeBackup } from '#core/formats/backup'

/** The middle of several runs, in milliseconds, after warming up. */
function milliseconds(work: () => void, runs: number): number {
  for (let run = 0; run < Math.min(runs, 200); run++) work()
  const times = Array.from({ length: runs }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  })
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] as number
}

function say(name: string, ms: number, beside = ''): void {
  console.log(`${name.padEnd(58)} ${ms < 1 ? ms.toFixed(3) : ms.toFixed(1)} ms${beside ? `   ${beside}` : ''}`)
}

const twelve = LIBRARY.slice(0, 12).map(material => ({ material, looseVolumeL: 50 }))
const plain = milliseconds(() => mixBalance(twelve, 20), 2000)
say('mix of 12 ingredients, plain', plain)
const ranged = milliseconds(() => mixRanges(twelve, 20, 0.55), 1000)
say('mix of 12 ingredients with ranges and drivers', ranged, `${Math.round(ranged / plain)} plain mixes`)
const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
const ingredients = twelve.map(({ material }) => ({ material, amount: { count: 4, container: bucket, packing: 'loose' as const } }))
const candidates = LIBRARY.slice(12, 24).map(material => ({ material, container: bucket, packing: 'loose' as const, count: 20, inStore: true }))
say('the biggest lever among 24 ingredients and candidates', milliseconds(() => leversFor(ingredients, candidates, hotHeap.mixing!.comfort('by-thermometer')), 300))

/** Fifteen things as an autumn store may hold them: light stuff in sacks, heavy in buckets. */
const FIFTEEN: readonly (readonly [id: string, most: number])[] = [
  ['leaves-mixed', 14], ['leaves-shredded', 5], ['grass-clippings', 40], ['kitchen-veg', 6], ['cardboard', 4], ['twigs', 2], ['straw-wheat', 6], ['horse-manure-straw', 24],
  ['coffee-grounds', 3], ['weeds-soft', 8], ['veg-haulm', 10], ['wood-chips', 10], ['newsprint', 3], ['fruit-waste', 6], ['hedge-clippings', 8],
]
const offers = FIFTEEN.flatMap(([id, most]): Offer[] => {
  const material = findMaterial(id)
  const container = material && material.bulkDensityKgM3.typical < 160 ? { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 } : bucket
  return material ? [{ material, container, packing: 'loose', inStore: true, most, daysLeft: material.keepsDays - 1 }] : []
})
const problem = {
  offers, step: 1,
  limits: { comfort: hotHeap.mixing!.comfort('by-thermometer'), ratioBasis: 'plain' as const, volumeL: { low: 900, high: 1200 }, oneMaterialMost: 1, charMost: 0.1 },
}
// From the project, not from the bundle: the solver looks for its WebAssembly beside itself.
const loadSolver = createRequire(`${process.cwd()}/`)('highs') as () => Promise<LpSolver>
const before = performance.now()
const solver = solverOf(await loadSolver(), GARDEN_EFFORT)
const loaded = performance.now()
balanceAsked(rehearsal(), solver)
const rehearsed = performance.now()
balanceAsked({ problem, goalId: GOALS[0]!.id, asBigAsCan: false }, solver)
const cold = performance.now() - rehearsed
say('loading the solver', loaded - before)
say('the rehearsal, while the gardener still reads', rehearsed - loaded)
say('three balances of 15 ingredients, the first time', cold)
for (const { id, name } of GOALS) say(`three balances of 15 ingredients, warm: ${name}`, milliseconds(() => balanceAsked({ problem, goalId: id, asBigAsCan: false }, solver), 5))
const hopeless = { ...problem, offers: offers.map(offer => offer.material.id === 'grass-clippings' ? { ...offer, pinned: 90 } : offer) }
say('the smallest changes when it cannot be', milliseconds(() => balanceAsked({ problem: hopeless, goalId: GOALS[0]!.id, asBigAsCan: false }, solver), 5))

/** A rich heap turned three times, and its forecast. */
const heapCase = caseOf(questionOf(heap(RICH_HEAP, [5, 10, 16].map(turnedOn)), surroundingsOn(0))!)
const course = emptyCourse(courseDays(180))
const single = milliseconds(() => runCourse(heapCase, USUAL_TRAITS, course), 100)
say('180 days of one heap', single)
function forecast(question: HeapQuestion): number {
  const before = performance.now()
  const steps = answerOf(question, { ...FULL_EFFORT, mostRounds: 1 })
  while (!steps.next().done);
  return performance.now() - before
}
const question = { ...questionOf(heap(RICH_HEAP), surroundingsOn(0))!, horizonDay: 180 }
const took = Math.min(forecast(question), forecast(question), forecast(question))
say('forecast of 400 members over 180 days, bands and all', took, `${Math.round(400 / took * 1000)} members a second, ${(took / single / 400).toFixed(2)} times the bare heaps`)

/** Twenty years: 600 batches and 36,000 events. */
function twentyYears(): GardenEvent[] {
  const random = seededRandom(3)
  return Array.from({ length: 600 }, (_, batch) => randomJournal(random, 60, `d${batch}`).map(event => 'batchId' in event ? { ...event, batchId: `b${batch}` } : event)).flat()
}

const years = twentyYears()
const folding = milliseconds(() => foldGarden(years), 5)
say(`folding ${years.length} events of 600 batches`, folding)
say('opening a journal of them', milliseconds(() => openJournal(years), 5))
const turned = (index: number): GardenEvent => ({ kind: 'turned', id: `x${index}`, at: `2099-01-01T00:00:${String(index % 60).padStart(2, '0')}.${String(index % 1000).padStart(3, '0')}Z`, recordedAt: new Date(4.1e12 + index * 1000).toISOString(), by: 'x', batchId: 'b1' })
function appending(events: readonly GardenEvent[]): number {
  let journal = openJournal(events)
  let at = 0
  return milliseconds(() => {
    at++
    journal = extendJournal(journal, [{ ...turned(at), at: new Date(4.2e12 + at * 1000).toISOString() }])
  }, 2000)
}
const few = appending(years.slice(0, 1000))
const many = appending(years)
say('appending one event to 1,000', few)
say('appending one event to 36,000', many, `${(many / few).toFixed(1)} times the short one`)
const text = writeBackup(years, [], '2026-01-01T00:00:00.000Z')
say(`reading and checking their backup of ${(text.length / 1e6).toFixed(1)} MB`, milliseconds(() => readBackup(text), 3))
