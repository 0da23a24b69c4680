import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { USUAL_CONSTANTS } from '#core/heat/constants'
import { Run } from '#core/heat/course'
import { emptyCourse, type HeapCase } from '#core/heat/case'
import { USUAL_TRAITS } from '#core/heat/traits'

/** What the model's step costs in JavaScript and in C, and where both ended. */
export interface Twin { readonly ourMs: number, readonly twinMs: number, readonly ourCoreC: number, readonly twinCoreC: number }

const RUNS = 100
/** Of so many tries the quickest counts: the machine has other things to do. */
const TRIES = 12
const DAYS = 180
/** Boards, as the twin has them. */
const WALL = { w: 4, bare: 0.35, topBare: 0.3 }
const NAMES = [
  'rapidDay', 'mediumDay', 'slowDay', 'coolShare', 'coolLater', 'coolLaterDays', 'growthDay', 'diesDayK', 'reach', 'reachDays',
  'heatMJKg', 'oxygenKgKg', 'waterKgKg', 'halfOxygenPct', 'streamKgDayM2K', 'sidesM', 'creepKgDayM', 'matsClose', 'conductivityWmK',
  'topW', 'groundW', 'dryingKgDayM2', 'wickDays', 'drainsAt', 'limpMost', 'stiffMost', 'halfLoadKPa', 'settles', 'sinkingPower',
  'crumbsHold',
] as const

/** The same heap in both, in steady air; nothing when there is no compiler. @param what boards, no deeds, steady air. */
export function twinOf(what: HeapCase): Twin | undefined {
  const dir = mkdtempSync(join(tmpdir(), 'wastrum-twin-'))
  try {
    const program = join(dir, 'twin')
    execFileSync('cc', ['-O2', '-o', program, 'bench/twin/heap.c', '-lm'], { stdio: 'ignore' })
    const { heap } = new Run(what, USUAL_TRAITS)
    const { parts: p, whole: w } = heap
    const { footprintM2, perimeterM } = what.standing
    const input = [
      RUNS,
      DAYS,
      ...NAMES.map(name => USUAL_CONSTANTS[name]),
      footprintM2,
      perimeterM,
      WALL.w,
      WALL.bare,
      WALL.topBare,
      what.weather.airC[0],
      p.celsius[0], p.waterKg[0], p.rapidKg[0], p.mediumKg[0], p.slowKg[0], p.restKg[0], p.microbes[0], p.reach[0], 0,
      w.ashKg,
      w.nitrogenKg,
      w.carbonKg,
      w.mattingShare,
      w.stiffness,
      w.holdsKgKg,
      w.pace,
      w.looseL,
      w.looseAir,
      w.chargedDryKg,
      w.chargedUsableKg,
      w.settled,
      0,
      -1,
      w.strideDays,
    ].join(' ')
    const tries = Array.from({ length: TRIES }, () => execFileSync(program, { input, encoding: 'utf8' }).trim().split(' ').map(Number))
    const twinMs = Math.min(...tries.map(([ms]) => ms!))
    const twinCoreC = tries[0]![1]!
    const course = emptyCourse(Float64Array.of(DAYS))
    const run = () => new Run(what, USUAL_TRAITS).goOn(course)
    for (let warm = 0; warm < 100; warm++) run()
    const ourMs = Math.min(...Array.from({ length: TRIES }, () => {
      const before = performance.now()
      for (let count = 0; count < RUNS; count++) run()
      return (performance.now() - before) / RUNS
    }))
    return { ourMs, twinMs, ourCoreC: course.coreC[0]!, twinCoreC }
  }
  catch {
    return undefined
  }
  finally {
    rmSync(dir, { recursive: true, force: true })
  }
}
