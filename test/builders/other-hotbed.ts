import { airAtHour } from '#core/heat/slab/sun'
import { normal, type Random } from '#core/random/random'

/**
 * A hotbed that is not the model's: two lumps, a heart and the soil on it, and a heat that is simply given: a burst of days, then a long
 * even glow that fades. Nothing of decay, air or moisture is in it. Made to try forecasts on.
 */
export interface OtherBed {
  /** Heat of the burst and of the glow at their height, W/m². */
  readonly burstW: number
  readonly burstDay: number
  readonly glowW: number
  readonly glowDays: number
  /** From heart to soil, from soil to air, from heart to the sides, W/m²K. */
  readonly upW: number
  readonly topW: number
  readonly sideW: number
  /** Sun that the soil takes over a day, W/m². */
  readonly sunW: number
}

/** One of many that gardeners might have built, about as warm as practice says. */
export function anyOtherBed(random: Random): OtherBed {
  const about = (value: number, spread: number) => value * Math.exp(spread * normal(random))
  return {
    burstW: about(230, 0.3), burstDay: about(4, 0.25), glowW: about(150, 0.25), glowDays: about(26, 0.35), upW: about(2.2, 0.15),
    topW: about(3, 0.15), sideW: about(1.5, 0.2), sunW: about(22, 0.3),
  }
}

const HEART_J_M2K = 1.5e6
const SOIL_J_M2K = 3.4e5
const STEP_S = 3600

/** Soil and heart of such a bed by the hour, °C, from when it was built. @param airC by day from the start. */
export function otherCourse(
  bed: OtherBed, airC: (day: number) => number, days: number, startHour: number,
): { readonly soilC: number[], readonly heartC: number[] } {
  let [heart, soil] = [airC(0) + 12, Math.max(2, airC(0))]
  const [soilC, heartC]: [number[], number[]] = [[], []]
  for (let hour = 0; hour < days * 24; hour++) {
    const day = hour / 24
    const clock = (startHour + hour) % 24
    const outside = airAtHour(airC(Math.floor(day + startHour / 24)), 4, clock)
    const sun = clock > 7 && clock < 17 ? bed.sunW * 2.4 * Math.sin(Math.PI * (clock - 7) / 10) : 0
    const rise = day / (day + 1.5)
    const heat
      = bed.burstW * Math.exp(-(Math.log(Math.max(0.05, day) / bed.burstDay) ** 2) / 0.5)
        + bed.glowW * rise * Math.exp(-((day / bed.glowDays) ** 1.6))
    heart += STEP_S / HEART_J_M2K * (heat - bed.upW * (heart - soil) - bed.sideW * (heart - outside))
    soil += STEP_S / SOIL_J_M2K * (bed.upW * (heart - soil) - bed.topW * (soil - outside) + sun)
    soilC.push(soil)
    heartC.push(heart)
  }
  return { soilC, heartC }
}
