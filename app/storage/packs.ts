import { breath } from '~/utils/slices'
import type { Reading, Writing } from './rooms'

/*
 * Opening a long journal entry by entry takes most of a second: the browser hands each over by itself. So the events lie a second time
 * in packs, a text of many each. Packs are only a copy: what is in no pack yet lies in `recent`. Everything that writes events keeps that
 * so within its own transaction, and a mark says that it is; where there is none, the events themselves are read and packed later.
 */

interface Pack { readonly text: string }

const MARK = { id: 'packed' }

const IN_A_PACK = 1000
/** So many new ones are soon read one by one. */
const RECENT_MOST = 300
/** Many at once would hold the page up. */
const A_HANDFUL = 1000
const BREATH_MS = 12

/** All records of a store, fetched a handful at a time. */
export async function* handfulsOf(transaction: Reading, store: 'events' | 'recent'): AsyncGenerator<unknown[], void> {
  let after: IDBKeyRange | null = null
  for (;;) {
    const some = await transaction.objectStore(store).getAll(after, A_HANDFUL) as { id: string }[]
    yield some
    if (some.length < A_HANDFUL) return
    after = IDBKeyRange.lowerBound(some.at(-1)!.id, true)
  }
}

/** What the packs hold, still as text, and the recent ones; nothing when they are not all of it. */
export async function packedIn(
  transaction: Reading,
): Promise<{ readonly packs: readonly Pack[], readonly recent: readonly unknown[] } | undefined> {
  if (!await isPacked(transaction)) return undefined
  const [packs, recent] = await Promise.all([
    transaction.objectStore('packs').getAll() as Promise<Pack[]>, transaction.objectStore('recent').getAll() as Promise<unknown[]>,
  ])
  return { packs, recent }
}

const isPacked = async (transaction: Reading) => await transaction.objectStore('keepsakes').getKey(MARK.id) !== undefined

/** The events of packs, unwrapped between breaths. */
export async function unpacked({
  packs, recent,
}: {
  readonly packs: readonly Pack[]
  readonly recent: readonly unknown[]
}): Promise<unknown[]> {
  const events: unknown[] = []
  let since = performance.now()
  for (const { text } of packs) {
    for (const event of JSON.parse(text) as unknown[]) events.push(event)
    if (performance.now() - since < BREATH_MS) continue
    await breath()
    since = performance.now()
  }
  for (const event of recent) events.push(event)
  return events
}

const packOf = (events: readonly unknown[]): Pack => ({ text: JSON.stringify(events) })

/** Lays events, written out, into packs in place of all that there were. */
export async function packAnew(transaction: Writing, events: readonly unknown[]): Promise<void> {
  await Promise.all([transaction.objectStore('packs').clear(), transaction.objectStore('recent').clear()])
  for (let from = 0; from < events.length; from += IN_A_PACK)
    await transaction.objectStore('packs').add(packOf(events.slice(from, from + IN_A_PACK)))
  await transaction.objectStore('keepsakes').put(MARK)
}

/** Lays what is recent into a pack when it has become much, or everything when nothing was packed yet. */
export async function tidied(transaction: Writing): Promise<void> {
  const packed = await isPacked(transaction)
  if (packed && await transaction.objectStore('recent').count() <= RECENT_MOST) return
  if (!packed) await transaction.objectStore('packs').clear()
  for await (const some of handfulsOf(transaction, packed ? 'recent' : 'events')) {
    if (some.length > 0) await transaction.objectStore('packs').add(packOf(some))
  }
  await transaction.objectStore('recent').clear()
  await transaction.objectStore('keepsakes').put(MARK)
}
