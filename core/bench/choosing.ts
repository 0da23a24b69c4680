import type { StoredLot } from '../garden/store'
import type { Method, Purpose } from '../methods/contract'
import { quantityText } from '../units/format'
import type { UnitSystem } from '../units/system'

/** What a gardener has, wants and will put up with. */
export interface Choice {
  readonly purpose?: Purpose | undefined
  /** Minutes a week that can be spared, at most. */
  readonly minutesAWeek?: number | undefined
  /** Weeks that can be waited, at most. */
  readonly weeks?: number | undefined
  readonly lifting?: boolean | undefined
}

/** How well a method fits, and why, the best first. */
export interface Fit {
  readonly method: Method
  readonly points: number
  readonly speaksFor: readonly string[]
  readonly speaksAgainst: readonly string[]
}

const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  beds: 'compost for beds', potting: 'potting mixes', seeds: 'seed mixes', mulch: 'mulch', feeding: 'a feed',
  microbes: 'life for the soil', lasting: 'char that stays in the soil',
}

/** The name of a purpose as it is asked for. */
export function purposeName(purpose: Purpose): string {
  return PURPOSE_WORDS[purpose]
}

interface Reason { readonly points: number, readonly text: string }

function reasons({ face: { choosing } }: Method, choice: Choice, stored: readonly StoredLot[], units: UnitSystem): Reason[] {
  const eatenL = stored
    .filter(({ material }) => choosing.eats.includes(material.family))
    .reduce((sum, { leftLooseL }) => sum + leftLooseL, 0)
  const volume = (litres: number) => quantityText('volume', units, litres)
  const { purpose, minutesAWeek, weeks, lifting } = choice
  return [
    ...(purpose
      ? [
          choosing.purposes.includes(purpose)
            ? { points: 3, text: `gives ${PURPOSE_WORDS[purpose]}` }
            : { points: -6, text: `does not give ${PURPOSE_WORDS[purpose]}` },
        ]
      : []),
    ...(minutesAWeek !== undefined
      ? [
          choosing.minutesAWeek.typical <= minutesAWeek
            ? { points: 1, text: 'little enough work' }
            : { points: -2, text: `about ${Math.round(choosing.minutesAWeek.typical)} minutes a week` },
        ]
      : []),
    ...(weeks !== undefined
      ? [
          choosing.weeks.typical <= weeks
            ? { points: 1, text: 'in time' }
            : { points: -3, text: `takes about ${Math.round(choosing.weeks.typical)} weeks` },
        ]
      : []),
    ...(lifting === false && choosing.heavy ? [{ points: -2, text: 'heavy work' }] : []),
    ...(choosing.eats.length === 0 || choosing.leastL <= 5
      ? []
      : eatenL >= choosing.leastL
        ? [{ points: 2, text: 'the store has enough for it' }]
        : [{ points: -1, text: `wants about ${volume(choosing.leastL)} to begin with; the store has ${volume(eatenL)}` }]),
  ]
}

/** Methods by how well they fit what there is and what is wanted, the best first; each with what speaks for and against it. */
export function fittingMethods(
  methods: readonly Method[], choice: Choice, stored: readonly StoredLot[], units: UnitSystem = 'metric',
): Fit[] {
  return methods.map((method): Fit => {
    const found = reasons(method, choice, stored, units)
    return {
      method, points: found.reduce((sum, { points }) => sum + points, 0),
      speaksFor: found.filter(({ points }) => points > 0).map(({ text }) => text),
      speaksAgainst: found.filter(({ points }) => points < 0).map(({ text }) => text),
    }
  }).sort((a, b) => b.points - a.points)
}
