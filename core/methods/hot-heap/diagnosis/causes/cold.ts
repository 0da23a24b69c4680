import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { remedyOf } from '../remedy'

export const cold: HeapCause = {
  id: 'cold', title: 'It is cold out, or simply early',
  symptoms: { 'no-heat': 0.45 },
  weigh: ({ now, temperature }) => [
    ...given(now.ambientC < 8, 0.7, `${temperature(now.ambientC)} outside: it starts days later.`),
    ...given(now.ambientC > 13, -0.5, `${temperature(now.ambientC)} outside does not hold it back.`),
    ...given(now.day < 3, 0.7, `Day ${Math.floor(now.day)}: a sound heap may take up to four.`),
    ...given(now.day > 8 && now.ambientC >= 8, -0.5, `Day ${Math.floor(now.day)}: the weather alone does not explain it any more.`),
  ],
  remedy: facts =>
    remedyOf(
      facts,
      'Give it two or three more days, under a cover of straw, leaves in sacks or old wool carpet. A bucket of hot water in the middle '
      + 'helps it over the start.',
      { turn: false },
    ),
}
