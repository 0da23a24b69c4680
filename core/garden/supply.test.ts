import { describe, expect, it } from 'vitest'
import { BUCKET } from '../../test/builders/heaps'
import { writeDocument } from '../journal/document'
import type { GardenEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { LIBRARY_BOOK } from '../materials/book'
import { SUPPLY_KIND, supplies, supplyDocumentId } from './supply'

const now = new Date('2026-10-30T08:00:00.000Z')
const gathered = (days: readonly string[], count = 1) => foldGarden(days.map((day, index): GardenEvent => ({
  kind: 'stocked',
  id: `l${index}`,
  at: `2026-10-${day}T08:00:00.000Z`,
  recordedAt: `2026-10-${day}T08:00:00.000Z`,
  by: 'phone',
  materialId: 'kitchen-veg',
  source: '',
  amount: { count, container: BUCKET, packing: 'loose' },
})))
const said = (litresAWeek: number) =>
  writeDocument(
    undefined, supplyDocumentId('kitchen-veg'), SUPPLY_KIND, { materialId: 'kitchen-veg', litresAWeek }, now.toISOString(), 'phone',
  )
const scraps = (...args: Parameters<typeof supplies>) => supplies(...args).find(({ materialId }) => materialId === 'kitchen-veg')

describe('what comes in by the week', () => {
  it('is what is usual while nothing is known, for as long as it keeps, at least a week', () => {
    expect(scraps([], gathered([]), now, LIBRARY_BOOK)).toEqual({
      materialId: 'kitchen-veg', litresAWeek: 10, from: 'usual', obtainableL: 10,
    })
  })

  it('is learned from the store once there is enough of it', () => {
    // Four buckets in 28 days: 48 L in four weeks.
    expect(scraps([], gathered(['02', '09', '16', '23']), now, LIBRARY_BOOK)).toMatchObject({ litresAWeek: 12, from: 'store' })
    expect(scraps([], gathered(['02', '09']), now, LIBRARY_BOOK)?.from).toBe('usual')
    expect(scraps([], gathered(['24', '26', '28']), now, LIBRARY_BOOK)?.from).toBe('usual')
  })

  it('is what was said before all else, for anything that was said', () => {
    expect(scraps([said(25)], gathered(['02', '09', '16', '23']), now, LIBRARY_BOOK)).toMatchObject({
      litresAWeek: 25, from: 'said', obtainableL: 25,
    })
    const grass = writeDocument(
      undefined, supplyDocumentId('grass-clippings'), SUPPLY_KIND, { materialId: 'grass-clippings', litresAWeek: 90 },
      now.toISOString(), 'phone',
    )
    expect(supplies([grass], gathered([]), now, LIBRARY_BOOK).find(({ materialId }) => materialId === 'grass-clippings')).toMatchObject({
      litresAWeek: 90, from: 'said',
    })
    // What cannot be read is as if it was never said.
    const damaged = writeDocument(
      undefined, supplyDocumentId('kitchen-veg'), SUPPLY_KIND, { materialId: 'kitchen-veg', litresAWeek: -4 }, now.toISOString(),
      'phone',
    )
    expect(scraps([damaged], gathered([]), now, LIBRARY_BOOK)?.from).toBe('usual')
  })
})
