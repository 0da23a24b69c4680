import { fail, ok, type Outcome } from '../../outcome/outcome'
import { ash } from './ash'
import { char } from './char'
import { compost } from './compost'
import type { Asked, Dose, SpreadKind, Stuff } from './kind'
import { manure } from './manure'
import { mulch } from './mulch'

export type { Asked, Dose, SpreadKind, Stuff } from './kind'

/** Every sort of stuff that goes on beds; the first that takes it has the word. */
export const SPREAD_KINDS: readonly SpreadKind[] = [char, ash, mulch, compost, manure]

/** The rule for some stuff; nothing for what is not spread on beds. */
export function spreadKindOf(stuff: Stuff): SpreadKind | undefined {
  return SPREAD_KINDS.find(kind => kind.takes(stuff))
}

/** What a test has found in it: then it goes on no bed, whatever it is. */
function poisoned({ carried }: Stuff): string | undefined {
  return carried.some(({ risk, found }) => risk === 'weedkiller' && found)
    ? 'Beans found weedkiller in it: on no bed, and not passed on. Ask your local advisory service.'
    : undefined
}

/** How much of it may go on a bed now; a refusal with its reason in a gardener's words. */
export function doseFor(asked: Asked): Outcome<Dose, string> {
  const kind = spreadKindOf(asked)
  if (!kind) return fail('This is for the heap, not for beds as it is.')
  const refused = poisoned(asked) ?? kind.refuses(asked)
  return refused === undefined ? ok(kind.dose(asked)) : fail(refused)
}
