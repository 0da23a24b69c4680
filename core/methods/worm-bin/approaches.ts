import type { Approach } from '../contract'
import type { Site } from '../../vessel/site'
import type { Vessel } from '../../vessel/vessel'
import { table } from '../../constants/constants'

/** A way of keeping worms, with where it stands and what of the rain gets in. */
export interface WormApproach extends Approach {
  readonly sites: readonly Site[]
  readonly rainShare: number
  /**
   * Share of the castings carried off into the soil in a day, and worms that find it by themselves, kg a square metre: a pipe in
   * a bed is their larder, not their home.
   */
  readonly carriedOffDay: number
  readonly comeKgM2: number
  /** Times as many find room as in a box of its ground: those of the bed come and go. */
  readonly roomTimes: number
  /** In the ground worms come and go: summer and winter are milder there. */
  readonly inGround: boolean
}

const vessel = (one: Vessel): Site => ({ kind: 'vessel', vessel: one })

/** The main ways. */
export const APPROACHES: readonly WormApproach[] = table('Homes of worms', {
  rainShare: ['share', 'of the rain gets in; own estimate'],
  carriedOffDay: ['1/d', 'castings carried off into the soil; own estimate'],
  comeKgM2: ['kg/m²', 'worms that find it by themselves; own estimate'],
  roomTimes: ['times', 'as many find room, those that come and go with them; own estimate'],
  sites: ['m', 'usual sizes; practice'],
}, [
  {
    id: 'bin',
    name: 'Bin',
    rainShare: 0,
    inGround: false,
    carriedOffDay: 0,
    comeKgM2: 0,
    roomTimes: 1,
    summary: 'A shallow box, drained, aired and shaded: for kitchen scraps, indoors or out.',
    sites: [
      vessel({ id: 'worm-box', name: 'Shallow box', wall: 'plastic', shape: 'box', widthM: 0.6, depthM: 0.4, heightM: 0.35 }),
      vessel({ id: 'worm-crate', name: 'Big crate', wall: 'boards', shape: 'box', widthM: 0.9, depthM: 0.6, heightM: 0.4 }),
      vessel({ id: 'worm-tub', name: 'Round tub', wall: 'plastic', shape: 'cylinder', diameterM: 0.5, heightM: 0.4 }),
    ],
  },
  {
    id: 'bed',
    name: 'Open bed',
    rainShare: 0.5,
    inGround: true,
    carriedOffDay: 0,
    comeKgM2: 0,
    roomTimes: 1,
    summary: 'A bed on soil under sacking: takes much, wants water looked at often and a screen against birds.',
    sites: [
      vessel({ id: 'worm-bed', name: 'Worm bed', wall: 'boards', shape: 'box', widthM: 2, depthM: 1, heightM: 0.4 }),
      vessel({ id: 'worm-long-bed', name: 'Long worm bed', wall: 'boards', shape: 'box', widthM: 3, depthM: 1, heightM: 0.4 }),
    ],
  },
  {
    id: 'tower',
    name: 'Tower in a bed',
    rainShare: 0.1,
    inGround: true,
    carriedOffDay: 0.04,
    comeKgM2: 12,
    roomTimes: 3,
    summary: 'A pipe with holes set into a bed, fed from the top: the worms carry it out to the plants, nothing is harvested.',
    sites: [
      vessel({ id: 'worm-pipe', name: 'Pipe with holes', wall: 'plastic', shape: 'cylinder', diameterM: 0.25, heightM: 0.6 }),
      vessel({ id: 'worm-ring', name: 'Ring of bricks with gaps', wall: 'boards', shape: 'cylinder', diameterM: 0.45, heightM: 0.5 }),
    ],
  },
])

/** How many worms the bed around a tower has, told by a spadeful, and how many of the usual find it. */
export const BED_WORMS = table('Worms of a bed', {
  times: ['times', 'of the usual come by themselves; own estimate'],
}, [
  { id: 'few', label: 'hardly any', hint: 'none or one in a spadeful', times: 0.1 },
  { id: 'some', label: 'some', hint: 'two to five in a spadeful', times: 1 },
  { id: 'many', label: 'many', hint: 'more than five in a spadeful', times: 1.6 },
] as const)

/** Worms of the bed that find a home in it by themselves, kg. @param areaM2 of its ground. */
export function comeKg({ comeKgM2 }: Pick<WormApproach, 'comeKgM2'>, bed: unknown, areaM2: number): number {
  return comeKgM2 * areaM2 * (BED_WORMS.find(({ id }) => id === bed) ?? BED_WORMS[1]).times
}

/** The approach of this id, or the first. */
export function wormApproach(id: string): WormApproach {
  return APPROACHES.find(approach => approach.id === id) ?? APPROACHES[0]!
}
