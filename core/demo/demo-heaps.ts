import { containerThen, STARTING_CONTAINERS, type Amount, type Packing } from '../units/container'
import { VESSEL_PRESETS } from '../vessel/presets'
import type { Vessel } from '../vessel/vessel'
import type { DemoHeap } from './demo-heap'

const containers = new Map(STARTING_CONTAINERS.metric.map(container => [container.id, containerThen(container)]))

/** So many of a starting container: the short hand of the demo garden. */
export function some(count: number, containerId: string, packing: Packing = 'loose'): Amount {
  const container = containers.get(containerId)
  if (!container) throw new Error(`no container ${containerId}`)
  return { count, container, packing }
}

const vessel = (id: string): Vessel => VESSEL_PRESETS.find(preset => preset.id === id) as Vessel
const days = (from: number, to: number, step = 1, without: readonly number[] = []) =>
  Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, index) => from + index * step).filter(day => !without.includes(day))

/** One heap going well, one that does not heat, one cooling, one ready, and a year of finished ones. */
export const DEMO_HEAPS: readonly DemoHeap[] = [
  {
    id: 'demo-apple-bay',
    name: 'Apple bay',
    place: 'under the apple tree',
    builtDaysAgo: 7,
    vessel: vessel('square-bay'),
    approachId: 'by-thermometer',
    waterShare: 1,
    truth: { medium: 0.8, usable: 0.5 },
    ingredients: [
      ['twigs', some(1, 'sack')], ['leaves-mixed', some(3, 'sack', 'packed')], ['grass-clippings', some(30, 'bucket')],
      ['horse-manure-straw', some(44, 'bucket')], ['kitchen-veg', some(6, 'bucket')], ['cardboard', some(1, 'sack')],
    ],
    turnDays: [], readingDays: [1, 2, 3, 4, 5, 6], wrongOnDay: 4, heightDays: [2, 5],
    observed: [[1, 'smell', 'none'], [3, 'look', 'steam'], [5, 'squeeze', 'right']],
    notes: [[0, 'Grass from three lawns, all cut the same morning. Layered thin, no lumps.']],
  },
  {
    id: 'demo-wall-bay',
    name: 'Wall bay',
    place: 'by the north wall',
    builtDaysAgo: 7,
    vessel: vessel('pallet-bay'),
    approachId: 'by-thermometer',
    waterShare: 0.25,
    truth: { medium: -0.3 },
    ingredients: [['leaves-mixed', some(12, 'sack')], ['straw-wheat', some(3, 'sack')], ['kitchen-veg', some(2, 'bucket')]],
    turnDays: [], readingDays: [1, 2, 4, 6], heightDays: [5],
    observed: [[6, 'squeeze', 'dry'], [6, 'smell', 'none']],
  },
  {
    id: 'demo-plum-bay',
    name: 'Plum bay',
    place: 'behind the plum',
    builtDaysAgo: 35,
    vessel: vessel('square-bay'),
    approachId: 'weekly',
    waterShare: 1,
    truth: { medium: 0.6 },
    ingredients: [['leaves-shredded', some(8, 'sack')], ['horse-manure-straw', some(50, 'bucket')], ['veg-haulm', some(36, 'bucket')]],
    turnDays: [7, 14, 21, 28], readingDays: [...days(1, 14, 1, [5, 6, 11]), 17, 20, 23, 27, 31], heightDays: [7, 21, 30],
    observed: [[7, 'squeeze', 'right'], [14, 'squeeze', 'dry'], [21, 'squeeze', 'right'], [28, 'look', 'threads']],
  },
  {
    id: 'demo-shed-ring',
    name: 'Shed ring',
    place: 'beside the shed',
    builtDaysAgo: 190,
    vessel: vessel('wire-ring'),
    approachId: 'by-thermometer',
    waterShare: 1,
    truth: { medium: 0.5 },
    ingredients: [
      ['straw-wheat', some(3, 'sack', 'shaken')], ['grass-clippings', some(26, 'bucket')], ['horse-manure-straw', some(18, 'bucket')],
    ],
    turnDays: [6, 12, 19, 40], readingDays: [...days(1, 14, 1, [9, 10]), 17, 21, 26, 32, 40, 55, 68, 82, 105, 135, 170],
    heightDays: [6, 19, 40, 80, 135],
    observed: [[6, 'squeeze', 'right'], [19, 'squeeze', 'right'], [120, 'look', 'worms'], [170, 'smell', 'earthy']],
    tests: [[184, 'look', { left: 12, texture: 'crumbly' }], [188, 'bag']],
  },
  ...finished(),
]

/** Heaps of the last year that have been sieved. */
function finished(): DemoHeap[] {
  const recipe: DemoHeap['ingredients'] = [
    ['leaves-mixed', some(5, 'sack', 'packed')], ['grass-clippings', some(45, 'bucket')], ['kitchen-veg', some(4, 'bucket')],
  ]
  const winter: DemoHeap['ingredients'] = [
    ['straw-wheat', some(5, 'sack', 'shaken')], ['horse-manure-straw', some(58, 'bucket')], ['kitchen-veg', some(8, 'bucket')],
  ]
  const base = {
    vessel: vessel('square-bay'), waterShare: 1, truth: {}, heightDays: [10, 40],
    readingDays: [1, 2, 3, 4, 5, 7, 9, 12, 15, 20, 28, 40, 60], observed: [[8, 'squeeze', 'right']] as const,
  }
  const yields = (fine: number, bed: number, overs: number): DemoHeap['products'] => [
    ['compost-finished', some(fine, 'bucket'), 10], ['compost-finished', some(bed, 'barrow'), 25], ['overs', some(overs, 'bucket')],
  ]
  return [
    {
      ...base,
      id: 'demo-first-spring',
      name: 'First of spring',
      place: 'under the apple tree',
      builtDaysAgo: 246,
      approachId: 'by-thermometer',
      ingredients: winter,
      turnDays: [6, 12, 20], finishDay: 104, products: yields(9, 4, 6),
    },
    {
      ...base,
      id: 'demo-may-grass',
      name: 'May grass',
      place: 'by the north wall',
      builtDaysAgo: 196,
      approachId: 'every-few-days',
      ingredients: recipe,
      turnDays: [4, 8, 12, 16, 20], finishDay: 78, products: yields(14, 4, 4),
      notes: [[78, 'Quick, but five turns in a heat wave. Weekly would have done.']],
    },
    {
      ...base,
      id: 'demo-last-autumn', name: 'Last autumn', place: 'behind the plum', builtDaysAgo: 372, approachId: 'seldom', ingredients: recipe,
      turnDays: [40], finishDay: 240, products: yields(6, 3.5, 12),
      notes: [[240, 'Leaves still matted at the edge. Sieved them out for the next one.']],
    },
    {
      ...base,
      id: 'demo-old-straw', name: 'Old straw', place: 'beside the shed', builtDaysAgo: 420, approachId: 'weekly', ingredients: winter,
      turnDays: [7, 14, 21, 28], finishDay: 150, products: yields(10, 4, 5),
    },
  ]
}
