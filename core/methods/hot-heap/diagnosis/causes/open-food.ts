import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { remedyOf } from '../remedy'

const FOOD = ['kitchen', 'feed']

export const openFood: HeapCause = {
  id: 'open-food', title: 'Food lies open on top',
  symptoms: { flies: 1, rats: 0.6, eggs: 0.1 },
  weigh: ({ batch, surroundings: { materials } }) => {
    const fed = [...batch.built.ingredients, ...batch.additions.map(({ ingredient }) => ingredient)].some(({ materialId }) =>
      FOOD.includes(materials.find(materialId)?.family ?? ''),
    )
    return [...given(fed, 0.4, 'There are kitchen scraps in it.'), ...given(!fed, -0.4, 'No kitchen scraps are on its list.')]
  },
  remedy: facts =>
    remedyOf(
      facts,
      'Cover it with a hand of browns, and every addition with its own volume of them. Against rats: take out bread, meat and cooked '
      + 'food, turn it, put fine mesh below and follow your local rules.',
      { turn: false, judged: false },
    ),
  caution: 'Where rats have been, wear gloves and wash: their urine can carry disease.',
}
