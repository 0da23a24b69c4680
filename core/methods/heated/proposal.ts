import { asVessel } from '../../vessel/site'
import type { Vessel } from '../../vessel/vessel'
import type { Proposal } from '../contract'

/** A proposal with the vessel it stands in. */
export interface HeapProposal extends Pick<Proposal, 'approachId' | 'answers' | 'ingredients' | 'waterL' | 'volumeL'> {
  readonly vessel: Vessel
}

/** What is planned, as a heap. */
export function heapProposal({ site, ...rest }: Proposal): HeapProposal {
  return { ...rest, vessel: asVessel(site) }
}
