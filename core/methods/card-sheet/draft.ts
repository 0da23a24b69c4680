import { addDays } from 'date-fns'
import type { Question } from '../../questions/question'
import { GROWN_OVER, spentDay } from '../../sheets/smothering'
import { containersFor, containerText } from '../../units/container'
import { dateText } from '../../units/dates'
import { numberText, quantityText, roughly } from '../../units/format'
import { counted } from '../../units/plural'
import { range } from '../../units/range'
import { asVessel } from '../../vessel/site'
import {
  type Draft, type Fact, type Measuring, ownOf, type Proposal, type Surroundings, type Verdict, type Warning, weatherFrom,
} from '../contract'
import { byMonth } from './by-month'
import { LIME } from './care'
import { COVERS } from './covers'
import { missingCount, missingText, ownCount, recipeOf, wantsOf } from './measure'
import { sheetPicture, sheetPlanDrawing } from './picture'
import { sheetPlan, type SheetPlan } from './plan'
import { sheetWayOf } from './ways'
import { COVER, COVER_M, GROUND, GROWN, NEWS_LAYERS, OVERLAP_M, PIECES, SHARES } from './words'
import { SHEET } from './constants'
import type { UnitSystem } from '../../units/system'
import { stepsOf } from './steps'

/** What is asked beside way and ground. */
export function asksOf(approachId: string): readonly Question[] {
  const { laid, id } = sheetWayOf(approachId)
  if (!laid)
    return [{
      id: SHARES, kind: 'choice', label: 'Card and compost', usual: 'half',
      choices: [
        { id: 'half', label: 'one part to two', hint: 'feeds and holds together' },
        { id: 'double', label: 'two parts to one', hint: 'for the fungi' },
      ],
    }]
  const flat: Question[] = [
    { id: PIECES, kind: 'pieces', label: 'What you have, opened flat' },
    { id: OVERLAP_M, kind: 'length', label: 'Overlap', usual: SHEET.usualOverlapM, most: 0.3 },
    { id: NEWS_LAYERS, kind: 'count', label: 'Newsprint, so many sheets thick', usual: SHEET.usualNewsLayers, most: 16 },
    {
      id: GROUND, kind: 'choice', label: 'The ground is', usual: 'moist',
      choices: [
        { id: 'dry', label: 'dry' }, { id: 'moist', label: 'moist' }, { id: 'wet', label: 'wet' },
      ],
    },
  ]
  if (id !== 'whole') return flat
  return [
    ...flat.slice(0, 1),
    {
      id: GROWN, kind: 'choice', label: 'What grows there', usual: 'turf',
      choices: GROWN_OVER.map(({ id: grown, label, hint }) => ({ id: grown, label, hint })),
    },
    {
      id: COVER, kind: 'choice', label: 'Covered with', usual: 'compost',
      choices: COVERS.map(({ id: cover, label }) => ({ id: cover, label })),
    },
    { id: COVER_M, kind: 'length', label: 'So deep, if not as usual', usual: 0, most: 0.4 },
    ...flat.slice(1),
  ]
}

/** From when it is through, laid today, by the usual weather. */
function throughBetween(
  { way }: SheetPlan, answers: Proposal['answers'], surroundings: Surroundings,
): { readonly from: Date, readonly to: Date } {
  const { airC } = weatherFrom(surroundings.now, SHEET.horizonDays, surroundings)
  const wants = way.wants(answers)
  const on = (wanted: number) => {
    if (way.laid) return spentDay(airC, wanted) ?? SHEET.horizonDays
    let sum = 0
    const day = airC.findIndex(celsius => (sum += way.counts(celsius)) >= wanted)
    return day < 0 ? SHEET.horizonDays : day + 1
  }
  return { from: addDays(surroundings.now, Math.round(on(wants.low))), to: addDays(surroundings.now, Math.round(on(wants.high))) }
}

const NO_GROUND = 'Card is laid on the ground: choose a piece of it, not a pot.'

function verdictOf(plan: SheetPlan, { from, to }: { readonly from: Date, readonly to: Date }, units: Surroundings['units']): Verdict {
  const when = `${dateText(from)} and ${dateText(to)}`
  const { layout, way } = plan
  if (!layout)
    return way.laid
      ? { grade: 'poor', text: NO_GROUND }
      : {
          grade: 'good',
          text: `${quantityText('volume', units, plan.torn.cardL)} of torn card with `
            + `${quantityText('volume', units, plan.torn.compostL)} of compost: white threads between ${when}.`,
        }
  const { missing } = layout
  const own = layout.places - missing
  const pieces = ownCount(plan)
  if (missing > 0)
    return {
      grade: 'workable',
      text:
        own === 0
          ? `It takes ${missingText(plan, units)}${plan.missingLike.sort === 'news' ? '' : ', opened flat'}.`
          : `Your pieces cover ${own} of ${layout.places} places: ${missingText(plan, units)} are missing.`,
    }
  return {
    grade: 'good',
    text: `Your pieces are enough: ${counted(pieces, 'piece', 'pieces')}${plan.layers > 1 ? ', doubled' : ''}, and `
      + `${way.id === 'trench' ? 'settled' : 'to be planted'} between ${when}.`,
  }
}

/** So many would do if nothing were cut, where all are of one size. */
function leastText({ layout, layers, pieces, missingLike, overlapM, wholes }: SheetPlan): string {
  if (wholes.some(({ parts }) => parts > 1)) return ''
  const sizes = [...pieces.filter((_, at) => (layout?.used[at] ?? 0) > 0), ...(layout && layout.missing > 0 ? [missingLike] : [])]
  const [first] = sizes
  if (
    !layout
    || !first
    || first.sort === 'roll'
    || sizes.some(({ widthM, lengthM }) => widthM !== first.widthM || lengthM !== first.lengthM)
  )
    return ''
  return '; with no waste at all '
    + `${numberText(layers * Math.ceil(layout.groundM2 / ((first.widthM - overlapM) * (first.lengthM - overlapM)) - 1e-9))} would do`
}

/** How many pieces it takes, and how much of what is laid covers anything. */
function layoutFacts(plan: SheetPlan, units: UnitSystem): Fact[] {
  const { layout } = plan
  if (!layout) return []
  const area = (value: number) => quantityText('area', units, value, 1)
  const missing = layout.missing > 0 ? `, ${numberText(missingCount(plan))} missing` : ''
  const cut = plan.wholes.find(({ parts }) => parts > 1)
  const lapped = layout.groundM2 > 0 ? layout.wasteM2 / layout.groundM2 : 0
  return [
    {
      label: 'Pieces', value: `${numberText(ownCount(plan))} of yours${missing}`,
      why: `for ${area(plan.areaM2)}${plan.layers > 1 ? ', two deep' : ''}; `
        + (layout.laid.length === 0 ? 'too many to draw, so they are counted; ' : '')
        + (cut ? `each cut lengthwise into ${cut.parts}; ends share ` : 'neighbours share ')
        + quantityText('length', units, plan.overlapM)
        + (plan.way.id === 'trench' ? '' : `, the edge is passed by half of that${leastText(plan)}`),
    },
    {
      label: 'Of all that is laid', value: `${area(layout.laidM2)}`,
      why: `${area(layout.overlapM2)} lie double, as they should; ${area(layout.wasteM2)} (${numberText(100 * lapped)} %) cover `
        + 'nothing: cut or folded under',
    },
  ]
}

function coverFact({ cover, coverL, coverM }: SheetPlan, measuring: Measuring): Fact[] {
  const { units } = measuring
  if (coverL <= 0) return []
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const barrow = ownOf('barrow', measuring)
  const settles = cover.kind.settles.typical
  return [{
    label: 'Cover', value: containerText(coverL / barrow.volumeL, barrow),
    why: `${litres(coverL)} of ${cover.material.short}, ${quantityText('length', units, coverM)} deep; it settles to about `
      + `${quantityText('length', units, coverM * settles)} (${litres(coverL * settles)})`,
  }]
}

function factsOf(plan: SheetPlan, { from, to }: { readonly from: Date, readonly to: Date }, surroundings: Surroundings): Fact[] {
  const { units, garden: { waterCan } } = surroundings
  const { water } = plan
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  return [
    ...layoutFacts(plan, units),
    {
      label: 'Water', value: containerText(containersFor(water.groundL + water.cardL + water.coverL, waterCan), waterCan),
      why: [
        ...(water.groundL > 0 ? [`${litres(water.groundL)} into the ground`] : []),
        `${litres(water.cardL)} into ${quantityText('mass', units, plan.cardKg)} of card and paper, from dry to dripping`,
        ...(water.coverL > 1 ? [`${litres(water.coverL)} over the cover`] : []),
      ].join(', '),
    },
    ...coverFact(plan, surroundings),
    {
      label: plan.way.through.label, value: `${dateText(from)} to ${dateText(to)}`,
      why: plan.way.laid
        ? 'begun today, with the usual weather; what you see under a corner makes it surer'
        : 'begun today, outdoors; indoors sooner',
    },
  ]
}

/** What a plan of a sheet comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const { units } = surroundings
  const plan = sheetPlan(proposal)
  const name = asVessel(proposal.site).name
  const between = throughBetween(plan, proposal.answers, surroundings)
  const waterL = plan.water.groundL + plan.water.cardL + plan.water.coverL
  const pieces = plan.layout?.places ?? 0
  const warnings: Warning[] = [
    ...(plan.way.laid && plan.overlapM < 0.1 ? [{ text: 'Less than a hand of overlap: light gets in, and grass finds the gap.' }] : []),
    ...(proposal.answers[GROWN] === 'creeping' && plan.way.id === 'whole'
      ? [{ text: 'Creeping roots come up at edges and joints for two seasons: pull what shows, lay new card where it tears.' }]
      : []),
    ...(plan.way.id === 'whole' && plan.cover.id === 'chips'
      ? [{ text: 'Chips stay on top: plant through them, never dig them in.' }]
      : []),
    ...(plan.way.id === 'whole' && plan.cover.id === 'straw'
      ? [{ text: 'Ask whether the straw was sprayed: weedkiller in it outlives the summer.' }]
      : []),
    ...(plan.way.laid && plan.newsLayers < 6 && plan.pieces.some(({ sort }) => sort === 'news')
      ? [{ text: 'Six to ten sheets of newsprint: fewer are through before the weeds are.' }]
      : []),
    ...(plan.way.laid ? [{ text: LIME }] : [{ text: 'In pots at most a tenth of such a mix: rotting card takes nitrogen.' }]),
  ]
  const drawing = sheetPlanDrawing(name, plan, proposal.site)
  return {
    summary: plan.way.laid
      ? `${counted(pieces, 'piece', 'pieces')} on `
      + `${quantityText('area', units, plan.areaM2, 1)}`
      + (plan.coverL > 0
        ? `, ${quantityText('volume', units, roughly(plan.coverL))} of ${plan.cover.material.short} on them`
        : '') + '.'
      : `${quantityText('volume', units, plan.torn.cardL)} of torn card, ${quantityText('volume', units, plan.torn.compostL)} of compost.`,
    verdict: verdictOf(plan, between, units), facts: factsOf(plan, between, surroundings), warnings,
    picture: sheetPicture(name, plan, proposal.site, { coverM: plan.coverM, spent: 0 }), ...(drawing ? { fromAbove: drawing } : {}),
    ...(plan.way.id === 'whole' ? { pipeline: byMonth(proposal.answers, surroundings) } : {}),
    steps: stepsOf(plan, surroundings),
    ...(plan.way.laid && !plan.layout ? { refusal: NO_GROUND } : {}),
    work: [{ label: 'in all', minutes: range(20 + plan.areaM2 * 6, 30 + plan.areaM2 * 12, 45 + plan.areaM2 * 25) }],
    gives: plan.way.laid
      ? []
      : [
          {
            label: 'Threaded card', materialId: 'heap-half-rotted',
            litres: range(plan.torn.compostL * 0.9, plan.torn.compostL * 1.1, plan.torn.compostL * 1.3),
            ...between,
          },
        ],
    waterL, recipe: recipeOf(plan, surroundings), wants: { ingredients: wantsOf(plan, surroundings), by: addDays(surroundings.now, 14) },
  }
}
