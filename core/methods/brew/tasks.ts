import { addDays, addHours, differenceInHours } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { daysBetween } from '../../units/time'
import { containerText } from '../../units/container'
import { quantityText } from '../../units/format'
import { numberOf } from '../../questions/question'
import { lastFound, type Surroundings, type Task } from '../contract'
import { tasksFrom, type Ask } from '../course'
import { dilutionFor } from './amounts'
import { BREW } from './constants'
import { kindOf, type BrewKind } from './kinds'
import { airIsOn, isFoul, leftL, partsNow, progressOf } from './standing'
import { windowsOf } from './windows'
import { AIR, AREA, FOAM, SMELL, STIRRED, STRAINED } from './words'
import { dayText, timeText, weekdayPartText, weekdayText } from '../../units/dates'

interface Seen { readonly batch: BegunBatch, readonly surroundings: Surroundings, readonly kind: BrewKind, readonly progress: number }

/** The clock counts where it is only hours; days ahead it is a part of the day. */
const hour = (at: Date, now: Date) =>
  Math.abs(differenceInHours(at, now)) < BREW.byTheClockHours ? `${weekdayText(at)} ${timeText(at)}` : weekdayPartText(at)

function stir({ batch, kind, progress }: Seen): Ask[] {
  if (kind.stirEveryDays === undefined || progress > kind.use.until || batch.did.some(({ deed }) => deed === STRAINED)) return []
  const last = batch.did.findLast(({ deed }) => deed === STIRRED)?.at ?? batch.began.at
  const due = addDays(new Date(last), kind.stirEveryDays)
  const often = kind.stirEveryDays === 1 ? 'Once a day' : `Every ${kind.stirEveryDays} days`
  return [{
    action: 'stirred', doing: { kind: 'deed', deed: STIRRED }, label: 'Stirred', icon: 'i-ph-arrows-clockwise', title: 'Stir it',
    reason: `${often}, so that nothing rots on top. Last on ${dayText(last)}.`, due, until: addDays(due, 1), urgency: 'usual',
  }]
}

/** Foam is read daily from a third of its way on; before, now and then. */
function readFoam({ batch, kind, progress, surroundings }: Seen): Ask[] {
  if (!kind.foamM || progress > kind.use.until * 1.2) return []
  const last = batch.gauged[FOAM]?.at(-1)
  const every = progress > 0.35 ? 1 : 2
  const due = last ? addDays(new Date(last.at), every) : addDays(new Date(batch.began.at), 1)
  const reason = last
    ? `Last ${quantityText('length', surroundings.units, last.value, 1)} on ${dayText(last.at)}. The foam says when it is at its height `
    + 'better than any calendar.'
    : 'The foam says when it is at its height better than any calendar.'
  return [{
    action: 'foam', doing: { kind: 'pad', pad: FOAM }, label: 'Measure', icon: 'i-ph-cloud', title: 'Measure the foam', reason, due,
    until: addDays(due, 1), urgency: 'usual',
  }]
}

/** It is at its height, or ready: what it takes for the beds it was made for. */
function giveIt({ batch, kind, progress, surroundings }: Seen): Ask[] {
  const left = leftL(batch)
  if (left < BREW.emptyL)
    return [{
      action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Take it out', icon: 'i-ph-funnel', title: 'Empty and wash it',
      reason: 'All of it has been given. What is left at the bottom goes onto the heap.', due: surroundings.now,
      until: addDays(surroundings.now, 7), urgency: 'whenever',
    }]
  const windows = windowsOf(batch, surroundings)
  const [height, use] = [windows[0]!, windows[1]!]
  const area = numberOf(batch.began.answers, AREA) ?? 0
  const parts = partsNow(batch, surroundings).usual
  const { concentrateL, totalL } = dilutionFor(area, parts, 1)
  const { units, garden: { waterCan } } = surroundings
  const dose
    = area > 0
      ? ` For ${quantityText('area', units, area)}: ${quantityText('volume', units, concentrateL, 1)} of it in `
      + `${containerText(totalL / waterCan.volumeL, waterCan)}, 1 to ${parts}.`
      : ''
  if (progress < kind.use.from)
    return [{
      action: 'given', doing: { kind: 'pad', pad: 'given' }, label: 'Given', icon: 'i-ph-plant',
      title: kind.strained ? 'Strain and use it' : 'Use it at its height',
      reason: `Expected ${weekdayPartText(height.from)} to ${weekdayPartText(height.to)}.${dose}`,
      due: use.from > surroundings.now ? use.from : addHours(surroundings.now, 6),
      until: use.to > use.from ? use.to : addDays(use.from, 1), urgency: 'whenever',
    }]
  if (progress <= kind.use.until)
    return [{
      action: 'given', doing: { kind: 'pad', pad: 'given' }, label: 'Given', icon: 'i-ph-plant',
      title: kind.strained ? 'Strain and use it' : 'Use it now',
      reason: `${kind.foamM ? 'The foam is at its height' : 'It is ready'}; use it by ${hour(use.to, surroundings.now)}.${dose}`,
      due: surroundings.now,
      until: use.to > surroundings.now ? use.to : addDays(surroundings.now, 1), urgency: kind.strained ? 'usual' : 'now',
    }]
  return [{
    action: 'given', doing: { kind: 'pad', pad: 'given' }, label: 'Given', icon: 'i-ph-plant',
    title: kind.aired ? 'Pour it on the heap' : 'Use it as a feed',
    reason: 'It is past its best since '
      + `${hour(use.to, surroundings.now)}.`
      + (kind.aired ? ' Without life in it, it is only dirty water.' : ` It still feeds, at 1 to ${parts}.`),
    due: surroundings.now, until: addDays(surroundings.now, 14), urgency: 'usual',
  }]
}

function smellIt({ batch, kind, progress, surroundings }: Seen): Ask[] {
  if (progress < 0.4) return []
  const last = lastFound(batch, SMELL)
  const every = kind.days20 > 10 ? 7 : 2
  const due = last ? addDays(new Date(last.at), every) : surroundings.now
  return [{
    action: 'smell', doing: { kind: 'pad', pad: SMELL }, label: 'Smell', icon: 'i-ph-wind', title: 'Smell it',
    reason: `${last ? `Last on ${dayText(last.at)}` : 'Not smelt yet'}. Before any of it goes on a bed, the nose decides.`, due,
    until: addDays(due, 2), urgency: 'whenever',
  }]
}

function foul({ batch, surroundings }: Seen): Ask[] {
  if (!isFoul(batch)) return []
  const smelt = lastFound(batch, SMELL)
  return [{
    action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Pour it away', icon: 'i-ph-funnel', title: 'Pour it on the heap',
    reason: `It was foul on ${dayText(smelt?.at ?? batch.began.at)}: not on beds, not kept. Wash the bucket hot and begin again.`,
    due: surroundings.now, until: addDays(surroundings.now, 1), urgency: 'now',
  }]
}

function checkAir({ batch, surroundings, kind }: Seen): Ask[] {
  if (!kind.aired || !airIsOn(batch)) return []
  const last = batch.did.findLast(({ deed }) => deed === AIR)?.at ?? batch.began.at
  const due = addHours(new Date(last), 12)
  if (daysBetween(last, surroundings.now) > 3) return []
  return [{
    action: 'air', doing: { kind: 'rest', why: 'air checked', said: 'air checked' }, label: 'It bubbles', icon: 'i-ph-wind',
    title: 'Check the air', reason: 'Without air for half an hour it begins to turn.', due, until: addHours(due, 12), urgency: 'usual',
  }]
}

/** What a brew asks for. */
export function tasksOf(batch: BegunBatch, surroundings: Surroundings): Task[] {
  if (batch.ended) return []
  const seen = { batch, surroundings, kind: kindOf(batch.began.approachId), progress: progressOf(batch, surroundings) }
  // Where nothing is left, nothing is stirred, measured or smelt: it is washed.
  const asked = leftL(batch) < BREW.emptyL ? [giveIt] : [stir, readFoam, checkAir, giveIt, smellIt]
  const asks = isFoul(batch) ? foul(seen) : asked.flatMap(make => make(seen))
  return tasksFrom(batch.id, asks, 'hour')
}
