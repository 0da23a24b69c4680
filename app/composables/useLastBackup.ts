import { dateText } from '#core/units/dates'

const DAY_MS = 86_400_000
/** A backup older than this, of a garden that has gone on since, is worth a word. */
const DUE_DAYS = 30
/** So much has to have been recorded before anybody is reminded. */
const DUE_EVENTS = 15
const WAIT_DAYS = 7

/** When the last backup of the own garden was saved from this device, and whether another is due. */
export function useLastBackup() {
  const store = useGardenStore()
  const { now } = useGarden()
  const last = useRemembered('wastrum.backup', { at: '', events: 0 })
  const waits = useRemembered<string>('wastrum.backup-later', '')

  const since = computed(() => store.journal.events.size - last.value.events)
  const due = computed(() => store.which === 'own' && store.lasting && since.value >= DUE_EVENTS
    && (last.value.at === '' || now.value.getTime() - Date.parse(last.value.at) > DUE_DAYS * DAY_MS)
    && waits.value < now.value.toISOString(),
  )
  const lastSaid = computed(() =>
    store.which !== 'own'
      ? ''
      : last.value.at
        ? `Last backup: ${dateText(last.value.at)}.`
        : 'No backup of this garden has been saved from here yet.',
  )

  return {
    due, lastSaid,
    saved: () => { if (store.which === 'own') last.value = { at: new Date().toISOString(), events: store.journal.events.size } },
    later: () => { waits.value = new Date(now.value.getTime() + WAIT_DAYS * DAY_MS).toISOString() },
  }
}
