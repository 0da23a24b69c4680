import type { Batch, Draw, Garden } from './garden'

/** The lists of a batch, open for appending while folding. */
type Growing = { -readonly [K in keyof Batch]: Batch[K] extends readonly (infer T)[] ? T[] : Batch[K] }

function emptyBatch(id: string): Growing {
  return { id, name: '', place: '', additions: [], readings: [], observations: [], heights: [], turns: [], waterings: [], testsBegun: [], testsRead: [], putOffs: [], photos: [], log: [] }
}

/**
 * Changes a batch: it gets a new identity, so that views notice, while its lists grow in place, so that
 * appending stays cheap however long they are.
 */
export function amendBatch(garden: Garden, event: { readonly id: string, readonly batchId: string }, change: (batch: Growing) => void): void {
  const batch: Growing = { ...(garden.batches.get(event.batchId) as Growing | undefined ?? emptyBatch(event.batchId)) }
  change(batch)
  batch.log.push(event.id)
  garden.batches.set(batch.id, batch)
}

/** Takes litres out of lots. */
export function drawFrom(garden: Garden, draws: readonly Draw[]): void {
  for (const { lotId, litres } of draws) garden.drawnL.set(lotId, (garden.drawnL.get(lotId) ?? 0) + litres)
}
