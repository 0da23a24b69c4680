import { fileURLToPath } from 'node:url'
import { describe, expect, it } from 'vitest'
import { findMaterial } from '#core/materials/book'
import type { NewEvent } from '#core/journal/event'
import { hotHeap } from '#core/methods/hot-heap'
import { leafmould } from '#core/methods/leafmould'
import type { Cause, Method, Spare, Surroundings } from '#core/methods/contract'
import type { BegunBatch } from '#core/journal/garden'
import type { ContainerThen } from '#core/units/container'
import { asVessel } from '#core/vessel/site'
import { aroundOn, begun, did, input, put, seen } from '../builders/batches'
import { BUCKET, GOOD_HEAP, heap, observed, reading, RICH_HEAP, SACK, surroundingsOn, turned, type HeapRecipe } from '../builders/heaps'

// Every symptom asked of a dozen heaps and cages, each with one thing wrong: what is named first is what a good composter
// would look at first, and the whole list with its evidence is kept as a text to be read.
const spare = (id: string, count: number, container: ContainerThen = BUCKET): Spare => ({
  material: findMaterial(id)!, container, packing: 'loose', count,
})
const STORE: readonly Spare[] = [
  spare('grass-clippings', 40), spare('straw-wheat', 8, SACK), spare('cardboard', 6, SACK), spare('twigs', 3, SACK),
]
const SMALL: HeapRecipe = { waterL: 8, ingredients: [['leaves-mixed', 3, SACK], ['grass-clippings', 11, BUCKET]] }
const BROWN: HeapRecipe = { waterL: 90, ingredients: [['leaves-mixed', 16, SACK], ['straw-wheat', 4, SACK]] }
const GREEN: HeapRecipe = { waterL: 0, ingredients: [['grass-clippings', 90, BUCKET], ['leaves-mixed', 3, SACK]] }
const SCRAPS: HeapRecipe = { waterL: 0, ingredients: [['kitchen-veg', 40, BUCKET], ['leaves-mixed', 8, SACK]] }
const WET: HeapRecipe = { waterL: 260, ingredients: GOOD_HEAP.ingredients }
const DRY: HeapRecipe = {
  ...GOOD_HEAP,
  waterL: 0,
  ingredients: [
    ['leaves-mixed', 18, SACK], ['straw-wheat', 6, SACK], ['chicken-manure', 8, BUCKET],
  ],
}
const warmAndDown = [reading(2, 60), reading(3, 65), reading(6, 52), reading(9, 40)]
const cool = [reading(2, 17), reading(5, 18)]

interface Case { readonly name: string, readonly method: Method, readonly batch: BegunBatch, readonly around: Surroundings }
const heapCase = (name: string, recipe: HeapRecipe, events: readonly NewEvent[], day: number, airC = 15): Case => ({
  name, method: hotHeap, batch: heap(recipe, events), around: { ...surroundingsOn(day, airC), spares: STORE },
})
const cageCase = (name: string, leaf: string, since: readonly NewEvent[], day: number, rainMm = 2, answers = {}): Case => ({
  name, method: leafmould, around: aroundOn(day, { rainMm }),
  batch: begun(
    {
      methodId: 'leafmould', approachId: 'alone', site: leafmould.plan.sites.find(site => asVessel(site).wall === 'wire')!, answers,
      inputs: [input(leaf, 9, SACK)], waterL: 40,
    },
    since,
  ),
})

const CASES: readonly Case[] = [
  heapCase('a good heap in its heat', GOOD_HEAP, [reading(2, 58), reading(3, 63)], 4),
  heapCase('a brown heap', BROWN, cool, 6),
  heapCase('a green heap', GREEN, [reading(2, 62), reading(3, 68)], 4),
  heapCase('a heap of scraps', SCRAPS, [reading(2, 45), reading(4, 48)], 5),
  heapCase('a small heap', SMALL, cool, 6),
  heapCase('a wet heap', WET, [...cool, observed(5.5, 'squeeze', 'wet')], 6),
  heapCase('a dry heap', DRY, [...cool, observed(5.5, 'squeeze', 'dust')], 6),
  heapCase('a heap in frost', RICH_HEAP, [reading(1, 5)], 2, -3),
  heapCase('a heap that wants turning', RICH_HEAP, warmAndDown, 9.2),
  heapCase('a heap just turned', RICH_HEAP, [...warmAndDown, turned(9)], 9.3),
  heapCase('a heap that is too hot', RICH_HEAP, [reading(3, 72), reading(4, 75)], 4.2, 25),
  heapCase('an old heap', RICH_HEAP, [...warmAndDown, turned(10), reading(20, 35), turned(25), reading(60, 17)], 120),
  cageCase('a young cage', 'leaves-mixed', [], 60),
  cageCase('a cage dry as dust', 'leaves-mixed', [seen(290, 'squeeze', 'dust')], 300, 0.3),
  cageCase('a cage under a roof', 'leaves-mixed', [], 300, 2, { rain: 'roof' }),
  cageCase('an oak cage', 'leaves-oak', [put(100, [], 40), seen(380, 'look', 'whole')], 400),
  cageCase('a matted cage', 'leaves-mixed', [seen(380, 'look', 'matted')], 400, 6),
  cageCase('a cage in bags', 'leaves-fast', [did(120, 'bagged', { bags: 4 })], 500),
]
const caseOf = (name: string) => CASES.find(one => one.name === name)!
const causesOf = ({ method, batch, around }: Case, symptoms: readonly string[]): readonly Cause[] =>
  method.life.diagnosis!.causes(batch, around, symptoms)

describe('what is wrong', () => {
  it.each<readonly [string, string, string]>([
    ['a brown heap', 'no-heat', 'nitrogen-poor'],
    ['a small heap', 'no-heat', 'small'],
    ['a wet heap', 'no-heat', 'wet-airless'],
    ['a dry heap', 'no-heat', 'dry'],
    ['a heap in frost', 'no-heat', 'cold'],
    ['a heap that wants turning', 'died', 'stale'],
    ['a green heap', 'ammonia', 'nitrogen-rich'],
    ['a wet heap', 'eggs', 'wet-airless'],
    ['a heap of scraps', 'flies', 'open-food'],
    ['a heap of scraps', 'rats', 'open-food'],
    ['a dry heap', 'ants', 'dry'], ['a heap that is too hot', 'too-hot', 'overheated'],
    ['a young cage', 'still-whole', 'young'],
    ['a cage dry as dust', 'still-whole', 'dry'],
    ['a cage under a roof', 'not-sinking', 'dry'],
    ['an oak cage', 'still-whole', 'slow-kind'],
    ['a matted cage', 'matted', 'mats'],
  ])('with %s, of “%s”, is first of all: %s', (name, symptom, wanted) => {
    expect(causesOf(caseOf(name), [symptom])[0]?.id).toBe(wanted)
  })

  it('is told as it was when it was last read', async () => {
    const lines = CASES.flatMap(one => [
      one.name,
      ...one.method
        .life.diagnosis!.symptoms.filter(({ good }) => good === undefined)
        .flatMap(({ id, label }) =>
          causesOf(one, [id]).map(
            ({ title, likelihood, speaksFor, speaksAgainst, remedy, caution }, place) =>
              `  ${label}: ${likelihood.toFixed(2)} `
              + `${title}${speaksFor.map(text => ` + ${text}`).join('')}${speaksAgainst.map(text => ` − ${text}`).join('')}`
              + (place === 0
                ? ` → ${remedy.text}${caution ? ` Mind: ${caution}` : ''} `
                + `(${Math.round(remedy.waterL)} L; ${remedy.deeds.join(', ')}; `
                + `${remedy.parts.map(({ short, amount }) => `${amount.count} ${short}`).join(', ')})`
                : ''),
          ),
        ),
    ])
    await expect(lines.join('\n')).toMatchFileSnapshot(fileURLToPath(new URL('../fixtures/what-is-wrong.txt', import.meta.url)))
  }, 120_000)
})
