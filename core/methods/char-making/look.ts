import { addHours, addMinutes } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import type { Picture } from '../../picture/picture'
import { numberOf } from '../../questions/question'
import { numberText, quantityText, sieveText, spanText } from '../../units/format'
import { DOSE_AREA } from '../../units/small'
import { dayText, timeText } from '../../units/dates'
import { counted } from '../../units/plural'
import type { UnitSystem } from '../../units/system'
import { daysBetween, DAY_MS } from '../../units/time'
import { siteFillM, asVessel } from '../../vessel/site'
import type { Fact, Gate, Look, NamedWindow, Output, Surroundings } from '../contract'
import { crushedOf } from './crushing'
import { eveningsFact } from './evenings'
import { guideOf } from './guide'
import { litresGiven, minutesTaken } from './own'
import { burnPicture } from './picture'
import { progressOf, standingOf } from './standing'
import { mayLight, theBurn, type Burn } from './state'
import { tasksOf } from './tasks'
import { atHandText, roundedUpL } from './water'
import { ASHED, COLD, CRUSHED, DONE, GO, LIT, PICKED, QUENCHED, RINSE, SEALED } from './words'
import { MAKE } from './constants'
import { CHAR } from '../../char/constants'

function momentOn({ began }: BegunBatch, { now }: Surroundings, day?: number): Date {
  return day === undefined ? now : new Date(Math.min(now.getTime(), Date.parse(began.at) + day * DAY_MS))
}

function picture(batch: BegunBatch, surroundings: Surroundings, day?: number): Picture {
  const burn = theBurn(batch, surroundings)
  const then = momentOn(batch, surroundings, day)
  const lit = burn.at(LIT)
  const progress = lit && then < lit ? 0 : progressOf(burn, then)
  const quenched = burn.last(QUENCHED)
  const wet = quenched !== undefined && Date.parse(quenched.at) <= then.getTime()
  const { site } = batch.began
  return burnPicture({
    of: batch.name,
    site,
    way: burn.way,
    progress,
    glowing: burn.way.burns && lit !== undefined && then >= lit && !wet && !burn.last(SEALED),
    quenched: wet && burn.phase === 'cooling',
    loadM: burn.way.bought ? Math.min(asVessel(site).heightM, siteFillM(site, burn.load.litres)) : burn.load.heightM,
    leavesShare: burn.way.bought ? 1 : 0.5,
  })
}

function windows(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const burn = theBurn(batch, surroundings)
  const lit = burn.at(LIT)
  if (burn.phase === 'burning' && lit) {
    const { from } = burn.own.minutes
    return [{
      id: 'done',
      label: 'Burnt through',
      coming: 'Burnt through between',
      begun: 'May be burnt through since',
      announced: 'may be burnt through',
      from: addMinutes(lit, Math.round(burn.minutes.low)),
      to: addMinutes(lit, Math.round(burn.minutes.high)),
      reasons: [
        from > 0
          ? `Learned from ${counted(from, 'burn', 'burns')} of your own.`
          : 'As is usual for such a load; your own burns sharpen it.',
        'The signs decide, not the clock.',
      ],
    }]
  }
  const { next } = burn.cooling ?? {}
  if (burn.phase === 'cooling' && next) {
    return [{
      id: 'cold', label: 'Cold', coming: 'Cold between', begun: 'May be cold since', announced: 'may be cold', from: next.due,
      to: addHours(next.due, 24), reasons: ['Char lights again for a day and more; only the hand says that it is cold, and twice.'],
    }]
  }
  return []
}

/** Why so much water stands ready. */
function waterWhy({ stopL }: Pick<Burn, 'stopL'>, units: UnitSystem): string {
  return stopL > 0
    ? `beside any fire; stopping this one takes about ${quantityText('volume', units, roundedUpL(stopL, units))}`
    : 'beside any fire; this one is stopped by its lid'
}

/** What it gave, or should give, and what that rests on. */
function yieldFact({ way, crushedL, gives, own, load }: Burn, given: number | undefined, units: UnitSystem): Fact[] {
  if (way.bought) return []
  const litres = (value: number) => quantityText('volume', units, value)
  return [{
    label: given ? 'It gave' : 'It should give',
    value: given ? litres(given) : spanText('volume', units, crushedL.low, crushedL.high),
    why: given
      ? `crushed; usual for the load ${litres(gives.crushedL.typical)}`
      : own.litres.from > 0
        ? `learned from ${counted(own.litres.from, 'burn', 'burns')}: ${Math.round(100 * own.litres.typical)} % of what is usual`
        : `crushed, of ${litres(load.litres)} of wood with ${Math.round(100 * load.moisture)} % water`,
  }]
}

/** What fire left beside the char: ash by its weight, and how far it is rinsed. */
function ashFacts(batch: BegunBatch, charKg: number, units: UnitSystem): Fact[] {
  const ashKg = batch.did.filter(({ deed }) => deed === ASHED).reduce((sum, { answers }) => sum + (numberOf(answers, 'kg') ?? 0), 0)
  const rinses = (batch.gauged[RINSE] ?? []).map(({ value }) => value)
  return [
    ...(ashKg > 0
      ? [{
          label: 'Ash', value: `${quantityText('mass', units, ashKg, 1)}, ${numberText((100 * ashKg) / (ashKg + charKg))} % of all`,
          why: `for sour soil only, a handful on ${DOSE_AREA[units].words} a year; the beds page says where`,
        }]
      : []),
    ...(rinses.length > 0
      ? [{
          label: 'Rinsed', value: `pH ${rinses.map(value => numberText(value, 1)).join(', ')}`,
          why: rinses.at(-1)! <= MAKE.neutralPh ? 'as good as neutral' : 'not neutral so far',
        }]
      : []),
  ]
}

function crushedFact(batch: BegunBatch, units: UnitSystem): Fact[] {
  const crushed = crushedOf(batch, CRUSHED)
  const litres = (value: number) => quantityText('volume', units, value)
  return crushed
    ? [{
        label: 'Crushed', value: `${litres(crushed.beforeL)} to ${litres(crushed.afterL)}`,
        why: `about ${litres(crushed.fineL)} under ${sieveText(5, units)}, ${litres(crushed.middleL)} between, `
          + `${litres(crushed.coarseL)} over ${sieveText(15, units)}`,
      }]
    : []
}

function facts(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  const burn = theBurn(batch, surroundings)
  const { units, garden: { waterCan } } = surroundings
  const minutes = minutesTaken(batch)
  const given = litresGiven(batch)
  return [
    ...yieldFact(burn, given, units),
    ...eveningsFact(batch, surroundings),
    ...(minutes
      ? [{
          label: 'It burnt', value: `${Math.round(minutes)} minutes`,
          why: `usual for the load ${Math.round(burn.way.minutes(burn.load))}; the next one learns from it`,
        }]
      : []),
    ...(burn.way.burns && !batch.ended && !burn.cooling?.stoppedAt
      ? [{ label: 'Water at hand', value: atHandText(burn.needL, units, waterCan), why: waterWhy(burn, units) }]
      : []),
    ...ashFacts(batch, (given ?? burn.crushedL.typical) * CHAR.crushedKgL.typical, units),
    ...crushedFact(batch, units),
  ]
}

function gates(batch: BegunBatch, surroundings: Surroundings): Gate[] {
  const burn = theBurn(batch, surroundings)
  if (batch.ended) return []
  return [...lighting(burn, surroundings), ...opening(burn)]
}

/** Before it is opened, crushed and stored: cold at both looks. */
function opening({ ending, cooling, last }: Burn): Gate[] {
  if (!ending || !cooling || !(last(DONE) || last(PICKED) || cooling.stoppedAt)) return []
  const waits = cooling.next ? ` The next look is on ${dayText(cooling.next.due)}, from ${timeText(cooling.next.due)} on.` : ''
  const reason = cooling.coldAt
    ? 'Cold at both looks.'
    : (ending.coldAfterHours > 12
        ? 'Cold by hand, and not before a day has gone.'
        : 'Not before it was cold at two looks, twelve hours apart.') + ' '
        + `It lights again, in a store too.${waits}`
  return [{ id: COLD, label: 'Opened, crushed, stored', open: cooling.coldAt !== undefined, reason, beforeTaking: true }]
}

/** Before it is lit: go or no-go. */
function lighting(burn: Burn, surroundings: Surroundings): Gate[] {
  if (!burn.way.burns || burn.last(LIT)) return []
  const open = mayLight(burn, surroundings.now)
  const roofed = burn.going !== undefined && !burn.going.go && burn.last('checked')?.answers.ground === 'roofed'
  const reason = open
    ? `Go: nothing speaks against it. ${burn.going?.minds.join(' ') ?? ''}`.trim()
    : burn.going && !burn.going.go
      ? burn.going.stops.join(' ')
      : burn.going
        ? 'The check is hours old: wind and rules change, so check again.'
        : 'Not before rules, wind, ground, wood, neighbours and water were asked.'
  return [{ id: GO, label: 'Lighting it', open, reason, ...(roofed ? { never: true } : {}) }]
}

function outputs(batch: BegunBatch, surroundings: Surroundings): Output[] {
  const burn = theBurn(batch, surroundings)
  const crushed = crushedOf(batch, CRUSHED)
  const whole = crushed?.afterL ?? burn.crushedL.typical
  const coarse = crushed ? crushed.coarseL : whole * 0.2
  const rinses = (batch.gauged[RINSE] ?? []).map(({ value }) => value)
  const char = { charged: 0, with: [], ...(burn.way.ashy && !((rinses.at(-1) ?? Infinity) <= MAKE.neutralPh) ? { ashy: true } : {}) }
  return [
    {
      materialId: 'biochar-crushed', label: 'Crushed char, raw', hint: 'fine and middle pieces: to be charged before it goes on a bed',
      sieveMm: 15, expectedL: whole - coarse, char,
    },
    {
      materialId: 'char-coarse', label: 'Coarse char, raw', hint: 'what stays on the sieve: into a heap, or crushed again',
      expectedL: coarse, char,
    },
    ...(burn.way.bought
      ? []
      : [
          { materialId: 'char-unfinished', label: 'Half-charred ends', hint: 'into the next burn' },
          { materialId: 'wood-ash', label: 'Ash', hint: 'dry, lidded; on sour soil only, by a soil test' },
        ]),
  ]
}

/** How a burn looks. */
export const look: Look = {
  standing: standingOf, windows, tasks: tasksOf, picture, facts, gates, outputs, guide: guideOf,
  told: (batch, surroundings, day) => {
    const burn = theBurn(batch, surroundings)
    return `${batch.name}: `
      + `${burn.way.bought ? 'char in its sack' : `${Math.round(100 * progressOf(burn, momentOn(batch, surroundings, day)))} % burnt`}.`
  },
  lastDay: (batch, { now }) => Math.max(0.05, daysBetween(batch.began.at, now)),
  charts: () => [],
}
