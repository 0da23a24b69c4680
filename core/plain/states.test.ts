import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { partText, ratioWord, wayText, wetnessSpanText, wetnessText } from './states'

describe('plain words for a state', () => {
  it.each([
    [0, 'hardly any'], [0.049, 'hardly any'], [0.1, 'about a tenth'], [0.25, 'about a quarter'], [0.33, 'about a third'],
    [0.43, 'about half'], [0.5, 'about half'], [0.66, 'about two thirds'], [0.75, 'about three quarters'], [0.9, 'most'], [0.97, 'all'],
    [1.2, 'all'],
  ])('%d of it is %s', (share, said) => {
    expect(partText(share)).toBe(said)
  })
  it('names the part whose own value is nearest, or its neighbour', () => {
    const own: Readonly<Record<string, number>> = {
      'hardly any': 0, 'about a tenth': 0.1, 'about a quarter': 0.25, 'about a third': 1 / 3, 'about half': 0.5, 'about two thirds': 2 / 3,
      'about three quarters': 0.75, 'most': 0.9, 'all': 1,
    }
    fc.assert(fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
      expect(Math.abs(own[partText(share)]! - share)).toBeLessThan(0.1)
    }))
  })
  it('says how far it is on its way', () => {
    expect([0, 0.33, 0.5, 0.9, 1].map(share => wayText(share))).toEqual(
      ['hardly begun', 'about a third of the way', 'about half way', 'nearly done', 'done'])
    expect(wayText(0.5, 'to loam')).toBe('about half way to loam')
  })
  it('says how wet it is by what suits it', () => {
    const heap = [0.5, 0.63] as const
    expect([0.3, 0.45, 0.5, 0.63, 0.7, 0.75].map(one => wetnessText(one, heap))).toEqual(
      ['far too dry', 'a little dry', 'moist', 'moist', 'wet', 'soaking wet'],
    )
    expect(wetnessSpanText({ low: 0.59, high: 0.69 }, heap)).toBe('moist to wet')
    expect(wetnessSpanText({ low: 0.52, high: 0.6 }, heap)).toBe('moist')
    // What suits worms drowns a heap.
    expect(wetnessText(0.75, [0.66, 0.8])).toBe('moist')
  })
  it('calls a ratio by its colour, and a right one not at all', () => {
    expect([16, 20, 25, 38, 42, 60].map(ratioWord)).toEqual(['too green', 'a little too green', '', '', 'a little too brown', 'too brown'])
  })
})
