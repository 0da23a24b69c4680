import { readBeds } from '#core/beds/bed'
import { readKeptPlans } from '#core/garden/plan'
import { TERMS } from '#core/glossary/terms'
import { eventOf } from '#core/journal/journal'
import { METHODS } from '#core/methods'
import type { Findable } from '#core/search/findable'
import { indexing, type SearchIndex } from '#core/search/search'

/** Everything of the open garden that can be looked for, and what Wastrum knows beside it; gathered when somebody looks. */
export function useSearch() {
  const { store, standing, batches, materials, stored } = useGarden()
  const { trials } = useTrials()
  const { wordsOf } = useLogWords()
  const say = useSay()

  function* ofBatches(): Generator<Findable> {
    for (const { batch, method } of batches.value) {
      yield {
        id: `batch ${batch.id}`, kind: 'batch', title: batch.name, to: `/batch/${batch.id}`, at: batch.began.at,
        says: [method.face.name, batch.place, batch.ended ? `ended ${say.day(batch.ended.at)}` : ''].filter(Boolean).join(', '),
      }
      if (batch.place.trim())
        yield { id: `place ${batch.place.trim().toLowerCase()}`, kind: 'place', title: batch.place.trim(), says: 'in the yard',
          to: '/yard' }
    }
  }
  /** The latest entries first: they are looked for most. */
  function* ofLogs(): Generator<Findable> {
    for (const known of batches.value) {
      for (const id of [...known.batch.log].reverse()) {
        const event = eventOf(store.journal, id)
        const says = event && wordsOf(event, known)
        if (event && says) {
          yield {
            id: `log ${id}`, kind: 'log', title: known.batch.name, says: `${say.day(event.at)}: ${says}`,
            to: `/batch/${known.batch.id}?entry=${encodeURIComponent(id)}`, at: event.at,
          }
        }
      }
    }
  }
  function* ofThings(): Generator<Findable> {
    for (const { lot, material, leftCount } of stored.value) {
      yield {
        id: `lot ${lot.id}`, kind: 'lot', title: lot.called ?? material.name, to: '/store', at: lot.gatheredAt,
        says: [`${say.amount(leftCount, lot.container)} left`, lot.source, say.day(lot.gatheredAt)].filter(Boolean).join(', '),
      }
    }
    for (const bed of readBeds(store.documents)) yield { id: `bed ${bed.id}`, kind: 'bed', title: bed.name, says: '', to: '/beds' }
    for (const plan of readKeptPlans(store.documents))
      yield { id: `plan ${plan.id}`, kind: 'plan', title: plan.name, says: 'put aside', to: '/bench' }
    for (const trial of trials.value) yield { id: `trial ${trial.id}`, kind: 'trial', title: trial.name, says: '',
      to: `/trials/${trial.id}` }
    for (const material of materials.value.all)
      yield { id: `material ${material.id}`, kind: 'material', title: material.name, says: '',
        words: `${material.short} ${material.words}`, to: `/materials/${material.id}` }
  }
  function* ofKnowledge(): Generator<Findable> {
    for (const { key, label, to } of SHORTCUTS) yield { id: `page ${key}`, kind: 'page', title: label, says: '', to }
    for (const { id, name, says } of TERMS) yield { id: `word ${id}`, kind: 'word', title: name, says }
    for (const method of METHODS) {
      const one = standing.value.find(known => known.method === method)
      for (const symptom of method.life.diagnosis?.symptoms ?? []) {
        yield {
          id: `sign ${method.id} ${symptom.id}`, kind: 'sign', title: symptom.label,
          says: [method.face.name, symptom.good].filter(Boolean).join('. '),
          ...(one ? { to: `/batch/${one.batch.id}/wrong` } : {}),
        }
      }
    }
  }
  function* everything(): Generator<Findable> {
    yield* ofBatches()
    yield* ofThings()
    yield* ofKnowledge()
    yield* ofLogs()
  }

  const index = shallowRef<SearchIndex>()
  let ticket = 0
  watch([() => store.changedAtMs, () => store.documents], async () => {
    const mine = ++ticket
    const made = await inSlices(indexing(everything()), { stillWanted: () => mine === ticket })
    if (made) index.value = made
  }, { immediate: true })
  onScopeDispose(() => { ticket++ })
  return { index }
}
