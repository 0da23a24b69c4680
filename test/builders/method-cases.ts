import { findMaterial } from '#core/materials/book'
import { brew } from '#core/methods/brew'
import { charCharging } from '#core/methods/char-charging'
import { charMaking } from '#core/methods/char-making'
import { hotHeap } from '#core/methods/hot-heap'
import { hotbed } from '#core/methods/hotbed'
import { leafmould } from '#core/methods/leafmould'
import { mulch } from '#core/methods/mulching'
import { sheet } from '#core/methods/card-sheet'
import { slowHeap } from '#core/methods/slow-heap'
import { staticTower } from '#core/methods/static-tower'
import { turfStack } from '#core/methods/turf-stack'
import { worms } from '#core/methods/worm-bin'
import { sitesFor, type Method } from '#core/methods/contract'
import type { NewEvent } from '#core/journal/event'
import { completed } from '#core/questions/question'
import type { Random } from '#core/random/random'
import { afterDays, aroundOn, begun, did, gauged, input, put, seen, took } from './batches'
import type { MethodCases } from './contract'
import { echo } from './echo-method'
import { heapCases } from './heap-cases'
import { BUCKET, SACK } from './heaps'

const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T

/** Anything that the pads of a method can record, on a day. */
export function anyRecord(method: Method, random: Random, day: number, stuff: readonly string[]): NewEvent[] {
  const pad = pick(random, method.life.pads)
  switch (pad.kind) {
    case 'gauge': {
      const { quantity: { id, spots, limits } } = pad
      return [gauged(day, id, pick(random, spots).id, limits[0] + (limits[1] - limits[0]) * random() ** 2)]
    }
    case 'sense': return [seen(day, pad.sense.id, pick(random, pad.sense.findings).id)]
    case 'deed': return [did(day, pad.deed.id, { ...completed(pad.deed.asks, {}) })]
    case 'put':
      return pad.put.what === 'water'
        ? [put(day, [], Math.round(30 * random()))]
        : [put(day, [input(pick(random, stuff), 1 + Math.floor(6 * random()), SACK)])]
    case 'feed':
      return [
        {
          ...put(day, [
            input(pick(random, stuff), 1 + Math.floor(3 * random()), BUCKET), { ...input('leaves-mixed', 1, BUCKET), role: 'cover' },
          ]),
          ...(random() < 0.5 ? { pocket: 'a' } : {}),
        } as NewEvent,
      ]
    case 'use': return [{ kind: 'used', at: afterDays(day), batchId: 'b', litres: random(), place: 'bed', areaM2: 5, waterL: 10 }]
  }
}

/** Anything that a batch of a method can begin with. */
export function anyBeginning(method: Method, random: Random, stuff: readonly string[]) {
  const approachId = pick(random, method.face.approaches).id
  return {
    methodId: method.id, approachId, site: pick(random, sitesFor(method, approachId)),
    answers: completed(method.plan.asks(approachId), {}),
    inputs: stuff.length > 0 ? [input(pick(random, stuff), 1 + Math.floor(9 * random()), SACK)] : [],
    waterL: Math.round(40 * random()),
  }
}

function casesOf(method: Method, stuff: readonly string[], days: readonly number[], product: string): MethodCases {
  const beginning = (random: Random) => {
    const approachId = pick(random, method.face.approaches).id
    return {
      methodId: method.id, approachId, site: pick(random, method.plan.sites), answers: completed(method.plan.asks(approachId), {}),
      inputs: stuff.length > 0 ? [input(pick(random, stuff), 1 + Math.floor(9 * random()), SACK)] : [],
      waterL: Math.round(40 * random()),
    }
  }
  const life = (random: Random, day: number) =>
    Array.from({ length: Math.floor(10 * random()) }, () => day * random())
      .sort((a, b) => a - b)
      .flatMap(on => anyRecord(method, random, on, stuff))
  return {
    method,
    proposal: (random) => {
      const { site, approachId, answers } = beginning(random)
      const ingredients = stuff
        .filter(() => random() < 0.5)
        .map(id => ({
          material: findMaterial(id)!, amount: { count: 1 + Math.floor(8 * random()), container: SACK, packing: 'loose' as const },
        }))
      return { site, approachId, answers, ingredients, waterL: 0, volumeL: 0 }
    },
    standing: (random) => {
      const day = pick(random, days)
      return { batch: begun(beginning(random), life(random, day)), surroundings: aroundOn(day) }
    },
    ended: (random) => {
      const last = days.at(-1)!
      return {
        batch: begun(beginning(random), [...life(random, last), took(last, [[product, 2, BUCKET]], true)]),
        surroundings: aroundOn(last + 5),
      }
    },
  }
}

/** What each method is filled with, and on which days of its life it is looked at. */
export const LIVES: readonly (readonly [Method, readonly string[], readonly number[], string])[] = [
  [hotHeap, ['grass-clippings', 'straw-wheat', 'leaves-mixed', 'horse-manure-straw'], [0, 0.5, 3, 9, 20, 60, 200, 430], 'compost-finished'],
  [slowHeap, ['kitchen-veg', 'leaves-mixed', 'cardboard', 'grass-clippings'], [0, 0.5, 10, 60, 200, 500, 1200], 'compost-finished'],
  [leafmould, ['leaves-mixed', 'leaves-oak', 'leaves-shredded', 'grass-clippings'], [0, 0.5, 10, 40, 200, 500, 1200], 'leaf-mould'],
  [staticTower, ['chips-ramial', 'leaves-mixed', 'wood-chips'], [0, 0.5, 3, 20, 60, 200, 430], 'tower-compost'],
  [worms, ['cardboard', 'leaves-shredded'], [0, 0.5, 10, 60, 200, 500, 1200], 'worm-castings'],
  [sheet, ['cardboard', 'compost-finished', 'leaves-shredded'], [0, 0.5, 12, 40, 120, 300, 900], 'compost-finished'],
  [mulch, ['leaves-mixed', 'wood-chips', 'straw-wheat', 'grass-clippings'], [0, 0.5, 5, 20, 60, 200, 700], 'compost-finished'],
  [hotbed, ['horse-manure-straw', 'leaves-mixed', 'straw-wheat', 'grass-clippings'], [0, 0.5, 4, 12, 30, 70, 130], 'heap-half-rotted'],
  [turfStack, ['turf'], [0, 0.5, 20, 90, 200, 400, 900], 'loam'],
  [brew, ['leaf-mould'], [0, 0.1, 1, 3, 7, 20, 60], 'brew-solids'],
  [charMaking, ['wood-dry', 'peels-dry', 'stems-invasive'], [0, 0.02, 0.1, 0.4, 1, 3, 30], 'biochar-crushed'],
  [charCharging, ['biochar-crushed', 'worm-castings'], [0, 0.5, 2, 7, 20, 90, 300], 'char-charged'],
]

/** The cases of every method there is, and of the made-up one that only tests know. */
export const ALL_CASES: readonly MethodCases[] = [
  heapCases,
  ...LIVES.filter(([method]) => method !== hotHeap).map(life => casesOf(...life)),
  casesOf(echo, [], [0, 0.01, 0.1, 0.2, 2], 'compost-finished'),
]
