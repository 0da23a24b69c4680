import { planFileName, planFileText, readPlanFile, recipeFileText, type PlanFileTrouble } from '#core/plan-files/plan-file'
import { planValues, type KeptPlan } from '#core/garden/plan'
import { mixValues, type KeptMix } from '#core/growing/plan'
import { documentValues } from '#core/journal/document'
import { deviceName } from '~/stores/which-garden'

const TROUBLE: Readonly<Record<PlanFileTrouble, string>> = {
  'other-file': 'This is no plan of Wastrum. Nothing was taken in.',
  'newer': 'This plan is from a newer Wastrum: bring this one up to date first. Nothing was taken in.',
  'broken': 'This plan is broken, or not whole. Ask for it once more. Nothing was taken in.',
}

/** Plans and recipes as small files: given to a neighbour, taken from one. */
export function usePlanFiles() {
  const { store, materials } = useGarden()
  const { showNote } = useRecorder()
  const trouble = ref('')

  const give = (text: string, name: string) => download(text, 'application/json', planFileName(name))
  /** Materials that are here already stay as they are here; what came can be taken back whole. */
  async function take(file: File): Promise<string | undefined> {
    const at = new Date()
    const read = readPlanFile(await file.text(), deviceName(store.which ?? 'own'), at.toISOString())
    trouble.value = read.ok ? '' : TROUBLE[read.error]
    if (!read.ok) return undefined
    const { value } = read
    const id = `${value.kind}.${newId(at)}`
    const name = value.kind === 'plan' ? value.plan.name : value.mix.called
    const fresh = value.materials.filter(document => materials.value.find(document.id.replace(/^material\./, '')) === undefined)
    const values = value.kind === 'plan'
      ? { ...planValues(value.plan), name, keptAt: at.toISOString(), removed: false }
      : mixValues(value.mix)
    const done = await store.write([
      ...fresh.map(document => ({ id: document.id, kind: 'material', values: documentValues(document) })), { id, kind: value.kind, values },
    ])
    if (done.ok) showNote(`“${name}” is kept.`, () => void store.write([{ id, kind: value.kind, values: { removed: true } }]))
    return done.ok ? id : undefined
  }
  return {
    trouble, take,
    givePlan: (plan: KeptPlan) => give(planFileText(plan, store.documents), plan.name),
    giveRecipe: (mix: KeptMix) => give(recipeFileText(mix, store.documents), mix.called),
  }
}
