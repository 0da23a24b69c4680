import { quantityByThermometer } from '#core/methods/contract'
import { daysBetween, HOUR_MS } from '#core/units/time'
import type { KnownBatch } from './useGarden'

/** Looks this often; keeps a reading this often. */
const LOOKS_MS = 20_000
const KEEPS_MS = HOUR_MS

/** The stand-in probe left in a batch: looked at while the page is open, a reading an hour kept in the log. */
export function useLiveProbe() {
  const { standing, surroundings } = useGarden()
  const store = useGardenStore()
  const probe = useProbeStore()
  const { read, state } = useProbe()

  async function look({ batch, method }: KnownBatch): Promise<void> {
    const quantity = quantityByThermometer(method.life)
    if (!quantity) return
    const answer = await read(batch.id, quantity, quantity.expected(batch, surroundings.value), daysBetween(batch.began.at, new Date()))
    const at = new Date().toISOString()
    probe.hear(answer ? { at, values: answer.values } : { at })
    if (!answer) return
    probe.batteryPct = answer.batteryPct
    if (Date.now() - probe.keptAt < KEEPS_MS) return
    probe.keptAt = Date.now()
    await store.record([{
      kind: 'gauged', at, batchId: batch.id, quantity: quantity.id, source: 'probe',
      values: Object.entries(answer.values).map(([spot, value]) => ({ spot, value })),
    }])
  }

  const known = computed(() => standing.value.find(({ batch }) => batch.id === probe.connected))
  const { pause, resume } = useIntervalFn(() => { if (known.value) void look(known.value) }, LOOKS_MS, { immediate: false })
  watch(() => probe.connected, (id) => {
    if (id) resume()
    else pause()
  }, { immediate: true })

  function connect(batchId: string | undefined): void {
    probe.place(batchId)
    if (known.value) void look(known.value)
  }

  return { state, connect, look }
}
