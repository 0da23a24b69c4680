import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { VESSEL_PRESETS } from './presets'
import { fillHeightM, footprintM2, frontWidthM, narrowestM, vesselVolumeL, volumeBelowL, withVolume } from './vessel'

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

describe('a vessel by what it holds', () => {
  it('is the same one in proportion: 300 L of a bin that is said by its litres', () => {
    const bin = VESSEL_PRESETS.find(({ id }) => id === 'lidded-bin')!
    const sized = withVolume(bin, 300)
    expect(vesselVolumeL(sized)).toBeCloseTo(300, 6)
    expect(frontWidthM(sized) / sized.heightM).toBeCloseTo(frontWidthM(bin) / bin.heightM, 9)
  })

  it('stays within measures that make sense, whatever is typed', () => {
    for (const vessel of VESSEL_PRESETS) {
      for (const litres of [0, 1, 1e9]) {
        const { heightM } = withVolume(vessel, litres)
        expect(heightM).toBeGreaterThanOrEqual(0.2)
        expect(heightM).toBeLessThanOrEqual(6)
      }
    }
  })
})
