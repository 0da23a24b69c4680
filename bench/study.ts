import type { Charge } from '#core/heat/charge'
import { emptyCourse, type Deed } from '#core/heat/case'
import { runCourse } from '#core/heat/course'
import type { Standing } from '#core/heat/walls'
import { traitsAt, TRAIT_NAMES } from '#core/heat/traits'
import type { Forecast } from '#core/learning/forecast'
import type { StampedFinding } from '#core/learning/fit'
import { answerOf, FULL_EFFORT } from '#core/methods/heated/forecast/answer'
import type { HeapRow } from '#core/methods/heated/forecast/findings'
import { caseOf, type HeatedQuestion } from '#core/methods/heated/question'
import { questionOf } from '#core/methods/hot-heap/question'
import { ripeDayOf } from '#core/methods/heated/ready-day'
import { normal, seededRandom, type Random } from '#core/random/random'
import { comfortCharges } from '../test/builders/comfort'
import { filled } from '../test/builders/cubes'
import { heap, onDay, surroundingsOn, GOOD_HEAP } from '../test/builders/heaps'
import { foreignCourse } from './foreign'
import { HEATED } from '#core/methods/heated/constants'

/*
 * Do the bands hold what really happens? Heaps of random comfort mixes in random weather, read as gardeners read, with wrong
 * readings: once with this model as the truth, once with a quite different one (`foreign.ts`). BATCHES=40 for a first look.
 */

const BATCHES = Number(process.env.BATCHES ?? 200)
const SEED = Number(process.env.SEED ?? 20)
const READING_K = 2
const WRONG = 0.04
const AHEAD = 4
const LOOKS = [7, 14, 28] as const
const LONGEST = 400

interface Truth {
  readonly coreC: (day: number) => number
  readonly turns: readonly number[]
  readonly waterings: readonly { readonly day: number, readonly litres: number }[]
  readonly readyDay: number
}
interface Heap {
  readonly charge: Charge
  readonly standing: Standing
  readonly meanC: number
  readonly turning: { readonly everyDays?: number, readonly most: number }
}

function weather(meanC: number, random: Random): number[] {
  let spell = 0
  return Array.from({ length: LONGEST }, () => {
    spell = 0.78 * spell + 2 * normal(random)
    return meanC + spell
  })
}

function heapOf(charge: Charge, random: Random): Heap {
  const sideM = 0.9 + 0.7 * random()
  const heightM = Math.min(1.3, 0.7 + 0.6 * random())
  const wall = (['boards', 'wire', 'boards', 'plastic'] as const)[Math.floor(4 * random())]!
  return {
    charge: filled(charge, { sideM, heightM, wall }), standing: { wall, footprintM2: sideM * sideM, perimeterM: 4 * sideM },
    meanC: 5 + 14 * random(), turning: random() < 0.5 ? { most: 5 } : { everyDays: 7, most: 6 },
  }
}

const base = questionOf(heap(GOOD_HEAP), surroundingsOn(0))!
function asked({ charge, standing, meanC, turning }: Heap, seed: number): HeatedQuestion {
  const days = LONGEST
  return {
    ...base, charge, standing, horizonDay: 300, seed, batchId: `study-${seed}`,
    weather: { airC: new Float64Array(days).fill(meanC), rainMm: new Float64Array(days).fill(1.5), openShare: 0.15 },
    turning: turning.everyDays
      ? { kind: 'every', days: [turning.everyDays, turning.everyDays + 1], most: turning.most }
      : { kind: 'by-heat', most: turning.most },
  }
}

/** The truth of this model: random traits, and it strays from its course as real heaps do. */
function ownTruth(what: Heap, question: HeatedQuestion, random: Random): Truth {
  const point = Float64Array.from(TRAIT_NAMES, () => normal(random))
  const traits = traitsAt(point)
  const course = emptyCourse(Float64Array.from({ length: 301 * 2 }, (_, half) => half / 2))
  const air = Float64Array.from(weather(what.meanC, random))
  const ran = runCourse(
    { ...caseOf(question), weather: { ...question.weather, airC: air, measured: new Uint8Array(LONGEST).fill(1) }, habitFromDay: 0 },
    traits, course,
  )
  if (!ran.ok) throw new Error(ran.error.kind)
  let stray = 2.5 * normal(random)
  const strays = Array.from({ length: 302 }, () => (stray = 0.9 * stray + 2.5 * Math.sqrt(1 - 0.81) * normal(random)))
  return {
    coreC: day => course.coreC[Math.round(day * 2)]! + strays[Math.floor(day)]!, turns: course.habitTurns,
    waterings: course.habitWaterings, readyDay: ripeDayOf(course, HEATED.ripeMgG * traits.ripe) ?? 300,
  }
}

function foreignTruth(what: Heap, _question: HeatedQuestion, random: Random): Truth {
  const air = weather(what.meanC, random)
  const { coreC, turns, waterings, readyDay } = foreignCourse(what.charge, what.standing, day => air[day]!, 300, what.turning, random)
  return { coreC: day => coreC[Math.min(299, Math.floor(day))]!, turns, waterings, readyDay }
}

interface Seen { readonly day: number, readonly coreC: number }

/** What a gardener reads until a day: most days at first, one in three later; one in twenty-five is simply wrong. */
function readingsOf({ coreC }: Truth, until: number, random: Random): Seen[] {
  const seen: Seen[] = []
  for (let day = 1; day <= until; day++) {
    if (random() < (day < 14 ? 0.3 : 0.65)) continue
    seen.push({ day, coreC: random() < WRONG ? 10 + 55 * random() : coreC(day) + READING_K * normal(random) })
  }
  return seen
}

/** The forecast of a day, given what was read by then and what is done until the reading that is foretold. */
function forecastOn(question: HeatedQuestion, truth: Truth, seen: readonly Seen[], today: number): Forecast {
  const done = [
    ...truth.turns.map((day): Deed => ({ day: day + 0.01, kind: 'turn' })),
    ...truth.waterings.map(({ day, litres }): Deed => ({ day: day + 0.02, kind: 'water', litres })),
  ]
  const deeds = done.filter(({ day }) => day < today + AHEAD).sort((a, b) => a.day - b.day)
  const findings = seen
    .filter(({ day }) => day <= today)
    .map(({ day, coreC }, index): StampedFinding<HeapRow> => ({
      eventId: `r${index}`, at: onDay(day),
      finding: { kind: 'value', row: 'coreC', day, value: Math.round(coreC), spread: 2, trust: 1 },
    }))
  const steps = answerOf({ ...question, deeds, findings, nowDay: today, habitFromDay: today + AHEAD + 0.5 }, FULL_EFFORT)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

interface Tally { inside: number, below: number, above: number, widths: number[], errors: number[], naive: number[] }
const tallies = new Map<string, Tally>()
function count(
  name: string, truth: number, { low, typical, high }: { readonly low: number, readonly typical: number, readonly high: number },
  naive?: number,
): void {
  const tally = tallies.get(name) ?? { inside: 0, below: 0, above: 0, widths: [], errors: [], naive: [] }
  tallies.set(name, tally)
  if (truth < low) tally.below++
  else if (truth > high) tally.above++
  else tally.inside++
  tally.widths.push(high - low)
  tally.errors.push(Math.abs(truth - typical))
  if (naive !== undefined) tally.naive.push(Math.abs(truth - naive))
}

function bandAt({ days, series }: Forecast, day: number): { readonly low: number, readonly typical: number, readonly high: number } {
  const at = days.findIndex(one => one >= day - 1e-6)
  const { low, typical, high } = series.coreC!
  return { low: low[at]!, typical: typical[at]!, high: high[at]! }
}

const effective: number[] = []
let took = 0
let forecasts = 0

function study(name: string, truthOf: (what: Heap, question: HeatedQuestion, random: Random) => Truth): void {
  const random = seededRandom(SEED)
  comfortCharges(BATCHES, SEED + 1).forEach((charge, batch) => {
    const what = heapOf(charge, random)
    const question = asked(what, batch)
    const truth = truthOf(what, question, random)
    const seen = readingsOf(truth, Math.max(...LOOKS), random)
    for (const today of [0, ...LOOKS]) {
      const before = performance.now()
      const forecast = forecastOn(question, truth, seen, today)
      took += performance.now() - before
      forecasts++
      effective.push(forecast.effective)
      count(
        `${name}: ready, ${today === 0 ? 'at the start' : `on day ${today}`}`, Math.min(300, truth.readyDay),
        forecast.windows.ready!.now,
      )
      if (today === 0) continue
      const last = seen.findLast(({ day }) => day <= today)
      count(
        `${name}: reading ${AHEAD} days on, from day ${today}`, truth.coreC(today + AHEAD) + READING_K * normal(random),
        bandAt(forecast, today + AHEAD), last?.coreC,
      )
    }
  })
}

const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0
const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length)
console.log(`${BATCHES} heaps of random comfort mixes, seed ${SEED}; 80 % bands:`)
study('this model', ownTruth)
study('foreign', foreignTruth)
for (const [name, { inside, below, above, widths, errors, naive }] of tallies) {
  const share = (of: number) => `${(100 * of / widths.length).toFixed(1)} %`
  console.log(
    `${name.padEnd(42)} ${String(widths.length).padStart(4)}  holds ${share(inside).padStart(7)}  below ${share(below).padStart(7)}  `
    + `above ${share(above).padStart(7)}  middle width ${middle(widths).toFixed(1).padStart(6)}  mean error `
    + `${mean(errors).toFixed(1).padStart(5)}${naive.length > 0 ? `  same as last reading ${mean(naive).toFixed(1)}` : ''}`,
  )
}
console.log(
  `weights worth: middle ${middle(effective).toFixed(0)}, least ${Math.min(...effective).toFixed(0)} members; `
  + `${(took / forecasts).toFixed(0)} ms a forecast`,
)
