import type { NewEvent } from '#core/journal/event'
import type { StoredPhoto } from '~/storage/shelf'

/** What was just recorded and can be taken back with one tap. */
export interface JustRecorded {
  readonly ids: readonly string[]
  readonly said: string
  readonly answer: string
  /** What to set right on the screen when it is taken back. */
  readonly onTakenBack?: () => void
}

const shown = shallowRef<JustRecorded>()
let clearing: ReturnType<typeof setTimeout> | undefined

/** Records what happened and keeps the way back open for a while. */
export function useRecorder() {
  const store = useGardenStore()

  function show(recorded: JustRecorded | undefined): void {
    clearTimeout(clearing)
    shown.value = recorded
    if (recorded) clearing = setTimeout(() => { shown.value = undefined }, 20_000)
  }

  /** @param said in words what was recorded; @param answer what it means, if anything. */
  async function record(
    events: NewEvent | readonly NewEvent[], said: string, answer = '', onTakenBack?: () => void, photos: readonly StoredPhoto[] = [],
  ): Promise<boolean> {
    const recorded = await store.record(Array.isArray(events) ? events : [events as NewEvent], photos)
    if (recorded.ok)
      show({ ids: recorded.value.map(({ id }) => id), said: store.lasting ? said : `On this page only: ${said}`, answer, onTakenBack })
    return recorded.ok
  }

  /** Something that is not of the log was changed; @param onTakenBack how to take it back. */
  function showNote(said: string, onTakenBack: () => void): void {
    show({ ids: [], said, answer: '', onTakenBack })
  }

  async function undo(): Promise<void> {
    const taken = shown.value
    show(undefined)
    if (!taken) return
    if (taken.ids.length > 0 && !(await store.undo(taken.ids)).ok) {
      // It still stands; the bar above says why.
      show(taken)
      return
    }
    taken.onTakenBack?.()
  }

  return { shown: readonly(shown), record, showNote, undo, dismiss: () => show(undefined) }
}
