import { describe, expect, it } from 'vitest'
import { ALL_CASES } from '../../test/builders/method-cases'
import { surroundingsOn } from '../../test/builders/heaps'
import { inputsOf } from '../journal/garden'
import { findMaterial } from '../materials/book'
import { pictureWords } from '../picture/words'
import { completed, type Question } from '../questions/question'
import { seededRandom } from '../random/random'
import { wordsIn } from '../units/words'
import { siteAreaM2 } from '../vessel/site'
import { findMethod, METHODS } from '.'
import { approachOf, batchProposal, deedOf, padFace, questionKey, sensesOf, type Pad, balancedOf } from './contract'
import type { Range } from '../units/range'

const seeds = Array.from({ length: 25 }, (_, seed) => seed)
const ids = (all: readonly { readonly id: string }[]) => all.map(({ id }) => id)
const unique = (all: readonly string[]) => expect(new Set(all).size).toBe(all.length)
const ordered = ({ low, typical, high }: Range) => [low, typical, high].every(Number.isFinite) && low <= typical && typical <= high
const said = (text: string) => expect(text.trim().length, text).toBeGreaterThan(2)

function soundQuestion(question: Question): void {
  expect(question.id).toMatch(/^[\w.-]+$/)
  for (const units of ['metric', 'us'] as const) said(wordsIn(question.label, units))
  if (question.kind !== 'choice') return
  expect(question.choices.length).toBeGreaterThan(1)
  unique(ids(question.choices))
}

describe('the methods', () => {
  it('are known by ids of their own, and nothing else is', () => {
    unique(ids(METHODS))
    for (const method of METHODS) expect(findMethod(method.id)).toBe(method)
    expect(findMethod('made-of-moonlight')).toBeUndefined()
  })

  it('each have cases for this suite', () => {
    for (const { id } of METHODS) expect(ids(ALL_CASES.map(({ method }) => method))).toContain(id)
  })
})

/** Everything that is written to be read, wherever it lies. */
function sentencesIn(told: unknown): string[] {
  if (typeof told === 'string') return [told]
  if (told === null || typeof told !== 'object' || told instanceof Date || ArrayBuffer.isView(told)) return []
  return Object.values(told).flatMap(sentencesIn)
}
/** Pieces of char are sieved by millimetres everywhere; no other metric word has a place in a garden of gallons. */
const METRIC = /\d\s?(°C|cm|m²|kg|L)(?![a-zA-Z])|square met(re|er)/

/** What every method owes the screens, whatever it is. */
describe.each(ALL_CASES.map(cases => [cases.method.id, cases] as const))('%s', (_, cases) => {
  const { method } = cases
  const faces = method.life.pads.map((pad: Pad) => padFace(pad))

  it('has schools, sites, words and pads of its own', () => {
    expect(method.face.approaches.length).toBeGreaterThan(0)
    unique(ids(method.face.approaches))
    expect(approachOf(method.face, 'no-such-school')).toBe(method.face.approaches[0])
    expect(method.plan.sites.length).toBeGreaterThan(0)
    for (const site of method.plan.sites) expect(siteAreaM2(site)).toBeGreaterThan(0)
    unique(ids(faces))
    for (const { id, label, icon } of faces) {
      expect(id).toMatch(/^[\w.-]+$/)
      said(label)
      expect(icon).toMatch(/^i-ph-/)
    }
    for (const text of Object.values(method.face.words)) said(text)
    expect(ordered(method.face.choosing.weeks) && ordered(method.face.choosing.minutesAWeek)).toBe(true)
    expect(method.face.choosing.purposes.length).toBeGreaterThan(0)
    for (const { id } of method.face.approaches) {
      unique(ids(method.plan.asks(id)))
      method.plan.asks(id).forEach(soundQuestion)
    }
  })

  it('asks senses that can be answered, and every answer says what it means', () => {
    for (const sense of sensesOf(method.life)) {
      unique(ids(sense.findings))
      expect(sense.findings.some(({ sign }) => sign === 'good')).toBe(true)
      for (const { id, answer } of sense.findings) {
        expect(id).toMatch(/^[\w.-]+$/)
        said(answer)
      }
    }
  })

  it('gauges within limits and at spots, and its deeds ask what can be asked', () => {
    for (const pad of method.life.pads) {
      if (pad.kind === 'gauge') {
        expect(pad.quantity.limits[0]).toBeLessThan(pad.quantity.limits[1])
        unique(ids(pad.quantity.spots))
        for (const spot of pad.quantity.spots) expect(spot.said).toContain('{}')
      }
      if (pad.kind === 'deed') {
        unique(ids(pad.deed.asks))
        pad.deed.asks.forEach(soundQuestion)
        said(pad.deed.words(completed(pad.deed.asks, {}), surroundingsOn(0)))
      }
    }
  })

  it('drafts what is planned: a verdict, steps with cautions, a picture that can be said, finite figures in both systems', () => {
    for (const seed of seeds) {
      const proposal = cases.proposal(seededRandom(seed))
      for (const units of ['metric', 'us'] as const) {
        const draft = method.plan.draft(proposal, { ...surroundingsOn(0), units })
        said(draft.verdict.text)
        said(draft.summary)
        expect(draft.steps.length).toBeGreaterThan(0)
        expect(draft.steps.some(({ cautions }) => cautions.length > 0)).toBe(true)
        // Told in the order of the days: before it, while it is built, when it stands.
        const order = draft.steps.map(({ when }) => ['before', 'building', 'after'].indexOf(when))
        expect(order, draft.steps.map(({ title }) => title).join()).toEqual([...order].sort())
        if (draft.recipe) expect(order).toContain(1)
        expect(draft.waterL).toBeGreaterThanOrEqual(0)
        expect(draft.work.every(({ minutes }) => ordered(minutes))).toBe(true)
        for (const { litres, from, to } of draft.gives) {
          expect(ordered(litres)).toBe(true)
          expect(from.getTime()).toBeLessThanOrEqual(to.getTime())
        }
        said(pictureWords(draft.picture, units))
        expect(JSON.stringify(draft)).not.toMatch(/NaN|Infinity|undefined/)
      }
    }
  })

  it('speaks in gallons, inches and degrees Fahrenheit where the gardener does', () => {
    for (const seed of seeds) {
      const { batch, surroundings } = cases.standing(seededRandom(seed))
      const around = { ...surroundings, units: 'us' as const }
      const look = method.life
      const { verdict, facts, warnings, steps, summary } = method.plan.draft(cases.proposal(seededRandom(seed)), around)
      const told = [
        verdict, facts, warnings, steps, summary, look.standing(batch, around), look.windows(batch, around), look.tasks(batch, around),
        look.facts(batch, around), look.charts(batch, around).map(({ title, marksAre, note }) => [title, marksAre, note]),
      ]
      for (const sentence of sentencesIn(told)) expect(sentence).not.toMatch(METRIC)
    }
  })

  it('looks at a batch at any time of its life: windows in order, tasks of its own, nothing that is no number', () => {
    for (const seed of seeds) {
      const { batch, surroundings } = cases.standing(seededRandom(seed))
      const look = method.life
      const standing = look.standing(batch, surroundings)
      said(standing.label)
      said(standing.sentence)
      const windows = look.windows(batch, surroundings)
      unique(ids(windows))
      for (const { from, to } of windows) expect(from.getTime(), `seed ${seed}`).toBeLessThanOrEqual(to.getTime())
      const tasks = look.tasks(batch, surroundings)
      unique(ids(tasks))
      for (const { due, until, reason, batchId, doing } of tasks) {
        expect(due.getTime()).toBeLessThanOrEqual(until.getTime())
        expect(reason.length).toBeGreaterThan(10)
        expect(batchId).toBe(batch.id)
        if (doing.kind === 'pad') expect(ids(faces)).toContain(doing.pad)
        if (doing.kind === 'deed') expect(deedOf(method.life, doing.deed)).toBeDefined()
        if (doing.kind === 'again') {
          const asked = method.plan.asks(batch.began.approachId)
          expect(ids(asked)).toEqual(expect.arrayContaining(Object.keys(doing.answers)))
          expect(completed(asked, doing.answers)).toMatchObject(doing.answers)
        }
        if (doing.kind === 'page' && doing.page === 'ready') expect(method.life.ripeness).toBeDefined()
        if (doing.kind === 'page' && doing.page === 'wrong') expect(method.life.diagnosis).toBeDefined()
      }
      for (const day of [undefined, 0, look.lastDay(batch, surroundings)]) {
        const picture = look.picture(batch, surroundings, day)
        expect(picture.widthM > 0 && picture.heightM > 0).toBe(true)
        expect(JSON.stringify(picture)).not.toMatch(/null/)
        said(pictureWords(picture, 'metric'))
        expect(look.told(batch, surroundings, day)).not.toMatch(/NaN|undefined/)
      }
      for (const chart of look.charts(batch, surroundings)) {
        expect(chart.expected.every(ordered)).toBe(true)
        expect([...chart.expected, ...chart.atStart].every(({ at }) => Number.isFinite(at))).toBe(true)
      }
      expect(look.gates(batch, surroundings).every(({ reason }) => reason.length > 10)).toBe(true)
      for (const { materialId, expectedL } of look.outputs(batch, surroundings)) {
        expect(findMaterial(materialId), materialId).toBeDefined()
        if (expectedL !== undefined) expect(Number.isFinite(expectedL) && expectedL >= 0).toBe(true)
      }
      for (const { windowId, materialId, serves, litres } of look.prospects?.(batch, surroundings) ?? []) {
        expect(ids(windows), `seed ${seed}`).toContain(windowId)
        expect(serves ?? findMaterial(materialId ?? ''), materialId).toBeDefined()
        expect(litres.low > 0 && litres.low <= litres.typical && litres.typical <= litres.high && Number.isFinite(litres.high)).toBe(true)
      }
      for (const pad of method.life.pads) {
        if (pad.kind === 'gauge') expect(Object.values(pad.quantity.expected(batch, surroundings)).every(Number.isFinite)).toBe(true)
        if (pad.kind === 'use') {
          const { low, usual, high } = pad.use.parts(batch, surroundings)
          expect(pad.use.left(batch)).toBeGreaterThanOrEqual(0)
          expect(low <= usual && usual <= high).toBe(true)
        }
      }
    }
  })

  it('asks nothing of a batch that has ended, and still shows it', () => {
    for (const seed of seeds) {
      const { batch, surroundings } = cases.ended(seededRandom(seed))
      expect(batch.ended).toBeDefined()
      expect(method.life.tasks(batch, surroundings)).toEqual([])
      expect(method.life.prospects?.(batch, surroundings) ?? []).toEqual([])
      said(method.life.standing(batch, surroundings).label)
      said(pictureWords(method.life.picture(batch, surroundings), 'metric'))
    }
  })

  it('drafts a batch again from what was recorded of it', () => {
    for (const seed of seeds.slice(0, 8)) {
      const { batch, surroundings } = cases.standing(seededRandom(seed))
      const proposal = batchProposal(batch, surroundings.materials)
      expect(proposal.ingredients.length).toBe(inputsOf({ puts: batch.puts.filter(({ atStart }) => atStart) }).length)
      expect(method.plan.draft(proposal, surroundings).steps.length).toBeGreaterThan(0)
    }
  })

  it.runIf(method.life.forecaster)('asks the same question of the same batch, and another when it is told more', () => {
    const { batch, surroundings } = cases.standing(seededRandom(1))
    const ask = (of: typeof batch) => method.life.forecaster!.ask(of, surroundings)
    const question = ask(batch)
    expect(question && structuredClone(question)).toEqual(question)
    expect(question && questionKey(question)).toBe(questionKey(ask({ ...batch })!))
  })

  it.runIf(method.life.diagnosis)('names causes with their reasons for every symptom that is not good', () => {
    const { batch, surroundings } = cases.standing(seededRandom(2))
    const { symptoms, causes, noticed } = method.life.diagnosis!
    unique(ids(symptoms))
    for (const { id, good } of symptoms.filter(one => !one.good)) {
      const found = causes(batch, surroundings, [id])
      expect(good).toBeUndefined()
      for (const { likelihood, title, remedy } of found) {
        expect(likelihood > 0 && likelihood <= 1).toBe(true)
        said(title)
        said(remedy.text)
        expect(remedy.deeds.every(deed => deedOf(method.life, deed) !== undefined)).toBe(true)
      }
    }
    expect(noticed(batch, surroundings).every(one => ids(symptoms).includes(one))).toBe(true)
  })

  it.runIf(balancedOf(method))('keeps comfort in order', () => {
    for (const { id } of method.face.approaches) {
      const { carbonToNitrogen, moistureFraction } = balancedOf(method)!.mixing.comfort(id)
      expect(carbonToNitrogen.low).toBeLessThan(carbonToNitrogen.high)
      expect(moistureFraction.low).toBeLessThanOrEqual(moistureFraction.target)
      expect(moistureFraction.target).toBeLessThan(moistureFraction.high)
    }
  })
})
