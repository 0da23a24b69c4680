import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { GardenDocument } from '../journal/document'
import type { BegunBatch } from '../journal/garden'
import { emptyBatch } from '../journal/amend'
import { VESSEL_PRESETS } from '../vessel/presets'
import { frontWidthM } from '../vessel/vessel'
import { spotDocument, yardOf, yardSize, YARD_M } from './yard'

const NOW = new Date('2026-11-26T10:00:00.000Z')
const batch = (id: string, place: string, endedAt?: string): BegunBatch => ({
  ...emptyBatch(id), name: `Heap ${id}`, place,
  began: {
    at: '2026-05-01T10:00:00.000Z', methodId: 'm', approachId: 'a', site: { kind: 'vessel', vessel: VESSEL_PRESETS[0]! }, answers: {},
  },
  ...(endedAt ? { ended: { at: endedAt } } : {}),
} as BegunBatch)
const kept = (key: string, xM: number, yM: number): GardenDocument => {
  const { id, kind, values } = spotDocument(key, { xM, yM })
  return {
    id, kind,
    fields: Object.fromEntries(
      Object.entries(values).map(([name, value]) => [name, { value, at: '2026-05-01T10:00:00.000Z', by: 'phone' }]),
    ),
  } as unknown as GardenDocument
}

describe('the yard', () => {
  it('puts what was never placed into rows, beside and never on each other', () => {
    fc.assert(fc.property(fc.integer({ min: 1, max: 40 }), (count) => {
      const places = yardOf(Array.from({ length: count }, (_, index) => batch(`b${index}`, `place ${index}`)), [], [], NOW)
      for (const [index, one] of places.entries()) {
        for (const other of places.slice(index + 1)) {
          expect(one.yM !== other.yM || one.xM + frontWidthM(one.vessel) <= other.xM).toBe(true)
        }
      }
    }))
  })

  it('keeps what was dragged where it was dropped, and two at one place beside each other', () => {
    const places = yardOf([batch('a', 'By the wall'), batch('b', 'By the wall')], [], [kept('by-the-wall', 3.5, 1.25)], NOW)
    expect(places.map(({ key, xM, yM }) => [key, xM, yM])).toEqual([['by-the-wall', 3.5, 1.25], ['by-the-wall-2', 2.2, 0]])
  })

  it('moves nothing else when one is moved', () => {
    const batches = ['a', 'b', 'c', 'd'].map(id => batch(id, `place ${id}`))
    const before = yardOf(batches, [], [], NOW)
    const after = yardOf(batches, [], [kept('place-b', 8, 3)], NOW)
    expect(after.filter(({ key }) => key !== 'place-b')).toEqual(before.filter(({ key }) => key !== 'place-b'))
  })

  it('shows a bay as free when the last that stood there is over, for three years', () => {
    const names = (ended: readonly BegunBatch[], standing: readonly BegunBatch[] = []) =>
      yardOf(standing, ended, [], NOW)
        .filter(one => !one.batch)
        .map(({ name }) => name)
    expect(names([batch('a', 'Left bay', '2026-08-01T10:00:00.000Z')])).toEqual(['Left bay'])
    expect(names([batch('a', 'Left bay', '2026-08-01T10:00:00.000Z')], [batch('b', 'left BAY')])).toEqual([])
    expect(names([batch('a', 'Left bay', '2023-10-01T10:00:00.000Z')])).toEqual([])
    // Without a place nobody knows where it was.
    expect(names([batch('a', '', '2026-08-01T10:00:00.000Z')])).toEqual([])
  })

  it('keeps a spot within the yard and to the centimetre', () => {
    expect(spotDocument('k', { xM: -1, yM: 1.23456 }).values).toEqual({ xM: 0, yM: 1.23 })
    expect(spotDocument('k', { xM: 1e9, yM: 0 }).values.xM).toBe(YARD_M)
    expect(yardSize([]).widthM).toBeGreaterThan(0)
  })
})
