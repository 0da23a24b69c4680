import { addDays } from 'date-fns'
import type { Plan } from '#core/garden/plan'
import { batchAhead, PLANNED_ID, questionAhead } from '#core/bench/ahead'
import { draftFor } from '#core/bench/planned'
import type { BegunBatch } from '#core/journal/garden'
import { findMethod } from '#core/methods'
import { balancedOf, questionKey, type Chart, type Fact, type Forecast, type Method, type NamedWindow } from '#core/methods/contract'
import ForecasterWorker from '~/workers/forecaster.worker?worker'
import type { Forecaster } from '~/workers/forecaster.worker'
import { lineTo } from '~/workers/line'
import { proxy } from 'comlink'

/** What a plan would do if it were begun on a day: drawn and said. */
export interface PlanAhead {
  readonly chart: Chart | undefined
  readonly facts: readonly Fact[]
  readonly windows: readonly NamedWindow[]
}

/** A pause after the last change of the plan or the day. */
const SETTLES_MS = 350
/** So far ahead the course is drawn. */
const DRAWN_DAYS = 45

const line = lineTo<Forecaster>(() => new ForecasterWorker())
const tickets = { last: 0 }
/** Answers of this visit: the same plan on the same day is not worked out twice. */
const answers = new Map<string, Forecast>()
/** One worker, one question at a time: two plans side by side wait for each other. */
let before: Promise<unknown> = Promise.resolve()

/** Forecasts a plan before a fork is lifted, away from the page, each time the plan or the day is another one. */
export function usePlanAhead(plan: () => Plan | undefined, start: () => Date) {
  const { surroundings } = useGarden()
  const ahead = shallowRef<PlanAhead>()
  const working = ref(false)
  const failed = ref(false)
  let mine = 0

  function batchOf(): { readonly batch: BegunBatch, readonly method: Method } | undefined {
    const wanted = plan()
    const method = wanted && findMethod(wanted.methodId)
    const planned = wanted && method?.life.forecaster && draftFor(wanted, method, surroundings.value)
    const batch = planned && method && batchAhead(planned.proposal, method, start())
    return batch && method ? { batch, method } : undefined
  }

  function show(batch: BegunBatch, method: Method, forecast: Forecast): void {
    const then = {
      ...surroundings.value,
      now: new Date(batch.began.at),
      forecastOf: (id: string) => (id === PLANNED_ID ? forecast : undefined),
    }
    const [chart] = method.life.charts(batch, { ...then, now: addDays(then.now, DRAWN_DAYS) })
    // Nothing was recorded yet: how it looked at the start is how it looks.
    ahead.value = {
      chart: chart && { ...chart, atStart: [] }, windows: method.life.windows(batch, then),
      facts: balancedOf(method)?.mixing.ahead(batch, then) ?? [],
    }
  }

  async function work(): Promise<void> {
    const ticket = ++mine
    const asked = batchOf()
    const question = asked && questionAhead(asked.batch, asked.method, surroundings.value)
    if (!asked || !question) {
      ahead.value = undefined
      return
    }
    const key = questionKey(question)
    const known = answers.get(key)
    if (known) {
      show(asked.batch, asked.method, known)
      return
    }
    working.value = true
    const answered = before.then(async () => {
      if (ticket !== mine) return undefined
      return await line.ask(async (remote, alive) => await remote.answer(++tickets.last, question, proxy(() => alive()))).catch(() => {
        if (ticket === mine) failed.value = true
        return undefined
      })
    })
    before = answered
    const forecast = await answered
    if (ticket !== mine) return
    working.value = false
    if (!forecast) return
    failed.value = false
    answers.set(key, forecast)
    show(asked.batch, asked.method, forecast)
  }

  watchDebounced([plan, start, surroundings], () => void work(), { debounce: SETTLES_MS, immediate: true })
  onScopeDispose(() => { mine++ })
  return { ahead, working, failed }
}
