import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import * as v from 'valibot'
import { areaOf, crossesItself, holds, rimOf, spansWithin, turned, type Corner } from './outline'
import { shapeSchema } from './schema'
import { isGround, shapeAreaM2, shapeBounds, shapePieces, shapeRimM, type AreaShape } from './shape'

const L: readonly Corner[] = [[0, 0], [3, 0], [3, 1], [1, 1], [1, 2], [0, 2]]
const BOW: readonly Corner[] = [[0, 0], [2, 2], [2, 0], [0, 2]]
const SHAPES: readonly (readonly [AreaShape, areaM2: number, rimM: number, widthM: number, depthM: number])[] = [
  [{ shape: 'rectangle', widthM: 4, lengthM: 1.2 }, 4.8, 10.4, 4, 1.2],
  [{ shape: 'circle', diameterM: 2 }, Math.PI, 2 * Math.PI, 2, 2],
  // Two strips of half a metre with a path of 40 cm between them: 2 × 0.5 + 0.4.
  [{ shape: 'strip', widthM: 0.5, lengthM: 5, count: 2 }, 5, 22, 5, 1.4],
  // 3 × 1 and 1 × 1 on it.
  [{ shape: 'outline', corners: L }, 4, 10, 3, 2],
]

describe('ground', () => {
  it.each(SHAPES)('%o has its area, its edge and its bounds by hand', (shape, areaM2, rimM, widthM, depthM) => {
    expect(shapeAreaM2(shape)).toBeCloseTo(areaM2, 9)
    expect(shapeRimM(shape)).toBeCloseTo(rimM, 9)
    expect(shapeBounds(shape).widthM).toBeCloseTo(widthM, 9)
    expect(shapeBounds(shape).depthM).toBeCloseTo(depthM, 9)
    const pieces = shapePieces(shape).reduce((sum, corners) => sum + areaOf(corners), 0)
    expect(pieces).toBeGreaterThanOrEqual(areaM2 - 1e-9)
    expect(pieces).toBeLessThan(areaM2 * 1.003)
  })

  it('is the same however it is turned, and whichever way round its corners go', () => {
    fc.assert(fc.property(fc.double({ min: -4, max: 4, noNaN: true }), (angle) => {
      expect(areaOf(turned(L, angle))).toBeCloseTo(4, 9)
      expect(rimOf(turned(L, angle))).toBeCloseTo(10, 9)
      expect(areaOf([...turned(L, angle)].reverse())).toBeCloseTo(4, 9)
      expect(crossesItself(turned(L, angle))).toBe(false)
    }))
  })

  it('is none with too few corners, with nothing between them, or with sides that cross', () => {
    expect([isGround(L), isGround(BOW), isGround(L.slice(0, 2)), isGround([[0, 0], [1, 0], [2, 0]])]).toEqual([true, false, false, false])
    expect(isGround(Array.from({ length: 25 }, (_, at): Corner => [Math.cos(at / 4), Math.sin(at / 4)]))).toBe(false)
  })

  it('lies within the stretches of a band: every spot of it, and none where it is not in any of the band', () => {
    const around = fc
      .array(fc.double({ min: 0.4, max: 3, noNaN: true }), { minLength: 5, maxLength: 10 })
      .map(far =>
        far.map((metres, at): Corner => [
          metres * Math.cos((2 * Math.PI * at) / far.length), metres * Math.sin((2 * Math.PI * at) / far.length),
        ]),
      )
    fc.assert(
      fc.property(
        around, fc.double({ min: -2.5, max: 2, noNaN: true }), fc.double({ min: 0.1, max: 1, noNaN: true }),
        (corners, from, high) => {
          const spans = spansWithin(corners, from, from + high)
          const within = (x: number) => spans.some(span => x >= span.from - 1e-6 && x <= span.to + 1e-6)
          for (let x = -3; x <= 3; x += 0.17) {
            const column = Array.from({ length: 23 }, (_, at) => from + (at + 0.5) / 23 * high)
            if (column.some(y => holds(corners, [x, y]))) expect(within(x)).toBe(true)
          }
          expect(spans.every((span, at) => span.from <= span.to && (at === 0 || span.from > spans[at - 1]!.to))).toBe(true)
        }))
    expect(spansWithin(L, 1.2, 1.5)).toEqual([{ from: 0, to: 1 }])
    expect(spansWithin(L, 0.5, 1.5)).toEqual([{ from: 0, to: 3 }])
    expect(spansWithin(L, 3, 4)).toEqual([])
  })

  it('is kept as it was, and what bounds no ground is refused in words', () => {
    const schema = shapeSchema(0.2, 100)
    for (const [shape] of SHAPES) expect(v.parse(schema, structuredClone(shape))).toEqual(shape)
    const wrong = (shape: unknown) => v.safeParse(schema, shape).issues?.[0]?.message ?? 'taken'
    expect(wrong({ shape: 'outline', corners: BOW })).toMatch(/cross/)
    expect(wrong({ shape: 'strip', widthM: 0.5, lengthM: 5, count: 0 })).not.toBe('taken')
    expect(wrong({ shape: 'rectangle', widthM: 0.01, lengthM: 5 })).toMatch(/below/)
    expect(wrong({ shape: 'blob' })).not.toBe('taken')
  })
})
