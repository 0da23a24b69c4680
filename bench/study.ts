import type { Charge } from '#core/heat/charge'
import { emptyCourse, type Deed } from '#core/heat/case'
import { runCourse } from '#core/heat/course'
import type { Standing } from '#core/heat/walls'
import { traitsAt, TRAIT_NAMES } from '#core/heat/traits'
import type { Forecast } from '#core/learning/forecast'
import type { StampedFinding } from '#core/learning/fit'
import { answerOf, FULL_EFFORT } from '#core/methods/heated/forecast/answer'
import type { HeapRow } from '#core/methods/heated/forecast/findings'
import { HEATED } from '#core/methods/heated/constants'
import { caseOf, type HeatedQuestion } from '#core/methods/heated/question'
import { rhythmOf, type TurningRule } from '#core/methods/heated/turning'
import { questionOf } from '#core/methods/hot-heap/question'
import { hotHeapApproach } from '#core/methods/hot-heap/approaches'
import { readyDayOf } from '#core/methods/heated/ready-day'
import { normal, seededRandom, type Random } from '#core/random/random'
import { filled } from '../test/builders/cubes'
import { goodMixes, type GoodMix } from '../test/builders/good-mixes'
import { heap, onDay, surroundingsOn, GOOD_HEAP } from '../test/builders/heaps'
import { foreignCourse, type Decides, type Turning } from './foreign'
import { stagedCourse } from './stages'

/*
 * Do the bands hold what really happens? Heaps of random good mixes, begun in spring, autumn and winter, in weather that the forecast does
 * not know, read as gardeners read, with wrong readings, by gardeners who do all that is asked and by those who do half of it: with this
 * model as the truth, and with two quite different ones (`foreign.ts`, `stages.ts`). BATCHES=40 for a first look.
 */

const BATCHES = Number(process.env.BATCHES ?? 200)
const SEED = Number(process.env.SEED ?? 20)
const READING_K = 2
const WRONG = 0.04
const AHEAD = 4
const LATER = 10
const LOOKS = [7, 14, 28] as const
const LONGEST = 520
const HORIZON = 480

interface Truth {
  readonly coreC: (day: number) => number
  readonly turns: readonly number[]
  readonly waterings: readonly { readonly day: number, readonly litres: number }[]
  readonly readyDay: number
}
interface Heap {
  readonly mix: GoodMix
  readonly charge: Charge
  readonly standing: Standing
  readonly season: keyof typeof SEASONS
  readonly usualC: (day: number) => number
  readonly rule: TurningRule
  readonly half: boolean
}

/** The day of the year on which it is built, from the coldest on. */
const SEASONS = { spring: 90, autumn: 270, winter: 330 } as const
const SEASON_NAMES = Object.keys(SEASONS) as (keyof typeof SEASONS)[]

/** The air of its days: what is usual, and spells beside it. */
function weather({ usualC }: Heap, random: Random): number[] {
  let spell = 0
  const year = 1.2 * normal(random)
  return Array.from({ length: LONGEST }, (_, day) => {
    spell = 0.78 * spell + 2 * normal(random)
    return usualC(day) + year + spell
  })
}

function heapOf(mix: GoodMix, index: number, random: Random): Heap {
  const sideM = 0.9 + 0.7 * random()
  const heightM = Math.min(1.3, 0.7 + 0.6 * random())
  const wall = (['boards', 'wire', 'boards', 'plastic'] as const)[Math.floor(4 * random())]!
  const season = SEASON_NAMES[index % SEASON_NAMES.length]!
  const [meanC, swingK] = [7 + 8 * random(), 6 + 4 * random()]
  return {
    mix, charge: filled(mix.charge, { sideM, heightM, wall }), standing: { wall, footprintM2: sideM * sideM, perimeterM: 4 * sideM },
    season, usualC: day => meanC - swingK * Math.cos(2 * Math.PI * (SEASONS[season] + day - 20) / 365),
    rule: hotHeapApproach(random() < 0.5 ? 'by-thermometer' : 'weekly').turning, half: index % 2 === 1,
  }
}

/** Half of what is asked: every other turn. */
const gardener = ({ rule, half }: Heap): Turning => ({
  does: asked => !half || asked % 2 === 0,
  due: ({ sinceDays, turns, coreC, peakC, airC }: Decides) => {
    if (rule.kind === 'never' || turns >= rule.most) return false
    if (rule.kind === 'every') return sinceDays >= rhythmOf(rule, turns)[0] && coreC - airC >= HEATED.workingK
    if (peakC >= HEATED.turnWorthC) return sinceDays >= HEATED.turnRestDays && peakC - coreC >= HEATED.turnFallenK
    return sinceDays >= HEATED.turnLate.restDays && peakC - airC >= 10 && peakC - coreC >= HEATED.turnLate.fallenShare * (peakC - airC)
  },
})

const base = questionOf(heap(GOOD_HEAP), surroundingsOn(0))!
function asked({ mix, charge, standing, usualC, rule }: Heap, seed: number): HeatedQuestion {
  const airC = Float64Array.from({ length: LONGEST }, (_, day) => usualC(day))
  return {
    ...base, charge, standing, ...mix.laidAt(airC[0]!), horizonDay: HORIZON, seed, batchId: `study-${seed}`,
    weather: { airC, rainMm: new Float64Array(LONGEST).fill(1.5), openShare: 0.15 }, turning: rule,
  }
}

/** The truth of this model: random traits, and it strays from its course as real heaps do. */
function ownTruth(what: Heap, question: HeatedQuestion, random: Random): Truth {
  const traits = { ...traitsAt(Float64Array.from(TRAIT_NAMES, () => normal(random))), ...(what.half ? { tends: 0.5 } : {}) }
  const course = emptyCourse(Float64Array.from({ length: (HORIZON + 1) * 2 }, (_, half) => half / 2))
  const air = Float64Array.from(weather(what, random))
  const ran = runCourse(
    { ...caseOf(question), weather: { ...question.weather, airC: air, measured: new Uint8Array(LONGEST).fill(1) }, habitFromDay: 0 },
    traits, course,
  )
  if (!ran.ok) throw new Error(ran.error.kind)
  let stray = 2.5 * normal(random)
  const strays = Array.from({ length: HORIZON + 2 }, () => (stray = 0.9 * stray + 2.5 * Math.sqrt(1 - 0.81) * normal(random)))
  return {
    coreC: day => course.coreC[Math.round(day * 2)]! + strays[Math.floor(day)]!, turns: course.habitTurns,
    waterings: course.habitWaterings, readyDay: readyDayOf(course, question.weather.airC, traits.ripe) ?? HORIZON,
  }
}

/** The truth of another model. */
const truthBy = (run: typeof foreignCourse) => (what: Heap, _: HeatedQuestion, random: Random): Truth => {
  const air = weather(what, random)
  const { coreC, turns, waterings, readyDay } = run(what.charge, what.standing, day => air[day]!, HORIZON, gardener(what), random)
  return { coreC: day => coreC[Math.min(coreC.length - 1, Math.floor(day))]!, turns, waterings, readyDay }
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

const width = ({ low, high }: { readonly low: number, readonly high: number }) => high - low
const narrowing: number[] = []
const beyond = new Map<string, number[]>()

function study(name: string, truthOf: (what: Heap, question: HeatedQuestion, random: Random) => Truth): void {
  const random = seededRandom(SEED)
  goodMixes(BATCHES, SEED + 1).forEach((mix, batch) => {
    const what = heapOf(mix, batch, random)
    const question = asked(what, batch)
    const truth = truthOf(what, question, random)
    const seen = readingsOf(truth, Math.max(...LOOKS), random)
    let first: number | undefined
    for (const today of [0, ...LOOKS]) {
      const before = performance.now()
      const forecast = forecastOn(question, truth, seen, today)
      took += performance.now() - before
      forecasts++
      effective.push(forecast.effective)
      const window = forecast.windows.ready!.now
      first ??= width(window)
      if (today === 28) narrowing.push(width(window) / Math.max(1, first))
      const ready = Math.min(HORIZON, truth.readyDay)
      count(`${name}: ready, ${today === 0 ? 'at the start' : `on day ${today}`}`, ready, window)
      if (today === 0 || today === 28) {
        count(`${name}, ${what.season}: ready, day ${today}`, ready, window)
        count(`${name}, ${what.half ? 'half done' : 'all done'}: ready, day ${today}`, ready, window)
      }
      if (today === 0) continue
      const last = seen.findLast(({ day }) => day <= today)
      count(
        `${name}: reading ${AHEAD} days on, from day ${today}`, truth.coreC(today + AHEAD) + READING_K * normal(random),
        bandAt(forecast, today + AHEAD), last?.coreC,
      )
      const later = bandAt(forecast, today + LATER)
      const all = beyond.get(name) ?? []
      beyond.set(name, all)
      all.push(later.typical - truth.coreC(today + LATER))
    }
  })
}

const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0
const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length)
console.log(`${BATCHES} heaps of random good mixes, seed ${SEED}; 80 % bands:`)
const ONLY = process.env.ONLY?.split(',') ?? ['own', 'two zones', 'stages']
if (ONLY.includes('own')) study('this model', ownTruth)
if (ONLY.includes('two zones')) study('two zones', truthBy(foreignCourse))
if (ONLY.includes('stages')) study('stages', truthBy(stagedCourse))
for (const [name, { inside, below, above, widths, errors, naive }] of tallies) {
  const share = (of: number) => `${(100 * of / widths.length).toFixed(1)} %`
  console.log(
    `${name.padEnd(42)} ${String(widths.length).padStart(4)}  holds ${share(inside).padStart(7)}  below ${share(below).padStart(7)}  `
    + `above ${share(above).padStart(7)}  middle width ${middle(widths).toFixed(1).padStart(6)}  mean error `
    + `${mean(errors).toFixed(1).padStart(5)}${naive.length > 0 ? `  same as last reading ${mean(naive).toFixed(1)}` : ''}`,
  )
}
for (const [name, all] of beyond) console.log(`${name}: ${LATER} days on too warm by ${mean(all).toFixed(1)} K in the mean`)
console.log(
  `weights worth: middle ${middle(effective).toFixed(0)}, least ${Math.min(...effective).toFixed(0)} members; `
  + `${(took / forecasts).toFixed(0)} ms a forecast; window on day 28 ${middle(narrowing).toFixed(2)} of the first in the middle`,
)
