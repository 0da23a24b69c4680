import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, type Ingredient } from '../../mix/portion'
import { numberOf } from '../../questions/question'
import { asVessel, type Site } from '../../vessel/site'
import { footprintM2, vesselVolumeL } from '../../vessel/vessel'
import { weatherFrom, type Lasting } from '../contract'
import { askedOf, deedDay, foundIn, takenL, type CourseQuestion } from '../course'
import type { CageCase, CageDeed, CageRow, Fill } from './course'
import { fillsOf, helpOf, joinedByDay } from './leaves'
import { exposureOf } from './sites'
import { BAGGED, BAGS, FORKED, HEIGHT, LOOK, SQUEEZE } from './words'
import { LEAF } from './constants'

/** Everything that a forecast of one cage needs, as plain data that can be handed to a worker. */
export interface CageQuestion extends CourseQuestion<CageRow>, CageCase {
  readonly groundM2: number
}

/** Bags side by side, where it is bags; else one. */
export function countOf({ answers }: Pick<BegunBatch['began'], 'answers'>): number {
  return Math.max(1, Math.round(numberOf(answers, BAGS) ?? 1))
}

/** Litres to the rim of all of it. */
export function roomL(site: Site, count: number): number {
  return vesselVolumeL(asVessel(site)) * count
}

function fillsIn(batch: BegunBatch, surroundings: Lasting): Fill[] {
  const puts = batch.puts.map(({ at, inputs, waterL }) => ({
    day: deedDay(batch, at), ingredients: ingredientsOf(inputs, surroundings.materials), waterL,
  }))
  const all: Ingredient[] = puts.flatMap(({ ingredients }) => ingredients)
  const help = helpOf(all)
  return joinedByDay(puts.flatMap(({ day, ingredients, waterL }) => fillsOf(ingredients, waterL, day, help)).sort((a, b) => a.day - b.day))
}

function deedsOf(batch: BegunBatch): CageDeed[] {
  return [
    ...batch.puts.flatMap(({ at, inputs, waterL }): CageDeed[] =>
      inputs.length === 0 && waterL > 0 ? [{ day: deedDay(batch, at), kind: 'water', litres: waterL }] : [],
    ),
    ...batch.did.flatMap(({ at, deed }): CageDeed[] =>
      deed === BAGGED
        ? [{ day: deedDay(batch, at), kind: 'bag' }]
        : deed === FORKED ? [{ day: deedDay(batch, at), kind: 'fork' }] : [],
    ),
    ...batch.takings.map((taking): CageDeed => ({ day: deedDay(batch, taking.at), kind: 'take', litres: takenL(taking) })),
  ].sort((a, b) => a.day - b.day)
}

const findingsOf = (batch: BegunBatch, groundM2: number) => foundIn<CageRow>(
  batch,
  [{
    quantity: HEIGHT, row: 'volumeL', trust: 0.8, value: heightM => heightM * groundM2 * 1000,
    spread: litres => Math.max(LEAF.leastSpreadL, LEAF.heightSpread * litres),
  }],
  [
    { sense: SQUEEZE, row: 'moisture', trust: 0.7, blur: LEAF.squeezeSpread, means: LEAF.squeezes },
    { sense: LOOK, row: 'left', trust: 0.8, blur: LEAF.lookSpread, means: LEAF.looks },
  ],
)

/** The question a cage puts, or nothing while no leaves are known to be in it. */
export function questionOf(batch: BegunBatch, surroundings: Lasting): CageQuestion | undefined {
  const fills = fillsIn(batch, surroundings)
  if (fills.length === 0) return undefined
  const { began } = batch
  const count = countOf(began)
  const asked = askedOf(batch, surroundings, LEAF.horizon)
  const groundM2 = footprintM2(asVessel(began.site)) * count
  return {
    ...asked, groundM2, fills, deeds: deedsOf(batch), exposure: exposureOf(began.site, count, began.answers),
    ...weatherFrom(new Date(began.at), asked.horizonDay, surroundings), findings: findingsOf(batch, groundM2),
  }
}
