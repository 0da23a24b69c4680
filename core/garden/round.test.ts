import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, onDay, reading, surroundingsOn } from '../../test/builders/heaps'
import type { NewEvent } from '../journal/event'
import { hotHeap } from '../methods/hot-heap'
import { LIBRARY_BOOK } from '../materials/book'
import { STARTING_CONTAINERS } from '../units/container'
import { askedOf, inRoundOrder, putOffName, putOffUntil } from './round'
import { sparesOf } from './spares'

const off = (day: number, until: number, why?: string): NewEvent => ({
  kind: 'put-off', at: onDay(day), batchId: 'heap', task: 'reading', until: onDay(until),
  ...(why ? { why } : {}),
})
const asked = (events: readonly NewEvent[], day: number) =>
  askedOf(heap(GOOD_HEAP, [reading(1, 40), ...events]), hotHeap, surroundingsOn(day)).find(({ action }) => action === 'reading')

describe('putting off', () => {
  it('moves a task to its day, and it is there again then', () => {
    expect(asked([], 3)).toMatchObject({ putOff: false })
    expect(asked([off(3, 4)], 3.1)?.due.toISOString()).toBe(onDay(4))
    expect(asked([off(3, 4)], 4.1)).toMatchObject({ putOff: false })
  })

  it('with a reason takes it away until its time is over, not for ever', () => {
    expect(asked([off(3, 5, 'away')], 4)).toBeUndefined()
    expect(asked([off(3, 5, 'away')], 5.1)).toBeDefined()
  })

  it('never hides the urgent form of a task, which waits a day at most', () => {
    const skipped: NewEvent = { kind: 'put-off', at: onDay(3), batchId: 'heap', task: 'turned', until: onDay(9), why: 'away' }
    const turn = (core: number) =>
      askedOf(heap(GOOD_HEAP, [reading(2, 66), skipped, reading(4, core)]), hotHeap, surroundingsOn(4.1)).find(
        ({ action }) => action === 'turned',
      )
    expect(turn(71)).toMatchObject({ title: 'Turn it now', urgency: 'now' })
    expect(putOffName(turn(71)!)).toBe('turned.now')
    expect(putOffUntil(turn(71)!, new Date(onDay(4)), true).toISOString()).toBe(onDay(5))
  })

  it('till tomorrow, or till the window of the task is over', () => {
    const task = asked([], 3)!
    const now = new Date(onDay(3))
    expect(putOffUntil(task, now, false).toISOString()).toBe(onDay(4))
    expect(putOffUntil({ ...task, until: new Date(onDay(9)) }, now, true).toISOString()).toBe(onDay(9))
    expect(putOffUntil({ ...task, until: new Date(onDay(2)) }, now, true).toISOString()).toBe(onDay(6))
  })
})

describe('the order of the round', () => {
  const task = (place: string, urgency: 'now' | 'usual' | 'whenever', day: number) => ({
    place, urgency, due: new Date(onDay(day)), batchId: place,
  })
  const names = (tasks: readonly ReturnType<typeof task>[]) => inRoundOrder(tasks).map(({ place, urgency }) => `${place} ${urgency}`)

  it('is what is urgent first, then place by place without walking back', () => {
    expect(
      names([
        task('shed', 'usual', 3), task('wall', 'usual', 1), task('shed', 'whenever', 0), task('plum', 'now', 2),
        task('wall', 'whenever', 5),
      ]),
    ).toEqual(['plum now', 'wall usual', 'wall whenever', 'shed usual', 'shed whenever'])
  })

  it('goes on at the place where something urgent was done', () => {
    expect(names([task('wall', 'usual', 1), task('plum', 'now', 2), task('plum', 'usual', 4)])).toEqual([
      'plum now', 'plum usual', 'wall usual',
    ])
  })
})

describe('what the store can spare', () => {
  it('is each kind once with all of its lots, and what is easy to get after it', () => {
    const grass = LIBRARY_BOOK.find('grass-clippings')!
    const bucket = STARTING_CONTAINERS.metric[0]!
    const lot = (count: number, volumeL: number) =>
      ({
        material: grass, leftCount: count, lot: { container: { ...bucket, volumeL }, packing: 'loose' }, keeping: { daysLeft: 1 },
      }) as never
    const spares = sparesOf([lot(2, bucket.volumeL), lot(1, 2 * bucket.volumeL)], id => LIBRARY_BOOK.find(id), STARTING_CONTAINERS.metric)
    expect(spares[0]).toMatchObject({ count: 4 })
    expect(spares.filter(({ material }) => material === grass)).toHaveLength(1)
    expect(spares.slice(1).every(({ count }) => count === 0)).toBe(true)
    // What is past its best is not offered, and droppings that nobody keeps are not taken for easy to get.
    const spoilt = { ...lot(3, bucket.volumeL) as object, keeping: { daysLeft: -1 } } as never
    expect(sparesOf([spoilt], id => LIBRARY_BOOK.find(id), STARTING_CONTAINERS.metric).every(({ count }) => count === 0)).toBe(true)
    expect(spares.some(({ material }) => material.family === 'manure')).toBe(false)
  })
})
