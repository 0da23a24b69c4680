import { bedAreaM2, type Bed } from './bed'
import { charOnBedL, type BedHistory } from './history'
import { doseFor, type Asked, type Dose, type Stuff } from './spreading'
import { BEDS } from './constants'
import { reactionOf } from '../lots/stuff'

/** What a bed would get. */
export interface Covered {
  readonly bed: Bed
  readonly dose: Dose
  /** Litres that are there for it. */
  readonly litres: number
  /** Whether that is all of its usual dose. */
  readonly whole: boolean
}

/** How far so much goes: the beds it covers, the first first, those it must not go on, and what is left. */
export interface Covering {
  readonly covered: readonly Covered[]
  /** Beds that would come next, were there more of it. */
  readonly waiting: readonly Bed[]
  readonly refused: readonly { readonly bed: Bed, readonly why: string }[]
  readonly leftL: number
  /** Litres that all beds that take it would want together. */
  readonly wantedL: number
  /** Ground that a litre of it covers at the usual dose, m²; nothing where no bed takes it. */
  readonly m2PerL?: number
}

/** What is limy or ashy goes to sour ground first, and to limy ground last: what is only a little limy just last. */
function limeRank(stuff: Stuff, { reaction }: Pick<Bed, 'reaction'>): number {
  const does = reactionOf(stuff)
  if (does !== 'ash' && does !== 'limy') return 0
  if (reaction === 'limy') return 2
  return reaction === 'sour' && (does === 'ash' || stuff.material.family === 'char') ? 0 : 1
}

function gainOf(bed: Bed, history: BedHistory): number {
  return BEDS.gain[bed.grows] + BEDS.soilGain[bed.soil] - charOnBedL(history) / bedAreaM2(bed) / 5
}

/** Lays so many litres out over beds, each its usual dose, the one that gains most first. @param litres not negative. */
export function cover(
  stuff: Stuff, litres: number, beds: readonly { readonly bed: Bed, readonly history: BedHistory }[],
  around: Pick<Asked, 'school' | 'now' | 'seasonMonth' | 'units'>,
): Covering {
  const asked = beds.map(({ bed, history }) => ({ bed, history, dose: doseFor({ ...stuff, ...around, bed, history }) }))
  const refused = asked.flatMap(({ bed, dose }) => dose.ok ? [] : [{ bed, why: dose.error }])
  const wanting = asked
    .flatMap(({ bed, history, dose }) =>
      dose.ok && dose.value.usualL > BEDS.worthL ? [{ bed, dose: dose.value, gain: gainOf(bed, history) }] : [],
    )
    .sort((a, b) => limeRank(stuff, a.bed) - limeRank(stuff, b.bed) || b.gain - a.gain)
  const enough = asked.flatMap(({ bed, dose }) => dose.ok && dose.value.usualL <= BEDS.worthL ? [{ bed, why: 'It has had its dose.' }] : [])
  let leftL = litres
  const covered = wanting.flatMap(({ bed, dose }): Covered[] => {
    const given = Math.min(leftL, dose.usualL)
    if (given <= BEDS.worthL) return []
    leftL -= given
    return [{ bed, dose, litres: given, whole: given >= dose.usualL - 1e-9 }]
  })
  const wantedL = wanting.reduce((sum, { dose }) => sum + dose.usualL, 0)
  const wantedM2 = wanting.reduce((sum, { bed }) => sum + bedAreaM2(bed), 0)
  const waiting = wanting.map(({ bed }) => bed).filter(bed => !covered.some(one => one.bed === bed))
  return { covered, waiting, wantedL, refused: [...refused, ...enough], leftL, ...(wantedL > 0 ? { m2PerL: wantedM2 / wantedL } : {}) }
}
