import { quantityText } from '../../../../units/format'
import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { remedyOf } from '../remedy'
import { HOT } from '../../constants'

export const small: HeapCause = {
  id: 'small', title: 'It is too small to hold its heat',
  symptoms: { 'no-heat': 0.5, 'died': 0.35 },
  weigh: ({ acrossM, surroundings: { units } }) => {
    const size = quantityText('length', units, acrossM)
    return [
      ...given(acrossM < 0.65, 1, `${size} at its smallest: it loses heat faster than it makes it.`),
      ...given(acrossM >= 0.65 && acrossM < HOT.smallestM - 0.02, 0.45, `${size} at its smallest: it warms, but not for long.`),
      ...given(acrossM >= HOT.smallestM - 0.02, -0.8, `${size} at its smallest holds its heat.`),
    ]
  },
  remedy: facts =>
    remedyOf(
      facts,
      `Make it bigger, to ${quantityText('length', facts.surroundings.units, HOT.smallestM)} each way with fresh stuff, or join it to the `
      + 'next heap. Sacks of leaves or straw bales around the sides hold warmth too. Or let it rot slowly: that works as well, weed '
      + 'seeds live.',
      { turn: false },
    ),
}
