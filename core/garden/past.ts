import type { BegunBatch } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import type { Method, Pad } from '../methods/contract'
import { quantityText } from '../units/format'
import { timesText } from '../units/plural'
import type { UnitSystem } from '../units/system'
import { daysBetween } from '../units/time'
import { inAndOut } from './batch'

/** So many kinds of work are told, the most frequent ones. */
const TOLD = 2

/** The warmest that was read anywhere in it; nothing where no thermometer goes. */
function warmest({ gauged }: BegunBatch, pads: readonly Pad[], units: UnitSystem): string[] {
  const warmths = pads.flatMap(pad => pad.kind === 'gauge' && pad.quantity.unit === 'temperature' ? [pad.quantity.id] : [])
  if (warmths.length === 0) return []
  const read = warmths.flatMap(id => gauged[id] ?? []).map(({ value }) => value)
  return [read.length > 0 ? `${quantityText('temperature', units, Math.max(...read))} at its warmest` : 'no warmth was read']
}

/** What was done to it, in the words of its pads. */
function work({ did, puts }: BegunBatch, pads: readonly Pad[]): string[] {
  const deeds = pads.flatMap(pad =>
    pad.kind === 'deed' ? [{ word: pad.deed.label, times: did.filter(({ deed }) => deed === pad.deed.id).length }] : [],
  )
  const watered = {
    word: 'watered', times: puts.filter(({ atStart, waterL, inputs }) => !atStart && waterL > 0 && inputs.length === 0).length,
  }
  return [...deeds, watered]
    .filter(({ times }) => times > 0)
    .sort((a, b) => b.times - a.times)
    .slice(0, TOLD)
    .map(({ word, times }) => `${word.toLowerCase()} ${timesText(times)}`)
}

/** How a batch went, in a few words, for a plan that follows it. */
export function howItWent(
  batch: BegunBatch, method: Pick<Method, 'life'> | undefined,
  { materials, units }: { readonly materials: MaterialBook, readonly units: UnitSystem },
): string[] {
  const pads = method?.life.pads ?? []
  const out = inAndOut(batch, materials)
  return [
    ...warmest(batch, pads, units),
    ...work(batch, pads),
    batch.ended ? `taken down after ${Math.round(daysBetween(batch.began.at, batch.ended.at))} days` : 'still standing',
    ...(out ? [`gave ${quantityText('volume', units, out.outL)} of ${quantityText('volume', units, out.inL)} that went in`] : []),
  ]
}
