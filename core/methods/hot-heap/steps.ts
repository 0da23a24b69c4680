import { preparationHint, preparedVolumeShare } from '../../materials/preparation'
import type { Ingredient } from '../../mix/portion'
import { containerText } from '../../units/container'
import type { UnitSystem } from '../../units/system'
import type { Stratum, StratumRole } from '../../vessel/strata'
import { fillHeightM } from '../../vessel/vessel'
import type { BuildStep, Spread } from '../contract'
import type { HeapProposal } from '../heated/proposal'
import { gatheredCautions } from '../../materials/gathered'
import { warningsFor } from './cautions'
import { strataOf } from './layers'
import { HOT } from './constants'

const DUST = 'Dust and spores: damp dry stuff down, work upwind, wear a mask. With weak lungs or immunity, ask a doctor first.'
const HYGIENE = 'Gloves on, cuts covered, tetanus up to date, hands washed after.'
const FORK = 'Bend your knees, half-full forks: lifting hurts more backs than anything else here.'
const MANURE = 'Raw manure: keep it 90 to 120 days away from harvest; local rules may ask for more.'

/** What must be sorted out, once per family that is in the mix. */
const SORTING: Readonly<Record<string, string>> = {
  paper: 'Tape, labels, gloss and wax off.', kitchen: 'No meat, fat or cooked food; it draws rats.',
  manure: 'No cat, dog or human waste: that is for licensed systems.', wood: 'Untreated wood only: no paint, no pressure treatment.',
}

/** What is done to ingredients beforehand, and how much is then left of them, each in a sentence. */
function preparations(ingredients: readonly Ingredient[]): string[] {
  return ingredients.flatMap(({ material: { short }, prepared, amount }) => {
    if (!prepared) return []
    const share = preparedVolumeShare(prepared)
    const after = share < 1 ? ` Counted as gathered; ${prepared} it is about ${containerText(amount.count * share, amount.container)}.` : ''
    return [`The ${short} ${short.endsWith('s') ? 'are' : 'is'} ${prepared}: ${preparationHint(prepared)}.${after}`]
  })
}

function preparing({ ingredients, approachId }: HeapProposal, expectedC: number | undefined, units: UnitSystem): BuildStep {
  const families = new Set(ingredients.map(({ material }) => material.family))
  const sorted = Object.entries(SORTING).flatMap(([family, text]) => (families.has(family as never) ? [text] : []))
  const dusty = ingredients.some(({ material }) => material.moistureFraction.typical < 0.3 || material.family === 'manure')
  const own = gatheredCautions(ingredients)
  return {
    when: 'before', title: 'Sort and prepare',
    detail: [
      'Shred or chop what is bigger than a hand. Lay everything out beside the place, browns on one side, greens on the other.',
      ...preparations(ingredients),
    ].join(' '),
    cautions: [
      ...warningsFor(ingredients, approachId, expectedC, units).map(({ text }) => text),
      ...sorted,
      ...own,
      HYGIENE,
      ...(dusty ? [DUST] : []),
      ...(families.has('manure') ? [MANURE] : []),
    ],
  }
}

const LABELS: Readonly<Record<StratumRole, string>> = { base: 'Base', brown: 'Brown', green: 'Green', other: 'Over it', cap: 'Cap' }

/** What of a layer is laid down at once: films together, the rest each for itself. @param fillM height of the whole heap. */
function spreadsOf(strata: readonly Stratum[], fillM: number): Spread[] {
  return (['base', 'brown', 'green', 'other', 'cap'] as const).flatMap((role): Spread[] => {
    const own = strata.filter(one => one.role === role)
    const film = own.filter(({ heightShare }) => heightShare * fillM < HOT.filmM)
    const thick = own.filter(one => film.length < 2 || !film.includes(one)).map(one => ({ label: LABELS[role], strata: [one] }))
    return film.length < 2 ? thick : [...thick, { label: `${LABELS[role]}, mixed`, strata: film }]
  })
}

const waterOf = (strata: readonly Stratum[]) => strata.reduce((sum, { waterL }) => sum + waterL, 0)

/** One step a layer of browns and greens: as many ticks as there are layers, not as there are buckets. */
function layering(strata: readonly Stratum[], fillM: number): BuildStep[] {
  const courses = Math.max(0, ...strata.map(({ course }) => course ?? 0))
  const step = (title: string, detail: string, own: readonly Stratum[]): BuildStep[] =>
    own.length === 0 ? [] : [{ when: 'building', title, detail, spreads: spreadsOf(own, fillM), waterL: waterOf(own), cautions: [] }]
  const how = 'Browns evenly out to the sides; greens thinly, shaken out, a hand\'s breadth from the edge.'
    + (waterOf(strata) > 0 ? ' Water each layer before the next.' : ' It is moist enough as it comes: no water.')
  return [
    ...step(
      'Base', 'Loosely, crosswise: it drains and lets air in from below.', strata.filter(({ role }) => role === 'base'),
    ),
    ...Array.from({ length: courses }, (_, index) =>
      step(
        `Layer ${index + 1} of ${courses}`, index === 0 ? how : '', strata.filter(({ course }) => course === index + 1),
      ),
    ).flat(),
    ...step(
      'Cap', 'Cover all of the green with it: it keeps flies out and warmth in.', strata.filter(({ role }) => role === 'cap'),
    ),
  ]
}

/** The order of work, with cautions beside the step they belong to. */
export function buildSteps(proposal: HeapProposal, expectedC?: number, units: UnitSystem = 'metric'): BuildStep[] {
  const layers = layering(strataOf(proposal), fillHeightM(proposal.vessel, proposal.volumeL))
  return [
    preparing(proposal, expectedC, units),
    ...layers.map((step, index) => (index === 0 ? { ...step, cautions: [FORK] } : step)),
    {
      when: 'building', title: 'Cover and mark',
      detail: 'A lid, old carpet of wool or a sheet against rain, open at the sides. Put the thermometer in, a forearm deep.',
      cautions: [
        'Large dry heaps can heat until they smoulder: if it ever smells scorched, spread it, wet it, and call the fire service if it '
        + 'burns.',
      ],
    },
  ]
}

export const TURNING_CAUTIONS: readonly string[] = [HYGIENE, 'Steam carries spores: stand upwind, wear a mask.', FORK]
export const FINISHING_CAUTIONS: readonly string[] = [
  DUST, 'Heat at home lowers weed seeds and germs but certifies nothing.',
  'Heap with manure in it: mind the interval to harvest, and try beans in it first for weedkiller residues.',
]
