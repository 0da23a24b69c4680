import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { remedyOf } from '../remedy'

export const spent: HeapCause = {
  id: 'spent', title: 'It is simply done heating',
  symptoms: { 'died': 0.5, 'no-heat': 0.1 },
  weigh: ({ heap, batch, hottestC, now }) => [
    ...given(heap.usedShare >= 0.4, 0.7, `By the model ${Math.round(heap.usedShare * 100)} % of what can rot has rotted.`),
    ...given(heap.usedShare < 0.3, -0.8, `By the model only ${Math.round(heap.usedShare * 100)} % of what can rot has rotted.`),
    ...given(batch.turns.length >= 3, 0.5, `Turned ${batch.turns.length} times.`),
    ...given(hottestC !== undefined && hottestC < 45, -0.6, 'It has never been hot.'),
    ...given(now.day > 40, 0.4, `Day ${Math.floor(now.day)}.`),
  ],
  remedy: facts =>
    remedyOf(
      facts, 'Let it cure, moist and covered, and test it: a heap that is turned and watered and stays cool is done with its heat.',
      { turn: false },
    ),
}
