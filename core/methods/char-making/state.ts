import type { BegunBatch, Did } from '../../journal/garden'
import { HOUR_MS } from '../../units/time'
import { keptFor, type Surroundings } from '../contract'
import { coolingOf, endingOf, type Cooling } from './cooling'
import { laterL } from './evenings'
import type { Ending } from './endings'
import { goingOf, type FireToLight, type Going } from './go'
import { lostL, yielded, type Load, type Yielded } from './load'
import { burnLoad, ownBurns, type OwnBurns } from './own'
import { wayOf, type Way } from './ways'
import { atHandL, stoppingL } from './water'
import { CHECKED, CRUSHED, DONE, LIT, PICKED } from './words'
import type { Range } from '../../units/range'
import type { UnitSystem } from '../../units/system'
import { MAKE } from './constants'

/** What is done in one go: until it is burnt through, and then until it is cold. */
export function stepsOf({ begins }: Pick<Way, 'begins'>, ending: Ending | undefined): readonly string[] {
  return [...begins, ...(ending?.steps ?? [])]
}

/** Litres that stopping a fire takes, and that stand ready before it is lit. */
export function fireWater(
  ending: Ending | undefined, gives: Pick<Yielded, 'typical'>, units: UnitSystem,
): { readonly stopL: number, readonly needL: number } {
  const stopL = ending ? stoppingL(ending, gives) : 0
  return { stopL, needL: atHandL(stopL, units) }
}

/** What a batch's fire is weighed by before it is lit. */
export function fireToLight(batch: BegunBatch, surroundings: Surroundings): FireToLight {
  const way = wayOf(batch.began.approachId)
  const load = burnLoad(batch, surroundings)
  const { units, garden: { waterCan: can } } = surroundings
  return { ...fireWater(endingOf(batch), yielded(load, way), units), units, can, lostL: moisture => lostL(load, way, moisture) }
}

/** Everything that is known of a burn, worked out once. */
export interface Burn {
  readonly way: Way
  readonly load: Load
  readonly gives: Yielded
  readonly own: OwnBurns
  /** Minutes from lighting to done, eight times in ten. */
  readonly minutes: Range
  readonly crushedL: Range
  /** How it is brought to its end; nothing for what was bought. */
  readonly ending: Ending | undefined
  readonly cooling: Cooling | undefined
  /** What is done in one go, in order. */
  readonly steps: readonly string[]
  /** Litres of water that stopping it takes, and to have at hand before it is lit. */
  readonly stopL: number
  readonly needL: number
  readonly going: Going | undefined
  readonly checkedAt: Date | undefined
  readonly at: (deed: string) => Date | undefined
  readonly last: (deed: string) => Did | undefined
  readonly phase: 'stacked' | 'burning' | 'to-stop' | 'cooling' | 'hot-again' | 'to-crush' | 'crushed' | 'in-store' | 'ended'
}

function phaseOf(batch: BegunBatch, ending: Ending | undefined, cooling: Cooling | undefined, last: Burn['last']): Burn['phase'] {
  if (batch.ended) return 'ended'
  if (!ending || !cooling) return last(CRUSHED) ? 'crushed' : 'to-crush'
  if (cooling.hotAgain) return 'hot-again'
  if (cooling.coldAt) return batch.takings.length > 0 ? 'in-store' : last(CRUSHED) ? 'crushed' : 'to-crush'
  if (cooling.stoppedAt) return 'cooling'
  if (last(DONE) || last(PICKED)) return 'to-stop'
  return last(LIT) ? 'burning' : 'stacked'
}

const withLater = ({ low, typical, high }: Range, moreL: number): Range =>
  ({ low: low + moreL, typical: typical + moreL, high: high + moreL })

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
  const ending = endingOf(batch)
  const cooling = ending && coolingOf(batch, ending)
  const { stopL, needL } = fireWater(ending, gives, surroundings.units)
  const checked = last(CHECKED)
  const by = (of: number, times: Range): Range => ({ low: of * times.low, typical: of * times.typical, high: of * times.high })
  return {
    way,
    load,
    gives,
    own,
    ending,
    cooling,
    steps: stepsOf(way, ending),
    stopL,
    needL,
    at,
    last,
    phase: phaseOf(batch, ending, cooling, last),
    minutes: by(usual, own.minutes),
    crushedL: withLater(own.litres.from > 0 ? by(gives.crushedL.typical, own.litres) : gives.crushedL, laterL(batch)),
    going: checked && goingOf(checked.answers, fireToLight(batch, surroundings)), checkedAt: checked && new Date(checked.at),
  }
})

/** A burn as it stands, of a batch that is one. */
export function theBurn(batch: BegunBatch, surroundings: Surroundings): Burn {
  return burnOf(batch, surroundings)!
}

/** Whether it may be lit now: checked, go, and not too long ago. */
export function mayLight({ going, checkedAt, way }: Burn, now: Date): boolean {
  if (!way.burns) return true
  return going?.go === true && checkedAt !== undefined && now.getTime() - checkedAt.getTime() <= MAKE.checkHours * HOUR_MS
}
