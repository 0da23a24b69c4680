import type { StoredLot } from '../garden/store'
import type { Coming, Mainly, Method, Purpose, StandingIn } from '../methods/contract'
import type { Ingredient } from '../mix/portion'
import { portionOf } from '../mix/portion'
import { quantityText } from '../units/format'
import type { UnitSystem } from '../units/system'
import { asVessel, type Site } from '../vessel/site'
import type { Vessel } from '../vessel/vessel'

/** What a gardener has, wants and will put up with. */
export interface Choice {
  readonly purpose?: Purpose | undefined
  /** Minutes a week that can be spared, at most. */
  readonly minutesAWeek?: number | undefined
  /** Weeks that can be waited, at most. */
  readonly weeks?: number | undefined
  readonly lifting?: boolean | undefined
  /** Bit by bit, or all at once. */
  readonly coming?: Coming | undefined
  readonly standsIn?: StandingIn | undefined
  readonly mainly?: Mainly | undefined
}

/** What people know before they know the methods, as it is asked and as it is said of a method. */
export const COMING_WORDS: Readonly<Record<Coming, { readonly asked: string, readonly suits: string, readonly not: string }>> = {
  'by-and-by': { asked: 'bit by bit', suits: 'is filled bit by bit', not: 'wants all its stuff in one day' },
  'at-once': { asked: 'all at once', suits: 'takes it all in one day', not: 'eats a little every few days' },
}
export const STANDING_WORDS: Readonly<Record<StandingIn, string>> = {
  bin: 'in a lidded bin', bay: 'in a bay or an open heap', cage: 'in a wire cage', box: 'in a box, tub or bucket',
  bed: 'on a bed or bare ground',
}
export const MAINLY_WORDS: Readonly<Record<Mainly, string>> = {
  kitchen: 'kitchen scraps', leaves: 'leaves', grass: 'grass and green stuff', wood: 'wood and prunings', dung: 'dung and straw',
  card: 'cardboard', turf: 'turf', char: 'char', mixed: 'a bit of everything',
}

const MATCHES = 3
const MISSES = -4

/** What there is to begin with: in the store, and on the bench. */
export interface AtHand { readonly stored: readonly StoredLot[], readonly bench?: readonly Ingredient[] }

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

/** What was said of how it comes, in what it stands and what it mostly is. */
function known({ face: { choosing } }: Method, { coming, standsIn, mainly }: Choice): Reason[] {
  const reason = (fits: boolean, yes: string, no: string): Reason => fits ? { points: MATCHES, text: yes } : { points: MISSES, text: no }
  return [
    ...(coming ? [reason(choosing.comings.includes(coming), COMING_WORDS[coming].suits, COMING_WORDS[coming].not)] : []),
    ...(standsIn
      ? [
          reason(
            choosing.standsIn.includes(standsIn), `stands ${STANDING_WORDS[standsIn]}`, `does not stand ${STANDING_WORDS[standsIn]}`,
          ),
        ]
      : []),
    ...(mainly
      ? [reason(choosing.mainly.includes(mainly), `lives on ${MAINLY_WORDS[mainly]}`, `is not made of ${MAINLY_WORDS[mainly]} alone`)]
      : []),
  ]
}

function reasons(method: Method, choice: Choice, at: AtHand, units: UnitSystem): Reason[] {
  const { choosing } = method.face
  const eats = ({ family }: Pick<Ingredient['material'], 'family'>) => choosing.eats.includes(family)
  const eatenL = at.stored.reduce((sum, { material, leftLooseL }) => eats(material) ? sum + leftLooseL : sum, 0)
    + (at.bench ?? []).reduce((sum, one) => eats(one.material) ? sum + portionOf(one).looseVolumeL : sum, 0)
  const volume = (litres: number) => quantityText('volume', units, litres)
  const { purpose, minutesAWeek, weeks, lifting } = choice
  return [
    ...known(method, choice),
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
        ? [{ points: 2, text: 'there is enough for it' }]
        : [{ points: -1, text: `wants about ${volume(choosing.leastL)} to begin with; there is ${volume(eatenL)}` }]),
  ]
}

/** Methods by how well they fit what is at hand and what is wanted, the best first; each with what speaks for and against it. */
export function fittingMethods(
  methods: readonly Method[], choice: Choice, at: AtHand, units: UnitSystem = 'metric',
): Fit[] {
  return methods.map((method): Fit => {
    const found = reasons(method, choice, at, units)
    return {
      method, points: found.reduce((sum, { points }) => sum + points, 0),
      speaksFor: found.filter(({ points }) => points > 0).map(({ text }) => text),
      speaksAgainst: found.filter(({ points }) => points < 0).map(({ text }) => text),
    }
  }).sort((a, b) => b.points - a.points)
}

const WALLS: Readonly<Partial<Record<Vessel['wall'], StandingIn>>> = {
  'plastic': 'bin', 'boards': 'bay', 'none': 'bay', 'straw-bales': 'bay', 'wire': 'cage',
}

/** What a place is, as it is asked for. */
export function standingOf(site: Site): StandingIn {
  return site.kind === 'area' ? 'bed' : WALLS[asVessel(site).wall] ?? 'box'
}

/** The first of some places that is what was said that it stands in; the first of all where none is. */
export function siteStanding(sites: readonly Site[], standsIn: StandingIn | undefined): Site | undefined {
  return sites.find(site => standingOf(site) === standsIn) ?? sites[0]
}
