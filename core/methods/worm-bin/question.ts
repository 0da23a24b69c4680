import type { BegunBatch, Input } from '../../journal/garden'
import { ingredientsOf, portionOf, type Ingredient } from '../../mix/portion'
import { numberOf } from '../../questions/question'
import { asVessel } from '../../vessel/site'
import { footprintM2 } from '../../vessel/vessel'
import { weatherFrom, type Lasting } from '../contract'
import { askedOf, deedDay, foundIn, takenL, type CourseQuestion } from '../course'
import { comeKg, wormApproach } from './approaches'
import type { Feed, FeedingOn, WormCase, WormDeed, WormRow } from './bin-case'
import { kindOf, shelterOf } from './kinds'
import { allFeeds, pocketIndexes, pocketsOf } from './pockets'
import type { StampedFinding } from '../../learning/fit'
import { BED, CLEARED, DRUM, GRAMS, KIND, LEFT, SHARE, SHELTERED, SMELL, SPLIT, SQUEEZE, WARMTH, WEEKLY, WHERE, WORMS_IN } from './words'
import { WORM } from './constants'

/** Everything that a forecast of one bin needs, as plain data that can be handed to a worker. */
export type WormQuestion = CourseQuestion<WormRow> & WormCase
/** Loose dry stuff as dry matter and water. */
const massOf = (some: readonly Ingredient[]) => some.map(portionOf).reduce((sum, { material, looseVolumeL }) => {
  const wetKg = looseVolumeL * material.bulkDensityKgM3.typical / 1000
  const waterKg = wetKg * material.moistureFraction.typical
  return { dryKg: sum.dryKg + wetKg - waterKg, waterKg: sum.waterKg + waterKg }
}, { dryKg: 0, waterKg: 0 })

/** Dry matter and water of ingredients, kg. */
export { massOf }

const isFeed = ({ role }: Input) => role === 'feed'

function feedsOf(batch: BegunBatch, count: number, { materials }: Lasting): Feed[] {
  const fed = allFeeds(batch)
  const indexes = pocketIndexes(fed, count)
  return fed.map(({ at, inputs }, index) => ({
    day: deedDay(batch, at), pocket: indexes[index]!,
    ...massOf(ingredientsOf(inputs.filter(isFeed), materials)),
  }))
}

function deedsOf(batch: BegunBatch, { materials }: Lasting): WormDeed[] {
  const { began, puts, did, takings } = batch
  const day = (at: string) => deedDay(batch, at)
  const beddings = puts.flatMap(({ at, inputs, waterL, atStart }): WormDeed[] => {
    const bedding = inputs.filter(one => atStart || !isFeed(one))
    const { dryKg, waterKg } = massOf(ingredientsOf(bedding, materials))
    return dryKg > 0 || waterKg + waterL > 0 ? [{ day: day(at), kind: 'bedding', dryKg, waterKg: waterKg + waterL }] : []
  })
  const grams = numberOf(began.answers, GRAMS) ?? 0
  return [
    ...beddings,
    ...(grams > 0 ? [{ day: 0, kind: 'worms' as const, kg: grams / 1000 }] : []),
    ...did.flatMap(({ at, deed, answers }): WormDeed[] => {
      if (deed === WORMS_IN) return [{ day: day(at), kind: 'worms', kg: (numberOf(answers, GRAMS) ?? 0) / 1000 }]
      if (deed === SPLIT) return [{ day: day(at), kind: 'split', share: (numberOf(answers, SHARE) ?? 50) / 100 }]
      if (deed === CLEARED) return [{ day: day(at), kind: 'clear' }]
      return deed === SHELTERED ? [{ day: day(at), kind: 'move', shelter: shelterOf(answers[WHERE]) }] : []
    }),
    ...takings.map((taking): WormDeed => ({ day: day(taking.at), kind: 'take', litres: takenL(taking) })),
  ].sort((a, b) => a.day - b.day)
}

/** How it is fed from now on: as in the last weeks, or as was said at the start. */
export function feedingOn(batch: BegunBatch, feeds: readonly Feed[], nowDay: number): FeedingOn {
  const recent = feeds.filter(({ day }) => nowDay - day <= WORM.feedsBackDays)
  const span = Math.min(WORM.feedsBackDays, Math.max(7, nowDay))
  const none = { fromDay: nowDay + 1, everyDays: 4, feed: undefined }
  if (batch.ended) return none
  if (recent.length >= WORM.leastFeeds) {
    const everyDays = Math.max(1, Math.round(span / recent.length))
    const mean = (name: 'dryKg' | 'waterKg') => recent.reduce((sum, one) => sum + one[name], 0) / recent.length
    const lastDay = recent.at(-1)!.day
    return { fromDay: Math.max(nowDay + 0.01, lastDay + everyDays), everyDays, feed: { dryKg: mean('dryKg'), waterKg: mean('waterKg') } }
  }
  const weeklyKg = (numberOf(batch.began.answers, WEEKLY) ?? 0) * WORM.scraps.kgL
  if (weeklyKg <= 0) return none
  // Little was fed so far: it begins with half.
  const kg = weeklyKg / 2 * 0.75
  return { fromDay: nowDay + 1, everyDays: 4, feed: { dryKg: kg * (1 - WORM.scraps.moisture), waterKg: kg * WORM.scraps.moisture } }
}

/** Big ones that were sorted out and went back are counted: so many there are. */
const countsOf = ({ did, began }: BegunBatch): StampedFinding<WormRow>[] => did.flatMap(({ eventId, at, deed, answers }) => {
  const grams = deed === DRUM ? numberOf(answers, GRAMS) ?? 0 : 0
  return grams > 0
    ? [{
        eventId, at,
        finding: {
          kind: 'value' as const, row: 'wormsKg' as const, day: deedDay({ began }, at), value: grams / 1000,
          spread: WORM.countSpread * grams / 1000, trust: 0.9,
        },
      }]
    : []
})

const findingsOf = (batch: BegunBatch) => [...countsOf(batch), ...foundIn<WormRow>(
  batch, [{ quantity: WARMTH, row: 'binC', trust: 0.7, spread: () => WORM.heatSpreadK }],
  [
    { sense: LEFT, row: 'leftShare', trust: 0.5, blur: WORM.leftSpread, means: WORM.lefts },
    { sense: SQUEEZE, row: 'moisture', trust: 0.4, blur: WORM.squeezeSpread, means: WORM.squeezes },
    { sense: SMELL, row: 'sour', trust: 0.5, blur: WORM.sourSpread, means: WORM.sours },
  ],
)].sort((a, b) => a.finding.day - b.finding.day)

/** The question a bin puts. */
export function questionOf(batch: BegunBatch, surroundings: Lasting): WormQuestion | undefined {
  const { began } = batch
  const approach = wormApproach(began.approachId)
  const { rainShare, carriedOffDay, roomTimes } = approach
  const pockets = pocketsOf(began.site).length
  const feeds = feedsOf(batch, pockets, surroundings)
  const areaM2 = footprintM2(asVessel(began.site))
  const come = comeKg(approach, began.answers[BED], areaM2)
  const deeds = [
    ...deedsOf(batch, surroundings),
    ...(come > 0 ? [{ day: WORM.comeAfterDays, kind: 'worms' as const, kg: come }] : []),
  ].sort((a, b) => a.day - b.day)
  if (feeds.length === 0 && deeds.length === 0) return undefined
  const asked = askedOf(batch, surroundings, WORM.horizon)
  return {
    ...asked, ...weatherFrom(new Date(began.at), asked.horizonDay, surroundings),
    kind: kindOf(began.answers[KIND]), shelter: shelterOf(began.answers[WHERE]), areaM2, pockets, feeds, deeds,
    feeding: feedingOn(batch, feeds, asked.nowDay), rainShare, carriedOffDay, roomTimes, findings: findingsOf(batch),
  }
}
