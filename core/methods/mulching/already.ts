import { mulchKindOf } from '../../mulch/kinds'
import type { Already } from '../contract'

/** A mulch is of its kind. */
export function alreadyOf(approachId: string): Already {
  const { name, materialId } = mulchKindOf(approachId)
  return { of: [{ id: 'kind', label: name.toLowerCase(), parts: [{ materialId, share: 1 }] }] }
}
