import type { Shelter, WormKind } from './kinds'

/** Something fed on a day, into a pocket. */
export interface Feed {
  readonly day: number
  readonly pocket: number
  readonly dryKg: number
  readonly waterKg: number
}

/** What of a course can be found in the garden. */
export type WormRow = 'leftShare' | 'binC' | 'moisture' | 'sour' | 'wormsKg'

/** Something else that happens to a bin on a day. */
export type WormDeed
  = | { readonly day: number, readonly kind: 'bedding', readonly dryKg: number, readonly waterKg: number }
    | { readonly day: number, readonly kind: 'water', readonly litres: number }
    | { readonly day: number, readonly kind: 'worms', readonly kg: number }
    /** Some of all of it goes into another bin. */
    | { readonly day: number, readonly kind: 'split', readonly share: number }
    /** So many litres of castings are taken, the worms stay. */
    | { readonly day: number, readonly kind: 'take', readonly litres: number }
    /** What lies uneaten is taken out. */
    | { readonly day: number, readonly kind: 'clear' }
    | { readonly day: number, readonly kind: 'move', readonly shelter: Shelter }

/** How it will be fed from a day on: dry matter and water, every so many days. */
export interface FeedingOn {
  readonly fromDay: number
  readonly everyDays: number
  readonly feed: Pick<Feed, 'dryKg' | 'waterKg'> | undefined
}

/** All that a course needs. Weather by day from the day of beginning; the last day stands for all after it. */
export interface WormCase {
  readonly kind: WormKind
  readonly shelter: Shelter
  readonly areaM2: number
  readonly pockets: number
  readonly feeds: readonly Feed[]
  readonly deeds: readonly WormDeed[]
  readonly feeding: FeedingOn
  /** Share of the rain that gets in: beds and towers in the open. */
  readonly rainShare: number
  /** Share of the castings that worms carry off in a day, where they come and go; 0 in a closed bin. */
  readonly carriedOffDay: number
  /** Times as many find room as in a box of its ground; once where nothing is said. */
  readonly roomTimes?: number
  readonly airC: ArrayLike<number>
  readonly rainMm: ArrayLike<number>
}

/** What is noted at each of the times. */
export interface WormCourse {
  readonly days: Float64Array
  readonly wormsKg: Float32Array
  /** Uneaten feed, kg wet, and how many days it lasts them. */
  readonly backlogKg: Float32Array
  readonly backlogDays: Float32Array
  /** Of the last feed, what still lies there. */
  readonly leftShare: Float32Array
  readonly binC: Float32Array
  readonly moisture: Float32Array
  readonly sour: Float32Array
  readonly castingsL: Float32Array
  readonly volumeL: Float32Array
  /** What they would eat in a day, kg wet. */
  readonly appetiteKg: Float32Array
  /** Dry matter that came in and that went off as breath, kg: kept so that mass can be accounted for. */
  readonly inKg: Float32Array
  readonly goneKg: Float32Array
  readonly dryKg: Float32Array
}
