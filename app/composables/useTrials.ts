import { askedTogether, knownPairs, type KnownPair } from '#core/side-by-side/asked'
import { readSideBySide, SIDE_BY_SIDE_KIND, sideBySideValues, type SideBySide } from '#core/side-by-side/pair'
import type { Task } from '#core/methods/contract'

/** The trials of the garden, what they ask of the batches in them, and how they are changed. */
export const useTrials = createSharedComposable(() => {
  const { store, batches, clock } = useGarden()
  const { showNote } = useRecorder()
  const key = computed(() => JSON.stringify(store.documents.filter(({ kind }) => kind === SIDE_BY_SIDE_KIND)))
  const trials = computed(() => {
    void key.value
    return readSideBySide(toRaw(store.documents))
  })
  const byId = computed(() => new Map(batches.value.map(known => [known.batch.id, known])))
  const pairsOf = (trial: SideBySide): KnownPair[] => knownPairs(trial, id => byId.value.get(id))
  /** What is asked of each batch because it is in a trial. */
  const asked = computed(() => {
    const tasks = new Map<string, Task[]>()
    for (const trial of trials.value) {
      for (const task of pairsOf(trial).flatMap(pair => askedTogether(trial, pair, clock.value)))
        tasks.set(task.batchId, [...(tasks.get(task.batchId) ?? []), task])
    }
    return tasks
  })

  async function begin({ name, difference, pairs }: Pick<SideBySide, 'name' | 'difference' | 'pairs'>): Promise<string | undefined> {
    const at = new Date()
    const id = `${SIDE_BY_SIDE_KIND}.${newId(at)}`
    return (
      await store.write([
        { id, kind: SIDE_BY_SIDE_KIND, values: sideBySideValues({ name, difference, pairs, startedAt: at.toISOString() }) },
      ])
    ).ok
      ? id
      : undefined
  }
  async function change(trial: SideBySide): Promise<void> {
    await store.write([{ id: trial.id, kind: SIDE_BY_SIDE_KIND, values: sideBySideValues(trial) }])
  }
  async function remove(trial: SideBySide): Promise<void> {
    const put = (removed: boolean) => store.write([{ id: trial.id, kind: SIDE_BY_SIDE_KIND, values: { removed } }])
    if ((await put(true)).ok) showNote(`Trial “${trial.name}” put away.`, () => void put(false))
  }
  return { trials, pairsOf, asked, begin, change, remove }
})
