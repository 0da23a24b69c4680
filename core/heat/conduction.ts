/** Heat conducted by moist stuff goes with the root of its density, within what is measured, W/mK. */
const CONDUCTS = { atKgM3: 400, least: 0.15, most: 0.55 }

/** How well stuff of a density conducts, W/mK. @param kgM3 wet, above 0. @param atUsualWmK how well it does at 400 kg/m³. */
export function conductsWmK(kgM3: number, atUsualWmK: number): number {
  return Math.min(CONDUCTS.most, Math.max(CONDUCTS.least, atUsualWmK * Math.sqrt(kgM3 / CONDUCTS.atKgM3)))
}

/**
 * Solves a row of linked temperatures in place (Thomas algorithm): for each i
 * `diagonal[i]·x[i] − link[i−1]·x[i−1] − link[i]·x[i+1] = right[i]`, the answer left in `right`.
 * The diagonal has to outweigh its links, as it does for any step of heat conduction. Nothing is allocated.
 * @param link conductance to the next one; as many as `count − 1` are read, none negative.
 */
export function solveLinked(count: number, diagonal: Float64Array, link: Float64Array, right: Float64Array): void {
  for (let i = 1; i < count; i++) {
    const share = link[i - 1]! / diagonal[i - 1]!
    diagonal[i]! -= share * link[i - 1]!
    right[i]! += share * right[i - 1]!
  }
  right[count - 1]! /= diagonal[count - 1]!
  for (let i = count - 2; i >= 0; i--) right[i] = (right[i]! + link[i]! * right[i + 1]!) / diagonal[i]!
}
