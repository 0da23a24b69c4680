import { proxy, wrap, type Remote } from 'comlink'
import type { Reading } from '#core/formats/thermometer/columns'
import type { Gathered } from '#core/formats/thermometer/gather'
import ThermometerWorker from '~/workers/thermometer.worker?worker'
import type { Preview, Thermometer } from '~/workers/thermometer.worker'

/** How far a file has been read. */
export type FileState
  = | { readonly kind: 'idle' }
    | { readonly kind: 'looking' }
    | { readonly kind: 'seen', readonly preview: Preview }
    | { readonly kind: 'reading', readonly share: number }
    | { readonly kind: 'read', readonly found: Gathered }
    | { readonly kind: 'failed', readonly message: string }

const MOST_BYTES = 200 * 1024 * 1024

/** Reads a thermometer's file in a worker: looks at it first, then takes it in as told. */
export function useThermometerFile() {
  const state = shallowRef<FileState>({ kind: 'idle' })
  const file = shallowRef<File>()
  let worker: Worker | undefined
  let remote: Remote<Thermometer> | undefined

  const started = () => {
    worker ??= new ThermometerWorker()
    remote ??= wrap<Thermometer>(worker)
    return remote
  }
  function stop(): void {
    worker?.terminate()
    worker = undefined
    remote = undefined
    state.value = { kind: 'idle' }
    file.value = undefined
  }

  async function look(chosen: File): Promise<void> {
    stop()
    file.value = chosen
    if (chosen.size > MOST_BYTES) {
      state.value = { kind: 'failed', message: 'This file is larger than any thermometer writes: it was not opened.' }
      return
    }
    state.value = { kind: 'looking' }
    try {
      const preview = await started().preview(chosen)
      state.value = preview.rows.length > 0 ? { kind: 'seen', preview } : { kind: 'failed', message: 'There are no rows in this file.' }
    }
    catch {
      state.value = { kind: 'failed', message: 'This file could not be read as a table. Save it as CSV and try again.' }
    }
  }

  async function read(reading: Reading): Promise<void> {
    if (!file.value) return
    state.value = { kind: 'reading', share: 0 }
    try {
      const found = await started().gather(file.value, reading, proxy((share) => {
        if (state.value.kind === 'reading') state.value = { kind: 'reading', share }
      }))
      if (state.value.kind === 'reading') state.value = { kind: 'read', found }
    }
    catch {
      if (state.value.kind === 'reading') state.value = { kind: 'failed', message: 'The file broke off while it was read.' }
    }
  }

  onBeforeUnmount(stop)
  return { state, file, look, read, stop }
}
