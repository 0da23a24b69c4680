import type { Site } from '../../../vessel/site'
import { asVessel } from '../../../vessel/site'
import type { Ending } from './ending'

export type { Ending } from './ending'
export { drenched, drowned, inPail, tipped } from './quenched'
export { sealed } from './sealed'

/** Whether a site is steel round about, or ground into which water soaks away. */
export function isOfGround(site: Site): boolean {
  return asVessel(site).id === 'char-pit' || asVessel(site).id === 'char-mound'
}

/** How a way ends in a vessel, and how where it is ground into which water soaks away. */
export interface Endings { readonly inVessel: Ending, readonly onGround: Ending }

/** How a way ends at a site. */
export function endingAt(site: Site, { inVessel, onGround }: Endings): Ending {
  return isOfGround(site) ? onGround : inVessel
}
