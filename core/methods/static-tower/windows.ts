import { addHours } from 'date-fns'
import type { NamedWindow, Surroundings } from '../contract'
import type { HeapLog } from '../heated/heap-log'
import { ripeDayOf, RIPE_MG_G } from '../heated/ready-day'
import { workedUp } from '../heated/working'
import { middleCourse } from './expect'
import { towerOn, WORMS_BELOW_C } from './now'
import { WORKING_DAYS } from './question'
import { WORMS_IN } from './words'

const later = (at: string, days: number) => addHours(new Date(at), Math.round(days * 24))
/** Without a forecast yet it may come so much later than one course says. */
const ROUGHLY = { sooner: 0.95, later: 1.3 }

/** The day from which on the core stays below what worms bear, by one row; three days after it has come down. */
function coolDay(days: Float64Array, row: Float32Array): number {
  const last = row.findLastIndex(celsius => celsius >= WORMS_BELOW_C)
  return last < 0 ? 5 : (days[Math.min(days.length - 1, last + 1)] ?? 0) + 3
}

/** When worms may go in, and when it has worked its year. */
export function windowsOf(log: HeapLog, surroundings: Surroundings): NamedWindow[] {
  const middle = middleCourse(log, surroundings)
  if (log.ended || !middle) return []
  const { course, question } = middle
  const forecast = surroundings.forecastOf?.(log.id)
  const core = forecast?.series.coreC
  const cool = core ? [coolDay(forecast.days, core.low), coolDay(forecast.days, core.high)] : [coolDay(course.days, course.coreC) * 0.7, coolDay(course.days, course.coreC) * 1.4 + 3]
  const ripe = Math.max(ripeDayOf(course, RIPE_MG_G) ?? question.horizonDay, workedUp(course, { days: 0 }, 0, WORKING_DAYS).day ?? question.horizonDay)
  const ready = forecast?.windows.ready?.now ?? { low: ripe * ROUGHLY.sooner, typical: ripe, high: ripe * ROUGHLY.later }
  const counted = towerOn(log, surroundings)
  const spells = counted ? [counted.frozenDays >= 1 ? `${Math.round(counted.frozenDays)} frozen` : '', counted.dryDays >= 1 ? `${Math.round(counted.dryDays)} dry` : ''].filter(Boolean) : []
  return [
    ...(log.did.some(({ deed }) => deed === WORMS_IN)
      ? []
      : [{
          id: 'worms', label: 'Cool enough for worms', from: later(log.built.at, Math.min(...cool)), to: later(log.built.at, Math.max(...cool)), coming: 'Cool enough for worms between', announced: 'may be cool enough for worms', begun: 'Cool enough for worms, as far as can be told, since',
          reasons: ['After three days below 30 °C in the core: warmer, and they die or leave.', 'A thermometer knows better than the forecast: the gate opens by what is read.'],
        }]),
    {
      id: 'ready', label: 'Ready', from: later(log.built.at, ready.low), to: later(log.built.at, Math.max(ready.low + 7, ready.high)), coming: 'Ready between', announced: 'may be ready', begun: 'Ready to test since', ...(ready.high >= question.horizonDay - 1 ? { orLater: true } : {}),
      reasons: [
        `Twelve months in which it worked: frozen and dry days do not count${spells.length > 0 ? `, so far ${spells.join(' and ')}` : ''}.`,
        counted ? `${Math.round(counted.workedDays)} of ${WORKING_DAYS} days have counted.` : '',
      ].filter(Boolean),
      leavesOut: 'Not reckoned with: channels that fell in, corners that no water reaches, what worms do.',
    },
  ]
}
