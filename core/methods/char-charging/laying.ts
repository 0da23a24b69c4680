import { looseL, materialOf, type Ingredient } from '../../mix/portion'
import type { Answers } from '../../questions/answers'
import { numberOf } from '../../questions/question'
import type { Site } from '../../vessel/site'
import { ownOf, type Surroundings } from '../contract'
import { CHARGE } from './constants'
import { laidOf, recipeFor, urineIn, wishOf, type Laid, type SoakRecipe } from './recipe'
import type { ChargeWay } from './ways'
import { BAG_L, WATER_L } from './words'

const CHARS = ['biochar-crushed', 'char-coarse']
const LIVING = ['worm-castings', 'compost-finished', 'leaf-mould']
const URINE = ['urine']

const inStoreL = (id: string, { spares }: Surroundings) =>
  (spares ?? []).filter(({ material }) => material.id === id).reduce((sum, { count, container }) => sum + count * container.volumeL, 0)

/** The first of several materials that the store has enough of, or the one it has most of. */
function atHand(ids: readonly string[], litres: number, surroundings: Surroundings) {
  const id = ids.find(one => inStoreL(one, surroundings) >= litres - 0.5)
    ?? [...ids].sort((a, b) => inStoreL(b, surroundings) - inStoreL(a, surroundings))[0]!
  return materialOf({ materialId: id }, surroundings.materials)
}

function line(ids: readonly string[], litres: number, surroundings: Surroundings): Ingredient[] {
  const material = litres > 0.05 ? atHand(ids, litres, surroundings) : undefined
  const container = ownOf('bucket', surroundings)
  return material ? [{ material, amount: { count: litres / container.volumeL, container, packing: 'loose' } }] : []
}

/** What goes into a soak: of what lies on the bench as much as fits; where nothing does, what the way wants of what the store has. */
export interface Laying {
  readonly recipe: SoakRecipe
  readonly ingredients: readonly Ingredient[]
  readonly laid: Laid
  /** Litres of urine that are part of its liquid. */
  readonly urineL: number
  /** Whether the gardener said what goes in. */
  readonly own: boolean
}

const NOTHING: Laid = { char: [], living: [], urine: [], feeds: [] }
const scaled = (times: number) => (one: Ingredient): Ingredient =>
  ({ ...one, amount: { ...one.amount, count: one.amount.count * times } })

/** What goes in, by what lies there, the vessel and the way. */
export function layingOf(
  site: Site, way: ChargeWay, answers: Answers, bench: readonly Ingredient[], surroundings: Surroundings,
): Laying {
  const saidL = numberOf(answers, WATER_L)
  const liquidL = saidL !== undefined && saidL > 0 ? saidL : undefined
  const bagL = numberOf(answers, BAG_L)
  const laid = laidOf(bench)
  // Compost alone lies there for something else.
  if (laid.char.length > 0) {
    // Of what is said to be water the urine is no part; of what covers it, it is.
    const urineL = looseL(laid.urine)
    const recipe = recipeFor(site, way, wishOf(laid, liquidL === undefined ? undefined : liquidL + urineL, bagL))
    const all = [...laid.char, ...laid.living, ...laid.urine, ...laid.feeds]
    return { recipe, ingredients: recipe.fits < 1 ? all.map(scaled(recipe.fits)) : all, laid, urineL: urineL * recipe.fits, own: true }
  }
  const there = Math.max(...CHARS.map(id => inStoreL(id, surroundings)))
  const recipe = recipeFor(site, way, {
    charL: there >= CHARGE.leastL ? there : CHARGE.laidL, ...(liquidL === undefined ? {} : { liquidL }),
    ...(bagL === undefined ? {} : { bagL }),
  })
  const urineL = way.with === 'urine' ? urineIn(recipe.waterL) : 0
  const [char, living, urine] = [
    line(CHARS, recipe.charL, surroundings), line(LIVING, recipe.livingL, surroundings), line(URINE, urineL, surroundings),
  ]
  return { recipe, ingredients: [...char, ...living, ...urine], laid: { ...NOTHING, char, living, urine }, urineL, own: false }
}
