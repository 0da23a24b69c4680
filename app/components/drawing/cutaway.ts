import type { Vessel } from '#core/vessel/vessel'
import { frontWidthM } from '#core/vessel/vessel'

/** A band of the drawing, in centimetres, y growing downwards from the ground at 0. */
export interface Band {
  readonly family: string
  readonly path: string
}

/** What a layer needs to be drawn. */
export interface DrawnLayer {
  readonly family: string
  readonly heightShare: number
}

const STEPS = 12

/** A line that is never quite straight, as layers are not; the same layer always waves alike. */
function wave(index: number, x: number, widthCm: number): number {
  const along = x / widthCm
  return 1.3 * Math.sin(along * 9 + index * 2.4) + 0.9 * Math.sin(along * 17 + index * 5.1)
}

/** How far the surface stands above the edge of the fill at a place: a heap is a little higher in the middle. */
function crown(x: number, widthCm: number, share: number): number {
  const fromMiddle = Math.abs(x / widthCm - 0.5) * 2
  return 4 * (1 - fromMiddle * fromMiddle) * share
}

/** Without walls the sides slope in towards the top. */
function sideAt(vessel: Vessel, heightCm: number): number {
  return vessel.wall === 'none' ? Math.min(heightCm * 0.28, frontWidthM(vessel) * 30) : 0
}

/** A layer of some centimetres lies calmer than a heap. */
const CALM_BELOW_CM = 25

function surface(vessel: Vessel, heightCm: number, fillCm: number, index: number, top: boolean): [x: number, y: number][] {
  const widthCm = frontWidthM(vessel) * 100
  const inset = sideAt(vessel, heightCm)
  const calm = Math.min(1, fillCm / CALM_BELOW_CM)
  return Array.from({ length: STEPS + 1 }, (_, step) => {
    const x = inset + (widthCm - 2 * inset) * step / STEPS
    const flat = heightCm === 0 ? 0 : calm * (wave(index, x, widthCm) * (top ? 0.7 : 1) + crown(x, widthCm, heightCm / Math.max(1, fillCm)))
    // A thin layer on the ground does not wave into it.
    return [x, Math.min(0, -heightCm - flat)]
  })
}

const points = (line: readonly (readonly [number, number])[]) => line.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join(' L')

/** The layers of a heap as bands filled up to a height, from the ground up. */
export function bandsOf(vessel: Vessel, layers: readonly DrawnLayer[], fillM: number): Band[] {
  const fillCm = fillM * 100
  const edges = layers.reduce<number[]>((heights, { heightShare }) => [...heights, (heights.at(-1) ?? 0) + heightShare * fillCm], [0])
  return layers.map(({ family }, index) => {
    const below = surface(vessel, edges[index] ?? 0, fillCm, index, false)
    const above = surface(vessel, edges[index + 1] ?? 0, fillCm, index + 1, index === layers.length - 1)
    return { family, path: `M${points(below)} L${points([...above].reverse())} Z` }
  })
}

/** The outline of the whole fill, to clip the warmth to. */
export function outlineOf(vessel: Vessel, fillM: number, layers: number): string {
  const top = surface(vessel, fillM * 100, fillM * 100, layers, true)
  return `M${points([[0, 0], ...top, [frontWidthM(vessel) * 100, 0]])} Z`
}

/** A stop of the glow: how far from the middle, in %, and how strong. */
export interface WarmthStop {
  readonly offset: number
  readonly opacity: number
  readonly hot: boolean
}

/** The layers stay to be seen through the glow. */
const FULL_OPACITY = 0.68
/** Above the air by this much it glows fully, K. */
const FULL_GLOW_K = 48
const HOT_FROM = 0.55
/** A usual heap: so much of the warmth of its core is left this far out. */
const USUAL: readonly (readonly [offset: number, share: number])[] = [[0, 1], [38, 0.66], [70, 0.5], [100, 0]]

/** The glow by depth, K above the air: equal shells of a sphere lie at the cube roots of their share. */
export function warmthStops(aboveAirK: number, depthsK: readonly number[] | undefined): WarmthStop[] {
  const strength = (kelvin: number) => Math.min(1, Math.max(0, kelvin / FULL_GLOW_K))
  if (!depthsK || depthsK.length === 0)
    return USUAL.map(([offset, share]) => ({ offset, opacity: 0.9 * strength(aboveAirK) * share, hot: offset < 50 }))
  const shells = depthsK.map((kelvin, index): WarmthStop => ({
    offset: Math.round(100 * Math.cbrt((index + 0.5) / depthsK.length)), opacity: FULL_OPACITY * strength(kelvin),
    hot: strength(kelvin) > HOT_FROM,
  }))
  return [{ ...shells[0]!, offset: 0 }, ...shells]
}

/** The sides and the top of a fill as a shell of even thickness, cm: the outline with a hole in it. */
export function shellOf(vessel: Vessel, fillM: number, layers: number, thickCm: number): string {
  const widthCm = frontWidthM(vessel) * 100
  const inner = [
    [thickCm, 0], [thickCm, -Math.max(0, fillM * 100 - thickCm)], [widthCm - thickCm, -Math.max(0, fillM * 100 - thickCm)],
    [widthCm - thickCm, 0],
  ] as const
  return `${outlineOf(vessel, fillM, layers)} M${points(inner)} Z`
}
