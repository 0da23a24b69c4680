import { proxy } from 'comlink'
import { collectingValues, readCollecting } from '#core/garden/collecting'
import { carriedMemory } from '#core/lots/carried'
import { findMethod } from '#core/methods'
import { dayText } from '#core/units/dates'
import { DAY_MS, daysBetween } from '#core/units/time'
import type { YearAnswer } from '#core/year/answer'
import { ASKED_KINDS, wantsOf, type StartAnswer, type StartsQuestion } from '#core/year/asked'
import { dayOf } from '#core/year/need'
import { ownShares } from '#core/year/own-yield'
import type { Stock } from '#core/year/stock'
import { batchStock, laterBy, lotStocks, plannedStock } from '#core/year/stocks'
import type { FreePlace } from '#core/year/starts'
import { lineTo } from '~/workers/line'
import YearWorker from '~/workers/year.worker?worker'
import type { YearWorker as Remote } from '~/workers/year.worker'

/** The same garden has the same year: nothing jumps about by chance. */
const SEED = 20
/** A pause after the last change. */
const SETTLES_MS = 250
/** A batch of which nobody knows when it ends is not out of its place before its last day, and so much. */
const CLEARED_DAYS = 14

const answers = lineTo<Remote>(() => new YearWorker())
const starting = lineTo<Remote>(() => new YearWorker())
const tickets = { last: 0 }

/** The year of the open garden: what is wanted against what will be there, and what to begin by when. */
export const useYear = createSharedComposable(() => {
  const { store, stored, standing, finished, surroundings, materials, clock } = useGarden()
  const { needs, had } = useNeeds()
  const forecasts = useForecastStore()
  const { places } = useYard()
  const { showNote } = useRecorder()

  /** Batches that stand, worked out in slices; kept while nothing of them changes. */
  const kept = new Map<string, { readonly by: readonly unknown[], readonly stock: Stock | undefined }>()
  const ofBatches = shallowRef<readonly Stock[]>()
  let laying = 0
  function* layBatches(): Generator<void, Stock[]> {
    const found: Stock[] = []
    for (const { batch, method } of standing.value) {
      const quarter = Math.floor(clock.value.getTime() / (DAY_MS / 4))
      const by = [batch, forecasts.keyOf(batch.id), quarter, materials.value, surroundings.value.weather]
      const known = kept.get(batch.id)
      const stock = known?.by.every((part, index) => part === by[index]) ? known.stock : batchStock(batch, method, surroundings.value)
      kept.set(batch.id, { by, stock })
      if (stock) found.push(stock)
      yield
    }
    return found
  }
  async function lay(): Promise<void> {
    const mine = ++laying
    const found = await inSlices(layBatches(), { stillWanted: () => mine === laying })
    if (found) ofBatches.value = found
  }
  /** What own batches have given: used before what is usual. */
  const own = computed(() => ownShares([...finished.value].reverse().map(({ batch }) => batch), materials.value))
  const lists = computed(() => readCollecting(store.documents))
  const planned = computed(() => lists.value.flatMap((list) => {
    const method = findMethod(list.plan.methodId)
    return (method && plannedStock(list, method, surroundings.value, own.value)) ?? []
  }))
  const lots = computed(() => {
    const carried = carriedMemory(store.journal.garden, materials.value, clock.value)
    return lotStocks(stored.value, lotName, lot => carried.ofLot(lot.id))
  })
  const stocks = computed<readonly Stock[] | undefined>(() => ofBatches.value && [...lots.value, ...ofBatches.value, ...planned.value])

  /** A stock that is tried out at another time, in days. */
  const moved = ref<{ readonly id: string, readonly days: number }>()
  const asIf = computed(() => stocks.value?.map(stock =>
    moved.value?.id === stock.id ? { ...stock, stages: laterBy(stock.stages, moved.value.days) } : stock))
  const wants = computed(() => wantsOf(needs.value, clock.value, had))

  const answer = shallowRef<YearAnswer>()
  /** What the answer would be with what is tried out. */
  const tried = shallowRef<YearAnswer>()
  const failed = ref(false)
  let asking = 0
  async function ask(): Promise<void> {
    const [all, wanted] = [asIf.value, wants.value]
    if (!all) return
    const mine = ++asking
    const question = JSON.parse(JSON.stringify({ stocks: all, wants: wanted, seed: SEED })) as StartsQuestion
    try {
      const found = await answers.ask(async remote => await remote.answer(question))
      if (mine !== asking) return
      failed.value = false
      if (moved.value) tried.value = found
      else [answer.value, tried.value] = [found, undefined]
    }
    catch {
      if (mine === asking) failed.value = true
    }
  }

  const starts = shallowRef<readonly StartAnswer[]>()
  const looking = ref<{ readonly share: number }>()
  const notWanted = ref<readonly string[]>([])
  /** Places that are free, and those that will be. */
  const free = computed<FreePlace[]>(() => places.value.flatMap((place): FreePlace[] => {
    if (!place.batch)
      return [{ name: place.name, site: place.ground
        ? { kind: 'area', id: place.key, name: place.name, ground: place.ground }
        : { kind: 'vessel', vessel: place.vessel }, freeFromDay: 0 }]
    const last = ofBatches.value?.find(({ id }) => id === place.batch!.id)?.stages
    if (!last || last.length !== 1 || last[0]!.untilDay !== undefined) return []
    return [{ name: place.batch.place.trim() || place.name, site: place.batch.began.site, freeFromDay: Math.max(0, last[0]!.days.high)
      + CLEARED_DAYS }]
  }))
  function startsQuestion(): StartsQuestion | undefined {
    if (!stocks.value) return undefined
    const question: StartsQuestion = {
      stocks: stocks.value, wants: wants.value, seed: SEED, nowMs: clock.value.getTime(),
      documents: toRaw(store.documents).filter(({ kind }) => ASKED_KINDS.includes(kind)),
      measurements: [...store.journal.garden.measurements], places: free.value,
      kept: stored.value.map(({ material, leftLooseL, keeping }) =>
        ({ materialId: material.id, litres: leftLooseL, keepsDays: keeping.daysLeft })),
      own: own.value, without: notWanted.value,
    }
    return JSON.parse(JSON.stringify(question)) as StartsQuestion
  }
  async function look(): Promise<void> {
    const question = startsQuestion()
    if (!question) return
    const ticket = ++tickets.last
    looking.value = { share: 0 }
    try {
      const found = await starting.ask(async (remote, alive) => await remote.starts(ticket, question, proxy((share: number) => {
        alive()
        if (ticket === tickets.last) looking.value = { share }
      })))
      if (ticket !== tickets.last) return
      if (found) starts.value = found
    }
    catch {
      if (ticket === tickets.last) failed.value = true
    }
    if (ticket === tickets.last) looking.value = undefined
  }
  function stop(): void {
    tickets.last++
    starting.end()
    looking.value = undefined
  }
  function without(id: string): void {
    notWanted.value = [...notWanted.value, id]
    void look()
  }

  /** A start is begun to be collected for: as many lists as there are of it, each for its day. */
  async function take({ plan, times, day }: StartAnswer): Promise<boolean> {
    const at = new Date()
    const by = dayOf(new Date(clock.value.getTime() + day * DAY_MS))
    const name = (index: number) => `${plan.methodName}, ${dayText(`${by}T12:00`)}${times > 1
      ? `,
      ${index + 1} of ${times}`
      : ''}`.slice(0, 80)
    const lists = Array.from({ length: times }, (_, index) => ({
      id: `collecting.${newId(new Date(at.getTime() + index))}`, kind: 'collecting',
      values: collectingValues({ name: name(index), startedAt: at.toISOString(), by, plan: plan.plan }),
    }))
    const written = await store.write(lists)
    if (!written.ok) return false
    const put = (removed: boolean) => store.write(lists.map(({ id }) => ({ id, kind: 'collecting', values: { removed } })))
    showNote(`${name(0)}: what it takes is on a collecting list.`, () => void put(true))
    return true
  }
  /** A list is for another day. */
  async function moveList(id: string, days: number): Promise<void> {
    const list = lists.value.find(one => one.id === id)
    if (!list || days === 0) return
    const put = (by: string) => store.write([{ id, kind: 'collecting', values: { by } }])
    const to = new Date(`${list.by}T12:00:00`).getTime() + days * DAY_MS
    const by = dayOf(new Date(Math.max(to, clock.value.getTime())))
    if ((await put(by)).ok) showNote(`${list.name}: now for ${dayText(`${by}T12:00`)}.`, () => void put(list.by))
  }
  const daysTo = (at: Date) => daysBetween(clock.value, at)

  let begun = false
  /** Works the year out, from now on whenever something of it changes. */
  function begin(): void {
    if (begun) return
    begun = true
    watchDebounced([standing, () => forecasts.kept, materials, clock], () => void lay(), { debounce: SETTLES_MS, immediate: true })
    watch([asIf, wants], () => void ask(), { immediate: true })
    watchDebounced([stocks, wants], () => void look(), { debounce: 3 * SETTLES_MS, immediate: true })
  }
  return {
    begin, stocks, wants, answer, tried, failed, moved, lists, starts, looking, look, stop, without, take, moveList, daysTo,
  }
})
