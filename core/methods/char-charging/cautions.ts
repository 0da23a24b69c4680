import type { ChargeWay } from './ways'

export const DUST = 'Damp the char first, outdoors, with a fitted mask (P2, P3 or N95): its dust harms lungs.'
const LIFT = 'A full tub weighs as much as it holds: fill it where it stays, bail it out.'
const CHILDREN = 'A tub of water drowns a small child: lid on, or out of reach.'
const POND = 'Ponds and children: never alone beside it. Tie the line before the bag goes in, and do not lean out for it.'
const ELECTRIC = 'Pump and plug stay dry, above the water, on a circuit with a fault switch; nothing plugged with wet hands.'
export const LIQUOR_CARE = 'On the soil only, not on leaves or fruit that are eaten; gloves on, hands washed.'
export const URINE
  = 'Fresh, from healthy people who take no medicine. Not on salad or anything eaten raw; gloves on. Ask where you live whether it may be '
    + 'used.'
const DUNG = 'Gloves on, hands washed: dung carries germs. With the dung it goes through a heap before it goes on a bed.'
const HOT = 'Char of a fire of your own: only what was cold by hand at two looks, twelve hours apart; it lights again.'
const FISH
  = 'Fish: only char that was rinsed free of ash, a small bag at first. Ash makes water sharp and kills them within hours; lift the bag at '
    + 'once when they gasp at the surface.'
const FROST = 'In frost a full tub splits: a hand free at the top, lid ajar, and emptied or indoors before it freezes through.'
const LID = 'Lid ajar: closed tight it can burst.'

/** What to mind while char is charged this way. */
export function cautionsOf({ kind, aired, id }: Pick<ChargeWay, 'kind' | 'aired' | 'id'>): string[] {
  return [
    DUST, HOT,
    ...(kind === 'tub' ? [CHILDREN, LIFT, LID, FROST] : []), ...(kind === 'bag' ? [POND, FISH] : []), ...(kind === 'bedding' ? [DUNG] : []),
    ...(aired ? [ELECTRIC] : []), ...(id === 'nitrogen' ? [URINE] : []),
  ]
}
