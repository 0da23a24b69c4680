import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mixBalance } from '../mix/balance'
import { portionOf } from '../mix/portion'
import { findMaterial, LIBRARY_BOOK } from './book'
import { preparationsFor, preparedMaterial, type Preparation } from './preparation'

const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 10 }
const of = (id: string) => findMaterial(id)!
const ten = (id: string, prepared?: Preparation) => ({
  material: of(id), amount: { count: 10, container: bucket, packing: 'loose' as const }, prepared,
})

describe('preparing a material', () => {
  it('wilted grass holds the same dry matter in less room with less water', () => {
    // 100 L of grass at 200 kg/m³ and 82 % water: 20 kg wet, 3.6 kg dry. Wilted to 55 %: 3.6 / 0.45 = 8 kg in 60 L.
    const balance = mixBalance([portionOf(ten('grass-clippings', 'wilted'))])
    if (!balance.ok) throw new Error('no balance')
    expect(balance.value.dryMassKg).toBeCloseTo(3.6, 9)
    expect(balance.value.wetMassKg).toBeCloseTo(8, 9)
    expect(balance.value.volumeL).toBeCloseTo(60, 9)
    // What is wilted mats three tenths as much.
    expect(balance.value.mattingShare).toBeCloseTo(0.3, 12)
  })

  it('soaked cardboard brings its own water, shredded leaves go faster and lie closer', () => {
    expect(portionOf(ten('cardboard', 'soaked')).material.moistureFraction.typical).toBe(0.66)
    const shredded = portionOf(ten('leaves-mixed', 'shredded'))
    expect(shredded.looseVolumeL).toBeCloseTo(60, 9)
    expect(shredded.material.bulkDensityKgM3.typical).toBeCloseTo(150, 9)
    expect(shredded.material.pace).toBe(1.6)
  })

  it('keeps carbon, nitrogen and dry matter whatever is done, for every material it suits', () => {
    const cases = LIBRARY_BOOK.all
      .filter(({ part }) => part === 'mix')
      .flatMap(material => preparationsFor(material).map(prepared => [material.id, prepared] as const))
    expect(cases.length).toBeGreaterThan(40)
    fc.assert(fc.property(fc.constantFrom(...cases), ([id, prepared]) => {
      const before = mixBalance([portionOf(ten(id))])
      const after = mixBalance([portionOf(ten(id, prepared))])
      if (!before.ok || !after.ok) throw new Error('no balance')
      expect(after.value.dryMassKg).toBeCloseTo(before.value.dryMassKg, 6)
      expect(after.value.carbonToNitrogen).toBeCloseTo(before.value.carbonToNitrogen, 6)
    }))
  })

  it('is offered only where it makes sense', () => {
    expect(preparationsFor(of('grass-clippings'))).toEqual(['wilted'])
    expect(preparationsFor(of('cardboard'))).toEqual(['shredded', 'soaked'])
    expect(preparationsFor(of('wood-ash'))).toEqual([])
  })

  it('is made once, so that the samples drawn for it are found again', () => {
    expect(preparedMaterial(of('leaves-mixed'), 'shredded')).toBe(preparedMaterial(of('leaves-mixed'), 'shredded'))
    expect(preparedMaterial(of('leaves-mixed'), undefined)).toBe(of('leaves-mixed'))
  })
})

describe('what can still be shredded', () => {
  it('is a hedge and leaves, not sawdust', () => {
    expect(preparationsFor(findMaterial('hedge-conifer')!)).toContain('shredded')
    expect(preparationsFor(findMaterial('leaves-mixed')!)).toContain('shredded')
    expect(preparationsFor(findMaterial('sawdust-soft')!)).not.toContain('shredded')
  })
})
