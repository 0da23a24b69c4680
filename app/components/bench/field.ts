import type { Comfort } from '#core/mix/judgement'
import type { Ingredient } from '#core/mix/portion'
import { portionOf } from '#core/mix/portion'
import type { MixRanges } from '#core/mix/ranges'

/** The frame of the field in its own units. */
export interface Frame {
  readonly width: number
  readonly height: number
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
}

/** Beside other things, and alone on a phone: there it is squarer, so that words stay readable. */
export const WIDE: Frame = { width: 640, height: 430, left: 46, right: 14, top: 16, bottom: 44 }
export const NARROW: Frame = { width: 400, height: 400, left: 34, right: 8, top: 10, bottom: 44 }

const LOW_RATIO = 7
/** The field is as wide as its ingredients need, in steps, so that it does not creep while buckets are moved. */
const HIGH_RATIOS = [120, 250, 600] as const

/** The far end of the ratio axis for these ingredients; the last is wide enough for every material of the library. */
export function farRatio(ingredients: readonly Ingredient[]): number {
  const highest = Math.max(0, ...ingredients.map(({ material }) => material.carbonToNitrogen.typical * 1.3))
  return HIGH_RATIOS.find(end => end >= highest) ?? HIGH_RATIOS[2]
}

/** How the field is measured out in a frame. */
export interface FieldScale {
  readonly frame: Frame
  /** Ratios that are marked on the axis. */
  readonly marks: readonly number[]
  /** Where a carbon to nitrogen ratio lies across; values outside stay at the edge. */
  ratioX(ratio: number): number
  /** Where a moisture lies: dry at the bottom, wet at the top. */
  moistureY(moisture: number): number
}

/** The scale of a frame: the ratio logarithmic, the moisture even. */
export function fieldScale(frame: Frame, highRatio: number = HIGH_RATIOS[2]): FieldScale {
  return {
    frame,
    marks: [10, 15, 20, 30, 40, 50, 70, 100, 200, 500].filter(
      mark => mark < highRatio && (highRatio <= HIGH_RATIOS[0] || ![15, 40, 70].includes(mark)),
    ),
    ratioX: (ratio) => {
      const share = Math.log(Math.min(highRatio, Math.max(LOW_RATIO, ratio)) / LOW_RATIO) / Math.log(highRatio / LOW_RATIO)
      return frame.left + share * (frame.width - frame.left - frame.right)
    },
    moistureY: moisture => frame.height - frame.bottom - Math.min(1, Math.max(0, moisture)) * (frame.height - frame.top - frame.bottom),
  }
}

/** The comfortable region as a soft patch. */
export function regionPath({ carbonToNitrogen, moistureFraction }: Comfort, { ratioX, moistureY }: FieldScale): string {
  const [left, right] = [ratioX(carbonToNitrogen.low), ratioX(carbonToNitrogen.high)]
  const [top, bottom] = [moistureY(moistureFraction.high), moistureY(moistureFraction.low)]
  const [middleX, middleY] = [(left + right) / 2, (top + bottom) / 2]
  return `M${left} ${middleY} Q${left} ${top - 4} ${middleX} ${top - 3} Q${right + 2} ${top} ${right} ${middleY} Q${right} ${bottom + 4} `
    + `${middleX} ${bottom + 3} Q${left - 2} ${bottom} ${left} ${middleY}Z`
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
export function fieldPoints(ingredients: readonly Ingredient[], { ratioX, moistureY }: FieldScale): FieldPoint[] {
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
export function cloudDots(
  { cloud }: MixRanges, { ratioX, moistureY }: FieldScale, every = 7,
): { readonly x: number, readonly y: number }[] {
  return Array.from({ length: Math.floor(cloud.carbonToNitrogen.length / every) }, (_, dot) => ({
    x: ratioX(cloud.carbonToNitrogen[dot * every] ?? 0), y: moistureY(cloud.moistureFraction[dot * every] ?? 0),
  }))
}
