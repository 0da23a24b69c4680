import { describe, expect, it } from 'vitest'
import type { StoredLot } from '#core/garden/store'
import type { Lot } from '#core/journal/garden'
import { findMaterial } from '#core/materials/book'
import { groupedLots } from './lot-groups'

const LITRE = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }
const stored = (materialId: string, from: Partial<Lot> = {}): StoredLot => ({
  lot: {
    id: `${materialId}-${from.fromBatchId ?? ''}`, materialId, gatheredAt: '2026-03-01T10:00:00.000Z', initialL: 10, container: LITRE,
    packing: 'loose', source: '',
    ...from,
  },
  material: findMaterial(materialId)!, leftL: 10, leftLooseL: 10, leftMassKg: 3, leftCount: 10, ageDays: 3,
  keeping: { daysLeft: 100, freshness: 'keeps' },
})
const made = (lots: readonly StoredLot[]) => groupedLots(lots, 'made', '').map(({ material }) => material.id)

describe('lots in groups', () => {
  it('what came out of a batch is made, whatever it is; what was brought in is gathered, but for finished stuff', () => {
    expect(
      made([
        stored('char-charged', { fromBatchId: 'soak' }), stored('biochar-crushed'), stored('leaf-mould'),
        stored('wood-ash', { fromBatchId: 'burn' }),
      ]),
    ).toEqual(['char-charged', 'leaf-mould', 'wood-ash'])
    expect(made([stored('compost-finished'), stored('leaves-mixed')])).toEqual(['compost-finished'])
  })

  it('are found by their words', () => {
    expect(groupedLots([stored('biochar-crushed'), stored('leaves-mixed')], 'all', 'char').map(({ material }) => material.id)).toEqual([
      'biochar-crushed',
    ])
  })
})
