/**
 * Of its litres, loosely mixed, so much stands when a heap has just been built: its own weight presses it at once. The middle of what
 * the model of heat says for usual mixes, 0.70 to 0.85 (docs/models.md; a test holds it).
 */
export const STANDS_SHARE = 0.78

/** Of its height when built, so much is left after a week. */
export const AFTER_A_WEEK = 0.8

/** Litres that a loosely mixed heap stands at when it is built. */
export function standingL(volumeL: number): number {
  return volumeL * STANDS_SHARE
}
