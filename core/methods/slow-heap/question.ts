import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf } from '../../mix/portion'
import { weatherFrom, type Lasting } from '../contract'
import { askedOf, deedDay, foundIn, takenL, type CourseQuestion } from '../course'
import { additionOf, type Addition } from './addition'
import type { SlowCase, SlowDeed, SlowRow } from './course'
import { isClosed, weeklyFeed } from './feeding'
import { standOf } from './sites'
import { HEIGHT, MOVED, SMELL, SQUEEZE, WARMTH } from './words'
import { SLOW } from './constants'

/** Everything that a forecast of one slow heap needs, as plain data that can be handed to a worker. */
export type SlowQuestion = CourseQuestion<SlowRow> & SlowCase

function additionsOf(batch: BegunBatch, { materials }: Lasting): Addition[] {
  return batch.puts.flatMap(({ at, inputs, waterL }) => {
    const addition = inputs.length > 0 ? additionOf(deedDay(batch, at), ingredientsOf(inputs, materials), waterL) : undefined
    return addition ? [addition] : []
  }).sort((a, b) => a.day - b.day)
}

function deedsOf(batch: BegunBatch): SlowDeed[] {
  return [
    ...batch.puts.flatMap(({ at, inputs, waterL }): SlowDeed[] =>
      inputs.length === 0 && waterL > 0 ? [{ day: deedDay(batch, at), kind: 'water', litres: waterL }] : [],
    ),
    ...batch.did.flatMap(({ at, deed }): SlowDeed[] => deed === MOVED ? [{ day: deedDay(batch, at), kind: 'move' }] : []),
    ...batch.takings.map((taking): SlowDeed => ({ day: deedDay(batch, taking.at), kind: 'take', litres: takenL(taking) })),
  ].sort((a, b) => a.day - b.day)
}

const findingsOf = (batch: BegunBatch, footprintM2: number) => foundIn<SlowRow>(
  batch,
  [{
    quantity: HEIGHT, row: 'volumeL', trust: 0.7, value: heightM => heightM * footprintM2 * 1000,
    spread: litres => Math.max(SLOW.leastSpreadL, SLOW.heightSpread * litres),
  }, { quantity: WARMTH, row: 'celsius', trust: 0.7, spread: () => SLOW.heatSpreadK }],
  [
    { sense: SQUEEZE, row: 'moisture', trust: 0.6, blur: SLOW.squeezeSpread, means: SLOW.squeezes },
    { sense: SMELL, row: 'rawness', trust: 0.2, blur: 1.3, means: { sour: SLOW.rawWhenSour, eggs: SLOW.rawWhenSour } },
  ],
)

/** The question a slow heap puts. Nothing is in it: then there is nothing to ask, unless it is to be fed. */
export function questionOf(batch: BegunBatch, surroundings: Lasting): SlowQuestion | undefined {
  const additions = additionsOf(batch, surroundings)
  const { began } = batch
  const closed = isClosed(batch) || batch.ended !== undefined
  const weekly = closed ? undefined : additionOf(0, weeklyFeed(batch, surroundings.now, surroundings.materials).ingredients, 0)
  if (additions.length === 0 && !weekly) return undefined
  const asked = askedOf(batch, surroundings, SLOW.horizon)
  const stand = standOf(began.site, began.answers)
  return {
    ...asked, ...stand, ...weatherFrom(new Date(began.at), asked.horizonDay, surroundings),
    additions, deeds: deedsOf(batch), feeding: { fromDay: asked.nowDay + 1, weekly },
    findings: findingsOf(batch, stand.ground.footprintM2),
  }
}
