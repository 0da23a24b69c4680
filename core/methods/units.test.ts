import { describe, expect, it } from 'vitest'
import { ALL_CASES } from '../../test/builders/method-cases'
import { pictureWords } from '../picture/words'
import { completed, type Question } from '../questions/question'
import { seededRandom } from '../random/random'
import type { BegunBatch } from '../journal/garden'
import type { UnitSystem } from '../units/system'
import { wordsIn, type Words } from '../units/words'
import { batchProposal, type Method, type Pad, type Surroundings } from './contract'

const SEEDS = Array.from({ length: 14 }, (_, seed) => seed)

const WORDS = new Set(['label', 'hint', 'how'])

/** Everything that is written to be read, wherever it lies; ids, units of fields and drawings are not. */
function sentencesIn(told: unknown, units: UnitSystem): string[] {
  if (typeof told === 'string') return [told]
  if (told === null || typeof told !== 'object' || told instanceof Date || ArrayBuffer.isView(told)) return []
  return Object.entries(told).flatMap(([name, inner]) => {
    if (name === 'drawn' || name === 'icon' || name === 'unit' || name === 'kind' || /id$/i.test(name)) return []
    return WORDS.has(name) && typeof inner === 'function' ? [wordsIn(inner as Words, units)] : sentencesIn(inner, units)
  })
}

/** What a pad says: as it stands, and of anything that can be recorded with it. */
function padSays(pad: Pad, batch: BegunBatch, around: Surroundings): unknown {
  switch (pad.kind) {
    case 'gauge': {
      const { quantity } = pad
      const { spots, limits } = quantity
      const answers = [0.1, 0.4, 0.8].map(share =>
        quantity.answer?.(batch, around, { [spots[0].id]: limits[0] + share * (limits[1] - limits[0]) }))
      return [quantity, answers]
    }
    case 'sense': return pad.sense
    case 'deed': {
      const answers = completed(pad.deed.asks, {})
      return [pad.deed, pad.deed.words(answers, around), pad.deed.said(batch, answers, around)]
    }
    case 'put': return pad.put
    case 'feed': {
      const fed = pad.feed.usual(batch, around)
      const cover = pad.feed.coverFor(batch, around, fed)
      return [
        pad.feed.label, cover.words, pad.feed.pockets(batch, around), pad.feed.answer(batch, around, fed, cover.ingredient),
        pad.feed.cautions(fed),
      ]
    }
    case 'use': return [pad.use.label, pad.use.cautions(batch, around)]
  }
}

/** Everything that a method can say of a plan and a batch. */
function everythingSaid({ face, plan, life }: Method, batch: BegunBatch, around: Surroundings): unknown[] {
  const { diagnosis, ripeness, pipeline } = life
  const asked: readonly Question[] = plan.asks(batch.began.approachId)
  const symptoms = diagnosis?.symptoms ?? []
  const planned = batchProposal(batch, around.materials)
  const drafts = [planned, { ...planned, ingredients: [] }].map(proposal => plan.draft(proposal, around))
  return [
    face, asked, drafts, life.takeCautions, life.pads.map(pad => padSays(pad, batch, around)), life.standing(batch, around),
    life.windows(batch, around),
    life.tasks(batch, around),
    life.told(batch, around),
    pictureWords(life.picture(batch, around), around.units),
    life.charts(batch, around).map(({ title, marksAre, note }) => [title, marksAre, note]), life.facts(batch, around),
    life.gates(batch, around),
    life.bands?.(batch, around), life.guide?.(batch, around), life.outputs(batch, around), symptoms,
    ...symptoms.map(({ id }) => diagnosis!.causes(batch, around, [id])), diagnosis?.causes(batch, around, []),
    ripeness && [ripeness.tests(batch, around), ripeness.stages(batch, around), ripeness.notes(batch, around)],
    pipeline && pipeline([batch], around),
  ]
}

/** No metric word has a place in a garden of gallons, and none of gallons in one of litres. */
const STRANGE: Readonly<Record<UnitSystem, RegExp>> = {
  us: /\d\s?(°C|cm|mm|m²|m|kg|g|L|ml)(?![a-zA-Z])|\b(centi|milli)?metres?\b|\b(milli)?lit(re|er)s?\b|\b(kilo)?gram(me)?s?\b/i,
  metric: /\d\s?(°F|in(?! [a-z])|lb|gal|oz|sq ft)(?![a-zA-Z])|\b(inch(es)?|\d feet|pounds?|ounces?|gallons?|quarts?)\b/i,
}

describe.each(ALL_CASES.map(cases => [cases.method.id, cases] as const))('%s', (_, { method, standing }) => {
  it.each(['us', 'metric'] as const)('says everything in the units of a gardener who measures in %s', (units) => {
    const strange = new Set<string>()
    for (const seed of SEEDS) {
      const { batch, surroundings } = standing(seededRandom(seed))
      for (const sentence of sentencesIn(everythingSaid(method, batch, { ...surroundings, units }), units))
        // A function that was written into a sentence would be read as one.
        if (STRANGE[units].test(sentence) || /=>|function|undefined|\[object/.test(sentence)) strange.add(sentence)
    }
    expect([...strange].map(text => text.slice(0, 160))).toEqual([])
  })
})
