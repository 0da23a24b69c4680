import { addDays } from 'date-fns'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { GardenEvent, NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { writeDocument } from '../journal/document'
import { findMaterial, LIBRARY_BOOK } from '../materials/book'
import { bedAreaM2, bedValues, BED_KIND, readBeds, type Bed } from './bed'
import { amountOn, amountsFor, type DosedBy } from './amount'
import { cover } from './covering'
import { robbedAdvice, robbedBy } from './robbed'
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
  ashL: of(materialId).reaction === 'ash' ? litres : 0,
  carried: asItComes(materialId, at),
})
const asked = (materialId: string, over: Partial<Asked> = {}): Asked => ({
  bed: bed(), history: [], school: 'once', now: AUTUMN, units: 'metric', seasonMonth: 10, material: of(materialId),
  charShare: of(materialId).family === 'char' ? 1 : 0, ashShare: 0, carried: asItComes(materialId),
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
      { material: of('char-charged'), charShare: 1, ashShare: 0, carried: NOTHING_CARRIED }, 40, beds,
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
    // 18 of 20 L lie there since four years: 2 are left to the tenth. The same lately: its turn has not come.
    const little = (litres: number, at: string) =>
      dose(asked('char-charged', { school: 'every-few-years', bed: two, history: [onBed('char-charged', litres, 1, at)] })).usualL
    expect(little(18, '2022-10-01T10:00:00.000Z')).toBeCloseTo(2, 9)
    expect(little(18, '2025-10-01T10:00:00.000Z')).toBe(0)
    expect(little(2, '2025-10-01T10:00:00.000Z')).toBeCloseTo(4, 9)
    const kind = spreadKindOf({ material: of('char-charged'), charShare: 1, ashShare: 0, carried: NOTHING_CARRIED })!
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
    expect(spreadKindOf(
      { material: of('mushroom-substrate'), charShare: 0, ashShare: 0, carried: asItComes('mushroom-substrate') })?.id).toBe('compost')
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
    expect(spreadKindOf({ material: of('twigs'), charShare: 0, ashShare: 0, carried: NOTHING_CARRIED })).toBeUndefined()
    expect(why(asked('cardboard'))).toMatch(/for the heap/)
  })
})

describe('by choice', () => {
  const yearAgo = '2025-09-01T10:00:00.000Z'
  const thisYear = '2026-03-01T10:00:00.000Z'

  it('what it had within the year is taken off the dose and off the most', () => {
    // 2 cm of compost on a square metre are 20 L, 5 cm the most.
    expect(dose(asked('compost-finished', { history: [onBed('compost-finished', 12, 0, thisYear)] }))).toMatchObject({
      usualL: expect.closeTo(8, 9), mostL: expect.closeTo(38, 9),
    })
    expect(dose(asked('compost-finished', { history: [onBed('compost-finished', 12, 0, yearAgo)] })).usualL).toBeCloseTo(20, 9)
    // Leaf mould counts with it, a mulch and char do not.
    expect(dose(asked('compost-finished', { history: [onBed('leaf-mould', 12, 0, thisYear)] })).usualL).toBeCloseTo(8, 9)
    expect(dose(asked('compost-finished', { history: [onBed('overs', 12, 0, thisYear)] })).usualL).toBeCloseTo(20, 9)
    // Straw manure, 2 cm: 20 L, of which it had 15.
    expect(dose(asked('horse-manure-straw', { history: [onBed('horse-manure-straw', 15, 0, thisYear)] })).usualL).toBeCloseTo(5, 9)
  })

  it('is told as under, usual, plenty and over, with what follows; over the most nothing is refused', () => {
    const stands = (litres: number, over: Partial<Asked> = {}) => amountOn(asked('compost-finished', over), litres).stands
    // 20 L are usual, a fifth to either side counts as that; 50 L are the most.
    expect([0, 10, 15.9, 16.1, 23.9, 24.1, 50, 50.2].map(litres => stands(litres))).toEqual([
      'nothing', 'under', 'under', 'usual', 'usual', 'plenty', 'plenty', 'over',
    ])
    expect(amountOn(asked('compost-finished'), 60).follows.join(' ')).toMatch(/washes out/)
    expect(amountOn(asked('char-charged'), 25).follows.join(' ')).toMatch(/cannot be taken out/)
    expect(amountOn(asked('wood-ash', { bed: bed({ reaction: 'sour' }) }), 2).follows.join(' ')).toMatch(/three years/)
    const against = amountOn(asked('wood-ash'), 1)
    expect(against).toMatchObject({ stands: 'against', said: expect.stringMatching(/neutral/) })
    expect(against.follows.length).toBeGreaterThan(0)
  })

  it('coarse stuff goes on top at a mulch\'s depth: 5 cm, 10 the most, and never dug in', () => {
    for (const id of ['overs', 'leaves-half-rotted']) {
      expect(dose(asked(id))).toMatchObject({ usualL: expect.closeTo(50, 9), mostL: expect.closeTo(100, 9) })
      expect(dose(asked(id)).notes.join(' ')).toMatch(/Not dug in/)
    }
    expect(why(asked('overs', { bed: bed({ grows: 'sour-loving' }) }))).toMatch(/leaf mould/)
    expect(doseFor(asked('leaves-half-rotted', { bed: bed({ grows: 'sour-loving' }) })).ok).toBe(true)
    expect(why(asked('brew-solids'))).toMatch(/for the heap/)
  })

  it('goes by the litre on a square metre, as dosed, or evenly over what was chosen', () => {
    const beds = [1, 3, 4].map(lengthM => ({ bed: bed({ ground: { shape: 'rectangle', widthM: 1, lengthM } }), usualL: 5 }))
    expect(amountsFor({ by: 'evenly' }, beds, 16)).toEqual([2, 6, 8])
    expect(amountsFor({ by: 'litres', perM2L: 3 }, beds, 16)).toEqual([3, 9, 4])
    expect(amountsFor({ by: 'dose' }, beds, 12)).toEqual([5, 5, 2])
    expect(amountsFor({ by: 'evenly' }, [], 12)).toEqual([])
    fc.assert(fc.property(
      fc.double({ min: 0, max: 200, noNaN: true }), fc.double({ min: 0, max: 30, noNaN: true }),
      fc.constantFrom<DosedBy['by']>('dose', 'litres', 'evenly'), (there, perM2L, by) => {
        const amounts = amountsFor(by === 'litres' ? { by, perM2L } : { by }, beds, there)
        expect(amounts.every(litres => litres >= 0)).toBe(true)
        expect(amounts.reduce((sum, litres) => sum + litres, 0)).toBeLessThanOrEqual(there + 1e-9)
      }))
  })

  it('char and ash go to sour ground first, and nothing limy to limy ground before neutral', () => {
    const beds = (['limy', 'neutral', 'sour', 'untested'] as const).map((reaction, index) => ({
      bed: bed({ id: reaction, name: reaction, reaction, grows: index === 0 ? 'hungry' : 'usual' }), history: [],
    }))
    const order = (id: string, over: Partial<Asked> = {}) => cover(
      asked(id, over), 1000, beds, { school: 'once', now: AUTUMN, units: 'metric', seasonMonth: 10 },
    ).covered.map(({ bed: { name } }) => name)
    expect(order('char-charged')).toEqual(['sour', 'neutral', 'untested', 'limy'])
    expect(order('char-charged', { char: { charged: 0.9, with: ['living'], ashy: true } })).toEqual(['sour', 'neutral', 'untested'])
    // Compost with a twentieth of ash is ash.
    expect(order('compost-finished', { ashShare: 0.05 })).toEqual(['sour', 'neutral', 'untested'])
    expect(order('compost-finished').at(-1)).toBe('limy')
    expect(order('leaf-mould')[0]).toBe('limy')
  })
})

describe('a bed that raw char robs', () => {
  const spring = new Date('2027-04-01T10:00:00.000Z')
  const raw = (litres: number, at = '2026-11-01T10:00:00.000Z') => onBed('biochar-crushed', litres, 1, at)

  it('is told until it was fed, or had a year for it, or where it is next to nothing', () => {
    expect(robbedBy(bed(), [raw(4)], spring)).toEqual({ since: '2026-11-01T10:00:00.000Z', charL: 4 })
    // A film of half a centimetre on a square metre is 5 L.
    const fed = (litres: number) => [raw(4), onBed('compost-finished', litres, 0, '2027-03-01T10:00:00.000Z')]
    expect([robbedBy(bed(), fed(4), spring), robbedBy(bed(), fed(5.1), spring)].map(Boolean)).toEqual([true, false])
    expect(robbedBy(bed(), [onBed('compost-finished', 50, 0, '2026-03-01T10:00:00.000Z'), raw(4)], spring)).toBeDefined()
    expect(robbedBy(bed(), [raw(4, '2026-03-01T10:00:00.000Z')], spring)).toBeUndefined()
    expect(robbedBy(bed(), [raw(0.2)], spring)).toBeUndefined()
  })

  it('is none where the char was charged, by what was written down of it', () => {
    const as = (charged: number) => [{ ...raw(4), char: { charged, with: ['living' as const] } }]
    expect([robbedBy(bed(), as(0.9), spring), robbedBy(bed(), as(0.1), spring)].map(Boolean)).toEqual([false, true])
    expect(robbedBy(bed(), [onBed('char-charged', 4, 1, '2026-11-01T10:00:00.000Z')], spring)).toBeUndefined()
  })

  it('gets no urine where salad grows against the soil', () => {
    expect(robbedAdvice(bed())).toMatch(/no urine/)
    expect(robbedAdvice(bed({ eaten: 'clear' }))).toMatch(/ten parts of water/)
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
    const { covered, refused, leftL } = cover({ material: of('char-charged'), charShare: 1, ashShare: 0, carried: NOTHING_CARRIED }, 100,
      beds, around)
    expect(covered.map(({ bed: one }) => one.name)).toEqual(['hungry', 'sand', 'had', 'lean'])
    expect(covered.map(({ litres }) => Math.round(litres))).toEqual([10, 10, 2, 10])
    expect(refused.map(({ bed: one }) => one.name)).toEqual(['sour'])
    expect(leftL).toBeCloseTo(68, 9)
  })

  it('never gives more than there is, and leaves nothing unsaid', () => {
    fc.assert(fc.property(fc.double({ min: 0, max: 60, noNaN: true }), (litres) => {
      const { covered, refused, waiting, leftL } = cover(
        { material: of('char-charged'), charShare: 1, ashShare: 0, carried: NOTHING_CARRIED }, litres, beds, around,
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

  it('the school is a little every few years until it is said otherwise', () => {
    expect(readCharSchool([])).toBe('every-few-years')
    expect(readCharSchool([writeDocument(undefined, 'beds-choices', 'beds-choices', { charSchool: 'once' }, AT, 'test')])).toBe(
      'once',
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
