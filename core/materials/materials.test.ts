import { describe, expect, it } from 'vitest'
import { leaningOf } from './colour'
import { aroundIn, findMaterial } from './book'
import { searchMaterials } from './search'
import { keepingOf } from './keeping'
import { LIBRARY } from './library'
import { biodegradableFraction, carbonFraction, partakingShare } from './material'
import { amountMassKg, looseVolumeL } from './packing'
import { containerThen, STARTING_CONTAINERS } from '../units/container'

const bucket = containerThen(STARTING_CONTAINERS.metric[0]!)
const sack = containerThen(STARTING_CONTAINERS.metric[1]!)
const of = (id: string) => findMaterial(id)!

describe('the library', () => {
  it('has unique ids and words, and enough to choose from', () => {
    expect(new Set(LIBRARY.map(m => m.id)).size).toBe(LIBRARY.length)
    expect(new Set(LIBRARY.map(m => m.short)).size).toBe(LIBRARY.length)
    expect(LIBRARY.length).toBeGreaterThanOrEqual(100)
  })

  it.each(LIBRARY.map(m => [m.id, m] as const))('%s: ranges in order and fractions within bounds', (_, m) => {
    for (const r of [m.nitrogenFraction, m.carbonToNitrogen, m.moistureFraction, m.bulkDensityKgM3]) {
      expect(r.low).toBeGreaterThanOrEqual(0)
      expect(r.low).toBeLessThanOrEqual(r.typical)
      expect(r.typical).toBeLessThanOrEqual(r.high)
    }
    expect(m.moistureFraction.high).toBeLessThan(1)
    expect(m.ashFraction).toBeLessThan(1)
  })

  // Protein holds 53 % carbon, lignin about 62: so much fits into organic matter, and not a bit more. Char alone holds more.
  it.each(LIBRARY.filter(m => m.family !== 'char').map(m => [m.id, m] as const))('%s: its carbon fits into its organic matter', (_, m) => {
    expect(carbonFraction(m)).toBeLessThanOrEqual((0.52 + 0.1 * m.ligninFraction) * (1 - m.ashFraction) + 1e-9)
  })

  it('is found by the words people use', () => {
    const firsts: Readonly<Record<string, string>> = {
      'lawn clippings': 'grass-clippings',
      'peelings': 'kitchen-veg',
      'apple': 'fruit-waste',
      'dung': 'horse-manure-straw',
      'poultry': 'chicken-manure',
      'toilet roll': 'card-tubes',
      'egg box': 'egg-cartons',
      'hen': 'chicken-manure',
      'guinea pig': 'rabbit-bedding',
      'christmas tree': 'pine-needles',
      'urea': 'mineral-n',
      'pee': 'urine',
      'box': 'cardboard',
      'moss': 'lawn-moss',
      'fern': 'bracken',
      'wool': 'hair-wool',
      'alfalfa': 'lucerne-pellets',
      'poplar': 'leaves-fast',
      'garden waste': 'hedge-clippings',
      'yard waste': 'veg-haulm',
      'pizza box': 'cardboard',
      'cuttings': 'hedge-clippings',
      'embers': 'char-coarse',
      'sand': 'sand-grit',
      'grit': 'sand-grit',
      'perlite': 'perlite',
      'loam': 'loam',
      'bought compost': 'compost-bought',
    }
    for (const [word, id] of Object.entries(firsts)) expect(searchMaterials(word).map(m => m.id), word).toContain(id)
    // The plain word for something leads to it first.
    for (const m of LIBRARY) expect(searchMaterials(m.name)[0]?.id, m.name).toBe(m.id)
  })

  it('forgives typing errors, where nothing is spelt so', () => {
    const wrong: Readonly<Record<string, string>> = {
      carboard: 'cardboard', leavs: 'leaves-mixed', cofee: 'coffee-grounds', nettels: 'nettles', manuer: 'horse-manure-straw',
      strw: 'straw-wheat', graas: 'grass-clippings',
    }
    for (const [word, id] of Object.entries(wrong)) expect(searchMaterials(word).map(m => m.id), word).toContain(id)
    expect(searchMaterials('leaves')).not.toContainEqual(expect.objectContaining({ id: 'chips-ramial' }))
  })

  it('finds by words in any order and by month', () => {
    expect(searchMaterials('SHREDDED leaves').map(m => m.id)).toContain('leaves-shredded')
    expect(searchMaterials('zzz')).toEqual([])
    expect(aroundIn(11).map(m => m.id)).toContain('leaves-mixed')
    expect(aroundIn(3).map(m => m.id)).not.toContain('leaves-mixed')
  })
})

describe('brown or green', () => {
  it('follows the numbers, not the label', () => {
    expect(leaningOf(of('coffee-grounds'))).toBe('green')
    expect(leaningOf(of('cardboard'))).toBe('brown')
    // Hay looks brown and is sold as such; at 30 to 1 it is already balanced.
    expect(leaningOf(of('hay-grass'))).toBe('balanced')
    expect(leaningOf(of('horse-manure-shavings'))).toBe('brown')
    // Windfalls and citrus are at 38 to 1, and no brown: wet and without room for air.
    expect([leaningOf(of('fruit-waste')), leaningOf(of('citrus'))]).toEqual(['balanced', 'balanced'])
    expect(['wood-ash', 'twigs', 'molasses', 'eggshells', 'turf'].map(id => leaningOf(of(id)))).toEqual([
      'neither', 'neither', 'neither', 'neither', 'neither',
    ])
    expect(leaningOf(of('biochar-crushed'))).toBe('neither')
  })
})

describe('what decays', () => {
  it('follows lignin: straw at 18 % gives 0.830 − 0.028 × 18 = 0.326', () => {
    expect(biodegradableFraction(of('straw-wheat'))).toBeCloseTo(0.326, 12)
    expect(biodegradableFraction(of('biochar-crushed'))).toBe(0.05)
  })

  it('takes part in the heat as far as it decays: grass wholly, leaves by two thirds, oak and chips little, char not at all', () => {
    expect(partakingShare(of('grass-clippings'))).toBe(1)
    // (0.830 − 0.028 × 20) / 0.4
    expect(partakingShare(of('leaves-mixed'))).toBeCloseTo(0.675, 12)
    expect(partakingShare(of('leaves-oak'))).toBeCloseTo(0.074 / 0.4, 12)
    // (0.830 − 0.028 × 25) × 0.3 / 0.4
    expect(partakingShare(of('wood-chips'))).toBeCloseTo(0.0975, 12)
    expect(partakingShare(of('hair-wool'))).toBeCloseTo(0.75, 12)
    expect(partakingShare(of('biochar-crushed'))).toBe(0)
  })
})

describe('containers', () => {
  it('hold more when trodden: a packed 80 L sack of leaves is 192 loose litres, 17.28 kg at 90 kg/m³', () => {
    const packed = { count: 1, container: sack, packing: 'packed' } as const
    expect(looseVolumeL(of('leaves-mixed'), packed)).toBeCloseTo(192, 9)
    expect(amountMassKg(of('leaves-mixed'), packed)).toBeCloseTo(17.28, 9)
  })

  it('hold hardly more of wet scraps: two shaken 12 L buckets are 25.2 L and 11.34 kg', () => {
    expect(amountMassKg(of('kitchen-veg'), { count: 2, container: bucket, packing: 'shaken' })).toBeCloseTo(11.34, 9)
  })
})

describe('keeping', () => {
  it('grass spoils in two days, leaves keep', () => {
    expect(keepingOf(of('grass-clippings'), 0.5)).toEqual({ freshness: 'fresh', daysLeft: 1.5 })
    expect(keepingOf(of('grass-clippings'), 1.5).freshness).toBe('use-soon')
    expect(keepingOf(of('grass-clippings'), 3)).toEqual({ freshness: 'spoiling', daysLeft: -1 })
    expect(keepingOf(of('leaves-mixed'), 60).freshness).toBe('keeps')
    expect(keepingOf(of('leaves-mixed'), 350).freshness).toBe('use-soon')
  })
})
