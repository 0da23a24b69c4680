import { describe, expect, it } from 'vitest'
import { BUCKET, GOOD_HEAP, heap, onDay, reading, turned } from '../../test/builders/heaps'
import type { NewEvent } from '../journal/event'
import { heatLog, heatLogWords } from './heat-log'
import { heapLogOf } from '../methods/heated/heap-log'

const both = (day: number, coreC: number, edgeC: number): NewEvent => ({
  kind: 'reading', at: onDay(day), batchId: 'heap', coreC, edgeC, source: 'hand',
})
const words = (since: readonly NewEvent[]) => heatLogWords(heatLog(heap(GOOD_HEAP, since)), 'metric')

describe('days at 55 °C', () => {
  it('count between two hot readings, a day and a half apart at most, and not across a cool one', () => {
    expect(heatLog(heap(GOOD_HEAP, [reading(2, 55), reading(3.5, 58)]))).toMatchObject({ longestDays: 1.5, totalDays: 1.5 })
    expect(heatLog(heap(GOOD_HEAP, [reading(2, 55), reading(3.7, 58)]))).toMatchObject({ longestDays: 0, totalDays: 0 })
    expect(
      heatLog(heap(GOOD_HEAP, [reading(2, 58), reading(3, 58), reading(4, 54.9), reading(5, 58), reading(6, 58), reading(7, 58)])),
    ).toMatchObject({ longestDays: 2, totalDays: 3 })
  })

  it('count turns from the first hot reading on, that moment included', () => {
    expect(heatLog(heap(GOOD_HEAP, [turned(1), reading(2, 56), turned(2), turned(5)]))).toMatchObject({ turnsAfter: 2, firstAt: onDay(2) })
    expect(heatLog(heap(GOOD_HEAP, [turned(1), reading(2, 50)]))).toMatchObject({ turnsAfter: 0 })
  })

  it('are told by half days, by days from ten on, and the edge beside the core', () => {
    expect(words([both(1, 60, 40), both(1.2, 60, 40)])[0]).toBe(
      'At 55 °C or more in the core for less than half a day at a stretch, less than half a day in all; a hand\'s breadth in: never read '
      + 'so hot.',
    )
    expect(words([both(1, 60, 55), both(2, 60, 56), both(3.3, 60, 30)])[0]).toMatch(
      /core for 2\.5 days at a stretch, 2\.5 days in all; a hand's breadth in: 1 day\./,
    )
    expect(words(Array.from({ length: 12 }, (_, day) => both(day, 60, 20)))[0]).toMatch(/for 11 days at a stretch/)
    expect(words([reading(1, 60), reading(2, 60), reading(3, 60), reading(4, 60), turned(5), turned(6)]).join(' ')).toMatch(
      /Turned 2 times since.*certifies nothing/,
    )
    expect(words([reading(1, 60), reading(2, 60), reading(3, 60)]).join(' ')).toMatch(/Not turned since.*falls short/)
  })
})

describe('a batch as a heap', () => {
  const log = heapLogOf(
    heap(GOOD_HEAP, [
      both(1, 50, 30), reading(2, 55), { kind: 'watered', at: onDay(3), batchId: 'heap', litres: 20 },
      {
        kind: 'put', at: onDay(4), batchId: 'heap', waterL: 0,
        inputs: [{ role: 'feed', materialId: 'kitchen-veg', draws: [], amount: { count: 1, container: BUCKET, packing: 'loose' } }],
      },
      { kind: 'finished', at: onDay(60), batchId: 'heap', heightM: 0.5, products: [] },
    ]),
  )

  it('takes core and edge of one reading together, water apart from stuff, and the end with its height', () => {
    expect(log.readings.map(({ coreC, edgeC }) => [coreC, edgeC])).toEqual([
      [50, 30], [55, undefined],
    ])
    expect(log.waterings).toEqual([{ at: onDay(3), litres: 20 }])
    expect(log.additions.map(({ at, ingredient }) => [at, ingredient.materialId])).toEqual([[onDay(4), 'kitchen-veg']])
    expect(log.built.waterL).toBe(40)
    expect(log.finish).toEqual({ at: onDay(60), heightM: 0.5, products: [] })
  })

  it('is made once for each state of the batch', () => {
    expect(heapLogOf(log)).toBe(log)
  })
})
