import { allot } from './allot'
import { YEAR } from './constants'
import { finenessOf } from './serves'
import type { Stock, Want } from './stock'
import { worldsOf, type World } from './worlds'

/** How a need is met over all possible years. */
export interface Met {
  readonly id: string
  /** Share of years in which all of it is there in time. */
  readonly chance: number
  /** Litres that are there in time, of those wanted, in the mean of all years. */
  readonly share: number
  /** At least so much is short in one year of five, litres. */
  readonly shortL: number
  /** What it is served from, litres in the mean of all years, the most first. */
  readonly by: readonly { readonly stockId: string, readonly litres: number }[]
}

/** What becomes of a stock. */
export interface Used {
  readonly id: string
  /** Litres left when every need was served, in the middle of all years, as it first was. */
  readonly leftL: number
  /** Litres that came of it, in the middle. */
  readonly cameL: number
}

/** How a year comes out. */
export interface YearAnswer { readonly needs: readonly Met[], readonly stocks: readonly Used[] }

function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0
}

/** In the order in which they are rather used: what passes first, then the coarsest, what lies here before what is to come. */
export function inOrderOfUse(stocks: readonly Stock[]): Stock[] {
  const kinds = ['lot', 'batch', 'planned', 'start'] as const
  const passes = ({ stages }: Stock) => stages.every(({ untilDay, lastsDays }) => untilDay !== undefined || lastsDays !== undefined)
  const until = ({ stages }: Stock) => Math.max(...stages.map(({ untilDay = Infinity }) => untilDay))
  const fine = ({ stages }: Stock) => finenessOf(stages.flatMap(({ serves }) => serves))
  return [...stocks].sort((a, b) =>
    fine(a) - fine(b) || Number(passes(b)) - Number(passes(a)) || (until(a) < until(b) ? -1 : until(a) > until(b) ? 1 : 0)
    || kinds.indexOf(a.kind) - kinds.indexOf(b.kind) || (a.id < b.id ? -1 : 1))
}

/** In the order in which they are served: the earliest end first, as they stand where they end on one day. */
export function inOrderOfService(wants: readonly Want[]): Want[] {
  return [...wants].sort((a, b) => a.toDay - b.toDay)
}

/** How needs are met in these possible years, each as likely as the other. @param worlds not empty; stages as the stocks have them. */
export function answerIn(stocks: readonly Stock[], wants: readonly Want[], worlds: readonly World[]): YearAnswer {
  const years = worlds.map(world => allot(stocks, wants, world))
  const needs = wants.map(({ id, litres }, want): Met => {
    const from = new Float64Array(stocks.length)
    let [met, missing] = [0, 0]
    const short = years.map(({ given }) => {
      const its = given[want]!
      let had = 0
      for (let stock = 0; stock < its.length; stock++) {
        had += its[stock]!
        from[stock]! += its[stock]!
      }
      const less = Math.max(0, litres - had)
      missing += less
      if (less <= litres * (1 - YEAR.metFrom)) met++
      return less
    })
    const by = stocks.map((stock, index) => ({ stockId: stock.id, litres: from[index]! / years.length }))
      .filter(one => one.litres > litres * (1 - YEAR.metFrom))
    return {
      id, chance: met / years.length, share: 1 - missing / years.length / litres, shortL: quantile(short, 1 - YEAR.shortInYears),
      by: by.sort((a, b) => b.litres - a.litres),
    }
  })
  return {
    needs,
    stocks: stocks.map(({ id }, index): Used => ({
      id, leftL: quantile(years.map(({ left }) => left[index]!), 0.5), cameL: quantile(years.map(({ came }) => came[index]!), 0.5),
    })),
  }
}

/** How a year comes out: what is wanted against what is there, over possible years. */
export function yearAnswer(stocks: readonly Stock[], wants: readonly Want[], seed: number, draws = YEAR.draws): YearAnswer {
  const ordered = inOrderOfUse(stocks)
  return answerIn(ordered, inOrderOfService(wants), worldsOf(ordered, draws, seed))
}
