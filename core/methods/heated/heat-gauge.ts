import { daysBetween } from '../../units/time'
import type { Quantity } from '../contract'
import { expectedAt } from './expected'
import type { Expecting } from './expecting'
import { heapLogOf } from './heap-log'
import { CORE, EDGE, HEAT } from './words'

/** The heat of a batch, read in its core and at its edge, with what is expected there today. */
export function heatGauge(
  { expectCourse }: Pick<Expecting, 'expectCourse'>, spots: { readonly core: string, readonly edge: string },
): Quantity {
  return {
    id: HEAT,
    label: 'Heat',
    icon: 'i-ph-thermometer',
    unit: 'temperature',
    limits: [-20, 95],
    button: 'Record the heat',
    byThermometer: true,
    spots: [{ id: CORE, label: spots.core, said: 'core {}' }, { id: EDGE, label: spots.edge, said: 'edge {}' }],
    expected: (batch, surroundings) => {
      const day = Math.max(0, daysBetween(batch.began.at, surroundings.now))
      const expected = expectedAt(expectCourse(heapLogOf(batch), surroundings, Math.ceil(day) + 1), day)
      return expected ? { [CORE]: expected.coreC.typical, [EDGE]: expected.edgeC.typical } : {}
    },
  }
}
