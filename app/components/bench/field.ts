import type { Comfort } from '#core/mix/judgement'
import type { Ingredient } from '#core/mix/portion'
import { portionOf } from '#core/mix/portion'
import type { MixRanges } from '#core/mix/ranges'

/** The field in its own units: wide enough for every material of the library. */
export const FIELD = { width: 640, height: 430, left: 46, right: 14, top: 16, bottom: 44, lowRatio: 7, highRatio: 600 } as const

/** Where a carbon to nitrogen ratio lies across the field; outside values stay at the edge. */
export function ratioX(ratio: number): number {
  const share = Math.log(Math.min(FIELD.highRatio, Math.max(FIELD.lowRatio, ratio)) / FIELD.lowRatio) / Math.log(FIELD.highRatio / FIELD.lowRatio)
  return FIELD.left + share * (FIELD.width - FIELD.left - FIELD.right)
}

/** Where a moisture lies up the field: dry at the bottom, wet at the top. */
export function moistureY(moisture: number): number {
  return FIELD.height - FIELD.bottom - Math.min(1, Math.max(0, moisture)) * (FIELD.height - FIELD.top - FIELD.bottom)
}

/** The comfortable region as a soft patch. */
export function regionPath({ carbonToNitrogen, moistureFraction }: Comfort): string {
  const [left, right] = [ratioX(carbonToNitrogen.low), ratioX(carbonToNitrogen.high)]
  const [top, bottom] = [moistureY(moistureFraction.high), moistureY(moistureFraction.low)]
  const [middleX, middleY] = [(left + right) / 2, (top + bottom) / 2]
  return `M${left} ${middleY} Q${left} ${top - 4} ${middleX} ${top - 3} Q${right + 2} ${top} ${right} ${middleY} Q${right} ${bottom + 4} ${middleX} ${bottom + 3} Q${left - 2} ${bottom} ${left} ${middleY}Z`
}

/** One ingredient on the field, with the spread of its values and its weight in the mix. */
export interface FieldPoint {
  readonly id: string
  readonly label: string
  readonly family: string
  readonly x: number
  readonly y: number
  readonly spreadX: readonly [number, number]
  readonly spreadY: readonly [number, number]
  readonly radius: number
}

/** The ingredients as points; the area of a point goes with the dry matter it brings. */
export function fieldPoints(ingredients: readonly Ingredient[]): FieldPoint[] {
  const weights = ingredients.map((one) => {
    const { looseVolumeL, material } = portionOf(one)
    return looseVolumeL * material.bulkDensityKgM3.typical * (1 - material.moistureFraction.typical)
  })
  const sum = weights.reduce((total, weight) => total + weight, 0) || 1
  return ingredients.map(({ material }, index) => ({
    id: material.id, label: material.short, family: material.family,
    x: ratioX(material.carbonToNitrogen.typical), y: moistureY(material.moistureFraction.typical),
    spreadX: [ratioX(material.carbonToNitrogen.low), ratioX(material.carbonToNitrogen.high)],
    spreadY: [moistureY(material.moistureFraction.high), moistureY(material.moistureFraction.low)],
    radius: 6 + 14 * Math.sqrt((weights[index] ?? 0) / sum),
  }))
}

/** Every so many sampled mixes, as dots: the honest cloud behind the mix point. */
export function cloudDots({ cloud }: MixRanges, every = 7): { readonly x: number, readonly y: number }[] {
  return Array.from({ length: Math.floor(cloud.carbonToNitrogen.length / every) }, (_, dot) => ({
    x: ratioX(cloud.carbonToNitrogen[dot * every] ?? 0), y: moistureY(cloud.moistureFraction[dot * every] ?? 0),
  }))
}
