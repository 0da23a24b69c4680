import { describe, expect, it } from 'vitest'
import { adviceFor } from './advice'
import { findMaterial } from './book'
import { LIBRARY } from './library'

const ids = (id: string) => adviceFor(findMaterial(id)!).map(advice => advice.id)

describe('advice about a material', () => {
  it('stands where it matters', () => {
    expect(ids('hay-grass')).toContain('bean-test')
    expect(ids('horse-manure-straw')).toEqual(expect.arrayContaining(['bean-test', 'raw-manure']))
    expect(ids('leaves-walnut')).toContain('juglone')
    expect(ids('wood-ash')).toContain('caustic')
    expect(ids('leaves-mixed')).toContain('sharps')
    expect(ids('weeds-seeding')).toContain('roots')
    expect(ids('kitchen-veg')).toEqual([])
  })

  it('about raw manure stands with every manure and with nothing else', () => {
    for (const material of LIBRARY) expect(adviceFor(material).some(({ id }) => id === 'raw-manure')).toBe(material.family === 'manure')
  })
})
