import type { BegunBatch } from '../../journal/garden'
import type { Surroundings } from '../contract'
import type { BrewKind } from './kinds'

export const SOIL_ONLY = 'On the soil only, never on leaves or fruit that are eaten; keep a few weeks to the harvest of anything eaten raw.'
export const FOUL = 'If it smells of rot (weed liquor apart), pour it on the heap, not on beds.'
export const HANDS
  = 'Gloves, no splashing at the face, hands washed after; keep it out of reach of children and animals, lid on, so that nobody falls in.'
export const VENT = 'Lid loose: closed tight it can burst.'
export const SUGAR = 'Tea fed with sugar can multiply germs that make people ill: feed it with none.'
const ELECTRIC = 'Pump and plug stay dry, above the water, on a circuit with a fault switch.'
const LIFT = 'A full bucket weighs as much as it holds: bail it out, do not heave.'

/** Water from the mains needs a word. */
export function waterCaution({ garden: { water } }: Surroundings): string[] {
  return water === 'mains'
    ? ['Mains water: chlorine leaves an open bucket in a day, chloramine does not. Ask your supplier, or take rain water.']
    : []
}

/** What to mind while it is set up. */
export function setUpCautions(kind: BrewKind, surroundings: Surroundings): string[] {
  return [...waterCaution(surroundings), VENT, HANDS, ...(kind.aired ? [ELECTRIC, SUGAR] : []), LIFT]
}

/** What to mind while it is given. */
export function useCautions(_batch: BegunBatch, _surroundings: Surroundings): string[] {
  return [SOIL_ONLY, FOUL, HANDS]
}
