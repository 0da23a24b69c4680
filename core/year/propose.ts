import { range, scaleRange } from '../units/range'
import { answerIn, inOrderOfService, inOrderOfUse, type YearAnswer } from './answer'
import { YEAR } from './constants'
import { willDo, type Stage, type Stock, type Want } from './stock'
import { laterBy } from './stocks'
import { worldsOf, type World } from './worlds'

/** Something that could be begun, thought through for a few days; nothing on days on which it cannot. */
export interface Candidate {
  readonly id: string
  readonly name: string
  /** Two of one place do not go together. */
  readonly placeId?: string
  /** So many of it can be begun beside each other. */
  readonly most: number
  readonly firstDay: number
  readonly lastDay: number
  /** What it would give, counted from its start, and what it costs. */
  on(day: number): {
    readonly stages: readonly Stage[]
    readonly hours: number
    readonly scarceShare: number
    /** So many of it there is stuff for; nothing where there is no limit. */
    readonly many?: number
  } | undefined
}

/** How a need changes by a start. */
export interface Won { readonly needId: string, readonly before: number, readonly after: number }

/** A start that is worth it. */
export interface Proposed {
  readonly candidateId: string
  /** So many of it beside each other. */
  readonly times: number
  /** The day that is proposed, and between which it wins about as much; days from today. */
  readonly day: number
  readonly firstDay: number
  readonly lastSafeDay: number
  readonly stock: Stock
  readonly hours: number
  readonly scarceShare: number
  readonly won: readonly Won[]
}

/** How well a year comes out, between 0 and the number of needs: half by needs that are met, half by litres. */
export function goodnessOf({ needs }: YearAnswer): number {
  return needs.reduce((sum, { chance, share }) => sum + (chance + share) / 2, 0)
}

/** Possible years of a garden, to which starts are added one after another. */
export interface Trying {
  readonly wants: readonly Want[]
  readonly seed: number
  readonly stocks: readonly Stock[]
  readonly worlds: readonly World[]
}

export function trying(stocks: readonly Stock[], wants: readonly Want[], seed: number, draws = YEAR.trialDraws): Trying {
  return { wants: inOrderOfService(wants), seed, stocks, worlds: worldsOf(stocks, draws, seed) }
}

/** The same years with another stock in them. */
export function withStock({ wants, seed, stocks, worlds }: Trying, stock: Stock): Trying {
  const its = worldsOf([stock], worlds.length, seed)
  return { wants, seed, stocks: [...stocks, stock], worlds: worlds.map((world, index) => [...world, its[index]![0]!]) }
}

/** How these years come out. */
export function comesOut({ stocks, wants, worlds }: Trying): YearAnswer {
  const ordered = inOrderOfUse(stocks)
  const at = new Map(stocks.map(({ id }, index) => [id, index]))
  return answerIn(ordered, wants, worlds.map(world => ordered.map(({ id }) => world[at.get(id)!]!)))
}

/** The stock that so many of a start on a day would be. */
export function stockOn({ id, name }: Pick<Candidate, 'id' | 'name'>, stages: readonly Stage[], day: number, times = 1): Stock {
  return { id, kind: 'start', name, stages: laterBy(stages, day).map(one => ({ ...one, litres: scaleRange(one.litres, times) })) }
}

interface Tried {
  readonly candidate: Candidate
  readonly day: number
  readonly times: number
  readonly value: number
  readonly hours: number
  readonly scarceShare: number
}

const costOf = ({ hours, scarceShare }: Pick<Tried, 'hours' | 'scarceShare'>) => YEAR.hourCosts * hours + YEAR.scarceCosts * scarceShare

function tryOn(candidate: Candidate, day: number, base: Trying, times = 1): Tried | undefined {
  const thought = candidate.on(day)
  if (!thought) return undefined
  const value = goodnessOf(comesOut(withStock(base, stockOn(candidate, thought.stages, day, times))))
  return { candidate, day, times, value, hours: thought.hours * times, scarceShare: thought.scarceShare * times }
}

/** As many of it beside each other as each still wins more than it costs. */
function asManyAsHelp(one: Tried, base: Trying): Tried {
  let best = one
  const most = Math.min(one.candidate.most, one.candidate.on(one.day)?.many ?? Infinity)
  while (best.times < most) {
    const more = tryOn(best.candidate, best.day, base, best.times + 1)
    if (!more || more.value - best.value < YEAR.leastWon || more.value - costOf(more) <= best.value - costOf(best)) break
    best = more
  }
  return best
}

/** The days on which a start is tried: from its first, a week apart. */
export function daysOf({ firstDay, lastDay }: Pick<Candidate, 'firstDay' | 'lastDay'>, step: number): number[] {
  return lastDay < firstDay
    ? []
    : Array.from({ length: Math.floor((lastDay - firstDay) / step) + 1 }, (_, index) => firstDay + index * step)
}

/** Whether any of it would do for one that is short, and may come before its end. */
function mayServe(stages: readonly Stage[], day: number, short: readonly Want[]): boolean {
  return short.some(want => stages.some(stage => willDo(stage, want) && stage.days.low + day <= want.toDay))
}

/**
 * The days on which a start is worth trying: the first on which it can be begun and comes in time, since what keeps is never better
 * for being begun later; of what passes, any.
 */
function* worthTrying(candidate: Candidate, short: readonly Want[]): Generator<number> {
  for (const day of daysOf(candidate, YEAR.gridDays)) {
    const thought = candidate.on(day)
    if (!thought || !mayServe(thought.stages, day, short)) continue
    yield day
    if (thought.stages.every(({ untilDay }) => untilDay === undefined)) return
  }
}

/** The farthest day in a direction on which a start still wins as much, without a day between on which it does not: by weeks in the end. */
function farthest(from: number, days: readonly number[], isSafe: (day: number) => boolean): number {
  let last = from
  for (const step of [YEAR.gridDays, YEAR.stepDays]) {
    for (const day of days) {
      const along = Math.abs(day - from)
      if (along <= Math.abs(last - from) || along % step !== 0) continue
      if (!isSafe(day)) break
      last = day
    }
  }
  return last
}

/** The first and the last day on which a start wins about as much as on its best. */
function safeDays({ candidate, day, times, value }: Tried, base: Trying, before: number): readonly [number, number] {
  const least = before + YEAR.asSafe * (value - before)
  const days = daysOf(candidate, YEAR.stepDays)
  const isSafe = (one: number) => (tryOn(candidate, one, base, times)?.value ?? -Infinity) >= least
  return [farthest(day, days.filter(one => one < day).reverse(), isSafe), farthest(day, days.filter(one => one > day), isSafe)]
}

/** Each candidate on its own best day, as many of it as help, the one that wins most after what it costs first. Draws breath between. */
function* eachAtBest(candidates: readonly Candidate[], base: Trying, before: YearAnswer): Generator<number, Tried[]> {
  const was = goodnessOf(before)
  const short = base.wants.filter(({ id }) => before.needs.find(one => one.id === id)!.chance < YEAR.safe)
  const worth = (one: Tried) => one.value - was - costOf(one)
  const found: Tried[] = []
  for (const [done, candidate] of candidates.entries()) {
    let best: Tried | undefined
    for (const day of worthTrying(candidate, short)) {
      const tried = tryOn(candidate, day, base)
      if (tried && (!best || worth(tried) > worth(best) + TINY)) best = tried
      yield done / candidates.length
    }
    if (best) found.push(asManyAsHelp(best, base))
    yield done / candidates.length
  }
  return found.sort((a, b) => worth(b) - worth(a)).slice(0, YEAR.weighed)
}

/** Less than this is no difference; numerics. */
const TINY = 1e-9

/** Every set of up to so many, the smaller ones first; none with two of one place. */
function setsOf(all: readonly Tried[], most: number): Tried[][] {
  const sets: Tried[][] = []
  for (let bits = 1; bits < 2 ** all.length; bits++) {
    const set = all.filter((_, index) => Math.floor(bits / 2 ** index) % 2 === 1)
    const places = set.flatMap(({ candidate: { placeId } }) => placeId === undefined ? [] : [placeId])
    if (set.length <= most && new Set(places).size === places.length) sets.push(set)
  }
  return sets.sort((a, b) => a.length - b.length)
}

const asStock = ({ candidate, day, times }: Pick<Tried, 'candidate' | 'day' | 'times'>): Stock =>
  stockOn(candidate, candidate.on(day)!.stages, day, times)

/** The set of starts that comes out best after what it costs; each of it has to win what is worth beginning it for. */
function* bestSet(all: readonly Tried[], base: Trying, was: number): Generator<number, readonly Tried[]> {
  let [best, most] = [[] as readonly Tried[], was]
  for (const set of setsOf(all, YEAR.starts)) {
    const value = goodnessOf(comesOut(set.reduce((years, one) => withStock(years, asStock(one)), base)))
      - set.reduce((sum, one) => sum + costOf(one) + YEAR.leastWon, 0)
    if (value > most + TINY) [best, most] = [set, value]
    yield 1
  }
  return best
}

const wonBy = (before: YearAnswer, after: YearAnswer): Won[] => before.needs.flatMap((one): Won[] => {
  const chance = after.needs.find(({ id }) => id === one.id)!.chance
  return chance - one.chance >= YEAR.wonStep ? [{ needId: one.id, before: one.chance, after: chance }] : []
})

/**
 * Tells how far it is, 0 to 1, and then what to begin by when: at most three starts that together come out best, the one with the
 * earliest last day first. What each wins is told on top of those before it.
 */
export function* propose(
  candidates: readonly Candidate[], stocks: readonly Stock[], wants: readonly Want[], seed: number,
): Generator<number, Proposed[]> {
  const base = trying(stocks, wants, seed)
  const before = comesOut(base)
  if (wants.length === 0 || before.needs.every(({ chance }) => chance >= YEAR.safe)) return []
  const set: readonly Tried[] = yield* bestSet(yield* eachAtBest(candidates, base, before), base, goodnessOf(before))
  const dated = set.map((one) => {
    const others = set.filter(other => other !== one).reduce((years, other) => withStock(years, asStock(other)), base)
    const without = goodnessOf(comesOut(others))
    const value = goodnessOf(comesOut(withStock(others, asStock(one))))
    const [firstDay, lastSafeDay] = safeDays({ ...one, value }, others, without)
    // A few days to gather it, where there are any.
    const day = Math.min(lastSafeDay, Math.max(firstDay, YEAR.stepDays))
    return { one, firstDay, lastSafeDay, day: one.candidate.on(day) ? day : one.day }
  }).sort((a, b) => a.lastSafeDay - b.lastSafeDay)
  let [years, came] = [base, before]
  return dated.map(({ one, day, firstDay, lastSafeDay }): Proposed => {
    const stock = asStock({ ...one, day })
    years = withStock(years, stock)
    const after = comesOut(years)
    const won = wonBy(came, after)
    came = after
    const { candidate: { id }, times, hours, scarceShare } = one
    return { candidateId: id, times, day, firstDay, lastSafeDay, stock, hours, scarceShare, won }
  })
}

/** Between two days on which something was thought through, as far as it lies between them. */
export function between(first: readonly Stage[], second: readonly Stage[], share: number): Stage[] {
  if (first.length !== second.length) return [...first]
  const mid = (a: number, b: number) => a + (b - a) * share
  return first.map((stage, index) => {
    const other = second[index]!
    return {
      ...stage,
      days: range(mid(stage.days.low, other.days.low), mid(stage.days.typical, other.days.typical), mid(stage.days.high, other.days.high)),
      litres: range(
        mid(stage.litres.low, other.litres.low), mid(stage.litres.typical, other.litres.typical), mid(stage.litres.high, other.litres.high),
      ),
    }
  })
}
