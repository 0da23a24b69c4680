import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { GardenEvent, NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { findMaterial, LIBRARY_BOOK } from '../materials/book'
import { LITRE } from '../units/container'
import { MESHES, USUALLY_THROUGH } from './constants'
import { isMulchByNow, sieveRounds, sievingEvents, sievingMinutes, streamsOf } from './sieving'
import { coarsenessOf, sievedKind, sizeFor, throughShare } from './through'

const on = (day: number) => new Date(Date.UTC(2027, 0, 1, 10) + day * 86_400_000).toISOString()
const litres = (count: number) => ({ count, container: LITRE, packing: 'loose' as const })
const gardenOf = (events: readonly NewEvent[]) =>
  foldGarden(events.map((event, index) => ({ ...event, id: event.id ?? `e${index}`, by: 'test', recordedAt: event.at }) as GardenEvent))
const stocked = (id: string, materialId: string, count: number, day = 0): NewEvent => ({
  kind: 'stocked', id, at: on(day), materialId, amount: litres(count), source: '',
})
const of = (id: string) => findMaterial(id)!
/** So much through a mesh and so much left on it. */
const sieved = (id: string, lotId: string, takenL: number, meshMm: number, fineL: number, oversL: number, day = 1): NewEvent =>
  sievingEvents({
    at: on(day), draws: [{ lotId, litres: takenL }],
    streams: [
      { materialId: 'compost-finished', throughMm: meshMm, amount: litres(fineL) }, { materialId: 'overs', amount: litres(oversL) },
    ],
  }, id)[0]!

describe('what goes through a mesh', () => {
  it('is as is usual at the mesh it is known for, less through a finer one and more through a coarser', () => {
    // Three quarters of ripe compost through 10 mm: the size is 10 ÷ (−ln 0.25)^(1 ÷ 0.9) = 6.96 mm.
    expect(sizeFor(10, 0.75)).toBeCloseTo(6.957, 2)
    expect(throughShare(10, sizeFor(10, 0.75))).toBeCloseTo(0.75, 9)
    for (const { id, meshMm, low, high } of USUALLY_THROUGH) {
      const { sizeMm } = coarsenessOf(id, gardenOf([]), LIBRARY_BOOK)
      expect(throughShare(meshMm, sizeMm.high)).toBeCloseTo(low, 9)
      expect(throughShare(meshMm, sizeMm.low)).toBeCloseTo(high, 9)
      const shares = MESHES.map(mesh => throughShare(mesh.meshMm, sizeMm.typical))
      expect(shares).toEqual([...shares].sort((a, b) => a - b))
    }
  })

  it('of 100 L of compost through 10 and 25 mm is 75, 20 and 4: all of it, in three heaps', () => {
    const streams = streamsOf(of('compost-finished'), 100, [25, 10], coarsenessOf('compost', gardenOf([]), LIBRARY_BOOK))
    expect(streams.map(({ throughMm, materialId }) => [throughMm, materialId])).toEqual([
      [10, 'compost-finished'], [25, 'compost-finished'], [undefined, 'overs'],
    ])
    // Through 25 mm go 1 − exp(−(25 ÷ 6.957)^0.9) = 95.8 %.
    expect(streams.map(one => Math.round(one.litres.typical * 10) / 10)).toEqual([75, 20.8, 4.2])
    expect(streams.reduce((sum, one) => sum + one.litres.typical, 0)).toBeCloseTo(100, 9)
  })

  it('is never less than nothing and all of what went in, through any meshes', () => {
    fc.assert(fc.property(
      fc.double({ min: 0, max: 5000, noNaN: true }),
      fc.array(fc.constantFrom(...MESHES.map(({ meshMm }) => meshMm)), { minLength: 1, maxLength: 2 }),
      fc.constantFrom('compost-finished', 'leaf-mould', 'worm-castings', 'char-charged', 'garden-soil', 'overs'), (inL, meshes, id) => {
        const streams = streamsOf(of(id), inL, meshes, coarsenessOf(sievedKind(of(id)), gardenOf([]), LIBRARY_BOOK))
        expect(streams.every(({ litres: { low, typical, high } }) => low >= 0 && low <= typical + 1e-9 && typical <= high + 1e-9)).toBe(
          true)
        expect(streams.reduce((sum, one) => sum + one.litres.typical, 0)).toBeCloseTo(inL, 6)
      }))
  })

  it('fine out of coarse leaf mould is leaf mould, and what stays of char is coarse char', () => {
    const names = (id: string) =>
      streamsOf(of(id), 10, [10], coarsenessOf(sievedKind(of(id)), gardenOf([]), LIBRARY_BOOK)).map(({ materialId }) => materialId)
    expect(names('leaf-mould-coarse')).toEqual(['leaf-mould', 'overs'])
    expect(names('char-charged')).toEqual(['char-charged', 'char-coarse'])
  })

  it('is learned from own sievings: one that let less through pulls it down, four nearly all the way', () => {
    const half = (times: number) => coarsenessOf('compost', gardenOf([
      stocked('heap', 'compost-finished', 1000),
      ...Array.from({ length: times }, (_, at) => sieved(`s${at}`, 'heap', 100, 10, 50, 50)),
    ]), LIBRARY_BOOK)
    const share = (times: number) => throughShare(10, half(times).sizeMm.typical)
    // Half through 10 mm is a size of 15.03 mm. (8.16 · ln 6.957 + 44.4 · ln 15.03) ÷ 52.6 = 2.59: 13.3 mm; to either side e^0.204.
    expect(half(1).sizeMm.typical).toBeCloseTo(13.33, 1)
    expect(half(1).sizeMm.high / half(1).sizeMm.typical).toBeCloseTo(Math.exp(Math.sqrt(1 / 52.61 + 0.15 ** 2)), 2)
    expect(half(4).sievings).toBe(4)
    expect(share(1)).toBeLessThan(0.58)
    expect(share(1)).toBeGreaterThan(share(4))
    expect(share(4)).toBeGreaterThan(0.5)
    expect(share(4)).toBeLessThan(0.52)
    const width = ({ sizeMm: { low, high } }: ReturnType<typeof half>) => Math.log(high / low)
    expect(width(half(4))).toBeLessThan(width(half(0)))
  })

  it('is learned of nothing but what had not been sieved, and of its own kind', () => {
    const events = [
      stocked('heap', 'compost-finished', 1000), sieved('first', 'heap', 100, 10, 70, 30), sieved('again', 'first.0', 70, 6, 30, 40, 2),
    ]
    expect(coarsenessOf('compost', gardenOf(events), LIBRARY_BOOK).sievings).toBe(1)
    expect(coarsenessOf('mould', gardenOf(events), LIBRARY_BOOK).sievings).toBe(0)
  })
})

describe('the work', () => {
  it('is by the riddle or the screen as is usual, twice for two meshes, and by own minutes where there are any', () => {
    const none = gardenOf([])
    // 90 L an hour by hand: 90 L are an hour; thrown at a screen 220 L are one.
    expect(sievingMinutes(90, [10], none).typical).toBeCloseTo(60, 6)
    expect(sievingMinutes(220, [25], none).typical).toBeCloseTo(60, 6)
    expect(sievingMinutes(90, [10, 25], none).typical).toBeCloseTo(120, 6)
    const own = gardenOf([
      stocked('heap', 'compost-finished', 100),
      { kind: 'made', at: on(1), how: 'sieved', draws: [{ lotId: 'heap', litres: 60 }], minutes: 30, products: [] },
    ])
    // 2 L a minute.
    expect(sievingMinutes(90, [10], own).typical).toBeCloseTo(45, 6)
  })
})

describe('what is written down of a sieving', () => {
  const events = (oversOnto?: { id: string }) => sievingEvents({
    at: on(5), draws: [{ lotId: 'a', litres: 40 }, { lotId: 'b', litres: 20 }],
    streams: [
      { materialId: 'compost-finished', throughMm: 10, amount: litres(40) },
      { materialId: 'compost-finished', throughMm: 25, amount: litres(0) },
      { materialId: 'overs', amount: litres(12) },
    ],
    picked: { litres: 1, what: 'two labels' }, minutes: 40,
    ...(oversOnto ? { oversOnto } : {}),
  }, 'sieving')
  const store = [stocked('a', 'compost-finished', 50), stocked('b', 'compost-finished', 30)]

  it('takes from its lots, gives a lot a heap, and keeps what was picked out and how long it took', () => {
    const garden = gardenOf([...store, ...events()])
    expect([...garden.lots.keys()]).toEqual(['a', 'b', 'sieving.0', 'sieving.1'])
    expect(garden.lots.get('sieving.0')).toMatchObject({ sieveMm: 10, initialL: 40, fromLotIds: ['a', 'b'] })
    expect(garden.lots.get('sieving.1')).toMatchObject({ materialId: 'overs', initialL: 12 })
    expect(garden.lots.get('sieving.1')!.sieveMm).toBeUndefined()
    expect([garden.drawnL.get('a'), garden.drawnL.get('b')]).toEqual([40, 20])
    expect(garden.makings).toMatchObject([{ picked: { litres: 1, what: 'two labels' }, minutes: 40 }])
  })

  it('puts the overs onto the batch that they go on in, out of their own lot', () => {
    const [, put] = events({ id: 'next' })
    expect(put).toMatchObject({
      kind: 'put', batchId: 'next', inputs: [{ materialId: 'overs', draws: [{ lotId: 'sieving.1', litres: 12 }] }],
    })
    expect(gardenOf([...store, ...events({ id: 'next' })]).drawnL.get('sieving.1')).toBe(12)
  })

  it('taken back it lies in the store as before', () => {
    const garden = gardenOf([...store, ...events(), { kind: 'undone', at: on(6), targetId: 'sieving' }])
    expect([...garden.lots.keys()]).toEqual(['a', 'b'])
    expect(garden.drawnL.size).toBe(0)
    expect(garden.makings).toEqual([])
  })
})

describe('overs', () => {
  it('that were left on a sieve the third time are a mulch, whatever they went through between', () => {
    const round = (at: number, from: string): NewEvent[] => [
      {
        kind: 'began', id: `b${at}`, at: on(10 * at), batchId: `h${at}`, name: 'Heap', place: '', methodId: 'hot-heap', approachId: 'x',
        site: { kind: 'vessel', vessel: { id: 'v', name: 'Bay', wall: 'boards', shape: 'box', widthM: 1, depthM: 1, heightM: 1 } },
        answers: {},
        waterL: 0, inputs: [{ role: 'feed', materialId: 'overs', amount: litres(5), draws: [{ lotId: from, litres: 5 }] }],
      },
      {
        kind: 'took', id: `t${at}`, at: on(10 * at + 5), batchId: `h${at}`, ends: true,
        products: [{ materialId: 'compost-finished', amount: litres(20) }, { materialId: 'overs', amount: litres(4) }],
      },
    ]
    const garden = gardenOf([
      stocked('heap', 'compost-finished', 100), sieved('s', 'heap', 50, 10, 35, 15), ...round(1, 's.1'), ...round(2, 't1.1'),
    ])
    const rounds = sieveRounds(garden, LIBRARY_BOOK)
    expect(['heap', 's.0', 's.1', 't1.1', 't2.1'].map(id => rounds.ofLot(id))).toEqual([0, 0, 1, 2, 3])
    expect([1, 2, 3].map(isMulchByNow)).toEqual([false, false, true])
  })
})
