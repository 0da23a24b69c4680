import { endOfDay } from 'date-fns'
import type { HeapLog } from '../../heated/heap-log'
import type { Surroundings, Task } from '../../contract'
import { ingredientsOf, looseL } from '../../../mix/portion'
import { HOT } from '../constants'
import { isFrozen, unlessFrozen } from '../../course'
import { phaseNow } from '../standing'
import type { Ask } from './ask'
import { testAndFinish } from './finishing'
import { coolOff, readTheHeat, wakeIt } from './heat'
import { turnByHeat, turnByRhythm } from './turning'
import { coverIt, openItUp, squeezeIt, waterIt } from './water'

const ASKS = [coolOff, wakeIt, openItUp, waterIt, coverIt, readTheHeat, turnByHeat, turnByRhythm, squeezeIt, testAndFinish]

/** Things done in one go: who opens a heap with browns has turned it. */
const SAME_WORK: Readonly<Record<string, string>> = { browns: 'turned' }
const workOf = ({ action }: Ask) => SAME_WORK[action] ?? action

/** One piece of work asked for twice is done once: the more urgent reason stays. */
function once(asks: readonly Ask[]): Ask[] {
  return asks.filter((one, index) => asks.findIndex(other => workOf(other) === workOf(one)) === index)
}

/** How long it takes to turn all that went into it. */
function turningMinutes({ puts }: HeapLog, { materials }: Surroundings): number {
  const litres = looseL(ingredientsOf(puts.flatMap(({ inputs }) => inputs), materials))
  return Math.max(5, Math.round(HOT.minutesTurning.typical * litres / 100))
}

/** What a heap asks for, now and in the days to come. Missed days do not pile up: each thing is asked once. */
export function tasksOf(batch: HeapLog, surroundings: Surroundings): Task[] {
  if (batch.finish) return []
  const look = { batch, surroundings, now: phaseNow(batch, surroundings) }
  return once(unlessFrozen(ASKS.flatMap(make => make(look)), isFrozen(surroundings.weather.ambientC(surroundings.now), look.now.coreC)))
    .map(one => ({
      ...one, id: `${batch.id}.${one.action}`, batchId: batch.id, until: endOfDay(one.until),
      ...(one.doing.kind === 'deed' ? { minutes: turningMinutes(batch, surroundings) } : {}),
    }))
}
