import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readNumber } from './number'

const read = (text: string, decimal: ',' | '.' = '.') => {
  const outcome = readNumber(text, decimal)
  return outcome.ok ? outcome.value : outcome.error
}

describe('a number as a person writes it', () => {
  it.each<readonly [string, number]>([
    ['3', 3],
    ['3.5', 3.5],
    ['3,5', 3.5],
    ['.5', 0.5],
    ['½', 0.5],
    ['1½', 1.5],
    ['1 ½', 1.5],
    ['1/2', 0.5],
    ['1 1/2', 1.5],
    ['3 / 4', 0.75],
    ['2⅓', 2 + 1 / 3],
    ['3 sacks', 3],
    ['1½ buckets', 1.5],
    ['54°C', 54],
    ['−4 °C', -4],
    ['- 4', -4],
    ['+7', 7],
    ['1,500', 1500],
    ['12,345,678', 12_345_678],
    ['0,125', 0.125],
    ['1 l', 1],
    [' 7 ', 7],
  ])('“%s” is %d', (text, value) => {
    expect(read(text)).toBeCloseTo(value, 12)
  })

  it.each<readonly [string, number]>([
    ['3,5', 3.5], ['1.500', 1500], ['1.234.567', 1_234_567], ['0.125', 0.125], ['3.5', 3.5], ['1.500,25', 1500.25], ['12,345', 12.345],
  ])('where a comma stands before decimals, “%s” is %d', (text, value) => {
    expect(read(text, ',')).toBeCloseTo(value, 12)
  })

  it.each([
    ['', 'empty'], ['  ', 'empty'], ['many', 'no-number'], ['.', 'no-number'], ['-', 'no-number'], ['1/0', 'no-number'],
    ['3 or 4', 'more-than-one'], ['3 4', 'more-than-one'], ['3-4', 'more-than-one'],
  ])('“%s” is refused as %s', (text, trouble) => {
    expect(read(text)).toBe(trouble)
  })

  it('reads back what is written, in both regions', () => {
    fc.assert(fc.property(fc.double({ min: -9999, max: 99_999, noNaN: true }), (value) => {
      const rounded = Number(value.toFixed(2))
      expect(read(new Intl.NumberFormat('en-GB', { maximumFractionDigits: 2 }).format(rounded))).toBeCloseTo(rounded, 9)
      expect(read(new Intl.NumberFormat('en-DE', { maximumFractionDigits: 2 }).format(rounded), ',')).toBeCloseTo(rounded, 9)
    }))
  })

  it('never gives anything that is not finite', () => {
    fc.assert(fc.property(fc.string(), (text) => {
      const outcome = readNumber(text)
      expect(!outcome.ok || Number.isFinite(outcome.value)).toBe(true)
    }))
  })
})
