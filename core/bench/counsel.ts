import { capital } from '../units/plural'
import type { Offer } from '../balancing/offer'
import { packingFactor } from '../materials/packing'
import type { Method } from '../methods/contract'
import { typicalTotals } from '../mix/balance'
import { judge, type Comfort, type Judgement } from '../mix/judgement'
import { leversThatHelp, type Levers } from '../mix/lever'
import { portionOf, type Ingredient } from '../mix/portion'
import { withCount } from '../mix/pull'
import { leverText } from '../mix/words'
import { containerText } from '../units/container'
import { quantityText, countText, roundedCount } from '../units/format'
import type { UnitSystem } from '../units/system'

/** What a mix is told to: single changes, a feed, another method for what is too much. */
export interface CounselAsked {
  readonly filled: readonly Ingredient[]
  readonly judgement: Judgement
  readonly levers: Levers | undefined
  readonly comfort: Comfort
  readonly feeds: readonly Offer[]
  /** The method that it is planned for, and all there are. */
  readonly method: Method
  readonly methods: readonly Method[]
  readonly units: UnitSystem
  /** So many of the levers are said elsewhere already: the first ones. */
  readonly leversSaid?: number
}

/** More of a feed than this is not strewn into one heap. */
const FEED_STEP = 0.5
/** Of a thing that is too much, what is still worth a word. */
const MOST_OF_IT = 0.6
/** Feeds that are named, the first that will do. */
const FEEDS_NAMED = 2
const HALVINGS = 24

const availableOf = (ingredients: readonly Ingredient[], comfort: Comfort): number => {
  const judged = judge(typicalTotals(ingredients.map(portionOf)), comfort)
  return judged.ok ? judged.value.measures.availableCarbonToNitrogen : Infinity
}

/** The least of a feed that makes a brown mix work, in half litres; nothing when it would take more than one strews. */
function feedNeeded(feed: Offer, { filled, comfort }: CounselAsked): number | undefined {
  const { material, container, packing } = feed
  const works = (count: number) =>
    availableOf([...filled, { material, amount: { count, container, packing } }], comfort) <= comfort.carbonToNitrogen.most
  const most = feed.obtainable ?? Infinity
  if (!works(most)) return undefined
  let [none, enough] = [0, most]
  for (let halving = 0; halving < HALVINGS; halving++) {
    const middle = (none + enough) / 2
    if (works(middle)) enough = middle
    else none = middle
  }
  return Math.ceil(enough / FEED_STEP) * FEED_STEP
}

function feedText(feed: Offer, count: number, units: UnitSystem): string {
  const { material, container } = feed
  const litres = count * container.volumeL
  const amount = quantityText('volume', units, litres, 1)
  const massKg = litres * material.bulkDensityKgM3.typical / 1000
  return material.moistureFraction.typical > 0.5
    ? `${amount} of ${material.short}, diluted`
    : `${amount} (${quantityText('mass', units, massKg, 1)}) of ${material.short}`
}

/** Nitrogen to strew in where greens are missing. */
function feedLine(asked: CounselAsked): string[] {
  if (asked.judgement.ills[0]?.ill !== 'too-brown') return []
  const ways = asked.feeds.flatMap((feed) => {
    const count = feedNeeded(feed, asked)
    return count === undefined ? [] : [{ inStore: feed.inStore, text: feedText(feed, count, asked.units) }]
  }).sort((a, b) => Number(b.inStore) - Number(a.inStore)).slice(0, FEEDS_NAMED)
  return ways.length > 0 ? [`Strew in a nitrogen feed between the layers: ${ways.map(({ text }) => text).join(' or ')}.`] : []
}

/** How many containers of the mainstay the rest can still balance. */
function balancedCount(index: number, { filled, comfort }: CounselAsked): number {
  let [fits, tooMuch] = [0, filled[index]!.amount.count]
  for (let halving = 0; halving < HALVINGS; halving++) {
    const middle = (fits + tooMuch) / 2
    if (
      availableOf(
        withCount(filled, index, middle).filter(({ amount }) => amount.count > 0), comfort,
      ) <= comfort.carbonToNitrogen.high
    )
      fits = middle
    else tooMuch = middle
  }
  return fits
}

/** Where nearly all of it is one brown thing that another method takes gladly: how much goes there, and how the rest is fed. */
function surplusLine(asked: CounselAsked): string[] {
  const { filled, judgement, method, methods } = asked
  if (judgement.grade !== 'poor' || judgement.ills[0]?.ill !== 'too-brown') return []
  const litres = filled.map(one => portionOf(one).looseVolumeL)
  const whole = litres.reduce((sum, one) => sum + one, 0)
  const index = litres.findIndex(one => one > MOST_OF_IT * whole)
  const main = filled[index]
  const other
    = main
      && methods.find(
        one => one.id !== method.id && one.face.choosing.surplus !== undefined && one.face.choosing.eats.includes(main.material.family),
      )
  if (!main || !other) return []
  const { material, amount } = main
  const over = amount.count - balancedCount(index, asked)
  const all = roundedCount(over) >= roundedCount(amount.count)
  const said = containerText(amount.count, amount.container)
  const ofIt = all ? `all ${said}` : `about ${countText(over)} of the ${said}`
  if (over * amount.container.volumeL * packingFactor(material, amount.packing) < other.face.choosing.leastL) return []
  return [
    `Not a hot heap yet: ${other.face.choosing.surplus} ${ofIt} of `
    + `${material.short}, ${all ? 'or keep some back and feed it' : 'and feed the rest'} to a heap week by week, two to three of `
    + `${material.short} to one of what comes in.`,
  ]
}

/** What to do about a mix, the best first: whole sentences, none where it is a good one. */
export function counselFor(asked: CounselAsked): string[] {
  const { levers, filled, judgement, leversSaid = 0 } = asked
  if (judgement.grade === 'good') return []
  const single = levers ? leversThatHelp(levers).map(lever => leverText(lever, filled)) : []
  const others = single.slice(leversSaid)
  const said = others.length === 0 ? [] : [leversSaid > 0 ? `Or ${others.join(', or ')}.` : `${capital(others.join(', or '))}.`]
  // Where one change mends it, nobody sends it elsewhere.
  return single.length > 0 || judgement.grade !== 'poor' ? said : [...surplusLine(asked), ...feedLine(asked)]
}
