import { daysBetween } from '../../../units/time'
import { addDays } from 'date-fns'
import { testStates } from '../../../readiness/taken'
import { verdictFor } from '../../../readiness/verdict'
import { readyWindow } from '../ready'
import { testsOf } from '../../contract'
import { ripeness, stagesOf } from '../ripeness'
import { ask, type Ask, type Seen } from './ask'
import { dayText } from '../../../units/dates'

/** Tests whose time has come, and running ones to be read; then sieving and taking down. */
export function testAndFinish(look: Seen): Ask[] {
  const { batch, surroundings } = look
  const states = testStates(batch, testsOf(ripeness, batch, surroundings))
  const running = states
    .flatMap(state => (state.kind === 'running' ? [state] : []))
    .sort((a, b) => a.readableAt.getTime() - b.readableAt.getTime())[0]
  const { from, to, reasons } = readyWindow(batch, surroundings)
  const beds = verdictFor('beds', states, stagesOf(batch, surroundings))
  const opened = from <= surroundings.now
  const reason
    = beds.fit === 'yes'
      ? 'Cool, cured and tested: fit for beds.'
      : opened
        ? `The window opened on ${dayText(from)}. ${reasons[0] ?? ''}`
        : (reasons[0] ?? '')
  const finish: Ask = {
    ...ask('finish', beds.fit === 'yes' ? 'Sieve and take down' : 'Test, sieve and take down', reason, from, 0, 'whenever'),
    until: to,
  }
  if (running)
    return [
      ask(
        'test', `Read the ${running.test.name.toLowerCase().replace(/\?$/, '')}`,
        `Set up on ${dayText(running.begun.at)}; it needs ${running.test.days} days.`, running.readableAt, 7,
      ),
      finish,
    ]
  const due
    = opened && beds.fit === 'not-yet'
      ? [
          ask(
            'test', 'Test whether it is ready',
            `The window opened on ${dayText(from)}. For beds still missing: ${beds.missing.join('; ')}.`, from,
            Math.max(14, daysBetween(from, to)), 'whenever',
          ),
        ]
      : []
  return [
    ...due,
    {
      ...finish,
      due: due.length > 0 ? addDays(surroundings.now, 4) : finish.due,
      until: to > addDays(surroundings.now, 4) ? to : addDays(surroundings.now, 14),
    },
  ]
}
