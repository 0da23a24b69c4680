import { entryEvents, spanOf, spanText, type Entered, type EntryTrouble, type SinceTrouble } from '#core/already'
import { findMethod } from '#core/methods'

/** What a form says of one that stands, before it is written down. */
export type SaidOfIt = Omit<Entered, 'batchId' | 'since'> & { readonly since: Parameters<typeof spanOf>[0] | undefined }

const SINCE: Readonly<Record<SinceTrouble, string>> = {
  'not-said': 'About how long does it stand? A guess will do.', 'to-come': 'That is still to come. Since when does it stand?',
  'too-long-ago': 'That is longer ago than anything rots. Since when does it stand?',
}
const ENTRY: Readonly<Record<EntryTrouble, string>> = {
  'nothing-known-in-it': 'Say what it is mostly made of: nothing is known that could be in it.',
  'closed-before-it-began': 'It was closed before it was begun. Which of the two is it?',
  'taken-before-it-began': 'Something was taken before it was begun. Which of the two is it?',
  'read-before-it-began': 'It was read before it was begun. Which of the two is it?',
}

/** Writing down what stands already. */
export function useStanding() {
  const { surroundings } = useGarden()
  const { record } = useRecorder()
  const trouble = ref('')

  /** @returns the batch it became; nothing where something is missing, and then the trouble says what. */
  async function note(said: SaidOfIt): Promise<string | undefined> {
    trouble.value = ''
    const method = findMethod(said.methodId)
    if (!method) return undefined
    const now = new Date()
    const span = said.since ? spanOf(said.since, now) : undefined
    if (!span?.ok) {
      trouble.value = SINCE[span?.error ?? 'not-said']
      return undefined
    }
    const batchId = newId(now)
    const events = entryEvents({ ...said, batchId, since: span.value }, method, { ...surroundings.value, now })
    if (!events.ok) {
      trouble.value = ENTRY[events.error]
      return undefined
    }
    const done = await record(events.value, `${said.name} stands ${spanText(span.value)}.`)
    return done ? batchId : undefined
  }

  return { note, trouble: readonly(trouble) }
}
