import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { enoughOf, enoughText, remedyOf } from '../remedy'
import { HOT } from '../../constants'

export const wetAirless: HeapCause = {
  id: 'wet-airless', title: 'It is wet and lacks air',
  symptoms: { 'no-heat': 0.35, 'died': 0.3, 'sour': 1, 'eggs': 1, 'dripping': 1, 'mats': 0.4 },
  weigh: ({ heap, lastSqueeze }) => [
    ...given(lastSqueeze === 'dripping', 1.2, 'The last squeeze ran out.'),
    ...given(lastSqueeze === 'wet', 0.6, 'The last squeeze trickled.'),
    ...given(lastSqueeze === 'right', -0.5, 'The last squeeze was right.'),
    ...given(lastSqueeze === 'dry' || lastSqueeze === 'dust', -1.2, 'The last squeeze was dry.'),
    ...given(heap.moisture > 0.68, 0.7, `By what went in it holds ${Math.round(heap.moisture * 100)} % water.`),
    ...given(heap.oxygenPct < 5, 0.8, `By what is in it the middle gets ${Math.round(heap.oxygenPct)} % oxygen; it wants 10 or more.`),
    ...given(heap.oxygenPct > 12, -0.3, `By what is in it the middle gets ${Math.round(heap.oxygenPct)} % oxygen: enough.`),
  ],
  remedy: (facts) => {
    const enough = enoughOf(
      facts, material => material.carbonToNitrogen.typical > 40 && material.moistureFraction.typical < 0.35 && material.structure >= 1,
      after => after.moisture <= Math.max(HOT.airyAgain, facts.heap.moisture - 0.06),
    )
    const { parts } = enough
    const what = parts.length > 0 ? `work in ${enoughText(enough)}` : 'work in whatever is coarse and dry: straw, torn card, twigs'
    return remedyOf(facts, `Turn it, ${what}, and keep the rain off.`, { parts, judged: facts.has('no-heat') || facts.has('died') })
  },
  caution: 'Sour fumes are strong when it is opened: stay upwind, keep your face away.',
}
