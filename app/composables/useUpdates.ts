const offered = ref(false)
/** The new version is in use: this page is of the old one and is to be loaded again as soon as nobody is busy on it. */
const due = ref(false)
let take: () => Promise<void> = async () => {}

const LOOK_AGAIN_MS = 1500

/** A new version: offered, taken, and waited with. */
export function useUpdates() {
  const { busy } = useTyping()
  const garden = useGardenStore()

  function reloadWhenQuiet(): void {
    // What stands on this page alone would be gone with it.
    if (busy() || !garden.lasting) setTimeout(reloadWhenQuiet, LOOK_AGAIN_MS)
    else location.reload()
  }
  function startedElsewhere(): void {
    if (due.value) return
    due.value = true
    offered.value = false
    reloadWhenQuiet()
  }
  return { offered, due: readonly(due), startedElsewhere, onTake: (how: () => Promise<void>) => { take = how }, takeNow: () => void take() }
}
