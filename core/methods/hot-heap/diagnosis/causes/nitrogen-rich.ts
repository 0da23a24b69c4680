import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { enoughOf, enoughText, remedyOf } from '../remedy'
import { HOT } from '../../constants'

export const nitrogenRich: HeapCause = {
  id: 'nitrogen-rich', title: 'More nitrogen than it can hold, or lime in it',
  symptoms: { 'ammonia': 1, 'too-hot': 0.35, 'flies': 0.2 },
  weigh: ({ heap, batch }) => [
    ...given(heap.carbonToNitrogen < 22, 0.8, `About ${Math.round(heap.carbonToNitrogen)} : 1 carbon to nitrogen.`),
    ...given(
      heap.carbonToNitrogen >= 30, -0.5,
      `About ${Math.round(heap.carbonToNitrogen)} : 1: nitrogen is not in excess overall; look for a lump of grass or manure.`,
    ),
    ...given(
      batch.built.ingredients.some(({ materialId }) => materialId === 'wood-ash'), 0.6,
      'There is ash in it, which drives ammonia off as lime does.',
    ),
  ],
  remedy: (facts) => {
    const enough = enoughOf(
      facts, material => material.carbonToNitrogen.typical > 40 && material.family !== 'mineral',
      after =>
        after.carbonToNitrogen
        >= Math.min(Math.max(HOT.richCuredTo, facts.heap.carbonToNitrogen + 2), facts.heap.carbonToNitrogen + HOT.mostStep),
    )
    const { parts } = enough
    return remedyOf(
      facts,
      `Turn it and work in ${parts.length > 0 ? enoughText(enough) : 'dry browns'}; a few handfuls of char hold the smell. No lime, no `
      + 'ash.',
      { parts, judged: false },
    )
  },
}
