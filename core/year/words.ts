import { percentText, quantityText } from '../units/format'
import type { UnitSystem } from '../units/system'
import type { Purpose } from '../methods/contract'
import type { Met } from './answer'
import { YEAR } from './constants'
import type { Need } from './need'

/** How sure it is that a need is met, as a word; the number is there when it is asked for. */
export type Sureness = 'sure' | 'likely' | 'open' | 'doubtful' | 'short'

/** From which share of years a need is as good as sure, open, doubtful; choice. */
const FROM = { sure: 0.95, open: 0.5, doubtful: 0.15 } as const

export function surenessOf(chance: number): Sureness {
  if (chance >= FROM.sure) return 'sure'
  if (chance >= YEAR.safe) return 'likely'
  if (chance >= FROM.open) return 'open'
  return chance >= FROM.doubtful ? 'doubtful' : 'short'
}

const WORDS: Readonly<Record<Sureness, string>> = {
  sure: 'there in time', likely: 'most likely there', open: 'may be short', doubtful: 'probably short', short: 'short',
}

/** "may be short". */
export function surenessText(chance: number): string {
  return WORDS[surenessOf(chance)]
}

/** "Enough in 63 % of years like this." */
export function chanceText(chance: number): string {
  if (chance > 0.995) return 'Enough in every year that was tried.'
  return chance < 0.005 ? 'Enough in none of the years that were tried.' : `Enough in ${percentText(chance)} of the years that were tried.`
}

/** "One year in five it is 120 L or more short." Nothing where it is safe. */
export function shortText({ shortL, chance }: Pick<Met, 'shortL' | 'chance'>, units: UnitSystem): string | undefined {
  if (chance >= YEAR.safe || shortL < 0.5) return undefined
  const litres = quantityText('volume', units, shortL)
  return chance < FROM.doubtful ? `It is about ${litres} short.` : `One year in five it is ${litres} or more short.`
}

/** What is left to do where nothing that is begun now comes in time. */
const INSTEAD: Readonly<Partial<Record<Purpose, string>>> = {
  beds: 'buy it, or mulch with leaves, grass or straw instead',
  potting: 'buy it, or ask a neighbour',
  seeds: 'buy it, a little goes a long way',
  mulch: 'gather leaves, straw or chips, they mulch as they are',
  lasting: 'leave it for the next autumn, char has time',
  feeding: 'begin a brew a week or two before',
}

/** "Too late to make it: buy about 120 L, or …" */
export function tooLateText({ purpose }: Pick<Need, 'purpose'>, { shortL }: Pick<Met, 'shortL'>, units: UnitSystem): string {
  return `Too late to make ${quantityText('volume', units, shortL)} of it: ${INSTEAD[purpose] ?? 'buy it'}.`
}
