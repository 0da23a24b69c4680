import { describe, expect, it } from 'vitest'
import { aroundOn } from '../../test/builders/batches'
import { extremeStrand, oddIn } from '../../test/builders/extremes'
import { hasBegun } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import { METHODS } from '../methods'
import { seededRandom } from '../random/random'
import { everythingOf } from './everything'

const DAYS = [0, 0.5, 3, 20, 90, 400, 900, 3000, -400, 20_000]
const GARDENS = 400

describe('everything that pages ask, of gardens at the ends of what a file may hold', () => {
  it.each(METHODS.map(({ id }, at) => [id, at] as const))('is answered, in numbers and words that are some: %s', (_, at) => {
    const method = METHODS[at]!
    let begun = 0
    for (let seed = at; seed < GARDENS; seed += METHODS.length) {
      const batch = foldGarden(extremeStrand(seededRandom(seed), method)).batches.get('b')
      if (!batch || !hasBegun(batch)) continue
      begun++
      const around = aroundOn(DAYS[seed % DAYS.length]!)
      for (const { what, ask } of everythingOf(batch, method, around)) expect(oddIn(ask()), `seed ${seed}, ${what}`).toBeUndefined()
    }
    expect(begun).toBeGreaterThan(GARDENS / METHODS.length * 0.7)
  }, 120_000)
})
