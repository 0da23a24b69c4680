import { timesText } from '../../units/plural'
import { addDays } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { containerText } from '../../units/container'
import { dayText } from '../../units/dates'
import { quantityText, roughly } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Surroundings, Task } from '../contract'
import { tasksFrom, type Ask } from '../course'
import { mulchOf, type Mulch } from './state'
import { CLEARED, DEPTH, LOAD, PLANTS, SOIL, UNDER, WETTED } from './words'
import { MULCHED } from './constants'
import { looking } from './looking'

interface Seen { readonly batch: BegunBatch, readonly mulch: Mulch, readonly surroundings: Surroundings }

function carry({
  mulch: { phase, loadsLeft, laidL, carrier, plan, refreshed, missingL }, surroundings: { now, units }, batch,
}: Seen): Ask[] {
  const one = { action: 'load', doing: { kind: 'pad' as const, pad: LOAD }, label: 'A load', icon: 'i-ph-truck' }
  const left = containerText(Math.max(1, loadsLeft), carrier)
  if (phase === 'bare')
    return [{
      ...one,
      title: `Spread it: ${left}`,
      reason: `${quantityText('length', units, plan.wantedM)} deep on ${quantityText('area', units, plan.areaM2, 1)}. Each load counts `
        + 'as it lands.',
      due: new Date(batch.began.at),
      until: addDays(now, 14),
      urgency: 'usual',
    }]
  if (phase === 'laying')
    return [{
      ...one,
      title: `${left} left`,
      reason: `About ${quantityText('volume', units, roughly(laidL))} spread so far, ${quantityText('volume', units, roughly(missingL))} `
        + 'to go.',
      due: now,
      until: addDays(now, 7),
      urgency: 'usual',
    }]
  if (phase === 'thin')
    return [{
      ...one,
      title: `Top it up: ${left}`,
      reason: `It should lie no deeper than ${quantityText('length', units, plan.refreshM)} by `
        + `now${refreshed > 0 ? `; it was topped up ${timesText(refreshed)} before` : ''}. Pull what grows through it first.`,
      due: now,
      until: addDays(now, plan.kind.goesYear.typical > 3 ? 7 : 30),
      urgency: 'usual',
    }]
  return []
}

function wet({ batch, mulch: { plan, phase }, surroundings: { now, units } }: Seen): Ask[] {
  const last = batch.puts.findLast(({ inputs }) => inputs.length > 0)
  if (
    !last
    || plan.kind.wind === 'none'
    || phase === 'thin'
    || batch.puts.some(({ at, waterL }) => waterL > 0 && at >= last.at)
    || daysBetween(last.at, now) > 10
  )
    return []
  return [{
    action: 'wetted', doing: { kind: 'pad', pad: WETTED }, label: 'Watered', icon: 'i-ph-drop', title: 'Tread it and water it',
    reason: `Dry it flies with the next wind: about ${quantityText('volume', units, plan.areaM2 * 4)}, or a good rain.`,
    due: new Date(last.at), until: addDays(new Date(last.at), MULCHED.days.wetWithin), urgency: 'usual',
  }]
}

function lookUnder({ batch, mulch: { plan, phase }, surroundings: { now } }: Seen): Ask[] {
  if (phase === 'bare' || phase === 'laying') return []
  const last = looking.last(batch, UNDER)
  const quick = plan.kind.goesYear.typical > 3
  const due = addDays(
    new Date(last?.at ?? batch.began.at),
    last ? (quick ? MULCHED.days.lookQuick : MULCHED.days.lookEvery) : quick ? MULCHED.days.lookQuick : MULCHED.days.lookFirst,
  )
  const slugs = last?.finding === 'slugs'
  return [{
    action: 'under', doing: { kind: 'pad', pad: UNDER }, label: 'Look', icon: 'i-ph-eye', title: 'Look under it',
    reason: slugs
      ? `Slugs on ${dayText(last.at)}: are they fewer?`
      : `${plan.kind.slugs === 'none' ? 'Weeds' : 'Slugs'} and sour mats show there first; worms too.`,
    due,
    until: addDays(due, 14),
    urgency: slugs && due <= now ? 'usual' : 'whenever',
  }]
}

function measure({ batch, mulch: { phase, depthM, plan }, surroundings: { units } }: Seen): Ask[] {
  if (phase !== 'lying' || plan.kind.goesYear.typical > 3) return []
  const last = batch.gauged[DEPTH]?.at(-1)?.at
  const spread = batch.puts.findLast(({ inputs }) => inputs.length > 0)!.at
  const due = last && last > spread ? addDays(new Date(last), MULCHED.days.depthEvery) : addDays(new Date(spread), MULCHED.days.firstDepth)
  return [{
    action: 'depth', doing: { kind: 'pad', pad: DEPTH }, label: 'Depth', icon: 'i-ph-ruler', title: 'Measure how deep it lies',
    reason: `It should be about ${quantityText('length', units, depthM)}. From your depths it learns how quickly it goes here.`, due,
    until: addDays(due, 21), urgency: 'whenever',
  }]
}

const ANSWERED: Readonly<Record<string, { readonly sense: string, readonly finding: string, readonly ask: Omit<Ask, 'due' | 'until'> }>> = {
  dry: {
    sense: SOIL, finding: 'dry',
    ask: {
      action: 'wetted', doing: { kind: 'pad', pad: WETTED }, label: 'Watered', icon: 'i-ph-drop', title: 'Water the soil under it',
      reason: 'It was dust dry. Draw the mulch aside, water a finger deep, draw it back.', urgency: 'now',
    },
  },
  rot: {
    sense: PLANTS, finding: 'rot',
    ask: {
      action: 'cleared', doing: { kind: 'deed', deed: CLEARED }, label: 'Drawn back', icon: 'i-ph-arrows-out-line-horizontal',
      title: 'Draw it back from the stems', reason: 'Something was soft at its base: bark and crowns must dry.', urgency: 'now',
    },
  },
  slugs: {
    sense: UNDER, finding: 'slugs',
    ask: {
      action: 'cleared', doing: { kind: 'deed', deed: CLEARED }, label: 'Drawn back', icon: 'i-ph-arrows-out-line-horizontal',
      title: 'Draw it back from what they eat',
      reason: 'Slugs were under it. A dry, bare ring of two hands keeps most of them off until plants are tough.', urgency: 'usual',
    },
  },
}

function answer({ batch, surroundings: { now } }: Seen): Ask[] {
  return Object.values(ANSWERED).flatMap(({ sense, finding, ask }) => {
    const seen = looking.now(batch, sense, now)
    return seen?.finding === finding ? [{ ...ask, due: new Date(seen.at), until: addDays(now, 3) }] : []
  })
}

/** What a mulch asks for. */
export function tasksOf(batch: BegunBatch, surroundings: Surroundings): Task[] {
  if (batch.ended) return []
  const seen = { batch, surroundings, mulch: mulchOf(batch, surroundings) }
  return tasksFrom(batch.id, [answer, carry, wet, lookUnder, measure].flatMap(make => make(seen)), 'hour')
}
