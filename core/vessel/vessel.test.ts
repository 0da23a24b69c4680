import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { VESSEL_PRESETS } from './presets'
import { fillHeightM, footprintM2, narrowestM, vesselVolumeL, volumeBelowL } from './vessel'

describe('vessels', () => {
  it('a 1.2 × 1 × 1 m bay holds 1,200 L; a ring 1.1 m across and 1 m high π × 0.55² = 950.3 L', () => {
    expect(vesselVolumeL(VESSEL_PRESETS[0]!)).toBeCloseTo(1200, 9)
    expect(vesselVolumeL(VESSEL_PRESETS[2]!)).toBeCloseTo(950.33, 2)
    expect(footprintM2(VESSEL_PRESETS[1]!)).toBeCloseTo(1.44, 12)
    expect(narrowestM(VESSEL_PRESETS[0]!)).toBe(1)
  })

  it('fill to a height and back to the same volume', () => {
    fc.assert(fc.property(fc.constantFrom(...VESSEL_PRESETS), fc.double({ min: 1, max: 5000, noNaN: true }), (vessel, volumeL) => {
      expect(volumeBelowL(vessel, fillHeightM(vessel, volumeL))).toBeCloseTo(volumeL, 6)
    }))
  })
})
