import { BANDS } from '../../test/builders/bands'
import { describe, expect, it } from 'vitest'
import { gardenMaterials } from '../garden/materials'
import { writeDocument, type GardenDocument } from '../journal/document'
import { foldGarden } from '../journal/journal'
import { knownEventSchema, type GardenEvent } from '../journal/event'
import { mixRanges } from '../mix/ranges'
import * as v from 'valibot'
import { findMaterial, LIBRARY_BOOK } from './book'
import { driedMoistureFraction, measuredMaterial, weighedDensityKgM3 } from './measured'
import { materialDocumentId } from '../garden/own-material'
import { amountMassKg } from './packing'

const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
const sack = { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 }
const leaves = findMaterial('leaves-mixed')!
const grass = findMaterial('grass-clippings')!
const at = '2026-10-01T08:00:00.000Z'
const loose = (massKg: number) => ({ at, amount: { count: 1, container: bucket, packing: 'loose' as const }, massKg })
const width = ({ low, high }: { low: number, high: number }) => high - low

describe('measurements of one’s own', () => {
  it('3 kg in a loose 12 L bucket is 250 kg/m³; 100 g that dry to 20 g held 80 % water', () => {
    expect(weighedDensityKgM3(grass, loose(3))).toBeCloseTo(250, 9)
    expect(driedMoistureFraction({ wetMassKg: 0.1, dryMassKg: 0.02 })).toBeCloseTo(0.8, 12)
  })

  it('replace the table value and shrink its range, more so with each', () => {
    const once = measuredMaterial(grass, { weighings: [loose(3)], dryings: [] })
    const often = measuredMaterial(grass, { weighings: [loose(2.9), loose(3), loose(3.1), loose(3)], dryings: [] })
    expect(once.bulkDensityKgM3.typical).toBeCloseTo(250, 9)
    expect(width(once.bulkDensityKgM3)).toBeLessThan(width(grass.bulkDensityKgM3) / 2)
    expect(width(often.bulkDensityKgM3)).toBeLessThan(width(once.bulkDensityKgM3))
    expect(often.known.bulkDensityKgM3).toEqual({ kind: 'measured', times: 4, lastAt: at })
  })

  it('that differ much among themselves stay as unsure as they are', () => {
    const scattered = measuredMaterial(leaves, { weighings: [loose(0.8), loose(1.6)], dryings: [] })
    // Mean 1.2 kg in 12 L = 100 kg/m³; the two lie 33 either way, sample spread 47: wider than a single weighing would leave it.
    expect(scattered.bulkDensityKgM3.typical).toBeCloseTo(100, 9)
    expect(width(scattered.bulkDensityKgM3)).toBeGreaterThan(2 * 0.13 * 100)
  })

  it('of a packed sack give back the mass that was weighed', () => {
    const weighing = { at, amount: { count: 1, container: sack, packing: 'packed' as const }, massKg: 30 }
    const measured = measuredMaterial(leaves, { weighings: [weighing], dryings: [] })
    expect(amountMassKg(measured, weighing.amount)).toBeCloseTo(30, 9)
  })

  it('narrow the shown moisture of a mix once a handful was dried', () => {
    const dried = measuredMaterial(grass, { weighings: [], dryings: [{ at, wetMassKg: 0.1, dryMassKg: 0.018 }] })
    const moistureWidth = (material: typeof grass) => {
      const ranges = mixRanges([{ material, looseVolumeL: 100 }, { material: leaves, looseVolumeL: 20 }], 0, BANDS)
      if (!ranges.ok) throw new Error('no ranges')
      return width(ranges.value.of.moistureFraction)
    }
    expect(moistureWidth(dried)).toBeLessThan(0.7 * moistureWidth(grass))
  })
})

describe('the materials of a garden', () => {
  const events = (...some: Record<string, unknown>[]) =>
    some.map((one, index) => v.parse(knownEventSchema, { id: `e${index}`, at, recordedAt: at, by: 't', ...one })) as GardenEvent[]
  const book = (documents: GardenDocument[], ...some: Record<string, unknown>[]) => gardenMaterials(documents, foldGarden(events(...some)))

  it('are the library until something is measured or said', () => {
    expect(book([]).all.map(({ id }) => id)).toEqual(LIBRARY_BOOK.all.map(({ id }) => id))
    expect(book([]).find('leaves-mixed')).toBe(leaves)
  })

  it('know a weighing from the journal, and forget it when it is undone', () => {
    const weighed = { kind: 'weighed', materialId: 'grass-clippings', amount: loose(3).amount, massKg: 3 }
    expect(book([], weighed).find('grass-clippings')!.bulkDensityKgM3.typical).toBeCloseTo(250, 9)
    expect(book([], weighed, { kind: 'undone', targetId: 'e0', recordedAt: '2026-10-01T08:00:01.000Z' }).find('grass-clippings')).toBe(
      grass,
    )
  })

  it('take what the gardener says over the table, field by field, and leave damaged fields out', () => {
    const document = writeDocument(undefined, materialDocumentId('leaves-mixed'), 'material', {
      carbonToNitrogen: { low: 30, typical: 35, high: 40 }, moistureFraction: { low: 0.9, typical: 0.2, high: 0.3 }, keepsDays: 'long',
    }, at, 't')
    const said = book([document]).find('leaves-mixed')!
    expect(said.carbonToNitrogen.typical).toBe(35)
    expect(said.known).toEqual({ carbonToNitrogen: { kind: 'typed' } })
    expect(said.moistureFraction).toEqual(leaves.moistureFraction)
    expect(said.keepsDays).toBe(leaves.keepsDays)
  })

  it('hold materials of their own, begun from one of the library, until they are taken out', () => {
    const values = { basedOn: 'leaves-mixed', name: 'Hedge leaves of the old wall', short: 'wall leaves' }
    const own = writeDocument(undefined, materialDocumentId('own-1'), 'material', values, at, 't')
    expect(book([own]).find('own-1')).toMatchObject({ short: 'wall leaves', family: 'leaf', keepsDays: 365 })
    const gone = writeDocument(own, own.id, 'material', { removed: true }, '2026-10-02T08:00:00.000Z', 't')
    expect(book([gone]).find('own-1')).toBeUndefined()
    expect(
      book([writeDocument(undefined, materialDocumentId('x'), 'material', { name: 'Nothing known' }, at, 't')]).find('x'),
    ).toBeUndefined()
  })

  it('refuse a bucket heavier than rock and a sample that gains by drying', () => {
    const heavy = v.safeParse(knownEventSchema, {
      ...events({ kind: 'weighed', materialId: 'soil', amount: loose(3).amount, massKg: 3 })[0],
      massKg: 200,
    })
    expect(heavy.success).toBe(false)
    const gaining = v.safeParse(knownEventSchema, {
      kind: 'dried', id: 'e', at, recordedAt: at, by: 't', materialId: 'soil', wetMassKg: 0.1, dryMassKg: 0.2,
    })
    expect(gaining.success).toBe(false)
  })
})
