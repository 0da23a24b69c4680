import { addDays } from 'date-fns'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { GardenEvent, NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { writeDocument } from '../journal/document'
import { findMaterial, LIBRARY_BOOK } from '../materials/book'
import { bedAreaM2, bedValues, BED_KIND, readBeds, type Bed } from './bed'
import { cover } from './covering'
import { harvestAfter, harvestWait } from './harvest'
import { NOTHING_CARRIED, type Carried } from '../lots/carried'
import { bedHistories, charShareOfBed, litresForDepth, type OnBed } from './history'
import { readCharSchool, type CharSchool } from './schools'
import { doseFor, spreadKindOf, type Asked } from './spreading'

const AT = '2026-10-01T10:00:00.000Z'
const AUTUMN = new Date(AT)
const bed = (over: Partial<Bed> = {}): Bed => ({
  id: 'b', name: 'Bed', ground: { shape: 'rectangle', widthM: 1, lengthM: 1 }, soil: 'loam', reaction: 'neutral', grows: 'usual',
  eaten: 'touching', depthM: 0.1,
  ...over,
})
const of = (id: string) => findMaterial(id)!
/** What a material carries as it comes. */
const asItComes = (materialId: string, at = AT): Carried =>
  of(materialId).brings.map(risk => ({ risk, lastAt: at, found: false, still: 'fresh' }))
const onBed = (materialId: string, litres: number, charShare = 0, at = AT): OnBed => ({
  eventId: `${materialId}-${litres}`, at, material: of(materialId), litres, charL: litres * charShare,
  carried: asItComes(materialId, at),
})
const asked = (materialId: string, over: Partial<Asked> = {}): Asked => ({
  bed: bed(), history: [], school: 'once', now: AUTUMN, units: 'metric', seasonMonth: 10, material: of(materialId),
  charShare: of(materialId).family === 'char' ? 1 : 0, carried: asItComes(materialId),
  ...over,
})
const dose = (one: Asked) => {
  const result = doseFor(one)
  if (!result.ok) throw new Error(result.error)
  return result.value
}
const why = (one: Asked) => {
  const result = doseFor(one)
  return result.ok ? '' : result.error
}

describe('a dose of char', () => {
  it('40 L at a tenth of the top 10 cm cover 4 m²: 10 L a square metre', () => {
    const beds = ['a', 'b', 'c', 'd', 'e'].map(id => ({ bed: bed({ id, name: id }), history: [] }))
    const { covered, waiting, leftL, m2PerL, wantedL } = cover(
      { material: of('char-charged'), charShare: 1, carried: NOTHING_CARRIED }, 40, beds,
      { school: 'once', now: AUTUMN, units: 'metric', seasonMonth: 10 },
    )
    expect(covered.map(({ litres }) => litres)).toEqual([10, 10, 10, 10])
    expect(waiting).toHaveLength(1)
    expect(wantedL).toBeCloseTo(50, 9)
    expect(leftL).toBeCloseTo(0, 9)
    expect(40 * m2PerL!).toBeCloseTo(4, 9)
  })

  it('a second one adds up, and the ceiling of a fifth refuses the third with its reason', () => {
    const first = [onBed('char-charged', 10, 1)]
    // The target is reached: nothing is usual any more, 10 L are possible.
    expect(dose(asked('char-charged', { history: first }))).toMatchObject({ usualL: 0, mostL: expect.closeTo(10, 9) })
    const second = [...first, onBed('char-charged', 10, 1)]
    expect(charShareOfBed(bed(), second)).toBeCloseTo(0.2, 9)
    expect(why(asked('char-charged', { history: second }))).toMatch(/20 % char in its top layer already/)
  })

  it('a deeper worked bed takes more: 15 cm are 15 L a square metre', () => {
    expect(dose(asked('char-charged', { bed: bed({ depthM: 0.15 }) })).usualL).toBeCloseTo(15, 9)
  })

  it('the other school gives 3 L a square metre every three years, up to the same sum', () => {
    const two = bed({ ground: { shape: 'rectangle', widthM: 1, lengthM: 2 } })
    expect(dose(asked('char-charged', { school: 'every-few-years', bed: two })).usualL).toBeCloseTo(6, 9)
    expect(
      dose(asked('char-charged', { school: 'every-few-years', bed: two, history: [onBed('char-charged', 18, 1)] })).usualL,
    ).toBeCloseTo(2, 9)
    const kind = spreadKindOf({ material: of('char-charged'), charShare: 1, carried: NOTHING_CARRIED })!
    expect(kind.again({ bed: two, history: [onBed('char-charged', 6, 1)], school: 'every-few-years' })?.toISOString()).toBe(
      '2029-10-01T10:00:00.000Z',
    )
    expect(kind.again({ bed: two, history: [onBed('char-charged', 6, 1)], school: 'once' })).toBeUndefined()
  })

  it('charged with compost, only the char in it counts: two thirds char, half as much again', () => {
    expect(dose(asked('char-charged', { charShare: 2 / 3 })).usualL).toBeCloseTo(15, 9)
  })

  it('not on sour-loving crops; raw not in spring, anywhere', () => {
    expect(why(asked('char-charged', { bed: bed({ grows: 'sour-loving' }) }))).toMatch(/less sour/)
    expect(why(asked('biochar-crushed', { seasonMonth: 4 }))).toMatch(/Charge it first/)
    // Sowing and planting are near from February to June; from July on it has the winter before it.
    const refused = Array.from({ length: 12 }, (_, at) => at + 1).filter(
      month => !doseFor(asked('biochar-crushed', { seasonMonth: month })).ok,
    )
    expect(refused).toEqual([2, 3, 4, 5, 6])
    expect(doseFor(asked('char-charged', { seasonMonth: 4 })).ok).toBe(true)
    expect(dose(asked('biochar-crushed', { seasonMonth: 10 })).notes.join(' ')).toMatch(/raw: give a nitrogen feed/)
  })

  it('never goes above the ceiling, in whatever order and school; taking one back gives its room back', () => {
    const stuffs = [
      ['char-charged', 1], ['char-charged', 0.6], ['biochar-crushed', 1], ['compost-finished', 0.1], ['leaf-mould', 0],
    ] as const
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(stuffs.length - 1), fc.boolean(), fc.constantFrom<CharSchool>('once', 'every-few-years')), {
          maxLength: 14,
        }),
        fc.double({ min: 0.3, max: 9, noNaN: true }),
        (steps, side) => {
          const one = bed({ ground: { shape: 'rectangle', widthM: side, lengthM: 1 } })
          let history: OnBed[] = []
          for (const [index, most, school] of steps) {
            const [id, charShare] = stuffs[index]!
            const result = doseFor(asked(id, { bed: one, history, charShare, school }))
            if (!result.ok) continue
            expect(result.value.usualL).toBeLessThanOrEqual(result.value.mostL + 1e-9)
            history = [...history, onBed(id, most ? result.value.mostL : result.value.usualL, charShare)]
            expect(charShareOfBed(one, history)).toBeLessThanOrEqual(0.2 + 1e-9)
          }
          const room = (given: OnBed[]) => {
            const result = doseFor(asked('char-charged', { bed: one, history: given }))
            return result.ok ? result.value.mostL : 0
          }
          const last = history.at(-1)
          if (last) expect(room(history.slice(0, -1))).toBeCloseTo(room(history) + last.charL, 6)
        }))
  })
})

describe('what else is spread', () => {
  it('2 cm of compost on 8 m² are 160 L', () => {
    const eight = bed({ ground: { shape: 'rectangle', widthM: 2, lengthM: 4 } })
    expect(litresForDepth(eight, 0.02)).toBeCloseTo(160, 9)
    expect(dose(asked('compost-finished', { bed: eight })).usualL).toBeCloseTo(160, 9)
    expect(dose(asked('worm-castings', { bed: eight })).usualL).toBeCloseTo(40, 9)
    expect(dose(asked('compost-finished', { bed: { ...eight, grows: 'hungry' } })).usualL).toBeCloseTo(320, 9)
    expect(dose(asked('compost-finished', { bed: { ...eight, grows: 'poor' } })).usualL).toBeCloseTo(40, 9)
  })

  it('compost that carries char counts for the ceiling, and sour-loving beds take neither that nor any compost but leaf mould', () => {
    const full = [onBed('char-charged', 19, 1)]
    // 1 L of char is free; a tenth of the compost is char: 10 L.
    expect(dose(asked('compost-finished', { history: full, charShare: 0.1 })).mostL).toBeCloseTo(10, 9)
    const sour = bed({ grows: 'sour-loving' })
    expect(why(asked('leaf-mould', { bed: sour, charShare: 0.02 }))).toMatch(/char in it/)
    expect(doseFor(asked('leaf-mould', { bed: sour, charShare: 0.004 })).ok).toBe(true)
    expect(why(asked('leaf-mould', { bed: sour, charShare: 0.1 }))).toMatch(/char in it/)
    expect(why(asked('compost-finished', { bed: sour }))).toMatch(/leaf mould/)
    expect(doseFor(asked('leaf-mould', { bed: sour })).ok).toBe(true)
  })

  it('ash only where a test says sour, and once a year', () => {
    expect(why(asked('wood-ash', { bed: bed({ reaction: 'limy' }) }))).toMatch(/limy already/)
    expect(why(asked('wood-ash', { bed: bed({ reaction: 'untested' }) }))).toMatch(/Test it first/)
    expect(why(asked('wood-ash'))).toMatch(/neutral/)
    const sour = bed({ reaction: 'sour', ground: { shape: 'rectangle', widthM: 2, lengthM: 5 } })
    // A handful, 72 g at 0.6 kg a litre, on each of 10 m².
    expect(dose(asked('wood-ash', { bed: sour })).usualL).toBeCloseTo(1.2, 9)
    expect(dose(asked('wood-ash', { bed: sour })).mostL).toBeCloseTo(1.6, 9)
    expect(why(asked('wood-ash', { bed: sour, history: [onBed('wood-ash', 1, 0, '2026-02-01T10:00:00.000Z')] }))).toMatch(/within the year/)
    expect(doseFor(asked('wood-ash', { bed: sour, history: [onBed('wood-ash', 1, 0, '2025-02-01T10:00:00.000Z')] })).ok).toBe(true)
  })

  it('raw manure gives the day before which nothing is harvested: 120 days against the soil, 90 clear of it', () => {
    expect(harvestAfter(AT, bed())?.toISOString().slice(0, 10)).toBe('2027-01-29')
    expect(harvestAfter(AT, bed({ eaten: 'clear' }))?.toISOString().slice(0, 10)).toBe('2026-12-30')
    expect(harvestAfter(AT, bed({ eaten: 'not' }))).toBeUndefined()
    // 2 cm on a square metre are 20 L, 3 cm the most.
    expect(dose(asked('horse-manure-straw'))).toMatchObject({ usualL: expect.closeTo(20, 9), mostL: expect.closeTo(30, 9) })
    // Chicken droppings: 650 g/L · 0.35 · 0.052 = 11.8 g of nitrogen a litre; 40 g on a square metre are 3.4 L.
    expect(dose(asked('chicken-manure'))).toMatchObject({
      usualL: expect.closeTo(3.38, 2), mostL: expect.closeTo(5.07, 2), why: expect.stringMatching(/strong/),
    })
    expect(spreadKindOf({ material: of('mushroom-substrate'), charShare: 0, carried: asItComes('mushroom-substrate') })?.id).toBe('compost')
    const history = [onBed('horse-manure-straw', 20), onBed('compost-finished', 20)]
    expect(harvestWait(bed(), history, AUTUMN)?.until.toISOString().slice(0, 10)).toBe('2027-01-29')
    // Nobody knows the day: it waits from the last that it may have been, three weeks later.
    const vague = history.map(one => ({ ...one, between: { from: one.at, to: addDays(new Date(one.at), 21).toISOString() } }))
    expect(harvestWait(bed(), vague, AUTUMN)?.until.toISOString().slice(0, 10)).toBe('2027-02-19')
    // Manure twice, three weeks apart: the later one counts, in whatever order it was written down. 22 October and 120 days.
    const later = onBed('horse-manure-straw', 5, 0, '2026-10-22T10:00:00.000Z')
    for (const both of [[...history, later], [later, ...history]])
      expect(harvestWait(bed(), both, AUTUMN)?.until.toISOString().slice(0, 10)).toBe('2027-02-19')
    expect(harvestWait(bed(), history, new Date('2027-02-01T10:00:00.000Z'))).toBeUndefined()
    expect(harvestWait(bed(), [onBed('compost-finished', 20)], AUTUMN)).toBeUndefined()
  })

  it('has no word for what is no spread', () => {
    expect(spreadKindOf({ material: of('twigs'), charShare: 0, carried: NOTHING_CARRIED })).toBeUndefined()
    expect(why(asked('cardboard'))).toMatch(/for the heap/)
  })
})

describe('which beds first', () => {
  const beds = [
    { bed: bed({ id: 'lean', name: 'lean', grows: 'poor' }), history: [] },
    { bed: bed({ id: 'hungry', name: 'hungry', grows: 'hungry' }), history: [] },
    { bed: bed({ id: 'sour', name: 'sour', grows: 'sour-loving' }), history: [] },
    { bed: bed({ id: 'had', name: 'had', grows: 'hungry' }), history: [onBed('char-charged', 8, 1)] },
    { bed: bed({ id: 'sand', name: 'sand', soil: 'sand' }), history: [] },
  ]
  const around = { school: 'once', now: AUTUMN, units: 'metric', seasonMonth: 10 } as const

  it('hungry ones before lean ones, those that had little before those that had much; each up to its own dose', () => {
    const { covered, refused, leftL } = cover({ material: of('char-charged'), charShare: 1, carried: NOTHING_CARRIED }, 100, beds, around)
    expect(covered.map(({ bed: one }) => one.name)).toEqual(['hungry', 'sand', 'had', 'lean'])
    expect(covered.map(({ litres }) => Math.round(litres))).toEqual([10, 10, 2, 10])
    expect(refused.map(({ bed: one }) => one.name)).toEqual(['sour'])
    expect(leftL).toBeCloseTo(68, 9)
  })

  it('never gives more than there is, and leaves nothing unsaid', () => {
    fc.assert(fc.property(fc.double({ min: 0, max: 60, noNaN: true }), (litres) => {
      const { covered, refused, waiting, leftL } = cover(
        { material: of('char-charged'), charShare: 1, carried: NOTHING_CARRIED }, litres, beds, around,
      )
      expect(covered.reduce((sum, one) => sum + one.litres, 0) + leftL).toBeCloseTo(litres, 9)
      expect(covered.length + refused.length + waiting.length).toBe(beds.length)
    }))
  })
})

describe('beds and the journal', () => {
  const LITRE = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }
  const event = (id: string, one: NewEvent): GardenEvent => ({ ...one, id, by: 'test', recordedAt: one.at }) as GardenEvent
  const char = event('char', {
    kind: 'stocked', at: AT, materialId: 'char-charged', amount: { count: 30, container: LITRE, packing: 'loose' }, source: '',
  })
  const used = event('used', { kind: 'used', at: '2026-10-02T10:00:00.000Z', lotId: 'char', litres: 8, place: 'Bed', bedId: 'b' })
  const undone = event('undo', { kind: 'undone', at: '2026-10-03T10:00:00.000Z', targetId: 'used' })
  const history = (events: readonly GardenEvent[]) => bedHistories(foldGarden(events), [bed()], LIBRARY_BOOK).get('b')!

  it('what was spread lies on its bed, and taken back it does not; the store has it again', () => {
    expect(history([char, used])).toMatchObject([{ litres: 8, charL: 8 }])
    expect(foldGarden([char, used]).drawnL.get('char')).toBe(8)
    expect(history([char, used, undone])).toEqual([])
    expect(foldGarden([char, used, undone]).drawnL.get('char') ?? 0).toBe(0)
    expect(history([used, char])).toHaveLength(1)
  })

  it('what went to a place without a bed of its own is on none', () => {
    const { bedId: _, ...anywhere } = used as Extract<GardenEvent, { kind: 'used' }>
    expect(history([char, anywhere as GardenEvent])).toEqual([])
    expect(foldGarden([char, anywhere as GardenEvent]).spreads).toHaveLength(1)
  })

  it('reads beds back as they were written; one put away or mangled is left out, the rest stays', () => {
    const one = bed({ id: 'bed.1', ground: { shape: 'circle', diameterM: 2 } })
    const kept = writeDocument(undefined, one.id, BED_KIND, bedValues(one), AT, 'test')
    expect(readBeds([kept])).toEqual([one])
    expect(bedAreaM2(one)).toBeCloseTo(Math.PI, 9)
    expect(readBeds([writeDocument(kept, one.id, BED_KIND, { removed: true }, '2026-10-02T10:00:00.000Z', 'test')])).toEqual([])
    expect(
      readBeds([
        writeDocument(undefined, 'bed.2', BED_KIND, { ...bedValues(one), ground: { shape: 'circle', diameterM: -3 } }, AT, 'test'),
      ]),
    ).toEqual([])
    expect(readBeds([writeDocument(undefined, 'bed.3', BED_KIND, { ...bedValues(one), soil: 'moon' }, AT, 'test')])[0]?.soil).toBe('loam')
  })

  it('the school is once for good until it is said otherwise', () => {
    expect(readCharSchool([])).toBe('once')
    expect(readCharSchool([writeDocument(undefined, 'beds-choices', 'beds-choices', { charSchool: 'every-few-years' }, AT, 'test')])).toBe(
      'every-few-years',
    )
  })
})

describe('what a bed had before anything was kept here', () => {
  const day = (at: string, materialId: string, litres: number): GardenEvent =>
    ({ kind: 'used', id: `had-${at}`, at, recordedAt: AT, by: 'phone', materialId, litres, place: 'Bed', bedId: 'b' })
  const historyOf = (...events: GardenEvent[]) => bedHistories(foldGarden(events), [bed()], LIBRARY_BOOK).get('b')!

  it('counts for the char in it: 5 L in 1 m² of 10 cm are 5 %, two autumns on', () => {
    const history = historyOf(day('2024-10-01T10:00:00.000Z', 'char-charged', 5))
    expect(charShareOfBed(bed(), history)).toBeCloseTo(5 / (1 * 0.1 * 1000), 9)
    const [before, without] = [dose(asked('char-charged', { history })), dose(asked('char-charged'))]
    expect(before.mostL).toBeLessThan(without.mostL)
  })

  it('keeps a harvest waiting where it was raw dung, by the day it was spread', () => {
    const raw = historyOf(day('2026-09-20T10:00:00.000Z', 'horse-manure-straw', 10))
    expect(harvestWait(bed(), raw, AUTUMN)?.until).toEqual(harvestAfter('2026-09-20T10:00:00.000Z', bed()))
    expect(harvestWait(bed(), historyOf(day('2025-09-20T10:00:00.000Z', 'horse-manure-straw', 10)), AUTUMN)).toBeUndefined()
  })

  it('takes nothing out of the store, and lies in the order of its days', () => {
    const events = [day('2026-03-01T10:00:00.000Z', 'compost-finished', 20), day('2024-03-01T10:00:00.000Z', 'compost-finished', 30)]
    expect(foldGarden(events).drawnL.size).toBe(0)
    expect(historyOf(...events).map(({ litres }) => litres)).toEqual([30, 20])
  })
})
