import { describe, expect, it } from 'vitest'
import { dayLeft, runCage, shellShare, USUAL_TRAITS, type CageCase, type CageDeed } from './course'

/** A square metre of medium leaves: 500 L, 30 kg dry with 20 kg of water, at 15 °C, where 0.9 of them go a year. */
const CAGE: CageCase = {
  fills: [{ day: 0, dryKg: 30, waterKg: 20, looseL: 500, perYear: 0.9, settlesTo: 0.47, massLeft: 1 }], deeds: [],
  exposure: { areaM2: 1, rainShare: 1, drying: 1, shellM: 0.1, acrossM: 1 }, airC: [15], rainMm: [0],
}
const run = (more: Partial<CageCase>, last = 1) =>
  runCage({ ...CAGE, ...more }, USUAL_TRAITS, Float64Array.from({ length: last + 1 }, (_, day) => day))
const exposure = (more: Partial<CageCase['exposure']>) => ({ exposure: { ...CAGE.exposure, ...more } })
/** Water beside 30 kg that hardly rot in a day. */
const waterKg = ({ moisture, left }: ReturnType<typeof run>, day: number) => moisture[day]! / (1 - moisture[day]!) * 30 * left[day]!
/** Haug's factor beside that at 62 %: (1 + e^(7.0622 − 10.9641))/(1 + e^(7.0622 − 17.684·m)). */
const pace = (moisture: number) => (1 + Math.exp(7.0622 - 17.684 * 0.62)) / (1 + Math.exp(7.0622 - 17.684 * moisture))

describe('a day of leaves, by hand', () => {
  it('begins loose and as wet as it came', () => {
    const { left, leftOutside, volumeL, moisture } = run({})
    expect([left[0], leftOutside[0], volumeL[0]]).toEqual([1, 1, 500])
    expect(moisture[0]).toBeCloseTo(0.4, 6)
  })

  it('dries by a tenth of a millimetre for each degree, less the drier it is, and takes the rain', () => {
    // 0.1 · 15 · 0.4/0.55 = 1.0909 kg.
    expect(waterKg(run({}), 1)).toBeCloseTo(20 - 1.0909, 2)
    expect(waterKg(run(exposure({ drying: 0.5 })), 1)).toBeCloseTo(20 - 1.0909 / 2, 2)
    expect(waterKg(run({ airC: [-3] }), 1)).toBeCloseTo(20, 3)
    expect(waterKg(run({ rainMm: [4] }), 1)).toBeCloseTo(24 - 1.0909, 2)
    expect(waterKg(run({ rainMm: [4], ...exposure({ rainShare: 0.25 }) }), 1)).toBeCloseTo(21 - 1.0909, 2)
    // Drier than 40 % they shed half of it: 10 of 40 kg, 0.1 · 15 · 0.25/0.55 = 0.6818 dry off.
    const dry = { fills: [{ ...CAGE.fills[0]!, waterKg: 10 }], rainMm: [4] }
    expect(waterKg(run(dry), 1)).toBeCloseTo(12 - 0.6818, 2)
    // They hold three times their dry mass; wet as that, they dry by 1.5 mm and no more.
    expect(run({ deeds: [{ day: 0, kind: 'water', litres: 500 }] }).moisture[0]).toBeCloseTo(90 / 120, 6)
    expect(waterKg(run({ deeds: [{ day: 0, kind: 'water', litres: 500 }] }), 1)).toBeCloseTo(90 - 1.5, 1)
  })

  it('rots by its kind, warmth and moisture, outside as if it were drier by two fifths', () => {
    // In 62 % water, 15 °C: 0.9/365.25 a day. Ten kelvin more are twice as fast.
    const wet = { fills: [{ ...CAGE.fills[0]!, waterKg: 60 }], ...exposure({ drying: 0 }) }
    const daily = 0.9 / 365.25
    expect(1 - run(wet).left[1]!).toBeCloseTo(daily, 6)
    expect(1 - run({ ...wet, airC: [25] }).left[1]!).toBeCloseTo(2 * daily, 6)
    expect(run({ ...wet, airC: [0] }).left[1]).toBe(1)
    expect(1 - run(wet).leftOutside[1]!).toBeCloseTo(daily * pace(0.6 * 60 / 90), 6)
    // Below a quarter of its mass what is left is humus: it goes 0.12 times as fast.
    const old = { ...wet, fills: [{ ...CAGE.fills[0]!, waterKg: 60, massLeft: 0.24 }] }
    expect(1 - run(old).left[1]! / 0.24).toBeCloseTo(0.12 * daily, 6)
    const rawer = { ...wet, fills: [{ ...CAGE.fills[0]!, waterKg: 60, massLeft: 0.26 }] }
    expect(1 - run(rawer).left[1]! / 0.26).toBeCloseTo(daily, 6)
  })

  it('settles by half of the way in eight days, and sinks as it rots but for its pores', () => {
    // 0.47 + 0.53·e^(−12/12) = 0.66498 after twelve days.
    const { volumeL, left } = run(exposure({ drying: 0 }), 12)
    expect(volumeL[12]).toBeCloseTo(500 * (0.47 + 0.53 * Math.exp(-1)) * (0.15 + 0.85 * left[12]!), 2)
  })

  it('takes deeds for what they are', () => {
    const deeds = (...some: CageDeed[]) => run({ deeds: some, ...exposure({ drying: 0 }) }, 3)
    // 100 of 500 L out on the first day: a fifth of all of it.
    expect(deeds({ day: 0, kind: 'take', litres: 100 }).volumeL[0]).toBeCloseTo(400, 6)
    expect(deeds({ day: 0, kind: 'take', litres: 100 }).moisture[0]).toBeCloseTo(0.4, 6)
    expect(deeds({ day: 0, kind: 'take', litres: 5000 }).volumeL[0]).toBeCloseTo(10, 6)
    const plain = deeds()
    const forked = deeds({ day: 2, kind: 'fork' })
    expect(forked.left[2]).toBeCloseTo((plain.left[2]! + plain.leftOutside[2]!) / 2, 7)
    expect(forked.leftOutside[2]).toBe(forked.left[2])
    // In a bag no rain gets in, it dries by 0.06 of an open top, and nothing is drier outside.
    const bagged = run({ deeds: [{ day: 0, kind: 'bag' }], rainMm: [10] })
    expect(waterKg(bagged, 1)).toBeCloseTo(20 - 0.06 * 1.0909, 3)
    expect(bagged.leftOutside[1]).toBe(bagged.left[1])
  })

  it('is half of one fill and half of another where two went in', () => {
    const two = run({ fills: [CAGE.fills[0]!, { ...CAGE.fills[0]!, massLeft: 0.5, dryKg: 15 }], airC: [-1] })
    // 30 kg whole, and 15 kg that were 30: 45 of 60.
    expect(two.left[1]).toBeCloseTo(0.75, 6)
  })
})

describe('the shell of a cage', () => {
  it.each([
    // A metre across with a hand dry all round: 0.8² of it inside, and a metre high the upper tenth too: 1 − 0.64 · 0.9.
    [0.1, 1, 1, 0.424],
    // Of a low layer no more than three tenths of its height: 1 − 0.64 · 0.7.
    [0.1, 1, 0.2, 0.552], [0, 1, 1, 0], [0.1, 0.2, 1, 1], [0.05, 1, 1, 1 - 0.81 * 0.95],
  ])('%s m thick, %s m across and %s m high is %s of it', (shellM, acrossM, heightM, share) => {
    expect(shellShare({ shellM, acrossM }, heightM)).toBeCloseTo(share, 9)
  })
})

describe('the day on which so much is left', () => {
  const course = { days: Float64Array.of(0, 10, 20, 30), left: Float32Array.of(1, 0.75, 0.5, 0.25) }
  it.each([
    [0.75, 0, 10], [0.6, 0, 16], [0.6, 12, 20], [0.6, 25, 30], [0.1, 0, 30], [1, 0, 0],
  ])('%s, not before day %s: day %s', (left, notBefore, day) => expect(dayLeft(course, left, notBefore)).toBeCloseTo(day, 4))
})
