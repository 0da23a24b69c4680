import { chargeOf, type Charge } from '#core/heat/charge'
import { LIBRARY } from '#core/materials/library'
import { biodegradableFraction, carbonFraction, type Material } from '#core/materials/material'
import { typicalTotals } from '#core/mix/balance'
import { illsIn } from '#core/mix/judgement'
import { measuresOf } from '#core/mix/measures'
import type { Portion } from '#core/mix/portion'
import { waterNeed, waterToAddL } from '#core/mix/water'
import { APPROACHES } from '#core/methods/hot-heap/approaches'
import { seededRandom, type Random } from '#core/random/random'

/** What comes by the cup, the bag or once a year: no heap that the known facts speak of was built of it. */
const SELDOM_PILED: readonly string[] = [
  'card-flat',
  'leaves-crisp',
  'leaves-evergreen',
  'lawn-moss',
  'bracken',
  'corn-cobs',
  'hemp-bedding',
  'pellet-bedding',
  'cocoa-shells',
  'tissue-paper',
  'card-tubes',
  'hedge-conifer',
  'hedge-laurel',
  'nut-shells',
  'kitchen-fermented',
  'fruit-pomace',
  'coffee-chaff',
  'nettles',
  'pondweed',
  'vine-prunings',
  'rabbit-bedding', 'poultry-pellets', 'donkey-manure', 'bone-meal', 'lucerne-pellets', 'feathers', 'lawn-feed', 'wool-scraps',
]
/** These rot along with it, whatever part they have in its ratio. */
const STARTED_OR_BASE: readonly string[] = ['twigs', 'molasses']
/** What a garden builds heaps of: everything that is mixed in and is neither finished nor seldom piled. */
const STUFF = LIBRARY.filter(
  ({ id, family, part }) => !SELDOM_PILED.includes(id) && (part === 'mix' || STARTED_OR_BASE.includes(id)) && family !== 'finished',
)
const { comfort } = APPROACHES[0]!

/** Carbon that goes within a season to each of nitrogen, in heaps that rot as a whole. */
const USABLE = { low: 10, high: 16 }
const usableCarbonKg = (material: Material, looseVolumeL: number) =>
  ((looseVolumeL * material.bulkDensityKgM3.typical) / 1000)
  * (1 - material.moistureFraction.typical)
  * carbonFraction(material)
  * biodegradableFraction(material)

function tried(random: Random): { readonly portions: readonly Portion[], readonly moisture: number } {
  const kinds = 3 + Math.floor(4 * random())
  const portions = Array.from({ length: kinds }, (): Portion => {
    const material = STUFF[Math.floor(random() * STUFF.length)]!
    // Feeds are strewn, the rest is piled.
    return { material, looseVolumeL: (material.family === 'feed' ? 0.03 : 1) * (50 + 600 * random()) }
  })
  return { portions, moisture: comfort.moistureFraction.low + (comfort.moistureFraction.high - comfort.moistureFraction.low) * random() }
}

/** Random mixes that a gardener is told are good: inside the comfort band for ratio, moisture, air and mats. */
export function comfortCharges(count: number, seed: number): Charge[] {
  const random = seededRandom(seed)
  const found: Charge[] = []
  while (found.length < count) {
    const { portions, moisture } = tried(random)
    const totals = typicalTotals(portions)
    const waterL = waterToAddL(waterNeed(totals, moisture))
    const measures = measuresOf(totals, waterL)
    if (!measures.ok || illsIn(measures.value, comfort).length > 0 || measures.value.moistureFraction < comfort.moistureFraction.low)
      continue
    // The facts are of heaps that rot as a whole: not of grass among chips that are sieved out again.
    const usable
      = totals.carbonKg > 0
        ? portions.reduce((sum, { material, looseVolumeL }) => sum + usableCarbonKg(material, looseVolumeL), 0) / totals.nitrogenKg
        : 0
    if (measures.value.carbonToNitrogen > comfort.carbonToNitrogen.high || usable < USABLE.low || usable > USABLE.high) continue
    const charge = chargeOf(portions, waterL)
    if (charge) found.push(charge)
  }
  return found
}
