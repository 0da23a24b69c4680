import type { BegunBatch } from '../../journal/garden'
import { placeCFrom, placeOf, type Lasting } from '../contract'
import { askedOf, foundIn, type CourseQuestion, type ReadAs } from '../course'
import type { BrewRow } from './course'
import { kindOf } from './kinds'
import { FOAM, STANDS, WARMTH } from './words'
import { BREW } from './constants'
import { table } from '../../constants/constants'

/** Everything that the forecast of one brew needs. */
export interface BrewQuestion extends CourseQuestion<BrewRow> {
  readonly kindId: string
  /** Warmth of its place by six hours from the start, °C. */
  readonly placeC: readonly number[]
}

/** A stick tells foam to about a centimetre, and a bucket foams as it likes: a fifth of itself. */
export const READS: readonly ReadAs<BrewRow>[] = table('What a reading of a brew tells', {
  trust: ['share', 'how often it is right; own estimate'],
}, [
  { quantity: FOAM, row: 'foamM', trust: 1, spread: foamM => 0.01 + 0.2 * foamM },
  { quantity: WARMTH, row: 'liquidC', trust: 0.8, spread: () => 1.5 },
])

/** The question a brew puts. */
export function questionOf(batch: BegunBatch, surroundings: Lasting): BrewQuestion {
  const { began } = batch
  const kind = kindOf(began.approachId)
  const asked = askedOf(batch, surroundings, { ...BREW.horizon, least: Math.max(BREW.horizon.least, BREW.horizon.times * kind.days20) })
  return {
    ...asked, kindId: kind.id, placeC: placeCFrom(new Date(began.at), asked.horizonDay, placeOf(began.answers[STANDS]), surroundings),
    findings: foundIn(batch, READS, []),
  }
}
