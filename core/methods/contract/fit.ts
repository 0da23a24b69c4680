import type { BegunBatch } from '../../journal/garden'
import { inputsOf } from '../../journal/garden'
import { CORE, HEAT, TURNED } from '../../journal/earlier'
import { heatLog } from '../../lots/heat-log'
import type { Family } from '../../materials/material'
import { materialOf } from '../../mix/portion'
import { testStates } from '../../readiness/taken'
import { USES, type ReadinessTest } from '../../readiness/test'
import { weedkiller } from '../../readiness/tests/weedkiller'
import { verdictFor, type Evidence, type UseVerdict } from '../../readiness/verdict'
import { daysBetween } from '../../units/time'
import type { Ripeness } from './look'
import { lastFound } from './looking'
import type { Life } from './method'
import type { Pad } from './record'
import type { Surroundings } from './surroundings'
import { READING } from './constants'
import { LOTS } from '../../lots/constants'

/** What lies on beds as it comes: nothing of it has to have rotted before it is a mulch. */
const MULCH_AS_IT_IS: readonly Family[] = ['wood', 'leaf', 'straw', 'paper', 'finished', 'char', 'mineral']
const SMELL = 'smell'

type Ripening = Pick<Life, 'pads' | 'standing' | 'ripeness'>

/** The last smell, where it was a bad one: before anything is used, it has to be smelt again. */
function foulSmell(batch: BegunBatch, pads: readonly Pad[]): string[] {
  const last = lastFound(batch, SMELL)
  const finding
    = last
      && pads.flatMap(pad => (pad.kind === 'sense' && pad.sense.id === SMELL ? pad.sense.findings : []))
        .find(({ id }) => id === last.finding)
  return finding?.sign === 'bad' ? [`its last smell was bad: ${finding.label.toLowerCase()}`] : []
}

/** What was seen and done speaks for a batch, beside its tests: open food, smells, troubles, whether decay has begun, living seeds. */
export function evidenceOf({ pads, standing: standingOf, ripeness }: Ripening, batch: BegunBatch, surroundings: Surroundings): Evidence {
  const standing = standingOf(batch, surroundings)
  const stages = ripeness?.stages(batch, surroundings)
  const rots = batch.puts.filter(({ inputs }) =>
    inputs.some(one => !MULCH_AS_IT_IS.includes(materialOf(one, surroundings.materials)?.family ?? 'kitchen')),
  )
  const last = rots.at(-1)
  const begun
    = last === undefined
      ? inputsOf(batch).length > 0
      : daysBetween(last.at, surroundings.now) >= READING.begunDays && (stages?.rottedShare ?? 0) >= READING.begunShare
  const readings = (batch.gauged[HEAT] ?? []).filter(({ spot }) => spot === CORE).map(({ at, value }) => ({ at, coreC: value }))
  const hot = heatLog({ readings, turns: batch.did.filter(({ deed }) => deed === TURNED) }).longestDays >= LOTS.yardstickDays
  const holdsChar = inputsOf(batch).some(one => materialOf(one, surroundings.materials)?.family === 'char')
  const noticed = [...(stages?.against ?? []), ...foulSmell(batch, pads)]
  return {
    // What was noticed says it plainer than the word over it.
    against: noticed.length > 0 || standing.tone !== 'bad' || batch.ended ? noticed : [`it has a trouble: ${standing.label.toLowerCase()}`],
    begun,
    minds: [
      ...(rots.length > 0 && !hot ? ['Seeds in it may be alive: it was not read hot long enough.'] : []),
      ...(holdsChar ? ['There is char in it: it counts towards what a bed may hold of it, and is not for blueberries and heather.'] : []),
    ],
  }
}

/** The tests that count for a batch: those of its way, and beans where anything went in that weedkillers travel in. */
export function testsOf(ripeness: Ripeness, batch: BegunBatch, surroundings: Surroundings): readonly ReadinessTest[] {
  const carried = inputsOf(batch).some(one => materialOf(one, surroundings.materials)?.brings.includes('weedkiller'))
  const tests = ripeness.tests(batch, surroundings)
  return carried && (ripeness.uses ?? USES).includes('beds') ? [...tests, weedkiller] : tests
}

/**
 * What a batch is fit for, from the least demanding use on, by its tests and all that was seen of it. Uses that its stuff is not
 * for are left out.
 */
export function fitFor(life: Ripening & { readonly ripeness: Ripeness }, batch: BegunBatch, surroundings: Surroundings): UseVerdict[] {
  const { ripeness } = life
  const states = testStates(batch, testsOf(ripeness, batch, surroundings))
  const stages = ripeness.stages(batch, surroundings)
  const evidence = evidenceOf(life, batch, surroundings)
  return (ripeness.uses ?? USES).map(use => verdictFor(use, states, stages, evidence))
}
