import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Forecast } from '#core/methods/contract'
import { removeShelf } from '~/storage/database-shelf'
import { BUILD } from '~/utils/build'
import { useForecastStore } from './forecasts'
import { useGardenStore } from './garden'
import { shelfName } from './which-garden'

const forecast = (typical: number): Forecast => ({
  days: Float64Array.of(0, 1, 2),
  series: { heat: { low: Float32Array.of(1, 2, 3), typical: Float32Array.of(2, 3, 4), high: Float32Array.of(3, 4, 5) } },
  rows: {},
  windows: { ready: { start: { low: 1, typical: 2, high: 3 }, now: { low: typical - 1, typical, high: typical + 1 }, moves: [] } },
  horizonDay: 2, members: 3, effective: 2, rounds: 1,
})

beforeEach(async () => {
  const held = new Map<string, string>()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => held.get(key) ?? null, setItem: (key: string, value: string) => void held.set(key, value),
    removeItem: (key: string) => void held.delete(key),
  })
  vi.stubGlobal('navigator', {})
  await removeShelf(shelfName('own'))
  setActivePinia(createPinia())
})

/** As when the page is loaded anew. */
async function opened() {
  setActivePinia(createPinia())
  const garden = useGardenStore()
  await garden.open('own')
  return { garden, forecasts: useForecastStore() }
}

describe('the last answer of a forecast', () => {
  it('is there with the garden when it is opened again, word for word, and in no backup', async () => {
    const { garden, forecasts } = await opened()
    forecasts.keep('heap', 'what will it do', forecast(80), 'e1')
    const kept = await garden.shelfNow().keepAnswer(forecasts.answerOf('heap')!)
    expect(kept.ok).toBe(true)
    garden.shelfNow().close()
    const again = await opened()
    expect(again.forecasts.forecastOf('heap')).toEqual(forecast(80))
    expect(again.forecasts.keyOf('heap')).toBe('what will it do')
    const written = await again.garden.shelfNow().load()
    expect(written.ok && [written.value.events, written.value.documents]).toEqual([[], []])
    again.garden.shelfNow().close()
  })

  it('of another build is not believed', async () => {
    const { garden } = await opened()
    await garden.shelfNow().keepAnswer({ batchId: 'heap', version: `not ${BUILD}`, key: 'k', forecast: forecast(80) })
    garden.shelfNow().close()
    const { forecasts, garden: again } = await opened()
    expect(forecasts.forecastOf('heap')).toBeUndefined()
    again.shelfNow().close()
  })

  it('can be thrown away', async () => {
    const { garden } = await opened()
    const shelf = garden.shelfNow()
    for (const batchId of ['a', 'b']) await shelf.keepAnswer({ batchId, version: BUILD, key: 'k', forecast: forecast(80) })
    await shelf.dropAnswers(['a'])
    const left = await shelf.answers()
    expect(left.ok && left.value.map(({ batchId }) => batchId)).toEqual(['b'])
    shelf.close()
  })
})
