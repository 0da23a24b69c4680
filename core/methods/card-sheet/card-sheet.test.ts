import { describe, expect, it } from 'vitest'
import { afterDays, aroundOn, begun, did, finished, input, put, seen, took } from '../../../test/builders/batches'
import { BUCKET, SACK } from '../../../test/builders/heaps'
import type { NewEvent } from '../../journal/event'
import { normal, seededRandom } from '../../random/random'
import { completed } from '../../questions/question'
import { daysBetween } from '../../units/time'
import type { Site } from '../../vessel/site'
import type { Proposal, Surroundings } from '../contract'
import { sheet } from '.'
import { byMonth } from './by-month'
import { answerOf, spentAt, throughDay } from './forecast'
import { sizeText } from './measure'
import { sheetPlan } from './plan'
import { questionOf } from './question'
import { WAYS } from './ways'
import * as words from './words'

const LAWN: Site = { kind: 'area', id: 'lawn', name: 'Piece of lawn', ground: { shape: 'rectangle', widthM: 4, lengthM: 3 } }
const answersOf = (approachId: string, answers: Record<string, number | string>) => completed(sheet.plan.asks(approachId), answers)
const proposal = (answers: Record<string, number | string> = {}, approachId = 'whole', site: Site = LAWN): Proposal => ({
  site, approachId, answers: answersOf(approachId, answers), ingredients: [], waterL: 0, volumeL: 0,
})
const draft = (one: Proposal, around: Surroundings = aroundOn(0)) => sheet.plan.draft(one, around)
const laid = (since: readonly NewEvent[] = [], answers: Record<string, number | string> = {}, approachId = 'whole') =>
  begun(
    {
      methodId: sheet.id, approachId, site: approachId === 'whole' ? LAWN : sheet.plan.sitesOf!(approachId)[0]!,
      answers: answersOf(approachId, { [words.PIECES]: 'card 60 of 0.8 x 0.6', ...answers }),
      inputs: [input('card-flat', 60, BUCKET), input('compost-finished', 9, SACK)], waterL: 100,
    },
    since,
  )
const tasks = (batch: ReturnType<typeof laid>, around: Surroundings) => sheet.life.tasks(batch, around)
const actions = (batch: ReturnType<typeof laid>, around: Surroundings) =>
  tasks(batch, around)
    .filter(({ due }) => due <= around.now)
    .map(({ action }) => action)
const fact = (one: Proposal, label: string) => draft(one).facts.find(found => found.label === label)!

describe('what a sheet takes', () => {
  it('is short of what it is laid of: who has newsprint wants sheets of it, in layers, and no boxes', () => {
    const { verdict, wants } = draft(proposal({ [words.PIECES]: 'news 40 of 0.8 x 0.6', [words.NEWS_LAYERS]: 8 }))
    // 40 sheets in eight layers cover five places of 43: 38 times eight are missing.
    expect(verdict.text).toBe('Your pieces cover 5 of 43 places: 304 sheets of newsprint of 80 × 60 cm are missing.')
    expect(wants!.ingredients[0]).toMatchObject({ material: { id: 'newsprint' }, amount: { count: 304 } })
  })

  it('says the pieces that are missing, and puts them and the cover on the list', () => {
    const { verdict, wants, fromAbove, recipe } = draft(proposal({ [words.PIECES]: 'card 30 of 0.8 x 0.6' }))
    expect(verdict.text).toBe('Your pieces cover 30 of 43 places: 13 boxes of 80 × 60 cm are missing.')
    expect(wants!.ingredients.map(({ material, amount }) => [material.id, amount.count, amount.container.plural])).toEqual([
      ['card-flat', 13, 'boxes opened flat, 80 × 60 cm'], ['compost-finished', 8.5, 'barrows'],
    ])
    expect(fromAbove!.parts.filter(part => part.kind === 'sheet' && part.missing)).toHaveLength(13)
    expect(recipe!.find(({ material }) => material.id === 'card-flat')!.amount.count).toBe(30)
    expect(draft(proposal({ [words.PIECES]: 'card 43 of 0.8 x 0.6' })).verdict.grade).toBe('good')
    expect(draft(proposal()).verdict.text).toMatch(/^It takes 43 boxes/)
  })

  it('calls small squares what they are, and lays nothing in a pot', () => {
    expect(draft(proposal({ [words.PIECES]: 'card 10 of 0.3048 x 0.3048' })).verdict.text).toMatch(/\d+ pieces of card of 30 × 30 cm are/)
    const inPot = draft(proposal({}, 'whole', sheet.plan.sitesOf!('torn')[0]!))
    expect(inPot.steps.map(({ title }) => title)).toEqual(['Choose the ground'])
    expect(inPot).toMatchObject({ refusal: 'Card is laid on the ground: choose a piece of it, not a pot.' })
  })

  it('lays newsprint in stacks, strips two deep, and names what lies double', () => {
    // 100 sheets, eight deep: 12 stacks.
    expect(sheetPlan(proposal({ [words.PIECES]: 'news 100 of 0.57 x 0.4' })).layout!.used).toEqual([12])
    const trench = sheetPlan(proposal({ [words.PIECES]: 'card 21 of 0.8 x 0.6' }, 'trench', sheet.plan.sitesOf!('trench')[0]!))
    // A trench is 35 cm wide and 3 m long: a box of 80 × 60 gives two strips of 40 × 60, ends 15 cm over one another. Of 3 m less 15 cm
    // at the ends each does 45 cm: 7 places (2.85 ÷ 0.45 = 6.3). Two trenches, two deep: 28 strips, 14 boxes.
    expect(trench.pieces[0]).toMatchObject({ count: 21, widthM: 0.4, lengthM: 0.6 })
    expect(trench.layout!.laid).toHaveLength(14)
    const short = proposal({ [words.PIECES]: 'card 4 of 0.8 x 0.6' }, 'trench', sheet.plan.sitesOf!('trench')[0]!)
    const doubled = draft(short)
    expect(sheetPlan(short).layout!.missing).toBe(10)
    expect(doubled.facts[0]).toMatchObject({ value: '4 of yours, 10 missing', why: expect.stringContaining('cut lengthwise into 2') })
    expect(doubled.verdict.text).toContain('10 boxes of 80 × 60 cm')
    expect(doubled.wants!.ingredients[0]!.amount.count).toBe(10)
    expect(doubled.recipe![0]!.amount).toMatchObject({ count: 4, container: { name: 'box opened flat, 80 × 60 cm' } })
    expect(draft(proposal({}, 'trench', sheet.plan.sitesOf!('trench')[0]!)).verdict.text).toMatch(/^It takes 1[0-4] boxes/)
    expect(trench.coverL).toBe(0)
    const { layout } = sheetPlan(proposal({ [words.PIECES]: 'card 43 of 0.8 x 0.6' }))
    // Four rows 65 cm deep of 4 ÷ 0.45 = 9 boxes, one of 45 cm of 4 ÷ 0.65 = 7: 43. Each 0.48 m²: 20.64 laid, 12.5775 net of which
    // 0.5775 beyond the ground.
    expect(layout!.laid).toHaveLength(43)
    // 12 ÷ (0.45 × 0.65) = 41.03: 42 with no waste at all.
    expect(fact(proposal({ [words.PIECES]: 'card 43 of 0.8 x 0.6' }), 'Pieces').why).toMatch(/with no waste at all 42 would do/)
    expect(fact(proposal({ [words.PIECES]: 'card 20 of 0.8 x 0.6; card 20 of 0.5 x 0.5' }), 'Pieces').why).not.toMatch(/no waste/)
    expect(layout!.laidM2).toBeCloseTo(20.64, 9)
    expect(layout!.wasteM2).toBeCloseTo(0.5775, 9)
  })

  it('does not lie in a pot, and says so', () => {
    expect(draft(proposal({}, 'whole', sheet.plan.sitesOf!('torn')[0]!)).verdict).toEqual({
      grade: 'poor', text: 'Card is laid on the ground: choose a piece of it, not a pot.',
    })
  })

  it('waters ground, card and cover by their dryness', () => {
    const wet = sheetPlan(proposal({ [words.PIECES]: 'card 43 of 0.8 x 0.6', [words.GROUND]: 'wet' }))
    // 20.64 m² × 0.55 kg = 11.352 kg of card: at 16.29 L for ten kilograms 18.5 L.
    expect(wet.cardKg).toBeCloseTo(11.352, 6)
    expect(wet.water.cardL).toBeCloseTo(18.49, 1)
    expect(wet.water.groundL).toBe(0)
    expect(sheetPlan(proposal({ [words.GROUND]: 'dry' })).water.groundL).toBeCloseTo(120, 9)
    // Damp ground 4 L a square metre: 48. Newsprint alone: what is laid × 45 g × eight sheets.
    const news = sheetPlan(proposal({ [words.PIECES]: 'news 2000 of 0.57 x 0.4' }))
    expect(news.water.groundL).toBeCloseTo(48, 9)
    expect(news.layout!.missing).toBe(0)
    expect(news.cardKg).toBeCloseTo(news.layout!.laidM2 * 0.045 * 8, 6)
    // 12 m² × 30 cm of mown leaves: 540 kg at 35 %, 351 of them dry; at 55 % they hold 429, of which 189 are there.
    expect(sheetPlan(proposal({ [words.COVER]: 'leaves', [words.COVER_M]: 0.3 })).water.coverL).toBeCloseTo(240, 0)
    // 12 m² × 6 cm of compost.
    expect(wet.coverL).toBeCloseTo(720, 9)
    expect(fact(proposal({ [words.COVER]: 'leaves', [words.COVER_M]: 0.3 }), 'Cover').why).toMatch(
      /^3,600 L of .*30 cm deep; it settles to about 10 cm/,
    )
  })

  it('mixes torn card with compost by either school, for the room there is', () => {
    const crate = sheet.plan.sitesOf!('torn')[0]!
    const { torn } = sheetPlan(proposal({ [words.SHARES]: 'half' }, 'torn', crate))
    const { torn: other } = sheetPlan(proposal({ [words.SHARES]: 'double' }, 'torn', crate))
    // 50 × 35 × 25 cm = 43.75 L, a quarter more for the gaps that fill: 54.7 L.
    expect(torn.cardL * 2).toBeCloseTo(torn.compostL, 6)
    expect(other.cardL).toBeCloseTo(other.compostL * 2, 6)
    expect(torn.cardL + torn.compostL).toBeCloseTo(54.7, 1)
  })

  it('minds thin overlaps, creeping roots, thin newsprint, and never tells to lime', () => {
    const warned = (answers: Record<string, number | string>) => draft(proposal(answers)).warnings.map(({ text }) => text).join(' ')
    expect(warned({ [words.OVERLAP_M]: 0.05 })).toMatch(/grass finds the gap/)
    expect(warned({ [words.GROWN]: 'creeping' })).toMatch(/two seasons/)
    expect(warned({ [words.PIECES]: 'news 50 of 0.5 x 0.4', [words.NEWS_LAYERS]: 4 })).toMatch(/Six to ten/)
    expect(warned({})).toMatch(/No lime .* unless a soil test/)
    expect(draft(proposal({}, 'torn', sheet.plan.sitesOf!('torn')[0]!)).warnings[0]!.text).toMatch(/a tenth/)
    expect(draft(proposal()).steps.map(({ title }) => title)).toEqual([
      'Mow it low, leave it lying', expect.stringMatching(/^Wet the ground/), expect.stringMatching(/^Soak the card half an hour/),
      expect.stringMatching(/^Lay 43 pieces/), expect.stringMatching(/^Cover it at once/), 'Cut an edge',
    ])
  })

  it('says a size with its unit once, in both systems', () => {
    expect(sizeText({ lengthM: 0.8, widthM: 0.6 }, 'metric')).toBe('80 × 60 cm')
    expect(sizeText({ lengthM: 0.8, widthM: 0.6 }, 'us')).toMatch(/^31.* × 2.*in/)
  })
})

describe('when it can be planted', () => {
  const ends = (grown: string, around = aroundOn(0)) =>
    byMonth({ [words.GROWN]: grown }, around).rows.map(({ stages }) => ({ laid: stages[0]!.from, low: stages[0]!.to, high: stages[1]!.to }))

  it('turf laid in autumn is through in spring, in spring within the season; soft weeds within a quarter of a year of warmth', () => {
    const turf = ends('turf')
    expect(turf).toHaveLength(12)
    // Laid in November it cannot be planted before February, and can by midsummer.
    expect(turf[0]!.low.getTime()).toBeGreaterThan(Date.UTC(2026, 1, 1))
    expect(turf[0]!.high.getTime()).toBeLessThan(Date.UTC(2026, 5, 21))
    const april = turf.find(({ laid: at }) => at.getMonth() === 3)!
    expect(daysBetween(april.laid, april.high)).toBeLessThan(150)
    const soft = ends('soft').find(({ laid: at }) => at.getMonth() === 3)!
    expect(daysBetween(soft.laid, soft.low)).toBeGreaterThan(30)
    expect(daysBetween(soft.laid, soft.high)).toBeLessThan(92)
    expect(ends('creeping').every(({ laid: at, low }) => daysBetween(at, low) > 150)).toBe(true)
  })

  it('later laid is never sooner through, colder never sooner', () => {
    for (const grown of ['turf', 'soft', 'creeping', 'bare']) {
      const mild = ends(grown)
      const cold = ends(grown, aroundOn(0, { meanC: [-2, -1, 3, 7, 12, 15, 16, 15, 11, 7, 2, -1] }))
      mild.forEach(({ low, high }, at) => {
        if (at > 0) expect(low.getTime()).toBeGreaterThanOrEqual(mild[at - 1]!.low.getTime())
        expect(cold[at]!.high.getTime()).toBeGreaterThanOrEqual(high.getTime())
      })
    }
  })

  it('threads run through torn card in two to three weeks of room warmth', () => {
    const torn = WAYS.find(({ id }) => id === 'torn')!
    const { low, high } = torn.wants({})
    expect(torn.counts(17)).toBe(1)
    expect([low / 7 > 1.5, high / 7 < 4.5]).toEqual([true, true])
    expect(torn.counts(0)).toBe(0)
  })
})

describe('a sheet that lies', () => {
  it('learns from a look under a corner: still green is later, crumb is now', () => {
    const ask = (finding?: string) =>
      finished(answerOf(questionOf(laid(finding ? [seen(150, words.BELOW, finding)] : []), aroundOn(150)))).windows.through!
    const [plain, green, dead] = [ask(), ask('green'), ask('dead')]
    expect(green.now.typical).toBeGreaterThan(plain.now.typical + 10)
    expect(dead.now.high).toBeLessThan(plain.now.high)
    expect(green.start.typical).toBeCloseTo(plain.start.typical, -1)
  })

  it('its window holds what it says, on turf of another law: dying by a curve, not by a line', () => {
    const random = seededRandom(8)
    let inside = 0
    const BEDS = 80
    for (let one = 0; one < BEDS; one++) {
      const around = aroundOn(140)
      const wanted = 120 * Math.exp(0.3 * normal(random))
      // Another law: below eight degrees nothing, above it straight with warmth; half green until two thirds of its time.
      let [sum, through] = [0, 400]
      const shares: number[] = []
      for (let day = 0; day < 400; day++) {
        sum += Math.max(0, (around.weather.ambientC(new Date(afterDays(day))) - 3) / 9)
        shares.push(sum / wanted)
        if (through === 400 && sum >= wanted) through = day
      }
      // The eye is off by a fifth now and then.
      const look = (day: number) => {
        const share = shares[day]! * Math.exp(0.2 * normal(random))
        return seen(day, words.BELOW, share < 0.35 ? 'green' : share < 0.7 ? 'yellow' : share < 1 ? 'white' : 'dead')
      }
      const { low, high } = finished(answerOf(questionOf(laid([look(60), look(100), look(140)]), around))).windows.through!.now
      if (through >= low && through <= high) inside++
    }
    expect(inside / BEDS).toBeGreaterThan(0.65)
    expect(inside / BEDS).toBeLessThan(0.98)
  })

  it('asks in its order: feel the card, lift a corner, wet it in a dry warm spell, plant it when it is through', () => {
    expect(actions(laid(), aroundOn(3))).toEqual([])
    expect(actions(laid(), aroundOn(16))).toEqual(expect.arrayContaining(['below', 'card']))
    const dry = aroundOn(200, { rainMm: 0 })
    expect(actions(laid([seen(190, words.CARD, 'soft')]), dry)).toContain('watered')
    expect(actions(laid([put(195, [], 90)]), dry)).not.toContain('watered')
    const stiff = tasks(laid([seen(199, words.CARD, 'stiff')]), aroundOn(200)).find(({ action }) => action === 'watered')!
    expect([stiff.urgency, stiff.reason]).toEqual(['now', expect.stringMatching(/pale and stiff.*96 L/)])
    const through = laid([seen(230, words.BELOW, 'dead')])
    expect(actions(through, aroundOn(231))).toContain('planted')
    expect(actions(laid([seen(230, words.BELOW, 'dead'), did(232, words.PLANTED, { what: 'pumpkins' })]), aroundOn(240))).not.toContain(
      'planted',
    )
    expect(sheet.life.standing(laid([did(232, words.PLANTED)]), aroundOn(240)).phase).toBe('planted')
  })

  it('wants a gap closed before anything else, and is at peace once it is', () => {
    const torn = laid([seen(50, words.CARD, 'torn')])
    expect(sheet.life.standing(torn, aroundOn(51)).tone).toBe('bad')
    expect(tasks(torn, aroundOn(51))[0]).toMatchObject({ action: 'mended', urgency: 'now' })
    const mended = laid([seen(50, words.CARD, 'torn'), did(51, words.MENDED)])
    expect(sheet.life.standing(mended, aroundOn(52)).phase).toBe('dark')
  })

  it('its cover sinks, and is asked for again when it is thin; more of it shows', () => {
    const depth = (batch: ReturnType<typeof laid>, day: number) =>
      sheet.life.facts(batch, aroundOn(day)).find(({ label }) => label === 'Cover')!.value
    expect(depth(laid(), 0)).toBe('about 6 cm deep')
    expect(depth(laid(), 60)).toBe('about 5 cm deep')
    const old = laid([], {})
    expect(actions(old, aroundOn(900))).toContain('covered')
    expect(actions(laid([put(890, [input('compost-finished', 9, SACK)])]), aroundOn(900))).not.toContain('covered')
  })

  it('the middle of what is possible is through when its share is one', () => {
    const question = questionOf(laid(), aroundOn(0))
    const times = Float64Array.from({ length: 420 }, (_, day) => day)
    const spent = spentAt(question, [], times)
    const day = throughDay(times, spent)
    expect(spent[Math.floor(day)]!).toBeLessThanOrEqual(1)
    expect(spent[Math.ceil(day)]!).toBeGreaterThanOrEqual(1)
    expect(throughDay(times, new Float32Array(420))).toBe(419)
  })

  it('torn card shows threads, is moved on, and gives itself', () => {
    const crate = laid([seen(20, words.TORN, 'threads')], {}, 'torn')
    expect(actions(crate, aroundOn(21))).toContain('take')
    expect(sheet.life.outputs(crate, aroundOn(21))[0]!.expectedL).toBeGreaterThan(30)
    expect(sheet.life.outputs(laid(), aroundOn(21))).toEqual([])
    expect(sheet.life.becomesBed!(crate, aroundOn(21))).toBe(false)
    expect(sheet.life.becomesBed!(laid(), aroundOn(21))).toBe(true)
    expect(tasks(laid([took(300, [], true)]), aroundOn(301))).toEqual([])
  })
})

describe('what is wrong with a sheet', () => {
  const causes = (batch: ReturnType<typeof laid>, around: Surroundings, ...symptoms: string[]) =>
    sheet.life.diagnosis!.causes(batch, around, symptoms)

  it('dried card in a dry spell, turf that had no time, creeping roots where they were named', () => {
    expect(causes(laid(), aroundOn(200, { rainMm: 0 }), 'stiff')[0]!.id).toBe('dry-card')
    expect(causes(laid(), aroundOn(60), 'still-green')[0]).toMatchObject({
      id: 'time', speaksFor: [expect.stringMatching(/only about \d+ %/)],
    })
    expect(causes(laid([], { [words.OVERLAP_M]: 0.05 }), aroundOn(300), 'still-green')[0]!.id).toBe('light')
    expect(causes(laid([], { [words.GROWN]: 'creeping' }), aroundOn(200), 'through').map(({ id }) => id)[0]).toBe('creeping')
    expect(causes(laid(), aroundOn(200), 'slugs')[0]!.id).toBe('shelter')
    expect(causes(laid(), aroundOn(200), 'edge')[0]!.id).toBe('edge-open')
  })

  it('notices what was seen', () => {
    expect(sheet.life.diagnosis!.noticed(laid([seen(50, words.CARD, 'torn'), seen(50, 'above', 'slugs')]), aroundOn(51))).toEqual([
      'blown', 'slugs',
    ])
  })
})
