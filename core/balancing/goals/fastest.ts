import { biodegradableFraction } from '../../materials/material'
import { preparedMaterial } from '../../materials/preparation'
import type { Goal } from './goal'

/** What hardly decays is in the way of a quick heap, half as much as what decays helps it. */
const DRAG = 0.5

/** Quickest: most that decays within a season and in small pieces, little that does not. */
export const fastest: Goal = {
  id: 'fastest',
  name: 'quickest',
  title: 'Ready soonest',
  costPerContainer: ({ material, prepared }, { totals }) => {
    const usable = biodegradableFraction(material)
    return -totals.organicKg * (usable * preparedMaterial(material, prepared).pace - DRAG * (1 - usable))
  },
}
