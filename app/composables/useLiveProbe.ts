import { expectedAt } from '#core/methods/foresight'
import { remember, remembered } from '~/storage/remembered'
import type { KnownBatch } from './useGarden'

/** Looks this often; keeps a reading this often. */
const LOOKS_MS = 20_000
const KEEPS_MS = 60 * 60_000
const KEY = 'wastrum.probe'
const SHOWN = 40

/** What came of one look at the probe. */
export interface ProbeLook { readonly at: string, readonly coreC?: number, readonly edgeC?: number }

const connected = ref(remembered(KEY))
const looks = shallowRef<readonly ProbeLook[]>([])
const batteryPct = ref<number>()
let keptAt = 0

/** The stand-in probe left in a heap: looked at while the page is open, a reading an hour kept in the log. */
export function useLiveProbe() {
  const { standing, surroundings } = useGarden()
  const store = useGardenStore()
  const { read, state } = useProbe()

  async function look({ batch, method }: KnownBatch): Promise<void> {
    const day = (Date.now() - Date.parse(batch.built.at)) / 86_400_000
    const expected = expectedAt(method.expect(batch, surroundings.value, Math.ceil(day) + 1), day)
    const answer = await read(batch.id, { coreC: expected?.coreC.typical ?? 20, edgeC: expected?.edgeC.typical ?? 15, day })
    const at = new Date().toISOString()
    looks.value = [...looks.value, answer ? { at, coreC: answer.coreC, edgeC: answer.edgeC } : { at }].slice(-SHOWN)
    if (!answer) return
    batteryPct.value = answer.batteryPct
    if (Date.now() - keptAt < KEEPS_MS) return
    keptAt = Date.now()
    await store.record([{ kind: 'reading', at, batchId: batch.id, coreC: answer.coreC, edgeC: answer.edgeC, source: 'probe' }])
  }

  const known = computed(() => standing.value.find(({ batch }) => batch.id === connected.value))
  const { pause, resume } = useIntervalFn(() => { if (known.value) void look(known.value) }, LOOKS_MS, { immediate: false })
  watch(connected, (id) => {
    if (id) resume()
    else pause()
  }, { immediate: true })

  function connect(batchId: string | undefined): void {
    connected.value = batchId
    looks.value = []
    keptAt = 0
    remember(KEY, batchId)
    if (known.value) void look(known.value)
  }

  return { connected: readonly(connected), looks: readonly(looks), batteryPct: readonly(batteryPct), state, connect, look }
}
