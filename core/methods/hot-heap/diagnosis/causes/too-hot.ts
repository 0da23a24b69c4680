import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { enoughOf, enoughText, remedyOf, waterText } from '../remedy'
import { HEATED } from '../../../heated/constants'

export const overheated: HeapCause = {
  id: 'overheated', title: 'It makes more heat than it can get rid of',
  symptoms: { 'too-hot': 1, 'ashy': 0.4, 'smoke': 0.5 },
  weigh: ({ now, temperature }) => [
    ...given(now.coreC >= HEATED.tooHotC, 0.8, `${temperature(now.coreC)}: above ${temperature(HEATED.tooHotC)} it kills its own workers.`),
    ...given(now.coreC < 60 && now.readAt !== undefined, -0.8, `About ${temperature(now.coreC)} by what was read: that is not too hot.`),
  ],
  remedy: (facts) => {
    const waterL = Math.round(0.06 * facts.heap.volumeL)
    const enough = enoughOf(
      facts, material => material.carbonToNitrogen.typical > 40 && material.structure >= 1,
      after => after.carbonToNitrogen >= facts.heap.carbonToNitrogen + 3,
    )
    const { parts } = enough
    return remedyOf(
      facts,
      `Open it and turn it today, with ${waterText(facts, waterL)}${parts.length > 0 ? ` and ${enoughText(enough)}` : ''}; leave it lower `
      + 'and wider.',
      { parts, waterL },
    )
  },
}
