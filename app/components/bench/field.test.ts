import { describe, expect, it } from 'vitest'
import { findMaterial } from '#core/materials/book'
import { LIBRARY } from '#core/materials/library'
import { fieldPoints, fieldScale, NARROW, WIDE } from './field'

describe('the balance field', () => {
  it.each([WIDE, NARROW])('grows to the right with carbon and upwards with water, and never leaves its frame', (frame) => {
    const { ratioX, moistureY } = fieldScale(frame)
    expect(ratioX(30)).toBeGreaterThan(ratioX(15))
    // A logarithmic axis: the same factor is the same way.
    expect(ratioX(40) - ratioX(20)).toBeCloseTo(ratioX(20) - ratioX(10), 9)
    expect(moistureY(0.8)).toBeLessThan(moistureY(0.3))
    for (const { carbonToNitrogen } of LIBRARY) {
      expect(ratioX(carbonToNitrogen.low)).toBeGreaterThanOrEqual(frame.left)
      expect(ratioX(carbonToNitrogen.high)).toBeLessThanOrEqual(frame.width - frame.right)
    }
  })

  it('draws what brings more dry matter bigger', () => {
    const bucket = { id: 'b', name: 'bucket', plural: 'buckets', volumeL: 12 }
    const [leaves, grass] = fieldPoints([
      { material: findMaterial('leaves-mixed')!, amount: { count: 20, container: bucket, packing: 'loose' } },
      { material: findMaterial('grass-clippings')!, amount: { count: 1, container: bucket, packing: 'loose' } },
    ], fieldScale(WIDE))
    expect(leaves!.radius).toBeGreaterThan(grass!.radius)
  })
})
