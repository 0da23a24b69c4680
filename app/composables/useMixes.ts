import { offeredFor } from '#core/growing/offered'
import { ownHandling } from '#core/growing/learned'
import {
  EMPTY_MIX, MIX_BENCH_ID, MIX_KIND, mixedIn, mixValues, plannedParts, readKeptMixes, readMixBench, wantedL, type KeptMix, type MixPlan,
} from '#core/growing/plan'
import { containerForMix, mixedOf, smallestChange, type MixedIn, type ProposedMix, type Wanted } from '#core/growing/propose'
import { verdictsOn } from '#core/growing/verdict'
import { PURPOSE_WORDS } from '#core/growing/words'
import { packingFactor } from '#core/materials/packing'
import { containerThen, jugOf } from '#core/units/container'
import MixerWorker from '~/workers/mixer.worker?worker'
import type { Mixer } from '~/workers/mixer.worker'
import { lineTo } from '~/workers/line'

const line = lineTo<Mixer>(() => new MixerWorker())

/** How the putting together stands. */
export type Proposing
  = | { readonly kind: 'idle' }
    | { readonly kind: 'working' }
    | { readonly kind: 'found', readonly mixes: readonly ProposedMix[] }
    | { readonly kind: 'nothing' }
    | { readonly kind: 'failed' }

/** The bench for growing mixes: what is wanted, what is there for it, what it would be, and how it becomes a lot. */
export const useMixes = createSharedComposable(() => {
  const { store, stored, materials, clock, units, materialContainers } = useGarden()
  const { record, showNote } = useRecorder()
  const { quantity } = useSay()
  const key = computed(() => JSON.stringify(store.documents.filter(({ kind }) => kind === MIX_KIND)))
  const kept = computed(() => {
    void key.value
    return readKeptMixes(toRaw(store.documents))
  })
  const written = computed(() => {
    void key.value
    return readMixBench(toRaw(store.documents))
  })
  const draft = shallowRef<MixPlan>(written.value)
  let pending = 0
  watch(written, (fresh) => { if (pending === 0) draft.value = fresh })

  async function change(part: Partial<MixPlan>): Promise<void> {
    draft.value = { ...draft.value, ...part }
    pending++
    await store.write([{ id: MIX_BENCH_ID, kind: MIX_KIND, values: mixValues(draft.value) }])
    pending--
  }

  const offered = computed(() =>
    offeredFor(stored.value, store.journal.garden, materials.value, clock.value, draft.value.purposeId))
  const hands = computed(() => ownHandling(store.journal.garden, materials.value))
  const wanted = computed<Wanted>(() => ({
    purposeId: draft.value.purposeId, heightM: draft.value.pot.heightM, litres: wantedL(draft.value), handling: hands.value.handling,
  }))
  const container = computed(() => containerForMix(wanted.value.litres, materialContainers.value.map(containerThen), jugOf(units.value)))
  const mixed = computed(() => mixedIn(draft.value, offered.value))
  const mix = computed(() => {
    const made = mixedOf(mixed.value, hands.value.handling)
    return made.ok ? made.value : undefined
  })
  const verdicts = computed(() => mix.value ? verdictsOn(mix.value, draft.value.purposeId, draft.value.pot.heightM) : [])
  const next = computed(() => smallestChange(mixed.value, offered.value, wanted.value, container.value))
  const setParts = (parts: readonly MixedIn[]) => change({ parts: plannedParts(parts) })
  /** So much of something; none of it takes it out. */
  function setLitres(of: MixedIn['of'], litres: number): void {
    const there = mixed.value.some(one => one.of.id === of.id)
    const all = there ? mixed.value.map(one => one.of.id === of.id ? { of, litres } : one) : [...mixed.value, { of, litres }]
    void setParts(all.filter(one => one.litres > 0))
  }

  const proposing = shallowRef<Proposing>({ kind: 'idle' })
  let asking = 0
  async function propose(): Promise<void> {
    if (proposing.value.kind === 'working') line.end()
    const mine = ++asking
    proposing.value = { kind: 'working' }
    const [all, want, by] = [toRaw(offered.value), { ...wanted.value }, { ...container.value }]
    try {
      const found = await line.ask(async remote => await remote.propose(all, want, by))
      if (mine === asking) proposing.value = found.ok ? { kind: 'found', mixes: found.value } : { kind: 'nothing' }
    }
    catch {
      if (mine === asking) proposing.value = { kind: 'failed' }
    }
  }
  function stop(): void {
    asking++
    line.end()
    proposing.value = { kind: 'idle' }
  }
  watch(wanted, (now, before) => {
    if (JSON.stringify(now) !== JSON.stringify(before)) stop()
  })

  async function keep(): Promise<void> {
    const called = draft.value.called.trim()
    const id = kept.value.find(one => one.called === called)?.id ?? `${MIX_KIND}.${newId(new Date())}`
    if ((await store.write([{ id, kind: MIX_KIND, values: mixValues({ ...draft.value, called }) }])).ok)
      showNote(`“${called}” is kept.`, () => void store.write([{ id, kind: MIX_KIND, values: { removed: true } }]))
  }
  const take = ({ purposeId, pot, count, litres, parts, called }: KeptMix) => change({ purposeId, pot, count, litres, parts, called })
  async function forget({ id, called }: KeptMix): Promise<void> {
    const put = (removed: boolean) => store.write([{ id, kind: MIX_KIND, values: { removed } }])
    if ((await put(true)).ok) showNote(`“${called}” is put away.`, () => void put(false))
  }

  /** It is mixed: taken out of the store, bought parts named, and the mix lies there as a lot of its own. @param litres that it came to. */
  async function mixIt(litres: number, at: string): Promise<boolean> {
    const draws = mixed.value.flatMap(({ of, litres: looseL }) => {
      const lot = of.lotId === undefined ? undefined : store.journal.garden.lots.get(of.lotId)
      const material = lot && materials.value.find(lot.materialId)
      return lot && material ? [{ lotId: lot.id, litres: looseL / packingFactor(material, lot.packing) }] : []
    })
    const bought = mixed.value.filter(({ of }) => of.lotId === undefined).map(({ of, litres: looseL }) =>
      ({ materialId: of.materialId, litres: looseL }))
    const called = draft.value.called.trim() || PURPOSE_WORDS[draft.value.purposeId].mix
    const by = container.value
    const done = await record({
      kind: 'made', at, how: 'mixed', draws, called, purpose: draft.value.purposeId,
      ...(bought.length > 0 ? { bought } : {}),
      products: [{ materialId: 'growing-mix', amount: { count: litres / by.volumeL, container: { ...by }, packing: 'loose' } }],
    }, `${quantity('volume', litres)} of ${called} are mixed.`, 'They lie in the store, with all that their parts carry.')
    if (done) await change({ ...EMPTY_MIX, purposeId: draft.value.purposeId, pot: draft.value.pot })
    return done
  }

  return {
    draft, change, kept, keep, take, forget, offered, hands, wanted, container, mixed, mix, verdicts, next, setParts, setLitres,
    proposing, propose, stop, mixIt,
  }
})
