import type { Surroundings } from '../methods/contract'
import { emptySlabCourse, runSlab } from '../heat/slab/course'
import { USUAL_SLAB } from '../heat/slab/bed'
import { findMaterial } from '../materials/book'
import type { Material } from '../materials/material'
import type { NewEvent } from '../journal/event'
import * as sheet from '../methods/card-sheet/words'
import { sheetPlan } from '../methods/card-sheet/plan'
import { recipeOf } from '../methods/card-sheet/measure'
import * as mulch from '../methods/mulching/words'
import * as bed from '../methods/hotbed/words'
import { bedWeather } from '../methods/hotbed/outside'
import { bedCase, bedCharge, bedGround, timesToFill, waterFor } from '../methods/hotbed/plan'
import { SITES as BED_SITES } from '../methods/hotbed/sites'
import type { Ingredient } from '../mix/portion'
import { normal, type Random } from '../random/random'
import { DAY_MS, HOUR_MS } from '../units/time'
import { containerThen, STARTING_CONTAINERS, type ContainerThen } from '../units/container'
import { asVessel, type Site } from '../vessel/site'
import { DEMO_BEDS } from './demo-char'

/** The air of the demo garden. */
type Outdoors = Pick<Surroundings, 'weather'>

const BARROW: ContainerThen = { id: 'barrow', name: 'barrow', plural: 'barrows', volumeL: 85 }
const input = ({ material, amount }: Ingredient) => ({ role: 'feed' as const, materialId: material.id, amount, draws: [] })
const of = (materialId: string, count: number, container = BARROW): Ingredient => ({
  material: findMaterial(materialId) as Material, amount: { count, container, packing: 'loose' },
})

/** The last twelfth of October that is some weeks ago. */
function lastAutumn(today: Date): Date {
  const enough = new Date(today.getTime() - 20 * DAY_MS)
  const then = new Date(enough.getFullYear(), 9, 12, 10)
  return then > enough ? new Date(enough.getFullYear() - 1, 9, 12, 10) : then
}

/** A corner of the lawn under odd boxes since autumn. */
function cornerSheet(today: Date): NewEvent[] {
  const laid = lastAutumn(today)
  const on = (days: number) => new Date(Math.min(today.getTime(), laid.getTime() + days * DAY_MS)).toISOString()
  const site: Site = {
    kind: 'area', id: 'own-ground', name: 'Any outline',
    ground: {
      shape: 'outline',
      corners: [
        [0, 0], [3.4, 0], [3.4, 1.4], [2, 1.4], [1.4, 2.6], [0, 2.6],
      ],
    },
  }
  const answers = {
    [sheet.PIECES]: 'card 9 of 1.2 x 0.8; card 10 of 0.8 x 0.6; card 6 of 0.6 x 0.5', [sheet.OVERLAP_M]: 0.15, [sheet.NEWS_LAYERS]: 8,
    [sheet.GROWN]: 'turf', [sheet.GROUND]: 'moist', [sheet.COVER]: 'compost', [sheet.COVER_M]: 0.06,
  }
  const plan = sheetPlan({ site, approachId: 'whole', answers })
  const waterCan = containerThen(STARTING_CONTAINERS.metric.at(-1)!)
  const batchId = 'demo-corner-sheet'
  const waterL = Math.round(plan.water.groundL + plan.water.cardL + plan.water.coverL)
  return [
    {
      kind: 'began', at: on(0), batchId, name: 'Corner of the lawn', place: 'by the old pear', methodId: sheet.METHOD,
      approachId: 'whole', site, answers, inputs: recipeOf(plan, { units: 'metric', garden: { waterCan } }).map(input), waterL,
    },
    { kind: 'observed', at: on(13), batchId, sense: sheet.CARD, finding: 'soft' },
    { kind: 'observed', at: on(19), batchId, sense: sheet.BELOW, finding: 'green' },
  ]
}

const onBed = (id: string): Site => {
  const found = DEMO_BEDS.find(one => one.id.endsWith(id))!
  return { kind: 'area', id: found.id, name: found.name, ground: found.ground }
}

/** Leaves on the long bed since some weeks, chips under the blueberries for most of a year, topped up once. */
function mulches(today: Date): NewEvent[] {
  const on = (daysAgo: number) => new Date(today.getTime() - daysAgo * DAY_MS).toISOString()
  const begun = (
    batchId: string, name: string, approachId: string, site: Site, daysAgo: number, answers: Record<string, number | string>,
    inputs: readonly Ingredient[],
  ): NewEvent => ({
    kind: 'began', at: on(daysAgo), batchId, name, place: `on the ${asVessel(site).name.toLowerCase()}`, methodId: mulch.METHOD,
    approachId, site, answers: { [mulch.WANTED_M]: 0, [mulch.FROM]: 'garden', [mulch.CARRIED_IN]: 'barrow', ...answers },
    inputs: inputs.map(input), waterL: 0,
  })
  const depth = (batchId: string, daysAgo: number, value: number): NewEvent => ({
    kind: 'gauged', at: on(daysAgo), batchId, quantity: mulch.DEPTH, source: 'hand', values: [{ spot: 'middle', value }],
  })
  const load = (batchId: string, daysAgo: number, what: Ingredient): NewEvent => ({
    kind: 'put', at: on(daysAgo), batchId, inputs: [input(what)], waterL: 0,
  })
  const [long, berries] = ['demo-long-leaves', 'demo-berry-chips']
  return [
    begun(
      berries, 'Chips under the blueberries', 'chips', onBed('berries'), 310,
      { [mulch.CROP]: 'perennials', [mulch.REASON]: 'moist', [mulch.LIES]: 'on-top', [mulch.FROM]: 'chipper', [mulch.STEMS]: 3 },
      [of('wood-chips', 1.5)],
    ),
    depth(berries, 270, 0.047), depth(berries, 120, 0.036), load(berries, 60, of('wood-chips', 0.5)), depth(berries, 30, 0.05),
    { kind: 'observed', at: on(30), batchId: berries, sense: mulch.UNDER, finding: 'worms' },
    begun(
      long, 'Leaves on the long bed', 'leaves', onBed('long'), 24,
      { [mulch.CROP]: 'vegetables', [mulch.REASON]: 'feed', [mulch.STEMS]: 4 }, [of('leaves-shredded', 2)],
    ),
    load(long, 23.9, of('leaves-shredded', 1.5)),
    { kind: 'put', at: on(23.8), batchId: long, inputs: [], waterL: 20 },
    depth(long, 5, 0.041),
  ]
}

/** A hotbed in its third week: read nearly every day, sown a week ago. */
function thirdWeek(today: Date, outdoors: Outdoors, random: Random): NewEvent[] {
  const batchId = 'demo-hotbed'
  const builtAt = new Date(today.getTime() - 18 * DAY_MS)
  const at = (day: number, hours = 0) =>
    new Date(Math.min(today.getTime(), builtAt.getTime() + day * DAY_MS + hours * HOUR_MS)).toISOString()
  const site = BED_SITES.find(one => asVessel(one).id === 'hotbed-square')!
  const answers = { [bed.COVER]: 'single', [bed.SIDES]: 'banked', [bed.SOIL_M]: 0, [bed.SUN]: 'full', [bed.MATS_KEPT]: 'yes' }
  const ground = bedGround({ site, approachId: 'manure', answers })
  const base = [of('horse-manure-straw', 30)]
  const ingredients = base.map(one => ({ ...one, amount: { ...one.amount, count: Math.round(30 * (timesToFill(base, ground) ?? 1)) } }))
  const waterL = Math.round(waterFor(ingredients))
  const { charge } = bedCharge(ingredients, waterL, ground)!
  const days = Float64Array.from({ length: 19 }, (_, day) => day)
  const course = emptySlabCourse(days)
  // This one was trodden a little firmer than most: less air, less of a burst.
  runSlab(
    { ...bedCase(ground, charge, ingredients, bedWeather(builtAt, 20, { now: today, ...outdoors })), startHour: 9 },
    { ...USUAL_SLAB, air: 0.8, losses: 1.1 }, course,
  )
  const did = (day: number, hours: number, deed: string, said: Record<string, number | string> = {}): NewEvent => ({
    kind: 'did', at: at(day, hours), batchId, deed, answers: said,
  })
  const readings = Array.from(days).filter(day => day > 0 && ![5, 9, 13].includes(day)).map((day): NewEvent => ({
    kind: 'gauged', at: at(day), batchId, quantity: bed.WARMTH, source: 'hand',
    values: [
      { spot: 'soil', value: Math.round(10 * (course.soilC[day]! + 1.2 * normal(random))) / 10 },
      ...(day % 4 === 0 ? [{ spot: 'core', value: Math.round(course.coreC[day]! + 2.5 * normal(random)) }] : []),
    ],
  }))
  return [
    {
      kind: 'began', at: at(0), batchId, name: 'Hotbed by the wall', place: 'along the south wall', methodId: bed.METHOD,
      approachId: 'manure', site, answers, inputs: ingredients.map(input), waterL,
    },
    did(0, 1, bed.MIXED), did(0, 3, bed.TRODDEN, { heightM: 0.9 }), did(0, 4, bed.SOILED), did(0, 5, bed.FRAMED),
    ...readings, did(15, 1, bed.SOWN, { crop: 'radish' }), did(15, 1.2, bed.SOWN, { crop: 'mustard' }), did(16, 2, bed.AIRED),
    { kind: 'put', at: at(15, 2), batchId, inputs: [], waterL: 8 },
  ]
}

/** What lies on the ground and under glass in the demo garden. */
export function demoGround(today: Date, outdoors: Outdoors, random: Random): NewEvent[] {
  return [...cornerSheet(today), ...mulches(today), ...thirdWeek(today, outdoors, random)]
}
