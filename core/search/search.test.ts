import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { finished } from '../../test/builders/batches'
import type { Findable } from './findable'
import { indexing } from './search'

const GARDEN: readonly Findable[] = [
  { id: 'b', kind: 'batch', title: 'Apple bay', says: 'Hot heap, under the apple tree', to: '/batch/b' },
  { id: 'e1', kind: 'log', title: 'Apple bay', says: 'Turned, 3 times so far.', to: '/batch/b?entry=e1', at: '2026-04-01' },
  { id: 'e2', kind: 'log', title: 'Apple bay', says: 'Turned, 4 times so far.', to: '/batch/b?entry=e2', at: '2026-04-09' },
  { id: 'm', kind: 'material', title: 'Crème of tartar', says: 'never a compost', to: '/materials/m' },
  { id: 'w', kind: 'word', title: 'Curing', says: 'It rests until worms move in.' },
]
const index = finished(indexing(GARDEN))
const ids = (text: string) => index.find(text).map(({ id }) => id)

describe('the search over a garden', () => {
  it('finds a thing before what was said of it, and the later of two entries first', () => {
    expect(ids('apple')).toEqual(['b', 'e2', 'e1'])
    expect(ids('turned')).toEqual(['e2', 'e1'])
  })
  it('finds what is the gardener\'s own before what is in the books', () => {
    const both = finished(indexing([
      { id: 'm', kind: 'material', title: 'Walnut leaves', says: '', words: 'leaves leaves' },
      { id: 'b', kind: 'batch', title: 'Leaves on the long bed', says: 'Mulch' },
    ]))
    expect(both.find('leaves').map(({ id }) => id)).toEqual(['b', 'm'])
  })
  it('takes beginnings, all words, accents and a slip of the finger', () => {
    expect(ids('app ba hot')).toEqual(['b'])
    expect(ids('creme')).toEqual(['m'])
    expect(ids('currng')).toEqual(['w'])
    expect(ids('apple curing')).toEqual([])
  })
  it('finds nothing for nothing', () => {
    expect(ids('')).toEqual([])
    expect(ids('   ')).toEqual([])
  })
  it('finds everything by the words of its own title, and knows each thing once', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.stringMatching(/^[a-z]{3,9}$/), fc.stringMatching(/^[a-z]{3,9}$/)), { maxLength: 20 }), (names) => {
        const all = names.map(([a, b], at): Findable => ({ id: `i${at}`, kind: 'batch', title: `${a} ${b}`, says: '' }))
        const made = finished(indexing([...all, ...all]))
        expect(made.size).toBe(all.length)
        for (const one of all) expect(made.find(one.title).map(({ id }) => id)).toContain(one.id)
      }))
  })
})
