import { containerText } from '../../units/container'
import { quantityText, roughly } from '../../units/format'
import type { BuildStep, Proposal, Surroundings } from '../contract'
import { LOADING_CAUTIONS, WIRE_CAUTION } from './cautions'
import { laidOut } from './sites'
import { placeText } from '../../picture/ground'
import { TOWER } from './constants'
import type { Tried } from './trying'

export function steps(tried: Tried, proposal: Proposal, surroundings: Surroundings): BuildStep[] {
  const { units, garden: { waterCan } } = surroundings
  const site = laidOut(proposal.site)
  const channels = site.kind === 'channelled' ? site.channels : []
  const layers = Math.max(3, Math.round(tried.heightM / 0.25))
  const each = (litres: number) => quantityText('volume', units, roughly(litres / layers))
  const named = tried.ingredients
    .map(({ amount: { count, container }, material }) => `${containerText(count, container)} of ${material.short}`)
    .join(', ')
  return [
    {
      when: 'before', title: 'Set the cage up',
      detail:
        'In shade, out of the wind, near water, on a pallet with mesh or on a hand of twigs: air comes from below too. Line it with '
        + 'cloth that lets air and water through.',
      cautions: [WIRE_CAUTION, 'No pallets that are stamped with a methyl bromide treatment, painted or unmarked.'],
    },
    ...(channels.length > 0
      ? [
          {
            when: 'before' as const, title: `Set ${channels.length === 1 ? 'the pipe' : `the ${channels.length} pipes`}`,
            detail: 'From the middle, '
              + `${channels.map(({ xM, yM }, index) => `${index + 1}: ${placeText(xM, yM, units)}`).join('; ')}. Hold `
              + 'them upright with a lath across the top.',
            cautions: [],
          },
        ]
      : []),
    {
      when: 'before', title: `Soak: ${named}`,
      detail: `Leaves overnight in a tub, chips under the hose. In all ${containerText(tried.waterL / waterCan.volumeL, waterCan)} `
        + `(${quantityText('volume', units, roughly(tried.waterL))}).`,
      cautions: [LOADING_CAUTIONS[1]!],
    },
    {
      when: 'building', title: `Load it at once, in ${layers} layers`,
      detail: `Mixed, each layer about ${each(tried.volumeL)} with ${each(tried.waterL)} of water: it drips when you squeeze it. Do not `
        + 'tread it down.',
      cautions: [LOADING_CAUTIONS[0]!],
    },
    {
      when: 'building', title: 'Cover it and note the height',
      detail: 'Cloth or sacking on top, weighted. After a day or two the pipes come out; worms wait until it is below '
        + `${quantityText('temperature', units, TOWER.wormsBelowC)} for three days.`,
      cautions: [],
    },
  ]
}
