import { AIRED, COVERS, MATS_LEAVE, SLAB, SUN_GOES, type Cover } from './constants'

/** The top of a hotbed: how it is covered, how much of the bed that covers, and whether it is looked after. */
export interface Top {
  readonly cover: Cover
  /** Share of the bed under it, 0 to 1; the rim beside it lies under straw. */
  readonly share: number
  readonly matsAtNight: boolean
  /** Whether it is propped open when it is hot inside. */
  readonly aired: boolean
  /** Share of the sun that gets to it past trees and walls. */
  readonly sunny: number
}

/** What passes the rim beside a frame, under straw, W/m²K. */
const RIM_W = 2.5

/** How the top stands at a moment: W/m²K from the soil to the air outside, the sun it gives the soil in W/m², and the air in the frame. */
export interface TopNow { passesW: number, sunW: number, frameC: number, airedW: number }

/** What moist soil gives to the air over it, W/m²K: hot soil steams, and cools by it. */
export function soilGivesW(soilC: number): number {
  return SLAB.insideW.dry + SLAB.insideW.vapourAt20 * 2 ** ((Math.min(70, soilC) - 20) / 10)
}

/** Warmth of the air in a frame that lets so much pass, °C. */
export function frameC(soilC: number, outsideC: number, sunInW: number, passesW: number): number {
  const insideW = soilGivesW(soilC)
  return (insideW * soilC + passesW * outsideC + SUN_GOES.air * sunInW) / (insideW + passesW)
}

/**
 * What the top does at a moment. Writes into `into`: nothing is allocated. @param sunW on level ground, W/m². @param dark
 * whether it is night.
 */
export function topNow(top: Top, soilC: number, outsideC: number, sunW: number, dark: boolean, into: TopNow): TopNow {
  const { passesW, lets } = COVERS[top.cover]
  const insideW = soilGivesW(soilC)
  const sunInW = sunW * top.sunny * lets
  let glassW = passesW * (dark && top.matsAtNight && top.cover !== 'none' ? MATS_LEAVE : 1)
  let inside = frameC(soilC, outsideC, sunInW, glassW)
  into.airedW = 0
  if (top.aired && top.cover !== 'none' && inside > AIRED.aboveC && outsideC < AIRED.aboveC) {
    // As far open as keeps it there: solved for what passes.
    const wanted = (insideW * (soilC - AIRED.aboveC) + SUN_GOES.air * sunInW) / (AIRED.aboveC - outsideC)
    into.airedW = Math.min(AIRED.mostW, Math.max(glassW, wanted)) - glassW
    glassW += into.airedW
    inside = frameC(soilC, outsideC, sunInW, glassW)
  }
  const through = 1 / (1 / insideW + 1 / glassW)
  into.passesW = top.share * through + (1 - top.share) * RIM_W
  // Sun on the air of the frame reaches the soil as far as it does not leave through the glass.
  into.sunW = top.share * sunInW * (SUN_GOES.soil + SUN_GOES.air * insideW / (insideW + glassW))
  into.frameC = inside
  return into
}

/** How warm a shut frame gets at the height of a day, °C: what decides whether it is aired. */
export function shutPeakC(top: Top, soilC: number, warmestC: number, noonW: number): number {
  const { passesW, lets } = COVERS[top.cover]
  // In a shut frame the skin of the soil warms too and gives it back to the air.
  return frameC(soilC, warmestC, noonW * top.sunny * lets * (1 + SUN_GOES.soil / SUN_GOES.air * 0.5), passesW)
}
