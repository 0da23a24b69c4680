import type { Charge } from '#core/heat/charge'
import type { Standing } from '#core/heat/walls'
import { normal, type Random } from '#core/random/random'
import type { ForeignCourse, Turning } from './foreign'

/*
 * A third model of a heap, different from both others in its stages and in what ripe is: solids are broken into sap, three crowds live on
 * the sap one after the other, each at its own warmth, and leave dead matter behind that feeds the last. One body and a rind that
 * lags behind it. Ripe is when the last crowd has the heap to itself, it makes no more warmth than a day does, and so for a month.
 * Never used to forecast.
 */

interface Crowd { readonly bestC: number, readonly widthK: number, readonly growsDay: number, kg: number }

const around = (random: Random, middle: number, spread: number) => middle * Math.exp(spread * normal(random))
const warmthShare = ({ bestC, widthK }: Crowd, celsius: number) => Math.exp(-(((celsius - bestC) / widthK) ** 2))

/** What is solid, by how soon it gives way; all kg. */
interface Solids { soft: number, tough: number }

const STEPS = 12
const MONTH = 28
const QUIET_K = 10

/** Runs a heap of random nature through its weather, turned and watered as its gardener does. */
export function stagedCourse(
  charge: Charge, standing: Standing, airC: (day: number) => number, days: number, turning: Turning, random: Random,
): ForeignCourse {
  const quickKg = charge.rapidKg + charge.mediumKg
  const dryAtFirst = quickKg + charge.slowKg + charge.restKg
  const softDay = around(random, 0.05, 0.25)
  const toughDay = around(random, 0.018, 0.3)
  const lossW = around(random, 1.35, 0.2)
  const steam = around(random, 0.0011, 0.3)
  const yields = 0.28
  const crowds: Crowd[] = [
    { bestC: 35, widthK: 17, growsDay: around(random, 4, 0.3), kg: 0.004 * quickKg },
    { bestC: 57, widthK: 16, growsDay: around(random, 5, 0.3), kg: 0.001 * quickKg },
    { bestC: 27, widthK: 20, growsDay: around(random, 0.7, 0.3), kg: 0.001 * quickKg },
  ]
  // The rind: a third of it, that rots only as warm as half way to the air.
  const parts: { readonly share: number, solids: Solids, sap: number }[] = [0.67, 0.33].map(share => ({
    share, sap: 0.03 * quickKg * share, solids: { soft: 0.97 * quickKg * share, tough: charge.slowKg * share },
  }))
  let dead = 0
  let waterKg = charge.waterKg
  let celsius = airC(0) + 5
  let lastFork = 0
  let peakC = 0
  let quiet = 0
  let asked = 0
  let stale = 0
  const course: ForeignCourse = { coreC: [], edgeC: [], turns: [], waterings: [], readyDay: days }
  const areaM2 = 0.8 * charge.volumeL / 1000 / standing.footprintM2 * standing.perimeterM + 1.4 * standing.footprintM2
  const solidsKg = () => parts.reduce((sum, { solids, sap }) => sum + solids.soft + solids.tough + sap, 0)
  for (let day = 0; day < days; day++) {
    const air = airC(day)
    for (let step = 0; step < STEPS; step++) {
      const dry = solidsKg() + dead + charge.restKg
      const moist = Math.min(1, Math.max(0, (waterKg / (waterKg + dry) - 0.22) / 0.28))
      const airy = 1 / (1 + stale / 0.3)
      let burntKg = 0
      for (const part of parts) {
        const here = part.share > 0.5 ? celsius : air + 0.55 * (celsius - air)
        const pace = moist * airy * Math.min(2.4, 2 ** ((here - 35) / 10)) / (1 + Math.exp((here - 63) / 2)) / STEPS
        for (const [name, rate] of [['soft', softDay], ['tough', toughDay]] as const) {
          const gone = part.solids[name] * (1 - Math.exp(-rate * pace))
          part.solids[name] -= gone
          part.sap += gone
        }
        for (const crowd of crowds) {
          const eats = Math.min(
            part.sap * 0.5,
            crowd.kg * part.share * crowd.growsDay / yields * warmthShare(crowd, here) * moist * part.sap / (part.sap + 0.01 * quickKg)
            / STEPS,
          )
          part.sap -= eats
          crowd.kg += yields * eats
          burntKg += (1 - yields) * eats
        }
      }
      for (const crowd of crowds) {
        const dies = crowd.kg * (1 - Math.exp(-(0.12 + 0.9 * (1 - warmthShare(crowd, celsius))) * 0.4 / STEPS))
        crowd.kg = Math.max(1e-4 * quickKg, crowd.kg - dies)
        dead += dies
      }
      const mould = dead * (1 - Math.exp(-0.02 * moist / STEPS))
      dead -= mould
      burntKg += 0.7 * mould
      stale += burntKg / dry * (1 - Math.min(1, standing.perimeterM / 8)) - 0.03 * stale / STEPS
      const steamKg = Math.min(waterKg * 0.05, steam * waterKg * Math.max(0, celsius - air) ** 1.55 / 7 / STEPS)
      waterKg += 0.5 * burntKg - steamKg
      const heat = 19 * burntKg - steamKg * 2.43 - lossW * areaM2 * (celsius - air) * 0.62 * 0.0864 / STEPS
      celsius += heat / (waterKg * 0.00418 + dry * 0.0013)
    }
    course.coreC.push(celsius)
    course.edgeC.push(air + 0.4 * (celsius - air))
    peakC = Math.max(peakC, celsius)
    if (turning.due({ day, sinceDays: day - lastFork, turns: course.turns.length, coreC: celsius, peakC, airC: air })) {
      lastFork = day + 1
      peakC = 0
      if (turning.does(asked++)) {
        const lacking = Math.max(0, 1.25 * (solidsKg() + dead + charge.restKg) - waterKg)
        waterKg += lacking
        stale = 0
        celsius -= 0.25 * (celsius - air)
        const [core, rind] = parts as [typeof parts[number], typeof parts[number]]
        for (const name of ['soft', 'tough'] as const) {
          const sum = core.solids[name] + rind.solids[name]
          core.solids[name] = sum * core.share
          rind.solids[name] = sum * rind.share
        }
        course.waterings.push({ day: day + 1, litres: lacking })
        course.turns.push(day + 1)
      }
    }
    const left = parts[1]!.solids.soft / parts[1]!.share + parts[0]!.solids.soft / parts[0]!.share
    quiet = celsius - air < QUIET_K && left < 0.08 * quickKg ? quiet + 1 : 0
    if (quiet < MONTH) course.readyDay = days
    else if (course.readyDay === days) course.readyDay = day + 1
    course.lostShare = 1 - (solidsKg() + dead + charge.restKg) / dryAtFirst
    if (course.readyDay < days && day > course.readyDay + 5 && day > 45) break
  }
  return course
}
