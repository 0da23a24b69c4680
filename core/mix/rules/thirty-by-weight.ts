import { amountMassKg } from '../../materials/packing'
import type { RuleOfThumb } from './rule'

/** The ratio of the elements taken for one of scales: thirty kilograms of brown to one of green. */
export const thirtyByWeight: RuleOfThumb = {
  id: 'thirty-by-weight', name: 'Thirty to one by weight', counts: 'on the scale', browns: 30, greens: 1,
  measure: ({ material, amount }) => amountMassKg(material, amount),
}
