import { addDays } from 'date-fns'
import { describe, expect, it } from 'vitest'
import type { GardenEvent, NewEvent } from '../journal/event'
import { hasBegun, type BegunBatch } from '../journal/garden'
import { foldGarden, openJournal } from '../journal/journal'
import { findMethod } from '../methods'
import { aroundOn, finished } from '../../test/builders/batches'
import { BUCKET } from '../../test/builders/heaps'
import { askedOf } from '../garden/round'
import { asUsual } from './as-usual'
import { lookFirst, pilesUp, spreadOut } from './first'
import { gapBefore } from './gap'

const START = new Date('2026-04-01T10:00:00.000Z')
const on = (day: number) => addDays(START, day).toISOString()
const slow = findMethod('slow-heap')!
const fed = (day: number): NewEvent => ({
  kind: 'put', at: on(day), batchId: 'b', waterL: 0,
  inputs: [
    { role: 'feed', materialId: 'kitchen-veg', amount: { count: 1, container: BUCKET, packing: 'loose' }, draws: [] },
    { role: 'cover', materialId: 'leaves-mixed', amount: { count: 1, container: BUCKET, packing: 'loose' }, draws: [] },
  ],
})
const EVENTS: readonly NewEvent[] = [
  {
    kind: 'began', at: on(0), batchId: 'b', name: 'Bay', place: '', methodId: 'slow-heap', approachId: slow.face.approaches[0]!.id,
    site: slow.plan.sites[0]!, answers: {}, inputs: [], waterL: 0,
  },
  fed(2), fed(9), fed(16), { kind: 'foretold', at: on(60), batchId: 'b', windows: {} },
]
const written = (all: readonly NewEvent[]): GardenEvent[] =>
  all.map((event, index) => ({ ...event, id: `e${index}`, by: 'test', recordedAt: event.at }) as GardenEvent)
const GARDEN = written(EVENTS)
const batch = foldGarden(GARDEN).batches.get('b')!
if (!hasBegun(batch)) throw new Error('it did not begin')
const standing: readonly BegunBatch[] = [batch]
const aroundAt = (day: number) => ({ ...aroundOn(0), now: new Date(on(day)) })

describe('a gap', () => {
  it('is counted from the last thing that a gardener wrote down', () => {
    expect(gapBefore(openJournal(GARDEN), standing, new Date(on(116)))).toEqual({ since: new Date(on(16)), days: 100 })
  })

  it('is there again when what was written down since is taken back', () => {
    const back = [...GARDEN, ...written([fed(110)]).map(one => ({ ...one, id: 'late' }))]
    expect(gapBefore(openJournal(back), standing, new Date(on(116)))).toBeUndefined()
    const undone = { kind: 'undone', id: 'u', at: on(115), recordedAt: on(115), by: 'test', targetId: 'late' } as const
    expect(gapBefore(openJournal([...back, undone]), standing, new Date(on(116)))?.days).toBe(100)
  })

  it('is none within a fortnight, nor for what began since', () => {
    expect(gapBefore(openJournal(GARDEN), standing, new Date(on(29)))).toBeUndefined()
    const younger = [{ ...batch, began: { ...batch.began, at: on(20) } }]
    expect(gapBefore(openJournal(GARDEN), younger, new Date(on(116)))).toBeUndefined()
    expect(gapBefore(openJournal([]), [], new Date(on(116)))).toBeUndefined()
  })
})

describe('all as usual', () => {
  const gap = gapBefore(openJournal(GARDEN), standing, new Date(on(116)))!
  const events = finished(asUsual({ batch, method: slow, events: GARDEN }, gap, aroundAt(116)))

  it('feeds on about weekly, as it was fed, and finds nothing', () => {
    const puts = events.filter(({ kind }) => kind === 'put')
    // 100 days are fourteen weeks; it was fed every seven days.
    expect(puts.length).toBeGreaterThanOrEqual(11)
    expect(puts.length).toBeLessThanOrEqual(14)
    expect(events.every(({ kind }) => kind === 'put' || kind === 'did')).toBe(true)
    for (const { at } of events) {
      expect(at > on(16) && at <= on(116)).toBe(true)
    }
  })

  it('leaves alone what was never done', () => {
    const bare = written(EVENTS.slice(0, 1))
    const only = foldGarden(bare).batches.get('b') as BegunBatch
    expect(finished(asUsual({ batch: only, method: slow, events: bare }, gap, aroundAt(116)))).toEqual([])
  })
})

describe('what piled up', () => {
  const around = aroundAt(116)
  const tasks = ['a', 'b', 'c'].flatMap(id =>
    askedOf({ ...batch, id }, slow, around).map(task => ({ ...task, id: `${id}.${task.action}`, batchId: id })),
  ).filter(({ due }) => due <= around.now)
  const first = lookFirst(tasks, () => slow)

  it('begins with one thing a batch, a look where there is one', () => {
    expect(first.map(({ batchId }) => batchId).sort()).toEqual(['a', 'b', 'c'])
    for (const { doing } of first) expect(doing.kind === 'pad' && ['squeeze', 'smell', 'look', 'height'].includes(doing.pad)).toBe(true)
  })

  it('needs no catching up while it is no more than a day asks for', () => {
    expect(pilesUp(tasks.slice(0, 4))).toBe(false)
    expect(pilesUp(tasks.slice(0, 5))).toBe(true)
  })

  it('comes a few a day on the days ahead, all of it', () => {
    const put = spreadOut(tasks, first, around.now)
    expect(put).toHaveLength(tasks.filter(task => task.urgency !== 'now' && !first.includes(task)).length)
    const days = put.map(one => one.kind === 'put-off' ? one.until.slice(0, 10) : '')
    for (const day of new Set(days)) expect(days.filter(one => one === day).length).toBeLessThanOrEqual(4)
  })
})
