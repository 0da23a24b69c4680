import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { afterDays, begun, BEGAN_AT, gauged, input, seen } from '../../test/builders/batches'
import { tower } from '../../test/builders/fed'
import { SACK } from '../../test/builders/heaps'
import type { NewEvent } from '../journal/event'
import { writeDocument } from '../journal/document'
import { LIBRARY_BOOK } from '../materials/book'
import { findMethod } from '../methods'
import { signChance, meanInterval } from '../statistics/student'
import { askedTogether, knownPairs, lastDay, sharedBy, type KnownPair, type Side } from './asked'
import { readSideBySide, SIDE_BY_SIDE_KIND, sideBySideValues, type SideBySide } from './pair'
import { pairsNeeded, quantityWords, readPair, senseWords, verdictLines } from './readout'
import { unequalStarts } from './starts'

const trial: SideBySide = {
  id: 'side-by-side.t', name: 'Tower or pile', difference: 'air channels', startedAt: BEGAN_AT,
  pairs: [{ withId: 'tower', withoutId: 'pile' }],
}
const side = (batch: Side['batch'], id: string, name: string): Side => ({
  batch: { ...batch, id, name }, method: findMethod(batch.began.methodId)!,
})
const pile = (since: readonly NewEvent[] = [], sacks = 10) =>
  begun(
    {
      methodId: 'leafmould', approachId: 'alone',
      site: { kind: 'vessel', vessel: { id: 'p', name: 'Pile', wall: 'none', shape: 'box', widthM: 1.1, depthM: 1, heightM: 1 } },
      inputs: [input('chips-ramial', sacks, SACK), input('leaves-mixed', sacks, SACK)], waterL: 300,
    },
    since,
  )
const heights = (...values: readonly number[]) => values.map((value, index) => gauged(2 + index * 14, 'height', 'top', value))
const pair = (mine: readonly NewEvent[], theirs: readonly NewEvent[]): KnownPair => ({
  with: side(tower(mine), 'tower', 'Tower'), without: side(pile(theirs), 'pile', 'Pile'),
})

describe('a trial as a document', () => {
  const read = (values: Record<string, unknown>) =>
    readSideBySide([
      writeDocument(undefined, 'side-by-side.t', SIDE_BY_SIDE_KIND, { ...sideBySideValues(trial), ...values } as never, BEGAN_AT, 'd'),
    ])
  it('comes back as it was written, and goes when it is put away', () => {
    expect(read({})).toEqual([trial])
    expect(read({ removed: true })).toEqual([])
  })

  it('is left out when it makes no sense', () => {
    expect(read({ pairs: [] })).toEqual([])
    expect(read({ pairs: [{ withId: 'a', withoutId: 'a' }] })).toEqual([])
    expect(read({ startedAt: 'soon' })).toEqual([])
    expect(read({ name: 7 })).toEqual([])
  })
})

describe('what a trial asks', () => {
  it('is what can be found of both in the same words', () => {
    const { quantities, senses } = sharedBy(pair([], []))
    expect(quantities.map(({ id }) => id)).toEqual(['height'])
    expect(senses.map(({ id }) => id)).toContain('squeeze')
    // A hot heap beside another is asked everything.
    const heap = findMethod('hot-heap')!
    const all = sharedBy({ with: { batch: tower(), method: heap }, without: { batch: tower(), method: heap } })
    expect(all.quantities.map(({ id }) => id)).toEqual(['heat', 'height'])
  })

  it('is asked of both on the same day, and only of whom it is missing', () => {
    const now = new Date(afterDays(29))
    const asked = askedTogether(trial, pair(heights(1, 0.9), []), now)
    expect(new Set(asked.map(({ due }) => due.getTime())).size).toBe(1)
    expect(asked.filter(({ action }) => action === 'height').map(({ batchId }) => batchId)).toEqual(['tower', 'pile'])
    const told = askedTogether(trial, pair([...heights(1, 0.9), gauged(28.5, 'height', 'top', 0.8)], []), now)
    expect(told.filter(({ action }) => action === 'height').map(({ batchId }) => batchId)).toEqual(['pile'])
    expect(lastDay(trial, now).getTime()).toBeLessThanOrEqual(now.getTime())
    expect(asked.every(({ reason }) => reason.includes('Tower or pile'))).toBe(true)
  })

  it('is silent when one of them has ended or is not there', () => {
    const over = { ...pair([], []) }
    expect(
      askedTogether(
        trial, { ...over, with: { ...over.with, batch: { ...over.with.batch, ended: { eventId: 'e', at: afterDays(3) } } } },
        new Date(afterDays(20)),
      ),
    ).toEqual([])
    expect(knownPairs(trial, id => id === 'tower' ? over.with : undefined)).toEqual([])
  })
})

describe('what is found', () => {
  it('is held against each other day by day', () => {
    // Differences of 10, 12 and 14 cm: mean 12, spread 2, with two degrees of freedom 1.886 · 2 ÷ √3 = 2.2 cm to either side.
    const read = readPair(pair(heights(1, 0.9, 0.8), heights(0.9, 0.78, 0.66)))
    const [row] = read.quantities
    expect(row!.difference).toBeCloseTo(0.12, 6)
    expect(row!.low).toBeCloseTo(0.12 - 1.886 * 0.02 / Math.sqrt(3), 3)
    expect(row!.high).toBeCloseTo(0.12 + 1.886 * 0.02 / Math.sqrt(3), 3)
    expect(quantityWords(row!, read.pair, 'metric').replaceAll('\u00A0', ' ')).toBe(
      'Height: Tower 90 cm, Pile 78 cm on the mean of 3 days; Tower by 9.8 cm to 14 cm more, as far as these days tell.',
    )
  })

  it('counts only what was found on about the same day', () => {
    expect(readPair(pair(heights(1), [gauged(9, 'height', 'top', 0.5)])).quantities).toEqual([])
    expect(readPair(pair(heights(1), [gauged(3, 'height', 'top', 0.5)])).quantities[0]!.beside).toHaveLength(1)
  })

  it('counts a day once, however often a probe reads: the mean of it', () => {
    // Every half hour for a month, one of them 4 cm higher than the other.
    const often = (more: number) => Array.from({ length: 48 * 30 }, (_, index) => gauged(2 + index / 48, 'height', 'top', 1 + more))
    const row = readPair(pair(often(0.04), often(0))).quantities[0]!
    expect(row.beside.length).toBeGreaterThanOrEqual(30)
    expect(row.beside.length).toBeLessThanOrEqual(31)
    expect(row.difference).toBeCloseTo(0.04, 9)
  })

  it('takes the nearest day of the other, as a look at all of them would', () => {
    const days = fc.uniqueArray(fc.integer({ min: 0, max: 90 }), { minLength: 1, maxLength: 25 })
    fc.assert(fc.property(days, days, (mine, theirs) => {
      const of = (some: readonly number[]) => some.map(day => gauged(2 + day + 0.3, 'height', 'top', 1 + day / 1000))
      const row = readPair(pair(of(mine), of(theirs))).quantities[0]
      const expected = [...mine].sort((a, b) => a - b).flatMap((day) => {
        const away = Math.min(...theirs.map(one => Math.abs(one - day)))
        return away <= 1 ? [away] : []
      })
      expect((row?.beside ?? []).map(({ mine: one, theirs: other }) => Math.round(1000 * Math.abs(one - other)))).toEqual(expected)
    }))
  })

  it('says when the days do not agree', () => {
    const read = readPair(pair(heights(1, 0.8, 0.9), heights(0.9, 0.9, 0.88)))
    expect(quantityWords(read.quantities[0]!, read.pair, 'metric')).toContain('No difference that stands out')
    expect(quantityWords(readPair(pair(heights(1), heights(0.9))).quantities[0]!, read.pair, 'metric')).toContain('One day says nothing')
  })

  it('counts what was good by a sense, with intervals', () => {
    const felt = (finding: string, count: number) => Array.from({ length: count }, (_, index) => seen(3 + index, 'squeeze', finding))
    const read = readPair(pair(felt('wet', 6), [...felt('dry', 5), ...felt('right', 1)]))
    const row = read.senses.find(({ sense }) => sense.id === 'squeeze')!
    expect([row.mine, row.theirs]).toEqual([{ hits: 6, of: 6 }, { hits: 1, of: 6 }])
    expect(row.chance).toBeGreaterThan(0.97)
    expect(senseWords(row, read.pair)).toMatch(/Tower 6 of 6 times good \(\d+–100 %\), Pile 1 of 6 times good/)
    const even = readPair(pair(felt('wet', 4), felt('right', 4))).senses.find(({ sense }) => sense.id === 'squeeze')!
    expect(senseWords(even, read.pair)).toContain('may well be chance')
    const few = readPair(pair(felt('wet', 1), felt('dry', 1))).senses.find(({ sense }) => sense.id === 'squeeze')!
    expect(senseWords(few, read.pair)).toContain('Too few looks to tell')
  })
})

describe('the verdict', () => {
  it('of one pair shows nothing, and says how many would', () => {
    const lines = verdictLines(trial, [readPair(pair(heights(1, 0.9, 0.8), heights(0.9, 0.78, 0.66)))], 'metric').join(' ')
    expect(lines).toContain('one pair cannot show it')
    // Batches differ by about 12 % of 84 cm, 10 cm: 2.8² · 2 · (10.1 ÷ 12)² = 11.1, so 12 pairs.
    expect(lines).toContain('About 12 pairs')
    expect(pairsNeeded(0.12, 0.12 * 0.84)).toBe(12)
    expect(pairsNeeded(0.5, 0.1)).toBe(6)
    expect(pairsNeeded(0, 0.1)).toBe(Infinity)
    expect(verdictLines(trial, [readPair(pair([], []))], 'metric')[0]).toContain('Nothing to hold against each other yet')
  })

  it('of several goes by how many point the same way', () => {
    const reads = (values: readonly number[]) => values.map(value => readPair(pair(heights(value, value), heights(0.8, 0.8))))
    expect(verdictLines(trial, reads([0.9, 0.95, 0.92, 0.91, 0.9, 0.94]), 'metric')[0]).toMatch(
      /more in 6 of 6 pairs.*3 times in a hundred: it shows a difference/,
    )
    expect(verdictLines(trial, reads([0.9, 0.95, 0.92]), 'metric')[0]).toMatch(
      /more in 3 of 3 pairs.*25 times in a hundred: it shows nothing yet/,
    )
    expect(verdictLines(trial, reads([0.9, 0.7, 0.85, 0.75]), 'metric')[0]).toContain('it shows nothing yet')
  })

  it('rests on chances that add up', () => {
    // Six of six: 2 · 2⁻⁶ = 1/32.
    expect(signChance(6, 6)).toBeCloseTo(1 / 32, 9)
    expect(signChance(3, 6)).toBe(1)
    fc.assert(fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 0, max: 20 }), (of, hits) => {
      const k = Math.min(hits, of)
      expect(signChance(k, of)).toBeCloseTo(signChance(of - k, of), 9)
      expect(signChance(k, of)).toBeLessThanOrEqual(1)
      expect(signChance(of, of)).toBeLessThanOrEqual(signChance(k, of) + 1e-12)
    }))
    expect(meanInterval([])).toBeUndefined()
    expect(meanInterval([3])).toEqual({ mean: 3 })
    expect(meanInterval([1, 3])).toMatchObject({ mean: 2, low: 2 - 3.078 * Math.SQRT2 / Math.SQRT2 })
  })
})

describe('unequal starts', () => {
  it('are said, whatever they are', () => {
    const even = pair([], [])
    expect(unequalStarts({ ...even, without: even.with }, LIBRARY_BOOK, 'metric')).toEqual([])
    const said = unequalStarts(even, LIBRARY_BOOK, 'metric').join(' ')
    expect(said).toContain('static tower and leaf mould')
    const less = { ...even, without: side(pile([], 5), 'pile', 'Pile') }
    expect(unequalStarts(less, LIBRARY_BOOK, 'metric').join(' ')).toContain('Unequal amounts')
    const later = {
      ...even,
      without: { ...even.without, batch: { ...even.without.batch, began: { ...even.without.batch.began, at: afterDays(9) } } },
    }
    expect(unequalStarts(later, LIBRARY_BOOK, 'metric').join(' ')).toContain('Tower was begun 9 days before the other')
  })
})
