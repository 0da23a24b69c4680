import type { BegunBatch } from '../../journal/garden'
import { expectedOut } from '../../sizing/yields'
import type { Prospect, Sizing, Surroundings } from '../contract'
import { heapLogOf } from '../heated/heap-log'
import { readyWindow } from './ready'
import { COMPOST, READY } from './words'

/** What comes of it when it is ready, by own heaps that are over. */
export function prospectsOf(batch: BegunBatch, surroundings: Surroundings, { usualYield }: Sizing): Prospect[] {
  if (batch.ended || readyWindow(heapLogOf(batch), surroundings).beyond) return []
  const past = surroundings.past?.(batch.began.methodId) ?? []
  const out = expectedOut(batch, past, surroundings.materials, usualYield)
  return out ? [{ ...COMPOST, windowId: READY, litres: out.litres }] : []
}
