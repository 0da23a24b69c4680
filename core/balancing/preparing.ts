import { preparationsFor, type Preparation } from '../materials/preparation'
import { illsIn, type Ill } from '../mix/judgement'
import type { Offer } from './offer'
import type { Problem } from './problem'
import { workOut } from './region'

/** Which preparation helps against what: wilting against wet and mats, shredding against mats. Nothing fetched for a wet heap is soaked. */
const HELPS: Readonly<Partial<Record<Ill, readonly Preparation[]>>> = { 'too-wet': ['wilted'], 'mats': ['wilted', 'shredded'] }

/** What is done to an offer against an ill: another preparation, none in place of soaking, or nothing. */
function preparedOffer(offer: Offer, ills: readonly Ill[]): Offer {
  const { prepared, ...plain } = offer
  if (prepared === 'soaked' && ills.includes('too-wet')) return plain
  if (prepared || offer.pinned !== undefined) return offer
  const suited = preparationsFor(offer.material)
  const helping = ills.flatMap(ill => HELPS[ill] ?? []).find(one => suited.includes(one))
  return helping ? { ...offer, prepared: helping } : offer
}

/** What is cut small or wilted takes less room: the heap may be so much lower. */
const LESS_ROOM = 0.6

/** The same problem with what is wet wilted, what mats cut small and nothing soaked; nothing where no preparation helps. */
export function prepare(problem: Problem, ills: readonly Ill[]): Problem | undefined {
  const { limits } = problem
  const offers = problem.offers.map(offer => preparedOffer(offer, ills))
  if (offers.every((offer, index) => offer === problem.offers[index])) return undefined
  return { ...problem, offers, limits: { ...limits, volumeL: { ...limits.volumeL, low: limits.volumeL.low * LESS_ROOM } } }
}

/** Where a choice is wet or mats, the problem with its stuff prepared against that. */
export function easierToMix(problem: Problem, counts: readonly number[]): Problem | undefined {
  const worked = workOut(problem, counts)
  return worked && prepare(problem, illsIn(worked.measures, problem.limits.comfort).map(({ ill }) => ill))
}

/** What is prepared otherwise in a choice than was asked, in a few words: "With the grass wilted". */
export function preparedTitle(asked: Problem, problem: Problem, counts: readonly number[]): string {
  const said = problem.offers.flatMap(({ material, prepared }, index) =>
    (counts[index] ?? 0) > 0 && asked.offers[index]?.prepared !== prepared ? [`the ${material.short} ${prepared ?? 'not soaked'}`] : [],
  )
  return said.length > 0 ? `With ${[...new Set(said)].join(' and ')}` : ''
}
