import { addDays } from 'date-fns'
import { ageText } from '../../contract'
import { coreReadings } from '../../heated/readings'
import { causesOf } from '../diagnosis'
import { ask, temperatureText, type Ask, type Seen } from './ask'
import { dayText } from '../../../units/dates'
import { uncapital } from '../../../units/plural'
import { HEATED } from '../../heated/constants'
import { HOT } from '../constants'

/** Reading the heat, as often as the phase is worth it. */
export function readTheHeat(look: Seen): Ask[] {
  const { batch, now } = look
  const last = coreReadings(batch).at(-1)
  const everyDays = now.day < HOT.dailyUntilDays ? 1 : now.phase === 'curing' ? 14 : 3
  const due = last ? addDays(new Date(last.at), everyDays) : addDays(new Date(batch.built.at), 1)
  const reason = last
    ? `${ageText(batch, now.day)}; last read on ${dayText(last.at)} at ${temperatureText(look, last.coreC)}.`
    : `${ageText(batch, now.day)}; not read yet. `
      + (now.day < HOT.dailyUntilDays ? 'The first days show whether it takes off.' : 'One reading makes the forecast a third surer.')
  return [ask('reading', 'Read the heat', reason, due, everyDays)]
}

/** Too hot for its own workers. */
export function coolOff(look: Seen): Ask[] {
  const { surroundings, now } = look
  if (now.phase !== 'too-hot') return []
  const reason = `${temperatureText(look, now.coreC)}: above ${temperatureText(look, HEATED.tooHotC)} it kills its own workers. Open it, `
    + 'water it, mix in browns.'
  return [ask('turned', 'Turn it now', reason, surroundings.now, 1, 'now')]
}

/** It should be warm and is not, though nothing freezes: the likeliest reason. What helps is a page of its own; asked once a week. */
export function wakeIt(look: Seen): Ask[] {
  const { batch, surroundings, now } = look
  if (now.phase !== 'stalled' && now.phase !== 'died') return []
  const [likeliest] = causesOf(batch, surroundings, [now.phase === 'died' ? 'died' : 'no-heat'])
  const why
    = likeliest && likeliest.likelihood > 0.5
      ? `Most likely: ${uncapital(likeliest.title)}.`
      : 'The mix looks sound on paper: squeeze a handful, it may be drier than planned.'
  return [
    ask(
      'open', now.phase === 'died' ? 'Find out why it went cool' : 'Find out why it stays cool',
      `${ageText(batch, now.day)} and only ${temperatureText(look, now.coreC)}. ${why}`, surroundings.now, HOT.askedOnceDays,
    ),
  ]
}
