import type { Outcome } from '../outcome/outcome'
import { bedAreaM2, type Bed } from './bed'
import { BEDS } from './constants'
import { doseFor, spreadKindOf, type Asked, type Dose } from './spreading'

/** How much of something stands to what is usual on a bed. */
export type Stands = 'nothing' | 'under' | 'usual' | 'plenty' | 'over' | 'against'

/** An amount on a bed, with what is to be said of it. What is over or against can be recorded all the same. */
export interface AmountOnBed {
  readonly stands: Stands
  /** In a few words. */
  readonly said: string
  /** What follows, where there is more than should be or where it should not be at all. */
  readonly follows: readonly string[]
  readonly dose: Outcome<Dose, string>
}

/** So much of something on a bed against its dose. @param litres not negative. */
export function amountOn(asked: Asked, litres: number): AmountOnBed {
  const dose = doseFor(asked)
  const said = (stands: Stands, words: string, follows: readonly string[] = []): AmountOnBed => ({ stands, said: words, follows, dose })
  if (litres <= BEDS.nothingL) return said('nothing', dose.ok ? 'none of it' : dose.error)
  if (!dose.ok) return said('against', dose.error, ['It can be written down all the same, and counts from then on.'])
  const { usualL, mostL } = dose.value
  if (litres > mostL * (1 + 1e-6) + BEDS.nothingL) return said('over', 'more than it should have', spreadKindOf(asked)?.beyond(asked) ?? [])
  if (usualL <= BEDS.worthL) return said('plenty', 'it has had its dose; there is still room for this')
  if (litres < usualL * (1 - BEDS.about)) return said('under', 'less than usual: every little helps')
  return litres <= usualL * (1 + BEDS.about) ? said('usual', 'as is usual') : said('plenty', 'more than usual, and still good')
}

/** How much each bed gets: as each is dosed, by the litre on a square metre, by depth, or what there is spread evenly. */
export type DosedBy = { readonly by: 'dose' } | { readonly by: 'litres', readonly perM2L: number } | { readonly by: 'evenly' }

/**
 * Litres for each of some beds. What is there goes to the first first; spread evenly each gets its share of the ground.
 * @param there litres, not negative. @returns as many as beds, none negative, together never more than there is.
 */
export function amountsFor(
  way: DosedBy, beds: readonly { readonly bed: Pick<Bed, 'ground'>, readonly usualL: number }[], there: number,
): number[] {
  const wantedOn = ({ bed, usualL }: typeof beds[number]) => {
    switch (way.by) {
      case 'dose': return usualL
      case 'evenly': return there * bedAreaM2(bed) / groundM2
      case 'litres': return way.perM2L * bedAreaM2(bed)
    }
  }
  const groundM2 = beds.reduce((sum, { bed }) => sum + bedAreaM2(bed), 0)
  let leftL = Math.max(0, there)
  return beds.map((one) => {
    const given = Math.min(leftL, Math.max(0, wantedOn(one)))
    leftL -= given
    return given
  })
}
