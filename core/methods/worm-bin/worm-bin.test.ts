import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { bin, feed, LITRE, wormHeld } from '../../../test/builders/fed'
import { afterDays, aroundOn, begun, did, finished, input, put, seen, took } from '../../../test/builders/batches'
import { BUCKET } from '../../../test/builders/heaps'
import { findMaterial } from '../../materials/book'
import type { Ingredient } from '../../mix/portion'
import { dietOf, inLitres, weekPlan } from './diet'
import { alarmOf } from './alarms'
import { APPROACHES, comeKg } from './approaches'
import { runWorms } from './course'
import type { WormCase } from './bin-case'
import { beddingFor, diagnosis } from './diagnosis'
import { draftOf } from './draft'
import { sums } from './sizing'
import { worms } from './index'
import { kindOf, KINDS, shelterOf, warmthShare } from './kinds'
import { middleOf } from './forecast'
import { binOn } from './now'
import { feedings, nextPocket, pocketIndexes, pocketsInTurn, pocketsOf } from './pockets'
import { massOf } from './question'
import { tasksOf } from './tasks'
import { traitsAt, USUAL_TRAITS } from './traits'
import { windowsOf } from './windows'
import { WORM } from './constants'

const days = (last: number, every = 1) => Float64Array.from({ length: Math.floor(last / every) + 1 }, (_, at) => at * every)
const everyDay = (value: number, count = 800) => new Array<number>(count).fill(value)
/** A box in a room of even warmth, with bedding and worms. */
const box = (more: Partial<WormCase> = {}): WormCase => ({
  kind: kindOf('common'),
  shelter: { ...shelterOf('shade'), throughShare: 1 },
  areaM2: 0.5,
  pockets: 4,
  feeds: [],
  rainShare: 0,
  carriedOffDay: 0,
  deeds: [
    { day: 0, kind: 'bedding', dryKg: 3, waterKg: 9 }, { day: 0, kind: 'worms', kg: 0.5 },
  ],
  feeding: { fromDay: 0, everyDays: 1, feed: undefined }, airC: everyDay(21.5), rainMm: everyDay(0),
  ...more,
})
const SCRAP = (kg: number) => ({ dryKg: 0.2 * kg, waterKg: 0.8 * kg })
const daily = (kg: number, count = 400) => Array.from({ length: count }, (_, day) => ({ day, pocket: day % 4, ...SCRAP(kg) }))

describe('worms', () => {
  it('grow by one in a hundred a day towards the room they have', () => {
    // W = K ÷ (1 + (K/W₀ − 1)·e^(−rt)): 2.5 ÷ (1 + 4·e^(−0.9)) = 0.952, 2.5 ÷ (1 + 4·e^(−1.8)) = 1.505.
    expect([WORM.growthDay, WORM.roomKgM2 * 0.5]).toEqual([0.01, 2.5])
    // As much feed as they like, and nothing else that comes of it: it neither heats nor sours.
    const { wormsKg } = runWorms(box({ feeds: daily(1) }), { ...USUAL_TRAITS, heat: 0, souring: 0 }, days(180))
    expect(wormsKg[90]!).toBeCloseTo(0.95, 1)
    expect(wormsKg[180]!).toBeCloseTo(1.5, 1)
    expect(Math.log(2) / WORM.growthDay).toBeGreaterThan(60)
    expect(Math.log(2) / WORM.growthDay).toBeLessThan(90)
  })

  it('do not grow without feed', () => {
    const { wormsKg } = runWorms(box(), USUAL_TRAITS, days(200))
    expect(Math.max(...wormsKg)).toBeLessThan(0.52)
    for (let day = 15; day <= 200; day++) expect(wormsKg[day]!).toBeLessThan(wormsKg[day - 1]!)
    expect(wormsKg[200]!).toBeLessThan(0.3)
  })

  it('leave nothing at half of what they eat, and more and more at twice as much', () => {
    fc.assert(fc.property(fc.array(fc.double({ min: -1.2, max: 1.2, noNaN: true }), { minLength: 9, maxLength: 9 }), (point) => {
      // In bedding that stays moist: dry, they eat less of anything.
      const traits = { ...traitsAt(point), warmerK: 0, heat: 0.3, drying: 0 }
      const eats = WORM.intakeDay * traits.intake * 0.5 * traits.herd
      // In the first weeks they eat little more than half of it, whatever the herd.
      const [half, twice] = [0.5 * 0.55, 2].map(times => runWorms(box({ feeds: daily(times * eats, 40) }), traits, days(39)))
      for (let day = 1; day < 40; day++) expect(half!.backlogDays[day]!).toBeLessThan(0.7)
      expect(twice!.backlogKg[39]!).toBeGreaterThan(twice!.backlogKg[10]!)
      expect(twice!.backlogDays[20]!).toBeGreaterThan(15)
    }), { numRuns: 40 })
  })

  it('eat evenly: what lies there changes from day to day by no more than is fed or eaten', () => {
    const feeds = daily(0.4, 200).filter(({ day }) => day % 5 === 0)
    const { backlogKg, appetiteKg } = runWorms(box({ feeds }), USUAL_TRAITS, days(200))
    for (let day = 1; day < 200; day++) {
      const step = backlogKg[day]! - backlogKg[day - 1]!
      expect(step).toBeLessThanOrEqual(0.4 + 1e-6)
      expect(step).toBeGreaterThan(-(appetiteKg[day - 1]! + 0.12 * backlogKg[day - 1]! + 1e-6))
    }
  })

  it('die of two days at 35 °C, and live at 30', () => {
    const heat = (celsius: number) =>
      runWorms(
        box({ feeds: daily(0.1), airC: [...everyDay(21, 20), ...everyDay(celsius, 6), ...everyDay(21, 100)] }), USUAL_TRAITS, days(40),
      ).wormsKg
    expect(heat(37)[26]!).toBeLessThan(0.25 * heat(37)[19]!)
    expect(heat(30)[26]!).toBeGreaterThan(0.95 * heat(30)[19]!)
  })

  it('by kind: idle, at their best and idle again', () => {
    expect([4, 5, 11.5, 20, 25, 33].map(celsius => Math.round(100 * warmthShare(kindOf('common'), celsius)))).toEqual([
      0, 0, 50, 100, 100, 0,
    ])
    expect([12, 27, 32.5].map(celsius => Math.round(100 * warmthShare(kindOf('tropical'), celsius)))).toEqual([0, 100, 0])
    for (const kind of KINDS) for (let celsius = -10; celsius < 45; celsius++) expect(warmthShare(kind, celsius)).toBeGreaterThanOrEqual(0)
  })
})

describe('matter in a bin', () => {
  it('is all there: what came in is castings, breath, feed and bedding', () => {
    fc.assert(fc.property(fc.double({ min: 0.05, max: 2, noNaN: true }), fc.double({ min: 5, max: 30, noNaN: true }), (kg, celsius) => {
      const { inKg, goneKg, dryKg } = runWorms(
        box({
          feeds: daily(kg, 120), airC: everyDay(celsius),
          deeds: [...box().deeds, { day: 60, kind: 'take', litres: 3 }, { day: 80, kind: 'split', share: 0.4 }],
        }),
        USUAL_TRAITS, days(120),
      )
      for (const day of [1, 30, 59, 70, 100, 120]) expect(inKg[day]! - goneKg[day]! - dryKg[day]!).toBeCloseTo(0, 3)
    }), { numRuns: 25 })
  })

  it('gives castings within what is worked by hand', () => {
    // 10 kg of scraps at 80 % water hold 2 kg of dry matter; with as much bedding by volume (18 L of card: 0.8 kg) 2.8 kg.
    // 40 to 60 % of that are castings: 1.1 to 1.7 kg dry, at 73 % water and 0.18 kg dry a litre 6 to 9.5 L; some of the feed is
    // the microbes'.
    expect(WORM.castingsShare).toBe(0.5)
    const feeds = Array.from({ length: 20 }, (_, index) => ({ day: index * 3, pocket: index % 4, ...SCRAP(0.5) }))
    const { castingsL, backlogKg } = runWorms(
      box({
        feeds,
        deeds: [
          { day: 0, kind: 'bedding', dryKg: 0.8, waterKg: 2.4 }, { day: 0, kind: 'worms', kg: 1.2 },
        ],
      }),
      USUAL_TRAITS, days(150),
    )
    expect(backlogKg[150]!).toBeLessThan(0.01)
    expect(castingsL[150]!).toBeGreaterThan(5)
    expect(castingsL[150]!).toBeLessThan(9.5)
  })
})

describe('pockets', () => {
  it('are as many as there is room for, side by side without overlap', () => {
    for (const { sites } of APPROACHES) {
      for (const site of sites) {
        const places = pocketsOf(site)
        expect(places.length).toBeGreaterThan(0)
        for (const one of places)
          for (const other of places)
            if (one !== other)
              expect(Math.abs(one.xM - other.xM) > one.widthM - 1e-9 || Math.abs(one.yM - other.yM) > one.depthM - 1e-9).toBe(true)
      }
    }
    expect(pocketsOf(APPROACHES[0]!.sites[0]!)).toHaveLength(4)
    expect(pocketsOf(APPROACHES[2]!.sites[0]!)).toHaveLength(1)
  })

  it('are fed in turn, whatever was said in between', () => {
    const fed = (pockets: readonly (string | undefined)[]) =>
      begun(
        { methodId: 'worm-bin', approachId: 'bin', site: APPROACHES[0]!.sites[0]!, inputs: [] },
        pockets.map((pocket, index) => ({ ...put(index + 1, [input('kitchen-veg', 1, LITRE)]), ...(pocket ? { pocket } : {}) })),
      )
    expect(pocketIndexes(feedings(fed([undefined, undefined, 'p4', undefined])), 4)).toEqual([0, 1, 3, 0])
    expect(nextPocket(feedings(fed(['p1', 'p3', 'p4'])), 4)).toBe(1)
    expect(nextPocket(feedings(fed(['p1', 'p2', 'p3', 'p4', 'p2'])), 4)).toBe(0)
  })
})

describe('a bin and its scraps', () => {
  it('come out the same from either side', () => {
    // 5 L of scraps a week are 2.25 kg, 0.32 kg a day; at 0.4 kg a kilogram and day 0.8 kg of worms; at 3.75 kg/m² 0.21 m²: one
    // box of 0.24 m². Twice as much wants 0.43 m²: two.
    const from = sums(0.24, 5, 1)
    expect(from.kgWeek).toBeCloseTo(2.25, 2)
    expect(from.wormsKg.low).toBeCloseTo(2.25 / 7 / 0.5, 3)
    expect(from.wormsKg.high).toBeCloseTo(2.25 / 7 / 0.25, 3)
    expect(from.boxes).toBe(1)
    expect(sums(0.24, 10, 1).boxes).toBe(2)
    expect(from.takesL.low).toBeCloseTo(0.24 * 2.5 * 0.25 * 7 / 0.45, 3)
  })

  it('are refused where the kind does not live through the winter', () => {
    const plan = (kind: string, where: string, meanC: readonly number[]) =>
      draftOf(
        {
          site: APPROACHES[0]!.sites[0]!, approachId: 'bin', answers: { weeklyL: 5, kind, where, from: 'scraps', grams: 0 },
          ingredients: [], waterL: 0, volumeL: 0,
        },
        aroundOn(0, { meanC }),
      ).verdict
    const cold = [-6, -5, 0, 6, 12, 16, 18, 17, 13, 7, 1, -4]
    expect(plan('common', 'shade', cold)).toMatchObject({ grade: 'poor' })
    expect(plan('common', 'cellar', cold).grade).not.toBe('poor')
    expect(plan('tropical', 'cellar', cold)).toMatchObject({ grade: 'poor' })
    expect(plan('tropical', 'room', cold).grade).not.toBe('poor')
  })
})

describe('a bin on the round', () => {
  const task = (batch: Parameters<typeof tasksOf>[0], around: Parameters<typeof tasksOf>[1], action: string) =>
    tasksOf(batch, around).find(one => one.action === action)

  it('is told of heat and frost before they come', () => {
    const fed = bin(40, { where: 'shade' })
    const around = (meanC: number, maxC: number, minC: number) => ({
      ...aroundOn(40, { meanC: new Array(12).fill(18) }),
      weather: {
        ...aroundOn(40, { meanC: new Array(12).fill(18) }).weather,
        ambientC: (at: Date) => (at.getTime() > new Date(afterDays(40.6)).getTime() ? meanC : 18),
        extremesC: (at: Date) => (at.getTime() > new Date(afterDays(40.6)).getTime() ? { minC, maxC } : { minC: 12, maxC: 22 }),
      },
    })
    expect(task(fed, around(31, 38, 24), 'heat')).toMatchObject({ urgency: 'now', title: 'Heat is coming: shade the worms' })
    expect(task(fed, around(18, 24, 12), 'heat')).toBeUndefined()
    expect(task(fed, around(-3, 1, -8), 'frost')).toMatchObject({ urgency: 'now' })
    expect(task(bin(40, { where: 'room' }), around(-3, 1, -8), 'frost')).toBeUndefined()
    expect(alarmOf(bin(40, { where: 'room' }), around(31, 36, 24), kindOf('common'))).toBeUndefined()
    expect(task(bin(40, { where: 'shade' }, [did(39.9, 'sheltered', { where: 'cellar' })]), around(31, 38, 24), 'heat')).toBeUndefined()
  })

  it('is fed less where half was left, and not at all where most was', () => {
    const diet = (finding: string) => dietOf(bin(60, {}, [seen(59, 'left', finding)]), aroundOn(60))!
    expect(diet('nothing').weekL).toBeGreaterThan(diet('little').weekL)
    expect(diet('half').weekL).toBeLessThan(diet('little').weekL)
    expect(diet('most').rests).toContain('still lies there')
    expect(task(bin(60, {}, [seen(59, 'left', 'most')]), aroundOn(60), 'fed')).toBeUndefined()
  })

  it('has a plan for the week, pocket by pocket', () => {
    const plan = weekPlan(bin(60), aroundOn(61))
    expect(plan.length).toBeGreaterThan(1)
    expect(plan.length).toBeLessThan(4)
    expect(new Set(plan.map(({ pocket }) => pocket?.id)).size).toBe(plan.length)
    expect(plan.every(({ at }, index) => index === 0 || at > plan[index - 1]!.at)).toBe(true)
    expect(weekPlan(bin(60, {}, [seen(59, 'left', 'most')]), aroundOn(60))).toEqual([])
  })

  it('does not shout when a week was missed', () => {
    const late = task(bin(60), aroundOn(80), 'fed')
    expect(late).toMatchObject({ urgency: 'whenever' })
    expect(late!.reason).toContain('does no harm')
  })

  it('asks for its worms first', () => {
    const empty = bin(2, { grams: 0 })
    expect(task(empty, aroundOn(2), 'worms-in')).toMatchObject({ doing: { pad: 'worms-in' } })
    expect(task(empty, aroundOn(2), 'fed')).toBeUndefined()
    expect(worms.life.standing(empty, aroundOn(2)).label).toBe('Waits for worms')
  })

  it('goes on after a harvest in part and a split', () => {
    const before = binOn(bin(200), aroundOn(210))!
    const after = binOn(bin(200, {}, [took(205, [['worm-castings', 8, LITRE]])]), aroundOn(210))!
    const split = binOn(bin(200, {}, [did(205, 'split', { share: 50 })]), aroundOn(210))!
    expect(before.castingsL - after.castingsL).toBeCloseTo(8, 0)
    expect(after.wormsKg).toBeCloseTo(before.wormsKg, 1)
    expect(split.wormsKg).toBeCloseTo(before.wormsKg / 2, 1)
    expect(
      windowsOf(bin(200, {}, [took(205, [['worm-castings', 8, LITRE]])]), aroundOn(210))[0]?.from.getTime() ?? Infinity,
    ).toBeGreaterThan(windowsOf(bin(200), aroundOn(210))[0]!.from.getTime() - 1)
  })
})

describe('what is wrong with a bin', () => {
  const causes = (batch: Parameters<typeof diagnosis.causes>[0], symptoms: readonly string[], around = aroundOn(60)) =>
    diagnosis.causes(batch, around, symptoms)

  it('is too much feed, with the bedding and the days it takes', () => {
    const [first] = causes(bin(60, { litres: 5, coverL: 0 }), ['sour', 'uneaten'])
    expect(first).toMatchObject({ id: 'overfed', remedy: { deeds: ['cleared'] } })
    expect(first!.remedy.parts[0]!.amount.count).toBeGreaterThan(0)
    expect(causes(bin(60, { litres: 0.3 }), ['sour']).find(({ id }) => id === 'overfed')?.likelihood ?? 0).toBeLessThan(0.6)
    expect(first!.likelihood).toBeGreaterThan(0.9)
  })

  it('takes bedding by what is too wet: worked by hand', () => {
    // 60 L hold 6.6 kg of dry matter; at 82 % with 30.1 kg of water, 10.3 more than three for one: 10.3 ÷ 3 ÷ 0.045 = 76 L, at
    // most six tenths of the bin: 36.
    expect(beddingFor({ volumeL: 60, moisture: 0.82 })).toBeCloseTo(36, 0)
    expect(beddingFor({ volumeL: 60, moisture: 0.7 })).toBeCloseTo(7.2, 1)
  })

  it('is told apart: heat, cold, dry, new', () => {
    const ordinary = (meanC: number) => aroundOn(60, { meanC: new Array(12).fill(meanC) })
    expect(causes(bin(60, { where: 'shade' }), ['ball'], ordinary(30))[0]?.id).toBe('hot')
    expect(causes(bin(60, { where: 'shade' }), ['uneaten'], ordinary(4))[0]?.id).toBe('cold')
    expect(causes(bin(60), ['dust'])[0]?.id).toBe('dry')
    expect(causes(bin(6), ['climbing'], aroundOn(6))[0]?.id).toBe('new')
  })
})

describe('the forecast of worms', () => {
  it('holds what it says, on herds like its own and on those that stray from it', () => {
    for (const strayed of [false, true]) {
      for (const { held, of } of wormHeld(24, strayed, 90)) expect(held / of).toBeGreaterThan(0.5)
    }
  }, 60_000)

  it('learns the appetite of a herd from what it leaves', () => {
    const all = middleOf(bin(60, {}, [seen(30, 'left', 'nothing'), seen(45, 'left', 'nothing')]), aroundOn(60))
    expect(all!.question.findings).toHaveLength(2)
    expect(massOf([inLitres(findMaterial('kitchen-veg')!, 10)]).waterKg).toBeCloseTo(4.5 * 0.85, 2)
  })
})

describe('a box that waits for its worms', () => {
  it('says nothing of feed that lies uneaten: nobody is there to eat it', () => {
    const facts = (grams: number) => {
      const batch = bin(20, { grams })
      const forecast = finished(worms.life.forecaster!.answer(worms.life.forecaster!.ask(batch, aroundOn(20))!))
      return worms.life.facts(batch, { ...aroundOn(20), forecastOf: () => forecast }).map(({ label }) => label)
    }
    expect(facts(0)).not.toContain('Lies uneaten in a week')
    expect(facts(500)).toContain('Lies uneaten in a week')
  })
})

describe('what is laid for worms', () => {
  const plan = (lies: readonly Ingredient[]) => worms.plan.draft(
    { site: worms.plan.sites[0]!, approachId: 'bin', answers: {}, ingredients: lies, waterL: 0, volumeL: 0 }, aroundOn(0),
  )
  const of = (id: string, count: number): Ingredient => ({
    material: findMaterial(id)!, amount: { count, container: BUCKET, packing: 'loose' },
  })
  const ids = (lies: readonly Ingredient[]) => plan(lies).recipe!.map(({ material }) => material.id)

  it('is a proposal that follows what is picked: leaves instead of card, rotted straw, char among it', () => {
    expect(ids([])).toEqual(['cardboard'])
    expect(plan([]).proposed).toBe(true)
    expect(ids([of('leaves-mixed', 3), of('biochar-crushed', 0.2)])).toEqual(['leaves-mixed', 'biochar-crushed'])
    // What lies on the bench of another plan is none.
    expect(ids([of('kitchen-veg', 3)])).toEqual(['cardboard'])
  })

  it('takes a tenth of crushed char, says so when it is more, and no lumps', () => {
    const minded = (lies: readonly Ingredient[]) => plan(lies).warnings.map(({ text }) => text).join(' ')
    expect(minded([of('leaves-mixed', 9), of('biochar-crushed', 1)])).not.toMatch(/char/)
    expect(minded([of('leaves-mixed', 6), of('biochar-crushed', 2)])).toMatch(/25.% of the bedding is char/)
    expect(ids([of('char-lump', 3)])).toEqual(['cardboard'])
  })
})

describe('worms drawn to one end', () => {
  it('are fed there, in turn, until the other end was taken', () => {
    const ends = (batch: ReturnType<typeof bin>) => pocketsInTurn(batch).map(({ xM }) => Math.sign(xM))
    const left = bin(60, {}, [did(58, 'lured', { end: 'left-end' })])
    expect(new Set(ends(left))).toEqual(new Set([-1]))
    expect(new Set(ends(bin(60, {}, [did(58, 'lured')])))).toEqual(new Set([1]))
    expect(tasksOf(left, aroundOn(62)).find(({ action }) => action === 'fed')!.title).toMatch(/, pocket \d+ at the left end$/)
    expect(weekPlan(left, aroundOn(62)).every(({ pocket }) => pocket!.xM < 0)).toBe(true)
    // The pad still lets one feed elsewhere, those of the end first.
    const pad = worms.life.pads.find(one => one.kind === 'feed')!
    const offered = pad.kind === 'feed' ? pad.feed.pockets(left, aroundOn(62)) : []
    expect(offered).toHaveLength(pocketsOf(left.began.site).length)
    const taken = bin(90, {}, [did(58, 'lured', { end: 'left-end' }), took(80, [['worm-castings', 8, LITRE]])])
    expect(new Set(ends(taken)).size).toBeGreaterThan(1)
  })
})

describe('a tower in a bed', () => {
  const sites = APPROACHES.find(({ id }) => id === 'tower')!.sites
  const tower = (site: typeof sites[number], answers: Record<string, number | string> = {}) => worms.plan.draft(
    { site, approachId: 'tower', answers, ingredients: [], waterL: 0, volumeL: 0 }, aroundOn(0),
  )
  const fact = (one: ReturnType<typeof tower>, label: string) => one.facts.find(fact => fact.label === label)?.value

  it('lives of the worms of its bed; where there are hardly any, so many to a tower as find room in it', () => {
    expect(fact(tower(sites[0]!), 'Worms to a tower')).toBe('none')
    // 25 cm across are 0.049 m²: 2.5 to 5 kg on a square metre are 0.1 to 0.2 kg.
    expect(fact(tower(sites[0]!, { bed: 'few' }), 'Worms to a tower')).toMatch(/^0\.1 kg to 0\.2 kg/)
    expect(comeKg({ comeKgM2: 5 }, 'few', 0.049)).toBeCloseTo(0.0245, 4)
    expect(comeKg({ comeKgM2: 5 }, 'many', 0.049)).toBeGreaterThan(comeKg({ comeKgM2: 5 }, 'some', 0.049))
  })

  it('says how many towers the scraps want, and drills only what can be drilled', () => {
    expect(tower(sites[0]!, { weeklyL: 20 }).verdict.text).toMatch(/your scraps want \d+ of them/)
    const titles = (site: typeof sites[number]) => tower(site).steps.map(({ title }) => title).join(' ')
    expect(titles(sites[0]!)).toMatch(/Drill and set the pipe/)
    expect(titles(sites[1]!)).not.toMatch(/[Dd]rill|pipe/)
    expect(tower(sites[1]!).steps.flatMap(({ cautions }) => cautions).join(' ')).not.toMatch(/Goggles/)
  })

  it('eats by the worms that came: many eat more than hardly any', () => {
    const at = (bed: string) => {
      const batch = begun({
        methodId: 'worm-bin', approachId: 'tower', site: sites[0]!, answers: { bed, weeklyL: 3 },
        inputs: [input('cardboard', 1, BUCKET)], waterL: 3,
      }, [])
      return binOn(batch, aroundOn(60))!
    }
    expect(at('many').wormsKg).toBeGreaterThan(2 * at('few').wormsKg)
  })
})

describe('a cold bin', () => {
  it('is never told to feed what it would then be told to wait for', () => {
    const told = (around: ReturnType<typeof aroundOn>, batch: ReturnType<typeof bin>) =>
      tasksOf(batch, around).filter(({ action }) => action === 'fed').length > 0
    fc.assert(fc.property(fc.integer({ min: -2, max: 14 }), fc.integer({ min: 20, max: 60 }), (celsius, day) => {
      const around = (on: number) => aroundOn(on, { meanC: [celsius] })
      const batch = bin(day)
      if (!told(around(day + 4), batch)) return
      // Fed as it is told: the next day nobody says that most of it lies there since it is so cold.
      const diet = dietOf(batch, around(day + 4))!
      const planned = weekPlan(batch, around(day + 4)).reduce((sum, { litres }) => sum + litres, 0)
      expect(planned).toBeLessThanOrEqual(diet.weekL + 2 * diet.onceL)
      const fed = bin(day, {}, [feed(diet.onceL, 0, day + 4)])
      expect(tasksOf(fed, around(day + 5)).filter(({ title }) => title.startsWith('Do not feed'))).toEqual([])
    }), { numRuns: 25 })
  })
})
