import { balancedOf } from '#core/methods/contract'
import type { Answer } from '#core/balancing/answers'
import { balanceAsked, type Found } from '#core/balancing/asked'
import type { Problem } from '#core/balancing/problem'
import type { Solver } from '#core/balancing/program'
import { counselFor } from '#core/bench/counsel'
import { aroundHere, candidatesFor, feedsFor, problemOf, type BalanceWish } from '#core/bench/offered'
import { draftFor } from '#core/bench/planned'
import type { Supply } from '#core/garden/supply'
import { EMPTY_PLAN } from '#core/garden/plan'
import { findMaterial, LIBRARY_BOOK } from '#core/materials/book'
import type { Preparation } from '#core/materials/preparation'
import { METHODS } from '#core/methods'
import type { Verdict } from '#core/methods/contract'
import { typicalTotals } from '#core/mix/balance'
import { judge, type Judgement } from '#core/mix/judgement'
import { leversFor, type Levers } from '#core/mix/lever'
import { portionOf, type Ingredient } from '#core/mix/portion'
import type { Random } from '#core/random/random'
import { containerThen, STARTING_CONTAINERS, type Packing } from '#core/units/container'
import { vesselVolumeL, type Vessel } from '#core/vessel/vessel'
import { must } from './bands'
import { surroundingsOn } from './heaps'

const CONTAINERS = STARTING_CONTAINERS.metric
export const HOT = METHODS[0]!
export const COMFORT = balancedOf(HOT)!.mixing.comfort('by-thermometer')
export const CUBE: Vessel = { id: 'bay', name: 'Square bay', wall: 'boards', shape: 'box', widthM: 1.2, depthM: 1.2, heightM: 1.2 }
/** A drum of 200 L. */
export const DRUM: Vessel = { id: 'drum', name: 'Drum', wall: 'plastic', shape: 'cylinder', diameterM: 0.58, heightM: 0.757 }

/** So many of a gardener's containers of something. */
export function some(
  id: string, count: number, container: 'bucket' | 'sack' | 'barrow' | 'caddy',
  { packing = 'loose', prepared }: { readonly packing?: Packing, readonly prepared?: Preparation } = {},
): Ingredient {
  return {
    material: findMaterial(id)!, amount: { count, container: containerThen(CONTAINERS.find(one => one.id === container)!), packing },
    ...(prepared ? { prepared } : {}),
  }
}

/** What lies on a bench, where, and when. */
export interface BenchCase {
  readonly lies: readonly Ingredient[]
  readonly vessel?: Vessel
  readonly month?: number
  /** Only these can be fetched. */
  readonly around?: readonly string[]
  readonly fetching?: boolean
  readonly fill?: BalanceWish['fill']
}

/** Everything the bench says of a case. */
export interface Said {
  readonly judgement: Judgement
  readonly levers: Levers
  readonly verdict: Verdict
  readonly counsel: readonly string[]
  readonly found: Found
  readonly answers: readonly Answer[]
}

/** A household with ten litres of scraps a week. */
const SUPPLIES: readonly Supply[] = [{ materialId: 'kitchen-veg', litresAWeek: 10, from: 'usual', obtainableL: 10 }]

/** What a bench says: verdict, counsel, and the answers of its balancing. */
export function saidOf({ lies, vessel = CUBE, month = 10, around: only, fetching = true, fill = 'pile' }: BenchCase, solver: Solver): Said {
  const around = aroundHere(LIBRARY_BOOK, CONTAINERS, month, SUPPLIES).filter(({ material }) => !only || only.includes(material.id))
  const feeds = feedsFor(LIBRARY_BOOK, [], 'metric')
  const judgement = must(judge(typicalTotals(lies.map(portionOf)), COMFORT))
  const standsShare = balancedOf(HOT)!.sizing.standsShare
  const levers = leversFor(lies, candidatesFor(lies, [], around), COMFORT, { pinned: [], roomL: vesselVolumeL(vessel) / standsShare })!
  const plan = {
    ...EMPTY_PLAN,
    methodId: HOT.id,
    approachId: 'by-thermometer',
    site: { kind: 'vessel' as const, vessel },
    ingredients: lies.map(({ material, amount, prepared }) => ({ materialId: material.id, amount, prepared })),
  }
  const problem = problemOf(
    { vessel, standsShare, ingredients: lies, pinned: [], capped: [], stored: [], around, feeds, comfort: COMFORT },
    { goalId: 'spoils-first', step: 1, fetching, fill, oneMaterialMost: 1 }, undefined,
  )
  const found = balanceAsked({ problem, goalId: 'spoils-first', asBigAsCan: false }, solver)
  return {
    judgement, levers, found, answers: found.kind === 'answers' ? found.answers : [],
    verdict: draftFor(plan, HOT, surroundingsOn(0, 15))!.draft.verdict,
    counsel: counselFor({ filled: lies, judgement, levers, comfort: COMFORT, feeds, method: HOT, methods: METHODS, units: 'metric' }),
  }
}

/** Loose litres of something in ingredients, prepared in this way or in any. */
export function litresOf(ingredients: readonly Ingredient[], id: string, prepared?: Preparation): number {
  return ingredients
    .filter(one => one.material.id === id && (prepared === undefined || one.prepared === prepared))
    .reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
}

const PILED = [
  'leaves-mixed', 'leaves-shredded', 'leaves-oak', 'grass-clippings', 'kitchen-veg', 'cardboard', 'straw-wheat', 'horse-manure-straw',
  'coffee-grounds', 'weeds-soft', 'wood-chips', 'veg-haulm', 'chicken-manure', 'hay-grass', 'fruit-waste', 'hedge-clippings', 'nettles',
  'newsprint',
]

/** A pile as gardens have them: light stuff in sacks, heavy in buckets. */
export function randomLies(random: Random, most: number): Ingredient[] {
  const ids = [...PILED].sort(() => random() - 0.5).slice(0, 2 + Math.floor(random() * (most - 1)))
  return ids.map((id) => {
    const light = (findMaterial(id)?.bulkDensityKgM3.typical ?? 0) < 160
    return some(id, 1 + Math.floor(random() * (light ? 8 : 16)), light ? 'sack' : 'bucket')
  })
}

/** What lies there as a problem for the balancing, in some month, with what can be fetched then. */
export function problemFor(lies: readonly Ingredient[], random: Random, fetching = true): Problem {
  const around = aroundHere(LIBRARY_BOOK, CONTAINERS, 1 + Math.floor(random() * 12), [])
  return problemOf(
    {
      vessel: CUBE,
      standsShare: balancedOf(HOT)!.sizing.standsShare,
      ingredients: lies,
      pinned: [],
      capped: [],
      stored: [],
      around,
      feeds: [],
      comfort: COMFORT,
    },
    { goalId: '', step: 1, fetching, fill: 'pile', oneMaterialMost: 1 }, undefined,
  )
}

/** A random pile of two to nine things, with what can be fetched or without. */
export function randomPile(random: Random): Problem {
  return problemFor(randomLies(random, 9), random, random() < 0.6)
}
