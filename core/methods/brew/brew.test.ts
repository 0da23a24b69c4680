import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ingredientsOf } from '../../mix/portion'
import { LITRE } from '../../units/container'
import { afterDays, aroundOn, begun, did, finished, gauged, seen, took } from '../../../test/builders/batches'
import { BUCKET } from '../../../test/builders/heaps'
import type { NewEvent } from '../../journal/event'
import { siteVolumeL } from '../../vessel/site'
import { amountsFor, dilutionFor, ownAmounts } from './amounts'
import type { Surroundings } from '../contract'
import { dayAt, foamAt, runBrew } from './course'
import { diagnosis } from './diagnosis'
import { answerOf, traitsAt } from './forecast'
import { daysToHeight, KINDS, kindOf } from './kinds'
import { questionOf } from './question'
import { SITES } from './sites'
import { brew } from '.'

const STARTER = kindOf('starter')
const usual = (q10 = STARTER.q10) => traitsAt([], q10)
const steady = (celsius: number, days = 40) =>
  runBrew(
    STARTER, [celsius], usual(), Float64Array.from({ length: days * 20 }, (_, index) => index / 20),
  )

describe('the height of a brew', () => {
  it('comes after 4.5 days at 20 °C, 10.4 at 10 °C and 2.0 at 30 °C', () => {
    // 4.5 × 2.3 = 10.35; 4.5 / 2.3 = 1.957.
    expect(daysToHeight(STARTER, 20)).toBe(4.5)
    expect(daysToHeight(STARTER, 10)).toBeCloseTo(10.35, 9)
    expect(daysToHeight(STARTER, 30)).toBeCloseTo(1.957, 3)
    for (const celsius of [10, 20, 30]) expect(dayAt(steady(celsius), 1)).toBeCloseTo(daysToHeight(STARTER, celsius), 1)
  })

  it('adds up warm and cool days: two at 30 °C are most of the way, then it hardly moves at 2 °C', () => {
    const course = runBrew(
      STARTER, [...Array.from({ length: 6 }, () => 30), 2], usual(), Float64Array.from({ length: 400 }, (_, index) => index / 20),
    )
    expect(course.progress[30]!).toBeGreaterThan(0.7)
    expect(course.progress[200]! - course.progress[80]!).toBeLessThan(0.35)
  })

  it('is never later where it is warmer', () => {
    fc.assert(fc.property(fc.integer({ min: 2, max: 30 }), fc.integer({ min: 1, max: 8 }), (celsius, warmer) => {
      expect(dayAt(steady(celsius + warmer, 60), 1)).toBeLessThanOrEqual(dayAt(steady(celsius, 60), 1) + 1e-6)
    }), { numRuns: 25 })
  })

  it('is where the foam is highest: less before and after', () => {
    expect(foamAt(1, 0.07, 0.55)).toBeCloseTo(0.07, 12)
    for (const progress of [0.3, 0.6, 1.6, 2.5]) expect(foamAt(progress, 0.07, 0.55)).toBeLessThan(0.065)
    expect(foamAt(0, 0.07, 0.55)).toBe(0)
  })
})

describe('amounts', () => {
  it('for 30 m² at 1 to 15 and a litre a square metre are 3 cans of 10 L with 1.9 L of it', () => {
    // 30 L in all, a sixteenth of it is 1.875 L.
    expect(dilutionFor(30, 15, 1)).toEqual({ totalL: 30, concentrateL: 1.875, waterL: 28.125 })
  })

  it('fit the vessel with room for foam, whatever the kind and the vessel', () => {
    for (const kind of KINDS) {
      for (const site of SITES) {
        const { waterL, parts, standsL } = amountsFor(kind, site)
        const stuffL = parts.reduce((sum, { portion, kg }) => sum + kg * portion!.takesL, 0)
        expect(waterL + stuffL).toBeCloseTo(standsL, 9)
        expect(standsL).toBeLessThanOrEqual(siteVolumeL(site) * 0.86)
        for (const { portion, kg } of parts) expect(kg / waterL).toBeCloseTo(portion!.kgPerL, 9)
      }
    }
  })

  it('of green liquor are about 2 parts by mass to 3 by volume', () => {
    const { waterL, parts } = amountsFor(kindOf('green'), SITES[2]!)
    expect(parts.reduce((sum, { kg }) => sum + kg, 0) / waterL).toBeCloseTo(2 / 3, 1)
  })
})

const bucket = (approachId = 'starter', since: readonly NewEvent[] = [], stands = 'room') =>
  begun({ methodId: 'brew', approachId, site: SITES[0]!, answers: { stands, areaM2: 30 }, waterL: 10 }, since)
const foams = (...heights: readonly (readonly [day: number, cm: number])[]): NewEvent[] =>
  heights.map(([day, cm]) => gauged(day, 'foam', 'top', cm / 100))
const height = (batch: ReturnType<typeof bucket>, day: number) => finished(answerOf(questionOf(batch, aroundOn(day)))).windows.height!

describe('foam that is measured', () => {
  it('moves the height sooner when it rises early and later when it rises late', () => {
    const early = height(bucket('starter', foams([1, 1], [1.5, 3], [2, 6], [2.5, 7])), 2.6).now
    const late = height(bucket('starter', foams([3, 1], [4.5, 3], [6, 6], [7, 7])), 7.1).now
    const { start } = height(bucket(), 0)
    expect(early.typical).toBeLessThan(start.typical - 0.4)
    expect(late.typical).toBeGreaterThan(start.typical + 0.7)
    expect(early.high - early.low).toBeLessThan(start.high - start.low)
  })

  it('says where the height was once it falls', () => {
    const fallen = height(bucket('starter', foams([2, 1], [3, 4], [4, 7], [5, 5], [6, 3])), 6.1).now
    expect(fallen.typical).toBeGreaterThan(3.2)
    expect(fallen.typical).toBeLessThan(4.9)
  })

  it('tells after each height how the window moved', () => {
    expect(height(bucket('starter', foams([1, 1], [2, 3], [3, 6])), 3.1).moves.map(({ eventId }) => eventId)).toEqual(['e1', 'e2', 'e3'])
  })
})

describe('a brew on its way', () => {
  const phase = (batch: ReturnType<typeof bucket>, day: number) => brew.life.standing(batch, aroundOn(day)).phase
  const titles = (batch: ReturnType<typeof bucket>, day: number) =>
    brew.life
      .tasks(batch, aroundOn(day))
      .filter(({ due }) => due.getTime() <= Date.parse(afterDays(day)) + 1000)
      .map(({ title }) => title)

  it('begins, works, is at its height and past it', () => {
    expect([0.2, 2.5, 4.5, 9].map(day => phase(bucket(), day))).toEqual(['resting', 'working', 'ready', 'past'])
  })

  it('calls the height, with what the beds take', () => {
    expect(titles(bucket(), 4.5)).toContain('Use it now')
    expect(brew.life.tasks(bucket(), aroundOn(4.5)).find(({ title }) => title === 'Use it now')!.reason).toMatch(
      /For 30 m².*: 1\.9 L of it in 3 cans, 1 to 15/,
    )
    expect(titles(bucket(), 1.2)).not.toContain('Use it now')
    expect(titles(bucket(), 9)).toContain('Use it as a feed')
  })

  it('asks for a stir a day, and not once it is strained', () => {
    expect(titles(bucket('green'), 1.1)).toContain('Stir it')
    expect(titles(bucket('green', [did(1, 'stirred')]), 1.5)).not.toContain('Stir it')
    expect(titles(bucket('green', [did(7, 'strained', { where: 'heap', solidsL: 4 })]), 8.2)).not.toContain('Stir it')
    expect(titles(bucket('starter'), 1.1)).not.toContain('Stir it')
  })

  it('that is foul goes onto the heap and asks for nothing else; weed liquor may stink', () => {
    expect(phase(bucket('starter', [seen(3, 'smell', 'stinks')]), 3.1)).toBe('foul')
    expect(titles(bucket('starter', [seen(3, 'smell', 'rotten')]), 3.1)).toEqual(['Pour it on the heap'])
    const foul = bucket('starter', [seen(4.4, 'smell', 'rotten')])
    expect(brew.life.windows(foul, aroundOn(4.5))).toEqual([])
    expect(brew.life.gates(foul, aroundOn(4.5))).toMatchObject([{ open: false, reason: expect.stringMatching(/not onto beds/) }])
    expect(brew.life.facts(foul, aroundOn(4.5)).map(({ label }) => label)).toEqual(['Left'])
    expect(phase(bucket('weed', [seen(9, 'smell', 'stinks')]), 9.1)).not.toBe('foul')
    expect(phase(bucket('weed', [seen(9, 'smell', 'rotten')]), 9.1)).toBe('foul')
  })

  it('of aired tea dies a few hours after the air is off', () => {
    expect(phase(bucket('tea', [did(1.4, 'air', { state: 'off' })]), 1.5)).toBe('ready')
    expect(phase(bucket('tea', [did(1.2, 'air', { state: 'off' })]), 1.6)).toBe('flat')
    expect(phase(bucket('tea', [did(1.2, 'air', { state: 'off' }), did(1.25, 'air', { state: 'on' })]), 1.6)).toBe('ready')
  })

  it('is used up by what is given and taken, never below nothing', () => {
    const given = (litres: number): NewEvent => ({
      kind: 'used', at: afterDays(4.6), batchId: 'b', litres, place: 'bean bed', areaM2: 15, waterL: litres * 15,
    })
    const use = brew.life.pads.flatMap(pad => pad.kind === 'use' ? [pad.use] : [])[0]!
    expect(use.left(bucket())).toBe(10)
    expect(use.left(bucket('starter', [given(1.9), given(2.1)]))).toBeCloseTo(6, 9)
    expect(use.left(bucket('starter', [given(50)]))).toBe(0)
    expect(use.left(bucket('green', [took(8, [['brew-solids', 1, BUCKET]])]))).toBe(10)
    expect(titles(bucket('starter', [given(10)]), 5)).toEqual(['Empty and wash it'])
  })

  it('is thinned half as much again past its height', () => {
    const use = brew.life.pads.flatMap(pad => pad.kind === 'use' ? [pad.use] : [])[0]!
    expect(use.parts(bucket(), aroundOn(4.5))).toMatchObject({ low: 10, usual: 15 })
    expect(use.parts(bucket(), aroundOn(9))).toMatchObject({ low: 15, usual: 23 })
  })

  it('offers what its kind needs: foam where it foams, stirring, air, straining', () => {
    const pads = (approachId: string) =>
      brew.life.pads
        .filter(({ fits }) => fits?.(bucket(approachId)) ?? true)
        .map(pad => (pad.kind === 'gauge' ? pad.quantity.id : pad.kind === 'deed' ? pad.deed.id : pad.kind))
    expect(pads('starter')).toEqual(['foam', 'sense', 'use', 'warmth', 'sense'])
    expect(pads('tea')).toEqual(['sense', 'use', 'air', 'warmth', 'sense'])
    expect(pads('green')).toEqual(['sense', 'stirred', 'use', 'strained', 'warmth', 'sense'])
  })

  it('gives onto beds only around its height', () => {
    expect([1, 4.5, 9].map(day => brew.life.gates(bucket(), aroundOn(day))[0]!.open)).toEqual([false, true, false])
  })
})

describe('the draft of a brew', () => {
  const draft = (approachId: string, answers: Record<string, number | string> = {}, site = SITES[0]!) =>
    brew.plan.draft(
      { site, approachId, answers: { stands: 'room', areaM2: 10, ...answers }, ingredients: [], waterL: 0, volumeL: 0 },
      { ...aroundOn(0), garden: { ...aroundOn(0).garden, water: 'mains' } },
    )

  it('says cautions at the step: loose lid, mains water, soil only', () => {
    const cautions = draft('starter').steps.flatMap(step => step.cautions).join(' ')
    expect(cautions).toMatch(/Lid loose/)
    expect(cautions).toMatch(/chloramine does not/)
    expect(cautions).toMatch(/never on leaves or fruit that are eaten/)
    expect(draft('tea').steps.flatMap(step => step.cautions).join(' ')).toMatch(/sugar/)
  })

  it('says when the vessel is too small for the beds, and when the place is too cold', () => {
    expect(draft('starter', { areaM2: 2000 }).verdict.grade).toBe('workable')
    expect(draft('starter').verdict.grade).toBe('good')
    const frosty = brew.plan.draft(
      { site: SITES[0]!, approachId: 'starter', answers: { stands: 'outside' }, ingredients: [], waterL: 0, volumeL: 0 },
      aroundOn(0, { meanC: [1] }),
    )
    expect(frosty.warnings[0]!.text).toMatch(/take very long/)
  })

  it('brings its own recipe, from the store where it is a material', () => {
    expect(draft('starter').recipe!.map(({ material }) => material.id)).toEqual(['leaf-mould'])
    expect(draft('green').recipe!.map(({ material }) => material.id)).toEqual(['weeds-soft', 'straw-wheat'])
  })

  describe('of a gardener\'s own stuff', () => {
    const own = (approachId: string, lines: Readonly<Record<string, number>>, site = SITES[2]!) => brew.plan.draft({
      site, approachId, answers: { stands: 'room', areaM2: 10 }, waterL: 0, volumeL: 0,
      ingredients: ingredientsOf(
        Object.entries(lines).map(([materialId, count]) => ({
          materialId, amount: { count, container: LITRE, packing: 'loose' as const },
        })),
        aroundOn(0).materials,
      ),
    }, aroundOn(0))
    const warned = (draft: ReturnType<typeof own>) => draft.warnings.map(({ text }) => text).join(' ')

    it('takes what was picked and fills up with water; the kitchen\'s part follows the water', () => {
      const draft = own('tea', { 'compost-finished': 3, 'worm-castings': 2 })
      const lines = draft.recipe!.map(({ material, amount }) => [material.id, amount.count])
      expect(lines).toEqual([['compost-finished', 3], ['worm-castings', 2]])
      // The tub holds 63.6 L, three quarters are 47.7 L; 5 L of compost and castings of some 3 kg take 2.7 L of it.
      expect(draft.waterL).toBeGreaterThan(43)
      expect(draft.waterL).toBeLessThan(46)
      const starter = own('starter', { 'leaves-half-rotted': 2 })
      const titles = starter.steps.map(({ title }) => title).join(' ')
      expect(titles).toMatch(/2 litres of half-rotted leaves \(.*\) .*g of boiled potato .*g of sea salt/)
    })

    it('says what is thick and what is thin, by what is usual', () => {
      // A tenth of a kilogram a litre is usual: some 5 kg in 50 L.
      expect(warned(own('weed', { nettles: 30 }))).not.toMatch(/Thick|Thin/)
      expect(warned(own('weed', { nettles: 80 }))).toMatch(/Thick: \d/)
      expect(warned(own('weed', { nettles: 2 }))).toMatch(/Thin: \d/)
      expect(warned(own('weed', { nettles: 300 }))).toMatch(/Not all of it goes in/)
      // Four sacks of leaves for a heap are no brew: the kind's own recipe stands.
      const heap = own('starter', { 'leaves-mixed': 1200, 'grass-clippings': 300 })
      expect(heap.recipe!.map(({ material }) => material.id)).toEqual(['leaf-mould'])
      expect(warned(heap)).toMatch(/would fill many such vessels: it is left aside/)
    })

    it('warns of sugar in aired tea, and takes no dung at all', () => {
      expect(warned(own('tea', { 'worm-castings': 4, 'molasses': 0.05 }))).toMatch(/feed what makes people ill/)
      expect(own('weed', { 'manure-horse': 5 }).recipe!.map(({ material }) => material.id)).toEqual(['weeds-soft'])
    })

    it('never stands higher than its kind may, whatever goes in', () => {
      const [kinds, sites, some] = [fc.constantFrom(...KINDS), fc.constantFrom(...SITES), fc.double({ min: 0.01, max: 800, noNaN: true })]
      fc.assert(fc.property(kinds, sites, some, (kind, site, litres) => {
        const laid = ingredientsOf(
          [{ materialId: 'weeds-soft', amount: { count: litres, container: LITRE, packing: 'loose' } }], aroundOn(0).materials,
        )
        const { waterL, standsL, fits } = ownAmounts(kind, site, laid)
        expect(standsL).toBeLessThanOrEqual(siteVolumeL(site) * 0.86)
        expect(waterL).toBeGreaterThan(0.3 * standsL)
        expect(fits).toBeGreaterThan(0)
        expect(fits).toBeLessThanOrEqual(1)
      }))
    })
  })
})

describe('what is wrong with a brew', () => {
  const first = (batch: ReturnType<typeof bucket>, day: number, symptom: string, over: Partial<Surroundings> = {}) =>
    diagnosis.causes(batch, { ...aroundOn(day), ...over }, [symptom])[0]?.id

  it('is told apart by what was done, its warmth and its time', () => {
    // Aired tea whose air went off stinks of that; with the air on and long past its best, of its age.
    expect(first(bucket('tea', [did(1, 'air', { state: 'off' })]), 2, 'foul')).toBe('airless')
    expect(first(bucket('tea'), 6, 'foul')).toBe('old')
    // Weeds that drown stink by nature, leaf mould does not.
    expect(first(bucket('weed'), 5, 'stinks')).toBe('its-way')
    expect(diagnosis.causes(bucket(), aroundOn(5), ['stinks']).map(({ id }) => id)).not.toContain('its-way')
    // Nothing moves: outside at 3 °C it is the cold, in a room on the second day it has hardly begun.
    expect(first(bucket('starter', [], 'outside'), 5, 'still', aroundOn(5, { meanC: [3] }))).toBe('cold')
    expect(first(bucket(), 1, 'still')).toBe('early')
    expect(first(bucket('green', [], 'room'), 5, 'sharp')).toBe('airless')
    expect(first(bucket('green', [did(4.5, 'stirred')], 'room'), 5, 'sharp')).not.toBe('airless')
    expect(first(bucket(), 3, 'flies')).toBe('uncovered')
    // What its own numbers rule out is not named at all.
    const warm = { garden: { ...aroundOn(0).garden, water: 'rain' as const } }
    expect(diagnosis.causes(bucket(), { ...aroundOn(2), ...warm }, ['still']).map(({ id }) => id)).not.toContain('cold')
  })

  it('notices what was smelt and seen while it speaks of today', () => {
    const found = [seen(4, 'smell', 'sharp'), seen(4, 'look', 'slime')]
    expect(diagnosis.noticed(bucket('starter', found), aroundOn(5))).toEqual(['sharp', 'slime'])
    expect(diagnosis.noticed(bucket('starter', [seen(4, 'smell', 'sharp'), seen(5, 'smell', 'earthy')]), aroundOn(5.5))).toEqual([])
  })
})
