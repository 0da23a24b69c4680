import { chargedText, takenNow } from './standing'
import { addDays, addHours } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { dayText, timeText } from '../../units/dates'
import { quantityText, percentText } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Surroundings, Task } from '../contract'
import { isFrozen, tasksFrom, unlessFrozen, type Ask } from '../course'
import { acidText } from './steps'
import { soakOf, type Soak } from './state'
import { windowsOf } from './windows'
import { ACID, AIR, DRAINED, FILLED, LIFTED, SINKS, SMELL, STANDS, STIRRED } from './words'
import { placeFor } from './question'
import { CHARGE } from './constants'
import { looking } from './looking'

interface Seen { readonly batch: BegunBatch, readonly soak: Soak, readonly surroundings: Surroundings }

function waterFirst({ batch, soak: { phase, water }, surroundings: { now, units } }: Seen): Ask[] {
  if (phase !== 'water') return []
  const waterL = batch.puts.reduce((sum, one) => sum + one.waterL, 0)
  if (water.fit)
    return [{
      action: 'fill', doing: { kind: 'pad', pad: FILLED }, label: 'Char in', icon: 'i-ph-arrow-fat-line-down',
      title: 'In with the char',
      reason:
        water.water.kind === 'chlorine'
          ? `Of the chlorine ${percentText(water.chlorineLeft)} is left: life can go in.`
          : 'The chloramine is bound: life can go in.',
      due: now,
      until: addDays(now, 2),
      urgency: 'usual',
    }]
  if (water.water.kind === 'chloramine')
    return [{
      action: 'acid', doing: { kind: 'pad', pad: ACID }, label: 'Bind it', icon: 'i-ph-flask', title: 'Bind the chloramine',
      reason:
          `It does not leave by standing: ${acidText(waterL, water.water.mgPerL, units)} for ${quantityText('volume', units, waterL)}, or `
          + 'pour it on a path and take rain water.',
      due: now, until: addDays(now, 1), urgency: 'usual',
    }]
  const fitAt = water.fitAt ?? now
  return [{
    action: 'fill', doing: { kind: 'pad', pad: FILLED }, label: 'Char in', icon: 'i-ph-arrow-fat-line-down',
    title: 'Let the water stand, then in with the char',
    reason: `Chlorine leaves an open tub: ${percentText(water.chlorineLeft)} are left now, under a tenth from ${dayText(fitAt)}, `
      + `${timeText(fitAt)}.`,
    due: fitAt, until: addDays(fitAt, 1), urgency: 'whenever',
  }]
}

function stir({ batch, soak, surroundings: { units } }: Seen): Ask[] {
  const { way, phase } = soak
  if (way.stirEveryDays === undefined || (phase !== 'charging' && phase !== 'charged')) return []
  const last = batch.did.findLast(({ deed }) => deed === STIRRED)?.at ?? soak.water.filledAt ?? batch.began.at
  const due = addDays(new Date(last), way.stirEveryDays)
  const drinks = soak.charL * 0.4 * (1 - soak.charged)
  return [{
    action: 'stirred', doing: { kind: 'deed', deed: STIRRED }, label: 'Stirred', icon: 'i-ph-arrows-clockwise', title: 'Stir it',
    reason: `${way.stirEveryDays === 1 ? 'Once a day' : `Every ${way.stirEveryDays} days`}: what floats dries out on top. `
      + (drinks >= 1
        ? `It will drink about ${quantityText('volume', units, drinks)} more: top it up.`
        : 'It has drunk nearly all it can.'),
    due, until: addDays(due, 1), urgency: 'usual',
  }]
}

function lookAtIt({ batch, soak, surroundings }: Seen): Ask[] {
  if (soak.phase !== 'charging') return []
  const seen = looking.last(batch, SINKS)
  const slow = soak.way.days80.typical > 30
  const every = slow ? 21 : soak.way.kind === 'bag' ? 5 : 2
  const from = seen ? new Date(seen.at) : new Date(soak.water.filledAt ?? batch.began.at)
  const due = addDays(from, every)
  return [{
    action: 'look', doing: { kind: 'pad', pad: SINKS }, label: 'Look', icon: 'i-ph-anchor', title: 'Does it sink?',
    reason: `By the days ${chargedText(soak.charged)}. What floats and what sinks says it better.`, due,
    until: addDays(due, slow ? 7 : 1), urgency: daysBetween(due, surroundings.now) > 3 ? 'usual' : 'whenever',
  }]
}

function checkAir({ batch, soak: { airOn, phase } }: Seen): Ask[] {
  if (!airOn || phase !== 'charging') return []
  const last = batch.did.findLast(({ deed }) => deed === AIR)?.at ?? batch.began.at
  const due = addHours(new Date(last), 12)
  return [{
    action: 'air', doing: { kind: 'rest', why: 'air checked', said: 'air checked' }, label: 'It bubbles', icon: 'i-ph-wind',
    title: 'Check the air', reason: 'Two days of air at least; without it the soak turns within the hour.', due,
    until: addHours(due, 12), urgency: 'usual',
  }]
}

function takeIt({ batch, soak, surroundings }: Seen): Ask[] {
  const { now } = surroundings
  const { phase, way } = soak
  if (phase === 'foul')
    return [{
      action: 'smell', doing: { kind: 'pad', pad: SMELL }, label: 'Smell again', icon: 'i-ph-wind', title: 'Begin it again',
      reason: 'It stank: liquor onto the heap, rinse the char, fresh water and compost, more air. Then smell again.', due: now,
      until: addDays(now, 1), urgency: 'now',
    }]
  if (phase === 'charged' && way.driesDays > 0) {
    const deed = way.kind === 'bag' ? LIFTED : DRAINED
    return [{
      action: 'drain', doing: { kind: 'pad', pad: deed }, label: way.kind === 'bag' ? 'Lifted out' : 'Drained', icon: 'i-ph-funnel',
      title: way.kind === 'bag' ? 'Lift the bags' : 'Drain it',
      reason: `About ${percentText(soak.charged)} charged. `
        + `${way.kind === 'bag' ? 'Some days to drain and air.' : 'A week in the shade, then it crumbles; in its can two.'}`,
      due: now, until: addDays(now, 10), urgency: 'usual',
    }]
  }
  if (phase === 'dry' || (phase === 'charged' && way.driesDays === 0))
    return [{
      action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Into the store', icon: 'i-ph-basket',
      title: way.kind === 'bedding' ? 'Muck it out' : 'Put it into the store', reason: takenNow(soak), due: now,
      until: addDays(now, 14), urgency: 'whenever',
    }]
  if (phase === 'drying') {
    const dry = windowsOf(batch, surroundings).find(({ id }) => id === 'dry')
    const due = dry?.from ?? now
    return [{
      action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Into the store', icon: 'i-ph-basket',
      title: 'Put it into the store', reason: `Crumbly from about ${dayText(due)}. ${takenNow(soak)}`, due, until: addDays(due, 14),
      urgency: 'whenever',
    }]
  }
  return []
}

/** What char asks for while it is charged. */
export function tasksOf(batch: BegunBatch, surroundings: Surroundings): Task[] {
  if (batch.ended) return []
  const seen = { batch, surroundings, soak: soakOf(batch, surroundings) }
  const asks = [waterFirst, stir, checkAir, lookAtIt, takeIt].flatMap(make => make(seen))
  const { way } = seen.soak
  const airC = way.kind === 'bedding'
    ? CHARGE.usualC
    : placeFor(way, batch.began.answers[STANDS]).warmth(surroundings.weather.ambientC(surroundings.now))
  return tasksFrom(batch.id, unlessFrozen(asks, isFrozen(airC), ['stirred', 'look']), 'hour')
}
