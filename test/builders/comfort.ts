import { chargeOf, type Charge } from '#core/heat/charge'
import { LIBRARY } from '#core/materials/library'
import { typicalTotals } from '#core/mix/balance'
import { illsIn } from '#core/mix/judgement'
import { measuresOf } from '#core/mix/measures'
import type { Portion } from '#core/mix/portion'
import { waterNeed, waterToAddL } from '#core/mix/water'
import { APPROACHES } from '#core/methods/hot-heap/approaches'
import { seededRandom, type Random } from '#core/random/random'

/** What a garden builds heaps of: everything but what is finished, mineral or charred. */
const STUFF = LIBRARY.filter(({ family }) => !['finished', 'mineral', 'char'].includes(family))
const { comfort } = APPROACHES[0]!

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
    if (!measures.ok || illsIn(measures.value, comfort).length > 0 || measures.value.moistureFraction < comfort.moistureFraction.low) continue
    const charge = chargeOf(portions, waterL)
    if (charge) found.push(charge)
  }
  return found
}
