import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { remedyOf } from '../remedy'

export const unmixed: HeapCause = {
  id: 'unmixed', title: 'Grass or leaves lie in mats',
  symptoms: { 'mats': 1, 'no-heat': 0.2, 'sour': 0.35, 'ammonia': 0.25 },
  weigh: ({ heap, batch }) => [
    ...given(heap.mattingShare > 0.45, 0.7, `${Math.round(heap.mattingShare * 100)} % of what went in packs into mats.`),
    ...given(heap.mattingShare < 0.2, -0.5, 'Hardly anything in it packs into mats.'),
    ...given(batch.turns.length === 0, 0.2, 'It has not been turned yet.'),
  ],
  remedy: facts => remedyOf(facts, 'Turn it and tear every mat apart with the fork; shake grass out over coarse stuff.'),
}
