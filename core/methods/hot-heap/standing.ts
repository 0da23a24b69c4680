import { addDays } from 'date-fns'
import type { HeapLog } from '../heated/heap-log'
import { RIPE_AT } from '../../heat/ripe'
import { quantityText } from '../../units/format'
import { expectedAt } from '../heated/expected'
import { ageText, everFound, lastFound, type Standing, type Surroundings } from '../contract'
import { coreReadings } from '../heated/readings'
import { DAY_MS, daysBetween } from '../../units/time'
import { dayText } from '../../units/dates'
import { expectCourse, middleCourse } from './expect'
import { WARMTH } from '../heated/warmth'
import { HEATED } from '../heated/constants'
import { HOT } from './constants'
import { namedIn } from '../../constants/constants'
import { looking } from './looking'

/** The stages of a hot heap. */
export type Phase = 'warming' | 'hot' | 'too-hot' | 'cooling' | 'curing' | 'stalled' | 'waits' | 'died' | 'unread' | 'finished'

/** The phase of a heap, the temperature it rests on and whether that was read or is only expected. */
export interface PhaseNow {
  readonly phase: Phase
  readonly day: number
  readonly coreC: number
  readonly ambientC: number
  readonly readAt?: string
  /** When it was last felt by hand, where that is newer than any reading. */
  readonly feltAt?: string
  /** When it was first read cool after having been hot. */
  readonly coolSince?: string
}

function expectedCore(batch: HeapLog, surroundings: Surroundings, day: number): number {
  return (
    expectedAt(expectCourse(batch, surroundings, Math.ceil(day)), day)?.coreC.typical ?? surroundings.weather.ambientC(surroundings.now)
  )
}

/** What was last read or felt since it was last turned, while it is fresh: what came before a turn says nothing of after it. */
function evidence(batch: HeapLog, now: Date): Pick<PhaseNow, 'readAt' | 'feltAt'> {
  const turnedAt = batch.turns.at(-1)?.at ?? ''
  const read = coreReadings(batch).findLast(({ odd, at }) => !odd && at >= turnedAt && daysBetween(at, now) < HOT.staleDays)
  const warmth = looking.now(batch, WARMTH, now)
  const felt = warmth && namedIn(HEATED.feltC, warmth.finding) ? warmth : undefined
  if (read && (!felt || read.at >= felt.at)) return { readAt: read.at }
  return felt ? { feltAt: felt.at } : {}
}

/** Whether the decay that makes heat is done, by what is expected: a heap that nobody read may lie cool and raw. */
function decayIsDone(batch: HeapLog, surroundings: Surroundings, day: number): boolean {
  const course = middleCourse(batch, surroundings)?.course
  const at = course ? course.days.findIndex(one => one >= day) : -1
  return course !== undefined && course.rawness[at < 0 ? course.days.length - 1 : at]! <= HOT.doneWithin * RIPE_AT
}

/** Where the heap stands, by what was read or felt as far as that is fresh, else by what is expected. */
export function phaseNow(batch: HeapLog, surroundings: Surroundings): PhaseNow {
  const { now } = surroundings
  const day = Math.max(0, daysBetween(batch.built.at, now))
  const ambientC = surroundings.weather.ambientC(now)
  const sound = coreReadings(batch).filter(({ odd }) => !odd)
  const coreC = expectedCore(batch, surroundings, day)
  const base = { day, ambientC, coreC, ...evidence(batch, now) }
  if (batch.finish) return { ...base, phase: 'finished' }
  const everFeltHot = everFound(batch, WARMTH).some(({ finding }) => finding === 'hot')
  const looked = sound.length > 0 || lastFound(batch, WARMTH) !== undefined
  const heated
    = everFeltHot
      || sound.some(one => one.coreC >= HEATED.hotC || one.coreC - surroundings.weather.ambientC(new Date(one.at)) >= HOT.wellAboveK)
      || (!looked && day > HOT.warmByDays)
  if (coreC >= HEATED.tooHotC) return { ...base, phase: 'too-hot' }
  if (coreC >= HEATED.hotC) return { ...base, phase: 'hot' }
  if (rises(sound, batch.turns.at(-1)?.at ?? '', now)) return { ...base, phase: 'warming' }
  const weekC = weekAround(now, surroundings)
  // What never heated rots cold, and is done one day all the same.
  if (!heated && coreC - ambientC <= HEATED.workingK && decayIsDone(batch, surroundings, day)) return { ...base, phase: 'curing' }
  // Whoever felt it warm is believed: it works, if it never gets hot.
  const worksFromK = base.feltAt ? HEATED.workingK : HOT.wellAboveK
  if (!heated) {
    const begun = day <= HOT.warmByDays || coreC - ambientC >= worksFromK
    return { ...base, phase: begun ? 'warming' : weekC < HOT.waitsBelowC ? 'waits' : 'stalled' }
  }
  // Beside the air of its days: one frost does not make a heap warm.
  if (coreC - weekC > HEATED.workingK) return { ...base, phase: 'cooling' }
  const raw = decayIsDone(batch, surroundings, day) ? undefined : rawPhase(looked, day, weekC)
  if (raw) return { ...base, phase: raw }
  return { ...base, phase: 'curing', coolSince: coolSince(sound, surroundings) }
}

/** What a cool heap is that has not rotted: never looked at, resting in the cold, or gone out before its time. Later it cures slowly. */
function rawPhase(looked: boolean, day: number, weekC: number): Phase | undefined {
  if (!looked) return 'unread'
  if (weekC < HOT.waitsBelowC) return 'waits'
  return day < HOT.diesBeforeDays ? 'died' : undefined
}

/** Whether it was read to rise since it was built or last turned: what rises is not cooling, however cool it is. */
function rises(sound: readonly { readonly at: string, readonly coreC: number }[], sinceAt: string, now: Date): boolean {
  const last = sound.at(-1)
  if (!last || last.at < sinceAt || daysBetween(last.at, now) > HOT.risesFor.days) return false
  const apart = new Date(Date.parse(last.at) - HOT.risesFor.apartDays * DAY_MS).toISOString()
  const one = sound.findLast(({ at }) => at <= apart)
  if (!one || one.at < sinceAt) return false
  if (sound.some(({ at, coreC }) => at >= sinceAt && at <= apart && coreC > last.coreC)) return false
  return last.coreC - one.coreC >= HOT.risesFor.kDay * daysBetween(one.at, last.at)
}

/** Mean of the air of the days before and after a moment, °C. */
function weekAround(now: Date, { weather: { ambientC } }: Surroundings): number {
  const { before, after } = HEATED.week
  const days = Array.from({ length: before + after + 1 }, (_, index) => ambientC(addDays(now, index - before)))
  return days.reduce((sum, celsius) => sum + celsius, 0) / days.length
}

function coolSince(sound: readonly { at: string, coreC: number }[], { weather: { ambientC } }: Surroundings): string | undefined {
  const lastWarm = sound.findLastIndex(({ at, coreC }) => coreC - ambientC(new Date(at)) > HEATED.workingK)
  return sound[lastWarm + 1]?.at
}

const LABELS: Readonly<Record<Phase, readonly [label: string, tone: Standing['tone']]>> = {
  'warming': ['Warming up', 'good'],
  'hot': ['Hot', 'good'],
  'too-hot': ['Too hot', 'bad'],
  'cooling': ['Cooling', 'good'],
  'curing': ['Curing', 'good'],
  'stalled': ['Not heating', 'bad'],
  'waits': ['Waits for warmth', 'mind'],
  'died': ['Gone cool, still raw', 'mind'],
  'unread': ['Not looked at', 'mind'],
  'finished': ['Finished', 'good'],
}

/** The standing in a word and a sentence, with the numbers it rests on. */
export function standingOf(batch: HeapLog, surroundings: Surroundings): Standing {
  const { phase, day, coreC, readAt, feltAt } = phaseNow(batch, surroundings)
  const [label, tone] = LABELS[phase]
  const temperature = quantityText('temperature', surroundings.units, coreC)
  const isFresh = readAt !== undefined && daysBetween(readAt, surroundings.now) < HOT.justReadDays
  const basis = readAt
    ? isFresh ? `core read at ${temperature}` : `core about ${temperature}, by the reading of ${dayText(readAt)}`
    : feltAt
      ? `felt by hand, about ${temperature}`
      : `core expected around ${temperature}`
  const sentence
    = phase === 'finished'
      ? 'It is over.'
      : phase === 'unread'
        ? `${ageText(batch, day)}, never read or felt. It may lie cool and raw: read it, or feel it by hand.`
        : phase === 'waits'
          ? `${ageText(batch, day)}, ${basis}. In such cold it rests: a jacket of straw, or a milder week, and it goes on.`
          : `${ageText(batch, day)}, ${basis}.`
  return { phase, label, sentence, tone, figure: temperature }
}
