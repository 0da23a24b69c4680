import { pricePerUsableL, usableL, type BagOffer } from '../../char/price'
import { numberOf } from '../../questions/question'
import type { Answers } from '../../questions/answers'
import { numberText, spanText } from '../../units/format'
import { counted } from '../../units/plural'
import type { UnitSystem } from '../../units/system'
import { fromShown } from '../../units/system'
import type { ComparedWay, Comparison, Surroundings } from '../contract'
import { dampnessOf, loadOf, yielded } from './load'
import { sitesOf } from './sites'
import { WAYS, type Way } from './ways'
import { GARDEN_L, GARDEN_PRICE, LUMP_KG, LUMP_PRICE, WANTED, WHERE } from './words'
import { MAKE } from './constants'
import { CHAR } from '../../char/constants'

/** The bag of a bought way, as it was said; a usual one without its price. */
export function bagOf({ bought }: Way, answers: Answers): BagOffer {
  return bought === 'volume'
    ? { sold: 'volume', litres: numberOf(answers, GARDEN_L) ?? 20, price: numberOf(answers, GARDEN_PRICE) ?? 0 }
    : { sold: 'weight', kg: numberOf(answers, LUMP_KG) ?? 10, price: numberOf(answers, LUMP_PRICE) ?? 0 }
}

/** Money for a litre or a gallon, in the gardener's own money; nothing where no price was said. */
export function priceText(offer: BagOffer, units: UnitSystem): string {
  const price = pricePerUsableL(offer)
  return price.ok
    ? `${numberText(price.value * fromShown('volume', units, 1), 2)} a ${units === 'us' ? 'gallon' : 'litre'}`
    : 'say what a bag costs'
}

/** Litres that one load or one bag of a way gives. */
function aLoadL(way: Way, answers: Answers, { materials }: Pick<Surroundings, 'materials'>) {
  if (way.bought) {
    const litres = usableL(bagOf(way, answers))
    return { low: litres * 0.85, typical: litres, high: litres * 1.1 }
  }
  return yielded(loadOf([], answers, sitesOf(way.id)[0]!, way, materials), way).crushedL
}

function rowOf(way: Way, answers: Answers, surroundings: Surroundings): ComparedWay {
  const { units } = surroundings
  const wantedL = numberOf(answers, WANTED) ?? 40
  const load = aLoadL(way, answers, surroundings)
  const loads = Math.max(1, Math.ceil(wantedL / Math.max(0.1, load.typical)))
  const [one, many] = way.once
  const { moisture } = dampnessOf(answers)
  const indoors = way.burns && answers[WHERE] === 'indoors'
  const but = indoors
    ? 'not indoors'
    : way.burns && moisture.typical > CHAR.dryEnough
      ? 'the wood is too damp'
      : loads > MAKE.manyLoads && !way.bought
        ? 'too little at a time'
        : undefined
  const hours = (each: number) => each * loads
  return {
    approachId: way.id, name: way.name, fits: but === undefined, ...(but ? { but } : {}),
    cells: [
      `${spanText('volume', units, load.low, load.high)} each ${one}; ${counted(loads, one, many)}`,
      `${numberText(hours(way.hours.low), 1)} to ${numberText(hours(way.hours.high), 1)}`,
      way.bought ? priceText(bagOf(way, answers), units) : 'your own wood',
      way.risk,
    ],
  }
}

/** The ways side by side for the litres wanted, with the wood, the place and the prices that were said. */
export function compared(answers: Answers, surroundings: Surroundings): Comparison {
  return {
    title: 'The ways side by side',
    heads: ['Way', 'Usable, crushed', 'Your hours', 'Costs', 'Mind'],
    rows: WAYS.map(way => rowOf(way, answers, surroundings)),
    note: 'A bag by weight is reckoned as crushed char, less a tenth that is sifted out. Hours are yours, beside it; '
      + 'crushing comes on top.',
  }
}
