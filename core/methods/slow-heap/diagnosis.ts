import { given, type PossibleCause } from '../../diagnosis/judge'
import type { BegunBatch } from '../../journal/garden'
import { containerText } from '../../units/container'
import { percentText, quantityText, ratioText } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Diagnosis, Remedy, RemedyPart, Surroundings, Symptom } from '../contract'
import { diagnosisBy, type Noticing } from '../course'
import { containersOf, coverAmount, coverLitres } from './cover'
import { coverAtHand, feedings, partsOf } from './feeding'
import { middleOf } from './forecast'
import { slowOn, type SlowOnDay } from './now'
import { LOOK, SMELL, SQUEEZE } from './words'
import { SLOW } from './constants'
import { looking } from './looking'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'sour', label: 'Sour or rotten smell', group: 'Its smell' },
  { id: 'ammonia', label: 'Sharp, ammonia', group: 'Its smell' },
  { id: 'flies', label: 'Flies', group: 'To the eye' },
  { id: 'open-food', label: 'Food lies open', group: 'To the eye' },
  { id: 'slimy', label: 'Slimy, mats', group: 'To the eye' },
  { id: 'rats', label: 'Gnawing, rats', group: 'To the eye' },
  { id: 'ants', label: 'Ants', group: 'To the eye' },
  { id: 'not-sinking', label: 'Nothing happens, it does not sink', group: 'To the eye' },
  { id: 'dust', label: 'Dry inside', group: 'In the hand' },
  { id: 'soggy', label: 'Water runs out', group: 'In the hand' },
  { id: 'worms', label: 'Full of worms', group: 'To the eye', good: 'They do half the work of a cool heap: let them.' },
  {
    id: 'cool', label: 'It does not get hot', group: 'In the hand',
    good: 'It should not: so little at a time cannot. For heat, collect and build at once.',
  },
]

interface Facts {
  readonly surroundings: Surroundings
  readonly batch: BegunBatch
  readonly symptoms: readonly string[]
  readonly slow: SlowOnDay
  /** Feeds of the last six weeks, those of them without a cover, and litres that were missing over them. */
  readonly fed: number
  readonly bare: number
  readonly missingL: number
  readonly coldDays: number
}

/** The brown that is wanted, in what it lies in. */
function browns({ surroundings, batch }: Facts, litres: number): RemedyPart[] {
  const at = coverAtHand(batch, surroundings.spares ?? [], surroundings.materials)
  if (!at || litres < 0.5) return []
  const amount = coverAmount(
    litres,
    containersOf(
      feedings(batch)
        .slice(-1)
        .flatMap(one => partsOf(one, surroundings.materials).fed),
      at.spare?.container,
    ),
  )
  const inStore = at.spare ? at.spare.count * at.spare.container.volumeL / amount.container.volumeL : 0
  return [{ materialId: at.material.id, short: at.material.short, amount, inStore }]
}

/** Dry browns that bring the upper third from its moisture to 60 %. */
function drying(facts: Facts): number {
  const { volumeL, moisture } = facts.slow
  const wetKg = volumeL / 3 * 0.5
  const over = Math.max(0, moisture - 0.6) * wetKg
  // A litre of dry leaves of 80 g takes up to 60 % about 90 g of water.
  return Math.min(0.5 * volumeL, Math.max(0.08 * volumeL, over / 0.09))
}

const remedy = (text: string, parts: readonly RemedyPart[] = [], waterL = 0): Remedy => ({ text, parts, waterL, deeds: [] })
const named = (parts: readonly RemedyPart[]) =>
  parts.map(({ amount, short }) => `${containerText(amount.count, amount.container)} of ${short}`).join(' and ')

const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'uncovered',
    title: 'What was fed was not covered',
    symptoms: { 'flies': 0.8, 'open-food': 0.95, 'sour': 0.5, 'rats': 0.3, 'slimy': 0.3 },
    weigh: ({ fed, bare, missingL, surroundings }) => [
      ...given(
        bare > 0, 0.4 + bare / Math.max(1, fed),
        `${bare} of the last ${fed} feeds had no cover or hardly any; about ${quantityText('volume', surroundings.units, missingL)} of `
        + 'browns were missing.',
      ),
      ...given(fed > 0 && bare === 0, -0.8, `All of the last ${fed} feeds were covered.`),
    ],
    remedy: (facts) => {
      const parts = browns(facts, Math.max(4, facts.missingL))
      return remedy(
        `Spread ${named(parts) || 'a hand of browns'} over the top now, and on every caddy from here on what the round says.`, parts,
      )
    },
  },
  {
    id: 'wet', title: 'It is too wet and lacks air', symptoms: { sour: 0.8, slimy: 0.7, soggy: 0.95, flies: 0.3 },
    weigh: ({ slow, symptoms }) => [
      ...given(symptoms.includes('soggy'), 0.8, 'Water ran out of it.'),
      ...given(slow.moisture > 0.68, 0.8, `By what was fed and the weather it holds ${percentText(slow.moisture)} water.`),
      ...given(slow.airSpace < 0.25, 0.5, `Only about ${percentText(slow.airSpace)} of it is air.`),
      ...given(
        slow.moisture < 0.58 && !symptoms.includes('soggy'), -1,
        `By what was fed and the weather it holds only ${percentText(slow.moisture)} water.`,
      ),
    ],
    remedy: (facts) => {
      const parts = browns(facts, drying(facts))
      return remedy(
        `Open the upper third and fork in ${named(parts) || 'dry browns'}, with twigs for air; then a lid against the rain.`, parts,
      )
    },
    caution: 'Open what is foul from upwind, and keep your face away.',
  },
  {
    id: 'rich', title: 'Too little brown with the green', symptoms: { ammonia: 0.9, sour: 0.3, slimy: 0.4 },
    weigh: ({ slow }) => [
      ...given(slow.ratio < 18, 0.7, `All of it stands at ${ratioText(slow.ratio)}.`),
      ...given(slow.ratio > 25, -0.9, `All of it stands at ${ratioText(slow.ratio)}: that is brown enough.`),
    ],
    remedy: (facts) => {
      const parts = browns(facts, Math.max(8, facts.missingL))
      return remedy(`Fork ${named(parts) || 'browns'} into the top, no lime, and cover every caddy with as much again.`, parts)
    },
  },
  {
    id: 'dry', title: 'It is too dry', symptoms: { 'ants': 0.85, 'dust': 0.95, 'not-sinking': 0.5 },
    weigh: ({ slow, symptoms }) => [
      ...given(symptoms.includes('dust'), 0.9, 'It was dry in the hand.'),
      ...given(
        slow.moisture < 0.48, 0.8,
        `By what was fed and the weather it holds ${percentText(slow.moisture)} water; from about 50 % on it rots.`,
      ),
      ...given(
        slow.moisture > 0.58 && !symptoms.includes('dust'), -0.9, `By what was fed it still holds ${percentText(slow.moisture)} water.`,
      ),
    ],
    remedy: ({ slow, surroundings: { units, garden: { waterCan } } }) => {
      const dryKg = slow.volumeL * 0.12
      const litres = Math.max(
        waterCan.volumeL, Math.round(dryKg * (0.6 / 0.4 - Math.min(0.48, slow.moisture) / (1 - Math.min(0.48, slow.moisture)))),
      )
      return remedy(
        `${containerText(litres / waterCan.volumeL, waterCan)} of water (${quantityText('volume', units, litres)}), slowly, into holes `
        + 'made with a fork; less cover for a while, and a lid.',
        [], litres,
      )
    },
  },
  {
    id: 'cold', title: 'It is cold', symptoms: { 'not-sinking': 0.6 },
    weigh: ({ coldDays, slow, surroundings }) => [
      ...given(
        coldDays > 15, 0.8,
        `On ${coldDays} of the last 42 days it was below ${quantityText('temperature', surroundings.units, 6)}: so cool hardly anything `
        + 'rots.',
      ),
      ...given(coldDays < 5, -0.8, 'It was warm enough in the last weeks.'),
      ...given(slow.moisture < 0.48, -0.3, 'It is dry as well: warmth alone does not bring it on.'),
    ],
    remedy: () => remedy('Feed on and cover: in spring it sinks by itself. Sacking or straw on top keeps what warmth there is.'),
  },
  {
    id: 'woody', title: 'Too much brown, too little green', symptoms: { 'not-sinking': 0.5 },
    weigh: ({ slow }) => [
      ...given(slow.ratio > 38, 0.9, `All of it stands at ${ratioText(slow.ratio)}.`),
      ...given(slow.ratio < 30, -1, `All of it stands at ${ratioText(slow.ratio)}.`),
    ],
    remedy: () => remedy('Half the cover for some weeks; a bucket of grass or coffee grounds forked in brings it on.'),
  },
  {
    id: 'food-for-rats', title: 'Something in it draws rats', symptoms: { rats: 0.95 },
    weigh: ({ batch }) => [
      ...given(
        feedings(batch).some(({ inputs }) => inputs.some(({ materialId }) => materialId === 'bread-grains')), 0.8,
        'Bread or grain was fed.',
      ),
      ...given(true, 0.1, 'Dry, sheltered and full of food: they come without bread too.'),
    ],
    remedy: () =>
      remedy(
        'No bread, cooked food or meat. Fork it over and wet it: they do not stay where they are disturbed. Fine mesh below and around. '
        + 'Follow your local rules.',
      ),
    caution: 'Rats carry disease: gloves, and wash your hands. Poison does not belong in a heap.',
  },
]

function factsOf(batch: BegunBatch, surroundings: Surroundings, symptoms: readonly string[]): Facts | undefined {
  const [slow, middle] = [slowOn(batch, surroundings), middleOf(batch, surroundings)]
  if (!slow || !middle) return undefined
  const { materials, spares = [], now } = surroundings
  const recent = feedings(batch)
    .filter(({ at }) => daysBetween(at, now) < SLOW.looksBackDays)
    .map(one => partsOf(one, materials))
    .filter(({ fed }) => fed.length > 0)
  const at = coverAtHand(batch, spares, materials)
  const missing = recent.map(({ fed, cover }) => {
    const wanted = at ? coverLitres(fed, at.material) : 0
    const laid = cover.reduce((sum, one) => sum + one.amount.count * one.amount.container.volumeL, 0)
    return Number.isFinite(wanted) && laid < 0.5 * wanted ? wanted - laid : 0
  })
  const { airC } = middle.question
  const today = Math.floor(middle.question.nowDay)
  const coldDays = Array.from({ length: SLOW.looksBackDays }, (_, back) => airC[Math.max(0, today - back)] ?? 10).filter(
    celsius => celsius < 6,
  ).length
  return {
    batch, surroundings, symptoms, slow, fed: recent.length, bare: missing.filter(litres => litres > 0).length,
    missingL: missing.reduce((sum, litres) => sum + litres, 0), coldDays,
  }
}

const SEEN_OR_SMELT = {
  'sour': 'sour', 'eggs': 'sour', 'ammonia': 'ammonia', 'flies': 'flies', 'open-food': 'open-food', 'mats': 'slimy',
  'rats': 'rats', 'ants': 'ants', 'worms': 'worms',
}
const NOTICING: Noticing = { [SQUEEZE]: { dust: 'dust', dripping: 'soggy' }, [SMELL]: SEEN_OR_SMELT, [LOOK]: SEEN_OR_SMELT }

/** What may be wrong with a slow heap. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({
  symptoms: SYMPTOMS, looking, noticing: NOTICING, factsOf, causes: CAUSES,
})
