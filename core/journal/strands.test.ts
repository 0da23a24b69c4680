import { describe, expect, it } from 'vitest'
import { BUCKET } from '../../test/builders/heaps'
import { randomJournal } from '../../test/builders/journals'
import { seededRandom } from '../random/random'
import type { GardenEvent } from './event'
import { foreignEvent } from './foreign'
import { extendJournal, foldGarden, openJournal } from './journal'

const at = (day: number, minute = 0) => new Date(Date.UTC(2026, 3, day, 9, minute)).toISOString()
const always = (id: string, day: number, written = day) => ({ id, by: 'phone', at: at(day), recordedAt: at(written) })
const turned = (id: string, batchId: string, day: number, written = day): GardenEvent => ({
  ...always(id, day, written),
  kind: 'turned',
  batchId,
})
const stocked = (id: string, day: number): GardenEvent => ({
  ...always(id, day),
  kind: 'stocked',
  materialId: 'leaves-mixed',
  source: '',
  amount: { count: 10, container: BUCKET, packing: 'loose' },
})
const undo = (id: string, targetId: string, day: number): GardenEvent => ({ ...always(id, day), kind: 'undone', targetId })

describe('a batch folds by itself', () => {
  const journal = () => openJournal([stocked('lot', 1), turned('a1', 'a', 2), turned('b1', 'b', 3), turned('a2', 'a', 4)])

  it('an undo of one batch leaves the others and the store what they were, identity and all', () => {
    const before = journal()
    const { b, lots } = { b: before.garden.batches.get('b'), lots: before.garden.lots.get('lot') }
    const after = extendJournal(before, [undo('u', 'a1', 5)])
    expect(after.garden.batches.get('b')).toBe(b)
    expect(after.garden.lots.get('lot')).toBe(lots)
    expect(after.garden.batches.get('a')!.did.map(({ eventId }) => eventId)).toEqual(['a2'])
  })

  it('a late entry of one batch is told where it happened, and the others keep their identity', () => {
    const before = journal()
    const b = before.garden.batches.get('b')
    const after = extendJournal(before, [turned('a0', 'a', 1, 6)])
    expect(after.garden.batches.get('a')!.did.map(({ eventId }) => eventId)).toEqual(['a0', 'a1', 'a2'])
    expect(after.garden.batches.get('b')).toBe(b)
  })

  it('several undos at once are one step, and a redo brings back what they took', () => {
    const twice = extendJournal(journal(), [undo('u1', 'a1', 5), undo('u2', 'b1', 5)])
    expect(twice.garden.batches.get('b')).toBeUndefined()
    const back = extendJournal(twice, [undo('r', 'u2', 6)])
    expect(back.garden.batches.get('b')!.log).toEqual(['b1'])
    expect(back.garden.batches.get('a')!.log).toEqual(['a2'])
  })

  it('an undo that arrives before what it undoes takes hold when that comes', () => {
    const early = extendJournal(journal(), [undo('u', 'late', 9)])
    const late = extendJournal(early, [{ ...turned('late', 'b', 7), recordedAt: at(7) }])
    expect(late.garden.batches.get('b')!.log).toEqual(['b1'])
  })

  it('draws that are undone come back into the store', () => {
    const put: GardenEvent = {
      ...always('p', 5),
      kind: 'put',
      batchId: 'a',
      waterL: 0,
      inputs: [{
        role: 'feed',
        materialId: 'leaves-mixed',
        amount: { count: 2, container: BUCKET, packing: 'loose' },
        draws: [{ lotId: 'lot', litres: 24 }],
      }],
    }
    const drawn = extendJournal(journal(), [put])
    expect(drawn.garden.drawnL.get('lot')).toBe(24)
    expect(extendJournal(drawn, [undo('u', 'p', 6)]).garden.drawnL.get('lot')).toBeUndefined()
  })
})

describe('what is not known', () => {
  const strange = (id: string, batchId: string, day: number): GardenEvent => {
    const read = foreignEvent({ ...always(id, day), kind: 'hummed', batchId, tune: [1, 2] })
    if (!read.ok) throw new Error('it should be kept')
    return read.value
  }

  it('stands in the log of its batch, in place, changes nothing, and can be undone', () => {
    const events = [turned('a1', 'a', 2), strange('x', 'a', 3), turned('a2', 'a', 4), strange('y', 'c', 5)]
    const garden = foldGarden(events)
    expect(garden.batches.get('a')!.log).toEqual(['a1', 'x', 'a2'])
    expect(garden.batches.get('a')!.did).toHaveLength(2)
    expect(garden.batches.get('c')).toMatchObject({ name: '', log: ['y'] })
    expect(garden.batches.get('c')!.began).toBeUndefined()
    expect(foldGarden([...events, undo('u', 'x', 6)]).batches.get('a')!.log).toEqual(['a1', 'a2'])
  })

  it('never breaks a random journal, wherever it stands in it', () => {
    for (let seed = 0; seed < 150; seed++) {
      const events = randomJournal(seededRandom(seed), 25)
      const mixed = events.flatMap((event, index) =>
        index % 4 === 0 ? [event, strange(`x${index}`, `batch-${index % 5}`, 1 + (index % 20))] : [event],
      )
      const told = (all: readonly GardenEvent[]) =>
        JSON.stringify([
          [...foldGarden(all).lots], [...foldGarden(all).drawnL],
          [...foldGarden(all).batches]
            .map(([id, { puts, did, gauged, takings }]) => [id, puts, did, gauged, takings])
            .filter(([, ...lists]) => lists.some(list => JSON.stringify(list).length > 2))
            .sort(),
        ])
      expect(told(mixed), `seed ${seed}`).toBe(told(events))
    }
  })
})

describe('kinds of earlier versions', () => {
  it('fold into the same batch as the kinds of today', () => {
    const vessel = { id: 'v', name: 'Bay', wall: 'boards', shape: 'box', widthM: 1, depthM: 1, heightM: 1 } as const
    const amount = { count: 3, container: BUCKET, packing: 'loose' } as const
    const ingredient = { materialId: 'leaves-mixed', amount, draws: [] }
    const base = { name: 'Bay', place: 'here', methodId: 'm', approachId: 'x', batchId: 'a' }
    const earlier: GardenEvent[] = [
      { ...always('1', 1), kind: 'built', ...base, vessel, ingredients: [ingredient], waterL: 20 },
      { ...always('2', 2), kind: 'turned', batchId: 'a' },
      { ...always('3', 3), kind: 'watered', batchId: 'a', litres: 10 },
      { ...always('4', 4), kind: 'added', batchId: 'a', ingredient },
      { ...always('5', 5), kind: 'reading', batchId: 'a', coreC: 55, edgeC: 30, source: 'hand' },
      { ...always('6', 6), kind: 'measured', batchId: 'a', heightM: 0.7 },
      { ...always('7', 7), kind: 'finished', batchId: 'a', heightM: 0.4, products: [{ materialId: 'overs', amount }] },
    ]
    const today: GardenEvent[] = [
      {
        ...always('1', 1),
        kind: 'began',
        ...base,
        site: { kind: 'vessel', vessel },
        answers: {},
        inputs: [{ role: 'feed', ...ingredient }],
        waterL: 20,
      },
      { ...always('2', 2), kind: 'did', batchId: 'a', deed: 'turned', answers: {} },
      { ...always('3', 3), kind: 'put', batchId: 'a', inputs: [], waterL: 10 },
      { ...always('4', 4), kind: 'put', batchId: 'a', inputs: [{ role: 'feed', ...ingredient }], waterL: 0 },
      {
        ...always('5', 5),
        kind: 'gauged',
        batchId: 'a',
        quantity: 'heat',
        source: 'hand',
        values: [
          { spot: 'core', value: 55 }, { spot: 'edge', value: 30 },
        ],
      },
      { ...always('6', 6), kind: 'gauged', batchId: 'a', quantity: 'height', source: 'hand', values: [{ spot: 'top', value: 0.7 }] },
      { ...always('7', 7), kind: 'took', batchId: 'a', heightM: 0.4, products: [{ materialId: 'overs', amount }], ends: true },
    ]
    expect(foldGarden(earlier).batches.get('a')).toEqual(foldGarden(today).batches.get('a'))
    expect([...foldGarden(earlier).lots.values()]).toEqual([...foldGarden(today).lots.values()])
  })
})

describe('lots of lots', () => {
  const amount = (count: number) => ({ count, container: BUCKET, packing: 'loose' as const })
  it('what is sieved, mixed and used comes out of the store and knows where it came from', () => {
    const garden = foldGarden([
      stocked('lot', 1),
      {
        ...always('m', 2),
        kind: 'made',
        how: 'sieved',
        draws: [{ lotId: 'lot', litres: 60 }],
        products: [
          { materialId: 'compost-finished', amount: amount(3), sieveMm: 10 }, { materialId: 'overs', amount: amount(1) },
        ],
      },
      { ...always('u', 3), kind: 'used', lotId: 'm.0', litres: 12, place: 'bean bed', areaM2: 4 },
      { ...always('v', 3), kind: 'used', batchId: 'a', litres: 2, place: 'leeks', waterL: 20 },
      { ...always('w', 4), kind: 'used', batchId: 'a', litres: 1, place: 'chard', areaM2: 3 },
      { ...always('t', 5), kind: 'took', batchId: 'a', heightM: 0.4, ends: false, products: [] },
      { ...always('o', 6), kind: 'took', batchId: 'a', ends: true, products: [] },
    ])
    expect(garden.drawnL.get('lot')).toBe(60)
    expect(garden.lots.get('m.0')).toMatchObject({ initialL: 36, fromLotIds: ['lot'], sieveMm: 10 })
    expect(garden.lots.get('m.1')).toMatchObject({ initialL: 12, fromLotIds: ['lot'] })
    expect(garden.drawnL.get('m.0')).toBe(12)
    expect(garden.lots.get('m.1')).not.toHaveProperty('sieveMm', 10)
    expect(garden.batches.get('a')!.uses).toStrictEqual([
      { eventId: 'v', at: at(3), litres: 2, place: 'leeks', waterL: 20 },
      { eventId: 'w', at: at(4), litres: 1, place: 'chard', areaM2: 3 },
    ])
    expect(garden.batches.get('a')!.takings).toStrictEqual([
      { eventId: 't', at: at(5), products: [], ends: false, heightM: 0.4 }, { eventId: 'o', at: at(6), products: [], ends: true },
    ])
  })
})
