import { askedAfter, askedOf, type RoundTask } from '#core/garden/round'
import type { NamedWindow, Standing, Surroundings } from '#core/methods/contract'
import type { Picture } from '#core/picture/picture'
import type { KnownBatch } from './useGarden'

/** What the round and the yard show of a batch. */
export interface BatchLook {
  readonly tasks: readonly RoundTask[]
  readonly standing: Standing
  readonly picture: Picture
  readonly windows: readonly NamedWindow[]
}

interface Kept { readonly known: KnownBatch['batch'], readonly around: readonly unknown[], readonly look: BatchLook }

const STEP_MS = 15 * 60_000
/** How far it is, is said so often. What was found is shown when all of it is: a list that is still being put together jumps about. */
const SAID_EVERY_MS = 250

/**
 * How every standing batch is today, worked out in slices: forty of them must not hold the page up. What has not changed is not
 * looked at again, and what was found stays when another page is opened.
 */
export const useLooks = createGlobalState(() => {
  const { standing, surroundings } = useGarden()
  /** What the store could give, as far as a remedy or a cover would say it otherwise. */
  const sparesKey = computed(() =>
    (surroundings.value.spares ?? []).map(({ material, count }) => `${material.id} ${Math.round(4 * count)}`).join(';'),
  )
  const forecasts = useForecastStore()
  const weather = useWeatherStore()
  const { asked } = useTrials()
  const kept = new Map<string, Kept>()
  const looks = shallowRef<ReadonlyMap<string, BatchLook>>(new Map())
  /** How many of how many are looked at; nothing when all are. */
  const looking = shallowRef<{ readonly done: number, readonly of: number }>()
  /** What was around when all of them had been looked at the last time: what is worked out of all together is soon done with it. */
  const lookedAt = shallowRef<Surroundings>()
  let ticket = 0

  /** What a look depends on beside its batch. Minutes that pass change nothing. */
  function aroundOf({ batch }: KnownBatch): readonly unknown[] {
    const { now, units, garden, materials, weather, past } = surroundings.value
    return [
      Math.floor(now.getTime() / STEP_MS), units, garden, materials, weather, past, sparesKey.value,
      forecasts.keyOf(batch.id),
    ]
  }
  const isFresh = (known: KnownBatch) => {
    const one = kept.get(known.batch.id)
    return one?.known === known.batch && aroundOf(known).every((part, index) => part === one.around[index])
  }

  function* lookAt(known: KnownBatch): Generator<void> {
    const { batch, method } = known
    const around = surroundings.value
    const keptFor = aroundOf(known)
    const tasks = askedOf(batch, method, around)
    yield
    const standingNow = method.life.standing(batch, around)
    yield
    const picture = method.life.picture(batch, around)
    yield
    const windows = method.life.windows(batch, around)
    kept.set(batch.id, { known: batch, around: keptFor, look: { tasks, standing: standingNow, picture, windows } })
    yield
  }
  /** With what its trials ask of it: each in place of what it would ask of itself. */
  function withTogether(batch: KnownBatch['batch'], look: BatchLook): BatchLook {
    const together = asked.value.get(batch.id) ?? []
    if (together.length === 0) return look
    return {
      ...look,
      tasks: [
        ...look.tasks.filter(({ action }) => !together.some(one => one.action === action)),
        ...askedAfter(batch, together, surroundings.value),
      ],
    }
  }
  function show(): void {
    looks.value = new Map(standing.value.flatMap(({ batch }) => {
      const one = kept.get(batch.id)
      return one ? [[batch.id, withTogether(batch, one.look)]] : []
    }))
  }
  function* lookAtAll(stale: readonly KnownBatch[]): Generator<number, true> {
    for (const [index, known] of stale.entries()) {
      for (const _ of lookAt(known)) yield index
    }
    return true
  }

  async function work(): Promise<void> {
    const mine = ++ticket
    // With the weather still to come, all of it would be looked at twice, and what was shown would move.
    if (weather.asking) return
    const around = surroundings.value
    const stale = standing.value.filter(known => !isFresh(known))
    // What was just recorded is wanted first.
    stale.sort(
      (a, b) =>
        Number(kept.has(b.batch.id) && kept.get(b.batch.id)!.known !== b.batch)
        - Number(kept.has(a.batch.id) && kept.get(a.batch.id)!.known !== a.batch),
    )
    for (const id of [...kept.keys()]) if (!standing.value.some(({ batch }) => batch.id === id)) kept.delete(id)
    let saidAt = performance.now()
    const all = await inSlices(lookAtAll(stale), {
      stillWanted: () => mine === ticket,
      onStep: (done) => {
        if (performance.now() - saidAt < SAID_EVERY_MS) return
        saidAt = performance.now()
        looking.value = { done, of: stale.length }
      },
    })
    if (!all) return
    looking.value = undefined
    lookedAt.value = around
    show()
  }
  watch([standing, surroundings, () => forecasts.kept, () => weather.asking], () => void work(), { immediate: true })
  watch(asked, show)
  return { looks, looking, lookedAt }
})
