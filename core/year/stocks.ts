import type { CollectingList } from '../garden/collecting'
import type { StoredLot } from '../garden/store'
import { draftFor } from '../bench/planned'
import type { BegunBatch, Lot } from '../journal/garden'
import { NOTHING_CARRIED, rawOf, type Carried } from '../lots/carried'
import type { CharState } from '../materials/char-state'
import type { MaterialBook } from '../materials/book'
import { likelyOf, type Comes, type Draft, type Gift, type Method, type Surroundings } from '../methods/contract'
import { daysBetween } from '../units/time'
import { range } from '../units/range'
import { looseL } from '../mix/portion'
import { byOwnYield, type OwnShares } from './own-yield'
import { servesOf } from './serves'
import { noonOf } from './need'
import type { Stage, Stock } from './stock'

/** A growing mix is for what it was mixed for, and not for beds. */
const MIXED_FOR = { seeds: ['seeds', 'potting'], potting: ['potting'] } as const

const exactly = (value: number) => range(value, value, value)

/** What comes as a material of this garden, or as what it is said to be good for. */
function servesAs({ materialId, serves }: Comes, book: MaterialBook, char?: CharState): Stage['serves'] {
  const material = materialId === undefined ? undefined : book.find(materialId)
  return serves ?? (material ? servesOf(material, char) : [])
}

/** What a lot is good for with all that it carries: nothing that is raw or in doubt goes into pots, and nothing poisoned anywhere. */
function servesAsLot({ lot, material }: StoredLot, carried: Carried): Stage['serves'] {
  if (carried.some(({ risk, found }) => risk === 'weedkiller' && found)) return []
  const serves = lot.purpose === undefined ? servesOf(material, lot.char) : MIXED_FOR[lot.purpose === 'seeds' ? 'seeds' : 'potting']
  const doubtful = rawOf(carried).length > 0 || carried.some(({ risk }) => risk === 'weedkiller')
  return doubtful ? serves.filter(one => one !== 'seeds' && one !== 'potting') : serves
}

/** What lies in the store and is good for something as it is. What rots passes, what is finished keeps. */
export function lotStocks(
  stored: readonly StoredLot[], nameOf: (lot: StoredLot) => string, carriedOf: (lot: Lot) => Carried = () => NOTHING_CARRIED,
): Stock[] {
  return stored.flatMap((one): Stock[] => {
    const { lot, material, leftLooseL, keeping } = one
    const serves = servesAsLot(one, carriedOf(lot))
    const isFinished = material.family === 'finished' || material.family === 'char'
    if (serves.length === 0 || (!isFinished && keeping.daysLeft <= 0)) return []
    return [{
      id: lot.id, kind: 'lot', name: nameOf(one),
      stages: [{
        label: material.name, materialId: material.id, serves, litres: exactly(leftLooseL), days: exactly(0),
        ...(isFinished ? {} : { untilDay: keeping.daysLeft }),
      }],
    }]
  })
}

/** What will come of a standing batch, by its own windows; nothing where it makes nothing that is wanted. */
export function batchStock(batch: BegunBatch, method: Method, surroundings: Surroundings): Stock | undefined {
  const prospects = method.life.prospects?.(batch, surroundings) ?? []
  if (prospects.length === 0) return undefined
  const windows = new Map(method.life.windows(batch, surroundings).map(window => [window.id, window]))
  const day = (at: Date) => daysBetween(surroundings.now, at)
  const stages = prospects.flatMap((prospect): Stage[] => {
    const window = windows.get(prospect.windowId)
    const serves = servesAs(prospect, surroundings.materials)
    if (!window || window.beyond || serves.length === 0) return []
    const { label, materialId, litres, passes } = prospect
    const said = { label, ...(materialId === undefined ? {} : { materialId }), serves, litres }
    return [{
      ...said,
      ...(passes
        ? { days: exactly(day(window.from)), untilDay: day(window.to) }
        : { days: range(day(window.from), day(likelyOf(window)), day(window.to)), ...(window.orLater ? { orLater: true } : {}) }),
    }]
  })
  return stages.length > 0 ? { id: batch.id, kind: 'batch', name: batch.name, stages: inTurn(stages) } : undefined
}

const inTurn = (stages: readonly Stage[]) => [...stages].sort((a, b) => a.days.typical - b.days.typical)

/** What a plan will give, days counted from a day. */
export function giftStages({ gives }: Pick<Draft, 'gives'>, from: Date, book: MaterialBook): Stage[] {
  const day = (at: Date) => daysBetween(from, at)
  return inTurn(gives.flatMap((gift: Gift): Stage[] => {
    const serves = servesAs(gift, book)
    if (serves.length === 0) return []
    const [low, high] = [day(gift.from), Math.max(day(gift.from), day(gift.to))]
    const { label, materialId, litres, orLater, passes } = gift
    const said = { label, ...(materialId === undefined ? {} : { materialId }), serves, litres }
    if (passes) return [{ ...said, days: exactly(low), untilDay: high }]
    return [{ ...said, days: range(low, (low + high) / 2, high), ...(orLater ? { orLater } : {}) }]
  }))
}

/** Stages that are counted from a day later than today. */
export function laterBy(stages: readonly Stage[], days: number): Stage[] {
  return stages.map(stage => ({
    ...stage,
    days: range(stage.days.low + days, stage.days.typical + days, stage.days.high + days),
    ...(stage.untilDay === undefined ? {} : { untilDay: stage.untilDay + days }),
  }))
}

/** What is being collected for, as if it were begun on its day; nothing where its method cannot say. */
export function plannedStock(
  list: CollectingList, method: Method, surroundings: Surroundings, own: OwnShares = {},
): Stock | undefined {
  const begun = noonOf(list.by)
  const at = begun < surroundings.now ? surroundings.now : begun
  const thought = draftFor(list.plan, method, { ...surroundings, now: at })
  if (!thought || thought.draft.refusal !== undefined) return undefined
  const inL = looseL(thought.draft.recipe ?? thought.proposal.ingredients)
  const gives = byOwnYield(giftStages(thought.draft, at, surroundings.materials), inL, own[method.id])
  const stages = laterBy(gives, daysBetween(surroundings.now, at))
  return stages.length > 0 ? { id: list.id, kind: 'planned', name: list.name, stages } : undefined
}
