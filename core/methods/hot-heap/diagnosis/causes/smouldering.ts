import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { remedyOf } from '../remedy'

export const smouldering: HeapCause = {
  id: 'smouldering', title: 'It may be smouldering',
  symptoms: { smoke: 1 },
  weigh: ({ now, temperature }) => [
    ...given(now.coreC > 70, 0.8, `${temperature(now.coreC)} in the core.`),
    ...given(true, 0.2, 'Smoke and a scorched smell are not steam: take it seriously.'),
  ],
  remedy: facts =>
    remedyOf(
      facts,
      'Spread it out flat and wet it through, with the hose at hand. If it burns or you are not sure, call the fire service. Look again '
      + 'after an hour and after a night.',
      { turn: false, judged: false },
    ),
  caution: 'Do not lean into the smoke. Keep children and animals away.',
}
