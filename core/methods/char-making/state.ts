import type { BegunBatch, Did } from '../../journal/garden'
import { quenchL } from '../../char/quench'
import { HOUR_MS } from '../../units/time'
import { keptFor, type Surroundings } from '../contract'
import { goingOf, type Going } from './go'
import { yielded, type Load, type Yielded } from './load'
import { burnLoad, ownBurns, type OwnBurns } from './own'
import { wayOf, type Way } from './ways'
import { CHECKED, CRUSHED, DONE, EVENING, LIT, MORNING, PICKED, QUENCHED, SEALED } from './words'
import type { Range } from '../../units/range'

/** A check is good for so long: wind and people change. */
const CHECK_HOURS = 3

/** Everything that is known of a burn, worked out once. */
export interface Burn {
  readonly way: Way
  readonly load: Load
  readonly gives: Yielded
  readonly own: OwnBurns
  /** Minutes from lighting to done, eight times in ten. */
  readonly minutes: Range
  readonly crushedL: Range
  /** Litres of water to have at hand. */
  readonly needL: number
  readonly going: Going | undefined
  readonly checkedAt: Date | undefined
  readonly at: (deed: string) => Date | undefined
  readonly last: (deed: string) => Did | undefined
  readonly phase: 'stacked' | 'burning' | 'to-quench' | 'cooling' | 'hot-again' | 'to-crush' | 'crushed' | 'ended'
}

/** Water for a load: the char's own bulk and what boils off. */
export function waterNeedL({ typical }: Yielded): number {
  return typical.ok ? quenchL(typical.value.lumpL, typical.value.charKg) : 0
}

function phaseOf(batch: BegunBatch, way: Way, last: Burn['last']): Burn['phase'] {
  if (batch.ended) return 'ended'
  if (last(CRUSHED)) return 'crushed'
  if (way.bought) return 'to-crush'
  const looked = [last(EVENING), last(MORNING)].flatMap(one => one ?? []).sort((a, b) => a.at < b.at ? -1 : 1).at(-1)
  const cooled = last(QUENCHED) ?? last(SEALED)
  if (looked && looked.answers.found !== 'cold' && (!cooled || cooled.at <= looked.at)) return 'hot-again'
  if (last(MORNING)?.answers.found === 'cold') return 'to-crush'
  if (cooled) return 'cooling'
  if (last(DONE) || last(PICKED)) return 'to-quench'
  return last(LIT) ? 'burning' : 'stacked'
}

/** A burn as it stands. */
export const burnOf = keptFor((batch: BegunBatch, surroundings: Surroundings): Burn => {
  const way = wayOf(batch.began.approachId)
  const load = burnLoad(batch, surroundings)
  const gives = yielded(load, way)
  const own = ownBurns(way, surroundings)
  const usual = way.minutes(load)
  const last = (deed: string) => batch.did.findLast(one => one.deed === deed)
  const at = (deed: string) => {
    const first = batch.did.find(one => one.deed === deed)
    return first && new Date(first.at)
  }
  const needL = waterNeedL(gives)
  const checked = last(CHECKED)
  const by = (of: number, times: Range): Range => ({ low: of * times.low, typical: of * times.typical, high: of * times.high })
  return {
    way, load, gives, own, needL, at, last, phase: phaseOf(batch, way, last),
    minutes: by(usual, own.minutes),
    crushedL: own.litres.from > 0 ? by(gives.crushedL.typical, own.litres) : gives.crushedL,
    going: checked && goingOf(checked.answers, needL, surroundings.units), checkedAt: checked && new Date(checked.at),
  }
})

/** A burn as it stands, of a batch that is one. */
export function theBurn(batch: BegunBatch, surroundings: Surroundings): Burn {
  return burnOf(batch, surroundings)!
}

/** Whether it may be lit now: checked, go, and not too long ago. */
export function mayLight({ going, checkedAt, way }: Burn, now: Date): boolean {
  if (!way.burns) return true
  return going?.go === true && checkedAt !== undefined && now.getTime() - checkedAt.getTime() <= CHECK_HOURS * HOUR_MS
}
