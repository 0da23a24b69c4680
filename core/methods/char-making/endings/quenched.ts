import { EVENING, MORNING, QUENCHED, SPREAD } from '../words'
import type { Ending } from './ending'
import { MAKE } from '../constants'

const LOOKS = {
  first: 'With the back of the hand first, then into the middle of it.',
  second: 'In the middle and underneath. Only what is cold now may go under a roof.',
}
const FOUND = {
  warm: 'Wet it again, spread it thinner, and feel again in two hours.',
  smoke: 'Wet it through again at once, spread it thinner, and stay with it.',
}
const AGAIN = {
  title: 'Wet it through again',
  reason: 'Warmth or smoke was found in it. Wet it through, spread it thinner, feel it again in two hours.',
  sentence: 'Something in it still glows: wet it through, spread it thinner, stay with it.',
}
const now = (sentence: (water: string) => string) => ({
  action: 'quench',
  label: 'To be quenched',
  figure: 'quench',
  title: 'Quench it now',
  reason: 'It is burnt through: every minute more turns char to ash.',
  sentence,
})
const LATER = {
  watching: 'The signs decide, not the clock: waiting longer burns char to ash.', answer: 'Now stop it, before the char burns away.',
  found: FOUND, again: AGAIN, looks: LOOKS, firstLookHours: MAKE.eveningHours, warmWaits: false, coldAfterHours: MAKE.nightHours,
}

/** In a vessel that holds water: filled until nothing bubbles. */
export const drowned: Ending = {
  ...LATER, id: 'drowned', steps: [QUENCHED, SPREAD, EVENING, MORNING], waterTimes: 1,
  now: now(water => `Now, with at least ${water}: what glows on burns to ash.`),
  stop: {
    step: QUENCHED, title: 'Quench it',
    how: water => `Drown it: at least ${water}, stirred with the rake, until no bubble and no hiss is left.`,
    answer: 'Now tip it out and spread it thin.',
  },
}

/** Embers in a pail: there is too little of them to spread. */
export const inPail: Ending = {
  ...drowned,
  id: 'in-pail',
  steps: [QUENCHED, EVENING, MORNING],
  stop: { ...drowned.stop, answer: 'The pail stays outdoors, on stone.' },
}

/** On open ground, where water runs away: raked apart and wetted bit by bit. */
export const drenched: Ending = {
  ...LATER, id: 'drenched', steps: [QUENCHED, SPREAD, EVENING, MORNING], waterTimes: MAKE.runsAway,
  now: now(water => `Now, with at least ${water}. Rake it apart as you wet it.`),
  stop: {
    step: QUENCHED, title: 'Quench it',
    how: water =>
      `At least ${water}: from the edge inwards, raked apart and wetted bit by bit, for water soaks away below and what lies deep glows `
      + 'on.',
    answer: 'Now rake it out and spread it thin.',
  },
}

/** In a vessel with holes, which no water fills: stopped first, or tipped out and wetted as it is spread. */
export const tipped: Ending = {
  ...LATER, id: 'tipped', steps: [QUENCHED, SPREAD, EVENING, MORNING], waterTimes: MAKE.runsAway,
  now: now(water => `Now, with at least ${water}. It has holes: tip it out, spread it and wet it, or stop the holes first.`),
  stop: {
    step: QUENCHED, title: 'Tip it out and quench it', answer: 'Now spread it thin.',
    how: water =>
      'It has holes, so water poured in runs out below. Two people, leather gloves: tip it onto bare ground, spread it with the rake and '
      + `wet it as it spreads, at least ${water}. Or pack the holes shut with moist soil first, and then fill it up.`,
  },
}
