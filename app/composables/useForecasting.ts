import { proxy, wrap, type Remote } from 'comlink'
import type { Forecaster } from '~/workers/forecaster.worker'
import ForecasterWorker from '~/workers/forecaster.worker?worker'
import type { KnownBatch } from './useGarden'

/** A pause after the last change, so that several records in a row are answered once. */
const SETTLES_MS = 400

/** Works out the forecast of every standing batch, the one in view first, and again whenever something of it changes. */
export function useForecasting() {
  const { standing, surroundings, settings, store } = useGarden()
  const { days: weather } = useKnownWeather()
  const { keep, keyOf, forget, working } = useForecasts()
  const route = useRoute()
  let remote: Remote<Forecaster> | undefined
  let ticket = 0

  /** What a forecast rests on: when it is the same, so is the forecast. A new day counts, a new minute does not. */
  const keyFor = ({ batch }: KnownBatch) => [batch.log.length, batch.log.at(-1), batch.built.approachId, surroundings.value.now.toDateString(), settings.value.climate.meanC.join(), weather.value?.[0]?.at.toDateString()].join('|')
  const wanted = computed(() => {
    const inView = standing.value.filter(({ batch }) => route.path.startsWith(`/batch/${batch.id}`))
    return [...inView, ...standing.value.filter(known => !inView.includes(known))].map(known => ({ known, key: keyFor(known) }))
  })

  async function work(): Promise<void> {
    const mine = ++ticket
    for (const { known, key } of wanted.value) {
      if (keyOf(known.batch.id) === key) continue
      // Without the old forecast: a question is put by what was recorded, not by what was believed.
      const question = known.method.forecaster.ask(known.batch, { ...surroundings.value, forecastOf: undefined })
      if (!question) continue
      working.value = { batchId: known.batch.id, share: 0 }
      remote ??= wrap<Forecaster>(new ForecasterWorker())
      const forecast = await remote.answer(mine, question, proxy(({ done, ofAtMost }) => {
        if (mine === ticket) working.value = { batchId: known.batch.id, share: done / ofAtMost }
      })).catch(() => undefined)
      if (mine !== ticket) return
      if (forecast) keep(known.batch.id, key, forecast)
    }
    if (mine === ticket) working.value = undefined
  }

  watchDebounced(() => wanted.value.map(({ known, key }) => `${known.batch.id} ${key}`).join(), () => void work(), { debounce: SETTLES_MS, immediate: true })
  watch(() => store.which, forget)
}
