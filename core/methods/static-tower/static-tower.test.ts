import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { tower, towerHeld } from '../../../test/builders/fed'
import { afterDays, aroundOn, did, gauged, MILD_YEAR, put, seen } from '../../../test/builders/batches'
import { SACK } from '../../../test/builders/heaps'
import { findMaterial } from '../../materials/book'
import type { Vessel } from '../../vessel/vessel'
import { emptyCourse } from '../../heat/case'
import { runCourse } from '../../heat/course'
import { USUAL_TRAITS } from '../../heat/traits'
import { heapLogOf } from '../heated/heap-log'
import { caseOf } from '../heated/question'
import { workedUp, works } from '../heated/working'
import { channelsFor, farthestFromAir } from './channels'
import { diagnosis } from './diagnosis'
import { draftOf } from './draft'
import { staticTower } from './index'
import { towerOn, wormsGate } from './now'
import { channelPlan } from './plan'
import { questionOf } from './question'
import { laidOut, SITES } from './sites'
import { tasksOf } from './tasks'
import { litresTo, waterWanted } from './water'
import { windowsOf } from './windows'
import { TOWER } from './constants'

const round = (diameterM: number): Vessel => ({ id: 'c', name: 'c', wall: 'wire', shape: 'cylinder', diameterM, heightM: 1.2 })
const square = (widthM: number, depthM: number): Vessel => ({
  id: 'b', name: 'b', wall: 'wire', shape: 'box', widthM, depthM, heightM: 1.2,
})

describe('air channels', () => {
  it('are as many as covering a disc takes', () => {
    // Within 30 cm of the cloth none is needed; the disc inside of it, of half the width less 30 cm, is covered by discs of 35 cm
    // around the pipes.
    expect([0.5, 0.6, 0.8, 1, 1.2, 1.5, 1.8, 2].map(diameterM => channelsFor(round(diameterM)).length)).toEqual([0, 0, 1, 1, 1, 4, 6, 7])
  })

  it('leave no point farther than 30 cm from air, on a grid of a centimetre', () => {
    for (const vessel of [
      ...[0.6, 0.8, 1.2, 1.3, 1.5, 1.8, 2, 2.3, 2.6].map(round),
      square(1.2, 1.2),
      square(1.5, 1.2),
      square(2, 1),
      square(2.2, 2),
    ]) {
      expect(farthestFromAir(vessel, channelsFor(vessel))).toBeLessThanOrEqual(TOWER.reachM + 0.002)
    }
  })

  it('do so whatever the measures', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 2.4, noNaN: true }), fc.double({ min: 0.4, max: 2.4, noNaN: true }), fc.boolean(),
        (a, b, isRound) => {
          const vessel = isRound ? round(a) : square(a, b)
          const channels = channelsFor(vessel)
          expect(farthestFromAir(vessel, channels, 0.03)).toBeLessThanOrEqual(TOWER.reachM + 0.004)
          // In a round cage none could be left out; the farthest point lies up to half a grid's diagonal from the nearest of the
          // grid, 7 mm.
          if (isRound && channels.length > 0) expect(farthestFromAir(vessel, channels.slice(1), 0.01)).toBeGreaterThan(TOWER.reachM - 0.008)
        }), { numRuns: 40 })
  }, 60_000)

  it('are numbered and placed in the plan, with the distances to set them by', () => {
    const site = laidOut({ kind: 'vessel', vessel: round(1.5) })
    const plan = channelPlan('Tower', site, false)
    expect(plan.parts.filter(({ kind }) => kind === 'channel').map(part => part.kind === 'channel' && part.number)).toEqual([1, 2, 3, 4])
    expect(plan.parts.filter(({ kind }) => kind === 'distance')).toHaveLength(4)
    expect(site.kind === 'channelled' && site.channels.every(({ xM, yM }) => Math.hypot(xM, yM) < 0.75)).toBe(true)
  })
})

describe('the heat of a tower', () => {
  const course = (startMonth: number, watered = true) => {
    const meanC = [...MILD_YEAR.slice((10 + 12 - (10 - startMonth)) % 12), ...MILD_YEAR]
    const around = {
      ...aroundOn(0),
      weather: {
        ...aroundOn(0).weather,
        ambientC: (at: Date) => meanC[Math.floor((at.getTime() - new Date(afterDays(0)).getTime()) / 86_400_000 / 30.4) % 12]!,
        rainMm: () => 0,
      },
    }
    const question = questionOf(heapLogOf(tower()), around)!
    const what = caseOf(question)
    const run = emptyCourse(Float64Array.from({ length: 366 }, (_, day) => day))
    expect(runCourse(watered ? { ...what, habitFromDay: 0 } : { ...what, habitFromDay: Infinity }, USUAL_TRAITS, run).ok).toBe(true)
    return run
  }

  it('is there within ten days and gone by the third to fifth week, whenever it is loaded', () => {
    for (const month of [3, 5, 8, 10]) {
      const { coreC } = course(month)
      expect(Math.max(...coreC.slice(0, 11))).toBeGreaterThan(32)
      expect(Math.max(...coreC.slice(36, 80))).toBeLessThan(TOWER.wormsBelowC + 2)
    }
  })

  it('leaves it sunk by a quarter to nearly a half in a year', () => {
    const { volumeShare } = course(10)
    const sunk = 1 - volumeShare[365]! / volumeShare[0]!
    expect(sunk).toBeGreaterThan(0.25)
    expect(sunk).toBeLessThan(0.45)
  })

  it('dries it where nobody waters, and not where somebody does', () => {
    const [wet, dry] = [course(3), course(3, false)]
    expect(dry.moisture[180]!).toBeLessThan(dry.moisture[0]! - 0.08)
    expect(wet.moisture[180]!).toBeGreaterThan(0.63)
    expect(wet.habitWaterings.length).toBeGreaterThan(2)
  })
})

describe('days that count', () => {
  it('are those on which it was neither frozen nor dry', () => {
    expect([works(0.5, 0.7), works(5, 0.4), works(5, 0.7)]).toEqual([false, false, true])
    const days = Float64Array.from({ length: 41 }, (_, day) => day)
    const coreC = Float32Array.from(days, day => day > 10 && day <= 20 ? -2 : 8)
    const moisture = Float32Array.from(days, day => day > 25 && day <= 30 ? 0.3 : 0.7)
    // Forty days less ten frozen and five dry.
    expect(workedUp({ days, coreC, moisture }, { days: 0 }, 0, 100)).toEqual({ days: 25 })
    expect(workedUp({ days, coreC, moisture }, { days: 0 }, 0, 15)).toMatchObject({ day: 25 })
  })

  it('put readiness off in a hard winter', () => {
    const ready = (meanC: readonly number[]) =>
      windowsOf(heapLogOf(tower()), aroundOn(60, { meanC }))
        .find(({ id }) => id === 'ready')!
        .from.getTime()
    const hard = [-8, -6, 0, 7, 13, 16, 18, 17, 13, 7, 0, -5]
    expect(ready(hard) - ready(MILD_YEAR)).toBeGreaterThan(40 * 86_400_000)
    expect(ready(MILD_YEAR)).toBeGreaterThan(new Date(afterDays(TOWER.workingDays * 0.9)).getTime())
  })
})

describe('the gate for worms', () => {
  const reads = (...values: readonly (readonly [day: number, celsius: number])[]) =>
    values.map(([day, celsius]) => gauged(day, 'heat', 'core', celsius))
  const gate = (day: number, ...values: (readonly [day: number, celsius: number])[]) =>
    wormsGate(heapLogOf(tower(reads(...values))), aroundOn(day))

  it('is shut while it is warm, and opens after three days below 30 °C', () => {
    expect(gate(10, [9, 38])).toMatchObject({ open: false, basis: 'read' })
    expect(gate(21, [17, 33], [20, 29])).toMatchObject({ open: false })
    expect(gate(24, [20, 29], [23.5, 27])).toMatchObject({ open: true, basis: 'read' })
    // One warm reading between shuts it again.
    expect(gate(24, [20, 29], [22, 31], [23.5, 27])).toMatchObject({ open: false })
  })

  it('is asked for by tasks and pads', () => {
    const warm = tower(reads([9, 38]))
    expect(tasksOf(heapLogOf(warm), aroundOn(10)).some(({ action }) => action === 'worms-in')).toBe(false)
    expect(staticTower.life.gates(warm, aroundOn(10))).toMatchObject([{ id: 'worms', open: false }])
    const cool = tower(reads([20, 24], [24, 22]))
    expect(staticTower.life.gates(cool, aroundOn(24.5))).toMatchObject([{ open: true }])
    expect(tasksOf(heapLogOf(cool), aroundOn(24.5, { meanC: new Array(12).fill(12) })).some(({ action }) => action === 'worms-in')).toBe(
      true,
    )
    expect(staticTower.life.pads.some(pad => pad.kind === 'deed' && pad.deed.gate === 'worms')).toBe(true)
    expect(staticTower.life.gates(tower([did(30, 'worms-in', { grams: 200 })]), aroundOn(31))).toEqual([])
  })
})

describe('the water of a tower', () => {
  it('is worked out by what it holds', () => {
    // 100 kg of dry matter: at 60 % 150 kg of water, at 70 % 233.3: 83.3 L.
    expect(litresTo({ dryKg: 100 }, 0.6)).toBeCloseTo(83.33, 2)
    expect(litresTo({ dryKg: 100 }, 0.75)).toBe(0)
  })

  it('is asked for zone by zone', () => {
    const around = aroundOn(40)
    const felt = (...senses: readonly string[]) => waterWanted(heapLogOf(tower(senses.map(sense => seen(39, sense, 'dry')))), around)!
    expect(felt().litres).toBe(0)
    expect(felt('squeeze-edge', 'squeeze-top').litres).toBeCloseTo(2 * felt('squeeze-edge').litres, 5)
    expect(felt('squeeze-top').dryZones).toEqual(['top'])
    const watered = heapLogOf(tower([seen(38, 'squeeze-top', 'dry'), put(39, [], 20)]))
    expect(waterWanted(watered, around)!.litres).toBe(0)
    expect(
      tasksOf(heapLogOf(tower([seen(39, 'squeeze', 'dust'), seen(39, 'squeeze-base', 'dust')])), around).find(
        ({ action }) => action === 'watered',
      ),
    ).toMatchObject({ urgency: 'now' })
  })
})

describe('a planned tower', () => {
  const plan = (ids: readonly (readonly [string, number])[], site = SITES[0]!) =>
    draftOf(
      {
        site, approachId: 'by-can', answers: { rain: 'covered' },
        ingredients: ids.map(([id, count]) => ({
          material: findMaterial(id)!, amount: { count, container: SACK, packing: 'loose' as const },
        })),
        waterL: 0, volumeL: 0,
      },
      aroundOn(0),
    )

  it('is judged by its mix and its height', () => {
    expect(plan([['chips-ramial', 11], ['leaves-mixed', 11]]).verdict.grade).toBe('good')
    expect(plan([['grass-clippings', 20], ['leaves-mixed', 6]]).verdict).toMatchObject({ grade: 'poor' })
    expect(plan([['chips-ramial', 2], ['leaves-mixed', 2]]).verdict).toMatchObject({ grade: 'poor' })
    expect(plan([['wood-chips', 20]]).verdict.text).toContain('two years')
  })

  it('says channels, pipes, cloth, water and what it gives', () => {
    const draft = plan([['chips-ramial', 18], ['leaves-mixed', 18]], SITES[1]!)
    expect(draft.facts.find(({ label }) => label === 'Air channels')!.value).toMatch(/^4, each/)
    expect(draft.fromAbove!.parts.filter(({ kind }) => kind === 'channel')).toHaveLength(4)
    expect(draft.steps.some(({ title }) => title === 'Set the 4 pipes')).toBe(true)
    // 36 sacks of 80 L hold about 800 kg once wet: several hundred litres of water go in.
    expect(draft.waterL).toBeGreaterThan(250)
    expect(draft.gives[0]!.from.getTime()).toBeGreaterThan(new Date(afterDays(340)).getTime())
    expect(plan([]).recipe).toHaveLength(2)
  })
})

describe('what is wrong with a tower', () => {
  const causes = (batch: ReturnType<typeof tower>, symptoms: readonly string[], around = aroundOn(60)) =>
    diagnosis.causes(batch, around, symptoms)
  it('is too dry, with the water it takes', () => {
    const [first] = causes(tower([seen(59, 'squeeze-top', 'dust')]), ['dry', 'ants'])
    expect(first).toMatchObject({ id: 'dry' })
    expect(first!.remedy.waterL).toBeGreaterThan(9)
  })

  it('is told apart: airless, frozen, worms too early', () => {
    expect(causes(tower([seen(59, 'look', 'closed')]), ['sour', 'closed'])[0]?.id).toBe('airless')
    expect(causes(tower(), ['frozen'], aroundOn(60, { meanC: new Array(12).fill(-6) }))[0]?.id).toBe('frozen')
    expect(causes(tower([did(5, 'worms-in', { grams: 100 }), gauged(8, 'heat', 'core', 44)]), ['no-worms'])[0]?.id).toBe(
      'too-warm-for-worms',
    )
    expect(diagnosis.noticed(tower([seen(59, 'squeeze-base', 'dust')]), aroundOn(60))).toEqual(['dry'])
  })
})

describe('the forecast of a tower', () => {
  it('holds what it says, on towers like its own and on those that stray from it', () => {
    for (const strayed of [false, true]) {
      for (const { held, of } of towerHeld(14, strayed)) expect(held / Math.max(1, of)).toBeGreaterThan(0.49)
    }
  }, 300_000)

  it('is of the tower as it stands: part of it taken, the rest goes on', () => {
    const whole = towerOn(heapLogOf(tower()), aroundOn(400))!
    const part = towerOn(
      heapLogOf(
        tower([{
          kind: 'took', at: afterDays(390), batchId: 'b', ends: false,
          products: [{ materialId: 'tower-compost', amount: { count: 1, container: SACK, packing: 'loose' } }],
        }]),
      ),
      aroundOn(400),
    )!
    expect(whole.volumeL - part.volumeL).toBeCloseTo(80, 0)
    expect(part.workedDays).toBeCloseTo(whole.workedDays, 1)
  })
})
