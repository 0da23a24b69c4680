import { bedAreaM2, type Bed } from '../beds/bed'
import { spreadDepthM, type BedHistory } from '../beds/history'
import { BED_WORDS } from '../beds/words'
import { daysBetween } from '../units/time'
import { quantityText } from '../units/format'
import type { UnitSystem } from '../units/system'
import { BEDS } from '../beds/constants'
import { PLOTS } from './constants'
import type { PlotPair, PlotTrial } from './trial'

/** A bed with what it had. */
export interface KnownBed { readonly bed: Bed, readonly history: BedHistory }

/** How deep a bed was dressed in the years before a trial, metres; what came within it is what is tried. */
function dressedM({ bed, history }: KnownBed, startedAt: string): number {
  const before = history.filter(one => !one.laid && daysBetween(one.at, startedAt) > 0
    && daysBetween(one.at, startedAt) <= PLOTS.yearsBack * BEDS.yearDays)
  return spreadDepthM(bed, before.reduce((sum, { litres }) => sum + litres, 0))
}

const apart = (a: number, b: number) => Math.abs(a - b) / Math.max(1e-9, Math.max(a, b))

/** In what the two plots of a pair were unequal from the start: each may be the reason for what is found. Parts of one bed are not. */
export function unequalPlots(
  { with: mine, without: theirs }: PlotPair, { startedAt }: Pick<PlotTrial, 'startedAt'>, known: (bedId: string) => KnownBed | undefined,
  units: UnitSystem,
): string[] {
  const [one, other] = [mine.bedId, theirs.bedId].map(id => id === undefined ? undefined : known(id))
  if (mine.bedId !== undefined && mine.bedId === theirs.bedId) return []
  if (!one || !other) return one || other ? ['One is a bed and the other is none: light, depth and water differ.'] : []
  const [had, theirHad] = [dressedM(one, startedAt), dressedM(other, startedAt)]
  const deep = (value: number) => value < 0.0005 ? 'nothing' : quantityText('length', units, value, 1)
  return [
    ...(one.bed.soil === other.bed.soil ? [] : [`Unequal soil: ${BED_WORDS.soil[one.bed.soil]} and ${BED_WORDS.soil[other.bed.soil]}.`]),
    ...(one.bed.reaction === other.bed.reaction
      ? []
      : [`By their tests one is ${BED_WORDS.reaction[one.bed.reaction]}, the other ${BED_WORDS.reaction[other.bed.reaction]}.`]),
    ...(one.bed.grows === other.bed.grows ? [] : ['Other things grow on them.']),
    ...(apart(bedAreaM2(one.bed), bedAreaM2(other.bed)) > PLOTS.areaApart
      ? ['They are not of one size: compare by the plant, or by the square metre.']
      : []),
    ...(Math.abs(had - theirHad) > 0.005 ? [`Before, one had ${deep(had)} on it, the other ${deep(theirHad)}.`] : []),
  ]
}
