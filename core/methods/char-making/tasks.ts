import { addDays, addHours, addMinutes } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { dayText, timeText } from '../../units/dates'
import { quantityText } from '../../units/format'
import type { Surroundings, Task } from '../contract'
import { tasksFrom, type Ask } from '../course'
import { roundsToGo } from './said'
import { theBurn, type Burn } from './state'
import { CHECKED, CRUSHED, EVENING, LIT, RINSE, SNAPPED } from './words'
import { MAKE } from './constants'

function burnIt(burn: Burn, { now }: Surroundings): Ask[] {
  const run = { doing: { kind: 'page', page: 'run' }, label: 'Step by step', icon: 'i-ph-fire' } as const
  if (burn.phase === 'stacked') {
    const refused = burn.last(CHECKED) && burn.going && !burn.going.go
    return burn.way.burns
      ? [
          {
            ...run,
            action: 'burn',
            title: 'Burn it: go or no-go first',
            reason: refused
              ? `No-go on ${dayText(burn.checkedAt!)}: ${burn.going!.stops.join(' ')}`
              : 'Rules, wind, ground, neighbours and water are asked before it is lit.',
            due: refused ? addDays(burn.checkedAt!, 1) : now,
            until: addDays(now, 14),
            urgency: 'whenever',
          },
        ]
      : [
          {
            ...run,
            action: 'burn',
            title: 'Pick embers out of the stove',
            reason: 'When the stove has burnt down: glowing, without flame. Straight outdoors with them.',
            due: now,
            until: addDays(now, 14),
            urgency: 'whenever',
          },
        ]
  }
  if (burn.phase === 'burning') {
    const by = addMinutes(burn.at(LIT)!, Math.round(burn.minutes.typical))
    return [{
      ...run,
      action: 'burn',
      title: 'It burns: stay with it',
      reason: `Usually done about ${timeText(by)}; look for the signs.`,
      due: now,
      until: addHours(now, 1),
      urgency: 'now',
    }]
  }
  if (!burn.ending || (burn.phase !== 'to-stop' && burn.phase !== 'hot-again')) return []
  const { title, reason } = burn.phase === 'hot-again' ? burn.ending.again : burn.ending.now
  return [{ ...run, action: burn.ending.now.action, title, reason, due: now, until: addHours(now, 1), urgency: 'now' }]
}

function feelIt(batch: BegunBatch, burn: Burn, { now }: Surroundings): Ask[] {
  const next = burn.phase === 'cooling' ? burn.cooling?.next : undefined
  if (!next) return []
  const stored = batch.takings.length > 0 ? `What came of ${batch.name} lies in the store already. ` : ''
  // What lies in a store is not waited for.
  const due = stored && now < next.due ? now : next.due
  return [{
    action: next.deed,
    doing: { kind: 'pad', pad: next.deed },
    label: 'Felt it',
    icon: 'i-ph-hand',
    title: next.deed === EVENING ? 'Feel the char: the first look' : 'Feel the char again',
    reason: `${stored}Char lights again for a day and more: cold at two looks, twelve hours `
      + `apart${stored ? '. Out of doors with it until then.' : ', before anything of it goes near a wall or under a roof.'}`,
    due, until: addHours(next.due, 3), urgency: now >= due ? 'now' : 'usual',
  }]
}

function workUp(batch: BegunBatch, burn: Burn, { now, units }: Surroundings): Ask[] {
  if (burn.phase === 'in-store')
    return [{
      action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Close it', icon: 'i-ph-check', title: 'Close the burn',
      reason: 'It was cold at both looks, and lies in the store: nothing is left to do.', due: now, until: addDays(now, 14),
      urgency: 'whenever',
    }]
  if (burn.phase === 'crushed')
    return [{
      action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Into the store', icon: 'i-ph-basket',
      title: 'Put the char into the store',
      reason: 'Fine and coarse apart, raw: a lot of each. What is not done goes into the next burn.', due: now, until: addDays(now, 14),
      urgency: 'usual',
    }]
  if (burn.phase !== 'to-crush') return []
  const rinses = (batch.gauged[RINSE] ?? []).map(({ value }) => value)
  const last = rinses.at(-1)
  const togo = roundsToGo(rinses)
  if (!burn.last(SNAPPED))
    return [{
      action: 'snap', doing: { kind: 'pad', pad: SNAPPED }, label: 'Test it', icon: 'i-ph-hand-tap', title: 'Snap, ring, streak, smell',
      reason: 'A minute: it says whether this is char or charred wood.', due: now, until: addDays(now, 7), urgency: 'usual',
    }]
  if ((burn.way.ashy && last === undefined) || (last !== undefined && last > MAKE.neutralPh))
    return [{
      action: 'rinse', doing: { kind: 'pad', pad: RINSE }, label: 'Rinse', icon: 'i-ph-eyedropper',
      title: last === undefined ? 'Shake out the ash, rinse, measure' : 'Rinse it once more',
      reason:
        last === undefined
          ? 'This way there is ash in it, and ash is as sharp as lime.'
          : `The last rinse had pH ${last}; below ${MAKE.neutralPh} it is `
            + `done${togo ? `, in about ${togo === 1 ? 'one round' : `${togo} rounds`}` : ''}.`,
      due: now,
      until: addDays(now, 7),
      urgency: 'usual',
    }]
  return [{
    action: 'crush', doing: { kind: 'pad', pad: CRUSHED }, label: 'Crushed', icon: 'i-ph-hammer', title: 'Damp it and crush it',
    reason: `About ${quantityText('volume', units, burn.crushedL.typical)} are expected of it. Outdoors, damp, mask on.`, due: now,
    until: addDays(now, 14), urgency: 'whenever',
  }]
}

/** What a burn asks for. */
export function tasksOf(batch: BegunBatch, surroundings: Surroundings): Task[] {
  if (batch.ended) return []
  const burn = theBurn(batch, surroundings)
  return tasksFrom(
    batch.id, [...burnIt(burn, surroundings), ...feelIt(batch, burn, surroundings), ...workUp(batch, burn, surroundings)], 'hour',
  )
}
