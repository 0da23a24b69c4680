import type { BegunBatch } from '../../journal/garden'
import type { Life } from './method'
import type { Finding } from './record'

/** Something that was found by hand, eye or nose, and still speaks of today. */
export interface Found {
  /** "Squeeze", "Smell". */
  readonly label: string
  readonly finding: Finding
  readonly at: Date
}

/** What was found of a batch and still speaks of today, the last first; what has been answered or is long ago is left to the log. */
export function foundOf({ pads, looking }: Pick<Life, 'pads' | 'looking'>, batch: BegunBatch, now: Date): Found[] {
  return looking.allNow(batch, now).flatMap(({ sense, finding: id, at }): Found[] => {
    const pad = pads.find(one => one.kind === 'sense' && one.sense.id === sense)
    const finding = pad?.kind === 'sense' ? pad.sense.findings.find(one => one.id === id) : undefined
    return pad?.kind === 'sense' && finding ? [{ label: pad.sense.label, finding, at: new Date(at) }] : []
  }).reverse()
}
