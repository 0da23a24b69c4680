import type { Way } from './ways'

export const MONOXIDE
  = 'Carbon monoxide: never indoors, in a shed or under a porch, not even with a lid on or while it cools. It has no smell.'
export const RULES
  = 'Burning may be banned or need a permit where you live: ask the local authority or the fire service today, not from memory.'
export const WATER
  = 'A hose or full cans beside it before it is lit, a rake, gloves of leather, clothes of cotton or wool, shoes that close. Children and '
    + 'animals stay away, and nobody leaves it.'
export const REIGNITES
  = 'Char lights again for a day and more, though it looks dead: nothing of it near a wall or under a roof before it was cold by hand at '
    + 'two looks, twelve hours apart.'
export const STEAM = 'Water on glowing char throws steam and ash: from upwind, at arm\'s length, a little at first.'
export const DUST
  = 'Char dust harms lungs: damp it first, outdoors, upwind, with a fitted mask (P2, P3 or N95). Weak lungs leave it to somebody else.'
export const ASH_BURNS = 'Ash burns skin and eyes as lye does: gloves and goggles, no wind.'
export const SALTY = 'Fresh char of peels is rich in salts and potash: rinse it twice, and little of it to seedlings and pots.'
export const VENT = 'One open hole in the lid while it is on the fire: a vessel that is closed tight bursts.'
export const FIRE = 'If it gets away from you, call the fire service at once; do not fight it alone.'
export const TREATED = 'Untreated wood only: paint, glue, pallets stamped MB and railway sleepers give poisonous smoke and char.'

/** What to mind before this way is begun. */
export function beforeCautions({ burns, bought, closed }: Way): string[] {
  if (bought) return [DUST]
  return burns ? [MONOXIDE, RULES, WATER, TREATED, ...(closed ? [VENT] : [])] : [MONOXIDE, REIGNITES]
}
