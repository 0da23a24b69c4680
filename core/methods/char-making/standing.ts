import type { BegunBatch } from '../../journal/garden'
import { dayText, timeText } from '../../units/dates'
import type { Standing, Surroundings } from '../contract'
import { theBurn, type Burn } from './state'
import { roundedUpL } from './water'
import { CRUSHED, DONE, EVENING, LIT, PICKED } from './words'
import { quantityText } from '../../units/format'
import { crushedOf } from './crushing'
import { MINUTE_MS } from '../../units/time'

/** Minutes since it was lit. */
function burningMin(burn: Burn, now: Date): number {
  return Math.max(0, (now.getTime() - (burn.at(LIT) ?? now).getTime()) / MINUTE_MS)
}

/** How far it has burnt, 0 to 1: by the clock until it is said to be done. */
export function progressOf(burn: Burn, now: Date): number {
  if (burn.way.bought || burn.last(DONE) || burn.last(PICKED) || burn.cooling?.stoppedAt) return 1
  return burn.last(LIT) ? Math.min(0.97, burningMin(burn, now) / Math.max(1, burn.minutes.typical)) : 0
}

/** Where a burn stands. */
export function standingOf(batch: BegunBatch, surroundings: Surroundings): Standing {
  const burn = theBurn(batch, surroundings)
  const { now, units } = surroundings
  const { stoppedAt, next } = burn.cooling ?? {}
  const water = quantityText('volume', units, roundedUpL(burn.stopL, units))
  const minutes = Math.round(burningMin(burn, now))
  const known: Readonly<Record<Burn['phase'], Standing>> = {
    'stacked': {
      phase: 'stacked', label: burn.way.burns ? 'Stacked' : 'Waiting for embers',
      sentence: burn.way.burns ? 'Not lit so far. Go or no-go is asked first.' : 'A lidded metal pail, outdoors.', tone: 'good',
    },
    'burning': {
      phase: 'burning', label: 'Burning',
      sentence: `Lit ${minutes} minutes ago; usually done after ${Math.round(burn.minutes.low)} to ${Math.round(burn.minutes.high)}. The `
        + 'signs decide.',
      figure: `${minutes} min`, tone: minutes > burn.minutes.high ? 'mind' : 'good',
    },
    'to-stop': {
      phase: 'to-stop', label: burn.ending?.now.label ?? '', sentence: burn.ending?.now.sentence(water) ?? '',
      figure: burn.ending?.now.figure ?? '', tone: 'bad',
    },
    'cooling': {
      phase: 'cooling', label: 'Cooling',
      sentence:
        stoppedAt && next
          ? `${burn.ending?.waterTimes ? 'Quenched' : 'Off the fire'} on ${dayText(stoppedAt)} at ${timeText(stoppedAt)}. `
          + `${next.deed === EVENING ? 'Felt first' : 'Cold once; felt again'} on ${dayText(next.due)}, from ${timeText(next.due)} on.`
          : '',
      tone: 'mind',
    },
    'hot-again': { phase: 'hot-again', label: 'Hot again', sentence: burn.ending?.again.sentence ?? '', figure: 'hot', tone: 'bad' },
    'to-crush': {
      phase: 'to-crush', label: burn.way.bought ? 'In the bag' : 'Cold', sentence: 'Test it, damp it, crush it.', tone: 'good',
    },
    'crushed': {
      phase: 'crushed', label: 'Crushed',
      sentence: `${quantityText('volume', units, crushedOf(batch, CRUSHED)?.afterL ?? 0)} lie ready for the store, raw.`, tone: 'good',
    },
    'in-store': {
      phase: 'in-store', label: 'Cold, in the store', sentence: 'Cold at both looks. What it gave lies in the store: close it.',
      tone: 'good',
    },
    'ended': { phase: 'ended', label: 'In the store', sentence: 'What it gave lies in the store.', tone: 'good' },
  }
  return known[burn.phase]
}
