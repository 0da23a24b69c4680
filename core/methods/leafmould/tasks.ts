import { wetnessText } from '../../plain/states'
import { addDays, addMonths } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { containerText } from '../../units/container'
import { quantityText } from '../../units/format'
import { daysBetween } from '../../units/time'
import { sinceOf, type Surroundings, type Task } from '../contract'
import { isFrozen, openPad, tasksFrom, unlessFrozen, type Ask } from '../course'
import { cageOn, type CageOnDay } from './now'
import { middleOf } from './forecast'
import { waterToWetL } from './leaves'
import { GRADES } from './rates'
import { windowsOf } from './windows'
import { BAGGED, LOOK, SQUEEZE } from './words'
import { dateText, dayText } from '../../units/dates'
import { LEAF } from './constants'
import { namedIn } from '../../constants/constants'
import { looking } from './looking'

interface Seen { readonly batch: BegunBatch, readonly surroundings: Surroundings, readonly cage: CageOnDay }

const water = (litres: number, { units, garden: { waterCan } }: Surroundings) =>
  `${containerText(litres / waterCan.volumeL, waterCan)} (${quantityText('volume', units, litres)})`

/** There is room again, and leaves still fall. */
function topUp({ batch, surroundings, cage }: Seen): Ask[] {
  const { began, puts, did, takings } = batch
  const lastFill = puts.findLast(({ inputs }) => inputs.length > 0)
  if (!lastFill || takings.length > 0 || did.some(({ deed }) => deed === BAGGED)) return []
  const due = addDays(new Date(lastFill.at), LEAF.topUp.afterDays)
  if (daysBetween(began.at, due) > LEAF.topUp.seasonDays) return []
  const then = due > surroundings.now ? cageOn(batch, surroundings, daysBetween(began.at, due)) : cage
  const sack = lastFill.inputs[0]?.amount.container
  if (!then || !sack || then.freeL < LEAF.topUp.leastL) return []
  const until = addDays(due, LEAF.topUp.untilDays)
  if (until < surroundings.now) return []
  const reason = `Leaves settle to half in four weeks. ${due > surroundings.now ? 'Then there' : 'There'} is room for about `
    + `${containerText(then.freeL / sack.volumeL, sack)} more, filled loosely.`
  return [{
    action: 'filled', doing: openPad('filled'), label: 'Filled', icon: 'i-ph-leaf', title: 'Fill it up again', reason, due, until,
    urgency: 'usual',
  }]
}

/** A dry squeeze, or a dry spell by the weather: how much water brings it back. */
function waterIt({ batch, surroundings, cage }: Seen): Ask[] {
  const felt = looking.now(batch, SQUEEZE, surroundings.now)
  const lacking = felt ? namedIn(LEAF.lacks, felt.finding) : undefined
  const judged = felt && lacking === undefined ? undefined : lacking ?? (cage.moisture < LEAF.dry ? cage.moisture : undefined)
  if (judged === undefined) return []
  const dryKg = middleOf(batch, surroundings)!.question.fills.reduce(
    (sum, { dryKg: kg, massLeft }) => sum + kg * Math.min(1, cage.left / massLeft), 0,
  )
  const litres = Math.max(surroundings.garden.waterCan.volumeL, waterToWetL([{ dryKg, waterKg: dryKg * judged / (1 - judged) }]))
  const why
    = felt && lacking !== undefined
      ? `The squeeze on ${dayText(felt.at)} was ${felt.finding === 'dust' ? 'dry as dust' : 'on the dry side'}.`
      : `By the weather it is ${wetnessText(cage.moisture, LEAF.squeezes.right)}: so hardly anything rots.`
  return [{
    action: 'watered',
    doing: openPad('watered'),
    label: 'Watered',
    icon: 'i-ph-drop',
    title: 'Water it through',
    due: surroundings.now,
    until: addDays(surroundings.now, 7),
    reason:
        `${why} About ${water(litres, surroundings)}, slowly, into holes made with a fork.`,
    urgency: felt?.finding === 'dust' ? 'now' : 'usual',
  }]
}

function feelIt({ batch, surroundings, cage }: Seen): Ask[] {
  // In closed bags nothing dries, and fine mould is done.
  if (batch.did.some(({ deed }) => deed === BAGGED) || cage.left <= GRADES[2].massLeft) return []
  const last = looking.last(batch, SQUEEZE)
  const since = new Date(
    Math.max(
      ...[last?.at, batch.puts.findLast(({ waterL }) => waterL > 0)?.at, batch.began.at].flatMap(at => (at ? [Date.parse(at)] : [])),
    ),
  )
  const due = addDays(since, LEAF.squeezeEveryDays)
  const warm = surroundings.weather.ambientC(due > surroundings.now ? due : surroundings.now) > 8
  if (!warm) return []
  return [{
    action: 'squeeze', doing: openPad(SQUEEZE), label: 'Squeeze', icon: 'i-ph-hand-grabbing', title: 'Squeeze a handful from inside',
    reason: `${last ? `Last felt on ${dayText(last.at)}` : 'Not felt yet'}. Dry leaves do not rot, and from outside they look the same.`,
    due, until: addDays(due, 21), urgency: 'whenever',
  }]
}

function lookInside({ batch, surroundings }: Seen): Ask[] {
  const last = looking.last(batch, LOOK)
  const due = addDays(new Date(last?.at ?? batch.began.at), last ? LEAF.lookEveryDays : LEAF.lookEveryDays * 1.5)
  const [next] = windowsOf(batch, surroundings).filter(({ to }) => to > surroundings.now)
  if (!next) return []
  return [{
    action: 'look', doing: openPad(LOOK), label: 'Look', icon: 'i-ph-eye', title: 'Look inside',
    reason: `${last ? `Last looked on ${dayText(last.at)}` : 'Not looked at yet'}. ${next.label} is expected `
      + `${dayText(next.from)} to ${dateText(next.to)}; what you see makes it surer.`,
    due, until: addDays(due, 30), urgency: 'whenever',
  }]
}

/** The best grade that has come: take what is needed, the rest goes on. */
function harvest({ batch, surroundings }: Seen): Ask[] {
  const open = windowsOf(batch, surroundings).filter(window => sinceOf(window) <= surroundings.now)
  const best = open.at(-1)
  if (!best) return []
  const lastTaken = batch.takings.at(-1)?.at
  const since = sinceOf(best)
  if (lastTaken && new Date(lastTaken) > since) return []
  return [{
    action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Take some', icon: 'i-ph-funnel',
    title: `Take ${best.label.toLowerCase()}`,
    reason: `${best.label} since ${dayText(since)}, by the warmth and water it got. Take the dry outside off first; what is left `
      + 'goes on to the next grade.',
    due: since, until: best.to > surroundings.now ? best.to : addMonths(surroundings.now, 2), urgency: 'whenever',
  }]
}

/** What a cage asks for, now and in the time to come. */
export function tasksOf(batch: BegunBatch, surroundings: Surroundings): Task[] {
  const cage = batch.ended ? undefined : cageOn(batch, surroundings)
  if (cage) {
    const asks = [topUp, waterIt, feelIt, lookInside, harvest].flatMap(make => make({ batch, surroundings, cage }))
    return tasksFrom(batch.id, unlessFrozen(asks, isFrozen(surroundings.weather.ambientC(surroundings.now))))
  }
  if (batch.ended) return []
  return tasksFrom(batch.id, [{
    action: 'filled', doing: openPad('filled'), label: 'Filled', icon: 'i-ph-leaf', title: 'Fill it with leaves',
    reason: 'Nothing is in it yet, as far as the log knows.', due: surroundings.now, until: addDays(surroundings.now, 30),
    urgency: 'usual',
  }])
}
