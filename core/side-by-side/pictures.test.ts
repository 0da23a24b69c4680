import { describe, expect, it } from 'vitest'
import { firstAndLast, sameTime } from './pictures'

const photo = (day: number, name = `p${day}`) =>
  ({ eventId: name, photoId: name, caption: '', at: new Date(Date.UTC(2026, 3, day)).toISOString() })

describe('pictures beside each other', () => {
  it('are the first and the last of a batch, in whatever order they came', () => {
    expect(firstAndLast([photo(9), photo(2), photo(20)])).toMatchObject({ left: { photoId: 'p2' }, right: { photoId: 'p20' } })
    expect([firstAndLast([]), firstAndLast([photo(1)])]).toEqual([undefined, undefined])
  })
  it('are those of the same day of two batches, the later day where there are two', () => {
    const found = sameTime([photo(1, 'a1'), photo(8, 'a8'), photo(15, 'a15')], [photo(3, 'b3'), photo(8, 'b8'), photo(15, 'b15')])
    expect(found).toMatchObject({ left: { photoId: 'a15' }, right: { photoId: 'b15' } })
    expect(sameTime([photo(1, 'a')], [photo(30, 'b'), photo(4, 'c')])).toMatchObject({ right: { photoId: 'c' } })
    expect(sameTime([photo(1)], [])).toBeUndefined()
  })
})
