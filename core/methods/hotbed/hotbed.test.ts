import { addDays } from 'date-fns'
import { describe, expect, it } from 'vitest'
import { afterDays, aroundOn, begun, did, finished, gauged, input, seen, took } from '../../../test/builders/batches'
import { BUCKET } from '../../../test/builders/heaps'
import { anyOtherBed, otherCourse } from '../../../test/builders/other-hotbed'
import type { NewEvent } from '../../journal/event'
import { findMaterial } from '../../materials/book'
import type { Ingredient } from '../../mix/portion'
import { normal, seededRandom } from '../../random/random'
import { completed } from '../../questions/question'
import { daysBetween } from '../../units/time'
import { stepNow, type Proposal, type Surroundings } from '../contract'
import { hotbed } from '.'
import { frameDay, wantsAir } from './airing'
import { buildDayFor, outlookFrom } from './back-from'
import { answerOf } from './forecast'
import { coolDay, sowDay, spentDay } from './marks'
import { bedWeather, latitudeOf, skyTimes } from './outside'
import { bedCharge, bedGround, timesToFill, waterFor } from './plan'
import { questionOf } from './question'
import { hotbedOf } from './state'
import * as words from './words'

const BARROW = { id: 'barrow', name: 'barrow', plural: 'barrows', volumeL: 85 }
const COLD = Array.from({ length: 12 }, () => 3)
const some = (materialId: string, count: number): Ingredient => ({
  material: findMaterial(materialId)!, amount: { count, container: BARROW, packing: 'loose' },
})
const answersOf = (answers: Record<string, number | string> = {}, approachId = 'manure') => completed(hotbed.plan.asks(approachId), answers)
const SQUARE = hotbed.plan.sites[0]!
const proposal = (
  ingredients: readonly Ingredient[] = [], answers: Record<string, number | string> = {}, approachId = 'manure',
): Proposal => ({
  site: hotbed.plan.sitesOf!(approachId)[0]!, approachId, answers: answersOf(answers, approachId), ingredients, waterL: 0, volumeL: 0,
})
const built = (since: readonly NewEvent[] = [], barrows = 38, answers: Record<string, number | string> = {}) =>
  begun(
    {
      methodId: hotbed.id, approachId: 'manure', site: SQUARE, answers: answersOf(answers),
      inputs: [input('horse-manure-straw', barrows, BARROW)],
    },
    since,
  )
/** Where days are long all year. */
const nearTheEquator = (around: Surroundings): Surroundings => ({ ...around, weather: { ...around.weather, latitudeDeg: 5 } })
const tasks = (batch: ReturnType<typeof built>, around: Surroundings) => hotbed.life.tasks(batch, around)
const actions = (batch: ReturnType<typeof built>, around: Surroundings) =>
  tasks(batch, around)
    .filter(({ due }) => due <= around.now)
    .map(({ action }) => action)
const BUILT = [did(0.05, words.MIXED), did(0.1, words.TRODDEN, { heightM: 0.9 }), did(0.15, words.SOILED), did(0.2, words.FRAMED)]

describe('what a hotbed takes', () => {
  it('says how much loose stuff makes that depth when trodden, and what is missing', () => {
    const ground = bedGround(proposal())
    // 1.6 × 1.6 × 0.9 m are 2,304 L; dung with straw is trodden to about seven tenths: about 3,250 L, 38 barrows.
    const times = timesToFill([some('horse-manure-straw', 10)], ground)!
    expect(times * 850).toBeGreaterThan(3000)
    expect(times * 850).toBeLessThan(3500)
    const filled = bedCharge([some('horse-manure-straw', 10 * times)], 0, ground)!
    expect(filled.heightM).toBeCloseTo(0.9, 3)
    const half = hotbed.plan.draft(proposal([some('horse-manure-straw', 19)]), aroundOn(80))
    expect(half.verdict).toMatchObject({ grade: 'poor', text: expect.stringMatching(/^Trodden it is 45 cm deep; 90 cm are meant/) })
    expect(half.facts.find(({ label }) => label === 'Missing')!.value).toMatch(/^about 19/)
    expect(
      hotbed.plan.draft(proposal([some('horse-manure-straw', 38)]), aroundOn(80)).facts.find(({ label }) => label === 'Missing')!.value,
    ).toBe('nothing')
  })

  it('wets what is dry, to a drop in the fist, and nothing that is moist already', () => {
    expect(waterFor([some('horse-manure-straw', 10)])).toBe(0)
    // 850 L of straw are 51 kg, 44.9 of them dry: at 70 % they hold 104.7 kg, of which 6.1 are there: 98.6 L.
    expect(waterFor([some('straw-wheat', 10)])).toBeCloseTo(98.6, 0)
    expect(waterFor([])).toBe(0)
  })

  it('refuses what does not heat, warns of a low bed, of shade, and of what was sprayed', () => {
    expect(hotbed.plan.draft(proposal([some('biochar-crushed', 10)]), aroundOn(80)).verdict.grade).toBe('poor')
    const warned = (one: Proposal) =>
      hotbed.plan
        .draft(one, aroundOn(80))
        .warnings.map(({ text }) => text)
        .join(' ')
    expect(warned({ ...proposal(), site: hotbed.plan.sites[2]! })).toMatch(/cold within about two weeks/)
    expect(warned(proposal([], { [words.SUN]: 'shade' }))).toMatch(/wants sun/)
    expect(warned(proposal())).toMatch(/weedkiller/)
  })
})

describe('reckoned back from the sowing day', () => {
  const around = aroundOn(80)
  const ground = bedGround(proposal())
  const stuff = [some('horse-manure-straw', 38)]
  const { charge } = bedCharge(stuff, 0, ground)!
  const dayFor = (wanted: Date) => buildDayFor(wanted, ground, charge, stuff, around)!

  it('is built so many days before that it can be sown then: running that bed gives the day back', () => {
    const wanted = addDays(around.now, 45)
    const { outlook, from, to, late } = dayFor(wanted)
    expect(late).toBe(false)
    const sownOn = addDays(outlook.builtAt, Math.round(outlook.sow.typical))
    expect(Math.abs(daysBetween(sownOn, wanted))).toBeLessThan(3)
    expect(from.getTime()).toBeLessThanOrEqual(to.getTime())
    expect(daysBetween(to, wanted)).toBeGreaterThan(2)
    const { facts, wants } = hotbed.plan.draft(proposal([], { [words.SOW_ON]: wanted.toISOString().slice(0, 10) }), around)
    expect(facts.find(({ label }) => label === 'Build it')!.value).toMatch(/in one day$/)
    expect(Math.abs(daysBetween(wants!.by, to))).toBeLessThan(3)
  })

  it('says when it is late, and never a day that has gone', () => {
    const soon = dayFor(addDays(around.now, 2))
    expect(soon.late).toBe(true)
    expect(soon.from.getTime()).toBeGreaterThanOrEqual(around.now.getTime() - 1)
    expect(
      hotbed.plan.draft(proposal([], { [words.SOW_ON]: addDays(around.now, 2).toISOString().slice(0, 10) }), around).verdict,
    ).toMatchObject({ grade: 'workable', text: expect.stringMatching(/^It is late/) })
  })

  it('a deeper bed is warm for longer, and frost is told of', () => {
    const low = outlookFrom(
      around.now, { ...ground, heightM: 0.5 }, bedCharge([some('horse-manure-straw', 20)], 0, ground)!.charge, stuff,
      aroundOn(80, { meanC: COLD }),
    )!
    const high = outlookFrom(around.now, ground, charge, stuff, aroundOn(80, { meanC: COLD }))!
    expect(high.cool.typical).toBeGreaterThan(low.cool.typical + 10)
    expect(high.cool.from).toBeLessThan(high.cool.to)
    const told = hotbed.plan
      .draft(proposal(), {
        ...aroundOn(80, { meanC: COLD }),
        weather: { ...aroundOn(80, { meanC: COLD }).weather, nextLastFrost: () => new Date(afterDays(200)) },
      })
      .facts.find(({ label }) => label === 'Last frost here')!
    expect(told.why).toMatch(/heat ends before it/)
  })
})

describe('marks of its course', () => {
  const course = (...soil: number[]) => ({
    days: Float64Array.from(soil.keys()), soilDayC: Float32Array.from(soil),
    coreC: Float32Array.from(soil.map(celsius => celsius + 20)),
  })

  it('are the end of the burst, the fall under 20 °C, and the end of the heat', () => {
    expect(sowDay(course(5, 20, 34, 38, 33, 29, 25))).toBe(5)
    expect(sowDay(course(5, 8, 14, 18, 20, 19, 17))).toBe(4)
    expect(sowDay(course(5, 35, 36, 37))).toBe(3)
    expect(coolDay(course(5, 25, 26, 19, 21, 18, 17, 16))).toBe(5)
    // Two cold days are weather; three running end it, and the first of them is the day.
    expect(coolDay(course(5, 25, 26, 19, 19, 21, 18, 17, 16, 15))).toBe(6)
    expect(coolDay(course(5, 25, 26, 21, 19, 18, 21, 22, 23))).toBe(8)
    expect(coolDay(course(5, 8, 9, 10))).toBe(0)
    const late = course(...Array.from({ length: 60 }, (_, day) => (day < 50 ? 8 : 22)))
    expect(coolDay(late)).toBe(0)
    expect(
      spentDay({ days: Float64Array.of(0, 1, 2, 3), soilDayC: Float32Array.of(5, 20, 20, 18), coreC: Float32Array.of(9, 50, 30, 20) }),
    ).toBe(3)
  })
})

describe('a hotbed that stands', () => {
  it('is built in one day, step by step, the next step open until each is recorded', () => {
    const guide = (batch: ReturnType<typeof built>, day: number) => hotbed.life.guide!(batch, aroundOn(day))
    expect(stepNow(guide(built(), 0.01)!)!.id).toBe(words.MIXED)
    expect(stepNow(guide(built(BUILT.slice(0, 2)), 0.12)!)).toMatchObject({
      id: words.SOILED, title: expect.stringMatching(/^15 cm of soil/),
    })
    expect(stepNow(guide(built(BUILT), 0.3)!)!.id).toBe(words.WARMTH)
    expect(stepNow(guide(built([...BUILT, gauged(0.25, words.WARMTH, 'soil', 6)]), 0.3)!)).toBeUndefined()
    expect(guide(built(BUILT), 5)).toBeUndefined()
    expect(actions(built(), aroundOn(0.1))).toContain('build')
    expect(guide(built(), 0.01)!.steps.every(({ cautions, id }) => cautions.length > 0 || id === words.SOILED || id === words.WARMTH)).toBe(
      true,
    )
  })

  it('says one and the same of a spot wherever it stands: as read for two days, then as expected', () => {
    const bed = built([...BUILT, gauged(20, words.WARMTH, 'soil', 23), gauged(20, words.WARMTH, 'core', 51)])
    const said = (day: number) => {
      const around = aroundOn(day, { meanC: COLD })
      const marks = hotbed.life
        .picture(bed, around)
        .parts.flatMap(one => (one.kind === 'mark' && one.temperatureC !== undefined ? [Math.round(one.temperatureC)] : []))
      return {
        marks, sentence: hotbed.life.standing(bed, around).sentence, told: hotbed.life.told(bed, around),
        heart: hotbed.life.facts(bed, around)[0]!.value,
      }
    }
    const near = said(21)
    expect(near.marks).toEqual([51, 23])
    expect(near.sentence).toContain('23 °C in the soil')
    expect(near.told).toMatch(/^Now: soil read at 23 °C, heart read at 51 °C/)
    expect(near.heart).toBe('51 °C as read')
    const later = said(22.5)
    expect(later.sentence).toMatch(/should be about/)
    expect(later.told).toMatch(/^Now: soil about \d+ °C, heart about \d+ °C/)
    expect(later.heart).toMatch(/^about/)
    // The mark, the sentence and the line below the picture agree on the expected as well.
    expect(later.sentence).toContain(`about ${later.marks[1]} °C`)
    expect(later.told).toContain(`soil about ${later.marks[1]} °C`)
  })

  it('bursts, comes down, is sown, grows, cools and is compost in the end', () => {
    const phase = (day: number, since: readonly NewEvent[] = []) =>
      hotbedOf(built([...BUILT, ...since]), aroundOn(day, { meanC: COLD }))!.phase
    expect(phase(1)).toBe('heating')
    expect(phase(7)).toBe('burst')
    expect(phase(20)).toBe('sow')
    expect(phase(20, [did(19, words.SOWN, { crop: 'radish' })])).toBe('growing')
    expect(phase(45)).toBe('cooling')
    expect(phase(200)).toBe('spent')
    const taken = built([took(120, [['heap-half-rotted', 100, BUCKET]], true)])
    expect(hotbedOf(taken, aroundOn(121))!.phase).toBe('ended')
    const keeps = (batch: ReturnType<typeof built>, day: number) => hotbed.life.becomesBed!(batch, aroundOn(day, { meanC: COLD }))
    expect([keeps(built(BUILT), 45), keeps(built(BUILT), 200), keeps(taken, 121)]).toEqual([false, true, true])
    const [compost, soil] = hotbed.life.outputs(built(BUILT), aroundOn(200, { meanC: COLD }))
    // Of 2,300 L built about two thirds are left, and the soil of the frame.
    expect(compost!.expectedL).toBeGreaterThan(1100)
    expect(compost!.expectedL).toBeLessThan(1800)
    expect(soil!.expectedL).toBeCloseTo(0.15 * 2.56 * 1000 * 0.9, 6)
  })

  it('learns from readings: hotter than thought lasts longer, colder is soon over, a hand tells too', () => {
    const read = (times: number) =>
      [3, 6, 9, 12, 15].map(day => gauged(day, words.WARMTH, 'soil', times * [24, 33, 33, 31, 28][day / 3 - 1]!))
    const ask = (since: readonly NewEvent[]) => finished(answerOf(questionOf(built(since), aroundOn(15, { meanC: COLD }))!))
    const [warm, cold, none] = [ask(read(1.2)), ask(read(0.6)), ask([])]
    const at = none.days.findIndex(day => day >= 20)
    expect(warm.series.soilC!.typical[at]!).toBeGreaterThan(cold.series.soilC!.typical[at]! + 5)
    expect(warm.windows.cool!.now.typical).toBeGreaterThan(cold.windows.cool!.now.typical + 5)
    expect(none.windows.cool!.now).toEqual(none.windows.cool!.start)
    const width = ({ low, high }: { readonly low: number, readonly high: number }) => high - low
    expect(width(cold.windows.cool!.now)).toBeLessThan(width(none.windows.cool!.now))
    const felt = ask([seen(10, words.FEEL, 'cold')])
    expect(felt.series.soilC!.typical[at]!).toBeLessThan(none.series.soilC!.typical[at]!)
  }, 240_000)

  it('its bands and its window hold what they say, on beds of another law', () => {
    const random = seededRandom(5)
    let [inside, asked, ends] = [0, 0, 0]
    const BEDS = 8
    for (let one = 0; one < BEDS; one++) {
      const around = aroundOn(14)
      const truth = otherCourse(anyOtherBed(random), day => around.weather.ambientC(new Date(afterDays(day))), 90, 10)
      const day = (from: number) => truth.soilC.slice((from - 1) * 24, from * 24).reduce((sum, celsius) => sum + celsius, 0) / 24
      const readings = [1, 2, 3, 4, 5, 6, 8, 10, 12, 14].map(on =>
        gauged(on, words.WARMTH, 'soil', truth.soilC[on * 24]! + 1.5 * normal(random)),
      )
      const { days, series, windows } = finished(answerOf(questionOf(built(readings), around)!))
      for (const on of [16, 19, 22, 26, 30, 35]) {
        const at = days.findIndex(one => one >= on)
        const value = day(on) + 1.5 * normal(random)
        asked++
        if (value >= series.soilC!.low[at]! && value <= series.soilC!.high[at]!) inside++
      }
      const cool = Array.from({ length: 80 }, (_, index) => index + 9).find(on => day(on) < 20 && day(on + 2) < 20) ?? 90
      if (cool >= windows.cool!.now.low && cool <= windows.cool!.now.high) ends++
    }
    expect(inside / asked).toBeGreaterThan(0.65)
    expect(inside / asked).toBeLessThan(0.95)
    expect(ends / BEDS).toBeGreaterThanOrEqual(0.6)
  }, 120_000)

  it('draws what comes up along its weeks: own sowings first, one after the other, the soonest of the rest', () => {
    const sown = built([...BUILT, did(19, words.SOWN, { crop: 'radish' })])
    const bands = hotbed.life.bands!(sown, nearTheEquator(aroundOn(20)))!
    expect(bands.rows[0]!.name).toBe('Radishes, sown')
    expect(bands.rows[1]).toMatchObject({ named: true, name: expect.stringMatching(/^One after the other: /) })
    expect(bands.rows.slice(2).some(({ name }) => name === 'Radishes')).toBe(false)
    for (const { stages } of bands.rows)
      stages.forEach(({ from, to }, at) => {
        expect(from < to).toBe(true)
        if (at > 0) expect(from.getTime()).toBeGreaterThanOrEqual(stages[at - 1]!.from.getTime())
      })
  })

  it('says how much of what lies there it holds, and is not begun with more', () => {
    const many = hotbed.plan.draft(proposal([some('horse-manure-straw', 60)]), aroundOn(0, { meanC: COLD }))
    const enough = hotbed.plan.draft(proposal([some('horse-manure-straw', 38)]), aroundOn(0, { meanC: COLD }))
    // It takes 38 barrows: 22 are too many.
    expect(many.facts.find(({ label }) => label === 'Too much')!.value).toMatch(/^about 2[12]/)
    expect(many.refusal).toMatch(/^It holds about 3[78]½? barrows of this, and 60 barrows lie here/)
    expect(many.verdict).toEqual({ grade: 'workable', text: many.refusal })
    expect(enough.refusal).toBeUndefined()
    // What is foretold is of the bed that is full, not of a tower.
    expect(many.facts.find(({ label }) => label === 'Sow from')!.value).toBe(enough.facts.find(({ label }) => label === 'Sow from')!.value)
    // An armful too much is trodden in.
    expect(hotbed.plan.draft(proposal([some('horse-manure-straw', 42)]), aroundOn(0, { meanC: COLD })).refusal).toBeUndefined()
  })

  it('reckons from today when the day to sow on has gone by, and says it', () => {
    const { warnings, facts } = hotbed.plan.draft(proposal([], { [words.SOW_ON]: '2025-03-01' }), aroundOn(0, { meanC: COLD }))
    expect(warnings[0]!.text).toBe('1 March 2025 has gone by: this is reckoned from today.')
    expect(facts[0]!.why).toMatch(/^say when you want to sow/)
  })

  it('speaks in the gardener\'s units alone', () => {
    const us = { ...aroundOn(0, { meanC: COLD }), units: 'us' as const }
    const { verdict, facts, steps, warnings } = hotbed.plan.draft(proposal(), us)
    const said = [
      verdict.text,
      ...facts.flatMap(({ value, why }) => [value, why]),
      ...steps.flatMap(({ title, detail }) => [title, detail]),
      ...warnings.map(({ text }) => text),
      ...tasks(built(BUILT), { ...aroundOn(10, { meanC: COLD }), units: 'us' }).map(({ reason }) => reason),
    ].join(' ')
    expect(said).toMatch(/°F/)
    expect(said).not.toMatch(/°C|\d (cm|m²|L|kg)\b/)
  })

  it('asks to read it, to sow it, to water it, to harvest, and for the second bed in its fourth week', () => {
    expect(actions(built(BUILT), aroundOn(2, { meanC: COLD }))).toContain('warmth')
    // One and the same warmth as in the sentence above: as read where it was read, else as expected.
    const asked = (since: readonly NewEvent[]) =>
      tasks(built([...BUILT, ...since]), aroundOn(10, { meanC: COLD })).find(({ action }) => action === 'warmth')!.reason
    expect(asked([gauged(9.9, words.WARMTH, 'soil', 27)])).toMatch(/^It was 27 °C when last read/)
    expect(asked([])).toMatch(/^It should be about \d+ °C/)
    const sow = tasks(built([...BUILT, gauged(19.5, words.WARMTH, 'soil', 24)]), aroundOn(20, { meanC: COLD })).find(
      ({ action }) => action === 'sown',
    )!
    expect(sow.reason).toMatch(/^The soil is at 24 °C, below 30 °C. Now come up: radishes/)
    const sown = built([...BUILT, did(19, words.SOWN, { crop: 'radish' }), gauged(24, words.WARMTH, 'soil', 22)])
    expect(actions(sown, aroundOn(25, { meanC: COLD }))).toContain('watered')
    const light = nearTheEquator(aroundOn(25, { meanC: COLD }))
    const harvest = tasks(sown, light).find(({ action }) => action === 'harvested')!
    expect(daysBetween(afterDays(19), harvest.due)).toBeGreaterThan(22)
    // In the dark of a northern November nothing is ready for months, however warm the bed.
    const dark = tasks(sown, aroundOn(25, { meanC: COLD })).find(({ action }) => action === 'harvested')
    expect(dark === undefined || daysBetween(afterDays(19), dark.due) > 80).toBe(true)
    const second = tasks(sown, aroundOn(27)).find(({ action }) => action === 'second')!
    expect(second.due.getTime()).toBe(addDays(new Date(afterDays(0)), 28).getTime())
    const cool = hotbed.life.windows(sown, aroundOn(27)).find(({ id }) => id === 'cool')!
    // Where summer carries it on, none has to take over.
    const warm = aroundOn(27, { meanC: Array.from({ length: 12 }, () => 20) })
    expect(tasks(sown, warm).some(({ action }) => action === 'second')).toBe(false)
    // At 12 °C it is cool after some nine weeks: early enough to be followed.
    expect(tasks(sown, aroundOn(27, { meanC: Array.from({ length: 12 }, () => 12) })).some(({ action }) => action === 'second')).toBe(true)
    // Planned for the day on which this one lets go.
    const wanted = second.doing.kind === 'again' ? new Date(String(second.doing.answers[words.SOW_ON])) : undefined
    expect(wanted! > addDays(cool.from, -2) && wanted! < addDays(cool.to, 2)).toBe(true)
    expect(actions(built(BUILT), aroundOn(200, { meanC: COLD }))).toContain('take')
  })

  it('is taken as it is: soil too hot for these seeds is said, a crop is named in the log', () => {
    const deed = hotbed.life.pads.flatMap(pad => (pad.kind === 'deed' && pad.deed.id === words.SOWN ? [pad.deed] : []))[0]!
    expect(deed.said(built([...BUILT, gauged(9.9, words.WARMTH, 'soil', 29)]), { crop: 'lettuce' }, aroundOn(10)).answer).toMatch(
      /warmer than these seeds like/,
    )
    expect(deed.said(built([...BUILT, gauged(9.9, words.WARMTH, 'soil', 22)]), { crop: 'lettuce' }, aroundOn(10)).answer).not.toMatch(
      /warmer/,
    )
    expect(deed.words({ crop: 'other', other: 'basil' }, aroundOn(10))).toBe('Sown: basil.')
  })
})

describe('airing the frame', () => {
  const bed = hotbedOf(built(BUILT), aroundOn(20))!
  const told = (minC: number, maxC: number, day = 120) =>
    frameDay(bed, new Date(afterDays(day)), { ...aroundOn(day), weather: { ...aroundOn(day).weather, extremesC: () => ({ minC, maxC }) } })

  it('is asked the day before, by what is foretold: a clear mild day yes, a grey one no', () => {
    const clear = told(2, 16)
    const grey = told(3, 5, 70)
    expect(clear.shutC).toBeGreaterThan(grey.shutC + 6)
    expect([wantsAir(clear, bed), wantsAir(grey, bed)]).toEqual([true, false])
    // Noon of a day in spring: asked of the day after; before noon of the day itself.
    const foretold = (hour: number) => {
      const now = new Date(afterDays(20))
      now.setHours(hour)
      return { ...aroundOn(20), now, weather: { ...aroundOn(20).weather, ambientC: () => 9, extremesC: () => ({ minC: 1, maxC: 17 }) } }
    }
    const titles = (hour: number) => tasks(built(BUILT), foretold(hour)).map(({ title }) => title)
    expect(titles(18)).toContain('Open the frame tomorrow')
    expect(titles(8)).toContain('Open the frame today')
    expect(
      tasks(built([...BUILT, did(19.9, words.AIRED)]), { ...foretold(8), now: new Date(afterDays(20)) }).map(({ title }) => title),
    ).not.toContain('Open the frame today')
    expect(tasks(built([...BUILT, did(15, words.GLASS, { now: 'off' })]), foretold(18)).some(({ action }) => action === 'aired')).toBe(
      false,
    )
  })

  it('mats are asked for a frosty night once something grows', () => {
    const frosty = { ...aroundOn(25), weather: { ...aroundOn(25).weather, extremesC: () => ({ minC: -6, maxC: 3 }) } }
    const sown = did(19, words.SOWN, { crop: 'radish' })
    expect(tasks(built([...BUILT, sown]), frosty).some(({ action }) => action === 'mats')).toBe(true)
    expect(tasks(built(BUILT), frosty).some(({ action }) => action === 'mats')).toBe(false)
    expect(tasks(built([...BUILT, sown, did(24.8, words.MATS)]), frosty).some(({ action }) => action === 'mats')).toBe(false)
  })

  it('knows north from south by the air, and the sky by what lies between night and noon', () => {
    expect(latitudeOf(aroundOn(0))).toBe(48)
    expect(latitudeOf(aroundOn(0, { meanC: [20, 20, 17, 14, 10, 8, 7, 8, 11, 13, 16, 18] }))).toBe(-48)
    expect([skyTimes({ minC: 2, maxC: 10 }), skyTimes({ minC: 0, maxC: 30 }), skyTimes({ minC: 5, maxC: 5.5 })]).toEqual([1, 1.6, 0.475])
    const { airC, sunMJ, measured } = bedWeather(new Date(afterDays(0)), 10, aroundOn(0))
    expect([airC.length, sunMJ.every(one => one > 0), measured]).toEqual([12, true, undefined])
  })
})

describe('what is wrong with a hotbed', () => {
  const causes = (batch: ReturnType<typeof built>, around: Surroundings, ...symptoms: string[]) =>
    hotbed.life.diagnosis!.causes(batch, around, symptoms)
  const cold = (day: number) => aroundOn(day, { meanC: COLD })

  it('too hot early is the burst, cold too soon a low or bare bed, never warm a lean or dry one', () => {
    expect(causes(built(BUILT), cold(6), 'too-hot')[0]).toMatchObject({
      id: 'burst', remedy: { text: expect.stringMatching(/^Wait \d+ days/) },
    })
    const low = begun(
      {
        methodId: hotbed.id, approachId: 'manure', site: hotbed.plan.sites[2]!, answers: answersOf(),
        inputs: [input('horse-manure-straw', 17, BARROW)],
      },
      BUILT,
    )
    expect(causes(low, cold(16), 'cold-soon')[0]!.id).toBe('shallow')
    expect(causes(built(BUILT, 38, { [words.SIDES]: 'open' }), cold(25), 'cold-soon')[0]!.id).toBe('bare-sides')
    const straw = begun(
      {
        methodId: hotbed.id, approachId: 'greens', site: SQUARE, answers: answersOf({}, 'greens'),
        inputs: [input('straw-wheat', 60, BARROW)], waterL: 700,
      },
      BUILT,
    )
    expect(causes(straw, cold(10), 'never-warm')[0]!.id).toBe('lean')
    const dry = begun(
      {
        methodId: hotbed.id, approachId: 'greens', site: SQUARE, answers: answersOf({}, 'greens'),
        inputs: [input('straw-wheat', 40, BARROW), input('chicken-manure', 4, BARROW)], waterL: 0,
      },
      BUILT,
    )
    expect(causes(dry, cold(10), 'never-warm')[0]!.id).toBe('dry')
  })

  it('notices a reading that is too hot, or cold when it should be warm; names mice, slugs and weedkiller', () => {
    expect(hotbed.life.diagnosis!.noticed(built([...BUILT, gauged(9.5, words.WARMTH, 'soil', 41)]), cold(10))).toEqual(['too-hot'])
    expect(hotbed.life.diagnosis!.noticed(built([...BUILT, gauged(9.5, words.WARMTH, 'soil', 8)]), cold(10))).toEqual(['never-warm'])
    expect(hotbed.life.diagnosis!.noticed(built([...BUILT, gauged(19.5, words.WARMTH, 'soil', 12)]), cold(20))).toEqual(['cold-soon'])
    expect(causes(built(BUILT), cold(20), 'mice')[0]!.id).toBe('mice-warm')
    expect(causes(built(BUILT), cold(20), 'slugs').map(({ id }) => id)).toContain('slug-home')
    expect(causes(built(BUILT), cold(20), 'crippled')[0]!.id).toBe('weedkiller')
    expect(causes(built(BUILT), cold(20), 'scorched')[0]!.id).toBe('shut')
    expect(causes(built([...BUILT, did(19, words.AIRED)]), cold(20), 'fallen').map(({ id }) => id)).toContain('damping')
  })

  it('is ripe by its heat and its rest', () => {
    expect(hotbed.life.ripeness!.stages(built(BUILT), cold(10)).cool).toBe(false)
    expect(hotbed.life.ripeness!.stages(built(BUILT), cold(200))).toMatchObject({ cool: true, rottedShare: 1, curedShare: 1 })
  })
})
