import { addDays, endOfDay, format, max } from 'date-fns'
import type { StandingBatch } from '../../journal/garden'
import { containerText } from '../../units/container'
import { quantityText } from '../../units/format'
import type { Surroundings, Task, TaskAction } from '../method'
import { hotHeapApproach } from './approaches'
import { batchMeasures, vigourOf, type Vigour } from './course'
import { daysBetween } from './expect'
import { coreReadings, fallenFrom } from '../../heat/readings'
import { readyWindow } from './ready'
import { phaseNow, type PhaseNow } from './standing'

/** A heap is left alone this long after a turn, days. */
const REST_DAYS = 2.5
/** Heat is read daily for two weeks, then less often. */
const DAILY_UNTIL = 14
/** Worth turning only if it was really warm. */
const WORTH_TURNING_C = 45

type Ask = Omit<Task, 'id' | 'batchId'>
type Look = { readonly batch: StandingBatch, readonly surroundings: Surroundings, readonly now: PhaseNow }

const dayText = (at: string | Date) => format(new Date(at), 'd MMMM')

function ask(action: TaskAction, title: string, reason: string, due: Date, days: number, urgency: Task['urgency'] = 'usual'): Ask {
  return { action, title, reason, due, until: addDays(due, days), urgency }
}

function readTheHeat({ batch, surroundings, now }: Look): Ask[] {
  if (now.phase === 'finished') return []
  const last = coreReadings(batch).at(-1)
  const everyDays = now.day < DAILY_UNTIL ? 1 : now.phase === 'curing' ? 14 : 3
  const due = last ? addDays(new Date(last.at), everyDays) : addDays(new Date(batch.built.at), 1)
  const temperature = (celsius: number) => quantityText('temperature', surroundings.units, celsius)
  const reason = last
    ? `Day ${Math.floor(now.day)}; last read on ${dayText(last.at)} at ${temperature(last.coreC)}.`
    : `Day ${Math.floor(now.day)}; not read yet. The first days show whether it takes off.`
  return [ask('reading', 'Read the heat', reason, due, everyDays)]
}

function coolOff({ surroundings, now }: Look): Ask[] {
  if (now.phase !== 'too-hot') return []
  const reason = `${quantityText('temperature', surroundings.units, now.coreC)}: above ${quantityText('temperature', surroundings.units, 68)} it kills its own workers. Open it, water it, mix in browns.`
  return [ask('turned', 'Turn it now', reason, surroundings.now, 1, 'now')]
}

/** By rhythm: so many days after the last turn, until the number of turns is used up. */
function turnByRhythm({ batch, now }: Look): Ask[] {
  const { turning, name } = hotHeapApproach(batch.built.approachId)
  if (turning.kind !== 'every' || batch.turns.length >= turning.most || now.phase === 'curing') return []
  const since = batch.turns.at(-1)?.at ?? batch.built.at
  const reason = `${name}: turn ${batch.turns.length + 1} of ${turning.most}, last ${batch.turns.length ? 'turned' : 'built'} on ${dayText(since)}.`
  return [ask('turned', 'Turn it', reason, addDays(new Date(since), turning.days[0]), turning.days[1] - turning.days[0] + 1)]
}

/** By heat: once it has peaked and falls. */
function turnByHeat({ batch, surroundings, now }: Look): Ask[] {
  const { turning } = hotHeapApproach(batch.built.approachId)
  if (turning.kind !== 'by-heat' || batch.turns.length >= turning.most) return []
  const since = batch.turns.at(-1)?.at ?? batch.built.at
  const fallen = fallenFrom(coreReadings(batch).filter(({ at }) => at >= since))
  if (!fallen || fallen.peakC < WORTH_TURNING_C || daysBetween(since, surroundings.now) < REST_DAYS) return []
  const temperature = (celsius: number) => quantityText('temperature', surroundings.units, celsius)
  const reason = `It peaked at ${temperature(fallen.peakC)} on ${dayText(fallen.at)} and has fallen to ${temperature(now.coreC)}.`
  return [ask('turned', 'Turn it', reason, surroundings.now, 3)]
}

/** Litres that bring it from what the squeeze says back to a wrung sponge, for its wet mass as built. */
const LACKING: Readonly<Record<string, number>> = { dust: 0.2, dry: 0.08 }

function waterIt({ batch, surroundings, now }: Look): Ask[] {
  const squeeze = batch.observations.findLast(({ sense }) => sense === 'squeeze')
  const lacking = squeeze ? LACKING[squeeze.finding] : undefined
  if (!squeeze || !lacking || now.phase === 'finished' || batch.waterings.some(({ at }) => at > squeeze.at)) return []
  const massKg = batchMeasures(batch, surroundings.materials)?.wetMassKg ?? 0
  const litres = massKg * 0.75 * lacking / 0.45
  const can = surroundings.waterCan
  const reason = `The squeeze on ${dayText(squeeze.at)} was ${squeeze.finding === 'dust' ? 'dusty' : 'on the dry side'}. About ${containerText(litres / can.volumeL, can)} (${quantityText('volume', surroundings.units, litres)}), poured in while turning.`
  return [ask('watered', 'Water it', reason, surroundings.now, 3, squeeze.finding === 'dust' ? 'now' : 'usual')]
}

const CALLS_FOR_BROWNS: Readonly<Record<string, string>> = {
  dripping: 'it ran out in the squeeze', wet: 'it trickled in the squeeze', ammonia: 'it smelt of ammonia', sour: 'it smelt sour', eggs: 'it smelt of rotten eggs', mats: 'slimy mats were seen',
}

function openItUp({ batch, surroundings, now }: Look): Ask[] {
  const last = batch.observations.findLast(({ finding }) => finding in CALLS_FOR_BROWNS)
  if (!last || now.phase === 'finished' || batch.turns.some(({ at }) => at > last.at)) return []
  const better = batch.observations.some(({ sense, finding, at }) => sense === last.sense && at > last.at && !(finding in CALLS_FOR_BROWNS))
  if (better) return []
  return [ask('turned', 'Open it with browns', `On ${dayText(last.at)} ${CALLS_FOR_BROWNS[last.finding]}. Turn it and work in coarse, dry browns.`, surroundings.now, 2, 'now')]
}

/** The part of the vigour that holds a heap back most, said as a gardener would. */
function whyStalled({ ratio, moisture, air, size }: Vigour): string {
  const parts = [
    [ratio, 'it is poor in nitrogen: work in fresh greens'],
    [moisture, 'its water is off: squeeze a handful to see which way'],
    [air, 'it lacks air: turn it with coarse browns'],
    [size, 'it is small and loses its heat: make it bigger or wrap it'],
  ] as const
  const [share, text] = [...parts].sort((a, b) => a[0] - b[0])[0] as typeof parts[0]
  return share < 0.85 ? `Most likely ${text}.` : 'The mix looks sound on paper: squeeze a handful, it may be drier than planned.'
}

function wakeIt({ batch, surroundings, now }: Look): Ask[] {
  const measures = batchMeasures(batch, surroundings.materials)
  if (now.phase !== 'stalled' || !measures) return []
  const reason = `Day ${Math.floor(now.day)} and only ${quantityText('temperature', surroundings.units, now.coreC)}. ${whyStalled(vigourOf(measures))}`
  return [ask('open', 'Find out why it stays cool', reason, surroundings.now, 3, 'now')]
}

function squeezeIt({ batch, surroundings, now }: Look): Ask[] {
  if (now.phase === 'curing' || now.phase === 'finished') return []
  const last = batch.observations.findLast(({ sense }) => sense === 'squeeze')
  const since = max([new Date(last?.at ?? batch.built.at), new Date(batch.waterings.at(-1)?.at ?? batch.built.at)])
  return [ask('squeeze', 'Squeeze a handful', last ? `Last felt on ${dayText(last.at)}. Heat dries it from within.` : `Not felt yet. ${surroundings.ambientC(surroundings.now) > 18 ? 'It dries fast in this warmth.' : 'Heat dries it from within.'}`, addDays(since, 7), 4, 'whenever')]
}

function finishIt({ batch, surroundings }: Look): Ask[] {
  const { from, to, reasons } = readyWindow(batch, surroundings)
  const reason = from <= surroundings.now ? `The window opened on ${dayText(from)}. ${reasons[0]}` : reasons[0] ?? ''
  return [{ action: 'finish', title: 'Test, sieve and take down', reason, due: from, until: to, urgency: 'whenever' }]
}

const ASKS = [coolOff, wakeIt, openItUp, waterIt, readTheHeat, turnByHeat, turnByRhythm, squeezeIt, finishIt]

/** A turn asked for twice is one turn: the more urgent reason stays. */
function once(asks: readonly Ask[]): Ask[] {
  return asks.filter((one, index) => asks.findIndex(({ action }) => action === one.action) === index)
}

/** What a heap asks for, now and in the days to come. Missed days do not pile up: each thing is asked once. */
export function tasksOf(batch: StandingBatch, surroundings: Surroundings): Task[] {
  if (batch.finish) return []
  const look = { batch, surroundings, now: phaseNow(batch, surroundings) }
  return once(ASKS.flatMap(make => make(look)))
    .map(one => ({ ...one, id: `${batch.id}.${one.action}`, batchId: batch.id, until: endOfDay(one.until) }))
}
