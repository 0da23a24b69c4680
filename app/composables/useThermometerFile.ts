import { proxy } from 'comlink'
import type { Reading } from '#core/formats/thermometer/columns'
import type { Gathered } from '#core/formats/thermometer/gather'
import { gathered, previewed, type TablePreview } from '#core/formats/thermometer/reading'
import { TABLE_TROUBLES, type TableTrouble } from '#core/formats/thermometer/table'
import type { Outcome } from '#core/outcome/outcome'
import { lineTo, SilentWorker } from '~/workers/line'
import ThermometerWorker from '~/workers/thermometer.worker?worker'
import type { Thermometer } from '~/workers/thermometer.worker'

/** How far a file has been read. */
export type FileState
  = | { readonly kind: 'idle' }
    | { readonly kind: 'looking' }
    | { readonly kind: 'seen', readonly preview: TablePreview }
    | { readonly kind: 'reading', readonly share: number }
    | { readonly kind: 'read', readonly found: Gathered }
    | { readonly kind: 'failed', readonly message: string }

const MOST_BYTES = 200 * 1024 * 1024
/** So much is soon read on the page itself, where no worker starts. */
const HERE_MOST_BYTES = 4_000_000
const TOO_LARGE = 'This file is larger than any thermometer writes: it was not opened.'
const SILENT = 'Reading this file takes longer than it should, so it was stopped. Try a shorter stretch of it.'

/** Reads a thermometer's file in a worker: looks at it first, then takes it in as told. */
export function useThermometerFile() {
  const state = shallowRef<FileState>({ kind: 'idle' })
  const file = shallowRef<File>()
  const line = lineTo<Thermometer>(() => new ThermometerWorker())
  let asked = 0

  function stop(): void {
    asked++
    line.end()
    state.value = { kind: 'idle' }
    file.value = undefined
  }

  /** In the worker; on the page where none starts and the file is short. */
  async function somewhere<T>(
    away: () => Promise<Outcome<T, TableTrouble>>, here: () => Promise<Outcome<T, TableTrouble>>, shown: (value: T) => FileState,
  ): Promise<void> {
    const mine = ++asked
    const outcome = await away()
      .catch((cause: unknown) =>
        cause instanceof SilentWorker && (file.value?.size ?? 0) <= HERE_MOST_BYTES && mine === asked ? here() : undefined,
      )
      .catch(() => undefined)
    if (mine !== asked) return
    state.value = !outcome
      ? { kind: 'failed', message: SILENT }
      : outcome.ok
        ? shown(outcome.value)
        : { kind: 'failed', message: TABLE_TROUBLES[outcome.error] }
  }

  async function look(chosen: File): Promise<void> {
    stop()
    file.value = chosen
    if (chosen.size > MOST_BYTES) {
      state.value = { kind: 'failed', message: TOO_LARGE }
      return
    }
    state.value = { kind: 'looking' }
    await somewhere(
      () => line.ask(async remote => await remote.preview(chosen)), () => previewed(chosen),
      preview => preview.rows.length > 0 ? { kind: 'seen', preview } : { kind: 'failed', message: 'There are no rows in this file.' },
    )
  }

  async function read(reading: Reading): Promise<void> {
    const chosen = file.value
    if (!chosen) return
    const onShare = (share: number) => { if (state.value.kind === 'reading') state.value = { kind: 'reading', share } }
    state.value = { kind: 'reading', share: 0 }
    await somewhere(
      () => line.ask(async (remote, alive) => await remote.gather(chosen, reading, proxy((share: number) => {
        alive()
        onShare(share)
      }))),
      () => gathered(chosen, reading, onShare),
      found => ({ kind: 'read', found }),
    )
  }

  onBeforeUnmount(stop)
  return { state, file, look, read, stop }
}
