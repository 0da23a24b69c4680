import { addDays } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { containerText } from '../../units/container'
import { dateText, dayText } from '../../units/dates'
import { quantityText, roughly } from '../../units/format'
import { daysText } from '../../units/plural'
import { daysBetween } from '../../units/time'
import type { Surroundings, Task } from '../contract'
import { isFrozen, openPad, tasksFrom, unlessFrozen, type Ask } from '../course'
import { brownsLeft } from './browns'
import { containersOf, coverAmount, coverLitres, freshPart } from './cover'
import { coverAtHand, feedings, isClosed, partsOf, weeklyFeed } from './feeding'
import { slowOn, standsM, type SlowOnDay } from './now'
import { daysSinceFed, windowsOf } from './windows'
import { CLOSED, FED, LOOK, SMELL, SQUEEZE } from './words'
import { asVessel } from '../../vessel/site'
import { SLOW } from './constants'
import { looking } from './looking'

interface Seen { readonly batch: BegunBatch, readonly surroundings: Surroundings, readonly slow: SlowOnDay | undefined }

/** The next caddy, in its own rhythm; a week without one is no fault. */
function feed({ batch, surroundings }: Seen): Ask[] {
  if (isClosed(batch)) return []
  const { now, materials } = surroundings
  const { everyDays } = weeklyFeed(batch, now, materials)
  const last = feedings(batch).at(-1)
  const due = last ? addDays(new Date(last.at), Math.max(1, Math.round(everyDays))) : now
  const missed = daysSinceFed(batch, now) > SLOW.missedBy * Math.max(3, everyDays)
  const often = feedings(batch).length > 1 ? `, usually every ${daysText(Math.max(1, everyDays))}` : ''
  const reason = last
    ? `Last one on ${dayText(last.at)}${often}.${missed ? ' None since: whenever there is one.' : ''}`
    : batch.began.stood
      ? 'When you empty the next one, it tells you what to cover it with.'
      : 'Nothing was fed yet. It tells you what to cover it with.'
  return [{
    action: FED, doing: openPad(FED), label: 'Fed', icon: 'i-ph-bowl-food', title: 'Empty the caddy, cover it', reason, due,
    until: addDays(due, 7), urgency: missed ? 'whenever' : 'usual',
  }]
}

/** What was fed and not covered: with what and how much. */
function cover({ batch, surroundings }: Seen): Ask[] {
  const { now, materials, spares = [] } = surroundings
  const last = feedings(batch).at(-1)
  if (!last || daysBetween(last.at, now) > SLOW.bareDays) return []
  const { fed, cover: laid } = partsOf(last, materials)
  const fresh = freshPart(fed)
  const at = coverAtHand(batch, spares, materials)
  if (!at || !fresh || fed.length === 0) return []
  const wantedL = coverLitres(fed, at.material)
  const laidL = laid.reduce((sum, one) => sum + one.amount.count * one.amount.container.volumeL, 0)
  if (!Number.isFinite(wantedL) || wantedL < 0.5 || laidL > SLOW.hardly * wantedL) return []
  const amount = coverAmount(wantedL - laidL, containersOf(fed, at.spare?.container))
  return [{
    action: 'browns', doing: openPad('browns'), label: 'Cover', icon: 'i-ph-leaf',
    title: `Cover it: ${containerText(amount.count, amount.container)} of ${at.material.short}`,
    reason: `The caddy of ${dayText(last.at)} has ${laid.length > 0 ? 'too thin a' : 'no'} cover. Uncovered it smells and draws flies.`,
    due: now, until: addDays(now, 3), urgency: 'usual',
  }]
}

function browns({ batch, surroundings }: Seen): Ask[] {
  const left = brownsLeft(batch, surroundings)
  if (!left?.until || daysBetween(surroundings.now, left.until) > SLOW.runsOutDays) return []
  const { units, now } = surroundings
  return [{
    action: 'gather-browns', doing: { kind: 'rest', why: 'on the list', said: 'browns are on your list' }, label: 'Noted',
    icon: 'i-ph-basket', title: 'Browns run out',
    reason: `${quantityText('volume', units, roughly(left.leftL))} lie in the store, about `
      + `${quantityText('volume', units, roughly(left.weeklyL))} go on the caddies each week: they last until ${dateText(left.until)}. `
      + 'Torn card, leaves or straw.',
    due: now, until: left.until, urgency: 'whenever',
  }]
}

function close({ batch, surroundings }: Seen): Ask[] {
  if (isClosed(batch) || batch.puts.length === 0) return []
  const rimM = asVessel(batch.began.site).heightM
  const heightM = standsM(batch, surroundings)
  if (heightM < SLOW.nearlyFull * rimM) return []
  const { now, units } = surroundings
  return [{
    action: CLOSED, doing: { kind: 'deed', deed: CLOSED }, label: 'No more in', icon: 'i-ph-lock',
    title: 'Full: close it, feed the next bay',
    reason: `It stands ${quantityText('length', units, heightM)} of ${quantityText('length', units, rimM)}. Cover the last caddy a hand `
      + 'deep; from then on it only rests.',
    due: now, until: addDays(now, 14), urgency: 'usual',
  }]
}

const FELT_DRY = ['dust', 'dry']

function water({ batch, surroundings, slow }: Seen): Ask[] {
  if (!slow || slow.volumeL < 20) return []
  const { now, garden: { waterCan } } = surroundings
  const felt = looking.now(batch, SQUEEZE, now)
  const dry = felt ? FELT_DRY.includes(felt.finding) : slow.moisture < SLOW.dry
  if (!dry) return []
  const dryKg = slow.volumeL * 0.12
  const litres = Math.max(waterCan.volumeL / 2, dryKg * (0.58 / 0.42 - Math.min(slow.moisture, 0.45) / (1 - Math.min(slow.moisture, 0.45))))
  return [{
    action: 'watered', doing: openPad('watered'), label: 'Watered', icon: 'i-ph-drop', title: 'Water it through',
    reason: (felt
      ? `The squeeze on ${dayText(felt.at)} was ${felt.finding === 'dust' ? 'dry as dust' : 'on the dry side'}.`
      : `By the weather and what was fed it holds about ${Math.round(100 * slow.moisture)} % water.`) + ' '
      + `About ${containerText(litres / waterCan.volumeL, waterCan)}, slowly, into holes made with a fork.`,
    due: now, until: addDays(now, 10), urgency: 'usual',
  }]
}

function wet({ batch, surroundings, slow }: Seen): Ask[] {
  const felt = looking.now(batch, SQUEEZE, surroundings.now)
  const dripping = felt?.finding === 'dripping'
  if (!slow || !(dripping || (!felt && slow.moisture > SLOW.wet && slow.volumeL > 30))) return []
  return [{
    action: 'open-up', doing: openPad('browns'), label: 'Cover', icon: 'i-ph-leaf', title: 'Too wet: fork dry browns in',
    reason: (dripping
      ? `Water ran out on ${dayText(felt.at)}.`
      : 'By what was fed it is soaking wet.') + ' '
      + 'Fork in a sack of torn card or dry leaves, twigs between. Then cover twice as thick.',
    due: surroundings.now, until: addDays(surroundings.now, 7), urgency: dripping ? 'usual' : 'whenever',
  }]
}

function sense({ batch, surroundings }: Seen, id: string, every: number, ask: Pick<Ask, 'label' | 'icon' | 'title'>, why: string): Ask[] {
  const last = looking.last(batch, id)
  const due = addDays(new Date(last?.at ?? batch.began.at), every)
  // Frozen, there is nothing to feel.
  if (surroundings.weather.ambientC(surroundings.now) < 1) return []
  return [{
    action: id, doing: openPad(id),
    ...ask,
    reason: `${last ? `Last on ${dayText(last.at)}` : 'Not yet'}. ${why}`,
    due,
    until: addDays(due, 14),
    urgency: 'whenever',
  }]
}

function take({ batch, surroundings }: Seen): Ask[] {
  const ready = windowsOf(batch, surroundings).find(({ id }) => id === 'ready')
  if (!ready || !isClosed(batch) || ready.from > addDays(surroundings.now, 7)) return []
  return [{
    action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Take it', icon: 'i-ph-funnel', title: 'Take what is ready',
    reason: `Expected between ${dayText(ready.from)} and ${dateText(ready.to)}: test it first. The raw top goes into the bay that is `
      + 'being filled.',
    due: ready.from, until: ready.to, urgency: 'whenever',
  }]
}

/** What a slow heap asks for, now and in the time to come. */
export function tasksOf(batch: BegunBatch, surroundings: Surroundings): Task[] {
  if (batch.ended) return []
  const seen: Seen = { batch, surroundings, slow: slowOn(batch, surroundings) }
  const looks = isClosed(batch)
    ? []
    : [
        ...sense(
          seen, LOOK, SLOW.lookEveryDays, { label: 'Look', icon: 'i-ph-eye', title: 'Lift the cover and look' },
          'Flies and open food are cheap to mend early.',
        ),
        ...sense(
          seen, SMELL, SLOW.lookEveryDays * 2, { label: 'Smell', icon: 'i-ph-wind', title: 'Smell it' }, 'Sour means wet and airless.',
        ),
      ]
  const asks = [
    ...feed(seen),
    ...cover(seen),
    ...close(seen),
    ...water(seen),
    ...wet(seen),
    ...browns(seen),
    ...looks,
    ...sense(
      seen, SQUEEZE, SLOW.feelEveryDays, { label: 'Squeeze', icon: 'i-ph-hand-grabbing', title: 'Squeeze a handful' },
      'It tells better when it is ready.',
    ),
    ...take(seen),
  ]
  return tasksFrom(batch.id, unlessFrozen(asks, isFrozen(surroundings.weather.ambientC(surroundings.now), seen.slow?.celsius)))
}
