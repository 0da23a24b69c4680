import { writeFrom } from '#core/units/region'
import { dayOfYear } from '#core/units/time'
import { nextLastFrost, usualRainMm, usualTemperatureC } from '#core/garden/climate'
import { gardenMaterials } from '#core/garden/materials'
import { readPlan } from '#core/garden/plan'
import { readContainers, readSettings, readVessels } from '#core/garden/settings'
import { sparesOf } from '#core/garden/spares'
import { storedLots } from '#core/garden/store'
import { supplies as suppliesOf } from '#core/garden/supply'
import { hasBegun, type Batch, type BegunBatch } from '#core/journal/garden'
import { findMethod } from '#core/methods'
import type { Around, Method, Surroundings, Weather } from '#core/methods/contract'
import { STARTING_CONTAINERS, type Container } from '#core/units/container'
import { VESSEL_PRESETS } from '#core/vessel/presets'

/** A batch that this version can think about, with its method. */
export interface KnownBatch {
  readonly batch: BegunBatch
  readonly method: Method
}

/** Screens think anew so often, and at once when something is recorded. */
const STEP_MS = 15 * 60_000

/**
 * The open garden as the screens need it: everything derived, nothing kept. What has not changed keeps its identity, so that
 * nothing is worked out again.
 */
export const useGarden = createSharedComposable(() => {
  const store = useGardenStore()
  const now = useNow({ interval: 60_000 })
  const clockMs = computed(() => {
    const step = Math.floor(now.value.getTime() / STEP_MS) * STEP_MS
    return Math.max(step, store.changedAtMs)
  })
  const clock = computed(() => new Date(clockMs.value))
  watch(clock, writeFrom)
  const settings = computed(() => readSettings(store.documents))
  const units = computed(() => settings.value.units)
  const containers = computed(() => readContainers(store.documents, units.value))
  const materialContainers = computed(() => containers.value.filter(({ holds }) => holds === 'material'))
  const waterCan = computed(
    () => containers.value.find(({ holds }) => holds === 'water') ?? (STARTING_CONTAINERS[units.value].at(-1) as Container),
  )
  const vessels = computed(() => [...readVessels(store.documents), ...VESSEL_PRESETS])
  /** The book changes when something of a material was said or measured, not with every record. */
  const bookKey = computed(() =>
    JSON.stringify([store.documents.filter(({ kind }) => kind === 'material'), [...store.journal.garden.measurements]]),
  )
  const materials = computed(() => {
    void bookKey.value
    return gardenMaterials(toRaw(store.documents), toRaw(store.journal).garden)
  })
  /** The library's seasons are of the northern year; a place that is warmest around January is half a year on. */
  const seasonMonth = computed(() => {
    const southern = (settings.value.climate.meanC[0] ?? 0) > (settings.value.climate.meanC[6] ?? 0)
    return (now.value.getMonth() + (southern ? 6 : 0)) % 12 + 1
  })
  const plan = computed(() => readPlan(store.documents))
  const stored = computed(() => storedLots(store.journal.garden, clock.value, materials.value))
  const supplies = computed(() => suppliesOf(toRaw(store.documents), toRaw(store.journal).garden, clock.value, materials.value))
  const spares = computed(() => sparesOf(stored.value, id => materials.value.find(id), containers.value))
  const weather = useWeatherStore()
  const climateKey = computed(() => JSON.stringify(settings.value.climate))
  const outside = computed<Weather>(() => {
    const climate = JSON.parse(climateKey.value) as typeof settings.value.climate
    // A new answer of the station makes new functions, so that whoever keeps by them notices.
    const { known } = weather
    return {
      ambientC: (at: Date) => known(at)?.meanC ?? usualTemperatureC(climate, dayOfYear(at)),
      rainMm: (at: Date) => known(at)?.rainMm ?? usualRainMm(climate, at),
      extremesC: known,
      measured: (at: Date) => known(at) !== undefined,
      nextLastFrost: (at: Date) => nextLastFrost(climate, at),
      latitudeDeg: climate.latitudeDeg,
    }
  })
  const forecasts = useForecastStore()
  const forecastOf = (batchId: string) => forecasts.kept.get(batchId)?.forecast
  const everything = computed(() => [...store.journal.garden.batches.values()])
  const batches = computed<KnownBatch[]>(() => everything.value.flatMap((batch) => {
    const method = hasBegun(batch) ? findMethod(batch.began.methodId) : undefined
    return hasBegun(batch) && method ? [{ batch, method }] : []
  }))
  const standing = computed(() =>
    batches.value.filter(({ batch }) => !batch.ended).sort((a, b) => (a.batch.began.at < b.batch.began.at ? 1 : -1)),
  )
  const finished = computed(() =>
    batches.value.filter(({ batch }) => batch.ended).sort((a, b) => ((a.batch.ended?.at ?? '') < (b.batch.ended?.at ?? '') ? 1 : -1)),
  )
  /** What is over changes seldom: as long as it does not, what was learned from it is not learned again. */
  const overKey = computed(() => finished.value.map(({ batch }) => `${batch.id} ${batch.log.length}`).join(';'))
  const past = computed<NonNullable<Surroundings['past']>>(() => {
    void overKey.value
    const over = toRaw(store.journal).garden.batches
    // What nobody counted teaches nothing.
    const began = [...over.values()]
      .filter(hasBegun)
      .filter(({ ended, began: { stood } }) => ended && (stood === undefined || stood.of === 'known'))
      .sort((a, b) => a.began.at < b.began.at ? -1 : 1)
    return methodId => began.filter(batch => batch.began.methodId === methodId)
  })
  /** One and the same while nothing in it changes: what is worked out of a batch is kept by it. */
  const gardenKey = computed(() => JSON.stringify({
    waterCan: waterCan.value, water: settings.value.water, containers: containers.value,
    carriers: standing.value.flatMap(({ batch: { id, name }, method }) =>
      method.life.carriesChar ? [{ batchId: id, name, as: method.life.carriesChar }] : [],
    ),
  } satisfies Around))
  const garden = computed(() => JSON.parse(gardenKey.value) as Around)
  const surroundings = computed<Surroundings>(() => ({
    now: clock.value,
    units: units.value,
    materials: materials.value,
    weather: outside.value,
    garden: garden.value,
    past: past.value,
    spares: spares.value,
    forecastOf,
  }))
  /** What a newer version began, or of which the beginning is not here: kept and listed, not thought about. */
  const unknown = computed<Batch[]>(() => everything.value.filter(batch => !hasBegun(batch) || !findMethod(batch.began.methodId)))
  return {
    store, now, clock, settings, units, containers, materialContainers, waterCan, vessels, materials, seasonMonth, plan, surroundings,
    stored, supplies, batches, everything, unknown, standing, finished,
  }
})
