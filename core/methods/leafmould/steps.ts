import { containerText } from '../../units/container'
import { quantityText } from '../../units/format'
import type { BuildStep, Surroundings } from '../contract'
import { PACE_NAMES, isShredded } from './leaves'
import { leafClassOf } from './rates'
import type { Tried } from './trying'

const DUST = 'Damp dry leaves down, work upwind; a mask if dust or moulds trouble you.'
const SORT = 'Roadside leaves carry litter, glass and road dirt: gloves, and look through them. Nothing with a sharp edge goes in.'

const FLYING = 'Stones and sticks out before the mower goes over: they fly. Eye protection, nobody near.'

/** What goes in, a step for each kind of leaf, and the water it wants. */
function fillSteps(tried: Tried, { units, garden: { waterCan } }: Surroundings): BuildStep[] {
  const bags = tried.proposal.approachId === 'bagged'
  const layers = tried.ingredients.map((one): BuildStep => ({
    when: 'building', title: `${containerText(one.amount.count, one.amount.container)} of `
      + `${one.material.short}${one.amount.packing === 'loose' ? '' : `, ${one.amount.packing}`}`,
    detail: `${isShredded(one) ? 'Shredded' : 'Whole'}; ${PACE_NAMES[leafClassOf(one.material)]}. `
      + (bags ? 'Into the bags, not too tight.' : 'In layers of a forearm; tread each down lightly and wet it before the next.'),
    cautions: [],
  }))
  const water: BuildStep = {
    when: 'building', title: `Water: ${containerText(tried.waterL / waterCan.volumeL, waterCan)}`,
    detail: `${quantityText('volume', units, tried.waterL)} in all, from the very start: what is dry now is dry in a year.`,
    cautions: ['A full can weighs as much as a bucket of sand: carry two half-full ones.'],
  }
  return tried.waterL < 1 ? layers : [...layers, water]
}

const SET_UP: BuildStep = {
  when: 'before', title: 'Set it up',
  detail: 'On soil, in shade, out of the wind, with card or fabric below where trees stand near: their roots grow up into it. Empty '
    + 'and sieve the old one before the new leaves go in.',
  cautions: [],
}

export function steps(tried: Tried, surroundings: Surroundings): BuildStep[] {
  const { approachId } = tried.proposal
  const [bags, shredded] = [approachId === 'bagged', approachId === 'shredded']
  return [
    {
      when: 'before', title: 'Sort and prepare',
      detail: shredded
        ? 'Spread them on the lawn and mow over them with the box on. Sticks and litter out first.'
        : 'Sticks, litter and evergreen leaves out.',
      cautions: [SORT, ...(shredded ? [FLYING] : []), DUST],
    },
    ...(bags ? [] : [SET_UP]),
    ...fillSteps(tried, surroundings),
    {
      when: 'building', title: bags ? 'Tie and label' : 'Cover and label',
      detail: bags
        ? 'A dozen holes with a fork, tied loosely, the year and the kind of leaf on a label; stacked in shade.'
        : 'A piece of card or net on top against wind. The year and the kind of leaf on a label: in two years nobody remembers. Note the '
          + 'height.',
      cautions: [],
    },
  ]
}
