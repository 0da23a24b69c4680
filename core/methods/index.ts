import type { Method } from './contract'
import { brew } from './brew'
import { charCharging } from './char-charging'
import { charMaking } from './char-making'
import { doubting } from './doubt'
import { hotHeap } from './hot-heap'
import { hotbed } from './hotbed'
import { leafmould } from './leafmould'
import { mulch } from './mulching'
import { sheet } from './card-sheet'
import { slowHeap } from './slow-heap'
import { staticTower } from './static-tower'
import { turfStack } from './turf-stack'
import { within } from './within'
import { worms } from './worm-bin'

/**
 * What a test lays beside the shipped methods before the app begins, to show that a method needs no screen of its own. Nothing
 * that is shipped sets it.
 */
const BESIDE = (globalThis as { readonly wastrumMethodsBeside?: readonly Method[] }).wastrumMethodsBeside ?? []

/** Every method there is; the first is offered first. A new method is a new folder and a line here. */
export const METHODS: readonly Method[] = [
  hotHeap, slowHeap, staticTower, leafmould, worms, sheet, mulch, turfStack, hotbed, brew, charMaking, charCharging,
  ...BESIDE,
].map(method => within(doubting(method)))

/** The method of this id, if this version knows it. */
export function findMethod(id: string): Method | undefined {
  return METHODS.find(method => method.id === id)
}
