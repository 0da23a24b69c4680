import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Forecast } from '#core/methods/contract'
import { useForecastStore } from './forecasts'
import { useGardenStore } from './garden'
import { usePictureStore } from './pictures'
import { useProbeStore } from './probe'
import { useWeatherStore } from './weather'

const remembered = new Map<string, string>()

beforeEach(() => {
  remembered.clear()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => remembered.get(key) ?? null, setItem: (key: string, value: string) => void remembered.set(key, value),
    removeItem: (key: string) => void remembered.delete(key),
  })
  setActivePinia(createPinia())
})

describe('the forecasts of a visit', () => {
  it('are kept by batch with the question that they answer, and are gone after a reset', () => {
    const forecasts = useForecastStore()
    const [first, second] = [{ effective: 1 }, { effective: 2 }] as unknown as Forecast[]
    forecasts.keep('a', 'question 1', first!)
    forecasts.keep('b', 'question 2', second!)
    expect([forecasts.forecastOf('a'), forecasts.keyOf('a'), forecasts.keyOf('b')]).toEqual([first, 'question 1', 'question 2'])
    forecasts.keep('a', 'question 3', second!)
    expect([forecasts.forecastOf('a'), forecasts.keyOf('a'), forecasts.forecastOf('b')]).toEqual([second, 'question 3', second])
    forecasts.working = { batchId: 'a', share: 0.5 }
    forecasts.reset()
    expect([forecasts.forecastOf('a'), forecasts.keyOf('b'), forecasts.working]).toEqual([undefined, undefined, undefined])
  })
})

describe('the weather that is known', () => {
  const day = (date: number, minC: number, maxC: number, rainMm = 0) => ({ at: new Date(2026, 5, date), minC, maxC, rainMm })

  it('is the middle of the day that is asked for, and nothing outside of what the station told', () => {
    const weather = useWeatherStore()
    expect([weather.known(new Date(2026, 5, 10)), weather.reached]).toEqual([undefined, undefined])
    weather.hear([day(10, 8, 20, 3), day(11, 10, 16)])
    expect(weather.reached).toBe(true)
    expect(weather.known(new Date(2026, 5, 10, 23, 30))).toEqual({ minC: 8, maxC: 20, meanC: 14, rainMm: 3 })
    expect(weather.known(new Date(2026, 5, 11, 0, 1))).toMatchObject({ meanC: 13, rainMm: 0 })
    for (const other of [new Date(2026, 5, 9, 12), new Date(2026, 5, 12, 12), new Date(2027, 5, 10)])
      expect(weather.known(other)).toBeUndefined()
  })

  it('that was written down counts, before the station\'s and when it is silent', () => {
    const weather = useWeatherStore()
    weather.hear([day(10, 8, 20, 3)])
    weather.keep([day(3, -2, 6, 12), day(10, 0, 4)])
    expect(weather.known(new Date(2026, 5, 3, 9))).toMatchObject({ meanC: 2, rainMm: 12 })
    expect(weather.known(new Date(2026, 5, 10, 9))).toMatchObject({ meanC: 2, rainMm: 0 })
    weather.hear(undefined)
    expect(weather.known(new Date(2026, 5, 3, 9))).toMatchObject({ meanC: 2, rainMm: 12 })
  })

  it('is none when the station is silent, and unasked after a reset', () => {
    const weather = useWeatherStore()
    weather.hear([day(10, 8, 20)])
    weather.hear(undefined)
    expect([weather.reached, weather.known(new Date(2026, 5, 10))]).toEqual([false, undefined])
    weather.reset()
    expect(weather.reached).toBeUndefined()
  })
})

describe('what a new forecast changed', () => {
  const forecastWith = (typical: number) =>
    ({ windows: { ready: { now: { low: typical - 9, typical, high: typical + 9 } } } }) as unknown as Forecast

  it('is told beside what was believed before, with the record in between or none', () => {
    const forecasts = useForecastStore()
    forecasts.keep('a', 'first', forecastWith(80), 'e1')
    expect(forecasts.beforeOf('a')).toBeUndefined()
    forecasts.keep('a', 'second', forecastWith(86), 'e2')
    expect(forecasts.beforeOf('a')).toEqual({ forecast: forecastWith(80), causedBy: 'e2' })
    forecasts.keep('a', 'third', forecastWith(85), 'e2')
    expect(forecasts.beforeOf('a')).toEqual({ forecast: forecastWith(86), causedBy: undefined })
  })
})

describe('the probe', () => {
  it('stays where it was put, on this device, and starts anew in another batch', () => {
    const probe = useProbeStore()
    probe.place('a')
    probe.hear({ at: '2026-06-01T10:00:00.000Z', values: { core: 50 } })
    probe.keptAt = 5
    probe.place('b')
    expect([probe.connected, probe.looks, probe.keptAt]).toEqual(['b', [], 0])
    setActivePinia(createPinia())
    expect(useProbeStore().connected).toBe('b')
    useProbeStore().place(undefined)
    expect(remembered.size).toBe(0)
  })

  it('shows its last forty looks', () => {
    const probe = useProbeStore()
    for (let minute = 0; minute < 45; minute++) probe.hear({ at: `look ${minute}` })
    expect(probe.looks).toHaveLength(40)
    expect([probe.looks[0]!.at, probe.looks.at(-1)!.at]).toEqual(['look 5', 'look 44'])
    probe.batteryPct = 70
    probe.reset()
    expect([probe.looks, probe.batteryPct]).toEqual([[], undefined])
  })
})

describe('addresses of pictures', () => {
  it('are given out once, and given back by the last who holds one', async () => {
    const [made, back] = [vi.fn(() => 'blob:one'), vi.fn()]
    vi.stubGlobal('URL', { createObjectURL: made, revokeObjectURL: back })
    await useGardenStore()
      .shelfNow()
      .add({ events: [], documents: [] }, [{ id: 'p', picture: new Blob(['x']) }])
    const pictures = usePictureStore()
    expect(await Promise.all([pictures.take('p'), pictures.take('p')])).toEqual(['blob:one', 'blob:one'])
    expect(made).toHaveBeenCalledTimes(1)
    pictures.giveBack('p')
    await Promise.resolve()
    expect([pictures.count(), back.mock.calls.length]).toEqual([1, 0])
    pictures.giveBack('p')
    pictures.giveBack('p')
    await vi.waitFor(() => expect(back).toHaveBeenCalledWith('blob:one'))
    expect([pictures.count(), back.mock.calls.length]).toEqual([0, 1])
  })

  it('all go back at a reset, and a picture that is not here has none', async () => {
    const back = vi.fn()
    vi.stubGlobal('URL', { createObjectURL: () => 'blob:two', revokeObjectURL: back })
    await useGardenStore()
      .shelfNow()
      .add({ events: [], documents: [] }, [{ id: 'p', picture: new Blob(['x']) }])
    const pictures = usePictureStore()
    await Promise.all([pictures.take('p'), pictures.take('p')])
    expect(await pictures.take('q')).toBeUndefined()
    pictures.reset()
    expect(pictures.count()).toBe(0)
    await vi.waitFor(() => expect(back).toHaveBeenCalledTimes(1))
  })
})
