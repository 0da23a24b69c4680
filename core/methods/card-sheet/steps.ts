import { containersFor, containerText } from '../../units/container'
import { quantityText, roughly } from '../../units/format'
import { counted } from '../../units/plural'
import type { BuildStep, Surroundings } from '../contract'
import { CLEAN, DUST, PIPES, SOIL, TILES } from './care'
import type { SheetPlan } from './plan'

function soakStep({ pieces, layout, water }: SheetPlan, { units }: Surroundings): BuildStep {
  const news = pieces.some(({ sort }, at) => sort === 'news' && (layout?.used[at] ?? 0) > 0)
  return {
    when: 'before', title: news ? 'Soak card half an hour, newsprint an hour' : 'Soak the card half an hour',
    detail: `In a tub or under the hose, until it hangs limp: it drinks ${quantityText('volume', units, water.cardL)}. Dry card sheds `
      + 'rain and starves what is below.',
    waterL: water.cardL, cautions: [CLEAN, TILES],
  }
}

function layStep({ layout, layers, overlapM, wholes, way }: SheetPlan, { units }: Surroundings): BuildStep {
  return {
    when: 'building',
    title: `Lay ${counted(layout?.laid.length ?? 0, 'piece', 'pieces')}${layers > 1 ? ', two deep' : ''}, from the far end`,
    detail: (wholes.some(({ parts }) => parts > 1) ? 'Cut lengthwise, as wide as the trench. ' : '')
      + `Each ${quantityText('length', units, overlapM)} over the next${way.id === 'trench' ? '' : ', over the edge by half of that'}. `
      + 'The drawing says where.',
    cautions: [],
  }
}

/** Torn card in its box: mixed, damp, dim. */
function tornSteps(plan: SheetPlan, surroundings: Surroundings): BuildStep[] {
  const litres = (value: number) => quantityText('volume', surroundings.units, value)
  return [
    {
      when: 'before', title: 'Tear it hand-sized',
      detail: `${litres(plan.torn.cardL)} of torn card, tape and labels off. Along the grain it tears by itself.`, cautions: [CLEAN],
    },
    soakStep(plan, surroundings),
    {
      when: 'building', title: `Mix in ${litres(plan.torn.compostL)} of compost`,
      detail: 'Or layer it, card and compost in turn; press it down.', cautions: [SOIL],
    },
    {
      when: 'after', title: 'Keep it damp and dim',
      detail: 'Under a lid or a board, never dripping. Lift a corner after two weeks: white threads and a smell of the wood.',
      cautions: ['Mould of other colours, black or pink: outdoors with it, do not breathe it.'],
    },
  ]
}

/** Strips in a trench, with the soil back on them. */
function trenchSteps(plan: SheetPlan, surroundings: Surroundings): BuildStep[] {
  return [
    {
      when: 'before', title: 'Open the trench', detail: 'A spade deep and as wide as it is drawn, the soil beside it.',
      cautions: [PIPES, SOIL],
    },
    soakStep(plan, surroundings), layStep(plan, surroundings),
    {
      when: 'building', title: 'The soil back on it', detail: 'A hand deep over the card. Sow and plant beside it; roots find the damp.',
      cautions: [],
    },
  ]
}

/** A sheet over what grows there, with its cover. */
function groundSteps(plan: SheetPlan, surroundings: Surroundings): BuildStep[] {
  const { units, garden: { waterCan } } = surroundings
  const { groundL, coverL } = plan.water
  const wet = `Wet the ground: ${containerText(containersFor(groundL, waterCan), waterCan)} (${quantityText('volume', units, groundL)})`
  return [
    {
      when: 'before', title: 'Mow it low, leave it lying',
      detail: 'What is cut stays: it feeds the worms. Woody stems off at the ground, creeping roots forked out at the edge.',
      cautions: [PIPES],
    },
    {
      when: 'before', title: groundL > 0 ? wet : 'The ground is wet enough',
      detail: 'Under card nothing gets wet again by itself for a while.', ...(groundL > 0 ? { waterL: groundL } : {}), cautions: [],
    },
    soakStep(plan, surroundings), layStep(plan, surroundings),
    {
      when: 'building', title: `Cover it at once: ${quantityText('volume', units, roughly(plan.coverL))} of ${plan.cover.material.short}`,
      detail: `${quantityText('length', units, plan.coverM)} deep, before the card dries and before the wind has it.`,
      ...(coverL > 1 ? { waterL: coverL } : {}), cautions: [DUST, SOIL],
    },
    {
      when: 'building', title: 'Cut an edge', detail: 'A spade deep all round, or card folded up: turf creeps in from the side.',
      cautions: [],
    },
  ]
}

export function stepsOf(plan: SheetPlan, surroundings: Surroundings): BuildStep[] {
  if (plan.way.laid && !plan.layout)
    return [{ when: 'building', title: 'Choose the ground', detail: 'Card is laid flat on it, not into a pot.', cautions: [PIPES] }]
  if (!plan.way.laid) return tornSteps(plan, surroundings)
  return plan.way.id === 'trench' ? trenchSteps(plan, surroundings) : groundSteps(plan, surroundings)
}
