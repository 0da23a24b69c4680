import { BENCH_PLAN_ID, EMPTY_PLAN, planValues, type Plan } from '#core/garden/plan'
import { namedIngredient } from '#core/bench/planned'
import { findMethod } from '#core/methods'
import type { Method } from '#core/methods/contract'
import type { Preparation } from '#core/materials/preparation'
import type { Ingredient, NamedIngredient } from '#core/mix/portion'
import { usualAnswers } from '#core/questions/question'
import type { Amount } from '#core/units/container'
import { asVessel } from '#core/vessel/site'

/** How free the balancing is with an ingredient of the bench. */
export type Freedom = 'free' | 'stays' | 'at-most'

/** The plan that lies on the bench: changed at once, written a moment later, and brought back when it was replaced whole. */
export const useBenchPlan = createSharedComposable(() => {
  const { store, plan } = useGarden()
  const draft = shallowRef<Plan>(plan.value)
  /** The bench as it was before something replaced it whole, so that one tap brings it back. */
  const before = shallowRef<Plan>()
  /** Changed and not yet written. */
  let pending = false
  let writing: Promise<void> | undefined

  /**
   * Writes at once what was changed. What is changed meanwhile is written right after: no edit waits for a clock, whatever
   * becomes of the page.
   */
  async function writeAll(): Promise<void> {
    while (pending) {
      pending = false
      await store.write([{ id: BENCH_PLAN_ID, kind: 'plan', values: planValues(draft.value) }])
    }
  }
  function write(): Promise<void> {
    writing ??= writeAll().finally(() => { writing = undefined })
    return writing
  }
  watch(plan, (fresh) => { if (!pending && !writing) draft.value = fresh })

  function change(part: Partial<Plan>): void {
    pending = true
    draft.value = { ...draft.value, ...part }
    void write()
  }
  /** Lays another plan on the bench; the one before can be brought back. */
  function replace(part: Partial<Plan>): void {
    before.value = draft.value
    change(part)
  }
  function bringBack(): void {
    if (before.value) change(before.value)
    before.value = undefined
  }
  /** Another method: its first school and site, its usual answers; what lies on the bench stays. */
  function choose(method: Method): void {
    const [approach] = method.face.approaches
    const [site] = method.plan.sites
    if (!approach || !site) return
    const keeps = method.plan.sites.some(one => asVessel(one).id === asVessel(draft.value.site).id)
    change({
      methodId: method.id, approachId: approach.id, site: keeps ? draft.value.site : site,
      answers: usualAnswers(method.plan.asks(approach.id)),
    })
  }
  const method = computed<Method | undefined>(() => findMethod(draft.value.methodId))
  /** A method was chosen that this version does not know. */
  const unknownMethod = computed(() => draft.value.methodId !== '' && method.value === undefined)

  // By material, never by place: what the book does not know any more is not shown, but keeps its place.
  const amend = (materialId: string, part: Partial<NamedIngredient>) =>
    change({ ingredients: draft.value.ingredients.map(one => one.materialId === materialId ? { ...one, ...part } : one) })
  const setAmount = (materialId: string, amount: Amount) => amend(materialId, { amount })
  function setPrepared(wanted: string, prepared: Preparation | undefined): void {
    change({ ingredients: draft.value.ingredients.map(({ materialId, amount, prepared: was }) => {
      const now = materialId === wanted ? prepared : was
      return { materialId, amount, ...(now ? { prepared: now } : {}) }
    }) })
  }
  const freedomOf = (materialId: string): Freedom =>
    draft.value.pinned.includes(materialId) ? 'stays' : draft.value.capped.includes(materialId) ? 'at-most' : 'free'
  function setFreedom(materialId: string, freedom: Freedom): void {
    const without = (ids: readonly string[]) => ids.filter(id => id !== materialId)
    const [pinned, capped] = [without(draft.value.pinned), without(draft.value.capped)]
    change({
      pinned: freedom === 'stays' ? [...pinned, materialId] : pinned, capped: freedom === 'at-most' ? [...capped, materialId] : capped,
    })
  }
  function remove(gone: string): void {
    change({
      ingredients: draft.value.ingredients.filter(({ materialId }) => materialId !== gone),
      pinned: draft.value.pinned.filter(id => id !== gone), capped: draft.value.capped.filter(id => id !== gone),
    })
  }
  const adopt = (ingredients: readonly Ingredient[]) => replace({ ingredients: ingredients.map(namedIngredient) })
  /** An empty bench, in the same place and the same way. */
  const clear = () =>
    replace({
      ...EMPTY_PLAN,
      methodId: draft.value.methodId,
      approachId: draft.value.approachId,
      site: draft.value.site,
      answers: draft.value.answers,
      wish: undefined,
      likeBatchId: undefined,
    })

  return {
    draft, before: readonly(before) as Readonly<Ref<Plan | undefined>>, method, unknownMethod,
    change, replace, bringBack, writeNow: write, choose, adopt, clear, setAmount, setPrepared, freedomOf, setFreedom, remove,
  }
})
