import { addDays, max, startOfDay } from 'date-fns'
import { daysBetween } from '../../../units/time'
import { containerText } from '../../../units/container'
import { quantityText } from '../../../units/format'
import { causesOf } from '../diagnosis'
import { expectedAt } from '../../heated/expected'
import { expectCourse } from '../expect'
import { batchMeasures } from '../measures'
import type { HeapLog } from '../../heated/heap-log'
import { ask, COVERED, type Ask, type Seen } from './ask'
import { dayText, weekdayText } from '../../../units/dates'
import { HOT } from '../constants'
import { namedIn } from '../../../constants/constants'
import { looking } from '../looking'

/** Water after a dry squeeze, until it was watered. */
export function waterIt({ batch, surroundings }: Seen): Ask[] {
  const squeeze = looking.now(batch, 'squeeze', surroundings.now)
  const lacking = squeeze ? namedIn(HOT.lacking, squeeze.finding) : undefined
  if (!squeeze || !lacking) return []
  const massKg = batchMeasures(batch, surroundings.materials)?.wetMassKg ?? 0
  const litres = massKg * 0.75 * lacking / 0.45
  const can = surroundings.garden.waterCan
  const reason = `The squeeze on ${dayText(squeeze.at)} was ${squeeze.finding === 'dust' ? 'dusty' : 'on the dry side'}. About `
    + `${containerText(litres / can.volumeL, can)} (${quantityText('volume', surroundings.units, litres)}), poured in while turning.`
  return [ask('watered', 'Water it', reason, surroundings.now, 3, squeeze.finding === 'dust' ? 'now' : 'usual')]
}

/** Findings that call for air and browns, with the symptom they are. */
const CALLS_FOR_BROWNS: Readonly<Record<string, { readonly said: string, readonly symptom: string }>> = {
  dripping: { said: 'it ran out in the squeeze', symptom: 'dripping' }, wet: { said: 'it trickled in the squeeze', symptom: 'dripping' },
  ammonia: { said: 'it smelt of ammonia', symptom: 'ammonia' }, sour: { said: 'it smelt sour', symptom: 'sour' },
  eggs: { said: 'it smelt of rotten eggs', symptom: 'eggs' }, mats: { said: 'slimy mats were seen', symptom: 'mats' },
}

/** Browns after a bad smell or a wet squeeze, with how many containers of what, until it was turned or is better. */
export function openItUp({ batch, surroundings }: Seen): Ask[] {
  const last = looking.allNow(batch, surroundings.now).findLast(({ finding }) => finding in CALLS_FOR_BROWNS)
  if (!last) return []
  const { said, symptom } = CALLS_FOR_BROWNS[last.finding]!
  const remedy = causesOf(batch, surroundings, [symptom])[0]?.remedy.text ?? 'Turn it and work in coarse, dry browns.'
  return [ask('browns', 'Open it with browns', `On ${dayText(last.at)} ${said}. ${remedy}`, surroundings.now, 2, 'now')]
}

/** That it is expected to be too dry by now, in words; nothing when it is not. */
function dryByNow({ batch, surroundings, now }: Pick<Seen, 'batch' | 'surroundings' | 'now'>): string | undefined {
  const moisture = expectedAt(expectCourse(batch, surroundings, Math.ceil(now.day)), now.day)?.moisture.typical
  if (moisture === undefined || moisture >= HOT.dryingBelow) return undefined
  return `By what went in, its heat and the weather it holds about ${Math.round(100 * moisture)} % water, and below 45 % decay stalls. `
    + 'If no drop comes: water it, turn it in, and put the cover back.'
}

/** A squeeze a week after the last while it works; while it cures, it must not dry out either. */
export function squeezeIt({ batch, surroundings, now }: Seen): Ask[] {
  const last = looking.last(batch, 'squeeze')
  const since = max([new Date(last?.at ?? batch.built.at), new Date(batch.waterings.at(-1)?.at ?? batch.built.at)])
  const reason = last
    ? `Last felt on ${dayText(last.at)}. Heat dries it from within.`
    : 'Not felt yet. '
      + `${surroundings.weather.ambientC(surroundings.now) > 18 ? 'It dries fast in this warmth.' : 'Heat dries it from within.'}`
  const dry = dryByNow({ batch, surroundings, now })
  if (dry && daysBetween(since, surroundings.now) >= HOT.dryAgainDays)
    return [ask('squeeze', 'Squeeze a handful: it is drying out', dry, surroundings.now, 2)]
  if (now.phase !== 'curing') return [ask('squeeze', 'Squeeze a handful', reason, addDays(since, HOT.squeezeDays.working), 4, 'whenever')]
  return [
    ask(
      'squeeze', 'Let it cure, moist and covered',
      `It ripens now${last ? `; last felt on ${dayText(last.at)}` : ''}. Squeeze a handful; no drop, then water it. Cover it again.`,
      addDays(since, HOT.squeezeDays.curing), 10, 'whenever',
    ),
  ]
}

const WELL_WET = ['right', 'wet', 'dripping']

/** Whether it was covered since anybody had the cover off: to turn, to pour, to add. */
function liesCovered({ putOffs, turns, waterings, additions }: HeapLog): boolean {
  const covered = putOffs.findLast(({ task, why }) => task.startsWith('cover') && why === COVERED)?.at
  return covered !== undefined && [...turns, ...waterings, ...additions].every(({ at }) => at < covered)
}

/** Cover before much rain, once; open bins with lids need none. */
export function coverIt({ batch, surroundings }: Seen): Ask[] {
  if (batch.built.vessel.wall === 'plastic' || liesCovered(batch)) return []
  const days = Array.from({ length: HOT.aheadDays }, (_, index) => addDays(startOfDay(surroundings.now), index))
  const rainMm = days.map(day => surroundings.weather.rainMm(addDays(day, 0.5)))
  const sum = rainMm.reduce((all, one) => all + one, 0)
  const wetEnough = WELL_WET.includes(looking.now(batch, 'squeeze', surroundings.now)?.finding ?? 'right')
  if (sum < HOT.muchRainMm || !wetEnough) return []
  const wettest = days[rainMm.indexOf(Math.max(...rainMm))] as Date
  return [
    ask(
      'cover', 'Cover it before the rain',
      `${quantityText('rain', surroundings.units, sum)} are coming by ${weekdayText(days.at(-1) as Date)}, most of it on `
      + `${weekdayText(wettest)}. It is moist enough as it is.`,
      surroundings.now, 1,
    ),
  ]
}
