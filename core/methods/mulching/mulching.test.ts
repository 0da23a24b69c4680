import { describe, expect, it } from 'vitest'
import { afterDays, aroundOn, begun, did, finished, gauged, input, put, seen, took } from '../../../test/builders/batches'
import { SACK } from '../../../test/builders/heaps'
import type { NewEvent } from '../../journal/event'
import { findMaterial } from '../../materials/book'
import { MULCH_KINDS } from '../../mulch/kinds'
import { normal, seededRandom } from '../../random/random'
import { completed } from '../../questions/question'
import type { Site } from '../../vessel/site'
import type { Proposal, Surroundings } from '../contract'
import { mulch } from '.'
import { bindingFact } from './binding'
import { answerOf } from './forecast'
import { carrierOf, loadsFor } from './loads'
import { mulchPlan } from './plan'
import { questionOf } from './question'
import { depthOn, mulchOf, roundsOf } from './state'
import { PADS } from './pads'
import * as words from './words'

const BARROW = { id: 'barrow', name: 'barrow', plural: 'barrows', volumeL: 85 }
const TEN: Site = { kind: 'area', id: 'ten', name: 'Bed', ground: { shape: 'rectangle', widthM: 5, lengthM: 2 } }
const answersOf = (approachId: string, answers: Record<string, number | string>) => completed(mulch.plan.asks(approachId), answers)
const proposal = (approachId: string, answers: Record<string, number | string> = {}, site: Site = TEN): Proposal => ({
  site, approachId, answers: answersOf(approachId, answers), ingredients: [], waterL: 0, volumeL: 0,
})
const spread = (
  approachId: string, material: string, sacks: number, since: readonly NewEvent[] = [], answers: Record<string, number | string> = {},
) =>
  begun(
    {
      methodId: mulch.id, approachId, site: TEN, answers: answersOf(approachId, answers),
      inputs: sacks > 0 ? [input(material, sacks, SACK)] : [],
    },
    since,
  )
const actions = (batch: ReturnType<typeof spread>, around: Surroundings) =>
  mulch.life
    .tasks(batch, around)
    .filter(({ due }) => due <= around.now)
    .map(({ action }) => action)

describe('what a mulch takes', () => {
  it('30 cm of loose leaves on 10 m² are 3,000 L, 38 sacks of 80 L, and sink to about 10 cm', () => {
    const { facts, wants, verdict } = mulch.plan.draft(
      proposal('leaves', { [words.WANTED_M]: 0.3, [words.CROP]: 'trees', [words.CARRIED_IN]: 'sack' }), aroundOn(0),
    )
    expect(facts.find(({ label }) => label === 'It takes')).toMatchObject({
      value: '38 sacks', why: expect.stringMatching(/^3,000 L loose .* 37½ sacks$|^3,000 L loose/),
    })
    expect(wants!.ingredients[0]!.amount).toMatchObject({ count: 38 })
    // 30 cm × 0.34 as settled.
    expect(verdict.text).toBe('30 cm of leaves, settling to about 10 cm.')
    expect(mulchPlan({ site: TEN, approachId: 'leaves', answers: { [words.WANTED_M]: 0.3 } }).settledM).toBeCloseTo(0.102, 9)
  })

  it('counts loads by what they are carried in: a sheet drags more than a barrow holds', () => {
    expect([
      loadsFor(720, carrierOf('barrow')), loadsFor(720, carrierOf('dragged')), loadsFor(720, carrierOf('bucket')),
      loadsFor(3, carrierOf('barrow')), loadsFor(0, carrierOf('barrow')),
    ]).toEqual([9, 4, 60, 0, 0])
    expect(carrierOf('spoon').id).toBe('barrow')
  })

  it('advises by kind, crop and reason, and says what is too thick, dug in, or for seedlings', () => {
    const verdict = (approachId: string, answers: Record<string, number | string>) =>
      mulch.plan.draft(proposal(approachId, answers), aroundOn(0)).verdict
    expect(verdict('chips', { [words.LIES]: 'dug-in' })).toMatchObject({
      grade: 'poor', text: expect.stringMatching(/On top it hardly does/),
    })
    expect(verdict('chips', {}).grade).toBe('good')
    expect(verdict('grass', { [words.WANTED_M]: 0.1 })).toMatchObject({ grade: 'workable', text: expect.stringMatching(/thicker/) })
    expect(verdict('straw', { [words.CROP]: 'seedlings' }).text).toMatch(/^Seedlings want bare, warm soil/)
    expect(verdict('green-dry', { [words.CROP]: 'vegetables' }).text).toMatch(/^6 cm/)
  })

  it('says that what lies on the bench is no such mulch', () => {
    const on = (approachId: string, ...ids: readonly string[]) =>
      mulch.plan.draft(
        {
          ...proposal(approachId),
          ingredients: ids.map((id, at) => ({
            material: findMaterial(id)!, amount: { count: 40 - 20 * at, container: SACK, packing: 'loose' as const },
          })),
        },
        aroundOn(0),
      ).verdict
    expect(on('leaves', 'horse-manure-straw')).toMatchObject({
      grade: 'workable',
      text: 'What lies on the bench is mostly horse manure, and this is reckoned for leaves: take it off, or say another kind.',
    })
    // A little of something else among it is no other mulch.
    expect(on('leaves', 'leaves-mixed', 'grass-clippings').grade).toBe('good')
    expect([
      on('compost', 'leaf-mould').grade, on('chips', 'wood-chips').grade, on('straw', 'straw-wheat').grade,
      on('green-dry', 'grass-clippings', 'leaves-mixed').grade,
    ]).toEqual(['good', 'good', 'good', 'good'])
    // Green and dry is both.
    expect(on('green-dry', 'leaves-mixed').text).toMatch(/^All of it is dry/)
    expect(on('green-dry', 'grass-clippings').text).toMatch(/^All of it is fresh: a wet mat/)
    const wanted = mulch.plan.draft(proposal('green-dry'), aroundOn(0)).wants!.ingredients
    expect(wanted.map(({ material }) => material.id)).toEqual(['grass-clippings', 'leaves-mixed'])
    expect(wanted[0]!.amount.count).toBe(wanted[1]!.amount.count)
  })

  it('warns of slugs, wind, walnut, the roadside and what was sprayed, each only where it is so', () => {
    const warned = (approachId: string, answers: Record<string, number | string>, material?: string) =>
      mulch
        .plan.draft(
          {
            ...proposal(approachId, answers),
            ...(material
              ? { ingredients: [{ material: findMaterial(material)!, amount: { count: 38, container: SACK, packing: 'loose' as const } }] }
              : {}),
          },
          aroundOn(0),
        )
        .warnings.map(({ text }) => text)
        .join(' ')
    expect(warned('leaves', {})).toMatch(/fly/)
    expect(warned('leaves', {})).not.toMatch(/Slugs|Walnut|needles/)
    expect(warned('green-dry', { [words.CROP]: 'vegetables' })).toMatch(/Slugs/)
    expect(warned('leaves', {}, 'leaves-walnut')).toMatch(/Walnut/)
    expect(warned('leaves', { [words.FROM]: 'street' })).toMatch(/needles, glass/)
    expect(warned('straw', { [words.FROM]: 'stable' })).toMatch(/weedkiller/)
    expect(warned('chips', {})).not.toMatch(/fly|sprayed/)
  })

  it('tells what it binds, on top and dug in, and what makes up for it', () => {
    const plan = mulchPlan({ site: TEN, approachId: 'chips', answers: { [words.WANTED_M]: 0.05 } })
    const chips = findMaterial('wood-chips')!
    // 25.8 g dug in (core/mulch): 0.6 to 1.5 times; blood meal makes up for it.
    expect(bindingFact(chips, plan, 'dug-in', 'metric')).toMatchObject({
      value: '15 g to 39 g on a square metre in its first year',
      why: expect.stringMatching(/^dug in all of it does. 2\d\d g of blood or horn meal/),
    })
    expect(bindingFact(chips, plan, 'on-top', 'metric')).toMatchObject({
      value: '0.8 g to 1.9 g on a square metre in its first year', why: expect.stringMatching(/dug in it would be about 26 g/),
    })
    expect(bindingFact(findMaterial('grass-clippings')!, plan, 'dug-in', 'metric').value).toBe('next to none')
    // Ten square feet are 0.929 m²: 15.5 g × 0.929 ÷ 28.35 = 0.5 oz, 38.7 g give 1.3 oz.
    expect(bindingFact(chips, plan, 'dug-in', 'us').value).toBe('0.5 oz to 1.3 oz on ten square feet in its first year')
    expect(['chips', 'straw'].map(kind => mulch.plan.draft(proposal(kind, { [words.LIES]: 'dug-in' }), aroundOn(0)).verdict)).toMatchObject(
      [{ grade: 'poor' }, { grade: 'workable', text: expect.stringMatching(/^Dug in, straw takes nitrogen/) }],
    )
  })

  it('keeps stems clear, a hand around trunks, in the drawing too', () => {
    const { facts, fromAbove } = mulch.plan.draft(proposal('leaves', { [words.CROP]: 'trees', [words.STEMS]: 3 }), aroundOn(0))
    expect(facts.find(({ label }) => label === 'Clear of stems')!.value).toBe('10 cm')
    expect(fromAbove!.parts.filter(part => part.kind === 'stem')).toEqual([
      expect.objectContaining({ clearM: 0.1 }), expect.objectContaining({ clearM: 0.1 }), expect.objectContaining({ clearM: 0.1 }),
    ])
    expect(
      mulch.plan.draft(proposal('chips', { [words.CROP]: 'path' }), aroundOn(0)).fromAbove!.parts.some(part => part.kind === 'stem'),
    ).toBe(false)
  })
})

describe('a mulch that lies', () => {
  it('counts loads done and left, from tree to bed', () => {
    const around = aroundOn(0.2)
    const none = spread('leaves', 'leaves-mixed', 0, [], { [words.WANTED_M]: 0.15, [words.CARRIED_IN]: 'dragged' })
    // 1,500 L in sheets of 220 L: seven.
    expect(mulchOf(none, around)).toMatchObject({ phase: 'bare', loadsLeft: 7 })
    const some = spread(
      'leaves', 'leaves-mixed', 0, [0, 0.02, 0.05].map(day => put(day, [input('leaves-mixed', 220 / 85, BARROW)])),
      { [words.WANTED_M]: 0.15, [words.CARRIED_IN]: 'dragged' },
    )
    const { phase, laidL, missingL, loadsLeft } = mulchOf(some, around)
    expect(phase).toBe('laying')
    expect(laidL).toBeCloseTo(660, 6)
    expect(laidL + missingL).toBeCloseTo(1500, -1)
    expect(loadsLeft).toBe(4)
    expect(actions(some, around)).toContain('load')
    const enough = spread('leaves', 'leaves-mixed', 0, [put(0, [input('leaves-mixed', 220 / 85, BARROW)]), did(0.1, words.ENOUGH)], {
      [words.WANTED_M]: 0.15,
    })
    expect(mulchOf(enough, around).phase).not.toBe('laying')
  })

  it('a load is of what was spread last, in its shares, or of fresh and dry where the kind wants both', () => {
    const load = (batch: ReturnType<typeof spread>) => {
      const pad = PADS.find(one => one.kind === 'put' && one.put.id === words.LOAD)!
      if (pad.kind !== 'put') throw new Error('no load')
      const lines = pad.put.usual!(batch, aroundOn(1))
      return lines.map(({ material, amount: { count, container } }) => [material.id, count, container.id])
    }
    const mixed = [put(0, [input('grass-clippings', 1, BARROW), input('leaves-mixed', 3, BARROW)])]
    expect(load(spread('green-dry', 'grass-clippings', 0, mixed))).toEqual([
      ['grass-clippings', 0.25, 'barrow'], ['leaves-mixed', 0.75, 'barrow'],
    ])
    expect(load(spread('green-dry', 'grass-clippings', 0))).toEqual([
      ['grass-clippings', 0.5, 'barrow'], ['leaves-mixed', 0.5, 'barrow'],
    ])
  })

  it('thins, is topped up twice, and each time comes back to its depth', () => {
    const grass = (since: readonly NewEvent[]) =>
      spread('green-dry', 'grass-clippings', 0, [put(240, [input('grass-clippings', 6, BARROW)]), ...since], {
        [words.WANTED_M]: 0.05, [words.CROP]: 'vegetables',
      })
    const due = (batch: ReturnType<typeof spread>, from: number) =>
      Array.from({ length: 60 }, (_, day) => from + day).find(day => mulchOf(batch, aroundOn(day)).phase === 'thin')!
    const once = due(grass([]), 241)
    expect(once - 240).toBeGreaterThan(12)
    expect(once - 240).toBeLessThan(25)
    const { missingL } = mulchOf(grass([]), aroundOn(once))
    const again = grass([put(once, [input('grass-clippings', missingL / 85, BARROW)])])
    expect(mulchOf(again, aroundOn(once + 0.1)).missingL).toBeLessThan(missingL * 0.05)
    const twice = due(again, once + 1)
    expect(twice - once).toBeGreaterThan(10)
    const last = grass([
      put(once, [input('grass-clippings', missingL / 85, BARROW)]), put(twice, [input('grass-clippings', missingL / 85, BARROW)]),
    ])
    expect(mulchOf(last, aroundOn(twice + 5))).toMatchObject({ refreshed: 2 })
    expect(mulch.life.standing(last, aroundOn(twice + 1)).sentence).toMatch(/topped up 2 times/)
    expect(roundsOf([0, 1, 3, 30, 31, 90])).toEqual([0, 30, 90])
    // Carried over twelve days it is one round, from load to load; a pause of longer begins another.
    expect(roundsOf([0, 7, 14, 26])).toEqual([0])
    expect(roundsOf([0, 7, 19.1])).toEqual([0, 19.1])
  })

  it('learns from depths: thinner than thought brings the day nearer, deeper puts it off', () => {
    const ask = (value?: number) =>
      finished(
        answerOf(
          questionOf(
            spread(
              'leaves', 'leaves-mixed', 20,
              value === undefined ? [] : [gauged(60, words.DEPTH, 'middle', value), gauged(90, words.DEPTH, 'middle', value * 0.95)],
              { [words.WANTED_M]: 0.16 },
            ),
            aroundOn(91),
          )!,
        ),
      ).windows.refresh!
    const [plain, thin, deep] = [ask(), ask(0.04), ask(0.085)]
    expect(thin.now.typical).toBeLessThan(plain.now.typical - 20)
    expect(deep.now.typical).toBeGreaterThan(plain.now.typical + 20)
    // Drawn anew, and the same within a few days of a year.
    expect(Math.abs(thin.start.typical - plain.start.typical)).toBeLessThan(12)
    // The last depth off a stick is believed, good to a seventh: what is possible on that day shrinks by a third.
    const width = (value?: number) => {
      const { days, series } = finished(
        answerOf(
          questionOf(
            spread(
              'leaves', 'leaves-mixed', 20,
              value === undefined ? [] : [gauged(90, words.DEPTH, 'middle', value), gauged(92, words.DEPTH, 'middle', value)],
              { [words.WANTED_M]: 0.16 },
            ),
            aroundOn(93),
          )!,
        ),
      )
      const at = days.findIndex(day => day >= 90)
      return series.depthM!.high[at]! - series.depthM!.low[at]!
    }
    expect(width(0.055)).toBeLessThan(0.66 * width())
  })

  it('its window holds what it says, on leaves of another law', () => {
    const random = seededRandom(4)
    let inside = 0
    const BEDS = 60
    for (let one = 0; one < BEDS; one++) {
      const around = aroundOn(120)
      const [settles, half] = [0.36 * Math.exp(0.18 * normal(random)), 240 * Math.exp(0.45 * normal(random))]
      // Settling by halves within ten days, then a straight line in warm days: no exponential in it.
      let warmth = 0
      const depth: number[] = []
      for (let day = 0; day < 900; day++) {
        warmth += Math.max(0, around.weather.ambientC(new Date(afterDays(day))) - 1) / 10
        depth.push(0.16 * (settles + (1 - settles) * 0.5 ** (day / 10)) * Math.max(0, 1 - warmth / (2 * half)))
      }
      const read = (day: number) => gauged(day, words.DEPTH, 'middle', Math.max(0.01, depth[day]! * Math.exp(0.12 * normal(random))))
      const batch = spread('leaves', 'leaves-mixed', 20, [read(30), read(75), read(120)], { [words.WANTED_M]: 0.16 })
      const question = questionOf(batch, around)!
      const day = depth.findIndex(metres => metres <= question.refreshM)
      const { low, high } = finished(answerOf(question)).windows.refresh!.now
      const thinned = day < 0 ? question.horizonDay : Math.min(question.horizonDay, day)
      if (thinned >= low - 0.5 && thinned <= high + 0.5) inside++
    }
    expect(inside / BEDS).toBeGreaterThan(0.6)
    expect(inside / BEDS).toBeLessThan(0.97)
  })

  it('asks to wet what flies, to look under it, to measure it, and answers what was found', () => {
    expect(actions(spread('leaves', 'leaves-mixed', 20), aroundOn(1))).toContain('wetted')
    expect(actions(spread('leaves', 'leaves-mixed', 20, [put(0.5, [], 40)]), aroundOn(1))).not.toContain('wetted')
    expect(actions(spread('chips', 'wood-chips', 8), aroundOn(1))).not.toContain('wetted')
    expect(actions(spread('chips', 'wood-chips', 8), aroundOn(25))).toEqual(expect.arrayContaining(['under', 'depth']))
    const dry = spread('leaves', 'leaves-mixed', 20, [put(0.5, [], 40), seen(30, words.SOIL, 'dry')])
    expect(mulch.life.tasks(dry, aroundOn(31))[0]).toMatchObject({ action: 'wetted', urgency: 'now' })
    expect(actions(spread('leaves', 'leaves-mixed', 20, [seen(30, words.PLANTS, 'rot')]), aroundOn(31))).toContain('cleared')
    expect(
      actions(spread('leaves', 'leaves-mixed', 20, [seen(30, words.PLANTS, 'rot'), did(30.5, words.CLEARED)]), aroundOn(31)),
    ).not.toContain('cleared')
    expect(mulch.life.tasks(spread('leaves', 'leaves-mixed', 20, [took(40, [], true)]), aroundOn(41))).toEqual([])
  })

  it('lies no deeper tomorrow than today, of whatever kind', () => {
    for (const { id, materialId } of MULCH_KINDS) {
      const batch = spread(id, materialId, 10)
      const depths = [1, 10, 30, 90, 200].map(day => depthOn(batch, aroundOn(200), day))
      expect(depths.every((depth, at) => at === 0 || depth <= depths[at - 1]! + 1e-9), id).toBe(true)
    }
  })
})

describe('what is wrong with a mulch', () => {
  const causes = (batch: ReturnType<typeof spread>, around: Surroundings, ...symptoms: string[]) =>
    mulch.life.diagnosis!.causes(batch, around, symptoms)

  it('pale plants: dug-in chips take nitrogen, those on top hardly do', () => {
    const dugIn = causes(spread('chips', 'wood-chips', 8, [], { [words.LIES]: 'dug-in' }), aroundOn(60), 'yellow')[0]!
    expect([dugIn.id, dugIn.remedy.text]).toEqual(['nitrogen', expect.stringMatching(/horn or blood meal/)])
    const onTop = causes(spread('chips', 'wood-chips', 8), aroundOn(60), 'yellow').find(({ id }) => id === 'nitrogen')
    expect(onTop?.likelihood ?? 0).toBeLessThan(dugIn.likelihood - 0.2)
  })

  it('slugs in a wet time, wind for dry leaves, thin where weeds come, weedkiller for cupped leaves over straw', () => {
    expect(
      causes(spread('green-dry', 'grass-clippings', 8, [], { [words.CROP]: 'vegetables' }), aroundOn(20, { rainMm: 4 }), 'slugs')[0]!.id,
    ).toBe('slug-shelter')
    expect(causes(spread('leaves', 'leaves-mixed', 20), aroundOn(10), 'blown')[0]!.id).toBe('wind')
    expect(causes(spread('green-dry', 'grass-clippings', 8), aroundOn(300), 'weeds')[0]!.id).toBe('thin')
    expect(causes(spread('leaves', 'leaves-mixed', 20), aroundOn(40), 'weeds')[0]!.id).toBe('roots')
    expect(causes(spread('straw', 'straw-wheat', 12, [], { [words.FROM]: 'stable' }), aroundOn(40), 'crippled')[0]!.id).toBe('weedkiller')
    expect(causes(spread('leaves', 'leaves-mixed', 20), aroundOn(40), 'crippled')).toEqual([
      expect.objectContaining({ id: 'weedkiller', speaksAgainst: [expect.stringMatching(/hardly ever/)] }),
    ])
    expect(causes(spread('leaves', 'leaves-walnut', 20), aroundOn(40), 'stunted')[0]!.id).toBe('walnut')
  })
})
