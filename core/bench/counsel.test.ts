import { describe, expect, it } from 'vitest'
import { BANDS, must } from '../../test/builders/bands'
import { some } from '../../test/builders/benches'
import { LIBRARY_BOOK } from '../materials/book'
import { METHODS } from '../methods'
import { typicalTotals } from '../mix/balance'
import { judge } from '../mix/judgement'
import { portionOf, type Ingredient } from '../mix/portion'
import { counselFor } from './counsel'
import { feedsFor } from './offered'

const hot = METHODS[0]!
const judged = (filled: readonly Ingredient[]) => must(judge(typicalTotals(filled.map(portionOf)), BANDS))
const counsel = (filled: readonly Ingredient[], more: Partial<Parameters<typeof counselFor>[0]> = {}) =>
  counselFor({
    filled, judgement: judged(filled), levers: undefined, comfort: BANDS, feeds: feedsFor(LIBRARY_BOOK, [], 'metric'), method: hot,
    methods: METHODS, units: 'metric',
    ...more,
  })

describe('counsel', () => {
  it('is none for a good mix', () => {
    expect(counsel([some('leaves-mixed', 4, 'sack'), some('grass-clippings', 12, 'bucket')])).toEqual([])
  })

  it('gives a feed that makes the mix work, and no half litre less', () => {
    const leaves = [some('leaves-mixed', 6, 'sack')]
    const [urine] = feedsFor(LIBRARY_BOOK, [], 'metric')
    const line = counsel(leaves).find(one => one.includes('nitrogen feed'))!
    const count = Number(line.match(/: (\d+(?:\.\d)?) L of urine/)![1])
    const withFeed = (litres: number) =>
      judged([...leaves, { material: urine!.material, amount: { count: litres, container: urine!.container, packing: 'loose' } }])
    expect(withFeed(count).measures.availableCarbonToNitrogen).toBeLessThanOrEqual(40)
    expect(withFeed(count - 0.5).measures.availableCarbonToNitrogen).toBeGreaterThan(40)
  })

  it('names no feed where it would take more than one strews, or where green is what there is too much of', () => {
    expect(counsel([some('sawdust-soft', 400, 'barrow')]).join(' ')).not.toMatch(/nitrogen feed/)
    expect(counsel([some('grass-clippings', 20, 'bucket')]).join(' ')).not.toMatch(/nitrogen feed/)
  })

  it('sends a surplus to a method that takes it gladly, and only where there is one', () => {
    expect(counsel([some('leaves-mixed', 9, 'sack')])[0]).toMatch(
      /^Not a hot heap yet: cage as leaf mould all 9 sacks of leaves, or keep some back and feed it to a heap week by week/,
    )
    expect(counsel([some('cardboard', 9, 'sack')]).join(' ')).not.toMatch(/cage/)
    expect(counsel([some('leaves-mixed', 9, 'sack')], { methods: [hot] }).join(' ')).not.toMatch(/cage/)
    // What is left over must be worth a cage.
    expect(counsel([some('leaves-mixed', 0.5, 'sack')]).join(' ')).not.toMatch(/cage/)
  })
})
