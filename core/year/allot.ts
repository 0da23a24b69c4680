import { willDo, type Stock, type Want } from './stock'
import type { StageThen, World } from './worlds'

/** Who gave what in one possible year, litres: by want and stock. */
export interface Allotment {
  readonly given: readonly Float64Array[]
  /** Litres that came of each stock at all, as it first was, and how much of that is left. */
  readonly came: Float64Array
  readonly left: Float64Array
}

/** A share is as good as nothing below this, and a way as good as another within it; numerics. */
const TINY = 1e-9

/**
 * The stage as which a want takes a stock: the last that will do and has come by its end. It can be taken out before it goes on to
 * be something else, but not once it has.
 */
export function stageAt({ stages }: Stock, then: readonly StageThen[], want: Want): number {
  let at = -1
  then.forEach(({ day, untilDay }, index) => {
    const isGone = (then[index + 1]?.day ?? Infinity) <= 0
    if (!isGone && day <= want.toDay && untilDay >= want.fromDay && willDo(stages[index]!, want)) at = index
  })
  return at
}

/** Litres a want gets of a litre of each stock, as it first was; 0 where it will not do or has not come. */
function gainsOf(stocks: readonly Stock[], wants: readonly Want[], world: World, came: Float64Array): Float64Array[] {
  return wants.map((want) => {
    const gains = new Float64Array(stocks.length)
    stocks.forEach((stock, index) => {
      const at = stageAt(stock, world[index]!, want)
      if (at >= 0 && came[index]! > TINY) gains[index] = world[index]![at]!.litres / came[index]!
    })
    return gains
  })
}

/** What is handed out so far in one possible year. */
interface State {
  readonly gains: readonly Float64Array[]
  readonly given: readonly Float64Array[]
  readonly left: Float64Array
  /** By stock the wants that could take of it, by want the stocks it has something of. */
  readonly takers: readonly (readonly number[])[]
  readonly has: readonly Set<number>[]
  readonly ways: Ways
}

/**
 * How each stock can be freed: by its own rest, or by another one standing in for it with an earlier want; and how much a litre of
 * rest frees of it.
 */
interface Ways { readonly gain: Float64Array, readonly want: Int16Array, readonly instead: Int16Array }

/** What is better by less is no better; numerics. */
const BETTER = 1 + 1e-7

/**
 * The most that a litre of rest anywhere can free of each stock. Earlier wants keep all they have. The first of equals stays, so that
 * what is directly there goes before what has to be freed.
 */
function findWays({ gains, left, takers, has, ways: { gain, want, instead } }: State, before: number): void {
  const queue: number[] = []
  for (let stock = 0; stock < left.length; stock++) {
    gain[stock] = left[stock]! > TINY ? 1 : 0
    instead[stock] = -1
    want[stock] = -1
    if (gain[stock]! > 0) queue.push(stock)
  }
  // Each stock is freed at most once by each want on a way; more rounds than that would be a circle.
  const most = left.length * (before + 2)
  for (let at = 0; at < queue.length && at < most; at++) {
    const from = queue[at]!
    for (const taker of takers[from]!) {
      if (taker >= before) break
      const takes = gain[from]! * gains[taker]![from]!
      for (const freed of has[taker]!) {
        const comes = takes / gains[taker]![freed]!
        if (freed === from || comes <= gain[freed]! * BETTER + TINY) continue
        gain[freed] = comes
        want[freed] = taker
        instead[freed] = from
        queue.push(freed)
      }
    }
  }
}

/** The stocks along a way, from what is given to the rest that pays for it. */
function alongWay({ instead }: Ways, to: number): number[] {
  const along = [to]
  while (instead[along.at(-1)!]! >= 0 && along.length <= instead.length) along.push(instead[along.at(-1)!]!)
  return along
}

/** How much of the first stock can be freed along a way at most: by the rest that pays, and by what each earlier want has of it. */
function mostAlong({ gains, given, left, ways }: State, along: readonly number[]): number {
  let most = Infinity
  let times = 1
  for (const stock of along) {
    const other = ways.instead[stock]!
    if (other < 0) return Math.min(most, left[stock]! / times)
    const earlier = ways.want[stock]!
    most = Math.min(most, given[earlier]![stock]! / gains[earlier]![stock]! / times)
    times *= gains[earlier]![stock]! / gains[earlier]![other]!
  }
  return most
}

/** Hands a want so much more or less of a stock. */
function hand({ given, has }: State, want: number, stock: number, litres: number): void {
  const now = Math.max(0, given[want]![stock]! + litres)
  given[want]![stock] = now
  if (now > TINY) has[want]!.add(stock)
  else has[want]!.delete(stock)
}

/** Frees so much of the first stock along a way and pays for it with the rest at its end. */
function moveAlong(state: State, along: readonly number[], wanted: number): void {
  const { gains, left, ways } = state
  let litres = wanted
  for (const stock of along) {
    const other = ways.instead[stock]!
    if (other < 0) {
      left[stock] = Math.max(0, left[stock]! - litres)
      return
    }
    const earlier = ways.want[stock]!
    const out = litres * gains[earlier]![stock]!
    hand(state, earlier, stock, -out)
    hand(state, earlier, other, out)
    litres = out / gains[earlier]![other]!
  }
}

function serve(state: State, want: number, litres: number): void {
  const gains = state.gains[want]!
  let missing = litres
  for (let round = 0; missing > litres * TINY && round < 4 * gains.length + 8; round++) {
    findWays(state, want)
    let [best, most] = [-1, 0]
    for (let stock = 0; stock < gains.length; stock++) {
      const comes = state.ways.gain[stock]! * gains[stock]!
      if (comes > most * BETTER + TINY) [best, most] = [stock, comes]
    }
    if (best < 0) return
    const along = alongWay(state.ways, best)
    const moved = Math.min(missing / gains[best]!, mostAlong(state, along))
    if (moved <= TINY) return
    moveAlong(state, along, moved)
    hand(state, want, best, moved * gains[best]!)
    missing -= moved * gains[best]!
  }
}

/**
 * Hands out what came in one possible year. Wants are served in their order, each as far as it can be without taking anything from
 * an earlier one; an earlier one may have to make do with other stuff that does as well. Of what does equally well the first stock
 * goes first. A way that frees the most of a litre is taken at each step, so that no stuff is lost in a circle (Onaga 1966 for flows
 * with gains).
 * @param stocks in the order in which they are rather used. @param world one stage for each stage of each stock.
 */
export function allot(stocks: readonly Stock[], wants: readonly Want[], world: World): Allotment {
  const came = Float64Array.from(world, stages => stages.reduce((most, { litres }) => Math.max(most, litres), 0))
  const gains = gainsOf(stocks, wants, world, came)
  const state: State = {
    gains, given: wants.map(() => new Float64Array(stocks.length)), left: came.slice(),
    takers: stocks.map((_, stock) => wants.flatMap((__, want) => gains[want]![stock]! > 0 ? [want] : [])),
    has: wants.map(() => new Set<number>()),
    ways: {
      gain: new Float64Array(stocks.length), want: new Int16Array(stocks.length), instead: new Int16Array(stocks.length),
    },
  }
  wants.forEach(({ litres }, index) => serve(state, index, litres))
  return { given: state.given, came, left: state.left }
}
