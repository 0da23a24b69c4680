import { balancedOf } from '#core/methods/contract'
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
import { courseDays, emptyCourse } from '#core/heat/case'
import { runCourse } from '#core/heat/course'
import { USUAL_TRAITS } from '#core/heat/traits'
import { answerOf, FULL_EFFORT } from '#core/methods/heated/forecast/answer'
import { PastMemory } from '#core/methods/heated/forecast/members'
import { caseOf, type HeatedQuestion } from '#core/methods/heated/question'
import { questionOf } from '#core/methods/hot-heap/question'
import { hasBegun, type BegunBatch } from '#core/journal/garden'
import { brew } from '#core/methods/brew'
import type { Method } from '#core/methods/contract'
import { charCharging } from '#core/methods/char-charging'
import { charMaking } from '#core/methods/char-making'
import { sheet } from '#core/methods/card-sheet'
import { hotbed } from '#core/methods/hotbed'
import { leafmould } from '#core/methods/leafmould'
import { mulch } from '#core/methods/mulching'
import { findMethod } from '#core/methods'
import { heapLogOf } from '#core/methods/heated/heap-log'
import { answerOf as slowAnswer } from '#core/methods/slow-heap/forecast'
import { questionOf as slowQuestion } from '#core/methods/slow-heap/question'
import { questionOf as towerQuestion } from '#core/methods/static-tower/question'
import { answerOf as wormAnswer } from '#core/methods/worm-bin/forecast'
import { questionOf as wormQuestion } from '#core/methods/worm-bin/question'
import { aroundOn, begun, input } from '../test/builders/batches'
import { randomPile } from '../test/builders/benches'
import { bay, bin, tower } from '../test/builders/fed'
import { atMoisture, BALANCED, chargeFrom, cube, filled } from '../test/builders/cubes'
import { heap, reading, RICH_HEAP, SACK, surroundingsOn, turned as turnedOn } from '../test/builders/heaps'
import { seededRandom } from '#core/random/random'
import { readBackup, writeBackup } from '#core/formats/backup'
import { milliseconds, say } from './timing'
import { twinOf } from './twin'

const COMFORT = balancedOf(hotHeap)!.mixing.comfort('by-thermometer')
const twelve = LIBRARY.slice(0, 12).map(material => ({ material, looseVolumeL: 50 }))
const plain = milliseconds(() => mixBalance(twelve, 20), 2000)
say('mix of 12 ingredients, plain', plain)
const ranged = milliseconds(() => mixRanges(twelve, 20, COMFORT), 1000)
say('mix of 12 ingredients with ranges and drivers', ranged, `${Math.round(ranged / plain)} plain mixes`)
const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
const ingredients = twelve.map(({ material }) => ({ material, amount: { count: 4, container: bucket, packing: 'loose' as const } }))
const candidates = LIBRARY.slice(12, 24).map(material => ({
  material, container: bucket, packing: 'loose' as const, count: 20, inStore: true,
}))
say(
  'the biggest lever among 24 ingredients and candidates',
  milliseconds(() => leversFor(ingredients, candidates, COMFORT, { pinned: [], roomL: 5000 }), 300),
)

/** Fifteen things as an autumn store may hold them: light stuff in sacks, heavy in buckets. */
const FIFTEEN: readonly (readonly [id: string, most: number])[] = [
  ['leaves-mixed', 14],
  ['leaves-shredded', 5],
  ['grass-clippings', 40],
  ['kitchen-veg', 6],
  ['cardboard', 4],
  ['twigs', 2],
  ['straw-wheat', 6],
  ['horse-manure-straw', 24],
  ['coffee-grounds', 3],
  ['weeds-soft', 8],
  ['veg-haulm', 10],
  ['wood-chips', 10],
  ['newsprint', 3],
  ['fruit-waste', 6],
  ['hedge-clippings', 8],
]
const offers = FIFTEEN.flatMap(([id, most]): Offer[] => {
  const material = findMaterial(id)
  const container = material && material.bulkDensityKgM3.typical < 160 ? { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 } : bucket
  return material ? [{ material, container, packing: 'loose', inStore: true, most, daysLeft: material.keepsDays - 1 }] : []
})
const problem = {
  offers, step: 1,
  limits: { comfort: COMFORT, volumeL: { low: 900, high: 1200 }, oneMaterialMost: 1, charMost: 0.1 },
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
for (const { id, name } of GOALS)
  say(
    `three balances of 15 ingredients, warm: ${name}`,
    milliseconds(() => balanceAsked({ problem, goalId: id, asBigAsCan: false }, solver), 5),
  )
const hopeless = { ...problem, offers: offers.map(offer => offer.material.id === 'grass-clippings' ? { ...offer, pinned: 90 } : offer) }
say(
  'the smallest changes when it cannot be',
  milliseconds(() => balanceAsked({ problem: hopeless, goalId: GOALS[0]!.id, asBigAsCan: false }, solver), 5),
)

/** A hundred random piles of 3–15 offers: the first answer and all of them, in the middle and at the 95th percentile. */
const random = seededRandom(11)
const piles = Array.from({ length: 100 }, (_, index) => ({ goalId: GOALS[index % GOALS.length]!.id, problem: randomPile(random) }))
const timed = piles.map(({ problem: pile, goalId }) => {
  const start = performance.now()
  let first = 0
  const found = balanceAsked({ problem: pile, goalId, asBigAsCan: false }, solver, () => { first ||= performance.now() - start })
  return { kind: found.kind, first, all: performance.now() - start }
})
const share = (values: readonly number[], of: number) => [...values].sort((a, b) => a - b)[Math.floor(of * (values.length - 1))] ?? 0
const possible = timed.filter(({ kind }) => kind === 'answers')
const impossible = timed.filter(({ kind }) => kind === 'impossible')
const beside = (values: readonly number[]) => `95th percentile ${share(values, 0.95).toFixed(0)} ms, ${values.length} of 100`
say('the first answer for a random pile', share(possible.map(({ first }) => first), 0.5), beside(possible.map(({ first }) => first)))
say('all answers for a random pile', share(possible.map(({ all }) => all), 0.5), beside(possible.map(({ all }) => all)))
say('the ways out of an impossible one', share(impossible.map(({ all }) => all), 0.5), beside(impossible.map(({ all }) => all)))

/** A rich heap turned three times, and its forecast. */
const heapCase = caseOf(questionOf(heap(RICH_HEAP, [5, 10, 16].map(turnedOn)), surroundingsOn(0))!)
const course = emptyCourse(courseDays(180))
const single = milliseconds(() => runCourse(heapCase, USUAL_TRAITS, course), 100)
say('180 days of one heap', single)
const twin = twinOf(cube(filled(atMoisture(chargeFrom(BALANCED, 0), 0.58))))
if (twin)
  say(
    '  the same steps, bare, and their twin in C at -O2', twin.ourMs,
    `${twin.twinMs.toFixed(3)} ms in C: ${(twin.ourMs / twin.twinMs).toFixed(2)} times; both end at ${twin.ourCoreC.toFixed(3)} and `
    + `${twin.twinCoreC.toFixed(3)} °C`,
  )
else console.log('  no C compiler here: no twin to compare with')

function forecast(question: HeatedQuestion, memory?: PastMemory): number {
  const before = performance.now()
  const steps = answerOf(question, FULL_EFFORT, memory)
  while (!steps.next().done);
  return performance.now() - before
}
const atStart = questionOf(heap(RICH_HEAP), surroundingsOn(0))!
say(
  `forecast of a heap just built, ${FULL_EFFORT.members} members, bands and all`,
  Math.min(...Array.from({ length: 5 }, () => forecast(atStart))),
)

/** Read as gardeners read, until day 30. */
const READ = [
  [1, 30], [2, 55], [3, 63], [4, 62], [6, 57], [9, 60], [12, 55], [17, 52], [20, 46], [24, 38], [27, 33], [29, 31], [29.9, 30],
] as const
const untilDay = (day: number) =>
  questionOf(
    heap(RICH_HEAP, [...READ.filter(([at]) => at <= day).map(([at, core]) => reading(at, core)), ...[7, 14].map(turnedOn)]),
    surroundingsOn(day),
  )!
const anew = Math.min(...Array.from({ length: 5 }, () => forecast(untilDay(30))))
const later = Math.min(...Array.from({ length: 5 }, () => {
  const memory = new PastMemory()
  forecast(untilDay(29), memory)
  return forecast(untilDay(30), memory)
}))
say('forecast on day 30 from nothing', anew)
say('  and where day 29 is remembered: a new reading', later, `${(later / anew).toFixed(2)} times`)
const fifteen = Array.from({ length: 15 }, (_, index) =>
  questionOf(
    heap(
      RICH_HEAP, READ.filter(([at]) => at <= 2 * index).map(([at, core]) => reading(at, core)),
    ),
    surroundingsOn(2 * index),
  )!,
)
const allBefore = performance.now()
for (const question of fifteen) forecast(question)
say('fifteen standing heaps of 0 to 28 days, one after the other', performance.now() - allBefore)

/** Twenty years: 600 batches and 36,000 events. */
function twentyYears(): GardenEvent[] {
  const random = seededRandom(3)
  return Array.from({ length: 600 }, (_, batch) =>
    randomJournal(random, 60, `d${batch}`).map(event => ('batchId' in event ? { ...event, batchId: `b${batch}` } : event)),
  ).flat()
}

const years = twentyYears()
const folding = milliseconds(() => foldGarden(years), 5)
say(`folding ${years.length} events of 600 batches`, folding)
say('opening a journal of them', milliseconds(() => openJournal(years), 5))
const turned = (index: number): GardenEvent => ({
  kind: 'turned', id: `x${index}`,
  at: `2099-01-01T00:00:${String(index % 60).padStart(2, '0')}.${String(index % 1000).padStart(3, '0')}Z`,
  recordedAt: new Date(4.1e12 + index * 1000).toISOString(), by: 'x', batchId: 'b1',
})
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

/** Undoing and late entries touch one batch of the 600. */
const everything = openJournal(years)
const undoing = years.filter(({ kind }) => kind === 'turned').slice(0, 40)
let journal = everything
let undone = 0
say('undoing one event of 36,000', milliseconds(() => {
  const target = undoing[undone++ % undoing.length]!
  const moment = new Date(4.3e12 + undone * 1000).toISOString()
  journal = extendJournal(journal, [{ kind: 'undone', id: `undo-${undone}`, at: moment, recordedAt: moment, by: 'x', targetId: target.id }])
}, 40), `${(folding / 1).toFixed(0)} ms is the whole fold`)
let late = 0
say('an entry of 36,000 that happened years ago', milliseconds(() => {
  late++
  journal = extendJournal(journal, [{
    ...turned(late),
    id: `late-${late}`,
    at: new Date(Date.parse('2025-03-02T00:00:00.000Z') + late * 60_000).toISOString(),
    recordedAt: new Date(4.35e12 + late * 1000).toISOString(),
  }])
}, 40))
const tenAtOnce = undoing
  .slice(0, 10)
  .map(({ id }, index): GardenEvent => ({
    kind: 'undone', id: `ten-${index}`, at: new Date(4.4e12).toISOString(), recordedAt: new Date(4.4e12 + index).toISOString(), by: 'x',
    targetId: id,
  }))
const beforeTen = performance.now()
journal = extendJournal(journal, tenAtOnce)
say('undoing ten at once, in one step', performance.now() - beforeTen)

/** What the first page asks of every batch of such a garden: where it stands, and its tasks. */
const around = { ...surroundingsOn(400), now: new Date('2026-06-01T10:00:00.000Z') }
const stands = [...openJournal(years).garden.batches.values()].filter(hasBegun).filter(({ ended }) => !ended)
const beforeRound = performance.now()
for (const batch of stands) {
  const method = findMethod(batch.began.methodId)
  method?.life.standing(batch, around)
  method?.life.tasks(batch, around)
}
const round = performance.now() - beforeRound
say(
  `standing and tasks of ${stands.length} batches that stand, the first time`, round,
  `${(round / Math.max(1, stands.length)).toFixed(1)} ms each`,
)
const beforeAgain = performance.now()
for (const batch of stands) findMethod(batch.began.methodId)?.life.tasks(batch, around)
say('  and once more, nothing having changed', performance.now() - beforeAgain)

/** A probe that wrote every few minutes since the last turn. */
const probed = (readings: number) =>
  heap(
    RICH_HEAP, Array.from({ length: readings }, (_, index) => reading(1 + (15 * index) / readings, 62 - (25 * index) / readings)),
  )
for (const readings of [50, 5000]) {
  const batch = probed(readings)
  const start = performance.now()
  hotHeap.life.tasks(batch, surroundingsOn(16.2))
  say(`the round of a heap with ${readings} readings since its last turn`, performance.now() - start)
}

/** The cold methods. */
function answered(method: Method, batch: BegunBatch): number {
  const forecaster = method.life.forecaster!
  const start = performance.now()
  const steps = forecaster.answer(forecaster.ask(batch, aroundOn(100))!)
  while (!steps.next().done);
  return performance.now() - start
}
const [cage, pail] = [leafmould, brew].map(method =>
  begun({
    methodId: method.id, approachId: method.face.approaches[0]!.id, site: method.plan.sites[0]!, inputs: [input('leaves-mixed', 9, SACK)],
    waterL: 20,
  }),
)
say('forecast of a cage of leaves over two years and more', answered(leafmould, cage!))

/** What is fed, aired and alive: a bay of eight months, a tower of three weeks, a bin of four months; 400 members each. */
const drained = (steps: Generator<unknown>) => {
  const before = performance.now()
  while (!steps.next().done);
  return performance.now() - before
}
const threeOf = (run: () => number) => Math.min(run(), run(), run())
const [fedBay, chipTower, wormBox] = [bay(240), tower(), bin(120)]
const [burn, soak] = (
  [
    [charMaking, 'wood-dry'], [charCharging, 'biochar-crushed'],
  ] as const
).map(([method, stuff]) =>
  begun({
    methodId: method.id, approachId: method.face.approaches[0]!.id, site: method.plan.sites[0]!, answers: { tap: 'sound' },
    inputs: [input(stuff, 2, SACK)], waterL: 20,
  }),
)
const [card, cover, warm] = (
  [
    [sheet, 'compost-finished', 9], [mulch, 'leaves-mixed', 9], [hotbed, 'horse-manure-straw', 40],
  ] as const
).map(([method, stuff, sacks]) =>
  begun({
    methodId: method.id,
    approachId: method.face.approaches[0]!.id,
    site: method.plan.sites[0]!,
    answers: { pieces: 'card 60 of 0.8 x 0.6' },
    inputs: [input(stuff, sacks, SACK)], waterL: 20,
  }),
)
const dayOn = (day: number) => aroundOn(day)
say('forecast of a slow heap of eight months, 400 members', threeOf(() => drained(slowAnswer(slowQuestion(fedBay, dayOn(240))!, 400))))
say(
  'forecast of a tower of three weeks, 400 members',
  threeOf(() =>
    drained(answerOf(towerQuestion(heapLogOf(chipTower), dayOn(21))!, { members: 400, mostRounds: 1, drawn: FULL_EFFORT.drawn })),
  ),
)
say('forecast of a worm bin of four months, 400 members', threeOf(() => drained(wormAnswer(wormQuestion(wormBox, dayOn(120))!, 400))))

/** Forty that stand, of every method: what the round works out of each, the first time and again. */
const kinds = [
  ['hot-heap', heap(RICH_HEAP), 12], ['slow-heap', fedBay, 240], ['static-tower', chipTower, 21], ['leafmould', cage!, 60],
  ['worm-bin', wormBox, 120], ['brew', pail!, 3], ['char-making', burn!, 1], ['char-charging', soak!, 4], ['card-sheet', card!, 60],
  ['mulching', cover!, 60], ['hotbed', warm!, 14],
] as const
const forty = Array.from({ length: 40 }, (_, index) => {
  const [methodId, batch, day] = kinds[index % kinds.length]!
  return { method: findMethod(methodId)!, batch: { ...batch, id: `forty-${index}` }, surroundings: dayOn(day) }
})
let longest = 0
const roundOnce = () => {
  const before = performance.now()
  for (const { method: { life: look }, batch, surroundings } of forty) {
    const from = performance.now()
    look.tasks(batch, surroundings)
    look.standing(batch, surroundings)
    look.picture(batch, surroundings)
    look.windows(batch, surroundings)
    longest = Math.max(longest, performance.now() - from)
  }
  return performance.now() - before
}
const firstRound = roundOnce()
const longestFirst = longest
say('the round of 40 batches of many methods, the first time', firstRound, `the longest of one batch ${longestFirst.toFixed(0)} ms`)
longest = 0
say('the same again', roundOnce(), `the longest of one batch ${longest.toFixed(1)} ms`)
say('forecast of a brew', answered(brew, pail!))
say('forecast of a soak of char', answered(charCharging, soak!))
say('forecast of a sheet of card', answered(sheet, card!))
say('forecast of a mulch', answered(mulch, cover!))
say('forecast of a hotbed, 190 members over 150 days', answered(hotbed, warm!))
