import { addMonths, startOfMonth } from 'date-fns'
import { daysBetween } from '../units/time'
import type { MaterialBook } from '../materials/book'
import type { Family } from '../materials/material'
import type { Met, Used } from './answer'
import { comesIn, INCOME, type Income } from './income'
import { noonOf, type Need } from './need'
import type { Stock } from './stock'

/** Where something lies along the strip: from 0, the first day of its first month, to 1, the end of its last. */
export type Along = number

/** The year in one drawing: what comes in, what stands, what is wanted, what is short. */
export interface Strip {
  readonly from: Date
  readonly to: Date
  readonly today: Along
  readonly months: readonly { readonly at: Along, readonly to: Along, readonly first: Date }[]
  readonly incomes: readonly StripIncome[]
  readonly bars: readonly StripBar[]
  readonly needs: readonly StripNeed[]
}

/** What comes in in one month, by family: litres. */
export interface StripIncome {
  readonly at: Along
  readonly to: Along
  readonly litres: number
  readonly by: readonly { readonly family: Family, readonly litres: number }[]
}

/** A stock along time: not there, then perhaps, then surely. */
export interface StripBar {
  readonly id: string
  readonly name: string
  readonly kind: Stock['kind']
  readonly family: Family
  /** It stands from here, may be there from the second, and is surely there from the third; until it passes. */
  readonly from: Along
  readonly maybe: Along
  readonly surely: Along
  readonly until: Along
  readonly litres: number
}

/** A need along time, with how much of it is there in the mean of all years. */
export interface StripNeed {
  readonly id: string
  readonly name: string
  readonly from: Along
  readonly to: Along
  readonly litres: number
  readonly share: number
  readonly chance: number
}

const MONTHS = 12

/** Lays the year out from the month of today on. @param months of the strip, 1 to 24. */
export function layStrip(
  { now, stocks, needs, met, used, incomes, book, months = MONTHS }: {
    readonly now: Date
    readonly stocks: readonly Stock[]
    readonly needs: readonly Need[]
    readonly met: ReadonlyMap<string, Met>
    readonly used: ReadonlyMap<string, Used>
    readonly incomes: readonly Income[]
    readonly book: MaterialBook
    readonly months?: number
  },
): Strip {
  const from = startOfMonth(now)
  const to = addMonths(from, months)
  const days = daysBetween(from, to)
  const today = daysBetween(from, now) / days
  const along = (day: number): Along => Math.min(1, Math.max(0, today + day / days))
  const alongAt = (at: Date): Along => Math.min(1, Math.max(0, daysBetween(from, at) / days))
  const each = Array.from({ length: months }, (_, index) => {
    const first = addMonths(from, index)
    return { first, at: alongAt(first), to: alongAt(addMonths(from, index + 1)) }
  })
  return {
    from, to, today, months: each,
    incomes: each.map(({ first, at, to: end }): StripIncome => {
      const by = new Map<Family, number>()
      for (const one of incomes) {
        const family = book.find(one.materialId)?.family
        if (family && comesIn(one, first.getMonth() + 1))
          by.set(family, (by.get(family) ?? 0) + one.litresAWeek * INCOME.weeksAMonth)
      }
      const all = [...by].map(([family, litres]) => ({ family, litres }))
      return { at, to: end, litres: all.reduce((sum, { litres }) => sum + litres, 0), by: all }
    }),
    bars: stocks.filter(({ kind }) => kind !== 'lot').flatMap(({ id, name, kind, stages }): StripBar[] => {
      const stage = stages.find(({ days: { high } }) => high > 0) ?? stages.at(-1)
      if (!stage || along(stage.days.low) >= 1) return []
      const family = book.find(stage.materialId ?? '')?.family ?? 'feed'
      return [{
        id, name, kind, family, from: kind === 'batch' ? 0 : along(Math.max(0, stage.days.low - 1)), maybe: along(stage.days.low),
        surely: along(Math.max(stage.days.high, stage.days.low)), until: stage.untilDay === undefined ? 1 : along(stage.untilDay),
        litres: used.get(id)?.cameL ?? stage.litres.typical,
      }]
    }).sort((a, b) => a.maybe - b.maybe || (a.id < b.id ? -1 : 1)),
    needs: needs.filter(need => noonOf(need.from) < to && noonOf(need.to) >= from).map((need): StripNeed => {
      const one = met.get(need.id)
      return {
        id: need.id, name: need.name, from: alongAt(noonOf(need.from)),
        to: Math.max(alongAt(noonOf(need.from)) + 0.01, alongAt(noonOf(need.to))),
        litres: need.litres, share: one?.share ?? 1, chance: one?.chance ?? 1,
      }
    }),
  }
}

/** The moment of a place along the strip. */
export function dateAlong({ from, to }: Pick<Strip, 'from' | 'to'>, along: Along): Date {
  return new Date(from.getTime() + along * (to.getTime() - from.getTime()))
}

/** A bar so many days later or earlier: what stands goes on standing until then. */
export function movedBar(bar: StripBar, days: number, { from, to }: Pick<Strip, 'from' | 'to'>): StripBar {
  const by = days / daysBetween(from, to)
  const at = (along: Along) => Math.min(1, Math.max(0, along + by))
  return { ...bar, maybe: at(bar.maybe), surely: at(bar.surely), from: bar.kind === 'batch' ? bar.from : at(bar.from) }
}

/** Needs in lanes, so that none lies on another: each in the first lane that is free when it begins. */
export function inLanes(needs: readonly StripNeed[]): readonly (StripNeed & { readonly lane: number })[] {
  const ends: Along[] = []
  return [...needs].sort((a, b) => a.from - b.from).map((need) => {
    const free = ends.findIndex(end => end <= need.from + SAME)
    const lane = free < 0 ? ends.length : free
    ends[lane] = need.to
    return { ...need, lane }
  })
}

/** Places nearer to each other than this are one; numerics. */
const SAME = 1e-6
