import { describe, expect, it } from 'vitest'
import { DOSE_AREA, smallMassText } from './small'

describe('small masses and doses', () => {
  it('are grams or ounces, a tenth where it still tells', () => {
    // 100 ÷ 28.35 = 3.53 oz; 567 ÷ 28.35 = 20.0 oz.
    expect([0.84, 9.96, 64].map(grams => smallMassText('metric', grams))).toEqual(['0.8 g', '10 g', '64 g'])
    expect([100, 567].map(grams => smallMassText('us', grams))).toEqual(['3.5 oz', '20 oz'])
  })

  it('are told for a square metre or for ten square feet', () => {
    // Ten squares of 0.3048 m.
    expect(DOSE_AREA.us.areaM2).toBeCloseTo(0.929, 4)
    expect(DOSE_AREA.metric.areaM2).toBe(1)
  })
})
