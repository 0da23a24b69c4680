import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { remember, remembered } from '~/storage/remembered'

const KEY = 'wastrum.probe'
const SHOWN = 40

/** What came of one look at the probe: values by spot, or silence. */
export interface ProbeLook { readonly at: string, readonly values?: Readonly<Record<string, number>> }

/** Where the stand-in probe stands and what it said lately. */
export const useProbeStore = defineStore('probe', () => {
  const connected = ref(remembered(KEY))
  const looks = shallowRef<readonly ProbeLook[]>([])
  const batteryPct = ref<number>()
  /** When a reading of it was last written down, ms. */
  const keptAt = ref(0)

  function place(batchId: string | undefined): void {
    connected.value = batchId
    looks.value = []
    keptAt.value = 0
    remember(KEY, batchId)
  }
  function hear(look: ProbeLook): void {
    looks.value = [...looks.value, look].slice(-SHOWN)
  }
  function reset(): void {
    connected.value = remembered(KEY)
    looks.value = []
    batteryPct.value = undefined
    keptAt.value = 0
  }
  return { connected, looks, batteryPct, keptAt, place, hear, reset }
})
