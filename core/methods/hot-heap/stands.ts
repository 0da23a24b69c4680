import { HOT } from './constants'

/** Litres that a loosely mixed heap stands at when it is built. */
export function standingL(volumeL: number): number {
  return volumeL * HOT.standsShare
}
