import { addDays } from 'date-fns'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Bed } from '../beds/bed'
import { harvestWait } from '../beds/harvest'
import { bedHistories } from '../beds/history'
import { doseFor } from '../beds/spreading'
import { stuffOf } from './stuff'
import type { GardenEvent, NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { bookOf, findMaterial, LIBRARY_BOOK } from '../materials/book'
import type { CHARGED_WITH } from '../materials/char-state'
import { carriedByLot, rawOf } from './carried'
import { carriedCautions, charWords } from './words'

const LITRE = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }
const amount = (count: number) => ({ count, container: LITRE, packing: 'loose' as const })
/** The library, and what a gardener named: the last of fish. */
const BOOK = bookOf([...LIBRARY_BOOK.all, { ...findMaterial('kitchen-veg')!, id: 'own-fish', short: 'fish scraps', brings: ['meat'] }])
const on = (day: number) => new Date(Date.UTC(2026, 0, 1, 10) + day * 86_400_000)
const at = (day: number) => on(day).toISOString()
const SITE = {
  kind: 'vessel' as const,
  vessel: { id: 't', name: 'Bay', wall: 'boards' as const, shape: 'box' as const, widthM: 1, depthM: 1, heightM: 1 },
}
const BED: Bed = {
  id: 'salad', name: 'Salad', ground: { shape: 'rectangle', widthM: 2, lengthM: 4 }, soil: 'loam', reaction: 'neutral', grows: 'usual',
  eaten: 'touching', depthM: 0.1,
}

const named = (events: readonly (readonly [id: string, event: NewEvent])[]) =>
  foldGarden(events.map(([id, event]) => ({ ...event, id, by: 'test', recordedAt: event.at }) as GardenEvent))
const stocked = (id: string, materialId: string, day: number, litres = 100) =>
  [id, { kind: 'stocked', at: at(day), materialId, amount: amount(litres), source: '' }] as const satisfies readonly [string, NewEvent]
const began = (batchId: string, day: number, lots: readonly (readonly [lotId: string, materialId: string])[]) =>
  [
    `${batchId}-began`,
    {
      kind: 'began', at: at(day), batchId, name: batchId, place: '', methodId: 'hot-heap', approachId: 'weekly', site: SITE,
      answers: {}, waterL: 0,
      inputs: lots.map(([lotId, materialId]) => ({ role: 'feed' as const, materialId, amount: amount(5), draws: [{ lotId, litres: 5 }] })),
    },
  ] as const satisfies readonly [string, NewEvent]
const took = (
  batchId: string, day: number, materialId = 'compost-finished', char?: { charged: number, with: (typeof CHARGED_WITH)[number][] },
) =>
  [
    `${batchId}-out`,
    { kind: 'took', at: at(day), batchId, ends: true, products: [{ materialId, amount: amount(20), ...(char ? { char } : {}) }] },
  ] as const satisfies readonly [string, NewEvent]
/** Read at 60 °C a day apart for so many days, and turned in the middle. */
const hot = (batchId: string, day: number, days = 4): (readonly [string, NewEvent])[] => [
  ...Array.from(
    { length: days + 1 },
    (_, index) =>
      [
        `${batchId}-hot-${index}`,
        { kind: 'gauged', at: at(day + index), batchId, quantity: 'heat', source: 'hand', values: [{ spot: 'core', value: 60 }] },
      ] as const satisfies readonly [string, NewEvent],
  ),
  [`${batchId}-turned`, { kind: 'did', at: at(day + days), batchId, deed: 'turned', answers: {} }],
]
const tested = (batchId: string, day: number, test = 'sprout', grade: 'passed' | 'failed' = 'passed') =>
  [
    `${batchId}-${test}`, { kind: 'test-read', at: at(day), batchId, test, answers: {}, result: { grade, text: '' } },
  ] as const satisfies readonly [string, NewEvent]
const spread = (lotId: string, day: number, bedId = BED.id) =>
  [`spread-${lotId}-${day}`, { kind: 'used', at: at(day), lotId, litres: 2, place: 'Salad', bedId }] as const satisfies readonly [
    string, NewEvent,
  ]
const risks = (events: readonly (readonly [string, NewEvent])[], lotId: string, day: number) =>
  carriedByLot(named(events), lotId, BOOK, on(day))
    .map(({ risk, still, found }) =>
      found ? `${risk}!` : rawOf([{ risk, still, found, lastAt: '' }]).length > 0 ? `${risk} ${still}` : risk,
    )
    .sort()

describe('dung in a heap', () => {
  const dung = [stocked('dung', 'cattle-manure', 0), began('heap', 1, [['dung', 'cattle-manure']])]
  const out = took('heap', 60)

  it('is raw as it comes, and stays so in what was read once at 4 °C', () => {
    expect(risks(dung, 'dung', 1)).toEqual(['dung fresh'])
    const cold = [
      ...dung,
      [
        'read', { kind: 'gauged', at: at(5), batchId: 'heap', quantity: 'heat', source: 'hand', values: [{ spot: 'core', value: 4 }] },
      ] as const satisfies readonly [string, NewEvent],
      out,
    ]
    expect(risks(cold, 'heap-out.0', 61)).toEqual(['dung never-hot'])
    // 120 days from the day on which it was spread: day 70 + 120 = 190.
    const wait = harvestWait(BED, bedHistories(named([...cold, spread('heap-out.0', 70)]), [BED], BOOK).get(BED.id)!, on(71))
    expect(wait).toEqual({
      until: addDays(on(70), 120), why: expect.stringMatching(/raw dung in it, and it was never read hot for three days/),
    })
  })

  it('is cleared by three days at 55 °C, a turn and seeds sown in it, and by none of them alone', () => {
    expect(risks([...dung, ...hot('heap', 3), out], 'heap-out.0', 61)).toEqual(['dung untested'])
    expect(risks([...dung, tested('heap', 50), out], 'heap-out.0', 61)).toEqual(['dung never-hot'])
    expect(risks([...dung, ...hot('heap', 3, 2), tested('heap', 50), out], 'heap-out.0', 61)).toEqual(['dung never-hot'])
    expect(risks([...dung, ...hot('heap', 3), tested('heap', 50, 'sprout', 'failed'), out], 'heap-out.0', 61)).toEqual(['dung untested'])
    expect(risks([...dung, ...hot('heap', 3), tested('heap', 50), out], 'heap-out.0', 61)).toEqual([])
  })

  it('that went in after it was hot is raw', () => {
    const late = [
      'late',
      {
        kind: 'put', at: at(20), batchId: 'heap', waterL: 0,
        inputs: [{ role: 'feed', materialId: 'cattle-manure', amount: amount(3), draws: [] }],
      },
    ] as const satisfies readonly [string, NewEvent]
    expect(risks([...dung, ...hot('heap', 3), late, tested('heap', 50), out], 'heap-out.0', 61)).toEqual(['dung never-hot'])
  })

  it('laid on a bed as a batch keeps its harvest waiting too', () => {
    const onBed = {
      ...began('heap', 1, [['dung', 'cattle-manure']])[1],
      site: { kind: 'area' as const, id: BED.id, name: 'Salad', ground: BED.ground },
    }
    const garden = named([stocked('dung', 'cattle-manure', 0), ['heap-began', onBed as unknown as NewEvent]])
    expect(harvestWait(BED, bedHistories(garden, [BED], BOOK).get(BED.id)!, on(10))?.until).toEqual(addDays(on(1), 120))
  })
})

describe('what else is carried', () => {
  it('walnut until cress grows, or for a year; weedkiller until beans do, and for good where they do not', () => {
    const heap = [
      stocked('nut', 'leaves-walnut', 0), stocked('straw', 'straw-wheat', 0),
      began('heap', 1, [
        ['nut', 'leaves-walnut'], ['straw', 'straw-wheat'],
      ]),
      took('heap', 60),
    ]
    expect(risks(heap, 'heap-out.0', 61)).toEqual(['juglone', 'weedkiller'])
    expect(risks([...heap, tested('heap', 55), tested('heap', 56, 'weedkiller')], 'heap-out.0', 61)).toEqual([])
    expect(risks(heap, 'heap-out.0', 350)).toEqual(['juglone', 'weedkiller'])
    expect(risks(heap, 'heap-out.0', 400)).toEqual(['weedkiller'])
    const found = [...heap, tested('heap', 56, 'weedkiller', 'failed')]
    expect(risks(found, 'heap-out.0', 61)).toEqual(['juglone', 'weedkiller!'])
    const garden = named(found)
    expect(
      doseFor({
        ...stuffOf(garden, garden.lots.get('heap-out.0')!, BOOK, on(61))!,
        bed: BED,
        history: [],
        school: 'once',
        now: on(61),
        units: 'metric',
        seasonMonth: 10,
      }),
    ).toEqual({ ok: false, error: expect.stringMatching(/Beans found weedkiller/) })
  })

  it('is said in whole sentences, raw first', () => {
    expect(
      carriedCautions([
        { risk: 'juglone', lastAt: at(0), found: false, still: 'fresh' },
        { risk: 'urine', lastAt: at(0), found: false, still: 'fresh' },
      ]),
    ).toEqual([expect.stringMatching(/^There is urine in it\..*120 days/), expect.stringMatching(/walnut/)])
    expect(carriedCautions([])).toEqual([])
    expect(charWords({ charged: 0.2, with: ['urine'] })).toEqual(['About 20 % charged with urine, which is as good as raw.'])
    expect(charWords(undefined)).toEqual([])
  })
})

describe('char', () => {
  const dose = (
    char: { charged: number, with: (typeof CHARGED_WITH)[number][] }, eaten: Bed['eaten'], seasonMonth = 4, material = 'char-charged',
  ) => {
    const garden = named([began('soak', 1, []), took('soak', 5, material, char)])
    return doseFor({
      ...stuffOf(garden, garden.lots.get('soak-out.0')!, BOOK, on(6))!,
      bed: { ...BED, eaten },
      history: [],
      school: 'once',
      now: on(6),
      units: 'metric',
      seasonMonth,
    })
  }

  it('drained at nothing is refused where raw char is, whatever it is called', () => {
    expect(dose({ charged: 0, with: ['living'] }, 'touching')).toEqual({ ok: false, error: expect.stringMatching(/^Raw char/) })
    expect(dose({ charged: 0.3, with: ['living'] }, 'touching')).toEqual({
      ok: false, error: expect.stringMatching(/30 % charged, which is as good as raw/),
    })
    expect(dose({ charged: 0.3, with: ['living'] }, 'touching', 10).ok).toBe(true)
    expect(dose({ charged: 0.9, with: ['living'] }, 'touching').ok).toBe(true)
  })

  it('out of bedding goes through a heap first, charged with urine not where salad grows, and in lumps nowhere', () => {
    for (const eaten of ['touching', 'clear'] as const)
      expect(dose({ charged: 0.9, with: ['dung'] }, eaten)).toEqual({
        ok: false, error: expect.stringMatching(/through a heap with it first/),
      })
    expect(dose({ charged: 0.9, with: ['urine'] }, 'touching')).toEqual({ ok: false, error: expect.stringMatching(/charged with urine/) })
    expect(dose({ charged: 0.9, with: ['urine'] }, 'clear').ok).toBe(true)
    expect(dose({ charged: 0, with: [] }, 'not', 10, 'char-lump')).toEqual({ ok: false, error: expect.stringMatching(/^Lumps/) })
  })
})

/** A step of a chain: a batch of some lots, or a mix of two, with whether it was hot and sown. */
const step = fc.record({
  mix: fc.boolean(), of: fc.array(fc.nat({ max: 20 }), { minLength: 1, maxLength: 3 }), hot: fc.boolean(), sown: fc.boolean(),
  product: fc.constantFrom('compost-finished', 'worm-castings', 'leaf-mould', 'char-charged', 'heap-half-rotted'),
})
const RAW = ['cattle-manure', 'chicken-manure', 'urine', 'own-fish']
const CLEAN = ['leaves-mixed', 'twigs', 'biochar-crushed', 'mushroom-substrate']

describe('from raw dung, urine or meat to what is eaten against the soil', () => {
  it('there is no way without its interval, and what was cleared does not wait', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...RAW, ...CLEAN), { minLength: 1, maxLength: 4 }), fc.array(step, { maxLength: 6 }),
        (sources, steps) => {
          const events: (readonly [string, NewEvent])[] = sources.map((materialId, index) => stocked(`s${index}`, materialId, 0, 1000))
          // Told apart from the code that is tried: whether a lot is raw is carried along by hand.
          const lots = sources.map((materialId, index) => ({ id: `s${index}`, materialId, raw: RAW.includes(materialId) }))
          steps.forEach((one, index) => {
            const used = [...new Set(one.of.map(pick => lots[pick % lots.length]!))]
            const day = 1 + index * 40
            const raw = used.some(lot => lot.raw)
            if (one.mix) {
              events.push([
                `m${index}`,
                {
                  kind: 'made', at: at(day), how: 'mixed', draws: used.map(({ id }) => ({ lotId: id, litres: 1 })),
                  products: [{ materialId: one.product, amount: amount(20) }],
                },
              ])
              lots.push({ id: `m${index}.0`, materialId: one.product, raw })
              return
            }
            events.push(
              began(
                `b${index}`, day, used.map(({ id, materialId }) => [id, materialId] as const),
              ),
              ...(one.hot ? hot(`b${index}`, day + 2) : []),
              ...(one.sown ? [tested(`b${index}`, day + 20)] : []),
              took(`b${index}`, day + 30, one.product),
            )
            lots.push({ id: `b${index}-out.0`, materialId: one.product, raw: raw && !(one.hot && one.sown) })
          })
          const day = 1 + steps.length * 40
          for (const lot of lots) {
            const garden = named([...events, spread(lot.id, day)])
            const wait = harvestWait(BED, bedHistories(garden, [BED], BOOK).get(BED.id)!, on(day))
            expect([lot.id, wait?.until]).toEqual([lot.id, lot.raw ? addDays(on(day), 120) : undefined])
            const stuff = stuffOf(garden, garden.lots.get(lot.id)!, BOOK, on(day))!
            const dose = doseFor({ ...stuff, bed: BED, history: [], school: 'once', now: on(day), units: 'metric', seasonMonth: 10 })
            // Where it may be spread, the days stand beside it.
            if (lot.raw && dose.ok) expect(dose.value.notes.join(' ')).toMatch(/120 days/)
          }
        }), { numRuns: 60 })
  })
})
