import type { KnownBatch } from './useGarden'

/** What is recorded with a single tap. */
export function useQuickRecord() {
  const { record } = useRecorder()
  const turned = ({ batch }: KnownBatch, at = new Date().toISOString()) => record(
    { kind: 'turned', at, batchId: batch.id },
    `${batch.name}: turned${batch.turns.length > 0 ? `, ${batch.turns.length + 1} times so far` : ''}.`,
    'It will cool for half a day, then warm again.',
  )
  return { turned }
}
