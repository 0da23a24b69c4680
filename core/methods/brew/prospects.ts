import type { BegunBatch } from '../../journal/garden'
import type { Prospect, Surroundings } from '../contract'
import { prospectOf } from '../course'
import { kindOf } from './kinds'
import { isFoul } from './standing'
import { USE, windowsOf } from './windows'

/** What a brew is good for, while it is fit to use: no store keeps it. */
export const AS_BREW = { serves: ['feeding', 'microbes'], passes: true } as const

/** What stands of it while it is fit to use. */
export function prospectsOf(batch: BegunBatch, surroundings: Surroundings): Prospect[] {
  const until = batch.ended || isFoul(batch) ? undefined : windowsOf(batch, surroundings).find(({ id }) => id === USE)
  if (!until) return []
  const inL = batch.puts.reduce((sum, { waterL }) => sum + waterL, 0)
  const outL = batch.uses.reduce((sum, { litres }) => sum + litres, 0)
  const { name } = kindOf(batch.began.approachId)
  return prospectOf({ puts: [], takings: [] }, until, { label: name, ...AS_BREW }, inL - outL)
}
