import { addDays, endOfDay, isSameDay } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { dayText, weekdayText } from '../../units/dates'
import { quantityText } from '../../units/format'
import { daysBetween } from '../../units/time'
import { sinceOf, type Surroundings, type Task } from '../contract'
import { isFrozen, openPad, tasksFrom, unlessFrozen, type Ask } from '../course'
import { alarmOf } from './alarms'
import { wormApproach } from './approaches'
import { dietOf } from './diet'
import { kindOf } from './kinds'
import { binOn, type BinOnDay } from './now'
import { feedings, hasWorms, lureEnd, pocketsInTurn, pocketsOf } from './pockets'
import { windowsOf } from './windows'
import { FED, KIND, LEFT, SHELTERED, SPLIT, SQUEEZE, WORMS_IN } from './words'
import { WORM } from './constants'
import { looking } from './looking'

interface Seen { readonly batch: BegunBatch, readonly surroundings: Surroundings, readonly bin: BinOnDay }

function alarm({ batch, surroundings }: Seen): Ask[] {
  const kind = kindOf(batch.began.answers[KIND])
  const coming = alarmOf(batch, surroundings, kind)
  if (!coming) return []
  const { now, units } = surroundings
  const moved = batch.did.findLast(({ deed }) => deed === SHELTERED)
  if (moved && daysBetween(moved.at, now) < 2) return []
  const when = isSameDay(coming.day, now) ? 'Today' : weekdayText(coming.day)
  const degrees = (celsius: number) => quantityText('temperature', units, celsius)
  const inGround = wormApproach(batch.began.approachId).inGround
  return coming.kind === 'heat'
    ? [
        {
          action: 'heat', doing: openPad(SHELTERED), label: 'Sheltered', icon: 'i-ph-sun', title: 'Heat is coming: shade the worms',
          reason: `${when} up to ${degrees(coming.outsideC)} outside, and the bin may reach ${degrees(coming.binC)}; from `
            + `${degrees(kind.maxC)} they suffer, two days at ${degrees(kind.diesAboveC + 1)} kill them. `
            + (inGround
              ? 'Wet sacking over it, lid ajar, no feed.'
              : 'Into the cellar or deep shade, lid ajar, wet sacking over it, no feed.'),
          due: now, until: endOfDay(coming.day), urgency: 'now',
        },
      ]
    : [
        {
          action: 'frost', doing: openPad(SHELTERED), label: 'Sheltered', icon: 'i-ph-snowflake',
          title: 'Frost is coming: bring the worms in',
          reason: `${when} down to ${degrees(coming.outsideC)}. `
            + (inGround
              ? 'A hand of straw or leaves over it: deeper down they live through it.'
              : 'Into a shed or cellar, or straw and sacking all round; feed little.'),
          due: now, until: endOfDay(coming.day), urgency: 'now',
        },
      ]
}

function bring({ batch, surroundings: { now } }: Seen): Ask[] {
  if (hasWorms(batch) || wormApproach(batch.began.approachId).id === 'tower') return []
  return [{
    action: WORMS_IN, doing: openPad(WORMS_IN), label: 'Worms in', icon: 'i-ph-waves', title: 'Let the worms in',
    reason:
      'The bedding is there: lay them on top in the light, they go down by themselves. Surface worms, not the earthworms of the garden.',
    due: now,
    until: addDays(now, 14),
    urgency: 'usual',
  }]
}

function feed({ batch, surroundings, bin }: Seen): Ask[] {
  const { now, units } = surroundings
  const inTower = wormApproach(batch.began.approachId).id === 'tower'
  if (!hasWorms(batch) && !inTower) return []
  const diet = dietOf(batch, surroundings)
  if (!diet) return []
  const fed = feedings(batch)
  const last = fed.at(-1)
  const place = pocketsOf(batch.began.site).length > 1 ? pocketsInTurn(batch)[0] : undefined
  const end = lureEnd(batch)
  const where = place ? `, ${place.label}${end ? ` at the ${end} end` : ''}` : ''
  if (diet.rests && last) {
    if (bin.backlogDays < 5) return []
    return [{
      action: LEFT, doing: openPad(LEFT), label: 'Look', icon: 'i-ph-chart-pie-slice', title: 'Do not feed: look what is left',
      reason: `${diet.rests} `
        + (bin.backlogDays > 45
          ? 'Feed for more than six weeks lies there.'
          : `About ${Math.round(bin.backlogDays)} days of feed lie there.`),
      due: now, until: addDays(now, 5), urgency: 'usual',
    }]
  }
  const due = addDays(now, Math.round(diet.dueInDays))
  const missed = last !== undefined && daysBetween(last.at, now) > WORM.longDays
  const amount = quantityText('volume', units, diet.onceL, 1)
  const since = last ? `Last fed on ${dayText(last.at)}. ` : batch.began.stood ? '' : 'Not fed yet. '
  const reason = since + (missed ? 'They have lived on their bedding meanwhile: that does no harm. ' : '')
    + `About ${quantityText('volume', units, diet.weekL, 1)} a week at this warmth, by what is left.`
  return [{
    action: FED, doing: openPad(FED), label: 'Fed', icon: 'i-ph-bowl-food',
    title: `Feed them: about ${amount}${where}`, reason, due, until: addDays(due, 6),
    urgency: missed ? 'whenever' : 'usual',
  }]
}

function lookAt({ batch }: Seen): Ask[] {
  const fed = feedings(batch)
  if (fed.length === 0) return []
  const last = looking.last(batch, LEFT)
  const due = addDays(new Date(last && last.at > fed[0]!.at ? last.at : fed[0]!.at), WORM.lookEveryDays)
  return [{
    action: LEFT, doing: openPad(LEFT), label: 'Look', icon: 'i-ph-chart-pie-slice', title: 'How much of the last feed is left?',
    reason: `${last ? `Last looked on ${dayText(last.at)}` : 'Not looked yet'}. It tells how much they really eat.`, due,
    until: addDays(due, 10), urgency: 'whenever',
  }]
}

function moisten({ batch, surroundings, bin }: Seen): Ask[] {
  const { now, garden: { waterCan } } = surroundings
  const felt = looking.now(batch, SQUEEZE, now)
  const dry = felt ? felt.finding === 'dust' || felt.finding === 'dry' : bin.moisture < WORM.dry
  if (dry) {
    const litres = Math.max(0.5, bin.volumeL * 0.12 * (0.75 / 0.25 - Math.min(0.6, bin.moisture) / (1 - Math.min(0.6, bin.moisture))) * 0.5)
    return [{
      action: 'watered', doing: openPad('watered'), label: 'Watered', icon: 'i-ph-drop', title: 'Moisten the bedding',
      reason: (felt
        ? `The squeeze on ${dayText(felt.at)} was dry.`
        : 'By what went in it is too dry for them.') + ' '
        + `About ${quantityText('volume', surroundings.units, litres, 1)}${litres > waterCan.volumeL ? '' : ', a cup at a time'}.`,
      due: now, until: addDays(now, 4), urgency: felt?.finding === 'dust' ? 'now' : 'usual',
    }]
  }
  const last = looking.last(batch, SQUEEZE)
  const due = addDays(new Date(last?.at ?? batch.began.at), WORM.feelEveryDays)
  return [{
    action: SQUEEZE, doing: openPad(SQUEEZE), label: 'Squeeze', icon: 'i-ph-hand-grabbing', title: 'Squeeze a handful of bedding',
    reason: `${last ? `Last felt on ${dayText(last.at)}` : 'Not felt yet'}. Worms breathe through a wet skin.`, due,
    until: addDays(due, 14), urgency: 'whenever',
  }]
}

function refresh({ bin, surroundings, batch }: Seen): Ask[] {
  const beddingL = bin.volumeL - bin.castingsL - bin.backlogKg / 0.55
  if (!hasWorms(batch) || beddingL > WORM.beddingShare * bin.volumeL || bin.volumeL < 5) return []
  return [{
    action: 'bedding', doing: openPad('bedding'), label: 'Bedding', icon: 'i-ph-scroll', title: 'Fresh bedding',
    reason: 'Hardly any is left. A hand of soaked card or leaves on top, a spoon of crushed eggshell.',
    due: surroundings.now, until: addDays(surroundings.now, 14), urgency: 'whenever',
  }]
}

function harvest({ batch, surroundings }: Seen): Ask[] {
  const { now } = surroundings
  return windowsOf(batch, surroundings).flatMap((window): Ask[] => {
    const { id, to } = window
    // From its most likely day on, as its window is told.
    const from = sinceOf(window)
    if (id === 'crowded')
      return from > now
        ? []
        : [
            {
              action: SPLIT, doing: openPad(SPLIT), label: 'Split it', icon: 'i-ph-arrows-split', title: 'Crowded: split the herd',
              reason: 'Half of worms, bedding and castings into a second box, or give some away.', due: from,
              until: to > now ? to : addDays(now, 30), urgency: 'whenever',
            },
          ]
    const lure = addDays(from, -WORM.lureDays)
    const lured = batch.did.some(({ deed, at }) => deed === 'lured' && daysBetween(at, now) < 60)
    if (now < from && now >= lure && !lured)
      return [{
        action: 'lured', doing: openPad('lured'), label: 'Begun', icon: 'i-ph-arrow-line-right', title: 'From now on feed one end only',
        reason: `Castings are worth taking from about ${dayText(from)}: in two to four weeks the worms move over to the feed, and the `
          + 'other end can be taken.',
        due: now, until: from, urgency: 'whenever',
      }]
    return now < from
      ? []
      : [
          {
            action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Take some', icon: 'i-ph-funnel', title: 'Take castings',
            reason: `Worth taking since ${dayText(from)}. From the end that was not fed; the worms and the rest go on.`, due: from,
            until: to > now ? to : addDays(now, 60), urgency: 'whenever',
          },
        ]
  })
}

/** What worms ask for, now and in the time to come. */
export function tasksOf(batch: BegunBatch, surroundings: Surroundings): Task[] {
  const bin = batch.ended ? undefined : binOn(batch, surroundings)
  if (!bin) return []
  const asks = [alarm, bring, feed, lookAt, moisten, refresh, harvest].flatMap(make => make({ batch, surroundings, bin }))
  return tasksFrom(batch.id, unlessFrozen(asks, isFrozen(surroundings.weather.ambientC(surroundings.now), bin.binC)))
}
