import { addDays } from 'date-fns'
import { coreReadings, fallenFrom } from '../../heated/readings'
import { hotHeapApproach } from '../approaches'
import { daysBetween } from '../../../units/time'
import { middleCourse } from '../expect'
import { ask, temperatureText, type Ask, type Seen } from './ask'
import { dayText } from '../../../units/dates'

/** A heap is left alone this long after a turn, days. */
const REST_DAYS = 2.5
/** Worth turning only if it was really warm. */
const WORTH_TURNING_C = 45
/** An expected turn is told so many days ahead, and may come so much earlier or later. */
const TOLD_AHEAD_DAYS = 7
const GIVE_OR_TAKE_DAYS = 2

/** By rhythm, where the approach has one: so many days after the last turn, until the number of turns is used up. */
export function turnByRhythm({ batch, now }: Seen): Ask[] {
  const { turning, name } = hotHeapApproach(batch.built.approachId)
  if (turning.kind !== 'every' || batch.turns.length >= turning.most || now.phase === 'curing') return []
  const since = batch.turns.at(-1)?.at ?? batch.built.at
  const reason = `${name}: turn ${batch.turns.length + 1} of ${turning.most}, last ${batch.turns.length ? 'turned' : 'built'} on ${dayText(since)}.`
  return [ask('turned', 'Turn it', reason, addDays(new Date(since), turning.days[0]), turning.days[1] - turning.days[0] + 1)]
}

/** By heat: once it has peaked and falls. */
export function turnByHeat(look: Seen): Ask[] {
  const { batch, surroundings, now } = look
  const { turning } = hotHeapApproach(batch.built.approachId)
  if (turning.kind !== 'by-heat' || batch.turns.length >= turning.most) return []
  const since = batch.turns.at(-1)?.at ?? batch.built.at
  const fallen = fallenFrom(coreReadings(batch).filter(({ at }) => at >= since))
  if (!fallen || fallen.peakC < WORTH_TURNING_C || daysBetween(since, surroundings.now) < REST_DAYS) return turnAhead(look)
  return [ask('turned', 'Turn it', `It peaked at ${temperatureText(look, fallen.peakC)} on ${dayText(fallen.at)} and has fallen to ${temperatureText(look, now.coreC)}.`, surroundings.now, 3)]
}

/** The next turn that the forecast expects, so that the week can be planned. */
function turnAhead({ batch, surroundings, now }: Seen): Ask[] {
  if (now.phase !== 'warming' && now.phase !== 'hot') return []
  const middle = middleCourse(batch, surroundings)
  const next = middle?.course.habitTurns.find(day => day > now.day + 0.5)
  if (next === undefined || next > now.day + TOLD_AHEAD_DAYS) return []
  const due = addDays(new Date(batch.built.at), Math.round(next))
  return [{ ...ask('turned', 'Turn it, as it looks now', `The forecast sees it peak and begin to fall around ${dayText(due)}. Readings will move that.`, due, GIVE_OR_TAKE_DAYS, 'whenever') }]
}
