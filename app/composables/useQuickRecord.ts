import type { KnownBatch } from './useGarden'

/** What is recorded with a single tap. */
export function useQuickRecord() {
  const { record } = useRecorder()
  const turned = ({ batch }: KnownBatch) => record(
    { kind: 'turned', at: new Date().toISOString(), batchId: batch.id },
    `${batch.name}: turned${batch.turns.length > 0 ? `, ${batch.turns.length + 1} times so far` : ''}.`,
    'It will cool for half a day, then warm again.',
  )
  return { turned }
}
