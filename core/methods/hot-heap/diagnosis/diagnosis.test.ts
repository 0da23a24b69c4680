import { describe, expect, it } from 'vitest'
import {
  BUCKET, GOOD_HEAP, heap, observed, reading, RICH_HEAP, SACK, surroundingsOn, turned, type HeapRecipe,
} from '../../../../test/builders/heaps'
import { findMaterial } from '../../../materials/book'
import type { NewEvent } from '../../../journal/event'
import type { Spare } from '../../contract'
import { diagnosis } from '.'
import { SYMPTOMS } from './symptoms'

const spare = (id: string, count: number, container = BUCKET): Spare => ({
  material: findMaterial(id)!, container, packing: 'loose', count,
})
const FULL: readonly Spare[] = [
  spare('grass-clippings', 40), spare('chicken-manure', 6), spare('straw-wheat', 8, SACK), spare('cardboard', 6, SACK),
  spare('compost-finished', 30),
]
const causes = (
  symptoms: readonly string[], events: readonly NewEvent[], day: number, recipe: HeapRecipe = GOOD_HEAP,
  spares: readonly Spare[] = FULL, airC = 15,
) => diagnosis.causes(heap(recipe, events), { ...surroundingsOn(day, airC), spares }, symptoms)

const BROWN: HeapRecipe = { waterL: 90, ingredients: [['leaves-mixed', 16, SACK], ['straw-wheat', 4, SACK]] }
const cool = [reading(2, 17), reading(5, 18)]

describe('a heap that never got warm', () => {
  it('because it is brown: greens from the store, no compost, and what they would do', () => {
    const [first] = causes(['no-heat'], cool, 6, BROWN)
    expect(first!.id).toBe('nitrogen-poor')
    expect(first!.speaksFor[0]).toMatch(/^About \d+ : 1 carbon to nitrogen; heat needs about 30\.$/)
    expect(first!.remedy.parts.every(({ materialId }) => materialId !== 'compost-finished')).toBe(true)
    expect(first!.remedy.parts.every(({ amount, inStore }) => Number.isInteger(amount.count) && amount.count <= inStore + 0.25)).toBe(true)
    expect(first!.remedy.text).toMatch(/^Turn it and work in \d+ buckets of/)
    expect(first!.remedy.effect).toMatch(/^Up to (\d+) °C within 10 days\. Left alone: (\d+) °C\.$/)
    const [, withIt, without] = /Up to (\d+) .* alone: (\d+)/.exec(first!.remedy.effect!)!
    expect(Number(withIt)).toBeGreaterThan(Number(without) + 15)
  })

  it('takes several things from a store in which no one is enough, and says when it must be fetched', () => {
    const little = [spare('grass-clippings', 14), spare('chicken-manure', 2), spare('kitchen-veg', 3)]
    const [first] = causes(['no-heat'], cool, 6, BROWN, little)
    expect(first!.remedy.parts.length).toBeGreaterThan(1)
    expect(first!.remedy.text).toMatch(/\(2 buckets of it in the store\).* and /)
    const [fetched] = causes(['no-heat'], cool, 6, BROWN, [spare('chicken-manure', 0)])
    expect(fetched!.remedy.text).toContain('(not in the store)')
  })

  it('because it is dry, when the hand says so', () => {
    const [first] = causes(['no-heat'], [...cool, observed(5.5, 'squeeze', 'dust')], 6, RICH_HEAP)
    expect(first!.id).toBe('dry')
    expect(first!.remedy.waterL).toBeGreaterThan(40)
    expect(first!.remedy.text).toMatch(/pour on \S+ cans of water \(\d+ L\)/)
  })

  it('because it freezes, before a mix that is a little brown is blamed; in mild air the mix is', () => {
    const brownish: HeapRecipe = {
      waterL: 60, ingredients: [['leaves-mixed', 12, SACK], ['horse-manure-straw', 36, BUCKET]],
    }
    const judged = (airC: number) => causes(['no-heat'], [reading(5, 6)], 6, brownish, FULL, airC)
    const of = (airC: number, id: string) => judged(airC).find(one => one.id === id)?.likelihood ?? 0
    expect(of(-5, 'cold')).toBeGreaterThan(of(-5, 'nitrogen-poor'))
    expect(of(15, 'nitrogen-poor')).toBeGreaterThan(of(-5, 'nitrogen-poor'))
    // Leaves and straw alone are too brown in any weather.
    expect(causes(['no-heat'], cool, 6, BROWN, FULL, -5).find(({ id }) => id === 'nitrogen-poor')!.likelihood).toBeGreaterThan(0.5)
  })

  it('because it is early and cold, and not because it is small when it is not', () => {
    const found = causes(['no-heat'], [reading(1, 5)], 2, RICH_HEAP, FULL, 3)
    expect(found[0]!.id).toBe('cold')
    expect(found.find(({ id }) => id === 'small')).toBeUndefined()
  })
})

describe('other symptoms', () => {
  it('hot, then died: turn it, while there is food left', () => {
    const died = [reading(2, 60), reading(3, 65), reading(6, 52), reading(9, 40)]
    const found = causes(['died'], died, 9.2, RICH_HEAP)
    expect(found[0]!.id).toBe('stale')
    expect(found[0]!.remedy.effect).toMatch(/^Up to \d+ °C within 10 days/)
    const again = causes(['died'], [...died, turned(9)], 9.3, RICH_HEAP)
    expect(again.find(({ id }) => id === 'stale')?.likelihood ?? 0).toBeLessThan(found[0]!.likelihood)
  })

  it('ammonia: browns until the ratio is up; sour and wet: coarse dry stuff', () => {
    const rich: HeapRecipe = {
      waterL: 0,
      ingredients: [
        ['grass-clippings', 70, BUCKET], ['chicken-manure', 20, BUCKET], ['straw-wheat', 3, SACK],
      ],
    }
    const [ammonia] = causes(['ammonia'], [], 4, rich)
    expect(ammonia!.id).toBe('nitrogen-rich')
    expect(ammonia!.remedy.parts[0]!.materialId).toMatch(/straw|cardboard/)
    const [sour] = causes(['sour'], [observed(5, 'squeeze', 'dripping')], 6, rich)
    expect(sour!.id).toBe('wet-airless')
    expect(sour!.caution).toMatch(/upwind/)
  })

  it('smoke is taken seriously before anything else', () => {
    const [first] = causes(['smoke'], [reading(4, 74)], 4)
    expect(first!.id).toBe('smouldering')
    expect(first!.remedy.text).toMatch(/fire service/)
  })

  it('each of them leads somewhere or is said to be good', () => {
    for (const { id, good } of SYMPTOMS) {
      if (good) expect(causes([id], [], 10)).toEqual([])
      else expect(causes([id], [reading(3, 50)], 10).length, id).toBeGreaterThan(0)
    }
  })

  it('are noticed from the readings and the log', () => {
    const noticed = (events: readonly NewEvent[], day: number) => diagnosis.noticed(heap(GOOD_HEAP, events), surroundingsOn(day))
    expect(noticed(cool, 6)).toEqual(['no-heat'])
    expect(noticed([reading(3, 71)], 3)).toEqual(['too-hot'])
    expect(noticed([reading(3, 60), observed(4, 'smell', 'ammonia')], 5)).toEqual(['ammonia'])
    expect(noticed([reading(3, 60), observed(4, 'smell', 'ammonia')], 20)).not.toContain('ammonia')
  })
})
