import { preparationHint, preparedVolumeShare } from '../../materials/preparation'
import type { Ingredient } from '../../mix/portion'
import { containerText } from '../../units/container'
import { quantityText } from '../../units/format'
import type { Stratum } from '../../vessel/strata'
import type { BuildStep, Surroundings } from '../contract'
import type { HeapProposal } from '../heated/proposal'
import { warningsFor } from './cautions'
import { strataOf } from './layers'

const DUST = 'Dust and spores: damp dry stuff down, work upwind, wear a mask. With weak lungs or immunity, ask a doctor first.'
const HYGIENE = 'Gloves on, cuts covered, tetanus up to date, hands washed after.'
const FORK = 'Bend your knees, half-full forks: lifting hurts more backs than anything else here.'
const MANURE = 'Raw manure: keep it 90 to 120 days away from harvest; local rules may ask for more.'

/** What must be sorted out, once per family that is in the mix. */
const SORTING: Readonly<Record<string, string>> = {
  paper: 'Tape, labels, gloss and wax off.',
  kitchen: 'No meat, fat or cooked food; it draws rats.',
  manure: 'No cat, dog or human waste: that is for licensed systems.',
  wood: 'Untreated wood only: no paint, no pressure treatment.',
}

/** What is done to ingredients beforehand, each in a sentence. */
function preparations(ingredients: readonly Ingredient[]): string[] {
  return ingredients.flatMap(({ material, prepared }) => prepared ? [`The ${material.short} ${material.short.endsWith('s') ? 'are' : 'is'} ${prepared}: ${preparationHint(prepared)}.`] : [])
}

function preparing({ ingredients, approachId }: HeapProposal): BuildStep {
  const families = new Set(ingredients.map(({ material }) => material.family))
  const sorted = Object.entries(SORTING).flatMap(([family, text]) => families.has(family as never) ? [text] : [])
  const dusty = ingredients.some(({ material }) => material.moistureFraction.typical < 0.3 || material.family === 'manure')
  const own = ingredients.flatMap(({ material: { short, cautions } }) => cautions.length > 0 ? [`${short.charAt(0).toUpperCase()}${short.slice(1)}: ${cautions.join('; ')}.`] : [])
  return {
    title: 'Sort and prepare',
    detail: ['Shred or chop what is bigger than a hand. Lay everything out beside the place, browns on one side, greens on the other.', ...preparations(ingredients)].join(' '),
    cautions: [...warningsFor(ingredients, approachId).map(({ text }) => text), ...sorted, ...own, HYGIENE, ...(dusty ? [DUST] : []), ...(families.has('manure') ? [MANURE] : [])],
  }
}

const DETAIL: Readonly<Record<Stratum['role'], string>> = {
  base: 'Loosely, crosswise: it drains and lets air in from below.',
  brown: 'Spread evenly out to the sides.',
  green: 'Thinly, shaken out, no lumps; keep a hand\'s breadth from the edge.',
  other: 'Scatter it over.',
  cap: 'Cover all of the green with it: it keeps flies out and warmth in.',
}

function layering(stratum: Stratum, { waterCan, units }: Surroundings): BuildStep {
  const { amount, short, role, waterL, prepared } = stratum
  const less = preparedVolumeShare(prepared)
  const after = less < 1 ? ` Counted as gathered; ${prepared} it is about ${containerText(amount.count * less, amount.container)}.` : ''
  const water = waterL >= 0.5 ? ` Then ${containerText(waterL / waterCan.volumeL, waterCan)} of water (${quantityText('volume', units, waterL)}).` : ''
  const filled = amount.packing === 'loose' ? '' : `, ${amount.packing}`
  return { title: `${containerText(amount.count, amount.container)} of ${short}${filled}`, detail: `${DETAIL[role]}${after}${water}`, stratum, cautions: [] }
}

/** The order of work, with cautions beside the step they belong to. */
export function buildSteps(proposal: HeapProposal, surroundings: Surroundings): BuildStep[] {
  const layers = strataOf(proposal).map(stratum => layering(stratum, surroundings))
  return [
    preparing(proposal),
    ...layers.map((step, index) => index === 0 ? { ...step, cautions: [FORK] } : step),
    { title: 'Cover and mark', detail: 'A lid, old carpet of wool or a sheet against rain, open at the sides. Put the thermometer in, a forearm deep.', cautions: ['Large dry heaps can heat until they smoulder: if it ever smells scorched, spread it, wet it, and call the fire service if it burns.'] },
  ]
}

export const TURNING_CAUTIONS: readonly string[] = [HYGIENE, 'Steam carries spores: stand upwind, wear a mask.', FORK]
export const FINISHING_CAUTIONS: readonly string[] = [DUST, 'Heat at home lowers weed seeds and germs but certifies nothing.', 'Heap with manure in it: mind the interval to harvest, and try beans in it first for weedkiller residues.']
