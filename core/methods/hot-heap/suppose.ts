import { daysText } from '../../units/plural'
import { quantityText } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Supposed, Supposing, Surroundings, WhatIf } from '../contract'
import { expectedAt, type ExpectedDay, type HeapSupposed } from '../heated/expected'
import { heapLogOf, type HeapLog } from '../heated/heap-log'
import { TURNED } from '../heated/words'
import { expectCourse, suppose } from './expect'
import { chartDays, chartPoint } from './look'
import { HOT } from './constants'

function asHeap(supposed: readonly Supposed[]): HeapSupposed[] {
  return supposed.flatMap((one): HeapSupposed[] => one.kind === 'deed' ? one.deed === TURNED ? [{ kind: 'turn', at: one.at }] : [] : [one])
}

function wordsOf(surroundings: Surroundings, withC: number, withoutC: number, shiftDays: number): string {
  const degrees = (value: number) => quantityText('temperature', surroundings.units, value)
  const heat
    = Math.abs(withC - withoutC) < HOT.hardlyK
      ? 'Hardly any difference in heat.'
      : `At the warmest ${degrees(withC)} in the next two weeks, against ${degrees(withoutC)}.`
  const ready
    = Math.abs(shiftDays) < 1
      ? 'Ready at about the same time.'
      : `Ready about ${daysText(Math.abs(shiftDays))} ${shiftDays < 0 ? 'sooner' : 'later'}.`
  return `${heat} ${ready}`
}

/** The difference that something makes to one heap, laid on what is expected now. */
function whatIf(log: HeapLog, surroundings: Surroundings, supposed: readonly Supposed[]): WhatIf | undefined {
  const last = chartDays(log, surroundings)
  const nowDay = daysBetween(log.built.at, surroundings.now)
  const change = suppose(log, surroundings, last, asHeap(supposed))
  if (!change) return undefined
  const course = expectCourse(log, surroundings, last)
  const changed = change.changed.filter(({ day }) => day >= nowDay - 0.3).map((one): ExpectedDay => {
    const without = expectedAt(change.present, one.day) ?? one
    const shown = expectedAt(course, one.day) ?? one
    const core = shown.coreC.typical + one.coreC.typical - without.coreC.typical
    return { ...one, coreC: { low: core, typical: core, high: core } }
  })
  const warmest = (days: readonly ExpectedDay[]) =>
    days
      .filter(({ day }) => day > nowDay + 0.4 && day < nowDay + HOT.supposeDays)
      .reduce((top, { coreC }) => Math.max(top, coreC.typical), -Infinity)
  return {
    line: changed.map(one => chartPoint(log, one)),
    words: wordsOf(surroundings, warmest(changed), warmest(course), Math.round(change.readyShiftDays)),
  }
}

/** What if I turn it, wet it, work something in? */
export const supposing: Supposing = {
  deed: TURNED, label: 'I turn it',
  suppose: (batch, surroundings, supposed) => whatIf(heapLogOf(batch), surroundings, supposed),
}
