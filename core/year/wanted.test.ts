import { describe, expect, it } from 'vitest'
import { writeDocument, type GardenDocument } from '#core/journal/document'
import { hasBegun } from '#core/journal/garden'
import { foldGarden } from '#core/journal/journal'
import type { GardenEvent } from '#core/journal/event'
import { LIBRARY_BOOK } from '#core/materials/book'
import { LITRE } from '#core/units/container'
import Papa from 'papaparse'
import { calendarText } from '#core/formats/calendar'
import { PURPOSES } from '#core/methods/contract'
import { quantityText } from '#core/units/format'
import { accountCsv } from './account-csv'
import { wantsOf, type StartAnswer } from './asked'
import { yearEntries } from './calendar'
import { usualAmountsL } from './usual-amounts'
import { accountOf, costOf, readPrices, summed } from './account'
import { reserveOf } from './browns'
import { comesBetween, comesIn, litresAWeekOf, readIncomes, incomeValues, type Income } from './income'
import { MINUTES, minutesOf, minutesText, weeksAhead, type Ahead } from './month'
import { dayOf, needValues, readNeeds, type Need } from './need'
import { asLastYear, hadAlready, notSaidYet, type Done } from './proposals'
import { byOwnYield, ownShares } from './own-yield'
import { inLanes, layStrip, movedBar } from './strip'
import { barText } from './strip-text'
import { dryMonths } from './water'
import { chanceText, shortText, surenessText, tooLateText } from './words'

const AT = '2026-01-01T10:00:00.000Z'
const need = (part: Partial<Need> = {}): Need => ({
  id: 'need.a', name: 'Beds', purpose: 'beds', litres: 120, from: '2026-04-01', to: '2026-04-30', yearly: true, bedIds: [], ...part,
})
const asDocument = (one: Need): GardenDocument => writeDocument(undefined, one.id, 'need', needValues(one), AT, 'test')
const on = (day: string) => new Date(`${day}T12:00:00`)
const read = (one: Need, day: string) => readNeeds([asDocument(one)], on(day)).map(({ from, to }) => [from, to])

describe('a need', () => {
  it('comes again each year once it is over or had, and is gone for good where it was for once', () => {
    expect(read(need(), '2026-03-01')).toEqual([['2026-04-01', '2026-04-30']])
    expect(read(need(), '2026-04-30')).toEqual([['2026-04-01', '2026-04-30']])
    expect(read(need(), '2026-05-01')).toEqual([['2027-04-01', '2027-04-30']])
    expect(read(need(), '2031-05-01')).toEqual([['2032-04-01', '2032-04-30']])
    expect(read(need({ hadTo: '2026-04-30' }), '2026-03-01')).toEqual([['2027-04-01', '2027-04-30']])
    expect(read(need({ yearly: false }), '2026-05-01')).toEqual([])
    expect(read(need({ from: '2026-12-15', to: '2027-01-15' }), '2027-01-16')).toEqual([['2027-12-15', '2028-01-15']])
  })

  it('that was damaged in a file is left out, the others stay', () => {
    const sound = asDocument(need())
    const faults: readonly Record<string, string | number>[] = [
      { litres: -3 }, { purpose: 'gold' }, { from: '2026-13-01' }, { from: '2026-06-01' }, { name: '' },
    ]
    const odd = faults.map((values, index) =>
      writeDocument(undefined, `need.odd${index}`, 'need', { ...needValues(need()), ...values }, AT, 'test'))
    expect(readNeeds([...odd, sound], on('2026-03-01')).map(({ id }) => id)).toEqual(['need.a'])
  })
})

describe('what comes in', () => {
  const lawn: Income = {
    id: 'income.a', materialId: 'grass-clippings', measure: 'lawn', count: 80, fromMonth: 4, toMonth: 10,
    litresAWeek: litresAWeekOf('lawn', 80, { fromMonth: 4, toMonth: 10 }),
  }
  it('by hand: 80 m² of lawn give 40 L a week; two trees 800 L over three months, 61 L a week', () => {
    expect(lawn.litresAWeek).toBe(40)
    // 800 L ÷ (3 months · 4.348 weeks) = 61.3
    expect(litresAWeekOf('trees', 2, { fromMonth: 10, toMonth: 12 })).toBeCloseTo(61.3, 1)
    expect(litresAWeekOf('week', 12, { fromMonth: 1, toMonth: 12 })).toBe(12)
  })
  it('over the turn of the year where it is so, and only in its months', () => {
    expect([11, 12, 1, 2, 3].map(month => comesIn({ fromMonth: 11, toMonth: 2 }, month))).toEqual([true, true, true, true, false])
    expect(comesBetween([lawn], 'grass-clippings', on('2026-01-01'), on('2026-03-01'))).toBe(0)
    expect(comesBetween([lawn], 'grass-clippings', on('2026-05-01'), on('2026-05-15'))).toBeCloseTo(80, 6)
    expect(comesBetween([lawn], 'leaves-mixed', on('2026-05-01'), on('2026-05-15'))).toBe(0)
  })
  it('greens want twice their litres of browns: 40 L a week from April to October', () => {
    const reserve = reserveOf([lawn], [], [], LIBRARY_BOOK, on('2026-01-01'))
    // 30 or 31 weeks of the year begin in those months.
    expect(reserve.greenL).toBeGreaterThanOrEqual(30 * 40)
    expect(reserve.greenL).toBeLessThanOrEqual(31 * 40)
    expect(reserve.wantedL).toBe(2 * reserve.greenL)
    expect(reserve.missingL).toBe(reserve.wantedL)
    const leaves: Income = { ...lawn, id: 'income.b', materialId: 'leaves-mixed', litresAWeek: 1000, fromMonth: 10, toMonth: 12 }
    expect(reserveOf([lawn, leaves], [], [], LIBRARY_BOOK, on('2026-01-01')).missingL).toBe(0)
  })
  it('is read as it was written, and what is odd is left out', () => {
    const document = writeDocument(undefined, lawn.id, 'income', incomeValues(lawn), AT, 'test')
    const odd = writeDocument(undefined, 'income.odd', 'income', { ...incomeValues(lawn), toMonth: 13 }, AT, 'test')
    expect(readIncomes([document, odd])).toEqual([lawn])
  })
})

const litres = (count: number) => ({ count, container: LITRE, packing: 'loose' as const })
const EVENTS = ([
  {
    kind: 'began', at: '2026-03-10T10:00:00.000Z', batchId: 'b', name: 'Heap', place: '', methodId: 'slow-heap', approachId: 'one-bay',
    site: { kind: 'vessel', vessel: { id: 'v', name: 'Bay', wall: 'boards', shape: 'box', widthM: 1, depthM: 1, heightM: 1 } }, answers: {},
    inputs: [
      { role: 'feed', materialId: 'grass-clippings', amount: litres(100), draws: [] },
      { role: 'feed', materialId: 'compost-finished', amount: litres(10), draws: [] },
    ],
    waterL: 20,
  },
  { kind: 'put', at: '2026-04-02T10:00:00.000Z', batchId: 'b',
    inputs: [{ role: 'feed', materialId: 'kitchen-veg', amount: litres(15), draws: [] }], waterL: 5 },
  { kind: 'did', at: '2026-04-03T10:00:00.000Z', batchId: 'b', deed: 'turned', answers: {} },
  { kind: 'took', at: '2026-04-20T10:00:00.000Z', batchId: 'b', ends: true,
    products: [{ materialId: 'compost-finished', amount: litres(40) }] },
  {
    kind: 'made', at: '2026-04-22T10:00:00.000Z', how: 'mixed', draws: [{ lotId: 'e3.0', litres: 10 }],
    bought: [{ materialId: 'sand-sharp', litres: 5 }],
    products: [{ materialId: 'growing-mix', amount: litres(14) }], minutes: 25, purpose: 'seeds', called: 'Seed mix',
  },
  { kind: 'used', at: '2026-04-25T10:00:00.000Z', lotId: 'e3.0', litres: 20, place: 'Long bed', bedId: 'bed.a', areaM2: 4 },
] as const).map((event, index) => ({ ...event, id: `e${index}`, by: 'test', recordedAt: event.at }) as unknown as GardenEvent)
const garden = foldGarden(EVENTS)

describe('the account', () => {
  const months = accountOf(garden, LIBRARY_BOOK)
  it('by hand: 100 L of grass in March, 15 L of scraps in April; what was made here is not kept out of a bin', () => {
    expect(months.map(({ month }) => month)).toEqual(['2026-03', '2026-04'])
    const [march, april] = months
    expect(march!.keptL).toBeCloseTo(100, 6)
    expect(march!.waterL).toBe(20)
    expect(march!.reckonedMinutes).toBe(MINUTES.build)
    expect(april!.keptL).toBeCloseTo(15, 6)
    expect(april!.madeL).toEqual({ 'compost-finished': 40 })
    expect(april!.boughtL).toEqual({ 'sand-sharp': 5 })
    expect(april!.notedMinutes).toBe(25)
    // Fed once, turned once, taken down once.
    expect(april!.reckonedMinutes).toBe(MINUTES.feed + MINUTES.deed + MINUTES.take)
  })
  it('adds up, and in money only what has a price', () => {
    const year = summed('2026', months)
    expect([year.keptL, year.waterL]).toEqual([expect.closeTo(115, 6), 25])
    const prices = readPrices(
      [writeDocument(undefined, 'price.compost-finished', 'price', { materialId: 'compost-finished', perL: 0.2 }, AT, 'test')])
    expect(costOf(year.madeL, prices)).toEqual({ cost: 8, without: [] })
    expect(costOf(year.boughtL, prices)).toEqual({ cost: 0, without: ['sand-sharp'] })
  })
})

describe('needs propose themselves', () => {
  it('from what was done in the same month last year, once', () => {
    const proposed = asLastYear(garden, LIBRARY_BOOK, on('2026-12-01'))
    expect(proposed.map(({ purpose, litres: some, from, bedIds }) => [purpose, some, from, bedIds])).toEqual([
      ['beds', 20, '2027-04-01', ['bed.a']], ['seeds', 14, '2027-04-01', []],
    ])
    expect(notSaidYet(proposed, [need({ from: '2027-03-15', to: '2027-04-15' })]).map(({ purpose }) => purpose)).toEqual(['seeds'])
    expect(asLastYear(garden, LIBRARY_BOOK, on('2028-01-01'))).toEqual([])
  })
})

describe('what was used already', () => {
  const used = (day: string, litres: number, more: Partial<Done> = {}): Done =>
    ({ at: `${day}T10:00:00.000Z`, purpose: 'beds', litres, bedId: 'bed.a', ...more })
  const left = (needs: readonly Need[], done: readonly Done[]) => needs.map(({ id }) => hadAlready(needs, done).get(id) ?? 0)
  it('counts in its season and shortly before, for its beds where it names some, and once', () => {
    const april = need({ bedIds: ['bed.a'] })
    expect(left([april], [used('2026-03-10', 40), used('2026-04-20', 30)])).toEqual([70])
    expect(left([april], [used('2026-02-10', 40), used('2026-05-02', 30)])).toEqual([0])
    expect(left([april], [used('2026-04-10', 40, { bedId: 'bed.b' })])).toEqual([0])
    expect(left([need()], [used('2026-04-10', 40, { bedId: 'bed.b' })])).toEqual([40])
    // 150 L on one day: 120 L for the first, the other 30 L for the next.
    expect(left([need(), need({ id: 'need.b', to: '2026-05-31' })], [used('2026-04-10', 150)])).toEqual([120, 30])
    expect(left([need({ materialId: 'leaf-mould' })], [used('2026-04-10', 40, { materialId: 'compost-finished' })])).toEqual([0])
  })
  it('leaves the rest wanted, and nothing of what was had whole', () => {
    const wants = (litres: number) => wantsOf([need()], on('2026-04-10'), () => litres).map(one => one.litres)
    expect([wants(0), wants(90), wants(120)]).toEqual([[120], [30], []])
  })
})

describe('the year in files', () => {
  const start = {
    candidateId: 'start.x', times: 3, day: 7, firstDay: 1, lastSafeDay: 50, hours: 3, scarceShare: 0, won: [],
    stock: { id: 's', kind: 'start', name: 'x', stages: [] },
    plan: { methodName: 'Leaf mould', placeName: 'Wire cage', newPlace: true },
  } as unknown as StartAnswer
  it('the calendar has days of building, last safe days and what is wanted as spans', () => {
    const entries = yearEntries([{ id: 'collecting.a', name: 'Spring heap', by: '2027-04-06' }], [start], [need()], on('2026-11-27'))
    expect(entries.map(({ title, from, to }) => [title, dayOf(from), dayOf(to)])).toEqual([
      ['Build: Spring heap', '2027-04-06', '2027-04-06'],
      ['Last safe day to begin: 3 × Leaf mould', '2027-01-16', '2027-01-16'],
      ['Wanted: Beds', '2026-04-01', '2026-04-30'],
    ])
    expect(calendarText('Garden', entries, on('2026-11-27')).leftOut).toEqual([])
  })
  it('the account is a table that a spreadsheet reads, and no name of a material is a formula in it', () => {
    const [first, ...rows] = Papa.parse<string[]>(accountCsv(accountOf(garden, LIBRARY_BOOK), id => `=${id}`).trim()).data
    expect(first!.slice(1, 4)).toEqual(['kept out of the bin (L)', 'kept out of the bin (kg, reckoned)', 'water (L)'])
    expect(first!.some(cell => cell.startsWith('='))).toBe(false)
    expect(rows.map(row => row.slice(0, 2))).toEqual([['2026-03', '100'], ['2026-04', '15']])
  })
  it('amounts to pick from are round and no two alike, in litres and in gallons', () => {
    for (const units of ['metric', 'us'] as const) {
      for (const purpose of PURPOSES) {
        const said = usualAmountsL(purpose, units).map(litres => quantityText('volume', units, litres))
        expect(new Set(said).size, said.join()).toBe(4)
        expect(said.join()).not.toMatch(/\.\d\d|NaN/)
      }
    }
  })
})

describe('the weeks ahead', () => {
  const ahead = (id: string, day: string, minutes = 10): Ahead =>
    ({ id, kind: 'task', batchId: id.slice(0, 1), title: id, of: 'Heap', place: '', from: on(day), to: on(day), minutes })
  it('hold what falls into them, with its minutes; what is late falls into the first', () => {
    const weeks = weeksAhead(
      [ahead('late', '2026-11-01'), ahead('lawn', '2026-12-01'), ahead('mon', '2026-11-30', 45), ahead('sun', '2026-12-06'),
        ahead('next', '2026-12-07')],
      on('2026-12-02'), 2)
    expect(weeks.map(({ things }) => things.map(({ all }) => all.map(({ id }) => id)))).toEqual(
      [[['late', 'lawn'], ['mon'], ['sun']], [['next']]])
    expect(weeks.map(({ minutes }) => minutes)).toEqual([75, 10])
    expect(weeks[0]!.things.map(({ minutes }) => minutes)).toEqual([20, 45, 10])
  })
  it('minutes are what the method says, or what such things take', () => {
    const deed = { kind: 'deed' as const, deed: 'turned' }
    expect(minutesOf({ doing: deed, minutes: 75 }, { pads: [] })).toBe(75)
    expect(minutesOf({ doing: deed }, { pads: [] })).toBe(MINUTES.deed)
    expect(minutesOf({ doing: { kind: 'page', page: 'take' } }, { pads: [] })).toBe(MINUTES.take)
    expect([3, 32, 60, 95, 200].map(minutesText)).toEqual(
      ['about 5 minutes', 'about 30 minutes', 'about 1 hour', 'about 1½ hours', 'about 3½ hours'])
  })
})

describe('own yields', () => {
  const stages = [
    { label: 'Compost', serves: ['beds'] as const, litres: { low: 20, typical: 40, high: 60 }, days: { low: 1, typical: 2, high: 3 } }]
  it('are what came out of what went in, and pull what is usual towards themselves the more there are', () => {
    // 110 L went in with 15 L fed later, 40 L came out: 0.32.
    const batch = [...garden.batches.values()].filter(hasBegun)
    expect(ownShares(batch, LIBRARY_BOOK)['slow-heap']![0]).toBeCloseTo(40 / 125, 6)
    // Usual: 40 of 100. One own time of 0.6: weights 1/0.25² and 1/0.2² on the logarithm, so 1.5^(25/41) = 1.28 times.
    const typical = (shares: readonly number[]) => byOwnYield(stages, 100, shares)[0]!.litres
    expect(typical([0.6]).typical).toBeCloseTo(40 * 1.5 ** (25 / 41), 3)
    expect(typical(Array.from({ length: 20 }, () => 0.6)).typical).toBeGreaterThan(57)
    expect(typical([0.6, 0.6, 0.6]).high / typical([0.6, 0.6, 0.6]).low).toBeLessThan(typical([0.6]).high / typical([0.6]).low)
    expect(byOwnYield(stages, 100, [])).toEqual(stages)
  })
})

describe('rain for the heaps', () => {
  it('by hand: 10 m² of roof and 50 mm a month are 400 L; 600 L wanted of a butt of 100 L leave 100 L short', () => {
    const account = Array.from({ length: 12 }, (_, index) =>
      ({ ...summed(`2026-${String(index + 1).padStart(2, '0')}`, []), waterL: index === 6 ? 600 : index === 7 ? 300 : 0 }))
    // July 2027: 31 days of 50/31 mm on 10 m², eight tenths of it: 400 L, with the 100 L that lie there 500.
    const dry = dryMonths({ roofM2: 10, buttL: 100 }, account, () => 50 / 31, on('2027-01-10'))
    expect(dry.map(({ first, missingL }) => [first.getMonth(), Math.round(missingL)])).toEqual([[6, 100]])
    expect(dryMonths({ roofM2: 10, buttL: 300 }, account, () => 50 / 31, on('2027-01-10'))).toEqual([])
  })
})

describe('the strip', () => {
  it('lies from the first of this month over twelve months, each thing at its place', () => {
    const strip = layStrip({
      now: on('2026-11-16'), needs: [need({ from: '2027-05-01', to: '2027-05-31' })],
      met: new Map([['need.a', { id: 'need.a', chance: 0.4, share: 0.7, shortL: 50, by: [] }]]),
      used: new Map(), incomes: [], book: LIBRARY_BOOK,
      stocks: [
        { id: 's', kind: 'batch', name: 'S',
          stages: [{ label: 'x', serves: ['beds'], litres: { low: 1, typical: 2, high: 3 }, days: { low: 30, typical: 60, high: 90 } }] }],
    })
    // 15½ of 365 days; May begins after 181 days, and ends a month later.
    expect(strip.today).toBeCloseTo(15.5 / 365, 3)
    expect(strip.needs[0]!.from).toBeCloseTo(181.5 / 365, 2)
    expect(strip.needs[0]!.to).toBeCloseTo(211.5 / 365, 2)
    expect([strip.needs[0]!.share, strip.needs[0]!.chance]).toEqual([0.7, 0.4])
    expect(strip.bars[0]!.maybe).toBeCloseTo((15.5 + 30) / 365, 3)
    expect(strip.bars[0]!.surely).toBeCloseTo((15.5 + 90) / 365, 3)
    expect(strip.months).toHaveLength(12)
    // Moved by 30 of its 365 days; moved beyond its ends it stays on the paper.
    expect(movedBar(strip.bars[0]!, 30, strip).maybe).toBeCloseTo((15.5 + 60) / 365, 3)
    expect(movedBar(strip.bars[0]!, 900, strip)).toMatchObject({ maybe: 1, surely: 1, from: 0 })
    expect(barText(strip.bars[0]!, strip, 'metric')).toMatch(/^2 L, between 16 Dec.* and 14 Feb/)
    const lanes = inLanes([0, 0.1, 0.5].map((from, index) => ({ ...strip.needs[0]!, id: String(index), from, to: from + 0.2 })))
    expect(lanes.map(({ lane }) => lane)).toEqual([0, 1, 0])
  })
})

describe('the words of the year', () => {
  it('say what is short in plain words, in either system', () => {
    expect([0.99, 0.85, 0.6, 0.3, 0.05].map(surenessText)).toEqual([
      'there in time', 'most likely there', 'may be short', 'probably short', 'short',
    ])
    expect(shortText({ chance: 0.6, shortL: 120 }, 'metric')).toBe('One year in five it is 120 L or more short.')
    expect(shortText({ chance: 0.05, shortL: 120 }, 'us')).toBe('It is about 32 gal short.')
    expect(shortText({ chance: 0.9, shortL: 12 }, 'metric')).toBeUndefined()
    expect(chanceText(0.634)).toBe('Enough in 63 % of the years that were tried.')
    expect(tooLateText({ purpose: 'beds' }, { shortL: 120 }, 'metric')).toBe(
      'Too late to make 120 L of it: buy it, or mulch with leaves, grass or straw instead.')
  })
})
