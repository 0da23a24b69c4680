import type { Offer } from '#core/balancing/offer'
import type { Problem } from '#core/balancing/problem'
import { LIBRARY } from '#core/materials/library'
import { preparationsFor } from '#core/materials/preparation'
import type { Random } from '#core/random/random'
import { APPROACHES } from '#core/methods/hot-heap/approaches'

const COMFORT = APPROACHES[0]!.comfort
const pick = <T>(random: Random, items: readonly T[]): T => items[Math.floor(random() * items.length)] as T
const between = (random: Random, low: number, high: number) => low + (high - low) * random()
const whole = (random: Random, low: number, high: number) => Math.floor(between(random, low, high + 1))

/** What heaps are really made of, so that a fair share of random problems has an answer. */
const USUAL = [
  'leaves-mixed', 'leaves-shredded', 'grass-clippings', 'kitchen-veg', 'cardboard', 'twigs', 'straw-wheat', 'horse-manure-straw',
  'coffee-grounds', 'weeds-soft', 'wood-chips', 'veg-haulm', 'chicken-manure', 'biochar-crushed', 'hay-grass', 'sawdust-soft',
]

function randomOffer(random: Random, mostCount: number): Offer {
  // Now and then anything of the library, so that odd things are among them.
  const wanted = random() < 0.8 ? pick(random, USUAL) : pick(random, LIBRARY).id
  const material = LIBRARY.find(({ id }) => id === wanted)!
  const most = whole(random, 1, mostCount)
  const suited = preparationsFor(material)
  return {
    material, most,
    container: { id: 'c', name: 'tub', plural: 'tubs', volumeL: pick(random, [10, 25, 40, 80]) },
    packing: pick(random, ['loose', 'shaken', 'packed'] as const),
    inStore: random() < 0.6,
    daysLeft: pick(random, [-1, 1, 4, 20, 400]),
    ...(suited.length > 0 && random() < 0.25 ? { prepared: pick(random, suited) } : {}),
    ...(random() < 0.15 ? { pinned: whole(random, 1, most) } : {}),
  }
}

/** A small problem that can also be tried through to the end. */
export function randomProblem(random: Random, offers: number, mostCount: number): Problem {
  const low = between(random, 20, 300)
  return {
    offers: Array.from({ length: offers }, () => randomOffer(random, mostCount)),
    limits: {
      comfort: {
        ...COMFORT,
        freeAirSpace: { least: 0.22, low: between(random, 0.3, 0.7) },
        mattingShare: { high: 0.3, most: between(random, 0.3, 0.8) },
        carbonToNitrogen: { least: between(random, 12, 25), low: 26, high: 29, most: between(random, 30, 55) },
      },
      volumeL: { low, high: low * between(random, 1.15, 3) },
      oneMaterialMost: pick(random, [1, 0.6, 0.75]),
      charMost: 0.1,
    },
    step: random() < 0.8 ? 1 : 0.5,
  }
}

/** Every choice of counts up to these many steps of each offer; a pinned one has only its own. */
export function* everyChoice({ offers, step }: Problem, mostOf: (offer: Offer) => number, pinsHold = true): Generator<number[]> {
  const choices = offers.map(offer =>
    pinsHold && offer.pinned !== undefined
      ? [offer.pinned]
      : Array.from({ length: Math.floor(mostOf(offer) / step + 1e-9) + 1 }, (_, index) => index * step),
  )
  const at = choices.map(() => 0)
  while (true) {
    yield choices.map((options, index) => options[at[index]!]!)
    let place = 0
    while (place < at.length && ++at[place]! >= choices[place]!.length) at[place++] = 0
    if (place >= at.length) return
  }
}
