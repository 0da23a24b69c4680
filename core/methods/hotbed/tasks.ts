import { daysText } from '../../units/plural'
import { addDays, addHours, addWeeks, format, set } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { comesUp, CROPS, sowing } from '../../hotbed/crops'
import { dateText, dayText } from '../../units/dates'
import { quantityText } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Surroundings, Task } from '../contract'
import { tasksFrom, type Ask } from '../course'
import { dayAsked, frameDay, wantsAir } from './airing'
import { middleOf } from './forecast'
import { alongOf } from './sequence'
import { hotbedOf, type Hotbed } from './state'
import { AIRED, GLASS, HARVESTED, MATS, SOW_ON, SOWN, WARMTH, WATERED } from './words'
import { BED } from './constants'

interface Seen { readonly batch: BegunBatch, readonly bed: Hotbed, readonly surroundings: Surroundings }

const LIVES: readonly Hotbed['phase'][] = ['burst', 'sow', 'growing', 'cooling', 'heating']

function build({ bed: { phase }, surroundings: { now }, batch }: Seen): Ask[] {
  return phase === 'building'
    ? [
        {
          action: 'build', doing: { kind: 'page', page: 'run' }, label: 'Step by step', icon: 'i-ph-list-checks',
          title: 'Build it today', reason: 'All of it in one day: what lies loose overnight burns off its heat.',
          due: new Date(batch.began.at), until: addDays(now, 1), urgency: 'now',
        },
      ]
    : []
}

function readIt({ batch, bed: { phase, soilC, readC, sowDay, nowDay }, surroundings: { units } }: Seen): Ask[] {
  if (!LIVES.includes(phase)) return []
  const last = batch.gauged[WARMTH]?.at(-1)?.at
  const every = phase === 'heating' || phase === 'burst' || phase === 'sow' ? 1 : phase === 'growing' ? 4 : 10
  const due = last ? addDays(new Date(last), every) : addHours(new Date(batch.began.at), 20)
  const until = phase === 'growing' || phase === 'cooling' ? 4 : 1
  return [{
    action: 'warmth', doing: { kind: 'pad', pad: WARMTH }, label: 'Read', icon: 'i-ph-thermometer', title: 'Read the soil',
    reason: (readC === undefined
      ? `It should be about ${quantityText('temperature', units, soilC)}`
      : `It was ${quantityText('temperature', units, readC)} when last read`)
    + (phase === 'heating' || phase === 'burst'
      ? `; to be sown in about ${Math.max(1, Math.round(sowDay - nowDay))} ${Math.round(sowDay - nowDay) <= 1 ? 'day' : 'days'}`
      : '') + '. '
      + 'From your readings it learns how this bed goes.',
    due, until: addDays(due, until), urgency: every === 1 ? 'usual' : 'whenever',
  }]
}

function sowIt({ bed: { phase, readC, soilC }, surroundings: { now, units } }: Seen): Ask[] {
  if (phase !== 'sow') return []
  const soil = readC ?? soilC
  const up = CROPS.filter(crop => comesUp(crop, soil)).map(({ name }) => name.toLowerCase())
  return [{
    action: 'sown', doing: { kind: 'pad', pad: SOWN }, label: 'Sown', icon: 'i-ph-plant', title: 'Sow it',
    reason: (readC === undefined
      ? `The soil should be about ${quantityText('temperature', units, soil)}`
      : `The soil is at ${quantityText('temperature', units, soil)}`) + ', '
      + `below ${quantityText('temperature', units, BED.sowBelowC)}. Now come up: ${up.slice(0, 5).join(', ')}.`,
    due: now, until: addDays(now, 7), urgency: 'usual',
  }]
}

function airIt({ batch, bed, surroundings }: Seen): Ask[] {
  const { now, units } = surroundings
  if (!LIVES.includes(bed.phase) || batch.did.findLast(({ deed }) => deed === GLASS)?.answers.now === 'off') return []
  const { day, word } = dayAsked(now)
  const told = frameDay(bed, day, surroundings)
  const done = batch.did.some(({ deed, at }) => deed === AIRED && daysBetween(at, now) < 0.5)
  if (!wantsAir(told, bed) || (word === 'today' && done)) return []
  const due = set(day, { hours: 10, minutes: 0, seconds: 0, milliseconds: 0 })
  return [{
    action: 'aired', doing: { kind: 'deed', deed: AIRED }, label: 'Aired', icon: 'i-ph-wind', title: `Open the frame ${word}`,
    reason: 'Shut it would reach about '
      + `${quantityText('temperature', units, told.shutC)}`
      + (told.known
        ? `, by the ${quantityText('temperature', units, told.warmestC)} that are foretold`
        : ', by the sun that is usual now') + '. '
        + 'From ten, propped on its lee side; shut by four.',
    due: word === 'today' ? due : now, until: set(day, { hours: 15, minutes: 0, seconds: 0, milliseconds: 0 }),
    urgency: word === 'today' ? 'now' : 'usual',
  }]
}

function coverIt({ batch, bed, surroundings }: Seen): Ask[] {
  const { now, units } = surroundings
  if (!LIVES.includes(bed.phase) || bed.sown.length === 0 || !bed.ground.top.matsAtNight) return []
  const night = frameDay(bed, addDays(now, 1), surroundings)
  const done = batch.did.some(({ deed, at }) => deed === MATS && daysBetween(at, now) < 0.7)
  if (night.coldestC > -1 || done) return []
  return [{
    action: 'mats', doing: { kind: 'deed', deed: MATS }, label: 'Covered', icon: 'i-ph-moon', title: 'Mats over the glass tonight',
    reason: `It goes to about ${quantityText('temperature', units, night.coldestC)} outside${night.known ? ', as foretold' : ''}: mats `
      + 'save nearly half of what the glass loses.',
    due: set(now, { hours: 16, minutes: 0, seconds: 0, milliseconds: 0 }),
    until: set(now, { hours: 22, minutes: 0, seconds: 0, milliseconds: 0 }), urgency: 'usual',
  }]
}

function waterIt({ batch, bed, surroundings: { now, units, weather: { ambientC } } }: Seen): Ask[] {
  if (bed.phase !== 'growing' && bed.phase !== 'cooling') return []
  const last = batch.puts.findLast(({ waterL, atStart }) => waterL > 0 && !atStart)?.at ?? bed.sown.at(-1)?.at ?? batch.began.at
  const every = ambientC(now) > 12 ? 2 : 4
  const due = addDays(new Date(last), every)
  return [{
    action: 'watered', doing: { kind: 'pad', pad: WATERED }, label: 'Watered', icon: 'i-ph-drop', title: 'Feel whether it wants water',
    reason: `No rain gets in. When the top is dry: about ${quantityText('volume', units, bed.ground.frameM2 * 5)}, tepid, in the morning.`,
    due, until: addDays(due, 2), urgency: 'whenever',
  }]
}

function harvestIt({ batch, bed, surroundings }: Seen): Ask[] {
  const middle = middleOf(batch, surroundings)
  if (!middle) return []
  const { soilC, daylightH, frostFree } = alongOf(middle.course, new Date(batch.began.at), 0, surroundings)
  const coming = bed.sown.flatMap(({ crop, name, day, at }) => {
    const { from, to } = crop ? sowing(crop, soilC, day, daylightH) : { from: undefined, to: undefined }
    return crop && from !== undefined && !batch.did.some(({ deed, at: when }) => deed === HARVESTED && when > at)
      ? [{ crop, name, from, to: to ?? from + 14 }]
      : []
  })
  return coming.slice(0, 1).map(({ crop, name, from, to }) => {
    const due = addDays(new Date(batch.began.at), Math.round(from))
    const until = addDays(new Date(batch.began.at), Math.round(to) + 10)
    // Whatever stands in the frame, a tender one does not go out into the frost.
    const potted = crop.end === 'planted out' && crop.tender === true && frostFree !== undefined && frostFree > due
    return {
      action: 'harvested', doing: { kind: 'pad', pad: HARVESTED },
      label: crop.end === 'eaten' ? 'Harvested' : potted ? 'Potted on' : 'Planted out',
      icon: 'i-ph-basket',
      title: crop.end === 'eaten' ? `${name}: the first to harvest` : potted ? `${name}: to be potted on` : `${name}: to be planted out`,
      reason: `By the warmth of the soil and the light between ${dayText(due)} and `
        + `${dayText(addDays(new Date(batch.began.at), Math.round(to)))}.`
        + (potted ? ` Out from about ${dayText(frostFree)}, when the last frost is past.` : ''),
      due, until, urgency: 'whenever' as const,
    }
  })
}

/** In the fourth week of the first, for the day on which that one gets cool. */
function secondBed({ batch, bed: { nowDay, phase, coolDay }, surroundings: { now, units } }: Seen): Ask[] {
  const due = addWeeks(new Date(batch.began.at), 4)
  if (phase === 'spent' || phase === 'cooling' || nowDay > 45 || coolDay > BED.sunCarriesDays) return []
  const cool = addDays(new Date(batch.began.at), Math.round(coolDay))
  return [{
    action: 'second',
    doing: {
      kind: 'again', answers: { [SOW_ON]: format(cool, 'yyyy-MM-dd') }, why: 'second bed planned',
      said: 'the second bed is on the bench',
    },
    label: 'Plan it', icon: 'i-ph-calendar-plus', title: 'Build the second bed',
    reason: `This one falls under ${quantityText('temperature', units, BED.warmC)} about ${dateText(cool)}. Build the next `
      + 'in its fourth week. The bench reckons back from that day, and what to gather.',
    due, until: addDays(due, 14), urgency: daysBetween(due, now) > -3 ? 'usual' : 'whenever',
  }]
}

function endIt({ batch, bed: { phase, heightM, ground, nowDay, spentDay }, surroundings: { now, units } }: Seen): Ask[] {
  if (phase !== 'spent') return []
  const litres = heightM * ground.footprintM2 * 1000
  return [{
    action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Take it', icon: 'i-ph-basket',
    title: 'Take the compost, or leave it as a bed',
    reason: `It has been cold for about ${daysText(Math.max(1, Math.round(nowDay - spentDay)))}. About `
      + `${quantityText('volume', units, litres)} of half-ripe compost lie there. Plant pumpkins on it, or cart it off and fill anew.`,
    due: addDays(new Date(batch.began.at), Math.round(spentDay)), until: addDays(now, 60), urgency: 'whenever',
  }]
}

/** What a hotbed asks for. */
export function tasksOf(batch: BegunBatch, surroundings: Surroundings): Task[] {
  const bed = batch.ended ? undefined : hotbedOf(batch, surroundings)
  if (!bed) return []
  const seen = { batch, surroundings, bed }
  return tasksFrom(
    batch.id, [build, airIt, sowIt, readIt, coverIt, waterIt, harvestIt, secondBed, endIt].flatMap(make => make(seen)), 'hour',
  )
}
