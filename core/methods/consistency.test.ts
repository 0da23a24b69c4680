import fc from 'fast-check'
import { afterAll, describe, expect, it } from 'vitest'
import { endedOf, foreseen, gardenOf, gardenSeeds, type Garden, type LifeOf } from '../../test/builders/gardens'
import { LIVES } from '../../test/builders/method-cases'
import { gauged, seen } from '../../test/builders/batches'
import { amountVolumeL } from '../units/container'
import { percentText, quantityText } from '../units/format'
import { stageOf, type Known, type Task } from './contract'

const RUNS = 26
const FORESEEN = 3

/** How often each rule had something to judge, by method: one that never had would prove nothing. */
const counts = new Map<string, Map<string, number>>()
function judged(rule: string, { method }: Garden, times: number): void {
  const of = counts.get(rule) ?? new Map<string, number>()
  counts.set(rule, of.set(method.id, (of.get(method.id) ?? 0) + times))
}

const near = (a: number, b: number, slack: number) => Math.abs(a - b) <= slack
const text = ({ unit, middle }: Known) =>
  unit === 'percent' ? percentText(middle) : unit === 'none' ? `${Math.round(middle)}` : quantityText(unit, 'metric', middle)
const padOf = ({ doing }: Task) => (doing.kind === 'pad' ? doing.pad : doing.kind === 'deed' ? doing.deed : doing.kind)

type Rule = (garden: Garden, judge: (times?: number) => void) => string | undefined

const RULES: Readonly<Record<string, Rule>> = {
  'a number of the head is a number that is known': ({ method, batch, around }, judge) => {
    const { figure, phase } = method.life.standing(batch, around)
    const { known } = method.life.situate(batch, around)
    const number = figure?.match(/^-?−?[\d.,]+ (?:°C|%|cm|m|kg|g|L)/)?.[0]
    if (!number || known.length === 0) return undefined
    judge()
    return known.some(one => text(one) === number) ? undefined : `${phase}: ${figure} of ${known.map(text).join(', ')}`
  },
  'a chart shows today what is known today': ({ method, batch, around }, judge) => {
    const { known } = method.life.situate(batch, around)
    for (const { id, unit, expected } of method.life.charts(batch, around)) {
      const here = expected.reduce<(typeof expected)[number] | undefined>(
        (best, one) => (!best || Math.abs(one.at - around.now.getTime()) < Math.abs(best.at - around.now.getTime()) ? one : best),
        undefined,
      )
      const same = known.filter(one => one.unit === unit)
      if (!here || same.length === 0 || Math.abs(here.at - around.now.getTime()) > 3_600_000) continue
      judge()
      const value = unit === 'percent' ? here.typical / 100 : here.typical
      if (!same.some(({ middle }) => near(middle, value, 0.006 * Math.max(1, Math.abs(value)))))
        return `${id}: ${value} beside ${same.map(({ id: name, middle }) => `${name} ${middle}`).join(', ')}`
    }
    return undefined
  },
  'a pad expects what is known': ({ method, batch, around }, judge) => {
    const { known } = method.life.situate(batch, around)
    for (const pad of method.life.pads) {
      if (pad.kind !== 'gauge' || (pad.fits && !pad.fits(batch))) continue
      const same = known.filter(one => one.unit === pad.quantity.unit)
      for (const value of Object.values(pad.quantity.expected(batch, around))) {
        if (same.length === 0 || value === undefined) continue
        judge()
        if (!same.some(({ middle }) => near(middle, value, 0.006 * Math.max(1, Math.abs(value)))))
          return `${pad.quantity.id} expects ${value} beside ${same.map(({ id, middle }) => `${id} ${middle}`).join(', ')}`
      }
    }
    return undefined
  },
  'what is known lies in its band, and shares are shares': ({ method, batch, around }, judge) => {
    for (const { id, unit, low, middle, high } of method.life.situate(batch, around).known) {
      judge()
      if (!(low <= middle && middle <= high)) return `${id}: ${low} ${middle} ${high}`
      if (unit === 'percent' && (middle < -1e-6 || middle > 1 + 1e-6)) return `${id}: ${middle}`
    }
    return undefined
  },
  'nothing is drier than the air lets it be': ({ method, batch, around }, judge) => {
    const water = method.life.situate(batch, around).known.find(({ id }) => id === 'moisture')
    judge(water ? 1 : 0)
    return water && water.middle < 0.06 ? `${percentText(water.middle)} water` : undefined
  },
  'nothing is asked twice, and no task is over before it is due': ({ method, batch, around }, judge) => {
    const tasks = method.life.tasks(batch, around)
    judge(tasks.length)
    const pads = tasks.map(padOf)
    const twice = pads.find((pad, at) => pad !== 'page' && pad !== 'rest' && pads.indexOf(pad) !== at)
    const reversed = tasks.find(({ due, until }) => until < due)
    return twice ? `twice: ${twice}` : reversed && `reversed: ${reversed.title}`
  },
  'what is wet or frozen is not watered': ({ method, batch, around }, judge) => {
    const { known } = method.life.situate(batch, around)
    const water = known.find(({ id }) => id === 'moisture')
    const warmth = known.find(({ unit }) => unit === 'temperature')
    const asked = method.life.tasks(batch, around).find(one => padOf(one) === 'watered' && one.due <= around.now)
    judge(asked ? 1 : 0)
    if (!asked) return undefined
    if (water && water.middle > 0.75) return `${asked.title} at ${percentText(water.middle)}: ${asked.reason}`
    const frozen = around.weather.ambientC(around.now) < -1 && (warmth?.middle ?? -1) < 0
    return frozen ? `${asked.title} in frost` : undefined
  },
  'windows lie in order': ({ method, batch, around }, judge) => {
    const windows = method.life.windows(batch, around)
    judge(windows.length)
    const reversed = windows.find(({ from, to }) => to < from)
    if (reversed) return reversed.id
    const at = (id: string) => windows.find(one => one.id === id)
    for (const [first, then] of [
      ['mulch', 'potting'], ['potting', 'fine'], ['sow', 'cool'], ['charged', 'dry'],
    ] as const) {
      const [one, other] = [at(first), at(then)]
      if (one && other && other.from < one.from) return `${then} before ${first}`
    }
    return undefined
  },
  'no task says since when, before the window does': ({ method, batch, around }, judge) => {
    const windows = method.life.windows(batch, around)
    const take = method.life.tasks(batch, around).find(({ action, reason }) => action === 'take' && /\bsince \d/.test(reason))
    judge(take ? 1 : 0)
    return !take || windows.some(window => stageOf(window, around.now) === 'begun') || windows.length === 0 ? undefined : take.reason
  },
  'no more comes out than went in': ({ method, batch, around }, judge) => {
    const inL = batch.puts.flatMap(({ inputs }) => inputs).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
    if (inL === 0) return undefined
    // The soil of a frame and the turves of a stack are laid in whole, and are no inputs.
    if (method.id === 'turf-stack') return undefined
    const outL = method.life
      .outputs(batch, around)
      .filter(({ materialId }) => materialId !== 'garden-soil')
      .reduce((sum, { expectedL = 0 }) => Math.max(sum, expectedL), 0)
    judge(outL > 0 ? 1 : 0)
    return outL > 1.3 * inL + 1 ? `${outL} of ${inL}` : undefined
  },
  'no more is looked forward to than went in, and the later of it is no more than the earlier': ({ method, batch, around }, judge) => {
    const inL = batch.puts.flatMap(({ inputs }) => inputs).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
    const waterL = batch.puts.reduce((sum, put) => sum + put.waterL, 0)
    const all = method.life.prospects?.(batch, around) ?? []
    if (all.length === 0 || method.id === 'turf-stack') return undefined
    judge()
    const over = all.find(({ litres }) => litres.typical > 1.3 * (inL + waterL) + 1)
    const grown = all.find(({ litres }, index) => index > 0 && litres.typical > all[index - 1]!.litres.typical * 1.001 + 0.1)
    return over || grown ? JSON.stringify([all, inL, waterL]) : undefined
  },
  'what is ready has cooled, and nothing speaks against it': ({ method, batch, around }, judge) => {
    const standing = method.life.standing(batch, around)
    const stages = method.life.ripeness?.stages(batch, around)
    const ready = method.life.windows(batch, around).find(({ id }) => id === 'ready')
    if (!stages || !(/ready/.test(standing.phase) || (ready && stageOf(ready, around.now) === 'begun'))) return undefined
    judge()
    return stages.cool ? undefined : `${standing.phase}, ${stages.notCool ?? 'not cool'}`
  },
}

function check(rule: string, garden: Garden): void {
  const wrong = RULES[rule]!(garden, (times = 1) => judged(rule, garden, times))
  expect(wrong, rule).toBeUndefined()
}

describe.each(LIVES.map(life => [life[0].id, life] as const))('%s', (id, life: LifeOf) => {
  const seeds = gardenSeeds(life[2])

  it.each(Object.keys(RULES))('%s', (rule) => {
    fc.assert(
      fc.property(seeds, seed => check(rule, gardenOf(life, seed))), { numRuns: RUNS, seed: 27 },
    )
  })

  it('is cool once its day has come, a year later', () => {
    fc.assert(
      fc.property(seeds, seed => check('what is ready has cooled, and nothing speaks against it', gardenOf(life, {
        ...seed, day: seed.day + 365,
      }))), { numRuns: RUNS, seed: 27 },
    )
  })

  it('says the same a moment later, when its forecast is there', () => {
    if (!life[0].life.forecaster) return
    fc.assert(
      fc.property(seeds, (seed) => {
        const garden = foreseen(gardenOf(life, seed))
        for (const rule of Object.keys(RULES)) check(rule, garden)
      }),
      { numRuns: FORESEEN, seed: 27 },
    )
  }, 240_000)

  it('asks nothing of what has ended, and foretells nothing of it', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const { method, batch, around } = endedOf(life, seed)
        expect([method.life.tasks(batch, around), method.life.windows(batch, around)]).toEqual([[], []])
      }),
      { numRuns: RUNS, seed: 27 },
    )
  })

  it('believes what is read at once, and what is found from where it was found', () => {
    fc.assert(
      fc.property(seeds, fc.double({ min: 0, max: 1, noNaN: true }), fc.nat(99), (seed, share, which) => {
        const before = gardenOf(life, seed)
        const pads = before.method.life.pads.filter(
          pad => (pad.kind === 'gauge' || pad.kind === 'sense') && (!pad.fits || pad.fits(before.batch)),
        )
        const pad = pads[which % Math.max(1, pads.length)]
        if (!pad || before.method.life.situate(before.batch, before.around).known.length === 0) return
        if (pad.kind === 'gauge') {
          const { quantity } = pad
          const spot = quantity.spots[which % quantity.spots.length]!
          // What a gardener may well read: a few degrees, or a third, beside what was expected. What is far off may be a slip.
          const expected = quantity.expected(before.batch, before.around)[spot.id]
          if (expected === undefined) return
          const value = Math.min(
            quantity.limits[1],
            Math.max(
              quantity.limits[0],
              quantity.unit === 'temperature' ? expected + 16 * (share - 0.5) : (0.01 + expected) * (0.67 + share * 0.8),
            ),
          )
          const { method, batch, around } = gardenOf(life, seed, [gauged(seed.day, quantity.id, spot.id, value)])
          const now = method.life.situate(batch, around).known.filter(({ at }) => at?.getTime() === around.now.getTime())
          if (now.length === 0) return
          judged('what is read is so', before, 1)
          expect(
            now.some(
              ({ unit, middle, from }) =>
                unit === quantity.unit && from === 'recorded' && near(middle, value, 0.02 * Math.abs(value) + 0.6),
            ),
            `${quantity.id} ${value}: ${now.map(one => `${one.id} ${one.middle}`).join(', ')}`,
          ).toBe(true)
          return
        }
        if (pad.kind !== 'sense') return
        const { sense } = pad
        const finding = sense.findings[Math.floor(share * sense.findings.length * 0.999)]!
        const { method, batch, around } = gardenOf(life, seed, [seen(seed.day, sense.id, finding.id)])
        const asked = method.life.forecaster?.ask(batch, around) as
          | {
            readonly findings?: readonly {
              readonly eventId: string
              readonly finding: { readonly row: string, readonly low?: number, readonly high?: number }
            }[]
          }
          | undefined
        const found = asked?.findings?.find(({ eventId }) => eventId === batch.log.at(-1))?.finding
        const known = method.life
          .situate(batch, around)
          .known.find(({ id: name, at }) => name === found?.row && at?.getTime() === around.now.getTime())
        if (!found || !known || found.low === undefined || found.high === undefined) return
        judged('what is found is so', before, 1)
        const slack = known.unit === 'temperature' ? 1 : 0.03
        expect(known.middle, `${id} ${sense.id} ${finding.id}`).toBeGreaterThanOrEqual(
          (known.unit === 'percent' ? Math.max(0, found.low) : found.low) - slack,
        )
        expect(known.middle, `${id} ${sense.id} ${finding.id}`).toBeLessThanOrEqual(found.high + slack)
      }),
      { numRuns: 2 * RUNS, seed: 27 },
    )
  })
})

afterAll(() => {
  const rows = [...counts].map(([rule, of]) => `${rule}: ${[...of].map(([id, times]) => `${id} ${times}`).join(', ')}`)
  if (import.meta.env.VITE_COUNTS) console.log(rows.join('\n'))
  // A rule that had nothing to judge would hold whatever was wrong.
  for (const rule of Object.keys(RULES))
    expect([...counts.get(rule)?.values() ?? []].reduce((sum, one) => sum + one, 0), rule).toBeGreaterThan(9)
})
