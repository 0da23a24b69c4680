import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { VESSEL_PRESETS } from '#core/vessel/presets'
import { frontWidthM } from '#core/vessel/vessel'
import { bandsOf, outlineOf } from './cutaway'

const numbersOf = (path: string) => [...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(([text]) => Number(text))
const pointsOf = (path: string) => {
  const numbers = numbersOf(path)
  return Array.from({ length: numbers.length / 2 }, (_, index) => ({ x: numbers[2 * index]!, y: numbers[2 * index + 1]! }))
}
const LAYERS = [{ family: 'wood', heightShare: 0.2 }, { family: 'leaf', heightShare: 0.5 }, { family: 'grass', heightShare: 0.3 }]

describe('the cutaway', () => {
  it('draws one band a layer, from the ground to the height of the fill, within the vessel', () => {
    fc.assert(fc.property(fc.constantFrom(...VESSEL_PRESETS), fc.double({ min: 0.05, max: 2, noNaN: true }), (vessel, fillM) => {
      const bands = bandsOf(vessel, LAYERS, fillM)
      expect(bands.map(({ family }) => family)).toEqual(['wood', 'leaf', 'grass'])
      const points = bands.flatMap(({ path }) => pointsOf(path))
      expect(points.every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))).toBe(true)
      expect(Math.min(...points.map(({ x }) => x))).toBeGreaterThanOrEqual(0)
      expect(Math.max(...points.map(({ x }) => x))).toBeLessThanOrEqual(frontWidthM(vessel) * 100 + 0.1)
      // The crown and the waves add a hand at most.
      expect(Math.max(...points.map(({ y }) => y))).toBeLessThanOrEqual(0)
      expect(-Math.min(...points.map(({ y }) => y))).toBeGreaterThan(fillM * 100 - 3)
      expect(-Math.min(...points.map(({ y }) => y))).toBeLessThan(fillM * 100 + 8)
    }))
  })

  it('lets neighbours share their boundary, so that no gap shows', () => {
    const [below, above] = bandsOf(VESSEL_PRESETS[0]!, LAYERS, 0.8)
    const top = pointsOf(below!.path).slice(13).reverse()
    const bottom = pointsOf(above!.path).slice(0, 13)
    top.forEach((point, index) => {
      expect(point.x).toBeCloseTo(bottom[index]!.x, 6)
      expect(point.y).toBeCloseTo(bottom[index]!.y, 6)
    })
  })

  it('draws the same heap the same way every time', () => {
    expect(bandsOf(VESSEL_PRESETS[1]!, LAYERS, 0.7)).toEqual(bandsOf(VESSEL_PRESETS[1]!, LAYERS, 0.7))
    expect(outlineOf(VESSEL_PRESETS[1]!, 0.7, 3)).toBe(outlineOf(VESSEL_PRESETS[1]!, 0.7, 3))
  })

  it('slopes the sides of an open heap', () => {
    const open = VESSEL_PRESETS.find(({ wall }) => wall === 'none')!
    const top = pointsOf(outlineOf(open, 0.9, 3)).slice(1, -1)
    expect(top[0]!.x).toBeGreaterThan(20)
  })
})
