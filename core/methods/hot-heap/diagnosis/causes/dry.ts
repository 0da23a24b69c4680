import { percentText } from '../../../../units/format'
import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { remedyOf, waterForL, waterText } from '../remedy'
import { HOT } from '../../constants'

export const dry: HeapCause = {
  id: 'dry', title: 'It is too dry',
  symptoms: { 'no-heat': 0.5, 'died': 0.4, 'ashy': 0.9, 'ants': 0.9, 'dust': 1 },
  weigh: ({ heap, lastSqueeze, has }) => [
    ...given(lastSqueeze === 'dust', 1.2, 'The last squeeze fell apart: too dry to work.'),
    ...given(lastSqueeze === 'dry', 0.7, 'The last squeeze gave no drop.'),
    ...given(lastSqueeze === 'right', -0.8, 'The last squeeze gave its drop or two.'),
    ...given(lastSqueeze === 'wet' || lastSqueeze === 'dripping', -1.2, 'The last squeeze ran.'),
    ...given(
      heap.moisture < 0.45, 0.8,
      `By what went in and what steamed off it holds ${percentText(heap.moisture)} water; it works from about 50 % on.`,
    ),
    ...given(heap.moisture >= 0.5 && !has('dust'), -0.6, `By what went in it still holds ${percentText(heap.moisture)} water.`),
  ],
  remedy: (facts) => {
    const felt = facts.lastSqueeze === 'dust' || facts.has('dust') ? 0.32 : facts.lastSqueeze === 'dry' ? 0.45 : facts.heap.moisture
    const heap = { ...facts.heap, waterKg: Math.min(facts.heap.waterKg, facts.heap.dryKg * felt / (1 - felt)) }
    const waterL = Math.max(5, Math.round(waterForL({ ...facts, heap }, HOT.wrungSponge)))
    return remedyOf(
      facts, `Turn it and pour on ${waterText(facts, waterL)} while you do, a little to each layer; squeeze again at the bottom.`,
      { waterL },
    )
  },
}
