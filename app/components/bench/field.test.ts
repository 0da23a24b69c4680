import { BANDS } from '../../../test/builders/bands'
import { describe, expect, it } from 'vitest'
import { findMaterial } from '#core/materials/book'
import { LIBRARY } from '#core/materials/library'
import { mixRanges } from '#core/mix/ranges'
import { cloudDots, farRatio, fieldPoints, fieldScale, NARROW, WIDE } from './field'

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

  it('is as wide as its ingredients need, in steps, and marks its axis without crowding', () => {
    const bucket = { id: 'b', name: 'bucket', plural: 'buckets', volumeL: 12 }
    const of = (id: string) => ({ material: findMaterial(id)!, amount: { count: 1, container: bucket, packing: 'loose' as const } })
    // 54 × 1.3 is below 120; straw at 80 as well; card and chips need the widest.
    expect(farRatio([])).toBe(120)
    expect(farRatio([of('leaves-mixed'), of('grass-clippings')])).toBe(120)
    expect(farRatio([of('grass-clippings'), of('wood-chips')])).toBe(600)
    for (const end of [120, 250, 600]) {
      const { marks, ratioX } = fieldScale(NARROW, end)
      expect(Math.max(...marks)).toBeLessThan(end)
      // A number of two digits is some 14 units wide.
      for (const [at, mark] of marks.slice(1).entries()) expect(ratioX(mark) - ratioX(marks[at]!)).toBeGreaterThan(14)
    }
  })

  it('keeps what is beyond its end at its edge', () => {
    const { ratioX, moistureY } = fieldScale(WIDE, 120)
    expect(ratioX(5000)).toBe(WIDE.width - WIDE.right)
    expect(ratioX(1)).toBe(WIDE.left)
    expect(moistureY(1.4)).toBe(WIDE.top)
  })

  it('thins the cloud evenly and leaves none of it outside', () => {
    const portions = [
      { material: findMaterial('leaves-mixed')!, looseVolumeL: 300 }, { material: findMaterial('grass-clippings')!, looseVolumeL: 90 },
    ]
    const ranges = mixRanges(portions, 10, BANDS)
    if (!ranges.ok) throw new Error('no ranges')
    const few = cloudDots(ranges.value, fieldScale(WIDE), 20)
    const many = cloudDots(ranges.value, fieldScale(WIDE), 10)
    expect(many.length).toBe(Math.floor(ranges.value.cloud.carbonToNitrogen.length / 10))
    expect(many.filter((_, index) => index % 2 === 0).slice(0, few.length)).toEqual(few)
    for (const { x, y } of many) {
      expect(x).toBeGreaterThanOrEqual(WIDE.left)
      expect(x).toBeLessThanOrEqual(WIDE.width - WIDE.right)
      expect(y).toBeGreaterThanOrEqual(WIDE.top)
    }
  })
})
