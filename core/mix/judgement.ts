import { ok, type Outcome } from '../outcome/outcome'
import { measuresOf, type Measures, type MeasureTrouble } from './measures'
import type { Totals } from './totals'
import { waterNeed, waterToAddL } from './water'

/** Where a mix is comfortable, and how far beyond it still works, for one approach of one method. */
export interface Comfort {
  readonly carbonToNitrogen: { readonly least: number, readonly low: number, readonly high: number, readonly most: number }
  /** Of what takes part in the heat: with less carbon than this, nitrogen goes off as ammonia, whatever wood lies beside it. */
  readonly availableCarbonToNitrogen: { readonly least: number, readonly low: number }
  /** How wet it may be at most goes by its stuff: see `Measures.workableMoisture`. */
  readonly moistureFraction: { readonly low: number, readonly target: number, readonly high: number }
  readonly freeAirSpace: { readonly least: number, readonly low: number }
  /** Share of the loose volume that may be stuff that mats (grass, scraps, sawdust). */
  readonly mattingShare: { readonly high: number, readonly most: number }
}

/** What can be wrong with a mix. Dryness is not among them: water cures it. */
export const ILLS = ['too-brown', 'too-green', 'too-wet', 'mats', 'airless', 'overdone'] as const
export type Ill = typeof ILLS[number]

/** What is wrong, how badly, what it is and what it should be. */
export interface FoundIll {
  readonly ill: Ill
  /** 0 at the edge of comfort, 1 where it stops being acceptable. */
  readonly severity: number
  /** What the mix has of it, and the last that is comfortable and acceptable, in the same terms. */
  readonly is: number
  readonly comfortable: number
  readonly acceptable: number
}

export type MixGrade = 'good' | 'workable' | 'poor'

/** How far a mix is from comfort. */
export interface Judgement {
  readonly measures: Measures
  readonly waterL: number
  /** The worst first. */
  readonly ills: readonly FoundIll[]
  readonly distance: number
  readonly grade: MixGrade
}

/** Slight excess that nobody could measure out in buckets does not count as an ill. */
const UNNOTICED = 0.1
/** However wet its stuff may be, the acceptable lies above the comfortable by so much at least. */
const WETTER_BY = 0.03

/** What is taken sparingly, in parts of the most that is taken: up to that it is comfortable, half as much again still works; practice. */
export const DOSES = { high: 1, most: 1.5 } as const

function found(
  ill: Ill, is: number, comfortable: number, acceptable: number, scaled: (value: number) => number = value => value,
): FoundIll {
  return { ill, is, comfortable, acceptable, severity: (scaled(is) - scaled(comfortable)) / (scaled(acceptable) - scaled(comfortable)) }
}

/** All ills of a mix as severities, below 0 where there is room. Brown by what takes part in the heat, green by all of it. */
function illsOf(
  {
    carbonToNitrogen: ratio, availableCarbonToNitrogen: available, moistureFraction, workableMoisture, freeAirSpace, mattingShare, doses,
  }: Measures,
  comfort: Comfort,
): FoundIll[] {
  const band = comfort.carbonToNitrogen
  const floor = comfort.availableCarbonToNitrogen
  const greens = [
    found('too-green', ratio, band.low, band.least, Math.log), found('too-green', available, floor.low, floor.least, Math.log),
  ]
  return [
    found('too-brown', available, band.high, band.most, Math.log),
    greens[1]!.severity > greens[0]!.severity ? greens[1]! : greens[0]!,
    found(
      'too-wet', moistureFraction, comfort.moistureFraction.high, Math.max(comfort.moistureFraction.high + WETTER_BY, workableMoisture),
    ),
    found('mats', mattingShare, comfort.mattingShare.high, comfort.mattingShare.most),
    found('airless', freeAirSpace, comfort.freeAirSpace.low, comfort.freeAirSpace.least),
    found('overdone', doses, DOSES.high, DOSES.most),
  ]
}

/** What is wrong with measures as they are, without adding water; the worst first. */
export function illsIn(measures: Measures, comfort: Comfort): FoundIll[] {
  return illsOf(measures, comfort).filter(({ severity }) => severity > UNNOTICED).sort((a, b) => b.severity - a.severity)
}

/** Comfortable, acceptable or neither: the worst of it counts. */
export function gradeOf(ills: readonly FoundIll[]): MixGrade {
  const worst = ills[0]?.severity ?? 0
  return worst === 0 ? 'good' : worst <= 1 + UNNOTICED ? 'workable' : 'poor'
}

/** Judges summed ingredients after the water they still need has been added; nothing, or nothing that decays, is not judged. */
export function judge(totals: Totals, comfort: Comfort): Outcome<Judgement, MeasureTrouble> {
  const waterL = waterToAddL(waterNeed(totals, comfort.moistureFraction.target))
  const measures = measuresOf(totals, waterL)
  if (!measures.ok) return measures
  const ills = illsIn(measures.value, comfort)
  return ok({
    measures: measures.value, waterL, ills, distance: ills.reduce((sum, { severity }) => sum + severity, 0), grade: gradeOf(ills),
  })
}
