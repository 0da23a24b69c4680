import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findMaterial } from '../materials/book'
import { LIBRARY } from '../materials/library'
import { carbonFraction } from '../materials/material'
import { ownMaterial } from './own-material'

const exactly = (value: number) => ({ low: value * 0.8, typical: value, high: value * 1.2 })
const leaves = findMaterial('leaves-mixed')!
/** Carbon of its organic matter that no material has. */
const TOO_MUCH = 0.601

describe('a material of one\'s own', () => {
  it('of which only the ratio is said keeps the carbon of what it is like', () => {
    // Leaves are 0.9 % × 54 = 48.6 % carbon; at 130 to 1 that is 0.374 % nitrogen, and never 117 % carbon.
    const own = ownMaterial('mine', leaves, { carbonToNitrogen: exactly(130) })
    expect(carbonFraction(own)).toBeCloseTo(0.486, 9)
    expect(own.nitrogenFraction.typical).toBeCloseTo(0.486 / 130, 9)
    expect(own.nitrogenFraction.low).toBeLessThan(own.nitrogenFraction.typical)
  })

  it('of which only the nitrogen is said has the ratio that goes with it', () => {
    expect(ownMaterial('mine', leaves, { nitrogenFraction: exactly(0.02) }).carbonToNitrogen.typical).toBeCloseTo(24.3, 9)
  })

  it('never holds more carbon than its organic matter can, whatever is said', () => {
    const said = fc.record({
      carbonToNitrogen: fc.option(fc.double({ min: 1, max: 900, noNaN: true }), { nil: undefined }),
      nitrogenFraction: fc.option(fc.double({ min: 0.001, max: 0.3, noNaN: true }), { nil: undefined }),
    })
    const likes = LIBRARY.filter(({ family, part }) => part === 'mix' && family !== 'char')
    fc.assert(
      fc.property(fc.constantFrom(...likes), said, (base, { carbonToNitrogen, nitrogenFraction }) => {
        const own = ownMaterial('mine', base, {
          ...(carbonToNitrogen ? { carbonToNitrogen: exactly(carbonToNitrogen) } : {}),
          ...(nitrogenFraction ? { nitrogenFraction: exactly(nitrogenFraction) } : {}),
        })
        expect(carbonFraction(own)).toBeLessThanOrEqual(TOO_MUCH * (1 - own.ashFraction))
      }),
    )
  })
})
