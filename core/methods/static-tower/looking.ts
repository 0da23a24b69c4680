import { lookingBy, wateredSince, type LookedAt, type Speaking } from '../contract'
import { TOWER } from './constants'
import { ZONES, type Zone } from './zones'

const DRY = ['dust', 'dry']
const untilWatered = {
  days: TOWER.noticedDays, answeredBy: (batch, found) => DRY.includes(found.finding) && wateredSince(batch, found),
} satisfies Speaking

/** What is found of a tower: water answers what was felt dry in a zone. */
export const looking = lookingBy(TOWER.noticedDays, Object.fromEntries(ZONES.map(({ sense }) => [sense, untilWatered])))

/** What is felt in each zone, as far as it speaks of today. */
export function feltZones(batch: LookedAt, now: Date): { readonly zone: Zone, readonly finding: string }[] {
  return ZONES.flatMap((zone) => {
    const felt = looking.now(batch, zone.sense, now)
    return felt ? [{ zone, finding: felt.finding }] : []
  })
}

/** Zones that were found dry and not watered since. */
export function dryZones(batch: LookedAt, now: Date): Zone[] {
  return feltZones(batch, now).filter(({ finding }) => DRY.includes(finding)).map(({ zone }) => zone)
}
