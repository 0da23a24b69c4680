import { daysAfter } from '../course'
import type { NamedWindow, Surroundings } from '../contract'
import type { HeapLog } from '../heated/heap-log'
import { ripeDayOf, RIPE_MG_G } from '../heated/ready-day'
import { workedUp } from '../heated/working'
import type { Course } from '../../heat/course'
import { quantityText } from '../../units/format'
import { coolFrom } from '../heated/forecast/answer'
import { middleCourse } from './expect'
import { towerOn, wormsGate } from './now'
import { WORMS_BELOW_C, WORKING_DAYS } from './question'
import { WORMS_IN } from './words'

/** Without a forecast yet it comes no sooner and may come so much later than one course says. */
const ROUGHLY = { sooner: 1, later: 1.3 }

/** So long it has to stay cool. */
const COOL_DAYS = 3

/** Three days after one course has come down below what worms bear. */
const coolDay = (course: Course) => coolFrom(course, WORMS_BELOW_C) + COOL_DAYS

/** When worms may go in, and when it has worked its year. */
export function windowsOf(log: HeapLog, surroundings: Surroundings): NamedWindow[] {
  const middle = middleCourse(log, surroundings)
  if (log.ended || !middle) return []
  const { course, question } = middle
  const forecast = surroundings.forecastOf?.(log.id)
  const told = forecast?.windows.cool?.now
  const gate = wormsGate(log, surroundings)
  // What is read keeps it shut for three days more, whatever was expected.
  const earliest = gate.open ? 0 : question.nowDay + 3
  const cool = (told ? [told.low + COOL_DAYS, told.high + COOL_DAYS] : [coolDay(course) * 0.7, coolDay(course) * 1.4 + 3]).map(day =>
    Math.max(earliest, day),
  )
  const ripe = Math.max(
    ripeDayOf(course, RIPE_MG_G) ?? question.horizonDay, workedUp(course, { days: 0 }, 0, WORKING_DAYS).day ?? question.horizonDay,
  )
  const ready = forecast?.windows.ready?.now ?? { low: ripe * ROUGHLY.sooner, typical: ripe, high: ripe * ROUGHLY.later }
  const counted = towerOn(log, surroundings)
  const spells = counted
    ? [
        counted.frozenDays >= 1 ? `${Math.round(counted.frozenDays)} frozen` : '',
        counted.dryDays >= 1 ? `${Math.round(counted.dryDays)} dry` : '',
      ].filter(Boolean)
    : []
  return [
    ...(log.did.some(({ deed }) => deed === WORMS_IN)
      ? []
      : [{
          id: 'worms',
          label: 'Cool enough for worms',
          from: daysAfter(log.built.at, Math.min(...cool)),
          to: daysAfter(log.built.at, Math.max(Math.min(...cool) + 1, ...cool)),
          coming: 'Cool enough for worms between',
          announced: 'may be cool enough for worms',
          begun: 'Cool enough for worms, as far as can be told, since',
          reasons: [
            `After three days below ${quantityText('temperature', surroundings.units, WORMS_BELOW_C)} in the core: warmer, and they `
            + 'die or leave.',
            'A thermometer knows better than the forecast: the gate opens by what is read.',
          ],
        }]),
    {
      id: 'ready',
      label: 'Ready',
      from: daysAfter(log.built.at, ready.low),
      to: daysAfter(log.built.at, Math.max(ready.low + 7, ready.high)),
      coming: 'Ready between',
      announced: 'may be ready',
      begun: 'Ready to test since',
      ...(ready.high >= question.horizonDay - 1 ? { orLater: true } : {}),
      reasons: [
        `Twelve months in which it worked: frozen and dry days do not count${spells.length > 0 ? `, so far ${spells.join(' and ')}` : ''}.`,
        counted ? `${Math.round(counted.workedDays)} of ${WORKING_DAYS} days have counted.` : '',
      ].filter(Boolean),
      leavesOut: 'Not reckoned with: channels that fell in, corners that no water reaches, what worms do.',
    },
  ]
}
