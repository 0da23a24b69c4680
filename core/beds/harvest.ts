import { addDays } from 'date-fns'
import type { Material } from '../materials/material'
import type { Bed } from './bed'
import type { BedHistory } from './history'

/** Days from raw manure to a harvest: of what touches the soil, and of what does not. The usual rule of growers' food safety; local rules may ask for more. */
const INTERVAL_DAYS = { touching: 120, clear: 90, not: 0 } as const

/** Grown on composted straw and steamed: among the manures, but not raw. */
const COMPOSTED = ['mushroom-substrate']

/** Whether something is raw manure: fresh from an animal, not composted. */
export function isRawManure({ family, id }: Pick<Material, 'family' | 'id'>): boolean {
  return family === 'manure' && !COMPOSTED.includes(id)
}

/** The day before which nothing is to be harvested from a bed, because of raw manure spread at that moment. */
export function harvestAfter(at: string | Date, { eaten }: Pick<Bed, 'eaten'>): Date | undefined {
  const days = INTERVAL_DAYS[eaten]
  return days > 0 ? addDays(new Date(at), days) : undefined
}

/** The day before which nothing is to be harvested from a bed, with all that was spread on it; nothing when it is past. */
export function noHarvestBefore(bed: Pick<Bed, 'eaten'>, history: BedHistory, now: Date): Date | undefined {
  const days = history.flatMap(({ material, at }) => material && isRawManure(material) ? harvestAfter(at, bed) ?? [] : []).filter(day => day > now)
  return days.reduce<Date | undefined>((last, day) => last === undefined || day > last ? day : last, undefined)
}
