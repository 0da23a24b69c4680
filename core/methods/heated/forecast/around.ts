import { addDays } from 'date-fns'
import type { Weather } from '../../../heat/case'
import type { Standing as Ground } from '../../../heat/walls'
import { footprintM2, perimeterM, type Vessel } from '../../../vessel/vessel'
import type { Surroundings } from '../../contract'
import { HEATED } from '../constants'

/** What a heap in this vessel stands on and against. */
export function groundOf(vessel: Vessel): Ground {
  return { wall: vessel.wall, footprintM2: footprintM2(vessel), perimeterM: perimeterM(vessel) }
}

/** The weather of so many days from a moment on, as it reaches a heap in this vessel. */
export function weatherOn(
  vessel: Vessel, from: Date, days: number,
  { weather: { ambientC, rainMm, measured: weatherKnown } }: Pick<Surroundings, 'weather'>,
): Weather {
  const noon = (day: number) => addDays(from, day + 0.5)
  return {
    airC: Float64Array.from({ length: days + 1 }, (_, day) => ambientC(noon(day))),
    rainMm: Float64Array.from({ length: days + 1 }, (_, day) => rainMm(noon(day))),
    ...(weatherKnown ? { measured: Uint8Array.from({ length: days + 1 }, (_, day) => weatherKnown(noon(day)) ? 1 : 0) } : {}),
    openShare: vessel.wall === 'plastic' ? HEATED.openShare.lidded : HEATED.openShare.covered,
  }
}
