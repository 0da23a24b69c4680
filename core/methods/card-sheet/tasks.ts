import { addDays } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { dateText, dayText } from '../../units/dates'
import { quantityText } from '../../units/format'
import { daysBetween } from '../../units/time'
import { isDayKnown, type Surroundings, type Task } from '../contract'
import { isFrozen, openPad, tasksFrom, unlessFrozen, type Ask } from '../course'
import { sheetOf, type Sheet } from './state'
import { windowsOf } from './windows'
import { BELOW, CARD, COVERED, GROWN, MENDED, PLANTED, TORN, WATERED } from './words'
import { SHEET } from './constants'
import { looking } from './looking'

interface Seen { readonly batch: BegunBatch, readonly sheet: Sheet, readonly surroundings: Surroundings }

function wetAgain({ batch, sheet: { card, rainMm, warm, plan, nowDay, phase }, surroundings: { now, units } }: Seen): Ask[] {
  if (phase === 'planted' || phase === 'ended') return []
  const watered = batch.puts.findLast(({ waterL }) => waterL > 0)
  const fresh = watered && daysBetween(watered.at, now) < 12
  const stiff = card === 'stiff'
  if (!stiff && (fresh || !warm || !plan.way.laid || rainMm >= SHEET.dryMm || nowDay < 10)) return []
  const litres = plan.way.laid ? plan.areaM2 * SHEET.wetsLM2 : plan.water.cardL / 2
  return [{
    action: 'watered', doing: openPad(WATERED), label: 'Watered', icon: 'i-ph-drop', title: 'Wet the card again',
    reason: (stiff
      ? 'It was pale and stiff: rain runs off it.'
      : `Only ${quantityText('rain', units, rainMm)} of rain in two weeks: dry card sheds what falls.`) + ' '
      + `About ${quantityText('volume', units, litres)}, slowly, so that it drinks.`,
    due: now, until: addDays(now, stiff ? 2 : 7), urgency: stiff ? 'now' : 'usual',
  }]
}

function mendIt({ sheet: { phase }, surroundings: { now } }: Seen): Ask[] {
  return phase === 'torn-up'
    ? [
        {
          action: 'mended', doing: { kind: 'deed', deed: MENDED }, label: 'Mended', icon: 'i-ph-bandaids', title: 'Close the gap',
          reason: 'It was torn or blown off: where light gets in, everything begins again.', due: now, until: addDays(now, 3),
          urgency: 'now',
        },
      ]
    : []
}

function lookUnder({ batch, sheet: { plan, spent, phase, nowDay }, surroundings }: Seen): Ask[] {
  if (phase === 'planted' || phase === 'ended') return []
  const sense = plan.way.laid ? BELOW : TORN
  const last = looking.last(batch, sense)
  const [window] = windowsOf(batch, surroundings)
  if (last?.finding === 'dead' || last?.finding === 'threads') return []
  const { tornFirst, tornEvery, flatFirst, flatEvery, nearDays } = SHEET.looks
  const near = window !== undefined && window.from <= surroundings.now
  const due = last
    ? addDays(new Date(last.at), plan.way.laid ? (near ? nearDays : flatEvery) : tornEvery)
    : addDays(new Date(batch.began.at), plan.way.laid ? flatFirst : tornFirst)
  const grewThere = plan.way.id === 'whole' && batch.began.answers[GROWN] !== 'bare'
  const expected = plan.way.laid && !grewThere
    ? 'Soft, damp card and worms are what you want to see'
    : plan.way.laid
      ? spent < 0.4
        ? 'It should still be green or yellowing'
        : spent < 0.8
          ? 'It should be yellow and limp'
          : 'It should be white or gone'
      : 'Threads come after two to three weeks of warmth'
  const frozen = plan.way.laid && surroundings.weather.ambientC(due > surroundings.now ? due : surroundings.now) < 2
  if (frozen && last) return []
  return [{
    action: 'below', doing: openPad(sense), label: 'Look', icon: 'i-ph-eye', title: 'Lift a corner',
    reason: `${expected}${nowDay > 1 && isDayKnown(batch.began) ? ` on day ${Math.floor(nowDay)}` : ''}. `
      + (window ? `${window.label}: ${dayText(window.from)} to ${dateText(window.to)}.` : 'What you see makes it surer.'),
    due, until: addDays(due, plan.way.laid ? 21 : 7), urgency: near ? 'usual' : 'whenever',
  }]
}

function feelCard({ batch, sheet: { plan, phase }, surroundings: { now } }: Seen): Ask[] {
  if (!plan.way.laid || phase === 'planted' || phase === 'ended') return []
  const last = looking.last(batch, CARD)
  const due = addDays(new Date(last?.at ?? batch.began.at), last ? 30 : 10)
  return last?.finding === 'gone' || phase === 'torn-up'
    ? []
    : [
        {
          action: 'card', doing: openPad(CARD), label: 'Feel', icon: 'i-ph-hand-tap', title: 'Feel the card',
          reason: `${last ? `Last felt on ${dayText(last.at)}` : 'Not felt yet'}. Pale and stiff: water. Torn: a new piece.`,
          due, until: addDays(due, 20), urgency: daysBetween(due, now) > 10 ? 'usual' : 'whenever',
        },
      ]
}

function coverAgain({ sheet: { plan, coverM, phase }, batch, surroundings: { now, units } }: Seen): Ask[] {
  if (plan.coverM <= 0 || phase === 'ended') return []
  const wantedM = plan.coverM * plan.cover.kind.settles.typical
  const shows = looking.now(batch, 'above', now)?.finding === 'bare'
  if (!shows && coverM > wantedM * plan.cover.kind.refreshedAt) return []
  const barrows = Math.max(0, wantedM - coverM) * plan.areaM2 * 1000 / plan.cover.kind.settles.typical
  return [{
    action: 'covered', doing: openPad(COVERED), label: 'Covered', icon: 'i-ph-stack', title: 'Top up the cover',
    reason: `${shows ? 'The card shows.' : `It should lie about ${quantityText('length', units, coverM)} deep by now.`} About `
      + `${quantityText('volume', units, Math.max(10, barrows))} of ${plan.cover.material.short} bring it back.`,
    due: now, until: addDays(now, 14), urgency: shows ? 'usual' : 'whenever',
  }]
}

function plantIt({ batch, sheet: { plan, phase, below, spent }, surroundings }: Seen): Ask[] {
  const { now, weather: { ambientC } } = surroundings
  if (!plan.way.laid || phase === 'planted' || phase === 'ended' || phase === 'torn-up') return []
  const [window] = windowsOf(batch, surroundings)
  const through = below === 'dead' || (spent >= 1 && below !== 'green')
  if (!through || !window) return []
  const cold = ambientC(now) < 5
  return [{
    action: 'planted', doing: openPad(PLANTED), label: 'Planted', icon: 'i-ph-plant',
    title: cold ? 'It can be planted when it is warm' : 'Plant it',
    reason: (below === 'dead'
      ? 'There is nothing green below it any more.'
      : 'By the warmth it had, what grew there should be through.') + ' '
      + 'Through a cross cut in the card, or straight into it where the card is gone.',
    due: now, until: addDays(now, 60), urgency: cold ? 'whenever' : 'usual',
  }]
}

function moveOn({ batch, sheet: { plan, phase }, surroundings: { now } }: Seen): Ask[] {
  const seen = looking.last(batch, TORN)
  if (plan.way.laid || phase === 'ended' || seen?.finding !== 'threads') return []
  return [{
    action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Take it', icon: 'i-ph-basket', title: 'It has threads: move it on',
    reason: 'Under mulch, into a planting hole, or a handful into the next crate. In pots a tenth at most.', due: new Date(seen.at),
    until: addDays(now, 30), urgency: 'whenever',
  }]
}

/** What a sheet asks for. */
export function tasksOf(batch: BegunBatch, surroundings: Surroundings): Task[] {
  if (batch.ended) return []
  const seen = { batch, surroundings, sheet: sheetOf(batch, surroundings) }
  const asks = [mendIt, wetAgain, plantIt, lookUnder, feelCard, coverAgain, moveOn].flatMap(make => make(seen))
  return tasksFrom(batch.id, unlessFrozen(asks, isFrozen(surroundings.weather.ambientC(surroundings.now))), 'hour')
}
