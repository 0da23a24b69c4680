import { asLaid, type AsLaid } from '#core/heat/as-laid'
import { chargeOf, type Charge } from '#core/heat/charge'
import { LIBRARY } from '#core/materials/library'
import { typicalTotals } from '#core/mix/balance'
import { judge } from '#core/mix/judgement'
import type { Portion } from '#core/mix/portion'
import { fuelIllOf, fuelOf } from '#core/methods/hot-heap/fuel'
import { APPROACHES } from '#core/methods/hot-heap/approaches'
import { seededRandom, type Random } from '#core/random/random'

/** Everything that can be mixed in: no material is left out. Feeds are strewn, the rest is piled. */
const STUFF = LIBRARY.filter(({ part, family }) => part === 'mix' && family !== 'finished')
const { comfort } = APPROACHES[0]!

/** A mix that the bench calls good. */
export interface GoodMix {
  readonly portions: readonly Portion[]
  readonly waterL: number
  readonly charge: Charge
  /** How it lies the moment it is built, in air of so many °C: its fresh stuff fresh. */
  readonly laidAt: (airC: number) => Pick<AsLaid, 'startsAboveK' | 'starter'>
}

function tried(random: Random): readonly Portion[] {
  const kinds = 2 + Math.floor(4 * random())
  return Array.from({ length: kinds }, (): Portion => {
    const material = STUFF[Math.floor(random() * STUFF.length)]!
    return { material, looseVolumeL: (material.family === 'feed' ? 0.03 : 1) * 600 * Math.exp(-2 * random()) }
  })
}

/** Random mixes of everything that the bench calls good, in the order in which they are found. */
export function goodMixes(count: number, seed: number): GoodMix[] {
  const random = seededRandom(seed)
  const found: GoodMix[] = []
  while (found.length < count) {
    const portions = tried(random)
    const judged = judge(typicalTotals(portions), comfort)
    if (!judged.ok || judged.value.grade !== 'good') continue
    const { waterL } = judged.value
    const charge = chargeOf(portions, waterL)
    // Of slow, light and rich stuff the bench says so.
    if (!charge || fuelIllOf(fuelOf(charge))) continue
    found.push({ portions, waterL, charge, laidAt: airC => asLaid(portions, waterL, airC, 'fresh') })
  }
  return found
}
