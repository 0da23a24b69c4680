import { startOfDay } from 'date-fns'
import { proxy } from 'comlink'
import type { NewEvent } from '#core/journal/event'
import type { Progress } from '#core/learning/learn'
import { byPressing } from '#core/learning/pressing'
import { questionKey, type ForecastQuestion } from '#core/methods/contract'
import type { Forecaster } from '~/workers/forecaster.worker'
import ForecasterWorker from '~/workers/forecaster.worker?worker'
import { lineTo } from '~/workers/line'
import type { KnownBatch } from './useGarden'

/** A pause after the last change, so that several records in a row are answered once. */
const SETTLES_MS = 400
const MOST_WORKERS = 4

/**
 * Works out the forecast of every standing batch, the one in view first, then the most pressing; and again whenever its question is
 * another one.
 */
export function useForecasting() {
  const { standing, surroundings, materials, store } = useGarden()
  const forecasts = useForecastStore()
  const route = useRoute()
  /** As many workers as there are cores, less the one the page needs. */
  const lines = Array.from({ length: Math.min(MOST_WORKERS, Math.max(1, (navigator.hardwareConcurrency || 2) - 1)) }, () =>
    lineTo<Forecaster>(() => new ForecasterWorker()),
  )
  /** A batch stays with its worker, which remembers its past. */
  const placed = new Map<string, number>()
  let ticket = 0

  function lineOf(batchId: string): number {
    const place = placed.get(batchId) ?? placed.size % lines.length
    placed.set(batchId, place)
    return place
  }

  const inView = computed(() => standing.value.find(({ batch }) => route.path.startsWith(`/batch/${batch.id}`))?.batch.id)
  const today = computed(() => startOfDay(surroundings.value.now).getTime())

  /**
   * The question as it stands today. It is put for the start of the day or the last record, whichever is later: an hour that
   * passes asks nothing new.
   */
  function ask({ batch, method }: KnownBatch): ForecastQuestion | undefined {
    const last = store.journal.events.get(batch.log.at(-1) ?? '')?.at
    const now = new Date(Math.min(surroundings.value.now.getTime(), Math.max(today.value, last ? Date.parse(last) : 0)))
    // Without the old forecast: a question is put by what was recorded, not by what was believed.
    return method.life.forecaster?.ask(batch, { ...surroundings.value, now, forecastOf: undefined })
  }

  async function answer(question: ForecastQuestion, mine: number, place: number) {
    let answered = false
    // What is told on the way may arrive after all of it.
    const share = (of: number) => { if (mine === ticket && !answered) forecasts.working = { batchId: question.batchId, share: of } }
    share(0)
    const forecast = await lines[place]!.ask(
      async (remote, alive) =>
        await remote.answer(
          mine, question,
          proxy(({ done, ofAtMost }: Progress) => {
            alive()
            share(done / ofAtMost)
          }))).catch(() => {
      // Nobody waits for a forecast that does not come: the rough window stands, and that is said.
      if (mine === ticket) forecasts.silent = true
      return undefined
    })
    answered = true
    return forecast
  }

  /** What the first answers told, for good: "at the start" stays what it was. */
  async function tellFirst(): Promise<void> {
    const at = new Date().toISOString()
    const events = [...store.journal.garden.batches.values()].flatMap(({ id, foretold, ended }): NewEvent[] => {
      const told = foretold || ended ? [] : Object.entries(forecasts.forecastOf(id)?.windows ?? {})
      return told.length > 0
        ? [{ kind: 'foretold', at, batchId: id, windows: Object.fromEntries(told.map(([name, { start }]) => [name, start])) }]
        : []
    })
    if (events.length > 0) await store.record(events)
  }

  /** One batch, unless its question was answered already; false when it is of no use to go on. */
  async function workOn(known: KnownBatch, mine: number, place: number): Promise<boolean> {
    const question = ask(known)
    const key = question && questionKey(question)
    // A breath between questions, so that a tap is heard.
    await new Promise(resolve => setTimeout(resolve, 0))
    if (mine !== ticket) return false
    if (!question || key === undefined || forecasts.keyOf(known.batch.id) === key) return true
    const forecast = await answer(question, mine, place)
    if (mine !== ticket || (!forecast && forecasts.silent)) return false
    if (!forecast) return true
    forecasts.silent = false
    forecasts.keep(known.batch.id, key, forecast, known.batch.log.at(-1))
    const kept = forecasts.answerOf(known.batch.id)
    if (kept) void store.shelfNow().keepAnswer(kept)
    return true
  }

  async function workThrough(batches: readonly KnownBatch[], mine: number, place: number): Promise<void> {
    for (const known of batches) if (!await workOn(known, mine, place)) return
  }

  async function work(): Promise<void> {
    const mine = ++ticket
    // The page on which a garden is saved and mended leans on nothing heavy.
    if (weather.asking || route.path === '/garden') return
    const all = byPressing(
      standing.value.map(({ batch, method }) => ({ batch, method, began: batch.began })), ({ batch }) => batch.id === inView.value,
      ({ batch }) => forecasts.forecastOf(batch.id), surroundings.value.now,
    )
    await Promise.all(lines.map((_, place) => workThrough(all.filter(({ batch }) => lineOf(batch.id) === place), mine, place)))
    if (mine !== ticket) return
    forecasts.working = undefined
    await tellFirst()
  }

  const weather = useWeatherStore()
  watchDebounced([standing, inView, today, materials, () => surroundings.value.weather, () => weather.asking], () => void work(), {
    debounce: SETTLES_MS, immediate: true,
  })
}
