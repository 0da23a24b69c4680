import * as v from 'valibot'
import { documentValues, type GardenDocument } from '../journal/document'
import type { Garden } from '../journal/garden'
import { between } from '../journal/kinds/base'
import type { MaterialBook } from '../materials/book'
import { packingFactor } from '../materials/packing'
import { DAY_MS } from '../units/time'

/** What comes in of a material week by week: said once, learned from the store, or taken to be usual. */
export interface Supply {
  readonly materialId: string
  readonly litresAWeek: number
  readonly from: 'said' | 'store' | 'usual'
  /** Litres that come together before they spoil: a week's, or what the rest waits for. */
  readonly obtainableL: number
}

/** What a household brings where nothing is known. Of all else there is as much as one fetches. */
const USUAL_L_A_WEEK: Readonly<Record<string, number>> = { 'kitchen-veg': 10, 'coffee-grounds': 2 }
/** The store is looked back on so far; fewer lots, or over less time, say nothing yet. */
const LOOK_BACK_DAYS = 70
const LEAST_LOTS = 3
const LEAST_DAYS = 14
/** Nobody hoards for a heap longer than this. */
const HOARDED_DAYS = 21

export const SUPPLY_KIND = 'supply'
export const supplyDocumentId = (materialId: string) => `supply.${materialId}`
const said = v.object({ materialId: v.string(), litresAWeek: between(0, 5000) })

/** Loose litres a week that went into the store of late; nothing when it was too seldom. */
function learned(garden: Garden, materialId: string, now: Date, book: MaterialBook): number | undefined {
  const material = book.find(materialId)
  const since = now.getTime() - LOOK_BACK_DAYS * DAY_MS
  const lots = [...garden.lots.values()].filter(lot => lot.materialId === materialId && new Date(lot.gatheredAt).getTime() >= since)
  const first = Math.min(...lots.map(lot => new Date(lot.gatheredAt).getTime()))
  const days = (now.getTime() - first) / DAY_MS
  if (!material || lots.length < LEAST_LOTS || days < LEAST_DAYS) return undefined
  return lots.reduce((sum, { initialL, packing }) => sum + initialL * packingFactor(material, packing), 0) / days * 7
}

/** What comes in of each material of which that is known. */
export function supplies(documents: readonly GardenDocument[], garden: Garden, now: Date, book: MaterialBook): Supply[] {
  const answers = new Map(documents.filter(({ kind }) => kind === SUPPLY_KIND).flatMap((document) => {
    const parsed = v.safeParse(said, documentValues(document))
    return parsed.success ? [[parsed.output.materialId, parsed.output.litresAWeek] as const] : []
  }))
  return [...new Set([...Object.keys(USUAL_L_A_WEEK), ...answers.keys()])].flatMap((materialId): Supply[] => {
    const material = book.find(materialId)
    if (!material) return []
    const fromStore = learned(garden, materialId, now, book)
    const litresAWeek = answers.get(materialId) ?? fromStore ?? USUAL_L_A_WEEK[materialId] ?? 0
    const weeks = Math.max(7, Math.min(HOARDED_DAYS, material.keepsDays)) / 7
    return [{
      materialId, litresAWeek, from: answers.has(materialId) ? 'said' : fromStore === undefined ? 'usual' : 'store',
      obtainableL: litresAWeek * weeks,
    }]
  })
}
