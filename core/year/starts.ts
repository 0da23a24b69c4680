import { addDays, startOfDay } from 'date-fns'
import { usualContainer } from '../bench/offered'
import { draftFor, namedIngredient } from '../bench/planned'
import { standingOf } from '../bench/choosing'
import { EMPTY_PLAN, type Plan } from '../garden/plan'
import { isSouthernYear } from '../already/entry'
import { balancedOf, sitesFor, type Draft, type Method, type Purpose, type Surroundings, type Usually } from '../methods/contract'
import { ingredientsOf, looseL } from '../mix/portion'
import { findMaterial } from '../materials/book'
import type { Material } from '../materials/material'
import { packingFactor } from '../materials/packing'
import type { NamedIngredient, Ingredient } from '../mix/portion'
import { containerThen, type Container } from '../units/container'
import { DAY_MS } from '../units/time'
import { siteName, siteVolumeL, type Site } from '../vessel/site'
import { comesBetween, INCOME, type Income } from './income'
import { byOwnYield, type OwnShares } from './own-yield'
import { giftStages } from './stocks'
import type { Stage } from './stock'

/** A place that is free from some day on. */
export interface FreePlace { readonly name: string, readonly site: Site, readonly freeFromDay: number }

/** Loose litres of a material that lie here, and for how many days they keep. */
export interface Kept { readonly materialId: string, readonly litres: number, readonly keepsDays: number }

/** What starts are thought of in: the garden, and what it has. */
export interface Chances {
  readonly surroundings: Surroundings
  readonly methods: readonly Method[]
  readonly places: readonly FreePlace[]
  readonly kept: readonly Kept[]
  readonly incomes: readonly Income[]
  /** What own batches have given, by method. */
  readonly own: OwnShares
  readonly containers: readonly Container[]
}

/** A way of beginning something somewhere; on which day is not said. */
export interface Way {
  readonly id: string
  readonly method: Method
  readonly approachId: string
  readonly place?: FreePlace
  readonly site: Site
}

/** Such a start thought through for a day. */
export interface Thought {
  readonly plan: Plan
  readonly draft: Draft
  /** Counted from the day of the start. */
  readonly stages: readonly Stage[]
  readonly ingredients: readonly Ingredient[]
  /** The day from which what spoils soonest of it can be gathered, and the last from which the rest has to be. */
  readonly gatherFrom: Date
  /** Of what there is of its scarcest stuff, the share that it takes; 0 where none was said to be scarce. */
  readonly scarceShare: number
  /** So many of it could be filled; nothing where there is no limit. */
  readonly many?: number
}

/** What of a place is filled before it settles, as a share of its rim; an assumption. */
const FILLED = 0.9
/** With less of what it wants than this share it is another batch; a choice. */
const LEAST_SHARE = 0.5

/** Every way in which something could be begun that is of use for these: in a free place of its kind, or in a new one. */
export function waysFor(purposes: ReadonlySet<Purpose>, { methods, places }: Chances): Way[] {
  return methods.filter(({ face }) => face.choosing.purposes.some(one => purposes.has(one))).flatMap(method =>
    method.face.approaches.slice(0, 1).flatMap(({ id: approachId }): Way[] => {
      const sites = sitesFor(method, approachId)
      const kinds = new Set(sites.map(site => `${site.kind} ${standingOf(site)}`))
      const free = places.filter(({ site }) => kinds.has(`${site.kind} ${standingOf(site)}`))
      const way = (site: Site, place?: FreePlace): Way =>
        ({ id: `start.${method.id}.${approachId}.${place?.name ?? 'new'}`, method, approachId, site, ...(place ? { place } : {}) })
      return [...free.slice(0, 3).map(place => way(place.site, place)), ...sites.slice(0, 1).map(site => way(site))]
    }))
}

/** The days on which a material can be gathered so that it keeps until a day: the first and the last of them. */
export function gatheringOf(
  { months, keepsDays }: Pick<Material, 'months' | 'keepsDays'>, by: Date, now: Date, southern: boolean,
): { readonly from: Date, readonly to: Date } | undefined {
  const isAround = (at: number) => months.length === 0 || months.includes((new Date(at).getMonth() + (southern ? 6 : 0)) % 12 + 1)
  const earliest = Math.max(now.getTime(), by.getTime() - keepsDays * DAY_MS)
  let [from, to] = [Infinity, -Infinity]
  for (let at = earliest; at <= by.getTime(); at += DAY_MS) {
    if (!isAround(at)) continue
    from = Math.min(from, at)
    to = at
  }
  return to > 0 ? { from: new Date(from), to: new Date(to) } : undefined
}

/** What fell within the last weeks and keeps still lies there, as far as it was not gathered. */
function stillLying(
  { id, keepsDays }: Pick<Material, 'id' | 'keepsDays'>, gatheredL: number, { surroundings: { now }, incomes }: Chances,
): number {
  return keepsDays < INCOME.keepsLongDays ? 0 : Math.max(0, comesBetween(incomes, id, addDays(now, -INCOME.liesDays), now) - gatheredL)
}

interface Gathered {
  /** Of what is wanted, as many times as it could be there. */
  readonly times: number
  readonly from: Date
  readonly scarceShare: number
}

/** How much of what is wanted can be there on a day. */
function gathered(wanted: readonly Ingredient[], by: Date, chances: Chances): Gathered {
  const { surroundings, kept, incomes } = chances
  const { now, weather } = surroundings
  const southern = isSouthernYear(weather)
  const days = (by.getTime() - now.getTime()) / DAY_MS
  let [times, from, scarceShare] = [Infinity, by.getTime(), 0]
  for (const one of wanted) {
    const { material } = one
    const litres = looseL([one])
    const lies = kept.filter(({ materialId, keepsDays }) => materialId === material.id && keepsDays >= days)
      .reduce((sum, { litres: here }) => sum + here, 0)
    if (litres <= 0) continue
    const isSaid = incomes.some(({ materialId }) => materialId === material.id)
    const gathering = gatheringOf(material, by, now, southern)
    const since = new Date(Math.max(now.getTime(), by.getTime() - material.keepsDays * DAY_MS))
    const comes = isSaid ? comesBetween(incomes, material.id, since, by) + stillLying(material, lies, chances) : gathering ? Infinity : 0
    times = Math.min(times, (lies + comes) / litres)
    if (gathering) from = Math.min(from, gathering.from.getTime())
    if (isSaid) scarceShare = Math.max(scarceShare, Math.min(1, litres / Math.max(litres, lies + comes)))
  }
  return { times, from: new Date(from), scarceShare }
}

/** More of one kind than this goes by the barrow, where there is one; a choice. */
const CARRIED_TIMES = 15

/** What so much of it is carried in: in what it usually is, or by the barrow where that would be many. */
function containerFor(material: Material, litres: number, containers: readonly Container[]): Container {
  const usual = usualContainer(material, containers)
  return litres / usual.volumeL > CARRIED_TIMES ? containers.find(({ id }) => id === 'barrow') ?? usual : usual
}

/** What is usual in the gardener's own containers, whole halves of them. */
function inContainers(
  parts: Usually['parts'], litres: number, { surroundings: { materials }, containers }: Chances,
): NamedIngredient[] {
  return parts.flatMap(({ materialId, share }): NamedIngredient[] => {
    const material = findMaterial(materialId, materials)
    if (!material) return []
    const container = containerThen(containerFor(material, litres * share, containers))
    const count = Math.round(2 * litres * share / packingFactor(material, 'loose') / container.volumeL) / 2
    return count > 0 ? [{ materialId, amount: { count, container, packing: 'loose' } }] : []
  })
}

/** Plans of a way on a day, the most usual filling first; what the method itself says goes in where nothing is usual. */
function plansOf({ method, approachId, site }: Way, chances: Chances): Plan[] {
  const plan: Plan = { ...EMPTY_PLAN, methodId: method.id, approachId, site }
  const usual = method.plan.bench === 'recipe' || method.plan.bench === 'empty' ? [] : method.plan.already?.(approachId).of ?? []
  if (usual.length === 0) return [plan]
  const litres = FILLED * siteVolumeL(site) / (balancedOf(method)?.sizing.standsShare ?? 1)
  return usual.map(({ parts }) => ({ ...plan, ingredients: inContainers(parts, litres, chances) }))
}

function scaled(plan: Plan, share: number): Plan {
  return {
    ...plan,
    ingredients: plan.ingredients.map(one =>
      ({ ...one, amount: { ...one.amount, count: Math.floor(2 * one.amount.count * share) / 2 } })).filter(({ amount }) =>
      amount.count > 0),
  }
}

/** A start thought through for a day; nothing where it cannot be begun then, or would come to nothing. */
export function thinkThrough(way: Way, at: Date, chances: Chances): Thought | undefined {
  const { method } = way
  const surroundings = { ...chances.surroundings, now: startOfDay(at) < chances.surroundings.now ? chances.surroundings.now : at }
  for (const whole of plansOf(way, chances)) {
    const first = draftFor(whole, method, surroundings)
    if (!first) continue
    const wanted = first.draft.recipe ?? ingredientsOf(whole.ingredients, surroundings.materials)
    const { times, from, scarceShare } = gathered(wanted, at, chances)
    const share = Math.min(1, times)
    if (share < LEAST_SHARE || (share < 1 && first.draft.recipe)) continue
    const plan = share < 1 ? scaled(whole, share) : whole
    const thought = share < 1 ? draftFor(plan, method, surroundings) : first
    if (!thought || thought.draft.refusal !== undefined || thought.draft.verdict.grade === 'poor') continue
    const ingredients = thought.draft.recipe ?? ingredientsOf(plan.ingredients, surroundings.materials)
    const stages = byOwnYield(giftStages(thought.draft, at, surroundings.materials), looseL(ingredients), chances.own[method.id])
    if (stages.length === 0) continue
    return {
      draft: thought.draft, stages, ingredients, gatherFrom: from, scarceShare,
      ...(times < Infinity ? { many: Math.max(1, Math.floor(times)) } : {}),
      plan: { ...plan, ingredients: ingredients.map(namedIngredient) },
    }
  }
  return undefined
}

/** Minutes of work until it gives, by what its method usually asks. */
export function workHours({ face: { choosing } }: Method, stages: readonly Stage[]): number {
  const weeks = Math.max(0, Math.min(...stages.map(({ days }) => days.typical))) / 7
  return choosing.minutesAWeek.typical * weeks / 60
}

/** Where something is begun, in words: a place that is there, or what would have to be put up. */
export const placeName = ({ place, site }: Way): string => place?.name ?? siteName(site)
/** The day so many days from another. */
export const dayAfter = (now: Date, days: number): Date => addDays(now, Math.round(days))
