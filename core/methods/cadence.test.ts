import { describe, expect, it } from 'vitest'
import { aroundOn, begun, did, input, seen } from '../../test/builders/batches'
import { bay, bin, tower } from '../../test/builders/fed'
import { SACK } from '../../test/builders/heaps'
import type { BegunBatch } from '../journal/garden'
import { completed } from '../questions/question'
import { daysBetween } from '../units/time'
import { findMethod } from '.'
import { sitesFor } from './contract'

/** A batch of a method in its first site, with sacks of one thing. */
function plain(methodId: string, approachId: string, materialId: string): BegunBatch {
  const { plan } = findMethod(methodId)!
  return begun({
    methodId, approachId, site: sitesFor({ plan }, approachId)[0]!, answers: completed(plan.asks(approachId), {}),
    inputs: [input(materialId, 10, SACK)], waterL: 60,
  })
}

/** Tasks of a batch by their action: the day they are due, the day they end, and how urgent they are. */
function asked(batch: BegunBatch, day: number): Record<string, string> {
  const tasks = findMethod(batch.began.methodId)!.life.tasks(batch, aroundOn(day))
  const dayOf = (date: Date) => Math.floor(daysBetween(batch.began.at, date) + 1e-9)
  return Object.fromEntries(tasks.map(({ action, due, until, urgency }) => [action, `${dayOf(due)} to ${dayOf(until)} ${urgency}`]))
}

/** When a method asks for what: days from the beginning, as its keepers do it. */
describe('what is asked, and when', () => {
  it.each<readonly [string, BegunBatch, number, Record<string, string>]>([
    // Fed at once, within a week; looked at a week after the first feed (day 3); felt every three weeks.
    ['worms on their first day', bin(0), 0, { fed: '0 to 6 usual', squeeze: '21 to 35 whenever' }],
    ['worms a week on', bin(8), 8, { left: '10 to 20 whenever' }],
    ['worms looked at on day 12 and felt on day 14', bin(30, {}, [seen(12, 'left', 'little'), seen(14, 'squeeze', 'right')]), 30,
      { left: '19 to 29 whenever', squeeze: '35 to 49 whenever' }],
    ['bedding without worms', bin(2, { grams: 0 }), 2, { 'worms-in': '2 to 16 usual' }],
    // A caddy a week; a look every fortnight, nose and hand every four weeks.
    ['a bay on its first day', bay(0), 0, {
      fed: '0 to 7 usual', look: '14 to 28 whenever', smell: '28 to 42 whenever', squeeze: '28 to 42 whenever',
    }],
    ['a bay looked at on day 52, felt on day 50', bay(60, {}, [seen(50, 'squeeze', 'right'), seen(52, 'look', 'layers')]), 60,
      { look: '66 to 80 whenever', squeeze: '78 to 92 whenever', smell: '28 to 42 whenever' }],
    // Pipes come out on the first or second day; felt every fortnight, looked at every six weeks.
    ['a tower just loaded', tower(), 0.5, {
      'pipes-out': '1 to 3 usual', 'squeeze': '14 to 24 whenever', 'look': '45 to 66 whenever', 'height': '14 to 44 whenever',
    }],
    ['a tower without its pipes', tower([did(2, 'pipes-out')]), 3, { heat: '2 to 7 usual' }],
    ['a tower after three weeks: warmth is not asked for later', tower([did(2, 'pipes-out')]), 20, { heat: '3 to 8 usual' }],
    ['a tower after two months, cool', tower([did(2, 'pipes-out')]), 60, { 'worms-in': '60 to 90 whenever' }],
    // Filled up after three weeks, six and a half at most; looked at a quarter of a year after that; felt every six weeks when it is warm.
    ['a cage just filled', plain('leafmould', 'cage', 'leaves-mixed'), 0, { filled: '21 to 66 usual', look: '135 to 165 whenever' }],
    ['a cage in its first summer', plain('leafmould', 'cage', 'leaves-mixed'), 300, { squeeze: '42 to 63 whenever' }],
    // Looked at every two months; a can when nothing wetted it for nearly three.
    ['turves just stacked', plain('turf-stack', 'covered', 'turf'), 0, { grass: '60 to 90 whenever', watered: '85 to 115 whenever' }],
    // Under a corner after two weeks; torn card for threads within a week of that.
    ['a sheet just laid', plain('card-sheet', 'lawn', 'cardboard'), 0, { below: '14 to 35 whenever', card: '10 to 30 whenever' }],
    ['torn card', plain('card-sheet', 'torn', 'cardboard'), 0, { below: '14 to 21 whenever' }],
  ])('%s', (_, batch, day, wanted) => expect(asked(batch, day)).toMatchObject(wanted))
})
