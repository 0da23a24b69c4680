import type { KnownBed } from '#core/plots/starts'
import { askedOfPlots } from '#core/plots/asked'
import { PLOT_TRIAL_KIND, plotTrialValues, readPlotTrials, type Plot, type PlotTrial } from '#core/plots/trial'

/** Trials of beds, parts of beds, trays and pots: what they ask for today, and how they are begun and changed. */
export const usePlots = createSharedComposable(() => {
  const { store, now } = useGarden()
  const { beds, historyOf } = useBeds()
  const { showNote } = useRecorder()
  const key = computed(() => JSON.stringify(store.documents.filter(({ kind }) => kind === PLOT_TRIAL_KIND)))
  const trials = computed(() => {
    void key.value
    return readPlotTrials(toRaw(store.documents))
  })
  // The journal's own list grows in place: whoever reads it is to notice.
  const comparisons = computed(() => [...store.journal.garden.comparisons])
  const askedOf = (trial: PlotTrial) => askedOfPlots(trial, comparisons.value, now.value)
  /** The trials that want to be looked at today. */
  const waiting = computed(() => trials.value.flatMap((trial) => {
    const asked = askedOf(trial)
    return asked.length > 0 ? [{ trial, asked }] : []
  }))
  function known(bedId: string): KnownBed | undefined {
    const bed = beds.value.find(({ id }) => id === bedId)
    return bed && { bed, history: historyOf(bed) }
  }
  /** "the left half of Long bed", "Tray two". */
  function plotText({ bedId, called }: Plot): string {
    const bed = bedId === undefined ? undefined : known(bedId)?.bed.name ?? 'a bed not here'
    return bed === undefined ? called : called ? `${called} of ${bed}` : bed
  }
  async function write(trial: PlotTrial): Promise<boolean> {
    return (await store.write([{ id: trial.id, kind: PLOT_TRIAL_KIND, values: plotTrialValues(trial) }])).ok
  }
  async function begin(trial: Omit<PlotTrial, 'id' | 'startedAt'>): Promise<string | undefined> {
    const at = new Date()
    const id = `${PLOT_TRIAL_KIND}.${newId(at)}`
    return await write({ ...trial, id, startedAt: at.toISOString() }) ? id : undefined
  }
  async function remove(trial: PlotTrial): Promise<void> {
    const put = (removed: boolean) => store.write([{ id: trial.id, kind: PLOT_TRIAL_KIND, values: { removed } }])
    if ((await put(true)).ok) showNote(`Trial “${trial.name}” put away.`, () => void put(false))
  }
  return { trials, comparisons, askedOf, waiting, known, plotText, write, begin, remove }
})
