import { describe, expect, it } from 'vitest'
import { frontWidthM } from '../../vessel/vessel'
import { VESSEL_PRESETS } from '../../vessel/presets'
import { heapPicture, type HeapDrawing } from './picture'

const vessel = VESSEL_PRESETS[0]!
const drawn = (of: Partial<HeapDrawing>) => heapPicture({ of: 'a heap', vessel, bands: [], heightM: 0.8, ...of })
const kinds = (of: Partial<HeapDrawing>) => drawn(of).parts.map(({ kind }) => kind)

describe('a heap cut open', () => {
  it('has its walls, what is in it, and the soil', () => {
    expect(kinds({})).toEqual(['walls', 'fill', 'fading', 'soil'])
  })

  it('marks the height it was built to once it has sunk by more than four centimetres', () => {
    expect(kinds({ builtM: 0.83 })).not.toContain('level')
    expect(drawn({ builtM: 0.85 }).parts).toContainEqual({ kind: 'level', yM: 0.85, said: 'built' })
    expect(drawn({ builtM: 1.9 }).heightM).toBe(1.9)
    expect(drawn({ heightM: 2.2 }).heightM).toBe(2.2)
    expect(drawn({ heightM: 0.1 }).heightM).toBe(vessel.heightM)
  })

  it('glows by what is warmer than the air, from the core outwards, and is never colder than it', () => {
    const { parts } = drawn({ coreC: 60, ambientC: 10, depthsC: [60, 40, 15] })
    expect(parts).toContainEqual({ kind: 'glow', aboveAirK: 50, depthsK: [50, 30, 5] })
    expect(parts).toContainEqual({ kind: 'mark', xM: frontWidthM(vessel) / 2, yM: 0.8 * 0.52, temperatureC: 60 })
    expect(drawn({ coreC: 4, ambientC: 10 }).parts).toContainEqual({ kind: 'glow', aboveAirK: 0 })
    expect(drawn({ coreC: 40 }).parts).toContainEqual({ kind: 'glow', aboveAirK: 25 })
  })
})
