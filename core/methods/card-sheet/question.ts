import type { BegunBatch } from '../../journal/garden'
import type { Range } from '../../units/range'
import { weatherFrom, type Lasting } from '../contract'
import { askedOf, foundIn, type CourseQuestion, type FoundAs } from '../course'
import { sheetWayOf } from './ways'
import { BELOW, TORN } from './words'
import { SHEET } from './constants'
import { table } from '../../constants/constants'

/** Everything that the forecast of one sheet needs, as plain data. */
export interface SheetQuestion extends CourseQuestion<'spent'> {
  readonly wayId: string
  readonly wants: Range
  readonly airC: readonly number[]
}

/** What a look under a corner tells of how far it is, how blurred that is, and how much it is trusted. Own estimates. */
const LOOK = { row: 'spent', ...SHEET.look } as const
export const LOOKS: readonly FoundAs<'spent'>[] = table<readonly FoundAs<'spent'>[]>('What a look under a corner tells', {
  means: ['share', 'spent; own estimate'],
  blur: ['share', 'how blurred a look is; own estimate'],
  trust: ['share', 'how often it is right; own estimate'],
}, [
  { ...LOOK, sense: BELOW, means: { green: [-0.05, 0.4], yellow: [0.2, 0.75], white: [0.55, 1], dead: [0.85, 2] } },
  { ...LOOK, sense: TORN, means: { 'threads': [0.85, 2], 'no-threads': [-0.05, 0.9] } },
])

/** The question a sheet puts. */
export function questionOf(batch: BegunBatch, surroundings: Lasting): SheetQuestion {
  const { began } = batch
  const way = sheetWayOf(began.approachId)
  const asked = askedOf(batch, surroundings, SHEET.horizon)
  return {
    ...asked, wayId: way.id, wants: way.wants(began.answers),
    airC: weatherFrom(new Date(began.at), asked.horizonDay, surroundings).airC, findings: foundIn(batch, [], LOOKS),
  }
}
