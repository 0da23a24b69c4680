import type { StoredLot } from '../garden/store'
import { isSpoilt } from '../materials/keeping'
import type { Warning } from '../methods/contract'
import type { Ingredient } from '../mix/portion'

/** Of what lies on the bench, what the store holds only spoilt: it is not what the figures say. */
export function pastBest(ingredients: readonly Ingredient[], stored: readonly StoredLot[]): Warning[] {
  return ingredients.flatMap(({ material }): Warning[] => {
    const lots = stored.filter(one => one.material.id === material.id)
    const worst = Math.min(...lots.map(({ keeping }) => keeping.daysLeft))
    return lots.length > 0 && lots.every(({ keeping }) => isSpoilt(material, keeping))
      ? [{
          materialId: material.id,
          text: `What is left of it went off ${Math.round(-worst)} days ago: wetter and with less heat in it than reckoned here. A thin `
            + 'layer between browns, no more.',
        }]
      : []
  })
}
