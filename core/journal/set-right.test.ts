import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUCKET } from '../../test/builders/heaps'
import { randomJournal } from '../../test/builders/journals'
import { seededRandom } from '../random/random'
import { readEvent, type KnownEvent } from './event'
import { partsOf, setRight } from './set-right'

const WHEN = '2026-04-02T09:00:00.000Z'
const always = { id: 'one', by: 'phone', at: WHEN, recordedAt: WHEN, batchId: 'a' }
const grass = (count: number, litres: number) =>
  ({ role: 'feed' as const, materialId: 'grass-clippings', amount: { count, container: BUCKET, packing: 'loose' as const }, draws: [
    { lotId: 'lot', litres },
  ] })

describe('setting an entry right', () => {
  it('changes what was named and nothing else: sixty for six hundred', () => {
    const reading: KnownEvent = { ...always, kind: 'reading', coreC: 6, edgeC: 30, source: 'hand' }
    expect(partsOf(reading)).toEqual([
      { kind: 'value', quantity: 'heat', spot: 'core', value: 6 }, { kind: 'value', quantity: 'heat', spot: 'edge', value: 30 },
    ])
    expect(setRight(reading, [{ kind: 'value', quantity: 'heat', spot: 'core', value: 60 }], WHEN)).toEqual({ ...reading, coreC: 60 })
  })

  it('of twice as much took twice as much from the same lot; of another stuff nothing', () => {
    const put: KnownEvent = { ...always, kind: 'put', inputs: [grass(2, 24)], waterL: 0 }
    const part = (count: number, materialId = 'grass-clippings') =>
      ({ kind: 'stuff' as const, at: 0, materialId, amount: { ...grass(2, 24).amount, count }, fixed: false })
    expect(setRight(put, [part(4)], WHEN)).toMatchObject({ inputs: [{ amount: { count: 4 }, draws: [{ lotId: 'lot', litres: 48 }] }] })
    expect(setRight(put, [part(2, 'leaves-mixed')], WHEN)).toMatchObject({ inputs: [{ materialId: 'leaves-mixed', draws: [] }] })
  })

  it('does not turn a lot into another: what came out keeps its material', () => {
    const took: KnownEvent = {
      ...always, kind: 'took', ends: false, products: [{ materialId: 'leaf-mould', amount: grass(1, 0).amount }],
    }
    expect(partsOf(took)).toMatchObject([{ kind: 'stuff', fixed: true }])
  })

  it('of what is no record of a gardener offers nothing', () => {
    const undone: KnownEvent = { ...always, kind: 'undone', targetId: 'x' }
    expect([partsOf(undone), setRight(undone, [], WHEN)]).toEqual([undefined, undefined])
  })

  it('with the same parts at the same moment is the same, and always something that can be recorded', () => {
    fc.assert(fc.property(fc.nat(100_000), (seed) => {
      for (const event of randomJournal(seededRandom(seed), 12)) {
        if (event.kind === 'foreign' || event.kind === 'undone' || event.kind === 'amended') continue
        const parts = partsOf(event)!
        expect(setRight(event, parts, event.at)).toEqual(event)
        const later = setRight(event, parts, '2027-01-01T08:00:00.000Z')!
        expect(readEvent({ ...always, kind: 'amended', targetId: event.id, to: later }).ok).toBe(true)
      }
    }), { numRuns: 40 })
  })
})
