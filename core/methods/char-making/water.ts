import { quenchL } from '../../char/quench'
import { containersFor, containerText, type ContainerThen } from '../../units/container'
import { quantityText } from '../../units/format'
import { fromShown, toShown, type UnitSystem } from '../../units/system'
import type { Ending } from './endings'
import type { Yielded } from './load'
import { MAKE } from './constants'

/**
 * Litres that stopping it takes, by the way it ends: the bulk of the char and what boils off, more where water runs away; 0
 * where none may come to it.
 */
export function stoppingL({ waterTimes }: Pick<Ending, 'waterTimes'>, { typical }: Pick<Yielded, 'typical'>): number {
  return typical.ok ? waterTimes * quenchL(typical.value.lumpL, typical.value.charKg) : 0
}

/** Rounded up to what is shown, so that what is asked for and what is compared are one number. Litres. */
export function roundedUpL(litres: number, units: UnitSystem): number {
  return fromShown('volume', units, Math.ceil(toShown('volume', units, litres) - 1e-9))
}

/** Litres to have at hand before a fire is lit: what any fire wants, and what this one takes. */
export function atHandL(stopL: number, units: UnitSystem): number {
  return roundedUpL(Math.max(MAKE.anyFireL, stopL), units)
}

/** What water at hand is asked for: a hose, or so many cans. */
export function atHandText(needL: number, units: UnitSystem, can: ContainerThen): string {
  return `a hose that runs, or ${containerText(Math.ceil(containersFor(needL, can) * 2 - 1e-9) / 2, can)} of water `
    + `(${quantityText('volume', units, needL)})`
}
