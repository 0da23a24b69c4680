import { ownPace } from '../../learning/own-pace'
import type { BegunBatch } from '../../journal/garden'
import { startOf, type Surroundings } from '../contract'
import { amountVolumeL } from '../../units/container'
import type { Range } from '../../units/range'
import { loadOf, yielded } from './load'
import { wayOf, type Way } from './ways'
import { CRUSHED, DONE, LIT, METHOD } from './words'
import { numberOf } from '../../questions/question'
import { MAKE } from './constants'
import { MINUTE_MS } from '../../units/time'

/** How this gardener's burns compare with what is usual. */
export interface OwnBurns {
  readonly minutes: Range & { readonly from: number }
  readonly litres: Range & { readonly from: number }
}

const atOf = ({ did }: BegunBatch, deed: string) => did.find(one => one.deed === deed)?.at

/** Minutes that a burn took, where both ends were recorded. */
export function minutesTaken(batch: BegunBatch): number | undefined {
  const [lit, done] = [atOf(batch, LIT), atOf(batch, DONE)]
  if (lit === undefined || done === undefined) return undefined
  const minutes = (Date.parse(done) - Date.parse(lit)) / MINUTE_MS
  return minutes > 0 ? minutes : undefined
}

/** Litres of crushed char that a burn gave: as crushed, or as taken. */
export function litresGiven({ did, takings }: BegunBatch): number | undefined {
  const crushed = did.filter(({ deed }) => deed === CRUSHED).reduce((sum, { answers }) => sum + (numberOf(answers, 'afterL') ?? 0), 0)
  const taken = takings
    .flatMap(({ products }) => products)
    .filter(({ materialId }) => materialId !== 'wood-ash' && materialId !== 'char-unfinished')
    .reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
  const litres = Math.max(crushed, taken)
  return litres > 0 ? litres : undefined
}

/** The load of a burn that was begun. */
export function burnLoad(batch: BegunBatch, { materials }: Pick<Surroundings, 'materials'>) {
  const { approachId, answers, site } = batch.began
  return loadOf(startOf(batch, materials).ingredients, answers, site, wayOf(approachId), materials)
}

/** What was learned from the burns of this way that are over: times and yields against what is usual for their loads. */
export function ownBurns(way: Pick<Way, 'id'>, surroundings: Pick<Surroundings, 'past' | 'materials'>): OwnBurns {
  const before = (surroundings.past?.(METHOD) ?? []).filter(({ began }) => began.approachId === way.id)
  const ratios = (own: (batch: BegunBatch) => number | undefined, usual: (batch: BegunBatch) => number) => before.flatMap((batch) => {
    const [here, there] = [own(batch), usual(batch)]
    return here !== undefined && there > 0 ? [here / there] : []
  })
  return {
    minutes: ownPace(ratios(minutesTaken, batch => wayOf(batch.began.approachId).minutes(burnLoad(batch, surroundings))), MAKE.times),
    litres: ownPace(
      ratios(litresGiven, batch => yielded(burnLoad(batch, surroundings), wayOf(batch.began.approachId)).crushedL.typical), MAKE.yields,
    ),
  }
}
