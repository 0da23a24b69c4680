import type { GardenDocument } from '../journal/document'
import { gardenMaterials } from '../garden/materials'
import { usualWeather } from '../garden/outside'
import { readContainers, readSettings } from '../garden/settings'
import { METHODS } from '../methods'
import type { Purpose, Surroundings } from '../methods/contract'
import type { Measurements } from '../materials/measured'
import { yearAnswer } from './answer'
import { YEAR } from './constants'
import { candidatesFor, type TriedWay } from './candidates'
import { daysUntil, noonOf, type Need } from './need'
import { readIncomes } from './income'
import { propose, type Proposed } from './propose'
import type { OwnShares } from './own-yield'
import type { FreePlace, Kept } from './starts'
import type { Stock, Want } from './stock'
import { thoughtPlan, type StartPlan } from './start-plan'

/** What a year is asked with: plain data that can be handed to a worker. Equal questions have equal answers. */
export interface YearQuestion {
  readonly stocks: readonly Stock[]
  readonly wants: readonly Want[]
  readonly seed: number
}

/** What starts are asked with: the year, and what they are thought of in. */
export interface StartsQuestion extends YearQuestion {
  readonly nowMs: number
  /** Documents of the garden that say how it is set up and what comes in. */
  readonly documents: readonly GardenDocument[]
  readonly measurements: readonly (readonly [string, Measurements])[]
  readonly places: readonly FreePlace[]
  readonly kept: readonly Kept[]
  readonly own: OwnShares
  /** Starts that are not wanted. */
  readonly without: readonly string[]
}

/** A start that is worth it, with all that has to be known to begin it. */
export interface StartAnswer extends Proposed { readonly plan: StartPlan }

/** Needs as they are handed out. @param had litres of a need that were had already. */
export function wantsOf(needs: readonly Need[], now: Date, had: (need: Need) => number): Want[] {
  return needs.flatMap((need): Want[] => {
    const litres = need.litres - had(need)
    const { id, purpose, materialId, from, to } = need
    return litres > 0 && noonOf(to) >= now && daysUntil(to, now) <= YEAR.horizonDays
      ? [{ id, purpose, litres, fromDay: daysUntil(from, now), toDay: daysUntil(to, now),
          ...(materialId === undefined ? {} : { materialId }) }]
      : []
  })
}

/** The kinds of documents of which a worker has to know. */
export const ASKED_KINDS: readonly string[] = ['settings', 'container', 'material', 'income']

/** A garden as a worker knows it: its weather as it usually is, without what was learned from past batches. */
function surroundingsOf({ nowMs, documents, measurements }: StartsQuestion): Surroundings {
  const settings = readSettings(documents)
  const containers = readContainers(documents, settings.units)
  const can = containers.find(({ holds }) => holds === 'water') ?? containers[0]!
  return {
    now: new Date(nowMs), units: settings.units, weather: usualWeather(settings.climate),
    materials: gardenMaterials(documents, { measurements: new Map(measurements) }),
    garden: { waterCan: can, water: settings.water, containers },
  }
}

/** What could be begun for what is short, thought through as it is asked for. */
function waysAsked(question: StartsQuestion): TriedWay[] {
  const surroundings = surroundingsOf(question)
  const { documents, places, kept, own, wants, stocks, seed, without } = question
  const chances = new Map(yearAnswer(stocks, wants, seed, YEAR.trialDraws).needs.map(({ id, chance }) => [id, chance]))
  const short = wants.filter(({ id }) => (chances.get(id) ?? 1) < YEAR.safe)
  const purposes = new Set<Purpose>(short.map(({ purpose }) => purpose))
  const lastDay = Math.max(0, ...short.map(({ toDay }) => toDay))
  return candidatesFor(purposes, lastDay, {
    surroundings, methods: METHODS, places, kept, own, incomes: readIncomes(documents),
    containers: readContainers(documents, surroundings.units).filter(({ holds }) => holds === 'material'),
  }).filter(({ id }) => !without.includes(id))
}

/** Tells how far it is, 0 to 1, and then what to begin, each with its plan. */
export function* startsFor(question: StartsQuestion): Generator<number, StartAnswer[]> {
  const ways = waysAsked(question)
  const { stocks, wants, seed } = question
  const proposed = yield* propose(ways, stocks, wants, seed)
  return proposed.flatMap((one): StartAnswer[] => {
    const way = ways.find(({ id }) => id === one.candidateId)!
    const plan = thoughtPlan(way, one.day, question.own)
    return plan ? [{ ...one, plan }] : []
  })
}
