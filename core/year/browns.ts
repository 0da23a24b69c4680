import type { StoredLot } from '../garden/store'
import type { Supply } from '../garden/supply'
import type { MaterialBook } from '../materials/book'
import type { Material } from '../materials/material'
import { packingFactor } from '../materials/packing'
import { addDays } from 'date-fns'
import { comesIn, INCOME, type Income } from './income'

/** What has to be laid by of browns for the greens of the months to come. */
export interface Reserve {
  /** Litres of greens that come in over the next year, loose; of browns that they want; and that lie here or come in. */
  readonly greenL: number
  readonly wantedL: number
  readonly lieL: number
  readonly comeL: number
  readonly missingL: number
}

const GREENS = ['grass', 'kitchen', 'plant', 'manure'] as const
const BROWNS = ['leaf', 'straw', 'paper', 'wood'] as const
const isOf = (families: readonly string[], { family }: Pick<Material, 'family'>) => families.includes(family)
/** Weeks that are looked at; calendar. */
const WEEKS = 52

/** Two of brown for one of green over the year: what lies here, what comes in, and what has to be laid by while there is some. */
export function reserveOf(
  incomes: readonly Income[], supplies: readonly Supply[], stored: readonly StoredLot[], book: MaterialBook, now: Date,
): Reserve {
  const said = new Set(incomes.map(({ materialId }) => materialId))
  const yearly = (families: readonly string[]) => {
    let litres = 0
    for (const one of incomes) {
      const material = book.find(one.materialId)
      if (!material || !isOf(families, material)) continue
      for (let week = 0; week < WEEKS; week++)
        if (comesIn(one, addDays(now, 7 * week).getMonth() + 1)) litres += one.litresAWeek
    }
    for (const { materialId, litresAWeek, from } of supplies) {
      const material = book.find(materialId)
      if (material && from !== 'usual' && !said.has(materialId) && isOf(families, material)) litres += litresAWeek * WEEKS
    }
    return litres
  }
  const greenL = yearly(GREENS)
  const comeL = yearly(BROWNS)
  const lieL = stored.filter(({ material }) => isOf(BROWNS, material) && material.keepsDays >= INCOME.keepsLongDays)
    .reduce((sum, { leftL, lot, material }) => sum + leftL * packingFactor(material, lot.packing), 0)
  const wantedL = greenL * INCOME.brownsToGreen
  return { greenL, wantedL, lieL, comeL, missingL: Math.max(0, wantedL - lieL - comeL) }
}
