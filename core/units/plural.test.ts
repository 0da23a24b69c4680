import { describe, expect, it } from 'vitest'
import { counted, daysText } from './plural'

describe('a count with its word', () => {
  it('is one of one and more of anything else, with thousands grouped', () => {
    expect([0, 1, 2, 1500].map(count => counted(count, 'heap', 'heaps'))).toEqual(['0 heaps', '1 heap', '2 heaps', '1,500 heaps'])
    expect([0.4, 0.6, 1.4, 2].map(daysText)).toEqual(['0 days', '1 day', '1 day', '2 days'])
  })
})
