import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, type Ingredient } from '../../mix/portion'
import { numberOf } from '../../questions/question'
import { asVessel, type Site } from '../../vessel/site'
import { footprintM2, vesselVolumeL } from '../../vessel/vessel'
import { weatherFrom, type Lasting } from '../contract'
import { askedOf, deedDay, foundIn, takenL, type CourseQuestion } from '../course'
import type { CageCase, CageDeed, Fill } from './course'
import { fillsOf, helpOf } from './leaves'
import { exposureOf } from './sites'
import { BAGGED, BAGS, FORKED, HEIGHT, LOOK, SQUEEZE } from './words'

/** What of a course can be found in the garden. */
export type CageRow = 'left' | 'volumeL' | 'moisture'

/** Everything that a forecast of one cage needs, as plain data that can be handed to a worker. */
export interface CageQuestion extends CourseQuestion<CageRow>, CageCase {
  readonly groundM2: number
}

/** What a squeeze tells of moisture, wet basis, and how blurred the limits are. */
const SQUEEZES: Readonly<Record<string, readonly [low: number, high: number]>> = {
  dust: [0, 0.35], dry: [0.35, 0.52], right: [0.52, 0.68], wet: [0.68, 1],
}
const SQUEEZE_SPREAD = 0.05
/** What the eye tells of the mass that is left. */
const LOOKS: Readonly<Record<string, readonly [low: number, high: number]>> = {
  whole: [0.68, 1.05], ragged: [0.48, 0.72], crumbling: [0.3, 0.52], earth: [0, 0.36],
}
const LOOK_SPREAD = 0.07
/** A height read off a stick, as a share of itself, and litres that nobody can read. */
const HEIGHT_SPREAD = 0.07
const LEAST_SPREAD_L = 20
/** A cage is looked ahead for so long, days, and as far again beyond now. */
const HORIZON = { least: 800, beyondNow: 550, most: 1800 }

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
  return puts.flatMap(({ day, ingredients, waterL }) => fillsOf(ingredients, waterL, day, help)).sort((a, b) => a.day - b.day)
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
    spread: litres => Math.max(LEAST_SPREAD_L, HEIGHT_SPREAD * litres),
  }],
  [
    { sense: SQUEEZE, row: 'moisture', trust: 0.7, blur: SQUEEZE_SPREAD, means: SQUEEZES },
    { sense: LOOK, row: 'left', trust: 0.8, blur: LOOK_SPREAD, means: LOOKS },
  ],
)

/** The question a cage puts, or nothing while no leaves are known to be in it. */
export function questionOf(batch: BegunBatch, surroundings: Lasting): CageQuestion | undefined {
  const fills = fillsIn(batch, surroundings)
  if (fills.length === 0) return undefined
  const { began } = batch
  const count = countOf(began)
  const asked = askedOf(batch, surroundings, HORIZON)
  const groundM2 = footprintM2(asVessel(began.site)) * count
  return {
    ...asked, groundM2, fills, deeds: deedsOf(batch), exposure: exposureOf(began.site, count, began.answers),
    ...weatherFrom(new Date(began.at), asked.horizonDay, surroundings), findings: findingsOf(batch, groundM2),
  }
}
