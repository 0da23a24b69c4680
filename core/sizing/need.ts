import { subDays } from 'date-fns'
import type { Sizing } from '../methods/contract'
import { fail, ok, type Outcome } from '../outcome/outcome'
import { range, type Range } from '../units/range'
import { vesselVolumeL, type Vessel } from '../vessel/vessel'

/** So many litres of the finished thing, by a day. */
export interface Need {
  readonly litres: number
  readonly by: Date
}

/** What has to be built for a need. */
export interface NeedPlan {
  /** Litres to build in all, mixed: low when much comes out of it, high when little does. */
  readonly buildL: Range
  /** Vessels of this kind, filled to the rim at most. */
  readonly vessels: number
  /** Litres in each. */
  readonly eachL: number
  /** A heap with less would not do what the method is for; building that much gives so many litres more. */
  readonly tooLittle: boolean
  readonly leastL: number
  /** Build by this day to be safe; by the later one it may just do. */
  readonly safeBy: Date
  readonly justBy: Date
  readonly inTime: 'in-time' | 'tight' | 'too-late'
}

export type NeedTrouble = 'no-litres' | 'bad-date'

/** More vessels than anyone has: the need is taken for a slip of the pen. */
const MOST_L = 100_000

/**
 * What to build, in how many vessels and by when, for so many litres by a day.
 * @param share litres out per litre built, within 0..1. @param need litres above 0 and at most 100,000.
 */
export function planForNeed(
  need: Need, vessel: Vessel, sizing: Sizing, approachId: string, share: Range, now: Date,
): Outcome<NeedPlan, NeedTrouble> {
  if (!(need.litres > 0) || need.litres > MOST_L) return fail('no-litres')
  if (Number.isNaN(need.by.getTime())) return fail('bad-date')
  const buildL = range(need.litres / share.high, need.litres / share.typical, need.litres / share.low)
  const leastL = sizing.leastVolumeL(vessel)
  const wholeL = vesselVolumeL(vessel) / sizing.standsShare
  const vessels = Math.max(1, Math.ceil(buildL.typical / wholeL - 0.02))
  const { earliest, latest } = sizing.daysToReady(approachId)
  const [safeBy, justBy] = [subDays(need.by, latest), subDays(need.by, earliest)]
  return ok({
    buildL, vessels, leastL, safeBy, justBy,
    tooLittle: buildL.typical / vessels < leastL,
    eachL: Math.min(wholeL, Math.max(leastL, buildL.typical / vessels)),
    inTime: now <= safeBy ? 'in-time' : now <= justBy ? 'tight' : 'too-late',
  })
}
