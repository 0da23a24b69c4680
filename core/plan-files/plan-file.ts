import * as v from 'valibot'
import { readKeptPlans, type KeptPlan, planValues } from '../garden/plan'
import { materialDocumentId } from '../garden/own-material'
import { MIX_KIND, mixValues, readKeptMixes, type KeptMix } from '../growing/plan'
import { documentSchema, documentValues, writeDocument, type FieldValue, type GardenDocument } from '../journal/document'
import { fail, ok, type Outcome } from '../outcome/outcome'
import { parsedWithin } from '../formats/backup/json'

/** A plan or a recipe as a small file of its own, for another garden: with the materials in it that are this garden's own. */
export const PLAN_FORMAT = 'wastrum-plan'
const VERSION = 1
/** Nobody's plan is larger than this, letters; choice. */
const MOST_LETTERS = 400_000

const ENDING = '.wastrum-plan.json'

/** What a plan's file is called. */
export function planFileName(name: string): string {
  return `${name.toLowerCase().normalize('NFKD').replace(/[^a-z0-9]+/g, '-').replace(/^-+|-+$/g, '').slice(0, 40) || 'plan'}${ENDING}`
}

const fileSchema = v.object({
  format: v.literal(PLAN_FORMAT), version: v.pipe(v.number(), v.integer(), v.minValue(1)), kind: v.picklist(['plan', MIX_KIND]),
  values: v.record(v.string(), v.unknown()), materials: v.pipe(v.array(v.record(v.string(), v.unknown())), v.maxLength(200)),
})

const NEEDED = { plan: ['methodId', 'approachId', 'site', 'ingredients', 'answers', 'name'],
  [MIX_KIND]: ['purposeId', 'parts', 'called'] } as const

/** What a file brings: what was planned, and materials of the garden that it comes from. */
export type PlanFile
  = | { readonly kind: 'plan', readonly plan: KeptPlan, readonly materials: readonly GardenDocument[] }
    | { readonly kind: typeof MIX_KIND, readonly mix: KeptMix, readonly materials: readonly GardenDocument[] }

/** Why a file brings none: not one at all, from a newer Wastrum, or broken. */
export type PlanFileTrouble = 'other-file' | 'newer' | 'broken'

const materialsIn = (ids: readonly string[], documents: readonly GardenDocument[]) =>
  documents.filter(({ id, kind }) => kind === 'material' && ids.some(one => materialDocumentId(one) === id))

function fileText(kind: string, values: Record<string, FieldValue>, materials: readonly GardenDocument[]): string {
  const own = materials.map(document => ({ id: document.id, ...documentValues(document) }))
  return `${JSON.stringify({ format: PLAN_FORMAT, version: VERSION, kind, values, materials: own }, null, 1)}\n`
}

/** A plan as the text of a file. What belongs to this garden alone, a day that is wished or a batch it was copied from, stays behind. */
export function planFileText(plan: KeptPlan, documents: readonly GardenDocument[]): string {
  const { likeBatchId: _, wish: __, ...shared } = plan
  return fileText(
    'plan', { ...planValues(shared), name: plan.name, keptAt: plan.keptAt, removed: false },
    materialsIn(plan.ingredients.map(({ materialId }) => materialId), documents),
  )
}

/** A recipe of a growing mix as the text of a file: of what is in it, not of which lot. */
export function recipeFileText(mix: KeptMix, documents: readonly GardenDocument[]): string {
  const parts = mix.parts.map(({ materialId, litres }) => ({ materialId, litres }))
  return fileText(MIX_KIND, mixValues({ ...mix, parts }), materialsIn(parts.map(({ materialId }) => materialId), documents))
}

/**
 * Reads a plan's file. Nothing of it is kept before it was read to its end, and nothing that does not make a plan or a material.
 * @param by the device that takes it in. @param at when.
 */
export function readPlanFile(text: string, by: string, at: string): Outcome<PlanFile, PlanFileTrouble> {
  if (text.length > MOST_LETTERS) return fail('other-file')
  const json = parsedWithin(text)
  if (!json.ok) return fail(text.includes(PLAN_FORMAT) ? 'broken' : 'other-file')
  const parsed = v.safeParse(fileSchema, json.value)
  if (!parsed.success) return fail((json.value as { format?: unknown } | null)?.format === PLAN_FORMAT ? 'broken' : 'other-file')
  const { version, kind, values, materials } = parsed.output
  if (version > VERSION) return fail('newer')
  const written = (id: string, of: string, given: Readonly<Record<string, unknown>>) => {
    const document = writeDocument(undefined, id, of, given as Record<string, FieldValue>, at, by)
    return v.is(documentSchema, document) ? document : undefined
  }
  const own = materials.flatMap(({ id, ...fields }) => {
    const document = typeof id === 'string' && id.startsWith(materialDocumentId('')) ? written(id, 'material', fields) : undefined
    return document ? [document] : []
  })
  const document = written(`${kind}.file`, kind, values)
  // What a document may leave out has to be in a file: half a plan is none.
  if (!document || own.length < materials.length || NEEDED[kind].some(name => !(name in values))) return fail('broken')
  if (kind === 'plan') {
    const [plan] = readKeptPlans([document])
    return plan ? ok({ kind, plan, materials: own }) : fail('broken')
  }
  const [mix] = readKeptMixes([document])
  return mix ? ok({ kind: MIX_KIND, mix, materials: own }) : fail('broken')
}
