import { findMaterial } from '../materials/book'
import type { Asked } from './asked'
import type { Offer } from './offer'

/** A small question to ask before the first real one: a solver that has just been loaded is slow the first time. */
export function rehearsal(): Asked {
  const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
  const offers = (['leaves-mixed', 'grass-clippings', 'straw-wheat', 'kitchen-veg', 'horse-manure-straw', 'twigs'] as const).flatMap(
    (id): Offer[] => {
      const material = findMaterial(id)
      return material ? [{ material, container: bucket, packing: 'loose', inStore: true, most: 30, daysLeft: 9 }] : []
    })
  const comfort = {
    carbonToNitrogen: { least: 20, low: 25, high: 35, most: 40 }, availableCarbonToNitrogen: { least: 11, low: 15 },
    moistureFraction: { low: 0.5, target: 0.55, high: 0.62 },
    freeAirSpace: { least: 0.22, low: 0.3 },
    mattingShare: { high: 0.5, most: 0.65 },
  }
  return {
    goalId: 'fewest-trips', asBigAsCan: false,
    problem: { offers, step: 1, limits: { comfort, volumeL: { low: 500, high: 700 }, oneMaterialMost: 1, charMost: 0.1 } },
  }
}
