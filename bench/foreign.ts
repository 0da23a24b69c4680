import type { Charge } from '#core/heat/charge'
import type { Standing } from '#core/heat/walls'
import { normal, type Random } from '#core/random/random'

/*
 * A second, quite different model of a heap: two zones, Arrhenius rates that break off when it gets too hot, its own losses.
 * It is never used to forecast: only to ask whether the forecast's bands hold a truth that is not its own.
 */

/** What differs from heap to heap in this model; drawn at random. */
interface Nature {
  readonly easyAt35: number
  readonly hardAt35: number
  readonly activationKJ: number
  readonly breaksAtC: number
  readonly easyShare: number
  readonly lagDays: number
  readonly lossW_M2K: number
  readonly betweenW_M2K: number
  readonly steam: number
  readonly innerShare: number
  readonly staleAt: number
}

function natureOf(random: Random): Nature {
  const around = (middle: number, spread: number) => middle * Math.exp(spread * normal(random))
  return {
    easyAt35: around(0.06, 0.25), hardAt35: around(0.012, 0.3), activationKJ: 46 + 4 * normal(random), breaksAtC: 62 + 2 * normal(random),
    easyShare: around(0.95, 0.12), lagDays: around(0.8, 0.4), lossW_M2K: around(1.3, 0.2), betweenW_M2K: around(0.8, 0.25),
    steam: around(0.001, 0.3), innerShare: Math.min(0.7, around(0.5, 0.12)), staleAt: around(0.25, 0.25),
  }
}

/** The truth of a heap, day by day. */
export interface ForeignCourse {
  /** What a thermometer in the middle would read at noon, °C. */
  readonly coreC: number[]
  readonly edgeC: number[]
  /** Days on which it was turned. */
  readonly turns: number[]
  /** What was poured on while turning. */
  readonly waterings: { readonly day: number, readonly litres: number }[]
  readyDay: number
  /** Of the dry matter, gone when it was last looked at. */
  lostShare?: number
}

/** How a heap stands when its gardener decides. */
export interface Decides {
  readonly day: number
  readonly sinceDays: number
  readonly turns: number
  readonly coreC: number
  readonly peakC: number
  readonly airC: number
}

/** A gardener: when a turn is asked for, and whether the one of this number is made. */
export interface Turning {
  readonly due: (now: Decides) => boolean
  readonly does: (asked: number) => boolean
}

const GAS_KJ = 0.008314
const RIPE_MG_G = 15
/** It cures so long after it was last so far above the air. */
const CURES_DAYS = 21
const WARM_K = 20
const STEPS = 24

function pace({ activationKJ, breaksAtC }: Nature, celsius: number): number {
  const arrhenius = Math.exp(-activationKJ / GAS_KJ * (1 / (celsius + 273.15) - 1 / 308.15))
  return arrhenius / (1 + Math.exp((celsius - breaksAtC) / 5))
}

const wetness = (moisture: number) => Math.min(1, Math.max(0, (moisture - 0.2) / 0.3)) * Math.min(1, Math.max(0.1, (0.8 - moisture) / 0.12))

interface Zone { celsius: number, easyKg: number, easyAtFirstKg: number, hardKg: number, restKg: number, waterKg: number, stale: number }

/** Runs a heap of random nature through its weather, turned and watered as its gardener does. */
export function foreignCourse(
  charge: Charge, standing: Standing, airC: (day: number) => number, days: number,
  turning: Turning, random: Random,
): ForeignCourse {
  const nature = natureOf(random)
  const quick = (charge.rapidKg + charge.mediumKg) * nature.easyShare
  const dryKg = charge.rapidKg + charge.mediumKg + charge.slowKg + charge.restKg
  const slow = charge.slowKg
  const zone = (share: number): Zone => ({
    celsius: airC(0) + 4, easyKg: quick * share, easyAtFirstKg: quick * share, hardKg: slow * share,
    restKg: (dryKg - quick - slow) * share, waterKg: charge.waterKg * share, stale: 0,
  })
  const inner = zone(nature.innerShare)
  const outer = zone(1 - nature.innerShare)
  let awake = 0.05
  const course: ForeignCourse = { coreC: [], edgeC: [], turns: [], waterings: [], readyDay: days }
  const areaM2 = 0.8 * charge.volumeL / 1000 / standing.footprintM2 * standing.perimeterM + 1.5 * standing.footprintM2
  const betweenW = nature.betweenW_M2K * areaM2 * 0.55
  let peakC = 0
  let lastTurn = 0
  let warmDay = -CURES_DAYS
  let asked = 0
  let ready = days
  for (let day = 0; day < days; day++) {
    const air = airC(day)
    awake = live(inner, outer, nature, { air, awake, betweenW, areaM2 })
    course.coreC.push(inner.celsius)
    course.edgeC.push(0.5 * outer.celsius + 0.5 * air)
    peakC = Math.max(peakC, inner.celsius)
    warmDay = inner.celsius - air > WARM_K ? day : warmDay
    if (turning.due({ day, sinceDays: day - lastTurn, turns: course.turns.length, coreC: inner.celsius, peakC, airC: air })) {
      lastTurn = day + 1
      peakC = 0
      if (turning.does(asked++)) {
        course.waterings.push({ day: day + 1, litres: fork(inner, outer, nature, air) })
        course.turns.push(day + 1)
      }
    }
    const raw
      = outer.easyKg / (outer.easyKg + outer.hardKg + outer.restKg) > inner.easyKg / (inner.easyKg + inner.hardKg + inner.restKg)
        ? outer
        : inner
    const breath
      = (1200
        * (raw.easyKg * (1 - Math.exp((-4 * nature.easyAt35 * raw.easyKg) / raw.easyAtFirstKg))
          + raw.hardKg * (1 - Math.exp(-4 * nature.hardAt35))))
        / (raw.easyKg + raw.hardKg + raw.restKg)
    if (breath > RIPE_MG_G || day < warmDay + CURES_DAYS || reheats(inner, outer, nature, { awake, betweenW, areaM2 })) ready = days
    else if (ready === days) ready = day + 1
    const dryKgNow = [inner, outer].reduce((sum, one) => sum + one.easyKg + one.hardKg + one.restKg, 0)
    if (ready === day + 1) course.lostShare = 1 - dryKgNow / dryKg
  }
  return { ...course, readyDay: ready }
}

interface Around { readonly air: number, readonly awake: number, readonly betweenW: number, readonly areaM2: number }

/** Lets both zones live for a day; gives how awake they are then. */
function live(inner: Zone, outer: Zone, nature: Nature, { air, awake, betweenW, areaM2 }: Around): number {
  let now = awake
  for (let hour = 0; hour < STEPS; hour++) {
    now += now * (1 - now) / nature.lagDays / STEPS * 3 * Math.min(1, pace(nature, inner.celsius) + 0.15)
    const flow = betweenW * (inner.celsius - outer.celsius) * 0.0864 / STEPS
    for (const one of [inner, outer]) {
      const dry = one.easyKg + one.hardKg + one.restKg
      const speed = now * pace(nature, one.celsius) * wetness(one.waterKg / (one.waterKg + dry)) / (1 + one.stale / nature.staleAt)
      // Easy stuff is of many kinds: the easiest goes first.
      const easy = one.easyKg * (1 - Math.exp(-nature.easyAt35 * speed * (one.easyKg / one.easyAtFirstKg) / STEPS))
      const hard = one.hardKg * (1 - Math.exp(-nature.hardAt35 * speed / STEPS))
      one.easyKg -= easy
      one.hardKg -= hard
      one.stale += (easy + hard) / dry - 0.01 * one.stale / STEPS
      const lostW = one === outer ? nature.lossW_M2K * areaM2 * (one.celsius - air) : 0
      const steamKg = Math.min(one.waterKg * 0.05, nature.steam * one.waterKg * Math.max(0, one.celsius - air) ** 1.6 / 8 / STEPS)
      one.waterKg += 0.55 * (easy + hard) - steamKg
      const heat = 19.5 * (easy + hard) - steamKg * 2.4 - lostW * 0.0864 / STEPS + (one === inner ? -flow : flow)
      one.celsius += heat / (one.waterKg * 0.00418 + dry * 0.0013)
    }
  }
  return now
}

/** Whether it would rise 10 K above mild air within five days if it were turned and wetted now. */
function reheats(inner: Zone, outer: Zone, nature: Nature, around: Omit<Around, 'air'>): boolean {
  const [core, rind] = [{ ...inner }, { ...outer }]
  const air = 15
  fork(core, rind, nature, air)
  core.celsius = rind.celsius = air
  let { awake } = around
  for (let day = 0; day < 5; day++) {
    awake = live(core, rind, nature, { ...around, air, awake })
    if (core.celsius - air >= 10) return true
  }
  return false
}

/** Turned: both zones are the same stuff again, aired, cooler, and watered up to a wrung sponge. Gives the litres. */
function fork(inner: Zone, outer: Zone, { innerShare }: Nature, air: number): number {
  let litres = 0
  const warm = innerShare * inner.celsius + (1 - innerShare) * outer.celsius
  for (const key of ['easyKg', 'hardKg', 'restKg', 'waterKg'] as const) {
    const sum = inner[key] + outer[key]
    inner[key] = sum * innerShare
    outer[key] = sum * (1 - innerShare)
  }
  for (const one of [inner, outer]) {
    one.celsius = warm - 0.25 * (warm - air)
    one.stale = 0
    const dry = one.easyKg + one.hardKg + one.restKg
    const lacking = Math.max(0, 1.25 * dry - one.waterKg)
    one.waterKg += lacking
    litres += lacking
  }
  return litres
}
