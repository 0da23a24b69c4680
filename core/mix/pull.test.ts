import { balancedOf } from '../methods/contract'
import { describe, expect, it } from 'vitest'
import { BUCKET, SACK } from '../../test/builders/heaps'
import { findMaterial } from '../materials/book'
import { hotHeap } from '../methods/hot-heap'
import type { Ingredient } from './portion'
import { pullEnd, pullPath, withCount } from './pull'

const comfort = balancedOf(hotHeap)!.mixing.comfort('by-thermometer')
const of = (id: string, count: number, container = BUCKET): Ingredient => ({
  material: findMaterial(id)!, amount: { count, container, packing: 'loose' },
})
const mix = [of('leaves-mixed', 6, SACK), of('grass-clippings', 20)]
const ratio = (points: ReturnType<typeof pullPath>) => points.map(({ judgement }) => judgement.measures.carbonToNitrogen)

describe('the pull of an ingredient', () => {
  it('starts at the mix without it and runs towards itself, never back', () => {
    const path = pullPath(mix, 1, comfort, pullEnd(mix[1]!))
    expect(path[0]).toMatchObject({ count: 0 })
    expect(ratio(path)[0]).toBeCloseTo(findMaterial('leaves-mixed')!.carbonToNitrogen.typical, 9)
    for (const [at, one] of ratio(path).slice(1).entries()) expect(one).toBeLessThan(ratio(path)[at]!)
    expect(path.at(-1)!.count).toBe(80)
    expect(ratio(path).at(-1)).toBeGreaterThan(findMaterial('grass-clippings')!.carbonToNitrogen.typical)
  })

  it('goes through the mix as it is', () => {
    const path = pullPath(mix, 0, comfort, 6)
    expect(path.at(-1)!.judgement.measures.carbonToNitrogen).toBeCloseTo(
      pullPath(mix, 1, comfort, 20).at(-1)!.judgement.measures.carbonToNitrogen, 9,
    )
  })

  it('has no point where there would be no heap, and room to pull out what is not there yet', () => {
    expect(pullPath([mix[0]!], 0, comfort, 8)[0]!.count).toBeGreaterThan(0)
    expect(pullEnd(of('twigs', 0))).toBe(4)
    expect(withCount(mix, 1, 3).map(({ amount }) => amount.count)).toEqual([6, 3])
  })
})
