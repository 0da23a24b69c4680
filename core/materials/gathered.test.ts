import { describe, expect, it } from 'vitest'
import { findMaterial, LIBRARY_BOOK } from './book'
import { gatheredCautions } from './gathered'

const of = (...ids: string[]) => ids.map(id => ({ material: findMaterial(id)! }))

describe('cautions gathered', () => {
  it('say each thing once, of all that it concerns', () => {
    expect(gatheredCautions(of('straw-wheat', 'straw-oat', 'cardboard'))).toEqual([
      'Straw and oat straw: may carry long-lasting weedkiller: ask where it grew, or try beans in it first.',
      'Torn card: no tape, labels, gloss or wax.',
    ])
    expect(gatheredCautions(of('straw-wheat', 'straw-wheat'))).toHaveLength(1)
    expect(gatheredCautions([])).toEqual([])
  })

  it('lose none, whatever lies there', () => {
    const said = gatheredCautions(LIBRARY_BOOK.all.map(material => ({ material }))).join(' ')
    for (const { cautions } of LIBRARY_BOOK.all) for (const caution of cautions) expect(said).toContain(caution)
  })
})
