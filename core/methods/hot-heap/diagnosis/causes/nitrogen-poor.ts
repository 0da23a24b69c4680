import type { Material } from '../../../../materials/material'
import { given } from '../../../../diagnosis/judge'
import type { HeapCause } from '../cause'
import { enoughOf, enoughText, remedyOf, waterForL, waterText } from '../remedy'
import { HOT } from '../../constants'

/** What feeds a fire: nitrogen in stuff that rots at once. Finished compost and char do not. */
const NO_FUEL = ['finished', 'mineral', 'char', 'feed', 'wood']
const isFreshGreen = ({ carbonToNitrogen, family }: Material) => carbonToNitrogen.typical < 26 && !NO_FUEL.includes(family)
const round = (ratio: number) => `${Math.round(ratio)} : 1`

export const nitrogenPoor: HeapCause = {
  id: 'nitrogen-poor', title: 'It is poor in nitrogen',
  symptoms: { 'no-heat': 0.6, 'died': 0.2 },
  weigh: ({ heap, has, now, temperature }) => [
    ...given(heap.carbonToNitrogen > 45, 1.1, `About ${round(heap.carbonToNitrogen)} carbon to nitrogen; heat needs about 30.`),
    ...given(heap.carbonToNitrogen > 34 && heap.carbonToNitrogen <= 45, 0.6, `About ${round(heap.carbonToNitrogen)}: on the brown side.`),
    ...given(heap.carbonToNitrogen <= 32, -1.2, `About ${round(heap.carbonToNitrogen)}: nitrogen is not short.`),
    ...given(now.ambientC < HOT.frostC && heap.carbonToNitrogen <= HOT.brownInFrost, -1.2,
      `${temperature(now.ambientC)} outside: that holds it back, whatever its nitrogen.`),
    ...given(has('ammonia'), -1.5, 'A smell of ammonia is nitrogen to spare.'),
  ],
  remedy: (facts) => {
    const enough = enoughOf(facts, isFreshGreen, after => after.carbonToNitrogen <= HOT.poorCuredTo)
    const { parts } = enough
    if (parts.length === 0 || enough.turnings > HOT.turningsMost)
      return remedyOf(
        facts,
        'Fresh greens would wake it, more than can be worked in or are to be had now: let it rot cold as a slow heap and feed it your '
        + 'scraps, or build it anew, layer by layer, when there is fresh grass or manure.',
        { turn: false },
      )
    const waterL = facts.heap.moisture < 0.5 ? Math.round(waterForL(facts, 0.56)) : 0
    return remedyOf(facts, `Turn it and work in ${enoughText(enough)}${waterL >= 5 ? `, with ${waterText(facts, waterL)}` : ''}.`, {
      parts, waterL: waterL >= 5 ? waterL : 0,
    })
  },
}
