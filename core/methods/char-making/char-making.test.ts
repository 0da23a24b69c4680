import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { afterDays, aroundOn, begun, did, gauged, input, took } from '../../../test/builders/batches'
import type { NewEvent } from '../../journal/event'
import { findMaterial } from '../../materials/book'
import { completed } from '../../questions/question'
import { stepNow, type Proposal, type Surroundings } from '../contract'
import { charMaking } from '.'
import { priceText } from './compare'
import { diagnosis } from './diagnosis'
import { goingOf } from './go'
import { ownBurns } from './own'
import { roundsToGo } from './said'
import { fromShown, toShown } from '../../units/system'
import { sitesOf } from './sites'
import { theBurn } from './state'
import { atHandL } from './water'
import { wayOf } from './ways'
import * as words from './words'

const SACK = { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 }
const MINUTE = 1 / 1440
const GO = {
  ground: 'bare', rules: 'allowed', wind: 'still', drought: 'damp', wood: 'snaps', neighbours: 'told', water: 'cans', waterL: 200,
}
const FIRE = { needL: 100, units: 'metric', can: aroundOn(0).garden.waterCan, lostL: () => 4 } as const
const fireIn = (units: 'metric' | 'us', needL: number) => ({ ...FIRE, units, needL })
const burn = (since: readonly NewEvent[] = [], approachId = 'top-lit', answers: Record<string, number | string> = {}, sacks = 2) =>
  begun(
    {
      methodId: charMaking.id, approachId, site: sitesOf(approachId)[0]!,
      answers: { ...completed(charMaking.plan.asks(approachId), answers) },
      inputs: wayOf(approachId).bought ? [] : [input('wood-dry', sacks, SACK)],
    },
    since,
  )
const proposal = (approachId: string, answers: Record<string, number | string> = {}, stuff = 'wood-dry', sacks = 2): Proposal => ({
  site: sitesOf(approachId)[0]!, approachId, answers: completed(charMaking.plan.asks(approachId), answers), waterL: 0, volumeL: 0,
  ingredients: sacks > 0 ? [{ material: findMaterial(stuff)!, amount: { count: sacks, container: SACK, packing: 'loose' } }] : [],
})
const draft = (
  approachId: string, answers: Record<string, number | string> = {}, stuff = 'wood-dry', sacks = 2, around: Surroundings = aroundOn(0),
) => charMaking.plan.draft(proposal(approachId, answers, stuff, sacks), around)
const actions = (batch: ReturnType<typeof burn>, day: number) => charMaking.life.tasks(batch, aroundOn(day)).map(({ action }) => action)
const stepAt = (batch: ReturnType<typeof burn>, day: number) => {
  const guide = charMaking.life.guide!(batch, aroundOn(day))
  return guide && stepNow(guide)
}

describe('go or no-go', () => {
  it('is go only when all of it was answered and nothing speaks against it', () => {
    expect(goingOf(GO, FIRE)).toEqual({ go: true, stops: [], minds: [] })
    expect(goingOf({}, FIRE).stops[0]).toBe(
      'Not said: where it stands, the rules, the wind, the ground, how dry the wood is, the neighbours, the water.',
    )
  })

  it.each([
    ['ground', 'near', /Too near/],
    ['ground', 'roofed', /carbon monoxide/],
    ['rules', 'banned', /not allowed/],
    ['rules', 'unknown', /ask the local authority/],
    ['wind', 'strong', /Too much wind/],
    ['drought', 'parched', /rained well/],
    ['neighbours', 'smoked', /windows/],
    ['wood', 'bends', /36 % water: it would smoke for hours/],
  ])('%s “%s” stops it', (id, answer, reason) => {
    const going = goingOf({ ...GO, [id]: answer }, FIRE)
    expect(going.go).toBe(false)
    expect(going.stops).toHaveLength(1)
    expect(going.stops[0]).toMatch(reason)
  })

  it('minds light wind, dry ground and neighbours who do not know, and is stopped by too little water', () => {
    expect(goingOf({ ...GO, wind: 'light', drought: 'dry', neighbours: 'not-told' }, FIRE)).toMatchObject({
      go: true, minds: { length: 3 },
    })
    expect(goingOf({ ...GO, waterL: 40 }, FIRE).stops).toEqual([
      expect.stringMatching(/^40.L of water at hand: a hose that runs, or 10 cans of water \(100.L\) first\.$/),
    ])
    expect(goingOf({ ...GO, water: 'none' }, FIRE).stops).toEqual([expect.stringMatching(/^No water at hand/)])
    expect(goingOf({ ...GO, water: 'hose', waterL: 0 }, FIRE).go).toBe(true)
  })

  it('asks how dry the wood is at the fire: above a quarter water it stops, above a fifth it says what that costs', () => {
    // A meter reads water by dry wood: u / (1 + u) of the wet mass. 60 % are 37.5 %, 34 % are 25.4 %, 33 % are 24.8 %, 25 % are 20 %.
    const by = (woodPct: number) => goingOf({ ...GO, wood: 'meter', woodPct }, FIRE)
    expect(by(60).stops).toEqual([expect.stringMatching(/38 % water/)])
    // 25.4 % is above a quarter, and is said so.
    expect(by(34).stops).toEqual([expect.stringMatching(/26 % water.*Not above 25 %/)])
    expect(by(33)).toMatchObject({ go: true, minds: [expect.stringMatching(/At 25 % water it smokes at first, and gives about 4.L less/)] })
    expect(by(25)).toEqual({ go: true, stops: [], minds: [] })
    expect(goingOf({ ...GO, wood: 'meter' }, FIRE).stops).toEqual([expect.stringMatching(/measure again/)])
  })

  it('never asks for more water than it says, nor says the same number twice: go exactly from what is written on', () => {
    fc.assert(
      fc.property(fc.constantFrom('metric' as const, 'us' as const), fc.double({ min: 0, max: 300, noNaN: true }), (units, stopL) => {
        const needL = atHandL(stopL, units)
        expect(needL).toBeGreaterThanOrEqual(Math.max(40, stopL) - 1e-6)
        // As it would be typed from what is read: in whole litres or gallons.
        const typed = fromShown('volume', units, Math.round(toShown('volume', units, needL)))
        expect(goingOf({ ...GO, waterL: typed }, fireIn(units, needL)).go).toBe(true)
        const less = fromShown('volume', units, Math.round(toShown('volume', units, needL)) - 1)
        const { stops: [stop] } = goingOf({ ...GO, waterL: less }, fireIn(units, needL))
        const [here, asked] = stop!.match(/[\d.]+(?=.(?:L|gal))/g)!.map(Number)
        expect(asked).toBeGreaterThan(here!)
      }))
  })

  it('holds for three hours: then wind and rules are asked again', () => {
    const checked = burn([did(0.5, words.CHECKED, GO)])
    const gate = (day: number) => charMaking.life.gates(checked, aroundOn(day))[0]!
    expect(gate(0.5 + 2.9 / 24).open).toBe(true)
    expect(gate(0.5 + 3.1 / 24)).toMatchObject({ open: false, reason: expect.stringMatching(/hours old/) })
    expect(stepAt(checked, 0.55)?.id).toBe(words.LIT)
    expect(stepAt(checked, 0.7)).toMatchObject({ id: words.CHECKED, stopped: expect.stringMatching(/check again/) })
  })

  it('under a roof is never, not even “all the same”', () => {
    const [gate] = charMaking.life.gates(burn([did(0.5, words.CHECKED, { ...GO, ground: 'roofed' })]), aroundOn(0.51))
    expect(gate).toMatchObject({ open: false, never: true })
    expect(charMaking.life.gates(burn([did(0.5, words.CHECKED, { ...GO, wind: 'strong' })]), aroundOn(0.51))[0]?.never).toBeUndefined()
  })
})

describe('before anything is lit', () => {
  it('a pot on a kitchen hearth is refused with its reason, outdoors it is not', () => {
    expect(draft('lidded-pot', { [words.WHERE]: 'indoors' }).refusal).toMatch(/carbon monoxide/)
    expect(draft('lidded-pot', { [words.WHERE]: 'indoors' }).gives).toEqual([])
    // Five litres of sticks: the tin takes six.
    expect(draft('lidded-pot', {}, 'wood-dry', 5 / 80).refusal).toBeUndefined()
  })

  it('leaves and grass are not charred', () => {
    expect(draft('top-lit', {}, 'leaves-mixed').refusal).toMatch(/Take off the bench: leaves/)
    expect(draft('lidded-pot', {}, 'peels-dry', 0.05).refusal).toBeUndefined()
  })

  it('wood that is as good as green is refused, damp wood gives less and smokes, and both are said', () => {
    expect(draft('top-lit', { [words.KNOWN_BY]: 'meter', [words.METER]: 90 }).refusal).toMatch(/green/)
    const damp = draft('top-lit', { [words.KNOWN_BY]: 'meter', [words.METER]: 54 })
    // 54 % of dry wood are 35 % of wet: it is not lit. 28 % are 22 %: it is, and that costs.
    expect(damp.verdict).toMatchObject({ grade: 'poor', text: expect.stringMatching(/35 % water it is not lit.*about \d+.L less/) })
    expect(draft('top-lit', { [words.KNOWN_BY]: 'meter', [words.METER]: 28 }).verdict).toMatchObject({
      grade: 'workable', text: expect.stringMatching(/22 % water it smokes, and gives about [\d.]+.L less/),
    })
    expect(draft('top-lit').verdict.grade).toBe('good')
    expect(damp.gives[0]!.litres.typical).toBeLessThan(draft('top-lit').gives[0]!.litres.typical * 0.9)
  })

  it('two sacks of dry wood in a barrel: about 35 L of crushed char, and the water for it', () => {
    // 160 L · 0.26 kg · (1 − 0.16) = 34.9 kg dry; a fifth, less what the last point of water costs: 6.95 kg; ÷ 0.2.
    const { gives: [gift], facts } = draft('top-lit')
    expect(gift!.litres.typical).toBeGreaterThan(34)
    expect(gift!.litres.typical).toBeLessThan(35.2)
    // Lumps take half as much again, 52 L, and about 1.3 kg boils off: 53.5 L; half of it more, for a barrel has holes: 80 L, eight cans.
    expect(facts.find(({ label }) => label === 'Water at hand')?.value).toMatch(/^a hose that runs, or 8½? cans of water \(8[01].L\)$/)
  })

  it('more than the vessel takes is the next load, a cone is fed as it burns, and numbers that cannot be are refused', () => {
    // The barrel holds 217 L, filled to 85 %: 184 L; 400 L are more than sticks that stand out.
    expect(draft('top-lit', {}, 'wood-dry', 5).refusal).toMatch(/takes 184.L at a time, and 400.L lie/)
    expect(draft('top-lit', {}, 'wood-dry', 2.5).refusal).toBeUndefined()
    expect(draft('cone', {}, 'wood-dry', 7).refusal).toBeUndefined()
    expect(draft('top-lit', { [words.KNOWN_BY]: 'weighed', [words.BEFORE]: 400, [words.AFTER]: 500 }).refusal).toMatch(/weigh again/)
    expect(draft('lump', { [words.LUMP_KG]: 0 }).refusal).toMatch(/what a bag holds/)
    expect(draft('top-lit', {}, 'chips-ramial', 1).warnings.map(({ text }) => text).join(' ')).toMatch(/come wet/)
  })

  it('a handful of wood in a barrel still takes a quarter of an hour', () => {
    expect(wayOf('top-lit').minutes({ litres: 3, heightM: 0.01, moisture: 0.15 })).toBe(15)
  })

  it('a pot of peels covers a pot plant, no bed', () => {
    expect(draft('lidded-pot', { [words.WANTED]: 40 }, 'peels-dry', 0.06).verdict.text).toMatch(/a few pots, not for a bed/)
  })

  it('invasive stems are burnt where they grew', () => {
    expect(draft('top-lit', {}, 'stems-invasive').warnings.map(({ text }) => text).join(' ')).toMatch(/where it grew/)
  })

  it('seven ways side by side, prices only where they were said, what is too little at a time named', () => {
    const { compared } = draft('top-lit', { [words.BUYING]: 'yes', [words.LUMP_KG]: 10, [words.LUMP_PRICE]: 15 })
    expect(compared!.rows).toHaveLength(7)
    const row = (id: string) => compared!.rows.find(({ approachId }) => approachId === id)!
    expect(row('lump').cells[2]).toBe('0.33 a litre')
    expect(row('horticultural').cells[2]).toBe('say what a bag costs')
    expect(row('embers')).toMatchObject({ fits: false, but: 'too little at a time' })
    expect(
      draft('lidded-pot', { [words.WHERE]: 'indoors' })
        .compared!.rows.filter(({ but }) => but === 'not indoors')
        .map(({ approachId }) => approachId),
    ).toEqual(['top-lit', 'cone', 'lidded-pot', 'smother'])
  })

  it('a price is the same whatever it is written in: by the gallon 3.785 times that by the litre', () => {
    fc.assert(fc.property(fc.double({ min: 1, max: 60, noNaN: true }), fc.double({ min: 5, max: 400, noNaN: true }), (kg, price) => {
      const number = (text: string) => Number(text.replace(/[^\d.]/g, ''))
      const offer = { sold: 'weight', kg, price } as const
      const [litre, gallon] = [number(priceText(offer, 'metric')), number(priceText(offer, 'us'))]
      expect(Math.abs(gallon - litre * 3.785)).toBeLessThan(0.06)
    }))
  })
})

describe('the burn', () => {
  const lit = [did(0.5, words.CHECKED, GO), did(0.51, words.LIT), did(0.515, words.CHIMNEY)]

  it('is guided from one step to the next, with a clock that says when it is usually done', () => {
    const batch = burn(lit)
    const step = stepAt(batch, 0.53)!
    expect(step.id).toBe(words.DONE)
    expect(step.signs).toContain('The glow shows at the holes all round')
    // Two sacks in a barrel of 217 L: 160 of 184 L, 0.628 m; at 0.011 m a minute 57 minutes, a point of water more: 59.
    expect(step.timer!.minutes.typical).toBeGreaterThan(55)
    expect(step.timer!.minutes.typical).toBeLessThan(62)
    expect(charMaking.life.standing(batch, aroundOn(0.53)).phase).toBe('burning')
    expect(charMaking.life.windows(batch, aroundOn(0.53))[0]?.id).toBe('done')
  })

  it('usual minutes by hand: 60 cm of dry wood in a barrel 55, a cone of 170 L an hour, a pot of 10 L 100; ten points of water more a '
    + 'third longer', () => {
    const minutes = (id: string, litres: number, heightM: number, moisture = 0.15) => wayOf(id).minutes({ litres, heightM, moisture })
    expect(minutes('top-lit', 0, 0.6)).toBeCloseTo(0.6 / 0.011, 6)
    expect(minutes('cone', 170, 0.3)).toBeCloseTo(60, 6)
    expect(minutes('lidded-pot', 10, 0.2)).toBeCloseTo(100, 6)
    expect(minutes('smother', 300, 0.5)).toBeCloseTo(300, 6)
    expect(minutes('cone', 170, 0.3, 0.25)).toBeCloseTo(78, 6)
    expect(minutes('cone', 170, 0.3, 0.05)).toBeCloseTo(60, 6)
  })

  it('then quenching presses, two looks twelve hours apart are asked for, and warmth brings it back', () => {
    const done = [...lit, did(0.55, words.DONE)]
    expect(actions(burn(done), 0.551)).toEqual(['quench'])
    const quenched = [...done, did(0.553, words.QUENCHED, { litres: 60 }), did(0.56, words.SPREAD)]
    // Due four hours after it was quenched.
    expect(charMaking.life.tasks(burn(quenched), aroundOn(0.6))).toMatchObject([{ action: words.EVENING, urgency: 'usual' }])
    expect(charMaking.life.tasks(burn(quenched), aroundOn(0.6))[0]!.due.getTime() - Date.parse(afterDays(0.553))).toBe(4 * 3_600_000)
    expect(charMaking.life.tasks(burn(quenched), aroundOn(0.553 + 4.1 / 24))).toMatchObject([{ action: words.EVENING, urgency: 'now' }])
    const warm = [...quenched, did(0.73, words.EVENING, { found: 'warm' })]
    expect(charMaking.life.standing(burn(warm), aroundOn(0.74))).toMatchObject({ phase: 'hot-again', tone: 'bad' })
    const drowned = [...warm, did(0.75, words.QUENCHED, { litres: 30 }), did(0.8, words.EVENING, { found: 'cold' })]
    expect(charMaking.life.standing(burn(drowned), aroundOn(0.9)).phase).toBe('cooling')
    expect(actions(burn(drowned), 1.5)).toEqual([words.MORNING])
    // Eleven hours after the first cold look do not count, thirteen do.
    expect(charMaking.life.standing(burn([...drowned, did(0.8 + 11 / 24, words.MORNING, { found: 'cold' })]), aroundOn(1.5)).phase).toBe(
      'cooling',
    )
    expect(charMaking.life.standing(burn([...drowned, did(0.8 + 13 / 24, words.MORNING, { found: 'cold' })]), aroundOn(1.5)).phase).toBe(
      'to-crush',
    )
  })

  it('is worked up in order: test, rinse until neutral, crush, store', () => {
    const cold = [
      ...lit,
      did(0.55, words.DONE),
      did(0.553, words.QUENCHED, { litres: 60 }),
      did(0.8, words.EVENING, { found: 'cold' }),
      did(1.4, words.MORNING, { found: 'cold' }),
    ]
    expect(actions(burn(cold), 1.5)).toEqual(['snap'])
    const tested = [
      ...cold,
      did(1.5, words.SNAPPED, { snaps: 'yes', streak: 'yes', tar: 'no' }),
      did(1.51, words.ASHED, { kg: 0.4 }),
      gauged(1.6, words.RINSE, 'water', 9.4),
    ]
    expect(actions(burn(tested), 1.7)).toEqual(['rinse'])
    const neutral = [...tested, gauged(1.8, words.RINSE, 'water', 8.6), gauged(1.9, words.RINSE, 'water', 7.8)]
    expect(actions(burn(neutral), 2)).toEqual(['crush'])
    const crushed = burn([...neutral, did(2, words.CRUSHED, { beforeL: 42, afterL: 28, coarsePct: 25, finePct: 25, mask: 'yes' })])
    expect(actions(crushed, 2.1)).toEqual(['take'])
    const outputs = charMaking.life.outputs(crushed, aroundOn(2.1))
    expect(outputs.map(({ materialId }) => materialId)).toEqual(['biochar-crushed', 'char-coarse', 'char-unfinished', 'wood-ash'])
    expect(outputs.map(({ expectedL }) => expectedL)).toEqual([21, 7, undefined, undefined])
    const facts = charMaking.life.facts(crushed, aroundOn(2.1))
    expect(facts.find(({ label }) => label === 'Rinsed')?.value).toBe('pH 9.4, 8.6, 7.8')
    // 0.4 kg of ash beside 28 L · 0.2 kg.
    expect(facts.find(({ label }) => label === 'Ash')?.value).toMatch(/7 % of all/)
  })

  it('counts the rounds of rinsing still to go by how the last one brought it down', () => {
    expect(roundsToGo([9.4])).toBeUndefined()
    expect(roundsToGo([9.8, 9])).toBe(2)
    expect(roundsToGo([9.4, 8.6, 7.9])).toBe(0)
    expect(roundsToGo([9, 9])).toBeUndefined()
  })

  it('a bag needs no fire: it is crushed at once, and has no ash of its own', () => {
    const bag = burn([], 'lump')
    expect(charMaking.life.guide!(bag, aroundOn(0.1))).toBeUndefined()
    expect(charMaking.life.gates(bag, aroundOn(0.1))).toEqual([])
    expect(actions(bag, 0.1)).toEqual(['snap'])
    expect(charMaking.life.outputs(bag, aroundOn(0.1)).map(({ materialId }) => materialId)).toEqual(['biochar-crushed', 'char-coarse'])
  })
})

describe('learned from own burns', () => {
  const past = (minutes: number, afterL: number) =>
    burn([
      did(0.5, words.LIT), did(0.5 + minutes * MINUTE, words.DONE), did(3, words.CRUSHED, { beforeL: afterL * 1.5, afterL }),
      took(3, [['biochar-crushed', 1, { id: 'l', name: 'l', plural: 'l', volumeL: afterL }]], true),
    ])
  const around = (...batches: ReturnType<typeof past>[]): Surroundings => ({ ...aroundOn(20), past: () => batches })
  const way = wayOf('top-lit')

  it('two burns of 88 minutes where 59 are usual move the next one there, and narrow it', () => {
    const usual = way.minutes(theBurn(burn(), aroundOn(0)).load)
    const none = ownBurns(way, around())
    const two = ownBurns(way, around(past(1.5 * usual, 40), past(1.5 * usual, 40)))
    expect(two.minutes.from).toBe(2)
    // Precision 1/0.33² + 2/0.2² = 59.2; mean ln 1.5 · (50 / 59.2) = 0.3425.
    expect(Math.log(two.minutes.typical)).toBeCloseTo(0.3425, 2)
    expect(two.minutes.high / two.minutes.low).toBeLessThan(none.minutes.high / none.minutes.low)
    expect(two.litres.typical).toBeGreaterThan(1.1)
  })

  it('only those of the same way count, and those without both times teach nothing about time', () => {
    expect(ownBurns(wayOf('cone'), around(past(80, 30))).minutes.from).toBe(0)
    const half = burn([did(0.5, words.LIT), took(3, [['biochar-crushed', 20, { id: 'l', name: 'l', plural: 'l', volumeL: 1 }]], true)])
    const learned = ownBurns(way, { ...aroundOn(20), past: () => [half] })
    expect([learned.minutes.from, learned.litres.from]).toEqual([0, 1])
  })

  it('says so where it is used, before lighting and while it burns', () => {
    const surroundings = around(past(90, 40), past(80, 38))
    expect(draft('top-lit', {}, 'wood-dry', 2, surroundings).facts.find(({ label }) => label === 'It takes')?.why).toMatch(
      /2 burns of your own/,
    )
    const burning = burn([did(0.5, words.CHECKED, GO), did(0.51, words.LIT)])
    expect(charMaking.life.windows(burning, { ...surroundings, now: new Date(afterDays(0.52)) })[0]?.reasons[0]).toMatch(/2 burns/)
  })
})

describe('what is wrong with a burn', () => {
  const lit = (minutes?: number) => [
    did(0.5, words.CHECKED, GO), did(0.51, words.LIT), ...(minutes === undefined ? [] : [did(0.51 + minutes * MINUTE, words.DONE)]),
  ]
  const first = (batch: ReturnType<typeof burn>, symptom: string) => diagnosis.causes(batch, aroundOn(0.7), [symptom])[0]?.id

  it('is told apart by the wood, the clock and the wind', () => {
    expect(first(burn(lit(), 'top-lit', { [words.KNOWN_BY]: 'bends' }), 'smoke')).toBe('damp')
    const usual = theBurn(burn(lit()), aroundOn(0.52)).minutes.typical
    expect(first(burn(lit(2 * usual)), 'ash')).toBe('late')
    expect(first(burn(lit(0.5 * usual)), 'brown')).toBe('early')
    expect(first(burn(lit(usual)), 'brown')).not.toBe('early')
  })

  it('says beside each remedy at the fire what can hurt', () => {
    const said = { smoke: /neighbours, or the wind gets up: end it/, hot: /lights again for a day/, tar: /nowhere near what is eaten/ }
    for (const [symptom, caution] of Object.entries(said)) {
      const causes = diagnosis.causes(burn(lit()), aroundOn(0.52), [symptom])
      expect(causes.map(one => one.caution ?? '').join(' '), symptom).toMatch(caution)
    }
  })
})

describe('embers of many evenings', () => {
  const first = [
    did(0.8, words.PICKED), did(0.81, words.QUENCHED), did(1.5, words.EVENING, { found: 'cold' }),
    did(2.1, words.MORNING, { found: 'cold' }),
  ]
  const cold = (batch: ReturnType<typeof burn>, day: number) =>
    charMaking.life.gates(batch, aroundOn(day)).find(({ id }) => id === words.COLD)?.open
  const more = (day: number, came: string, litres = 2) => did(day, words.MORE, { came, litres })

  it('go into the batch that stands: glowing ones make all of it hot again, sifted ones do not', () => {
    expect(cold(burn(first, 'embers'), 3)).toBe(true)
    expect(cold(burn([...first, more(2.8, 'glowing')], 'embers'), 3)).toBe(false)
    expect(cold(burn([...first, more(2.8, 'sifted')], 'embers'), 3)).toBe(true)
    const looked = [...first, more(2.8, 'glowing'), did(3.5, words.EVENING, { found: 'cold' }), did(4.1, words.MORNING, { found: 'cold' })]
    expect(cold(burn(looked, 'embers'), 5)).toBe(true)
  })

  it('add up: three evenings of two litres of lumps are 2.7 L crushed beside the first, and are said', () => {
    const one = theBurn(burn(first, 'embers'), aroundOn(3)).crushedL.typical
    const batch = burn([...first, more(2.8, 'sifted'), more(3.8, 'sifted')], 'embers')
    // 4 L of lumps crush to two thirds of that.
    expect(theBurn(batch, aroundOn(4)).crushedL.typical - one).toBeCloseTo(4 * 2 / 3, 6)
    expect(charMaking.life.facts(batch, aroundOn(4)).find(({ label }) => label === 'Evenings')!.value).toBe('3 evenings')
  })

  it('are offered for embers alone', () => {
    const offered = (batch: ReturnType<typeof burn>) => charMaking.life.pads
      .filter(pad => pad.kind === 'deed' && pad.deed.id === words.MORE && (pad.fits?.(batch) ?? true)).length
    expect(offered(burn(first, 'embers'))).toBe(1)
    expect(offered(burn([did(0.5, words.CHECKED, GO), did(0.51, words.LIT), did(0.6, words.DONE)]))).toBe(0)
  })
})
