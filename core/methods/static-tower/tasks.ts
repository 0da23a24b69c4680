import { wetnessText } from '../../plain/states'
import { addDays, endOfDay, isSameDay } from 'date-fns'
import { containerText } from '../../units/container'
import { dateText, dayText, weekdayText } from '../../units/dates'
import { quantityText, roughly } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Surroundings, Task } from '../contract'
import { isFrozen, openPad, tasksFrom, unlessFrozen, type Ask } from '../course'
import type { HeapLog } from '../heated/heap-log'
import { towerOn, wormsGate, type TowerNow } from './now'
import { sinceWatered, waterWanted, weeklyLitres } from './water'
import { windowsOf } from './windows'
import { COVERED, HEAT, HEIGHT, LOOK, PIPES_OUT, WORMS_IN } from './words'
import { ZONES } from './zones'
import { TOWER } from './constants'
import { looking } from './looking'

interface Seen { readonly log: HeapLog, readonly surroundings: Surroundings, readonly tower: TowerNow }
const did = ({ log }: Seen, deed: string) => log.did.findLast(one => one.deed === deed)
const water = (litres: number, { units, garden: { waterCan } }: Surroundings) =>
  `${containerText(litres / waterCan.volumeL, waterCan)} (${quantityText('volume', units, roughly(litres))})`

function pipes(seen: Seen): Ask[] {
  const { site } = seen.log.began
  if (did(seen, PIPES_OUT) || site.kind !== 'channelled' || site.channels.length === 0) return []
  const due = addDays(new Date(seen.log.built.at), TOWER.pipes.from)
  const late = daysBetween(seen.log.built.at, seen.surroundings.now) > TOWER.pipes.to + 1
  return [{
    action: PIPES_OUT, doing: { kind: 'deed', deed: PIPES_OUT }, label: 'Out', icon: 'i-ph-arrow-fat-lines-up',
    title: `Pull the ${site.channels.length === 1 ? 'pipe' : `${site.channels.length} pipes`} out`,
    reason: 'After a day or two it stands by itself, and the channels stay '
      + `open.${late ? ' They come out hard once it has sunk: turn them first.' : ''}`,
    due, until: addDays(due, TOWER.pipes.to), urgency: 'usual',
  }]
}

/** Read while it is warm: the worms' gate opens by what is read. */
function read({ log, surroundings, tower }: Seen): Ask[] {
  const { now, units } = surroundings
  if (log.did.some(({ deed }) => deed === WORMS_IN) || tower.day > 90) return []
  const last = log.readings.at(-1)
  const every = tower.day < 10 ? 2 : 3
  const gate = wormsGate(log, surroundings)
  if (gate.open && gate.basis === 'read') return []
  const due = addDays(new Date(last?.at ?? log.built.at), every)
  return [{
    action: HEAT, doing: openPad(HEAT), label: 'Read', icon: 'i-ph-thermometer', title: 'Read the heat',
    reason: `${last ? `Last read on ${dayText(last.at)}.` : 'Not read yet.'} Worms wait for three days below `
      + `${quantityText('temperature', units, TOWER.wormsBelowC)}.`,
    due, until: addDays(due, 5), urgency: tower.day < TOWER.hotDays && now >= due ? 'usual' : 'whenever',
  }]
}

function worms(seen: Seen): Ask[] {
  const { log, surroundings, tower } = seen
  if (did(seen, WORMS_IN) || !wormsGate(log, surroundings).open) return []
  // Frozen, or with frost coming, they would die on the way down.
  if (tower.coreC < TOWER.wormsAboveC || surroundings.weather.ambientC(surroundings.now) < TOWER.frostC || frost(seen).length > 0) return []
  return [{
    action: WORMS_IN, doing: openPad(WORMS_IN), label: 'Worms in', icon: 'i-ph-waves', title: 'Cool enough: let the worms in',
    reason: `Three days below ${quantityText('temperature', surroundings.units, TOWER.wormsBelowC)}. A handful or two of surface worms on `
      + 'top; in the ground some come by themselves.',
    due: surroundings.now, until: addDays(surroundings.now, 30), urgency: 'whenever',
  }]
}

function watering({ log, surroundings, tower }: Seen): Ask[] {
  const { now } = surroundings
  const wanted = waterWanted(log, surroundings)
  if (!wanted) return []
  const weekly = weeklyLitres(log, surroundings)
  if (wanted.litres > surroundings.garden.waterCan.volumeL / 3) {
    const why
      = wanted.dryZones.length > 0
        ? `Felt dry at the ${wanted.dryZones.join(' and the ')}.`
        : `By the weather and what was poured it is ${wetnessText(wanted.moisture, [TOWER.moist.low, TOWER.moist.high])}.`
    return [{
      action: 'watered', doing: openPad('watered'), label: 'Watered', icon: 'i-ph-drop', title: 'Water it through',
      reason: `${why} About ${water(wanted.litres, surroundings)}, slowly, over the top and into the channels.`, due: now,
      until: addDays(now, 4), urgency: tower.moisture < 0.55 || wanted.dryZones.length > 1 ? 'now' : 'usual',
    }]
  }
  const frost = surroundings.weather.ambientC(now) < 1
  if (frost || weekly < 2) return []
  const every = TOWER.waterEvery[log.began.approachId as keyof typeof TOWER.waterEvery] ?? 7
  const due = addDays(new Date(log.waterings.at(-1)?.at ?? log.built.at), every)
  return [{
    action: 'watered', doing: openPad('watered'), label: 'Watered', icon: 'i-ph-drop',
    title: `The week's water: about ${containerText(weekly / surroundings.garden.waterCan.volumeL, surroundings.garden.waterCan)}`,
    reason: `Last watered ${Math.round(sinceWatered(log, now))} days ago. So much dries off in a week at this season. The squeeze decides.`,
    due, until: addDays(due, 5), urgency: 'usual',
  }]
}

/** One zone at a time, in turn: in a month all four have been felt. */
function feel({ log, surroundings }: Seen): Ask[] {
  if (surroundings.weather.ambientC(surroundings.now) < 0) return []
  const lastOf = ZONES.map(zone => ({ zone, at: looking.last(log, zone.sense)?.at ?? '' }))
  const oldest = lastOf.reduce((best, one) => one.at < best.at ? one : best)
  const newest = lastOf.reduce((best, one) => one.at > best.at ? one : best)
  const due = addDays(new Date(newest.at || log.built.at), TOWER.feelEveryDays)
  return [{
    action: 'squeeze', doing: openPad(oldest.zone.sense), label: 'Squeeze', icon: 'i-ph-hand-grabbing',
    title: `Squeeze a handful: ${oldest.zone.name}`,
    reason: `${oldest.at ? `Last felt there on ${dayText(oldest.at)}` : 'Not felt there yet'}. Zones dry one by one, unseen from outside.`,
    due, until: addDays(due, 10), urgency: 'whenever',
  }]
}

function lookInto({ log }: Seen): Ask[] {
  const last = looking.last(log, LOOK)
  const due = addDays(new Date(last?.at ?? log.built.at), TOWER.lookEveryDays)
  return [{
    action: LOOK, doing: openPad(LOOK), label: 'Look', icon: 'i-ph-eye', title: 'Look down the channels',
    reason: `${last ? `Last on ${dayText(last.at)}` : 'Not yet'}. White threads and open channels are what you want to see.`, due,
    until: addDays(due, 21), urgency: 'whenever',
  }]
}

function measure({ log }: Seen): Ask[] {
  const last = log.heights.at(-1)
  const due = addDays(new Date(last?.at ?? log.built.at), last ? 60 : 14)
  return [{
    action: HEIGHT, doing: openPad(HEIGHT), label: 'Height', icon: 'i-ph-ruler', title: 'How high does it stand?',
    reason: 'It sinks by a quarter to a half in a year. Its pace tells how it works.', due, until: addDays(due, 30),
    urgency: 'whenever',
  }]
}

function frost(seen: Seen): Ask[] {
  const { surroundings } = seen
  const covered = did(seen, COVERED)
  if (covered && daysBetween(covered.at, surroundings.now) < 120) return []
  for (const ahead of [0, 1, 2]) {
    const day = addDays(surroundings.now, ahead)
    const coldest = surroundings.weather.extremesC?.(day)?.minC ?? surroundings.weather.ambientC(day) - 4
    if (coldest > TOWER.frostC) continue
    return [{
      action: COVERED, doing: { kind: 'deed', deed: COVERED }, label: 'Covered', icon: 'i-ph-snowflake',
      title: 'Frost is coming: cover it',
      reason: `${isSameDay(day, surroundings.now) ? 'Today' : weekdayText(day)} down to `
        + `${quantityText('temperature', surroundings.units, coldest)}. Straw, bubble sheet or sacking all round and on top; the drip `
        + 'line emptied. Frozen days do not count.',
      due: surroundings.now, until: endOfDay(day), urgency: 'usual',
    }]
  }
  return []
}

function take({ log, surroundings }: Seen): Ask[] {
  const ready = windowsOf(log, surroundings).find(({ id }) => id === 'ready')
  if (!ready || ready.from > surroundings.now) return []
  const last = log.takings.at(-1)
  if (last && new Date(last.at) > ready.from) return []
  return [{
    action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Take some', icon: 'i-ph-funnel',
    title: 'Take some, the rest lives on',
    reason: `Expected ready between ${dayText(ready.from)} and ${dateText(ready.to)}. From below or one side; a handful to a planting `
      + 'hole, or an extract.',
    due: ready.from, until: ready.to > surroundings.now ? ready.to : addDays(surroundings.now, 60), urgency: 'whenever',
  }]
}

/** What a tower asks for, now and in the time to come. */
export function tasksOf(log: HeapLog, surroundings: Surroundings): Task[] {
  const tower = log.ended ? undefined : towerOn(log, surroundings)
  if (!tower) return []
  const seen = { log, surroundings, tower }
  const asks = [pipes, frost, read, worms, watering, feel, lookInto, measure, take].flatMap(make => make(seen))
  return tasksFrom(log.id, unlessFrozen(asks, isFrozen(surroundings.weather.ambientC(surroundings.now), tower.coreC)))
}
