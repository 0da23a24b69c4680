import { readKeptMixes } from '#core/growing/plan'
import { INCOME_KIND, incomeValues, readIncomes, type Income } from '#core/year/income'
import { NEED_KIND, needValues, readNeeds, writtenNeeds, type Need } from '#core/year/need'
import { asBedsWant, asLastYear, asRecipesWant, doneLately, hadAlready, notSaidYet, type ProposedNeed } from '#core/year/proposals'

/** What the gardener will want and what comes in: read, proposed, written down. */
export const useNeeds = createSharedComposable(() => {
  const { store, clock, materials, surroundings, units, settings } = useGarden()
  const { beds, historyOf, school } = useBeds()
  const { showNote } = useRecorder()
  const documentsOf = (kind: string) => store.documents.filter(one => one.kind === kind)
  const needKey = computed(() => JSON.stringify(documentsOf(NEED_KIND)))
  const incomeKey = computed(() => JSON.stringify(documentsOf(INCOME_KIND)))
  const needs = computed<readonly Need[]>(() => {
    void needKey.value
    return readNeeds(toRaw(store.documents), clock.value)
  })
  const incomes = computed<readonly Income[]>(() => {
    void incomeKey.value
    return readIncomes(toRaw(store.documents))
  })
  const southern = computed(() => (settings.value.climate.meanC[0] ?? 0) > (settings.value.climate.meanC[6] ?? 0))
  const frost = computed(() => surroundings.value.weather.nextLastFrost?.(clock.value) ?? clock.value)

  /** Needs that only have to be agreed to. */
  const proposed = computed<readonly ProposedNeed[]>(() => {
    const book = materials.value
    const asked = {
      beds: beds.value.map(bed => ({ bed, history: historyOf(bed) })), around: { school: school.value, units: units.value },
      seasonMonthOf: (at: Date) => (at.getMonth() + (southern.value ? 6 : 0)) % 12 + 1,
    }
    return notSaidYet([
      ...asBedsWant(asked, frost.value, book, clock.value),
      ...asRecipesWant(readKeptMixes(toRaw(store.documents)), frost.value, book, clock.value),
      ...asLastYear(store.journal.garden, book, clock.value),
    ], writtenNeeds(toRaw(store.documents)))
  })

  /** Litres of each need that were used for it already. */
  const used = computed(() => hadAlready(needs.value, doneLately(store.journal.garden, materials.value, clock.value)))
  const had = ({ id }: Need) => used.value.get(id) ?? 0

  async function write(need: Need): Promise<boolean> {
    return (await store.write([{ id: need.id, kind: NEED_KIND, values: needValues(need) }])).ok
  }
  async function want(need: Omit<Need, 'id'>): Promise<string | undefined> {
    const id = `${NEED_KIND}.${newId(new Date())}`
    const fresh: Need = {
      id, name: need.name, purpose: need.purpose, litres: need.litres, from: need.from, to: need.to, yearly: need.yearly,
      bedIds: need.bedIds, ...(need.materialId === undefined ? {} : { materialId: need.materialId }),
    }
    return await write(fresh) ? id : undefined
  }
  async function forget(need: Need): Promise<void> {
    const put = (removed: boolean) => store.write([{ id: need.id, kind: NEED_KIND, values: { removed } }])
    if ((await put(true)).ok) showNote(`“${need.name}” is not wanted any more.`, () => void put(false))
  }
  /** It was had this year: it comes again next year, or never where it is for once. */
  async function hadIt(need: Need): Promise<void> {
    const put = (hadTo: string | null) => store.write([{ id: need.id, kind: NEED_KIND, values: { hadTo } }])
    if ((await put(need.to)).ok) showNote(`“${need.name}” was had.`, () => void put(need.hadTo ?? null))
  }
  async function comesIn(income: Omit<Income, 'id'>, id = `${INCOME_KIND}.${newId(new Date())}`): Promise<void> {
    await store.write([{ id, kind: INCOME_KIND, values: incomeValues(income) }])
  }
  async function comesNoMore(income: Income): Promise<void> {
    const put = (removed: boolean) => store.write([{ id: income.id, kind: INCOME_KIND, values: { removed } }])
    if ((await put(true)).ok) showNote('It comes in no more.', () => void put(false))
  }
  return { needs, incomes, proposed, southern, had, write, want, forget, hadIt, comesIn, comesNoMore }
})
