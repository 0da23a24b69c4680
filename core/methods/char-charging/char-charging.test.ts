import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { afterDays, aroundOn, begun, did, finished, input, put, seen } from '../../../test/builders/batches'
import { CAN } from '../../../test/builders/heaps'
import type { NewEvent } from '../../journal/event'
import { ingredientsOf } from '../../mix/portion'
import { LITRE } from '../../units/container'
import { normal, seededRandom } from '../../random/random'
import { completed } from '../../questions/question'
import type { Forecast, Proposal, Surroundings } from '../contract'
import { charCharging } from '.'
import { chanceText, deadlineOf } from './chance'
import { chargedAt, dayCharged, usualDays } from './course'
import { ENOUGH } from '../../materials/char-state'
import { cress } from './cress'
import { diagnosis } from './diagnosis'
import { FEEDS, feedRoomG, feedsGiven, gramsOf, measuredText } from './feeds'
import { answerOf, timesOf } from './forecast'
import { questionOf } from './question'
import { recipeFor } from './recipe'
import { sitesOfKind } from './sites'
import { logSpread, traitsAt } from './spread'
import { waterState } from './water'
import { SIZES, wayOf, WAYS } from './ways'
import * as words from './words'

const litresOf = (count: number) => ({ count, container: LITRE, packing: 'loose' as const })
const BUCKET = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 10 }
/** A place of 18 °C all year: the warmth that the times of practice hold for. */
const WARM = Array.from({ length: 12 }, () => 18)
const soak = (since: readonly NewEvent[] = [], answers: Record<string, number | string> = {}, approachId = 'soak', waterL = 25) =>
  begun(
    {
      methodId: charCharging.id, approachId, site: charCharging.plan.sitesOf!(approachId)[0]!,
      answers: { ...completed(charCharging.plan.asks(approachId), { [words.TAP]: 'sound', ...answers }) },
      inputs: [input('biochar-crushed', 2, BUCKET), input('worm-castings', 1.2, BUCKET)], waterL,
    },
    since,
  )
const warm = (day: number, over: Partial<Surroundings> = {}): Surroundings => ({ ...aroundOn(day, { meanC: WARM }), ...over })
const proposal = (approachId: string, answers: Record<string, number | string> = {}): Proposal => ({
  site: charCharging.plan.sitesOf!(approachId)[0]!,
  approachId,
  answers: completed(charCharging.plan.asks(approachId), answers),
  ingredients: [],
  waterL: 0, volumeL: 0,
})
const actions = (batch: ReturnType<typeof soak>, around: Surroundings) => charCharging.life.tasks(batch, around).map(({ action }) => action)
const forecast = (batch: ReturnType<typeof soak>, around: Surroundings): Forecast => finished(answerOf(questionOf(batch, around)))

describe('how long it takes', () => {
  const times = Float64Array.from({ length: 4001 }, (_, index) => index / 10)
  const day80 = (id: string, sizeTimes: number, celsius: number) => {
    const course = chargedAt(
      { way: wayOf(id), sizeTimes, placeC: Array.from({ length: 1700 }, () => celsius), filledDay: 0, drainedDay: undefined },
      traitsAt([], wayOf(id)), times,
    )
    return dayCharged(times, course, ENOUGH)
  }

  it('fine pieces in a soak are four fifths charged after 3 to 7 days, chunks after 7 to 14, in a pond about two weeks, in a heap two to '
    + 'six months', () => {
    const [fine, , coarse] = SIZES
    expect(usualDays(wayOf('soak'), fine.times)).toMatchObject({ low: 3, high: 7 })
    expect(usualDays(wayOf('soak'), coarse.times).low).toBeGreaterThan(6)
    expect(usualDays(wayOf('soak'), coarse.times).high).toBeLessThan(15)
    expect(day80('soak', 1, 18)).toBeCloseTo(4.6, 1)
    expect(day80('pond', 1, 18)).toBeCloseTo(14, 1)
    expect(day80('in-heap', 1, 18)).toBeCloseTo(100, 0)
    expect(day80('nitrogen', 1, 18)).toBeCloseTo(7, 1)
    expect(day80('aired', 1, 18)).toBeCloseTo(2.8, 1)
    // Middle pieces 1.45 times as long in a tub; in a pond by its root, 1.204.
    expect(day80('soak', SIZES[1].times, 18)).toBeCloseTo(6.67, 1)
    expect(day80('pond', SIZES[1].times, 18)).toBeCloseTo(16.86, 1)
    expect(usualDays(wayOf('in-heap'), 1)).toMatchObject({ low: 60, high: 180 })
  })

  it('by hand: half the time constant of ln 5 gives 1 − √0.2 = 55 %', () => {
    const course = chargedAt(
      { way: wayOf('soak'), sizeTimes: 1, placeC: [18, 18], filledDay: 0, drainedDay: undefined }, traitsAt([], wayOf('soak')),
      Float64Array.from([2.3]),
    )
    expect(course[0]).toBeCloseTo(1 - Math.sqrt(0.2), 3)
  })

  it('larger is never sooner, warmer never later, and frost stands still', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...WAYS.map(({ id }) => id)), fc.double({ min: 1, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }), fc.double({ min: 1, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        (id, size, more, celsius, warmer) => {
          expect(day80(id, size + more, celsius)).toBeGreaterThanOrEqual(day80(id, size, celsius) - 1e-6)
          expect(day80(id, size, celsius + warmer)).toBeLessThanOrEqual(day80(id, size, celsius) + 1e-6)
        }), { numRuns: 40 })
    expect(day80('soak', 1, -2)).toBe(400)
    // 8 °C colder: 1.6^0.8 = 1.456 times as long.
    expect(day80('soak', 1, 10)).toBeCloseTo(4.6 * 1.6 ** 0.8, 1)
  })

  it('drained it stays as it is', () => {
    const { days, charged } = {
      days: Float64Array.from([1, 3, 9]),
      charged: chargedAt(
        { way: wayOf('soak'), sizeTimes: 1, placeC: [18], filledDay: 0, drainedDay: 3 }, traitsAt([], wayOf('soak')),
        Float64Array.from([1, 3, 9]),
      ),
    }
    expect(days).toHaveLength(3)
    expect(charged[2]).toBe(charged[1])
    expect(charged[1]).toBeGreaterThan(charged[0]!)
  })
})

describe('chosen by a day', () => {
  const by = (id: string, days: number, waterDays = 0) =>
    deadlineOf(wayOf(id), 1, 'outside', waterDays, warm(0)).by(new Date(afterDays(days)))

  it('a soak with its week of drying is an even chance in 11.6 days, sure in three weeks, and nothing in a week', () => {
    expect(by('soak', 11.6)).toBeCloseTo(0.5, 1)
    expect(by('soak', 14)).toBeCloseTo(0.9, 1)
    expect(by('soak', 21)).toBeGreaterThan(0.99)
    expect(by('soak', 7)).toBe(0)
    expect(by('in-heap', 60)).toBeCloseTo(0.1, 1)
  })

  it('later is never less likely, and water that has to stand first never makes it likelier', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...WAYS.map(({ id }) => id)), fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        (id, day, more) => {
          expect(by(id, day + more)).toBeGreaterThanOrEqual(by(id, day) - 1e-9)
          expect(by(id, day, 1)).toBeLessThanOrEqual(by(id, day) + 1e-9)
        }), { numRuns: 25 })
  })

  it('its window ends where nine in ten are through', () => {
    const deadline = deadlineOf(wayOf('pond'), 1, 'outside', 0, warm(0))
    expect(deadline.by(deadline.to)).toBeCloseTo(0.9, 1)
    expect(deadline.by(deadline.from)).toBeCloseTo(0.1, 1)
  })

  it('says what is too late, what no heap stands for, and where a heap does stand', () => {
    const compared = (around: Surroundings) =>
      charCharging.plan.draft(proposal('soak', { [words.BY]: afterDays(25).slice(0, 10) }), around).compared!
    const row = (around: Surroundings, id: string) => compared(around).rows.find(({ approachId }) => approachId === id)!
    expect(row(warm(0), 'soak')).toMatchObject({ fits: true })
    expect(row(warm(0), 'bedding')).toMatchObject({ fits: false, but: 'too late' })
    expect(row(warm(0), 'in-heap').but).toBe('no heap stands')
    // Even chances are no plan: two in three are wanted.
    const evenly = charCharging
      .plan.draft(proposal('soak', { [words.SIZE]: 'fine', [words.BY]: afterDays(12).slice(0, 10) }), warm(0))
      .compared!.rows.find(({ approachId }) => approachId === 'soak')!
    expect(evenly).toMatchObject({ fits: false, but: 'may be too late' })
    const heaps = warm(0, { garden: { waterCan: CAN, carriers: [{ batchId: 'h', name: 'Big bay', as: 'heap' }] } })
    expect(row(heaps, 'in-heap').cells).toContain('in Big bay')
    expect(charCharging.plan.draft(proposal('in-heap'), heaps).refusal).toMatch(/into Big bay/)
    expect(charCharging.plan.draft(proposal('in-heap'), warm(0)).refusal).toMatch(/No heap stands/)
    expect(charCharging.plan.draft(proposal('soak'), warm(0)).refusal).toBeUndefined()
    expect([chanceText(0.99), chanceText(0.72), chanceText(0.1)]).toEqual(['as good as sure', 'about 7 in 10', 'too late'])
  })
})

describe('the recipe', () => {
  it('is fitted to the vessel: a third free, the rest said in tubs', () => {
    const [tub] = sitesOfKind('tub')
    // The tub holds 78.5 L; two thirds are 52.4 L; a litre of char with 0.6 of compost stands 1.62 L: 32.3 L fit.
    expect(recipeFor(tub!, wayOf('soak'), { charL: 20 })).toMatchObject({ charL: 20, livingL: 12, tubs: 1 })
    expect(recipeFor(tub!, wayOf('soak'), { charL: 80 })).toMatchObject({ charL: expect.closeTo(32.32, 1), tubs: 3 })
    expect(recipeFor(sitesOfKind('bag')[0]!, wayOf('pond'), { charL: 16, bagL: 5 })).toMatchObject({
      charL: 16, bags: 4, waterL: 0,
    })
  })

  it('no char is no plan, and in the cold it says what a warm room would change', () => {
    const drop = ingredientsOf([{ materialId: 'biochar-crushed', amount: litresOf(0.01) }], warm(0).materials)
    expect(charCharging.plan.draft({ ...proposal('soak'), ingredients: drop }, warm(0))).toMatchObject({
      refusal: 'Put in how much char there is.', verdict: { grade: 'poor' }, gives: [],
    })
    // Compost that lies there for a heap is no soak.
    const compost = ingredientsOf([{ materialId: 'compost-finished', amount: litresOf(4) }], warm(0).materials)
    expect(charCharging.plan.draft({ ...proposal('soak'), ingredients: compost }, warm(0)).refusal).toBeUndefined()
    const frost = aroundOn(30, { meanC: [-8, -6, -1, 5, 11, 16, 18, 17, 12, 6, 0, -5] })
    const texts = (stands: string, around: Surroundings) =>
      charCharging
        .plan.draft(proposal('soak', { [words.STANDS]: stands }), around)
        .warnings.map(({ text }) => text)
        .join(' ')
    expect(texts('outside', frost)).toMatch(/in a warm room it would be charged and dry by \d+ December 2025/)
    expect(texts('room', frost)).toBe('')
    expect(texts('outside', warm(0))).toBe('')
  })

  it('feeds have a limit by the litre of water, all that was given counted', () => {
    const molasses = FEEDS.find(({ id }) => id === 'molasses')!
    expect(feedRoomG(molasses, 25, [])).toBe(50)
    expect(feedRoomG(molasses, 25, [{ id: 'molasses', grams: 30 }, { id: 'fish', grams: 99 }])).toBe(20)
    expect(feedRoomG(molasses, 25, [{ id: 'molasses', grams: 300 }])).toBe(0)
  })
})

describe('a gardener\'s own soak', () => {
  const laid = (lines: Readonly<Record<string, number>>) =>
    ingredientsOf(Object.entries(lines).map(([materialId, litres]) => ({ materialId, amount: litresOf(litres) })), warm(0).materials)
  const draft = (lines: Readonly<Record<string, number>>, answers: Record<string, number | string> = {}, approachId = 'soak') =>
    charCharging.plan.draft(
      { ...proposal(approachId, { [words.TAP]: 'sound', ...answers }), ingredients: laid(lines) }, warm(0),
    )
  const warned = (one: ReturnType<typeof draft>) => one.warnings.map(({ text }) => text).join(' ')
  const litresIn = (one: ReturnType<typeof draft>) =>
    Object.fromEntries(one.recipe!.map(({ material, amount: { count, container } }) => [material.id, count * container.volumeL]))

  it('begins with the char that lies in the store, not with twenty litres', () => {
    const material = warm(0).materials.find('biochar-crushed')!
    const spares = [{ material, container: litresOf(1).container, packing: 'loose' as const, count: 6 }]
    const one = charCharging.plan.draft(proposal('soak', { [words.TAP]: 'sound' }), warm(0, { spares }))
    expect(litresIn(one)['biochar-crushed']).toBeCloseTo(6, 6)
    // Six tenths of it in compost: 3.6 L.
    expect(Object.values(litresIn(one))[1]).toBeCloseTo(3.6, 6)
  })

  it('takes compost and castings both, feeds and urine, in the shares that were said', () => {
    const own = { 'biochar-crushed': 10, 'worm-castings': 3, 'compost-finished': 3, 'molasses': 0.015 }
    const one = draft(own)
    expect(litresIn(one)).toEqual({ 'biochar-crushed': 10, 'worm-castings': 3, 'compost-finished': 3, 'molasses': 0.015 })
    // Water: 10 · (0.4 + 0.45 + 0.2) + 6 · 0.3 = 12.3 L.
    expect(one.waterL).toBeCloseTo(12.3, 6)
    // A spoon of 21 g in 12.3 L, which bear 24.6 g.
    expect(warned(one)).toBe('')
    expect(one.steps.map(({ title }) => title).join(' ')).toMatch(/3 L of castings, 3 L of compost/)
    // Three times as much molasses is too much.
    expect(warned(draft({ ...own, molasses: 0.045 }))).toMatch(/turns foul: molasses 2\d g/)
  })

  it('says what is too little and too much, in litres', () => {
    expect(warned(draft({ 'biochar-crushed': 10, 'worm-castings': 1 }))).toMatch(/5 L to 10 L of compost or castings go with 10 L/)
    // A quarter is too little, a third is enough; as much as char and a tenth is not too much, a third more is.
    expect(warned(draft({ 'biochar-crushed': 10, 'worm-castings': 2.5 }))).toMatch(/Little lives in it/)
    expect(warned(draft({ 'biochar-crushed': 10, 'worm-castings': 3.4 }))).toBe('')
    expect(warned(draft({ 'biochar-crushed': 10, 'worm-castings': 11 }))).toBe('')
    expect(warned(draft({ 'biochar-crushed': 10, 'worm-castings': 13 }))).toMatch(/More compost than char/)
    expect(warned(draft({ 'biochar-crushed': 10, 'compost-finished': 20 }))).toMatch(/More compost than char/)
    const usual = { 'biochar-crushed': 10, 'compost-finished': 6 }
    expect(warned(draft(usual, { [words.WATER_L]: 6 }))).toMatch(/6 L do not cover it.* 12\.3 L would/)
    // The tub holds 78.5 L: 10 L of char, 6 of compost stand at 16.2 L, with 60 L of water too many at 64.
    expect(warned(draft({ 'biochar-crushed': 10, 'compost-finished': 6 }, { [words.WATER_L]: 60 }))).toMatch(/little room for foam/)
    expect(warned(draft({ 'biochar-crushed': 10, 'compost-finished': 6 }, { [words.WATER_L]: 80 }))).toMatch(/runs over/)
    expect(warned(draft({ 'char-charged': 10, 'compost-finished': 6 }))).toMatch(/charged already/)
  })

  it('urine is a tenth of the water and part of the liquid; stronger is said', () => {
    const usual = charCharging.plan.draft(proposal('nitrogen', { [words.TAP]: 'sound' }), warm(0))
    // 20 L of char want 21 L of liquid: 21 / 11 = 1.9 L of urine and 19.1 L of water.
    expect(litresIn(usual).urine).toBeCloseTo(21 / 11, 6)
    expect(usual.waterL).toBeCloseTo(21 * 10 / 11, 6)
    expect(warned(draft({ 'biochar-crushed': 20, 'urine': 8 }, {}, 'nitrogen'))).toMatch(/38 % of the liquid is urine.* 1\.9 L here/)
    expect(warned(draft({ 'biochar-crushed': 20 }, {}, 'nitrogen'))).toMatch(/Nothing in it feeds/)
    expect(warned(draft({ 'biochar-crushed': 20, 'urine': 2 }, {}, 'nitrogen'))).toBe('')
  })

  it('urine in any soak is cautioned where it goes in, and remembered by what comes out', () => {
    const one = draft({ 'biochar-crushed': 10, 'compost-finished': 6, 'urine': 1 })
    expect(one.steps.find(({ title }) => /of urine/.test(title))!.cautions.join(' ')).toMatch(/Not on salad or anything eaten raw/)
    const withIt = soak([put(1, [input('urine', 0.1, BUCKET)])])
    expect(charCharging.life.outputs(withIt, warm(9))[0]!.char!.with).toEqual(['living', 'urine'])
    expect(charCharging.life.outputs(soak(), warm(9))[0]!.char!.with).toEqual(['living'])
  })

  it('nothing that is laid out is lost: what does not fit is said in tubs, and shares stay', () => {
    fc.assert(fc.property(fc.double({ min: 1, max: 300, noNaN: true }), fc.double({ min: 0, max: 1.5, noNaN: true }), (charL, share) => {
      const one = draft({ 'biochar-crushed': charL, 'worm-castings': Math.max(0.01, charL * share) })
      const got = litresIn(one)
      expect(got['biochar-crushed']!).toBeLessThanOrEqual(charL + 1e-6)
      expect(got['worm-castings']! / got['biochar-crushed']!).toBeCloseTo(Math.max(0.01, charL * share) / charL, 6)
      if (got['biochar-crushed']! < charL - 0.01) expect(one.verdict.text).toMatch(/of them, or one after the other/)
    }), { numRuns: 60 })
  })

  it('raw char that comes later makes all of it less charged, by its share', () => {
    const days = Float64Array.from({ length: 21 }, (_, day) => day)
    const at = (joined: readonly { day: number, before: number }[]) => chargedAt(
      { way: wayOf('soak'), sizeTimes: 1, placeC: Array.from({ length: 100 }, () => 18), filledDay: 0, drainedDay: undefined, joined },
      traitsAt([], wayOf('soak')), days,
    )
    const [alone, more] = [at([]), at([{ day: 4, before: 0.5 }])]
    expect(more[3]).toBeCloseTo(alone[3]!, 6)
    expect(more[4]).toBeCloseTo(alone[4]! / 2, 5)
    expect(more[20]).toBeLessThan(alone[20]!)
    expect(more[20]).toBeGreaterThan(0.95)
    const batch = soak([put(4, [input('biochar-crushed', 2, BUCKET)], 0)])
    expect(questionOf(batch, warm(5)).joined).toEqual([{ day: 4, before: 0.5 }])
  })

  it('feeds are measured by scales, spoon or jug, and what went in at the start counts', () => {
    expect(gramsOf({ what: 'molasses', grams: 30 })).toBe(30)
    // Three spoons of 15 mL at 1.4 kg a litre: 63 g.
    expect(gramsOf({ what: 'molasses', by: 'spoons', spoons: 3 })).toBeCloseTo(63, 6)
    expect(gramsOf({ what: 'fish', by: 'jug', jugL: 0.1 })).toBeCloseTo(110, 6)
    expect(measuredText({ what: 'molasses', by: 'spoons', spoons: 3 }, 'metric')).toBe('3 spoons (63 g)')
    const begun = soak([did(1, words.FEED, { what: 'molasses', by: 'spoons', spoons: 1 })])
    expect(feedsGiven(begun, words.FEED, warm(1).materials)).toEqual([{ id: 'molasses', grams: expect.closeTo(21, 6) }])
  })

  it('dries in its can in twice the time', () => {
    const inCan = soak([did(9, words.DRAINED, { [words.DRIES]: words.IN_CAN })])
    expect(charCharging.life.standing(inCan, warm(17)).phase).toBe('drying')
    expect(charCharging.life.standing(inCan, warm(17)).sentence).toMatch(/6 days more in its can/)
    expect(charCharging.life.standing(inCan, warm(23.1)).phase).toBe('dry')
    expect(charCharging.life.tasks(inCan, warm(12))[0]).toMatchObject({ action: 'take' })
    expect(charCharging.life.tasks(inCan, warm(12))[0]!.due.getTime()).toBeGreaterThan(warm(20).now.getTime())
  })
})

describe('water first', () => {
  it('rain takes the char at once; chlorine waits a day; chloramine waits for ascorbic acid', () => {
    expect(waterState(soak(), warm(0.1))).toMatchObject({ fit: true, filledAt: afterDays(0) })
    const chlorine = soak([], { [words.TAP]: 'chlorine' })
    expect(waterState(chlorine, warm(0.9))).toMatchObject({ fit: false, filledAt: undefined })
    expect(waterState(chlorine, warm(1.01)).fit).toBe(true)
    const chloramine = soak([], { [words.TAP]: 'chloramine' })
    expect(waterState(chloramine, warm(9)).fit).toBe(false)
    expect(waterState(soak([did(0.1, words.ACID, { grams: 0.2 })], { [words.TAP]: 'chloramine' }), warm(0.2)).fit).toBe(true)
  })

  it('takes the settings where nothing else was said', () => {
    expect(waterState(soak([], { [words.TAP]: 'settings' }), warm(1, { garden: { waterCan: CAN, water: 'mains' } })).water).toMatchObject({
      kind: 'chloramine', feared: true,
    })
    expect(waterState(soak([], { [words.TAP]: 'settings' }), warm(1, { garden: { waterCan: CAN, water: 'rain' } })).water.kind).toBe(
      'sound',
    )
    // Whoever stirred it had put the char in, whatever the settings say later.
    expect(
      waterState(soak([did(2, words.STIRRED)], { [words.TAP]: 'settings' }), warm(9, { garden: { waterCan: CAN, water: 'mains' } }))
        .filledAt,
    ).toBe(afterDays(2))
  })

  it('is asked for in order, and the clock runs from when the char is in', () => {
    const waits = soak([], { [words.TAP]: 'chloramine' })
    expect(actions(waits, warm(0.2))).toEqual(['acid'])
    expect(charCharging.life.gates(waits, warm(0.2))[0]).toMatchObject({ id: words.WATER_FIT, open: false })
    // 25 L with 2 mg a litre: 50 mg of it, 0.125 to 0.15 g.
    expect(charCharging.life.tasks(waits, warm(0.2))[0]!.reason).toMatch(/0\.1[23] to 0\.15 g of ascorbic acid for 25 L/)
    const bound = [did(0.2, words.ACID, { grams: 0.15 })]
    expect(actions(soak(bound, { [words.TAP]: 'chloramine' }), warm(0.3))).toEqual(['fill'])
    const filled = soak([...bound, did(2, words.FILLED)], { [words.TAP]: 'chloramine' })
    expect(charCharging.life.standing(filled, warm(2)).phase).toBe('charging')
    expect(questionOf(filled, warm(3)).filledDay).toBeCloseTo(2, 6)
  })
})

describe('a soak at work', () => {
  it('asks for stirring daily and whether it sinks, then to be drained, dried and taken, and says what is left when taken early', () => {
    const batch = soak()
    expect(actions(batch, warm(1.2))).toEqual(['stirred', 'look'])
    expect(charCharging.life.outputs(batch, warm(1.2))[0]!.hint).toMatch(/Too early|Give a nitrogen feed/)
    expect(charCharging.life.standing(batch, warm(9)).phase).toBe('charged')
    expect(actions(batch, warm(9))).toContain('drain')
    const drained = soak([did(9, words.DRAINED)])
    expect(charCharging.life.standing(drained, warm(11)).phase).toBe('drying')
    expect(charCharging.life.standing(drained, warm(17))).toMatchObject({ phase: 'dry', tone: 'good' })
    expect(charCharging.life.outputs(soak([did(1, words.DRAINED)]), warm(9))[0]!.hint).toMatch(/it takes from the soil|rob/)
  })

  it('stinks: begin again, and nothing else matters', () => {
    const foul = soak([seen(2, words.SMELL, 'foul')])
    expect(charCharging.life.standing(foul, warm(2.1))).toMatchObject({ phase: 'foul', tone: 'bad' })
    expect(actions(foul, warm(2.1))).toEqual(['smell'])
    expect(charCharging.life.standing(soak([seen(2, words.SMELL, 'foul'), seen(3, words.SMELL, 'earthy')]), warm(3.1)).phase).toBe(
      'charging',
    )
  })

  it('knows its liquor: water in, less what the char drank and what was given', () => {
    const batch = soak([put(1, [], 5), { kind: 'used', at: afterDays(2), batchId: 'b', litres: 4, place: 'leeks', areaM2: 5, waterL: 40 }])
    const liquor = charCharging.life.facts(batch, warm(60)).find(({ label }) => label === 'Liquor')!
    // 20 L of char at 10 L a square metre.
    expect(charCharging.life.facts(batch, warm(60)).find(({ label }) => label === 'Enough for')?.value).toMatch(/about 2.m²/)
    // 25 + 5 − 4 − 20 · 0.4 · (all but) 1 = 18.
    expect(liquor.value).toMatch(/^18.L$/)
  })

  it('what floats makes it later, what sinks sooner, and both narrow it', () => {
    const plain = forecast(soak(), warm(4)).windows.charged!.now
    const floats = forecast(soak([seen(4, words.SINKS, 'floats')]), warm(4)).windows.charged!
    const sunk = forecast(soak([seen(4, words.SINKS, 'sunk')]), warm(4)).windows.charged!.now
    expect(floats.now.typical).toBeGreaterThan(plain.typical + 0.5)
    expect(sunk.typical).toBeLessThan(plain.typical - 0.5)
    expect(floats.moves[0]!.movedDays).toBeGreaterThan(0)
    expect(Math.log(sunk.high / sunk.low)).toBeLessThan(Math.log(plain.high / plain.low))
  })

  it('what warmth does is uncertain: in the cold the window is wider than in the warm, by the share that is not known', () => {
    const widthAt = (celsius: number) => {
      const around = aroundOn(0, { meanC: Array.from({ length: 12 }, () => celsius) })
      const { low, high } = forecast(soak([], { [words.SIZE]: 'fine' }), around).windows.charged!.now
      return Math.log(high / low)
    }
    // Warmth of 2 °C: 1.6^−1.6; a spread of 0.3 on the 0.6 moves that by e^(±0.18), beside the pace's ±0.33: a good third wider.
    expect(widthAt(2) / widthAt(18)).toBeGreaterThan(1.25)
    expect(widthAt(2) / widthAt(18)).toBeLessThan(1.6)
  })

  it('a sign is as blurred as an eye: half sunk speaks softly against four fifths', () => {
    const { low, high } = questionOf(soak([seen(3, words.SINKS, 'half')]), warm(4)).findings[0]!.finding as { low: number, high: number }
    expect([low, high]).toEqual([0.35, 0.75])
    const half = forecast(soak([seen(3, words.SINKS, 'half')], { [words.SIZE]: 'fine' }), warm(4)).windows.charged!
    const start = half.start
    // By the days it would be 65 % charged: half confirms that, and narrows it by a fifth or so, not by half.
    const narrowed = Math.log(half.now.high / half.now.low) / Math.log(start.high / start.low)
    expect(narrowed).toBeGreaterThan(0.7)
    expect(narrowed).toBeLessThan(0.95)
  })

  it('nothing is expected while the water stands', () => {
    const waits = soak([], { [words.TAP]: 'chlorine' })
    expect(charCharging.life.windows(waits, warm(0.5))).toEqual([])
    expect(charCharging.life.charts(waits, warm(0.5))).toEqual([])
  })

  it('holds eight times in ten, on its own law and on another: pores that fill by the root of time, in a place warmer than said', () => {
    const random = seededRandom(17)
    const times = Float64Array.from({ length: 800 }, (_, index) => index / 10)
    const held = (truth: (slower: number) => (day: number) => number) => {
      const hits = Array.from({ length: 70 }, () => {
        const at = truth(Math.exp(logSpread(wayOf('soak')) * normal(random)))
        const real = times.find(day => at(day) >= ENOUGH) ?? 80
        // An eye is off by an eighth either way.
        const look = (day: number) => {
          const told = at(day) + 0.12 * normal(random)
          return seen(day, words.SINKS, told < 0.4 ? 'floats' : told < 0.72 ? 'half' : 'sunk')
        }
        const { low, high } = forecast(soak([look(2), look(4)], { [words.SIZE]: 'fine', [words.STANDS]: 'room' }), warm(4)).windows.charged!
          .now
        return real >= low - 0.15 && real <= high + 0.15
      })
      return hits.filter(Boolean).length / hits.length
    }
    const own = held(slower => day => 1 - Math.exp(-day * Math.log(5) / (4.6 / 1.6 ** 0.2 * slower)))
    const other = held(slower => day => Math.min(1, ENOUGH * Math.sqrt(day / (4.6 / 1.6 ** 0.5 * slower))))
    expect(own).toBeGreaterThan(0.7)
    expect(own).toBeLessThan(0.96)
    expect(other).toBeGreaterThan(0.6)
  }, 60_000)

  it('times of a forecast hold every finding', () => {
    const question = questionOf(soak([seen(2.345, words.SINKS, 'half')]), warm(4))
    expect(Array.from(timesOf(question)).some(day => Math.abs(day - 2.345) < 1e-6)).toBe(true)
  })
})

describe('the cress trial', () => {
  const judge = (up: number, upControl: number, upRaw: number) =>
    cress.judge({ sown: 20, sownControl: 20, sownRaw: 20 }, { up, upControl, upRaw, roots: 'sound' })

  it('charged as good as without passes, and raw that did worse is said', () => {
    const one = judge(19, 19, 8)
    expect(one).toMatchObject({ ok: true, value: { grade: 'passed' } })
    expect(one.ok && one.value.text).toMatch(/With raw char 8 of 20: Raw did worse/)
  })

  it('few seeds prove nothing, and counts that cannot be are refused', () => {
    const one = judge(18, 19, 16)
    expect(one.ok && one.value.text).toMatch(/cannot be told apart/)
    expect(cress.judge({ sown: 20, sownControl: 20, sownRaw: 20 }, { up: 30, upControl: 19, upRaw: 3, roots: 'sound' }).ok).toBe(false)
  })
})

describe('what is wrong with a soak', () => {
  const first = (batch: ReturnType<typeof soak>, around: Surroundings, symptom: string) => diagnosis.causes(batch, around, [symptom])[0]?.id

  it('is told apart by what was done and what went in', () => {
    expect(first(soak(), warm(6), 'foul')).toBe('airless')
    // Stirred daily, and fed with ten times the molasses it bears.
    const fed = soak([did(1, words.FEED, { what: 'molasses', grams: 500 }), did(5.8, words.STIRRED)])
    expect(first(fed, warm(6), 'foul')).toBe('overfed')
    expect(first(soak(), warm(2), 'floats')).toBe('early')
    expect(first(soak([], { [words.SIZE]: 'coarse' }), warm(30), 'floats')).toBe('coarse')
    expect(first(soak([], { [words.STANDS]: 'outside' }), aroundOn(30, { meanC: [2] }), 'floats')).toMatch(/cold|early/)
    // 20 L of char with 12 of castings want 24.6 L to be covered.
    expect(first(soak([], {}, 'soak', 12), warm(3), 'nests')).toBe('uncovered')
    expect(first(soak([did(2, words.DRAINED)]), warm(12), 'pale')).toBe('raw')
    expect(diagnosis.causes(soak([], {}, 'soak', 12), warm(3), ['nests'])[0]!.remedy.waterL).toBeGreaterThan(0)
  })

  it('notices what was smelt and what still floats', () => {
    expect(diagnosis.noticed(soak([seen(2, words.SMELL, 'foul'), seen(2, words.SINKS, 'floats')]), warm(2.5))).toEqual(['foul', 'floats'])
  })
})
