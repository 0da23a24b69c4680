import { describe, expect, it } from 'vitest'
import { readEvent } from '../journal/event'
import { hasBegun } from '../journal/garden'
import { openJournal } from '../journal/journal'
import { findMethod } from '../methods'
import { tryOut } from '../trial/trial'
import { longGarden } from './long-garden'

const now = new Date('2026-06-20T10:00:00.000Z')

describe('a garden of many years', () => {
  it('of twenty has about 600 batches, 36,000 entries and 2,000 pictures, 40 of them standing', () => {
    const { events } = longGarden({ years: 20, now })
    const { garden, leftOut } = openJournal(events)
    const batches = [...garden.batches.values()].filter(hasBegun)
    expect(batches).toHaveLength(600)
    expect(batches.filter(({ ended }) => !ended)).toHaveLength(40)
    expect(events.length).toBeGreaterThan(34_000)
    expect(events.length).toBeLessThan(40_000)
    expect(batches.reduce((sum, { photos }) => sum + photos.length, 0)).toBeGreaterThan(1800)
    expect(leftOut.size).toBe(0)
  })

  it('is the same for the same wish, another for another seed, and all of it can be', () => {
    const wish = { years: 1, now, standing: 6 }
    const { events, documents } = longGarden(wish)
    expect(longGarden(wish).events).toEqual(events)
    expect(longGarden({ ...wish, seed: 3 }).events).not.toEqual(events)
    for (const event of events) expect(readEvent(event).ok, JSON.stringify(event)).toBe(true)
    const trial = tryOut(events, documents, now, undefined, () => 0)
    let step = trial.next()
    while (!step.done) step = trial.next()
    expect(step.value.leftOut.size).toBe(0)
    for (const batch of openJournal(events).garden.batches.values())
      expect(hasBegun(batch) ? findMethod(batch.began.methodId) : undefined).toBeDefined()
  })
})
