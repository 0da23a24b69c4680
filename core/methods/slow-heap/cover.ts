import { typicalTotals } from '../../mix/balance'
import type { Totals } from '../../mix/totals'
import { portionOf, type Ingredient } from '../../mix/portion'
import type { Material } from '../../materials/material'
import { containerText, type Amount, type ContainerThen, HANDFUL } from '../../units/container'
import { ratioText } from '../../units/format'
import { SLOW } from './constants'

/** What a fresh part is: its ratio of what takes part, and its moisture. */
export interface FreshPart { readonly ratio: number, readonly moisture: number }

const totalsOf = (some: readonly Ingredient[]) => typicalTotals(some.map(portionOf))

/** What ingredients lying together are; nothing where there is nothing that decays. */
export function freshPart(some: readonly Ingredient[]): FreshPart | undefined {
  const totals = totalsOf(some)
  if (!(totals.availableNitrogenKg > 1e-9) || !(totals.wetMassKg > 0)) return undefined
  return { ratio: totals.availableCarbonKg / totals.availableNitrogenKg, moisture: totals.waterKg / totals.wetMassKg }
}

/**
 * Litres of one thing that bring another to the ratio: (R·N − C)/(c − R·n), by the litre; 0 where it is there already, Infinity
 * where no amount does.
 */
function litresForRatio(of: Totals, a: Totals, ratio: number): number {
  const short = ratio * of.availableNitrogenKg - of.availableCarbonKg
  const gains = a.availableCarbonKg - ratio * a.availableNitrogenKg
  return short <= 0 ? 0 : gains > 0 ? short / gains : Infinity
}

/** Litres that take the water up: (W − m·T)/(m·t − w). */
function litresForWater(of: Totals, a: Totals, moisture: number): number {
  const over = of.waterKg - moisture * of.wetMassKg
  const takes = moisture * a.wetMassKg - a.waterKg
  return over <= 0 ? 0 : takes > 0 ? over / takes : Infinity
}

/** Loose litres of a brown that bring what is fed into the band, by ratio and by water; the more of the two. */
export function coverLitres(fed: readonly Ingredient[], brown: Material): number {
  const [of, litre] = [totalsOf(fed), typicalTotals([{ material: brown, looseVolumeL: 1 }])]
  return Math.max(litresForRatio(of, litre, SLOW.fresh.ratio), litresForWater(of, litre, SLOW.fresh.mostMoisture))
}

/** Litres in what one would carry them in: handfuls, or the largest of the containers at hand that they fill; rounded up to quarters. */
export function coverAmount(litres: number, atHand: readonly ContainerThen[]): Amount {
  const fits = [...atHand].sort((a, b) => b.volumeL - a.volumeL)
  const container = fits.find(({ volumeL }) => litres >= volumeL) ?? fits.at(-1)
  if (litres <= SLOW.handfulsUpToL || !container)
    return { count: Math.max(1, Math.ceil(litres / HANDFUL.volumeL - 0.15)), container: HANDFUL, packing: 'loose' }
  return { count: Math.max(0.25, Math.ceil(4 * litres / container.volumeL - 0.3) / 4), container, packing: 'loose' }
}

/** What is fed with, and what the cover lies in. */
export function containersOf(fed: readonly Ingredient[], lies: ContainerThen | undefined): ContainerThen[] {
  return [...fed.map(({ amount }) => amount.container), ...(lies ? [lies] : [])].filter(({ volumeL }) => volumeL >= 2)
}

/** Why so much of it. */
export function coverWords(fed: readonly Ingredient[], brown: Ingredient): string {
  const [before, after] = [freshPart(fed), freshPart([...fed, brown])]
  if (!before || !after) return ''
  const percent = (share: number) => `${Math.round(100 * share)} %`
  return `${containerText(brown.amount.count, brown.amount.container)} of ${brown.material.short} bring it from `
    + `${ratioText(before.ratio)} and ${percent(before.moisture)} water to ${ratioText(after.ratio)} and ${percent(after.moisture)}.`
}
