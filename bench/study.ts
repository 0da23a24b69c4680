import { emptyCourse, runCourse } from '#core/heat/course'
import { traitsAt, TRAIT_NAMES } from '#core/heat/traits'
import type { Forecast } from '#core/learning/forecast'
import { answerOf, FULL_EFFORT } from '#core/methods/hot-heap/forecast/answer'
import { findingsOf } from '#core/methods/hot-heap/forecast/findings'
import { caseOf, questionOf, type HeapQuestion } from '#core/methods/hot-heap/forecast/question'
import { readyDayOf } from '#core/methods/hot-heap/forecast/ready-day'
import { normal, seededRandom, type Random } from '#core/random/random'
import { heap, onDay, surroundingsOn, type HeapRecipe, GOOD_HEAP, RICH_HEAP } from '../test/builders/heaps'
import type { NewEvent } from '#core/journal/event'

/** Does the 80 % window hold what really happened? Simulated heaps whose truth is known, read as gardeners read. */

const BATCHES = Number(process.env.BATCHES ?? 200)
/** The model is not the world: a heap strays from its course in spells of some days, K; a reading is off by so much; one in so many is wrong. */
const STRAYS = { spreadK: 2.5, spellDays: 3 }
const READING_K = 1.5
const WRONG = 0.04

interface Tally { inside: number, sooner: number, later: number, widths: number[] }
const tally = (): Tally => ({ inside: 0, sooner: 0, later: 0, widths: [] })

function count(into: Tally, truth: number, low: number, high: number): void {
  if (truth < low) into.sooner++
  else if (truth > high) into.later++
  else into.inside++
  into.widths.push(high - low)
}

const recipes: readonly HeapRecipe[] = [GOOD_HEAP, RICH_HEAP, { ...RICH_HEAP, approachId: 'weekly' }, { ...RICH_HEAP, approachId: 'every-few-days' }]

function answered(question: HeapQuestion): Forecast {
  const steps = answerOf(question, FULL_EFFORT)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** What a gardener would have noted of the true course until today, with the turns that were really made. */
function logOf(question: HeapQuestion, point: Float64Array, today: number, random: Random): { readonly events: NewEvent[], readonly truth: number, readonly coreLaterC: number } {
  const days = Float64Array.from({ length: Math.round(question.horizonDay * 4) + 1 }, (_, quarter) => quarter / 4)
  const course = emptyCourse(days)
  const traits = traitsAt(point)
  runCourse({ ...caseOf(question), habitFromDay: 0 }, traits, course)
  let stray = 0
  const events: NewEvent[] = course.habitTurns.filter(day => day <= today).map(day => ({ kind: 'turned', at: onDay(day), batchId: 'heap' }))
  for (let day = 1; day <= today; day++) {
    stray = stray * Math.exp(-1 / STRAYS.spellDays) + STRAYS.spreadK * Math.sqrt(1 - Math.exp(-2 / STRAYS.spellDays)) * normal(random)
    if (random() < (day < 14 ? 0.25 : 0.65)) continue
    const core = random() < WRONG ? 15 + 50 * random() : course.coreC[day * 4 - 1]! + stray + READING_K * normal(random)
    events.push({ kind: 'reading', at: onDay(day - 0.25), batchId: 'heap', coreC: Math.round(core), source: 'hand' })
    if (day % 9 === 0) events.push({ kind: 'measured', at: onDay(day - 0.2), batchId: 'heap', heightM: Math.max(0.05, question.builtHeightM * (course.volumeShare[day * 4 - 1]! + 0.03 * normal(random))) })
  }
  return { events: events.sort((a, b) => a.at < b.at ? -1 : 1), truth: readyDayOf(course, question, traits.weather, point), coreLaterC: course.coreC[Math.min(days.length - 1, (today + 4) * 4)]! }
}

const random = seededRandom(20)
const start = tally(), now = tally(), coreLater = tally()
const effective: number[] = []
let rounds = 0
for (let batch = 0; batch < BATCHES; batch++) {
  const recipe = recipes[batch % recipes.length]!
  const today = 4 + Math.floor(random() * 40)
  const bare = questionOf(heap(recipe), surroundingsOn(today))!
  const point = Float64Array.from(TRAIT_NAMES, () => normal(random))
  const { events, truth, coreLaterC } = logOf(bare, point, today, random)
  const question = questionOf(heap(recipe, events), surroundingsOn(today))!
  const forecast = answered({ ...question, findings: findingsOf(heap(recipe, events), question.builtHeightM), seed: batch })
  count(start, truth, forecast.windows.ready!.start.low, forecast.windows.ready!.start.high)
  count(now, truth, forecast.windows.ready!.now.low, forecast.windows.ready!.now.high)
  const at = forecast.days.findIndex(day => day >= today + 4)
  count(coreLater, coreLaterC, forecast.series.coreC!.low[at]!, forecast.series.coreC!.high[at]!)
  effective.push(forecast.effective)
  rounds += forecast.rounds
}

const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!
function say(name: string, { inside, sooner, later, widths }: Tally): boolean {
  const share = inside / BATCHES
  console.log(`${name.padEnd(46)} holds ${(100 * share).toFixed(1)} %   below ${(100 * sooner / BATCHES).toFixed(1)} %   above ${(100 * later / BATCHES).toFixed(1)} %   middle width ${middle(widths).toFixed(1)}`)
  return share >= 0.7 && share <= 0.9
}
console.log(`${BATCHES} simulated heaps, read until a day between 4 and 43; 80 % windows:`)
const good = [say('ready day, as forecast at the start', start), say('ready day, with what was recorded', now), say('core four days on, °C', coreLater)]
console.log(`members the weights are worth: middle ${middle(effective).toFixed(0)}, least ${Math.min(...effective).toFixed(0)}; rounds ${(rounds / BATCHES).toFixed(1)}`)
if (!good.slice(0, 2).every(Boolean)) process.exitCode = 1
