import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { GardenEvent, NewEvent } from '../journal/event'
import { remainingL } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import { findMaterial, LIBRARY_BOOK } from '../materials/book'
import { LITRE } from '../units/container'
import { reactionOf, stuffReader } from './stuff'
import { originMemory } from './origins'

const NOW = new Date('2028-01-01T10:00:00.000Z')
const on = (day: number) => new Date(Date.UTC(2027, 0, 1, 10) + day * 86_400_000).toISOString()
const litres = (count: number) => ({ count, container: LITRE, packing: 'loose' as const })
const gardenOf = (events: readonly NewEvent[]) =>
  foldGarden(events.map((event, index) => ({ ...event, id: event.id ?? `e${index}`, by: 'test', recordedAt: event.at }) as GardenEvent))
const stocked = (id: string, materialId: string, count: number): NewEvent => ({
  kind: 'stocked', id, at: on(0), materialId, amount: litres(count), source: '',
})
const SITE = {
  kind: 'vessel' as const,
  vessel: { id: 't', name: 'Bay', wall: 'boards' as const, shape: 'box' as const, widthM: 1, depthM: 1, heightM: 1 },
}
type Out = { readonly materialId: string, readonly litres: number, readonly sieveMm?: number }
const made = (id: string, day: number, how: 'sieved' | 'mixed', draws: readonly (readonly [string, number])[],
  out: readonly Out[]): NewEvent => ({
  kind: 'made', id, at: on(day), how, draws: draws.map(([lotId, takenL]) => ({ lotId, litres: takenL })),
  products: out.map(({ materialId, litres: count, sieveMm }) => ({ materialId, amount: litres(count), ...(sieveMm ? { sieveMm } : {}) })),
})
const batch = (id: string, day: number, draws: readonly (readonly [lotId: string, materialId: string, litres: number])[],
  out: readonly Out[]): NewEvent[] => [
  {
    kind: 'began', id: `${id}-began`, at: on(day), batchId: id, name: id, place: '', methodId: 'slow-heap', approachId: 'x', site: SITE,
    answers: {}, waterL: 0,
    inputs: draws.map(([lotId, materialId, takenL]) =>
      ({ role: 'feed' as const, materialId, amount: litres(takenL), draws: [{ lotId, litres: takenL }] })),
  },
  {
    kind: 'took', id, at: on(day + 1), batchId: id, ends: true,
    products: out.map(({ materialId, litres: count, sieveMm }) => ({ materialId, amount: litres(count), ...(sieveMm ? { sieveMm } : {}) })),
  },
]

describe('what a lot remembers', () => {
  const read = (events: readonly NewEvent[], lotId: string) => {
    const garden = gardenOf(events)
    return stuffReader(garden, LIBRARY_BOOK, NOW)(garden.lots.get(lotId)!)!
  }

  it('of ash is what went in, through a heap and a mix: 3 L in 60 L out, thinned by half, are two and a half in a hundred', () => {
    const events = [
      stocked('ash', 'wood-ash', 5), stocked('leaves', 'leaves-mixed', 200), stocked('mould', 'leaf-mould', 50),
      ...batch('heap', 2, [['ash', 'wood-ash', 3], ['leaves', 'leaves-mixed', 150]], [{ materialId: 'compost-finished', litres: 60 }]),
      made('mix', 5, 'mixed', [['heap.0', 20], ['mould', 20]], [{ materialId: 'growing-mix', litres: 40 }]),
    ]
    expect(read(events, 'heap.0').ashShare).toBeCloseTo(0.05, 9)
    expect(read(events, 'mix.0').ashShare).toBeCloseTo(0.025, 9)
    expect([read(events, 'heap.0'), read(events, 'mix.0')].map(reactionOf)).toEqual(['ash', 'neutral'])
  })

  it('of a mesh is the coarsest of what was mixed, and nothing where some of it went through none', () => {
    const events = [
      stocked('heap', 'compost-finished', 100), stocked('sand', 'sand-grit', 50),
      made('fine', 1, 'sieved', [['heap', 40]],
        [{ materialId: 'compost-finished', litres: 25, sieveMm: 10 }, { materialId: 'overs', litres: 12 }]),
      made('seed', 2, 'sieved', [['fine.0', 20]],
        [{ materialId: 'compost-finished', litres: 12, sieveMm: 6 }, { materialId: 'overs', litres: 7 }]),
      made('mix', 3, 'mixed', [['seed.0', 5], ['sand', 5]], [{ materialId: 'growing-mix', litres: 9 }]),
      made('rough', 3, 'mixed', [['seed.0', 5], ['heap', 5]], [{ materialId: 'growing-mix', litres: 9 }]),
    ]
    expect(['heap', 'fine.0', 'seed.0', 'mix.0', 'rough.0'].map(id => read(events, id).throughMm)).toEqual([undefined, 10, 6, 6, undefined])
    // What stayed on the finer one had gone through the coarser.
    expect(read(events, 'seed.1').throughMm).toBe(10)
  })

  it('holds of what was bought for it too: compost of a bag in a mix keeps its doubt', () => {
    const mix: NewEvent = { ...made('mix', 1, 'mixed', [], [{ materialId: 'growing-mix', litres: 9 }]),
      bought: [{ materialId: 'compost-bought', litres: 10 }] } as NewEvent
    expect(read([mix], 'mix.0').carried.map(({ risk }) => risk)).toEqual(['weedkiller'])
  })

  it('comes back from a trail that leads to itself', () => {
    const events = [
      made('a', 1, 'mixed', [['b.0', 5]], [{ materialId: 'growing-mix', litres: 5 }]),
      made('b', 1, 'mixed', [['a.0', 5]], [{ materialId: 'growing-mix', litres: 5 }]),
    ]
    expect(read(events, 'a.0')).toMatchObject({ charShare: 0, ashShare: 0, carried: [] })
  })

  it('of where it comes from is every lot and batch, near and far, with how much of it', () => {
    const events = [
      stocked('hay', 'hay-grass', 40), stocked('leaves', 'leaves-mixed', 120), stocked('mould', 'leaf-mould', 50),
      ...batch('heap', 2, [['hay', 'hay-grass', 40], ['leaves', 'leaves-mixed', 120]], [{ materialId: 'compost-finished', litres: 60 }]),
      made('mix', 5, 'mixed', [['heap.0', 10], ['mould', 30]], [{ materialId: 'growing-mix', litres: 38 }]),
    ]
    const origins = originMemory(gardenOf(events), LIBRARY_BOOK).ofLot('mix.0')
    const share = (id: string) => origins.find(one => one.id === id)?.share
    // A quarter of the mix is of the heap; of that a quarter was hay.
    expect([share('heap'), share('mould')]).toEqual([0.25, 0.75])
    expect(share('hay')).toBeCloseTo(0.0625, 9)
    expect(share('leaves')).toBeCloseTo(0.1875, 9)
  })
})

/** A step of a chain: what is taken, and what is made of it. */
const step = fc.record({
  kind: fc.constantFrom('sieve', 'mix', 'batch'), of: fc.array(fc.nat({ max: 30 }), { minLength: 1, maxLength: 3 }),
  part: fc.double({ min: 0.1, max: 0.9, noNaN: true }), keep: fc.double({ min: 0.5, max: 0.95, noNaN: true }),
  meshMm: fc.constantFrom(6, 10, 15),
})
const SOURCES = ['leaves-mixed', 'cattle-manure', 'hay-grass', 'biochar-crushed', 'wood-ash', 'leaf-mould', 'compost-finished',
  'leaves-walnut', 'sand-grit']

describe('any chain of taking, sieving, mixing and building', () => {
  it('keeps its litres, its char and ash, its risks and where it came from', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...SOURCES), { minLength: 2, maxLength: 5 }), fc.array(step, { maxLength: 9 }),
        (sources, steps) => {
          const events: NewEvent[] = sources.map((materialId, at) => stocked(`s${at}`, materialId, 100))
          // Carried along by hand, apart from the code that is tried: litres of char and ash in all of a lot, and from which sources it is.
          interface Held {
            readonly id: string
            readonly materialId: string
            left: number
            readonly share: { char: number, ash: number }
            readonly from: ReadonlySet<string>
          }
          const held: Held[] = sources.map((materialId, at) => ({
            id: `s${at}`, materialId, left: 100, from: new Set([`s${at}`]),
            share: { char: materialId === 'biochar-crushed' ? 1 : 0, ash: materialId === 'wood-ash' ? 1 : 0 },
          }))
          const gathered = 100 * sources.length
          let lost = 0
          steps.forEach((one, at) => {
            const used = [...new Set(one.of.map(pick => held[pick % held.length]!))].filter(({ left }) => left > 0.5)
            if (used.length === 0) return
            const takes = used.map(lot => ({ lot, litres: lot.left * one.part }))
            const inL = takes.reduce((sum, { litres: taken }) => sum + taken, 0)
            const of = (what: 'char' | 'ash') => takes.reduce((sum, { lot, litres: taken }) => sum + taken * lot.share[what], 0)
            for (const { lot, litres: taken } of takes) lot.left -= taken
            const day = 1 + at * 10
            const outL = inL * (one.kind === 'sieve' ? 1 : one.keep)
            const share = { char: Math.min(1, of('char') / outL), ash: Math.min(1, of('ash') / outL) }
            const from = new Set(used.flatMap(lot => [...lot.from]))
            lost += inL - outL
            const draws = takes.map(({ lot, litres: taken }) => [lot.id, taken] as const)
            const outs = one.kind === 'sieve' ? [0.7, 0.3].map(part => outL * part) : [outL]
            const product = one.kind === 'mix' ? 'growing-mix' : 'compost-finished'
            if (one.kind === 'batch')
              events.push(
                ...batch(`b${at}`, day, takes.map(({ lot, litres: taken }) => [lot.id, lot.materialId, taken] as const),
                  [{ materialId: product, litres: outL }]))
            else
              events.push(made(`b${at}`, day, one.kind === 'mix' ? 'mixed' : 'sieved', draws, outs.map((count, index) => ({
                materialId: one.kind === 'sieve' && index === 1 ? 'overs' : product, litres: count,
                ...(one.kind === 'sieve' && index === 0 ? { sieveMm: one.meshMm } : {}),
              }))))
            outs.forEach((count, index) => held.push({
              id: `b${at}.${index}`, materialId: one.kind === 'sieve' && index === 1 ? 'overs' : product, left: count, share, from,
            }))
          })
          const garden = gardenOf(events)
          const [reader, origins] = [stuffReader(garden, LIBRARY_BOOK, NOW), originMemory(garden, LIBRARY_BOOK)]
          const stillL = [...garden.lots.values()].reduce((sum, lot) => sum + remainingL(garden, lot), 0)
          expect(stillL + lost).toBeCloseTo(gathered, 4)
          for (const lot of held) {
            const stuff = reader(garden.lots.get(lot.id)!)!
            expect(remainingL(garden, garden.lots.get(lot.id)!)).toBeCloseTo(lot.left, 4)
            expect([lot.id, stuff.charShare.toFixed(6), stuff.ashShare.toFixed(6)]).toEqual(
              [lot.id, lot.share.char.toFixed(6), lot.share.ash.toFixed(6)])
            const sourcesOf = origins.ofLot(lot.id).filter(({ kind }) => kind === 'lot').map(({ id }) => id)
            expect(new Set(sourcesOf)).toEqual(lot.from)
            // Dung and weedkiller stick through everything that no test cleared.
            for (const [index, materialId] of sources.entries()) {
              if (!lot.from.has(`s${index}`)) continue
              for (const risk of findMaterial(materialId)!.brings.filter(brought => brought === 'dung' || brought === 'weedkiller'))
                expect(stuff.carried.map(part => part.risk)).toContain(risk)
            }
          }
        }), { numRuns: 500 })
  })
})
