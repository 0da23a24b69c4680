import type { Already } from '../contract'
import { bedWayOf, WAYS } from './approaches'

/** A bed is heated by what its way names; where nobody knows, by what the others name. */
export function alreadyOf(approachId: string): Already {
  const own = bedWayOf(approachId)
  return {
    of: [own, ...WAYS.filter(({ id, trays }) => id !== own.id && !trays)].map(({ id, name, parts }) => ({
      id, label: name.toLowerCase(), parts,
    })),
  }
}
