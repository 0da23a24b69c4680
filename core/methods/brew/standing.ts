import type { BegunBatch } from '../../journal/garden'
import { amountVolumeL } from '../../units/container'
import { daysBetween, HOUR_MS } from '../../units/time'
import { quantityText } from '../../units/format'
import { lastFound, placeOf, type Standing, type Surroundings } from '../contract'
import { middleCourse } from './forecast'
import { kindOf, type BrewKind } from './kinds'
import { AIR, SMELL, STANDS } from './words'
import { dayAt } from './course'
import { BREW } from './constants'

/** Where a brew is on its way, 1 at its height. */
export function progressOf(batch: BegunBatch, surroundings: Surroundings): number {
  const { question, course } = middleCourse(batch, surroundings)
  const at = course.days.findIndex(day => day >= question.nowDay - 1e-9)
  return course.progress[at < 0 ? course.progress.length - 1 : at] ?? 0
}

/** Parts of water to one of it, as it stands now: past its height it is given thinner. */
export function partsNow(batch: BegunBatch, surroundings: Surroundings): BrewKind['parts'] {
  const { parts, use } = kindOf(batch.began.approachId)
  const times = progressOf(batch, surroundings) > use.until ? BREW.pastTimes : 1
  return { low: Math.round(parts.low * times), usual: Math.round(parts.usual * times), high: Math.round(parts.high * times) }
}

/** Whether it was found foul, of a kind that does not stink by nature. */
export function isFoul(batch: BegunBatch): boolean {
  const smelt = lastFound(batch, SMELL)
  return smelt?.finding === 'rotten' || (smelt?.finding === 'stinks' && !kindOf(batch.began.approachId).stinks)
}

/** Whether the air is on, of a kind that needs it: from the start until it was said to be off. */
export function airIsOn({ did, began }: BegunBatch): boolean {
  return kindOf(began.approachId).aired && did.findLast(({ deed }) => deed === AIR)?.answers.state !== 'off'
}

/** Litres that are left to give. */
export function leftL({ puts, uses, takings, ended }: BegunBatch): number {
  if (ended) return 0
  const inL = puts.reduce((sum, { waterL }) => sum + waterL, 0)
  const liquidOut = takings
    .flatMap(({ products }) => products)
    .filter(({ materialId }) => materialId !== 'brew-solids')
    .reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
  return Math.max(0, inL - uses.reduce((sum, { litres }) => sum + litres, 0) - liquidOut)
}

const since = (days: number) => days < 1.5 ? `${Math.max(0, Math.round(days * 24))} hours` : `Day ${Math.floor(days)}`

/** Where a brew stands. */
export function standingOf(batch: BegunBatch, surroundings: Surroundings): Standing {
  if (batch.ended) return { phase: 'ended', label: 'Taken out', sentence: 'Used up or poured on the heap.', tone: 'good' }
  const kind = kindOf(batch.began.approachId)
  const { question, course } = middleCourse(batch, surroundings)
  const progress = progressOf(batch, surroundings)
  const days = question.nowDay
  const liquidC = course.liquidC[Math.max(0, course.days.findIndex(day => day >= days - 1e-9))] ?? 0
  const toGo = dayAt(course, 1) - days
  const place = placeOf(batch.began.answers[STANDS]).label.toLowerCase()
  const figure = since(days).toLowerCase()
  const sentence = `${since(days)} ${place}, about ${quantityText('temperature', surroundings.units, liquidC)} in it; `
    + `${quantityText('volume', surroundings.units, leftL(batch), 1)} left.`
  if (isFoul(batch))
    return { phase: 'foul', label: 'Foul', sentence: `${sentence} Onto the heap with it, not onto beds.`, figure, tone: 'bad' }
  const airOff = kind.aired ? batch.did.findLast(({ deed, answers }) => deed === AIR && answers.state === 'off') : undefined
  if (airOff && !airIsOn(batch) && surroundings.now.getTime() - Date.parse(airOff.at) > BREW.airlessHours * HOUR_MS)
    return {
      phase: 'flat', label: 'Without air too long', sentence: `${sentence} Without air it turns within hours: onto the heap with it.`,
      figure, tone: 'bad',
    }
  if (progress < 0.25) return { phase: 'resting', label: 'Just begun', sentence, figure, tone: 'good' }
  if (progress < kind.use.from)
    return {
      phase: 'working', label: kind.foamM ? 'Foam rising' : 'Working',
      sentence: `${sentence} About ${toGo < 1.5 ? `${Math.max(1, Math.round(toGo * 24))} hours` : `${Math.round(toGo)} days`} to go.`,
      figure, tone: 'good',
    }
  if (progress <= kind.use.until)
    return { phase: 'ready', label: kind.strained ? 'Ready to strain and use' : 'At its best: use it', sentence, figure, tone: 'good' }
  return {
    phase: 'past', label: 'Past its best',
    sentence: `${sentence} ${kind.aired ? 'Pour it on the heap.' : `Still a feed, thinner: 1 to ${partsNow(batch, surroundings).usual}.`}`,
    figure,
    tone: 'mind',
  }
}

/** Days since it began. */
export const dayOf = (batch: BegunBatch, surroundings: Surroundings) => Math.max(0, daysBetween(batch.began.at, surroundings.now))
