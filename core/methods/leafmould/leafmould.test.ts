import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { afterDays, aroundOn, begun, finished, gauged, input, MILD_YEAR, put, seen, took } from '../../../test/builders/batches'
import { SACK } from '../../../test/builders/heaps'
import { findMaterial } from '../../materials/book'
import type { NewEvent } from '../../journal/event'
import { dayLeft, runCage, shellShare, USUAL_TRAITS, type CageCase, type CageDeed, type Exposure, type Fill } from './course'
import { answerOf } from './forecast'
import { fillsOf, helpOf, joinedByDay, waterToWetL } from './leaves'
import { cageOn } from './now'
import { questionOf } from './question'
import { GRADES, leafClassOf, moistureFactor, ratePerYear, rotsAgainstMoist15, warmthFactor } from './rates'
import { SITES } from './sites'
import { tasksOf } from './tasks'
import { windowsOf } from './windows'
import { leafmould } from '.'

const DAYS = Float64Array.from({ length: 1300 }, (_, day) => day)
/** Filled on 1 November: a day's mean by its month. */
const yearFrom = (meanC: readonly number[]) =>
  Array.from({ length: 1300 }, (_, day) => meanC[new Date(Date.parse(afterDays(day))).getUTCMonth()]!)
const SHUT: Exposure = { areaM2: 0.8, rainShare: 0, drying: 0, shellM: 0, acrossM: 1 }
const fill = (perYear: number, day = 0, dryKg = 40): Fill => ({
  day, dryKg, waterKg: dryKg * 2, looseL: dryKg * 16, perYear, settlesTo: 0.47, massLeft: 1,
})
const cage = (
  fills: readonly Fill[], meanC: readonly number[] = MILD_YEAR, deeds: readonly CageDeed[] = [], exposure = SHUT,
): CageCase => ({ fills, deeds, exposure, airC: yearFrom(meanC), rainMm: [0] })
const months = (which: CageCase, massLeft: number, from = 0) => dayLeft(runCage(which, USUAL_TRAITS, DAYS), massLeft, from) / 30.44
const grades = (which: CageCase) => GRADES.map(({ massLeft }) => months(which, massLeft))

describe('the pace of leaves', () => {
  it('doubles with ten degrees, and is none in frost', () => {
    expect(warmthFactor(15, 2)).toBe(1)
    expect(warmthFactor(25, 2)).toBe(2)
    expect(warmthFactor(5, 2)).toBe(0.5)
    expect(warmthFactor(0, 2)).toBe(0)
    // 0.9 a year at 15 °C and moist: 0.9/365.25 = 0.002464 of what is left in a day.
    expect(0.9 / 365.25 * rotsAgainstMoist15(15, 0.7, 2)).toBeCloseTo(0.002464, 6)
  })

  it('is that of the kind: lime fast, birch and mixed medium, oak slow, needles and chips very slow', () => {
    const rate = (id: string) => ratePerYear(leafClassOf(findMaterial(id)!))
    expect(['leaves-fast', 'leaves-mixed', 'leaves-oak', 'pine-needles', 'twigs'].map(rate)).toEqual([1.5, 0.9, 0.5, 0.25, 0.25])
  })

  it('falls away when it dries: half at 40 %, hardly anything at 20 %', () => {
    expect(moistureFactor(0.7)).toBe(1)
    expect(moistureFactor(0.4)).toBeGreaterThan(0.4)
    expect(moistureFactor(0.4)).toBeLessThan(0.6)
    expect(moistureFactor(0.2)).toBeLessThan(0.05)
  })
})

describe('a cage in a mild year, filled on 1 November and always moist', () => {
  // k·Σf = ln(1/left); f = 2^((T−15)/10) by month, November first: .62 .54 .50 .50 .57 .66 .81 1 1.15 1.15 .93 .76, twelfths of it add up.
  // Medium leaves, k = 0.9: mulch needs 0.4308/0.9 = 0.479, reached half way through the ninth month.
  it.each([
    ['fast', 1.5, [6, 9, 13]],
    ['medium', 0.9, [8.5, 14.5, 21.5]],
    ['slow', 0.5, [14, 25, 38]],
    ['medium, shredded', 0.9 * 1.7, [6, 9, 12.5]],
  ] as const)('%s leaves are mulch, potting and fine mould when they should be', (_, perYear, wanted) => {
    grades(cage([fill(perYear)])).forEach((month, index) =>
      expect(Math.abs(month - wanted[index]!), `grade ${index}: ${month}`).toBeLessThan(0.75),
    )
  })

  it('is between its two single fills when it is filled twice, a month apart', () => {
    const [first, later, both] = [cage([fill(0.9)]), cage([fill(0.9, 30)]), cage([fill(0.9), fill(0.9, 30)])].map(one =>
      months(one, 0.45, 31),
    )
    expect(both).toBeGreaterThan(first!)
    expect(both).toBeLessThan(later!)
  })

  it('takes at least three months longer where four months are frozen', () => {
    const frozen = [-4, -3, 7, 9, 12, 15, 17, 17, 14, 11, -1, -2]
    expect(months(cage([fill(0.9)], frozen), 0.45) - months(cage([fill(0.9)]), 0.45)).toBeGreaterThan(3)
  })

  it('settles to half in four weeks and to 15 to 30 % of the loose litres in the end', () => {
    const course = runCage(cage([fill(0.9)]), USUAL_TRAITS, DAYS)
    expect(course.volumeL[28]! / 640).toBeGreaterThan(0.45)
    expect(course.volumeL[28]! / 640).toBeLessThan(0.56)
    for (const { massLeft } of GRADES.slice(1)) {
      const share = course.volumeL[Math.round(dayLeft(course, massLeft, 0))]! / 640
      expect(share).toBeGreaterThan(0.15)
      expect(share).toBeLessThan(0.3)
    }
  })

  it('stays dry and raw for 36 % by the sides alone where it is a metre across', () => {
    // The inner 80 cm of 100: 0.8² = 0.64. With the top hand of a metre: 1 − 0.64 × 0.9 = 42.4 %.
    expect(shellShare({ shellM: 0.1, acrossM: 1 }, 1e6)).toBeCloseTo(0.36, 5)
    expect(shellShare({ shellM: 0.1, acrossM: 1 }, 1)).toBeCloseTo(0.424, 9)
    expect(shellShare({ shellM: 0, acrossM: 1 }, 1)).toBe(0)
  })
})

describe('a cage in whatever weather', () => {
  const anyCage = fc.record({
    perYear: fc.double({ min: 0.2, max: 2, noNaN: true }), warmerK: fc.double({ min: 0.5, max: 8, noNaN: true }),
    days: fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 1, maxLength: 4 }), open: fc.boolean(),
  })
  const OPEN: Exposure = { areaM2: 0.8, rainShare: 1, drying: 1, shellM: 0.1, acrossM: 1 }
  const fillsAt = (days: readonly number[], perYear: number) => [...days].sort((a, b) => a - b).map(day => fill(perYear, day))

  it('is never slower where it is warmer or better watered', () => {
    fc.assert(fc.property(anyCage, ({ perYear, warmerK, days, open }) => {
      const fills = fillsAt(days, perYear)
      const exposure = open ? OPEN : SHUT
      const plain = cage(fills, MILD_YEAR, [], exposure)
      const from = Math.max(...days)
      if (!open)
        expect(
          months(
            cage(
              fills, MILD_YEAR.map(one => one + warmerK), [], exposure,
            ),
            0.65, from,
          ),
        ).toBeLessThanOrEqual(months(plain, 0.65, from) + 0.02)
      const watered = cage(
        fills, MILD_YEAR,
        Array.from({ length: 12 }, (_, index): CageDeed => ({ day: from + 1 + index * 20, kind: 'water', litres: 40 })), exposure,
      )
      expect(months(watered, 0.65, from)).toBeLessThanOrEqual(months(plain, 0.65, from) + 0.02)
    }), { numRuns: 60 })
  })

  it('minds the order of its fills only through time', () => {
    fc.assert(fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 40 }), (a, b) => {
      const [one, two] = [fill(1.5, a, 20), fill(0.5, b, 35)]
      const run = (fills: readonly Fill[]) =>
        runCage(cage([...fills].sort((x, y) => x.day - y.day)), USUAL_TRAITS, Float64Array.of(0, 100, 400))
      expect(Array.from(run([one, two]).left)).toEqual(Array.from(run([two, one]).left))
    }), { numRuns: 40 })
  })

  it('runs what is filled in by the hour as what is filled in by the day, nothing lost of it', () => {
    fc.assert(fc.property(
      fc.array(fc.record({ hour: fc.integer({ min: 0, max: 300 }), slow: fc.boolean(), dryKg: fc.integer({ min: 1, max: 9 }) }), {
        minLength: 30, maxLength: 60,
      }), (all) => {
        const fills = all.map(({ hour, slow, dryKg }) => fill(slow ? 0.5 : 1.5, hour / 24, dryKg)).sort((a, b) => a.day - b.day)
        const joined = joinedByDay(fills)
        expect(joined.length).toBeLessThanOrEqual(2 * 13)
        for (const part of ['dryKg', 'waterKg', 'looseL'] as const)
          expect(joined.reduce((sum, one) => sum + one[part], 0)).toBeCloseTo(fills.reduce((sum, one) => sum + one[part], 0), 6)
        const [apart, together] = [fills, joined].map(one => runCage(cage(one), USUAL_TRAITS, Float64Array.of(20, 100, 400)))
        for (const row of ['left', 'volumeL', 'moisture'] as const)
          apart![row].forEach((value, at) => expect(Math.abs(together![row][at]! / value - 1)).toBeLessThan(0.01))
      }), { numRuns: 40 })
  })

  it('loses mass only by rotting: what is left times what went in is what the parts still weigh', () => {
    fc.assert(fc.property(anyCage, ({ perYear, days }) => {
      const fills = fillsAt(days, perYear)
      const day = Math.max(...days) + 200
      const whole = runCage(cage(fills), USUAL_TRAITS, Float64Array.of(day)).left[0]! * fills.reduce((sum, one) => sum + one.dryKg, 0)
      const parts = fills.reduce((sum, one) => sum + one.dryKg * runCage(cage([one]), USUAL_TRAITS, Float64Array.of(day)).left[0]!, 0)
      expect(whole).toBeCloseTo(parts, 3)
    }), { numRuns: 40 })
  })

  it('stops in a dry spell without watering, and goes on when it is watered', () => {
    const dry = cage([{ ...fill(0.9), waterKg: 20 }], MILD_YEAR.map(one => one + 8), [], { ...OPEN, rainShare: 0 })
    const wet = { ...dry, deeds: Array.from({ length: 30 }, (_, index): CageDeed => ({ day: 10 * index, kind: 'water', litres: 30 })) }
    const left = (which: CageCase) => runCage(which, USUAL_TRAITS, Float64Array.of(400)).left[0]!
    expect(left(dry)).toBeGreaterThan(0.85)
    expect(left(wet)).toBeLessThan(0.6)
  })

  it('in bags neither dries nor is raw outside', () => {
    const bagged = cage([fill(0.9)], MILD_YEAR, [{ day: 1, kind: 'bag' }], { ...OPEN, rainShare: 0 })
    const course = runCage(bagged, USUAL_TRAITS, Float64Array.of(365))
    expect(course.moisture[0]).toBeGreaterThan(0.55)
    expect(course.leftOutside[0]).toBeCloseTo(course.left[0]!, 1)
  })
})

describe('what goes in with the leaves', () => {
  const of = (id: string, count: number, prepared?: 'shredded') => ({
    material: findMaterial(id)!, amount: { count, container: SACK, packing: 'loose' as const },
    ...(prepared ? { prepared } : {}),
  })

  it('helps: a tenth of grass by 1.3, a starter by 1.1, shredding by 1.7', () => {
    expect(helpOf([of('leaves-mixed', 9)])).toBe(1)
    expect(helpOf([of('leaves-mixed', 9), of('grass-clippings', 1)])).toBeCloseTo(1.3, 9)
    expect(helpOf([of('leaves-mixed', 19), of('grass-clippings', 1)])).toBeCloseTo(1.15, 9)
    expect(helpOf([of('leaves-mixed', 9), of('leaf-mould', 0.1)])).toBeCloseTo(1.1, 9)
    const [whole, shredded] = [of('leaves-mixed', 1), of('leaves-mixed', 1, 'shredded')].map(one => fillsOf([one], 0, 0, 1)[0]!)
    expect(shredded!.perYear / whole!.perYear).toBeCloseTo(1.7, 9)
  })

  it('is wetted through to 62 %: a sack of mixed leaves, 80 L of 90 kg/m³ at 38 %, takes 4.5 L', () => {
    // 7.2 kg, 4.464 kg dry and 2.736 kg water; 4.464 × 0.62/0.38 = 7.283, so 4.547 L more.
    expect(waterToWetL(fillsOf([of('leaves-mixed', 1)], 0, 0, 1))).toBeCloseTo(4.547, 2)
  })
})

const WIRE = { methodId: 'leafmould', approachId: 'alone', site: SITES[0]! }
const filled = (since: readonly NewEvent[] = [], count = 9) =>
  begun({ ...WIRE, inputs: [input('leaves-mixed', count, SACK)], waterL: 40 }, since)
const titles = (batch: ReturnType<typeof filled>, day: number, around = {}) =>
  tasksOf(batch, aroundOn(day, around))
    .filter(({ due }) => due <= new Date(afterDays(day)))
    .map(({ title }) => title)

describe('what a cage asks for', () => {
  it('is to be filled again after three weeks, with how many sacks, and not once the leaves are down', () => {
    const task = tasksOf(filled(), aroundOn(22)).find(({ action }) => action === 'filled')!
    expect(task.reason).toMatch(/^Leaves settle to half in four weeks\. There is room for about (5|5½|6) sacks more/)
    expect(titles(filled(), 120)).not.toContain('Fill it up again')
    expect(titles(filled([put(25, [input('leaves-mixed', 5, SACK)])]), 27)).not.toContain('Fill it up again')
  })

  it('is water after a dry squeeze, and after a dry summer', () => {
    expect(titles(filled([seen(100, 'squeeze', 'dust')]), 101)).toContain('Water it through')
    expect(titles(filled([seen(100, 'squeeze', 'dust'), put(101, [], 80)]), 102)).not.toContain('Water it through')
    expect(titles(filled(), 270, { rainMm: 0, meanC: [12, 12, 15, 18, 22, 26, 28, 28, 24, 18, 14, 12] })).toContain('Water it through')
    expect(titles(filled(), 270)).not.toContain('Water it through')
  })

  it('is to be taken once a grade has come, and rests when it was', () => {
    const day = 320
    expect(titles(filled(), day)).toContain('Take mulch')
    expect(titles(filled([took(day - 5, [['leaf-mould-coarse', 1, SACK]])]), day)).not.toContain('Take mulch')
  })
})

describe('the windows of a cage', () => {
  const typical = (batch: ReturnType<typeof filled>, day: number, id = 'potting') =>
    finished(answerOf(questionOf(batch, aroundOn(day))!)).windows[id]!

  it('come in order, and hold one course of the middle', () => {
    const [mulch, potting, fine] = windowsOf(filled(), aroundOn(10))
    expect(mulch!.from < potting!.from && potting!.from < fine!.from).toBe(true)
    const { low, high } = typical(filled(), 10).now
    const middle = windowsOf(filled(), aroundOn(10)).find(({ id }) => id === 'potting')!
    const day = (at: Date) => (at.getTime() - Date.parse(afterDays(0))) / 86_400_000
    expect(low).toBeLessThan(day(middle.to))
    expect(high).toBeGreaterThan(day(middle.from))
  })

  it('learn from heights and looks: sunk more and crumbling is sooner, still whole is later', () => {
    const plain = typical(filled(), 250).now.typical
    expect(typical(filled([seen(240, 'look', 'crumbling')]), 250).now.typical).toBeLessThan(plain - 20)
    expect(typical(filled([seen(240, 'look', 'whole')]), 250).now.typical).toBeGreaterThan(plain + 20)
    const heightM = cageOn(filled(), aroundOn(250))!.heightM
    expect(typical(filled([gauged(249, 'height', 'top', heightM * 0.75)]), 250).now.typical).toBeLessThan(plain)
    expect(typical(filled([gauged(249, 'height', 'top', heightM * 1.3)]), 250).now.typical).toBeGreaterThan(plain)
    const { start, now, moves } = typical(filled([seen(240, 'look', 'crumbling')]), 250)
    expect(now.high - now.low).toBeLessThan(start.high - start.low)
    expect(moves).toHaveLength(1)
  })

  it('count from the last fill', () => {
    expect(typical(filled([put(40, [input('leaves-mixed', 9, SACK)])]), 50).now.typical).toBeGreaterThan(
      typical(filled(), 50).now.typical + 10,
    )
  })
})

describe('taking some', () => {
  it('takes volume and leaves the rest as far on as it was', () => {
    const before = cageOn(filled(), aroundOn(300))!
    const after = cageOn(filled([took(299, [['leaf-mould-coarse', 1, SACK]])]), aroundOn(300))!
    expect(before.volumeL - after.volumeL).toBeGreaterThan(70)
    expect(before.volumeL - after.volumeL).toBeLessThan(90)
    expect(after.left).toBeCloseTo(before.left, 4)
  })

  it('is told in three streams that add up to what is there', () => {
    const outputs = leafmould.life.outputs(filled(), aroundOn(420))
    expect(outputs.map(({ label }) => label)).toEqual(['Raw outside and top', 'Coarse mould', 'Fine mould'])
    const { volumeL, shellShare: shell } = cageOn(filled(), aroundOn(420))!
    expect(outputs.reduce((sum, { expectedL }) => sum + expectedL!, 0)).toBeCloseTo(volumeL, 6)
    expect(outputs[0]!.expectedL).toBeCloseTo(volumeL * shell, 6)
    expect(outputs[2]!.expectedL! / outputs[1]!.expectedL!).toBeGreaterThan(0.1)
  })
})

describe('the draft of a cage', () => {
  const draft = (count: number, answers = {}, id = 'leaves-mixed') =>
    leafmould.plan.draft(
      {
        site: SITES[0]!, approachId: 'alone', answers, waterL: 0, volumeL: 0,
        ingredients: [{ material: findMaterial(id)!, amount: { count, container: SACK, packing: 'loose' } }],
      },
      aroundOn(0),
    )
  const fact = (of: ReturnType<typeof draft>, label: RegExp) => of.facts.find(one => label.test(one.label))!

  it('says what it takes today, after it has settled, and how much water', () => {
    // π × 0.5² × 1 m = 785 L: ten sacks of 80 L, less a little.
    expect(fact(draft(9), /takes today/).value).toBe('9¾ sacks')
    expect(fact(draft(9), /four weeks/).value).toMatch(/^room for (4|4¼|4½|4¾|5|5¼|5½) sacks more$/)
    // 9 × 4.547 L = 40.9 L.
    expect(fact(draft(9), /Water/).value).toBe('4 cans')
    expect(fact(draft(9), /raw outside/).value).toMatch(/^\d\d %$/)
  })

  it('says how many cages an autumn give the litres wanted each spring: more litres, more cages', () => {
    const cages = (wantedL: number) => Number(/fill (\d+)/.exec(fact(draft(9, { wantedL }), /each spring/).value)![1])
    expect(cages(20)).toBe(1)
    expect(cages(400)).toBeGreaterThan(cages(150))
    expect(draft(9).facts.some(({ label }) => /each spring/.test(label))).toBe(false)
  })

  it('names slow kinds, walnut, a cage that is too full and one that is nearly empty', () => {
    expect(draft(9, {}, 'leaves-oak').warnings[0]!.text).toMatch(/slow/)
    expect(draft(9, {}, 'leaves-walnut').warnings[0]!.text).toMatch(/Walnut/)
    expect(draft(14).verdict.text).toMatch(/More than it takes today/)
    expect(draft(2).verdict.text).toMatch(/Only \d+ % full/)
  })
})

describe('what is wrong with a cage', () => {
  const { diagnosis } = leafmould.life
  it('is dryness where it is dry, youth where it is young, the kind where it is oak', () => {
    expect(diagnosis!.causes(filled([seen(200, 'squeeze', 'dust')]), aroundOn(201), ['dust', 'still-whole'])[0]).toMatchObject({
      id: 'dry', remedy: { deeds: ['forked'] },
    })
    expect(diagnosis!.causes(filled(), aroundOn(90), ['still-whole'])[0]!.id).toBe('young')
    const oak = begun({ ...WIRE, inputs: [input('leaves-oak', 9, SACK)], waterL: 40 })
    expect(diagnosis!.causes(oak, aroundOn(500), ['still-whole']).map(({ id }) => id)).toContain('slow-kind')
    expect(diagnosis!.noticed(filled([seen(200, 'squeeze', 'dust')]), aroundOn(201))).toEqual(['dust'])
    expect(diagnosis!.noticed(filled([seen(200, 'squeeze', 'dust'), put(200.5, [], 60)]), aroundOn(201))).toEqual([])
  })
})

describe('cages over the years', () => {
  it('lie one under the other, and the next autumns follow the newest', () => {
    const pipeline = leafmould.life.pipeline!([filled()], aroundOn(60))!
    expect(pipeline.rows.map(({ name }) => name)).toEqual(['Batch', 'Autumn 2026', 'Autumn 2027'])
    for (const { stages } of pipeline.rows)
      stages.forEach(({ from, to }, index) => {
        if (index > 0) expect(from.getTime()).toBeGreaterThanOrEqual(stages[index - 1]!.to.getTime() - 1)
        expect(from.getTime()).toBeLessThanOrEqual(to.getTime())
      })
    expect(leafmould.life.pipeline!([], aroundOn(60))).toBeUndefined()
    expect(pipeline.rows[0]!.stages.map(({ tone }) => tone)).toEqual(['filling', 'resting', 'first', 'second', 'third'])
    // Under a roof and never watered nothing comes in sight: it rests to the end.
    const dry = begun({ ...WIRE, answers: { rain: 'roof' }, inputs: [input('leaves-oak', 9, SACK)], waterL: 5 })
    expect(leafmould.life.pipeline!([dry], aroundOn(300))!.rows[0]!.stages.map(({ tone }) => tone)).toEqual(['filling', 'resting'])
  })
})
