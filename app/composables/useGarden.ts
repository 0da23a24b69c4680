import { dayOfYear, usualRainMm, usualTemperatureC } from '#core/garden/climate'
import { gardenMaterials } from '#core/garden/materials'
import { readPlan } from '#core/garden/plan'
import { readContainers, readSettings, readVessels } from '#core/garden/settings'
import { sparesOf } from '#core/garden/spares'
import { storedLots } from '#core/garden/store'
import { isBuilt, type StandingBatch } from '#core/journal/garden'
import { findMethod } from '#core/methods'
import type { Method, Surroundings } from '#core/methods/method'
import { STARTING_CONTAINERS, type Container } from '#core/units/container'
import { VESSEL_PRESETS } from '#core/vessel/presets'

/** A batch that this version can think about, with its method. */
export interface KnownBatch {
  readonly batch: StandingBatch
  readonly method: Method
}

/** The open garden as the screens need it: everything derived, nothing kept. */
export const useGarden = createSharedComposable(() => {
  const store = useGardenStore()
  const now = useNow({ interval: 60_000 })
  const settings = computed(() => readSettings(store.documents))
  const units = computed(() => settings.value.units)
  const containers = computed(() => readContainers(store.documents, units.value))
  const materialContainers = computed(() => containers.value.filter(({ holds }) => holds === 'material'))
  const waterCan = computed(() => containers.value.find(({ holds }) => holds === 'water') ?? STARTING_CONTAINERS[units.value].at(-1) as Container)
  const vessels = computed(() => [...readVessels(store.documents), ...VESSEL_PRESETS])
  const materials = computed(() => gardenMaterials(store.documents, store.journal.garden))
  /** The library's seasons are of the northern year; a place that is warmest around January is half a year on. */
  const seasonMonth = computed(() => {
    const southern = (settings.value.climate.meanC[0] ?? 0) > (settings.value.climate.meanC[6] ?? 0)
    return (now.value.getMonth() + (southern ? 6 : 0)) % 12 + 1
  })
  const plan = computed(() => readPlan(store.documents))
  const stored = computed(() => storedLots(store.journal.garden, now.value, materials.value))
  const spares = computed(() => sparesOf(stored.value, id => materials.value.find(id), containers.value))
  const { at: weatherAt, days: knownDays } = useKnownWeather()
  const usual = computed(() => {
    const { climate } = settings.value
    // A new answer of the station makes new functions, so that whoever keeps by them notices.
    void knownDays.value
    return {
      ambientC: (at: Date) => weatherAt(at)?.meanC ?? usualTemperatureC(climate, dayOfYear(at)),
      rainMm: (at: Date) => weatherAt(at)?.rainMm ?? usualRainMm(climate, at),
    }
  })
  const { forecastOf } = useForecasts()
  const surroundings = computed<Surroundings>(() => ({
    now: now.value, units: units.value, waterCan: waterCan.value, materials: materials.value, spares: spares.value, ...usual.value, forecastOf,
  }))
  const batches = computed<KnownBatch[]>(() => [...store.journal.garden.batches.values()].flatMap((batch) => {
    const method = isBuilt(batch) ? findMethod(batch.built.methodId) : undefined
    return isBuilt(batch) && method ? [{ batch, method }] : []
  }))
  const standing = computed(() => batches.value.filter(({ batch }) => !batch.finish).sort((a, b) => a.batch.built.at < b.batch.built.at ? 1 : -1))
  const finished = computed(() => batches.value.filter(({ batch }) => batch.finish).sort((a, b) => (a.batch.finish?.at ?? '') < (b.batch.finish?.at ?? '') ? 1 : -1))
  return { store, now, settings, units, containers, materialContainers, waterCan, vessels, materials, seasonMonth, plan, surroundings, stored, batches, standing, finished }
})
