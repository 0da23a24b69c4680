import { leaningOf } from '../../materials/colour'
import { waterAt } from '../../materials/holding'
import type { Material } from '../../materials/material'
import { numberOf } from '../../questions/question'
import { type Ingredient, looseL, portionOf } from '../../mix/portion'
import type { Stratum, StratumRole } from '../../vessel/strata'
import { fillHeightM } from '../../vessel/vessel'
import type { HeapProposal } from '../heated/proposal'
import { HOT } from './constants'

/** How many layers of browns and greens; 0 for as many as its height makes. */
export const LAYERS_ASKED = { id: 'layers', kind: 'count', label: 'Layers (0: by height)', usual: 0, most: 40 } as const

/** How many times browns and greens are laid: as was said, else by the height. */
export function layersOf({ vessel, volumeL, answers }: HeapProposal): { readonly count: number, readonly answerId: string } {
  const said = Math.round(numberOf(answers, LAYERS_ASKED.id) ?? 0)
  return {
    count: said > 0 ? said : Math.min(HOT.mostCourses, Math.max(1, Math.round(fillHeightM(vessel, volumeL) / HOT.courseM))),
    answerId: LAYERS_ASKED.id,
  }
}

type Rough = Omit<Stratum, 'waterL' | 'heightShare'> & { readonly lacksKg: number, readonly looseL: number }

function roleOf(ingredient: Ingredient): StratumRole {
  const leaning = leaningOf(ingredient.material)
  return leaning === 'brown' ? 'brown' : leaning === 'neither' ? 'other' : 'green'
}

/** Water that so much of it lacks to a wrung sponge, kg; none where it is wetter. */
function lacksKg({ bulkDensityKgM3, moistureFraction }: Material, looseL: number): number {
  const kg = looseL * bulkDensityKgM3.typical / 1000
  const waterKg = kg * moistureFraction.typical
  return Math.max(0, (kg - waterKg) * waterAt(HOT.wettedTo) - waterKg)
}

function rough(ingredient: Ingredient, role: StratumRole, count: number): Rough {
  const amount = { ...ingredient.amount, count }
  const { material, looseVolumeL } = portionOf({ ...ingredient, amount })
  return {
    materialId: material.id, family: material.family, short: material.short, role, amount,
    ...(ingredient.prepared ? { prepared: ingredient.prepared } : {}),
    lacksKg: lacksKg(material, looseVolumeL),
    looseL: looseVolumeL,
  }
}

/** Splits a count into parts that can be measured out and that add up to the whole. */
export function portionedOut(count: number, parts: number): number[] {
  const marks = Array.from({ length: parts + 1 }, (_, index) =>
    index === parts ? count : Math.round((count * index) / parts / HOT.leastCount) * HOT.leastCount,
  )
  return marks.slice(1).map((mark, index) => mark - (marks[index] as number))
}

/** Coarse stuff for the bottom: what is there for it, else wood that stands open and is not the mainstay. */
function baseOf(ingredients: readonly Ingredient[]): Ingredient | undefined {
  const wholeL = looseL(ingredients)
  return (
    ingredients.find(({ material, prepared }) => material.part === 'base' && !prepared)
    ?? ingredients.find(
      one => one.material.structure === 3 && one.material.family === 'wood' && portionOf(one).looseVolumeL < HOT.baseMost * wholeL,
    )
  )
}

function courses(ingredients: readonly Ingredient[], count: number): Rough[] {
  const shares = ingredients.map(ingredient => portionedOut(ingredient.amount.count, count))
  const order: readonly StratumRole[] = ['brown', 'green', 'other']
  return Array.from({ length: count }, (_, course) => order.flatMap(role => ingredients.flatMap((ingredient, index) => {
    const part = shares[index]?.[course] ?? 0
    return roleOf(ingredient) === role && part > 0 ? [{ ...rough(ingredient, role, part), course: course + 1 }] : []
  }))).flat()
}

/** Keeps back some of the first brown for the top. */
function withoutCap(ingredients: readonly Ingredient[]): { readonly rest: readonly Ingredient[], readonly cap: readonly Rough[] } {
  const brown = ingredients.find(ingredient => roleOf(ingredient) === 'brown')
  if (!brown) return { rest: ingredients, cap: [] }
  const kept = Math.min(
    brown.amount.count, Math.max(HOT.leastCount, Math.round((brown.amount.count * HOT.capShare) / HOT.leastCount) * HOT.leastCount),
  )
  const left = { ...brown, amount: { ...brown.amount, count: brown.amount.count - kept } }
  return {
    rest: ingredients.map(one => (one === brown ? left : one)).filter(({ amount }) => amount.count > 0),
    cap: [rough(brown, 'cap', kept)],
  }
}

/** Water goes where it is missing: to each layer by what its dry stuff lacks to a wrung sponge. */
function watered(layers: readonly Rough[], waterL: number): Stratum[] {
  const lacking = layers.map(({ lacksKg: lacks, role }) => role === 'base' ? 0 : lacks)
  const lackingSum = lacking.reduce((sum, one) => sum + one, 0)
  const volumeL = layers.reduce((sum, { looseL }) => sum + looseL, 0)
  return layers.map(({ lacksKg: _, looseL, ...layer }, index) => ({
    ...layer,
    waterL: lackingSum > 0 ? waterL * (lacking[index] ?? 0) / lackingSum : waterL * looseL / volumeL,
    heightShare: looseL / volumeL,
  }))
}

/** The layers of a hot heap from the bottom up: coarse base, courses of browns and greens, browns on top. */
export function strataOf(proposal: HeapProposal): Stratum[] {
  const { ingredients, waterL } = proposal
  const present = ingredients.filter(({ amount }) => amount.count > 0)
  if (present.length === 0) return []
  const base = baseOf(present)
  const { rest, cap } = withoutCap(present.filter(one => one !== base))
  const { count } = layersOf(proposal)
  const layers = [...(base ? [rough(base, 'base', base.amount.count)] : []), ...courses(rest, count), ...cap]
  return watered(layers, waterL)
}
