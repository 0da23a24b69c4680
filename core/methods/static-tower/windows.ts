import { daysAfter } from '../course'
import { capital } from '../../units/plural'
import type { NamedWindow, Surroundings } from '../contract'
import type { HeapLog } from '../heated/heap-log'
import { ripeDayOf } from '../heated/ready-day'
import { workedUp } from '../heated/working'
import type { Course } from '../../heat/case'
import { quantityText } from '../../units/format'
import { coolFrom } from '../heated/forecast/answer'
import { middleCourse } from './expect'
import { countedText, towerOn, wormsGate } from './now'
import { WORMS_IN } from './words'
import { TOWER } from './constants'

/** Three days after one course has come down below what worms bear. */
const coolDay = (course: Course) => coolFrom(course, TOWER.wormsBelowC) + TOWER.coolDays

type Middle = NonNullable<ReturnType<typeof middleCourse>>

/** When it has been cool for three days; what is read keeps it shut for three days more, whatever was expected. */
function wormsWindow(log: HeapLog, surroundings: Surroundings, { course, question }: Middle): NamedWindow {
  const told = surroundings.forecastOf?.(log.id)?.windows.cool?.now
  const earliest = wormsGate(log, surroundings).open ? 0 : question.nowDay + TOWER.coolDays
  const cool = told ? [told.low + TOWER.coolDays, told.high + TOWER.coolDays] : [coolDay(course) * 0.7, coolDay(course) * 1.4 + 3]
  const [from, to] = cool.map(day => Math.max(earliest, day)).sort((one, other) => one - other) as [number, number]
  return {
    id: 'worms', label: 'Cool enough for worms', from: daysAfter(log.built.at, from), to: daysAfter(log.built.at, Math.max(from + 1, to)),
    coming: 'Cool enough for worms between', announced: 'may be cool enough for worms',
    begun: 'Cool enough for worms, as far as can be told, since',
    reasons: [
      `After three days below ${quantityText('temperature', surroundings.units, TOWER.wormsBelowC)} in the core: warmer, and they die or `
      + 'leave.',
      'A thermometer knows better than the forecast: the gate opens by what is read.',
    ],
  }
}

/** Which days do not count, and how many have. */
function countedReasons(log: HeapLog, surroundings: Surroundings): string[] {
  const counted = towerOn(log, surroundings)
  const spells = [['frozen', counted?.frozenDays ?? 0], ['dry', counted?.dryDays ?? 0]] as const
  const said = spells.filter(([, days]) => days >= 1).map(([what, days]) => `${Math.round(days)} ${what}`)
  return [
    `Twelve months in which it worked: frozen and dry days do not count${said.length > 0 ? `, so far ${said.join(' and ')}` : ''}.`,
    ...(counted ? [`${capital(countedText(counted))}.`] : []),
  ]
}

function readyWindow(log: HeapLog, surroundings: Surroundings, { course, question }: Middle): NamedWindow {
  const ripe = Math.max(
    ripeDayOf(course, TOWER.ripeAt) ?? question.horizonDay,
    workedUp(course, { days: 0 }, 0, TOWER.workingDays).day ?? question.horizonDay,
  )
  const known = surroundings.forecastOf?.(log.id)?.windows.ready?.now
  const { low, typical, high } = known ?? { low: ripe * TOWER.roughly.sooner, typical: ripe, high: ripe * TOWER.roughly.later }
  const last = question.horizonDay - 1
  return {
    id: 'ready', label: 'Ready', from: daysAfter(log.built.at, low), to: daysAfter(log.built.at, Math.max(low + 7, high)),
    coming: 'Ready between', announced: 'may be ready', begun: 'Ready to test since',
    ...(typical < last ? { likely: daysAfter(log.built.at, typical) } : {}), ...(high >= last ? { orLater: true } : {}),
    ...(low >= last ? { beyond: true } : {}),
    reasons: countedReasons(log, surroundings),
    leavesOut: 'Not reckoned with: channels that fell in, corners that no water reaches, what worms do.',
  }
}

/** When worms may go in, and when it has worked its year. */
export function windowsOf(log: HeapLog, surroundings: Surroundings): NamedWindow[] {
  const middle = middleCourse(log, surroundings)
  if (log.ended || !middle) return []
  const ready = readyWindow(log, surroundings, middle)
  return log.did.some(({ deed }) => deed === WORMS_IN) ? [ready] : [wormsWindow(log, surroundings, middle), ready]
}
