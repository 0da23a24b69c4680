import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { remedyOf } from '../remedy'

export const stale: HeapCause = {
  id: 'stale', title: 'The middle has used up its air and what it could reach',
  symptoms: { died: 0.8, sour: 0.2 },
  weigh: ({ hottestC, daysSinceTurn, heap, now }) => [
    ...given(hottestC !== undefined && hottestC >= 50 && now.coreC < hottestC - 8, 0.6, 'It has been hot and has fallen since.'),
    ...given(daysSinceTurn > 5, 0.4, `${Math.round(daysSinceTurn)} days since it was last mixed.`),
    ...given(daysSinceTurn < 2, -0.8, 'It was mixed only just now.'),
    ...given(
      heap.usedShare < 0.4, 0.3, `By the model ${Math.round(heap.usedShare * 100)} % of what can rot has rotted: there is food left.`,
    ),
    ...given(heap.usedShare > 0.55, -0.5, 'Most of what can rot has rotted.'),
  ],
  remedy: facts => remedyOf(facts, 'Turn it, the outside to the inside.'),
}
