import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { containerText, everyday, STARTING_CONTAINERS, type Container } from './container'
import { countText, quantityText, roundedCount, spanText, roughly } from './format'
import { fromShown, SHOWN_UNITS, toShown, type Quantity, type UnitSystem } from './system'

const quantities = Object.keys(SHOWN_UNITS) as Quantity[]
const systems: UnitSystem[] = ['metric', 'us']

describe('units', () => {
  it('come back exact to 1e-9 after a round trip through any shown unit', () => {
    fc.assert(fc.property(
      fc.constantFrom(...quantities), fc.constantFrom(...systems), fc.double({ min: -1e5, max: 1e5, noNaN: true }),
      (quantity, system, value) => {
        const back = fromShown(quantity, system, toShown(quantity, system, value))
        expect(Math.abs(back - value)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(value)))
      },
    ))
  })

  it('agree with known conversions', () => {
    expect(toShown('temperature', 'us', 55)).toBeCloseTo(131, 12)
    expect(toShown('volume', 'us', 3.785411784)).toBeCloseTo(1, 12)
    expect(toShown('length', 'us', 0.9144)).toBeCloseTo(36, 12)
    expect(fromShown('mass', 'us', 100)).toBeCloseTo(45.359237, 12)
    // An inch of rain is 25.4 mm; a metre is 1 / 0.3048 feet, and squared 10.7639 square feet.
    expect(toShown('rain', 'us', 25.4)).toBeCloseTo(1, 12)
    expect(toShown('area', 'us', 1)).toBeCloseTo(1 / 0.3048 ** 2, 9)
    expect(toShown('temperatureStep', 'us', 10)).toBeCloseTo(18, 12)
    expect(toShown('temperature', 'us', -40)).toBeCloseTo(-40, 12)
  })

  it('in a metric garden are those of the core, metres in centimetres and shares in their own', () => {
    expect(Object.fromEntries(quantities.map(quantity => [quantity, toShown(quantity, 'metric', 3)]))).toEqual({
      density: 3, volume: 3, length: 300, mass: 3, smallMass: 3, temperature: 3, temperatureStep: 3, area: 3, rain: 3,
    })
  })
})

describe('what a person reads', () => {
  it('rounds containers to what can be done by hand', () => {
    expect([0.1, 0.6, 3.4, 3.5, 9.9, 12.3, 33.4].map(roundedCount)).toEqual([0.25, 0.5, 3.5, 3.5, 10, 12.5, 33])
    expect([0, 0.25, 0.5, 1, 3.5, 12.75].map(countText)).toEqual(['0', '¼', '½', '1', '3½', '13'])
  })

  it('names one or several containers rightly', () => {
    const sack = STARTING_CONTAINERS.metric[1]!
    expect(containerText(1, sack)).toBe('1 sack')
    expect(containerText(0.5, sack)).toBe('½ sack')
    expect(containerText(1.5, sack)).toBe('1½ sacks')
  })

  it('writes quantities with their unit', () => {
    expect(quantityText('length', 'metric', 1.2)).toBe('120 cm')
    expect(quantityText('length', 'us', 0.9144)).toBe('36 in')
    expect(quantityText('mass', 'metric', 1.26)).toBe('1.3 kg')
    expect(spanText('temperature', 'metric', 46.2, 57.8)).toBe('46–58 °C')
    expect(spanText('temperature', 'us', 50, 50.1)).toBe('122 °F')
    expect(spanText('temperature', 'metric', -6.2, 2)).toBe('−6 to 2 °C')
    expect(quantityText('temperature', 'metric', -0.2)).toBe('0 °C')
  })
})

describe('what is only roughly known', () => {
  it('is said to two figures', () => {
    expect([361, 1052, 87.4, 0.456, -361, 0].map(roughly)).toEqual([360, 1100, 87, 0.46, -360, 0])
    expect(roughly(NaN)).toBe(0)
  })
})

describe('what a kitchen of gallons measures in', () => {
  // A gallon 3.785 L, a quart 0.946, a cup 0.2366, a tablespoon 0.01479: 0.5 L is 2.11 cups, 2 L are 2.11 quarts, 10 L 2.64 gallons.
  it.each([
    [0, '0 gal'], [0.015, '1 tablespoon'], [0.06, '¼ cup'], [0.24, '1 cup'], [0.5, '2 cups'], [0.95, '1 quart'], [2, '2 quarts'],
    [5, '5¼ quarts'], [10, '2¾ gal'], [19, '5 gal'], [60, '16 gal'], [950, '251 gal'], [-2, '−2 quarts'],
  ])('%s L are %s', (litres, said) => expect(quantityText('volume', 'us', litres)).toBe(said))

  it('says a span in the measure of its larger end', () => {
    expect(spanText('volume', 'us', 0.5, 2)).toBe('½–2 quarts')
    expect(spanText('volume', 'us', 240, 300)).toBe('63–79 gal')
    expect(spanText('volume', 'metric', 0.5, 2)).toBe('1–2 L')
  })

  it('is never farther off than the half quarter that it is rounded to, or one in forty', () => {
    const HOLDS = { gal: 3.785411784, quart: 0.946352946, cup: 0.2365882365, tablespoon: 0.01478676478 }
    const numberOf = (text: string) => [...text.replaceAll(',', '')].reduce(
      (sum, sign) => '¼½¾'.includes(sign) ? sum + ('¼½¾'.indexOf(sign) + 1) / 4 : sum * 10 + Number(sign), 0)
    fc.assert(fc.property(fc.double({ min: 0.004, max: 4000, noNaN: true }), (litres) => {
      const [count, unit] = quantityText('volume', 'us', litres).split(' ') as [string, string]
      const holds = HOLDS[unit.replace(/s$/, '') as keyof typeof HOLDS]
      expect(Math.abs(numberOf(count) * holds - litres)).toBeLessThanOrEqual(Math.max(holds / 8, litres / 40) + 1e-9)
    }))
  })
})

describe('a little of something', () => {
  it('is never said to be none: ash in grams or ounces, a sprinkle in millilitres', () => {
    const said = (...[quantity, system, value]: [Quantity, UnitSystem, number]) =>
      quantityText(quantity, system, value, 0).replace(/\u00A0/g, ' ')
    expect(said('mass', 'metric', 0.04)).toBe('40 g')
    expect(said('mass', 'us', 0.04)).toBe('1.4 oz')
    expect(said('volume', 'metric', 0.02)).toBe('20 mL')
    expect(said('mass', 'metric', 0)).toBe('0 kg')
    fc.assert(fc.property(
      fc.constantFrom<Quantity>('mass', 'volume', 'smallMass'), fc.constantFrom(...systems),
      fc.double({ min: 1e-6, max: 500, noNaN: true }),
      (quantity, system, value) => { expect(said(quantity, system, value)).not.toMatch(/^0 /) },
    ))
  })
})

describe('what a gardener measures in', () => {
  const own = (id: string, volumeL: number, holds: 'material' | 'water' = 'material'): Container =>
    ({ id, name: id, plural: `${id}s`, volumeL, holds })

  it('is their own bucket, else the nearest they have, else the usual one', () => {
    expect(everyday('bucket', [own('bucket', 20), own('tub', 12)], 'metric').volumeL).toBe(20)
    expect(everyday('bucket', [own('crate', 15), own('cart', 90), own('jug', 12, 'water')], 'metric').name).toBe('crate')
    expect(everyday('barrow', undefined, 'metric').volumeL).toBe(85)
    expect(everyday('sack', [own('jug', 80, 'water')], 'us').name).toBe('sack')
  })

  it('is said in what is at hand where it is too little for a container, never five times as much', () => {
    const caddy = own('caddy', 5)
    expect(containerText(0.25, caddy)).toBe('¼ caddy')
    // 0.05 of 5 L are 250 mL: half a double handful.
    expect(containerText(0.05, caddy)).toBe('½ handful')
    // 0.006 of 5 L are 30 mL: two spoons of 15.
    expect(containerText(0.006, caddy)).toBe('2 spoons')
    expect(containerText(0.0005, caddy)).toBe('a pinch')
    expect(containerText(0.05, own('can', 10, 'water'))).toBe('¼ can')
  })

  it('never says more than half as much again of what is measured out', () => {
    const measures: Readonly<Record<string, number>> = { bucket: 12, handful: 0.5, spoon: 0.015 }
    const parts: Readonly<Record<string, number>> = { '¼': 0.25, '½': 0.5, '¾': 0.75 }
    fc.assert(fc.property(fc.double({ min: 0.001, max: 9, noNaN: true }), (count) => {
      const said = containerText(count, own('bucket', 12))
      const [, whole = '', part = '', word = ''] = /^(\d*)([¼½¾]?) (\w+?)s?$/.exec(said) ?? []
      const litres = (Number(whole) + (parts[part] ?? 0)) * measures[word]!
      expect(litres / (count * 12), said).toBeGreaterThan(0.6)
      expect(litres / (count * 12), said).toBeLessThan(1.5)
    }))
  })
})

describe('what goes beyond all sense', () => {
  it('is said in words, never as a sign for it', () => {
    for (const system of ['metric', 'us'] as const)
      for (const quantity of ['length', 'volume', 'mass', 'smallMass', 'area', 'temperature'] as const)
        for (const value of [Infinity, -Infinity, NaN]) expect(quantityText(quantity, system, value)).toBe('beyond measure')
    expect(containerText(Infinity, { name: 'caddy', plural: 'caddies' })).toBe('caddies beyond measure')
  })
})
