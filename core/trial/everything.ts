import { endOfDay } from 'date-fns'
import { askedOf } from '../garden/round'
import type { BegunBatch } from '../journal/garden'
import { batchProposal, evidenceOf, fitFor, type Life, type Method, type Pad, type Ripeness, type Surroundings } from '../methods/contract'
import { usualAnswers } from '../questions/question'
import { batchStock } from '../year/stocks'

/** One thing that a page asks of a batch, by the name of whatever shows it. */
export interface Asked { readonly what: string, readonly ask: () => unknown }

function ofPad(pad: Pad, batch: BegunBatch, around: Surroundings): unknown {
  if (pad.fits && !pad.fits(batch)) return undefined
  switch (pad.kind) {
    case 'gauge': {
      const expected = pad.quantity.expected(batch, around)
      return [expected, pad.quantity.answer?.(batch, around, expected)]
    }
    case 'sense': return undefined
    case 'deed': {
      const answers = usualAnswers(pad.deed.asks)
      return [pad.deed.said(batch, answers, around), pad.deed.words(answers, around)]
    }
    case 'put': return pad.put.usual?.(batch, around)
    case 'feed': {
      const fed = pad.feed.usual(batch, around)
      const cover = pad.feed.coverFor(batch, around, fed)
      return [
        fed, cover, pad.feed.pockets(batch, around), pad.feed.answer(batch, around, fed, cover.ingredient), pad.feed.cautions(fed),
      ]
    }
    case 'use': return [pad.use.parts(batch, around), pad.use.left(batch), pad.use.cautions(batch, around)]
  }
}

function ofRipeness(ripeness: Ripeness, life: Life, batch: BegunBatch, around: Surroundings): readonly Asked[] {
  const ripening = { ...life, ripeness }
  return [
    { what: 'ripeness', ask: () => [ripeness.tests(batch, around), ripeness.stages(batch, around), ripeness.notes(batch, around)] },
    { what: 'fit', ask: () => [evidenceOf(ripening, batch, around), fitFor(ripening, batch, around)] },
  ]
}

/** What was recorded of a batch, in the words of its log. */
function logOf({ pads }: Life, batch: BegunBatch, around: Surroundings): unknown {
  return batch.did.map(({ deed, answers }) =>
    pads.flatMap(pad => (pad.kind === 'deed' && pad.deed.id === deed ? [pad.deed.words(answers, around)] : [])))
}

/** Everything that pages ask of a batch, each by itself: what tries a garden out calls them all, and so does every test of them. */
export function everythingOf(batch: BegunBatch, method: Method, around: Surroundings): readonly Asked[] {
  const { life, plan } = method
  const { ripeness, forecaster, diagnosis } = life
  const middle = () => Math.floor(life.lastDay(batch, around) / 2)
  return [
    { what: 'situation', ask: () => life.situate(batch, around) },
    { what: 'standing', ask: () => life.standing(batch, around) },
    { what: 'windows', ask: () => life.windows(batch, around) },
    { what: 'tasks', ask: () => askedOf(batch, method, around) },
    { what: 'tasks tonight', ask: () => askedOf(batch, method, { ...around, now: endOfDay(around.now) }) },
    { what: 'picture', ask: () => life.picture(batch, around) },
    { what: 'picture on another day', ask: () => [life.picture(batch, around, middle()), life.told(batch, around, middle())] },
    { what: 'from above', ask: () => life.fromAbove?.(batch, around) },
    { what: 'told', ask: () => life.told(batch, around) },
    { what: 'last day', ask: () => life.lastDay(batch, around) },
    { what: 'charts', ask: () => life.charts(batch, around) },
    { what: 'facts', ask: () => life.facts(batch, around) },
    { what: 'gates', ask: () => life.gates(batch, around) },
    { what: 'bands', ask: () => life.bands?.(batch, around) },
    { what: 'guide', ask: () => life.guide?.(batch, around) },
    { what: 'outputs', ask: () => life.outputs(batch, around) },
    { what: 'prospects', ask: () => batchStock(batch, method, around) },
    { what: 'went in', ask: () => life.alsoWentIn?.(batch, around.units) },
    { what: 'bed', ask: () => life.becomesBed?.(batch, around) },
    { what: 'pipeline', ask: () => life.pipeline?.([batch], around) },
    { what: 'noticed', ask: () => diagnosis?.causes(batch, around, diagnosis.noticed(batch, around)) },
    // What is over is not asked what is wrong with it.
    { what: 'causes', ask: () => batch.ended ? [] : diagnosis?.causes(batch, around, diagnosis.symptoms.map(({ id }) => id)) },
    ...(ripeness ? ofRipeness(ripeness, life, batch, around) : []),
    { what: 'question', ask: () => forecaster?.ask(batch, around) },
    { what: 'sheet', ask: () => plan.draft(batchProposal(batch, around.materials), around) },
    { what: 'log', ask: () => logOf(life, batch, around) },
    ...life.pads.map((pad, at): Asked => ({ what: `pad ${at}`, ask: () => ofPad(pad, batch, around) })),
  ]
}
