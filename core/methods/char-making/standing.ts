import type { BegunBatch } from '../../journal/garden'
import { dayText, timeText } from '../../units/dates'
import type { Standing, Surroundings } from '../contract'
import { looksDue } from './guide'
import { theBurn, type Burn } from './state'
import { CRUSHED, DONE, EVENING, LIT, PICKED, QUENCHED, SEALED } from './words'
import { quantityText } from '../../units/format'
import { crushedOf } from './crushing'

const MINUTE_MS = 60_000

/** Minutes since it was lit. */
function burningMin(burn: Burn, now: Date): number {
  return Math.max(0, (now.getTime() - (burn.at(LIT) ?? now).getTime()) / MINUTE_MS)
}

/** How far it has burnt, 0 to 1: by the clock until it is said to be done. */
export function progressOf(burn: Burn, now: Date): number {
  if (burn.way.bought || burn.last(DONE) || burn.last(PICKED) || burn.last(QUENCHED)) return 1
  return burn.last(LIT) ? Math.min(0.97, burningMin(burn, now) / Math.max(1, burn.minutes.typical)) : 0
}

/** Where a burn stands. */
export function standingOf(batch: BegunBatch, surroundings: Surroundings): Standing {
  const burn = theBurn(batch, surroundings)
  const { now, units } = surroundings
  const cooled = burn.last(QUENCHED) ?? burn.last(SEALED)
  const minutes = Math.round(burningMin(burn, now))
  const known: Readonly<Record<Burn['phase'], Standing>> = {
    'stacked': { phase: 'stacked', label: burn.way.burns ? 'Stacked' : 'Waiting for embers', sentence: burn.way.burns ? 'Not lit so far. Go or no-go is asked first.' : 'A lidded metal pail, outdoors.', tone: 'good' },
    'burning': { phase: 'burning', label: 'Burning', sentence: `Lit ${minutes} minutes ago; usually done after ${Math.round(burn.minutes.low)} to ${Math.round(burn.minutes.high)}. The signs decide.`, figure: `${minutes} min`, tone: minutes > burn.minutes.high ? 'mind' : 'good' },
    'to-quench': { phase: 'to-quench', label: 'To be quenched', sentence: `Now, with at least ${quantityText('volume', units, Math.ceil(burn.needL))} of water: what glows on burns to ash.`, figure: 'quench', tone: 'bad' },
    'cooling': { phase: 'cooling', label: 'Cooling', sentence: cooled ? `${burn.last(QUENCHED) ? 'Quenched' : 'Off the fire'} at ${timeText(cooled.at)}. Felt ${burn.way.steps.includes(EVENING) ? 'in the evening, and again ' : ''}on the morning of ${dayText(looksDue(new Date(cooled.at)).morning)}.` : '', tone: 'mind' },
    'hot-again': { phase: 'hot-again', label: 'Hot again', sentence: 'Something in it still glows: drown it, spread it thinner, stay with it.', figure: 'hot', tone: 'bad' },
    'to-crush': { phase: 'to-crush', label: burn.way.bought ? 'In the bag' : 'Cold', sentence: 'Test it, damp it, crush it.', tone: 'good' },
    'crushed': { phase: 'crushed', label: 'Crushed', sentence: `${quantityText('volume', units, crushedOf(batch, CRUSHED)?.afterL ?? 0)} lie ready for the store, raw.`, tone: 'good' },
    'ended': { phase: 'ended', label: 'In the store', sentence: 'What it gave lies in the store.', tone: 'good' },
  }
  return known[burn.phase]
}
