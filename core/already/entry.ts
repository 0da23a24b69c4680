import { draftFor, worthyIngredient } from '../bench/planned'
import { EMPTY_PLAN, type Plan } from '../garden/plan'
import type { GardenEvent, NewEvent } from '../journal/event'
import { hasBegun, type BegunBatch, type Input, type Stood } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import { findMaterial } from '../materials/book'
import { balancedOf, type Method, type Surroundings, type Usually } from '../methods/contract'
import { levelOf, timesFor, usualInputs } from '../methods/doubt'
import type { Ingredient } from '../mix/portion'
import { fail, ok, type Outcome } from '../outcome/outcome'
import { completed } from '../questions/question'
import type { Answers } from '../questions/answers'
import { DAY_MS, daysBetween } from '../units/time'
import { LITRE } from '../units/container'
import { siteAreaM2, siteVolumeL, type Site } from '../vessel/site'
import { middleOf, type Span } from './since'

/** What is known of what went in: all of it, what it usually is, or nothing. */
export type KnownStuff
  = | { readonly kind: 'known', readonly ingredients: readonly Ingredient[], readonly waterL: number }
    | { readonly kind: 'usually', readonly id: string }
    | { readonly kind: 'unknown' }

/** Something that was found, read or taken of it by now. */
export type FoundOfIt
  = | { readonly kind: 'sense', readonly sense: string, readonly finding: string }
    | { readonly kind: 'read', readonly quantity: string, readonly spot: string, readonly value: number, readonly at: Date }
    | { readonly kind: 'taken', readonly litres: number, readonly at: Date }

/** One that stands already, as a gardener tells it. */
export interface Entered {
  readonly batchId: string
  readonly name: string
  readonly place: string
  readonly methodId: string
  readonly approachId: string
  readonly site: Site
  readonly answers: Answers
  readonly since: Span
  readonly stuff: KnownStuff
  /** Whether it came bit by bit, and since when nothing goes in any more. */
  readonly bitByBit: boolean
  readonly closedAt?: Date
  /** Deeds of its first days that are not behind it. */
  readonly notYet?: readonly string[]
  /** How high it stands now, metres. */
  readonly heightM?: number
  readonly found: readonly FoundOfIt[]
}

/** Why it cannot have been so. */
export type EntryTrouble = 'nothing-known-in-it' | 'closed-before-it-began' | 'taken-before-it-began' | 'read-before-it-began'

/** What keeps so long is at hand in any month, an assumption. */
const KEEPS_DAYS = 180
/** Scraps of a week, where nothing else is said. */
const SCRAPS = 'kitchen-veg'
/** What fills a site before it has settled, as a share of its rim; an assumption, set right where a height is known. */
const FILLED = 0.9

function inputsOf(ingredients: readonly Ingredient[]): Input[] {
  return ingredients.map((one): Input => ({ role: 'feed', ...worthyIngredient(one), draws: [] }))
}

/** Litres that would fill it as high as it stands, where that is known; else to about its rim. */
function litresAtFirst({ site, heightM }: Entered): number {
  return heightM === undefined ? FILLED * siteVolumeL(site) : Math.max(1, siteAreaM2(site) * heightM * 1000)
}

/** The usual filling that was chosen; of those that could have been gathered in its time the first, where none was. */
function usualOf(
  { stuff, approachId, since }: Entered, method: Method, { materials, weather }: Surroundings,
): Usually | undefined {
  const all = method.plan.already?.(approachId).of ?? []
  if (stuff.kind === 'usually') return all.find(({ id }) => id === stuff.id) ?? all[0]
  const southern = isSouthernYear(weather)
  const months = new Set<number>()
  for (let at = since.from.getTime(); at <= since.to.getTime() + 1; at += 14 * DAY_MS)
    months.add((new Date(at).getMonth() + (southern ? 6 : 0)) % 12 + 1)
  const gathered = all.find(({ parts }) => parts.every(({ materialId }) => {
    const { months: when = [], keepsDays = 0 } = findMaterial(materialId, materials) ?? {}
    return when.length === 0 || keepsDays >= KEEPS_DAYS || when.some(month => months.has(month))
  }))
  return gathered ?? all[0]
}

/** Whether January is the warmer half of the year. */
export function isSouthernYear({ ambientC }: Pick<Surroundings['weather'], 'ambientC'>): boolean {
  return ambientC(new Date(2025, 0, 15)) > ambientC(new Date(2025, 6, 15))
}

interface Filling {
  readonly site: Site
  readonly inputs: readonly Input[]
  readonly waterL: number
  readonly evenly: readonly Input[]
  readonly usually?: string
}

/** What went in, before its height is looked at. */
function fillingOf(entered: Entered, method: Method, surroundings: Surroundings): Filling | undefined {
  const { stuff, since, closedAt, bitByBit, methodId, approachId, site, answers } = entered
  const already = method.plan.already?.(approachId)
  const usually = stuff.kind === 'known' ? undefined : usualOf(entered, method, surroundings)
  const usual = usually ? usualInputs(usually, litresAtFirst(entered), surroundings.materials) : []
  const planned: Plan = {
    ...EMPTY_PLAN, methodId, approachId, site, answers,
    ingredients: stuff.kind === 'known' ? stuff.ingredients.map(worthyIngredient) : usual,
  }
  const thought = draftFor(planned, method, surroundings)
  const recipe = stuff.kind !== 'known' && thought?.draft.recipe ? inputsOf(thought.draft.recipe) : undefined
  const solids = recipe ?? (stuff.kind === 'known' ? inputsOf(stuff.ingredients) : usual)
  const waterL = stuff.kind === 'known' && stuff.waterL > 0 ? stuff.waterL : thought?.draft.waterL ?? 0
  const weeks = Math.max(0, daysBetween(middleOf(since), closedAt ?? surroundings.now)) / 7
  const weeklyL = bitByBit ? already?.weeklyL?.(answers) ?? 0 : 0
  const scraps: Input[] = weeklyL * weeks > 0
    ? [{ role: 'feed', materialId: SCRAPS, amount: { count: weeklyL * weeks, container: LITRE, packing: 'loose' }, draws: [] }]
    : []
  const siteAsLaid = thought?.draft.site ?? site
  const named = usually ? { usually: usually.id } : {}
  // What is begun with and fed since is one thing; what merely came bit by bit is another.
  if (recipe) return { site: siteAsLaid, inputs: solids, waterL, evenly: scraps, ...named }
  return bitByBit
    ? { site: siteAsLaid, inputs: [], waterL: 0, evenly: solids, ...named }
    : { site: siteAsLaid, inputs: solids, waterL, evenly: [], ...named }
}

type Began = Extract<NewEvent, { kind: 'began' }>

function beganOf(entered: Entered, filling: Filling, method: Method, now: Date): Began {
  const { batchId, name, place, methodId, approachId, answers, since, stuff, closedAt, heightM } = entered
  const written = (inputs: readonly Input[]) => inputs.map(one => ({ ...one, draws: [...one.draws] }))
  const isKnown = stuff.kind === 'known' || (stuff.kind === 'usually' && !method.plan.already)
  const stood: Stood = {
    from: since.from.toISOString(), to: since.to.toISOString(), noted: now.toISOString(),
    of: isKnown ? 'known' : stuff.kind === 'usually' ? 'mostly' : 'unknown',
    ...(filling.evenly.length > 0
      ? { evenly: { inputs: written(filling.evenly), until: (closedAt ?? now).toISOString() } }
      : {}),
    ...(heightM === undefined ? {} : { heightM }),
    ...(filling.usually === undefined ? {} : { usually: filling.usually }),
  }
  return {
    kind: 'began', at: middleOf(since).toISOString(), batchId, name, place, methodId, approachId, site: filling.site,
    answers: { ...answers }, inputs: written(filling.inputs), waterL: filling.waterL,
    stood: stood as Began['stood'],
  }
}

/** Everything of it since it began. */
function sinceThen(entered: Entered, method: Method, surroundings: Surroundings, batch: BegunBatch): NewEvent[] {
  const { batchId, approachId, closedAt, heightM, found, notYet = [] } = entered
  const at = surroundings.now.toISOString()
  const level = levelOf(method, batch)
  const { closes, behind = [] } = method.plan.already?.(approachId) ?? { of: [] }
  const done = behind.flatMap(({ deed, answers, afterDays }): NewEvent[] => {
    const then = new Date(Date.parse(batch.began.at) + afterDays * DAY_MS)
    return then < surroundings.now && !notYet.includes(deed)
      ? [{ kind: 'did', at: then.toISOString(), batchId, deed, answers: { ...answers } }]
      : []
  })
  const output = method.life.outputs(batch, surroundings)[0]
  const told = found.flatMap((one): NewEvent[] => {
    if (one.kind === 'sense') return [{ kind: 'observed', at, batchId, sense: one.sense, finding: one.finding }]
    const then = one.at.toISOString()
    if (one.kind === 'read')
      return [{
        kind: 'gauged', at: then, batchId, quantity: one.quantity, source: 'hand', values: [{ spot: one.spot, value: one.value }],
      }]
    if (!output || one.litres <= 0) return []
    const { materialId, sieveMm } = output
    return [{
      kind: 'took', at: then, batchId, ends: false,
      products: [{ materialId, amount: { count: one.litres, container: LITRE, packing: 'loose' }, ...(sieveMm ? { sieveMm } : {}) }],
    }]
  })
  return [
    ...done,
    ...(closes && closedAt ? [{ kind: 'did' as const, at: closedAt.toISOString(), batchId, deed: closes, answers: {} }] : []),
    ...told,
    ...(level && heightM !== undefined
      ? [{
          kind: 'gauged' as const, at, batchId, quantity: level.id, source: 'hand' as const,
          values: [{ spot: level.spots[0].id, value: heightM }],
        }]
      : []),
  ]
}

function folded(events: readonly NewEvent[], batchId: string): BegunBatch | undefined {
  const written = events.map((event, index) => ({ ...event, id: `entry.${index}`, by: 'entry', recordedAt: event.at }) as GardenEvent)
  const batch = foldGarden(written).batches.get(batchId)
  return batch && hasBegun(batch) ? batch : undefined
}

/** What in it came to as much as it must have been for it to stand so high now. */
function setToHeight(began: Began, since: readonly NewEvent[], method: Method, surroundings: Surroundings): Began {
  const { stood } = began
  if (stood?.heightM === undefined || stood.of === 'known') return began
  // Without the height itself: what it stands is asked of the course, which would believe it.
  const batch = folded([began, ...since.filter(({ kind }) => kind !== 'gauged' && kind !== 'observed')], began.batchId)
  if (!batch) return began
  const times = timesFor(batch, method, { at: stood.noted, heightM: stood.heightM }, surroundings)
  const grown = (inputs: Began['inputs']) =>
    inputs.map(one => ({ ...one, amount: { ...one.amount, count: Math.min(9999, one.amount.count * times) } }))
  return {
    ...began, inputs: grown(began.inputs), waterL: began.waterL * times,
    stood: { ...stood, ...(stood.evenly ? { evenly: { ...stood.evenly, inputs: grown(stood.evenly.inputs) } } : {}) },
  }
}

/** Fed less each time it is tried, and so many times at most; looked at now and on days of the year before. A choice of numerics. */
const LESS = { times: 0.7, tries: 8, daysBack: [0, 90, 180, 270] } as const
const AMISS = { good: 0, mind: 1, bad: 2 } as const

/** What lives and is fed cannot have been fed to death: as much went in as leaves it best over its last year. */
function fedAsItLives(began: Began, since: readonly NewEvent[], method: Method, surroundings: Surroundings): Began {
  const evenly = began.stood?.evenly
  if (!began.stood || !evenly || began.inputs.length === 0) return began
  const fed = (times: number): Began => ({
    ...began,
    stood: {
      ...began.stood!,
      evenly: { ...evenly, inputs: evenly.inputs.map(one => ({ ...one, amount: { ...one.amount, count: one.amount.count * times } })) },
    },
  })
  const shares = Array.from({ length: LESS.tries }, (_, tried) => LESS.times ** tried)
  const amiss = (one: Began): number => {
    const batch = folded([one, ...since], one.batchId)
    return batch
      ? LESS.daysBack.reduce<number>((sum, back) => {
          const now = new Date(surroundings.now.getTime() - back * DAY_MS)
          return now.toISOString() > one.at ? sum + AMISS[method.life.standing(batch, { ...surroundings, now }).tone] : sum
        }, 0)
      : Infinity
  }
  return shares
    .map((times) => {
      const one = fed(times)
      return { one, amiss: amiss(one) }
    })
    .reduce((best, next) => next.amiss < best.amiss ? next : best).one
}

function troubleOf({ since, closedAt, found }: Entered): EntryTrouble | undefined {
  if (closedAt && closedAt < since.from) return 'closed-before-it-began'
  const early = found.find(one => one.kind !== 'sense' && one.at < since.from)
  return early && (early.kind === 'taken' ? 'taken-before-it-began' : 'read-before-it-began')
}

/**
 * One that stands already as the events that tell of it: begun in the middle of when it may have been, filled so that it stands as
 * high as it does, and what was found, read and taken of it by now.
 */
export function entryEvents(said: Entered, method: Method, surroundings: Surroundings): Outcome<readonly NewEvent[], EntryTrouble> {
  const trouble = troubleOf(said)
  if (trouble) return fail(trouble)
  const entered = { ...said, answers: completed(method.plan.asks(said.approachId), said.answers) }
  const filling = fillingOf(entered, method, surroundings)
  if (!filling) return fail('nothing-known-in-it')
  const began = beganOf(entered, filling, method, surroundings.now)
  const batch = folded([began], entered.batchId)
  if (!batch || (balancedOf(method) && filling.inputs.length + filling.evenly.length === 0)) return fail('nothing-known-in-it')
  const since = sinceThen(entered, method, surroundings, batch)
  const filled = fedAsItLives(setToHeight(began, since, method, surroundings), since, method, surroundings)
  return ok([filled, ...since])
}
