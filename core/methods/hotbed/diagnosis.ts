import { given, type PossibleCause } from '../../diagnosis/judge'
import type { BegunBatch } from '../../journal/garden'
import { mixBalance } from '../../mix/balance'
import { ingredientsOf, portionOf } from '../../mix/portion'
import { numberText, quantityText, ratioText } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Diagnosis, Remedy, Surroundings, Symptom } from '../contract'
import { diagnosisBy, justDo, type Noticing, placeOf } from '../course'
import { middleOf } from './forecast'
import { hotbedOf, type Hotbed } from './state'
import { AIRED, FEEL, SEEDLINGS } from './words'
import { BED } from './constants'
import { looking } from './looking'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'too-hot', label: 'Too hot for roots', group: 'Its warmth' },
  { id: 'cold-soon', label: 'Cold too soon', group: 'Its warmth' },
  { id: 'never-warm', label: 'Never got warm', group: 'Its warmth' },
  { id: 'ammonia', label: 'Ammonia', group: 'Its smell' },
  { id: 'foul', label: 'Rotten eggs', group: 'Its smell' },
  { id: 'mice', label: 'Mice', group: 'Who lives in it' },
  { id: 'slugs', label: 'Slugs', group: 'Who lives in it' },
  { id: 'fallen', label: 'Seedlings fall over', group: 'The seedlings' },
  { id: 'long', label: 'Long and pale', group: 'The seedlings' },
  { id: 'scorched', label: 'Scorched', group: 'The seedlings' },
  { id: 'crippled', label: 'Curled, cupped leaves', group: 'The seedlings' },
  { id: 'sinks', label: 'It sinks', group: 'To the eye', good: 'By a hand in its first week, by a third until summer: what burns goes.' },
  { id: 'steam', label: 'Steam and drops on the glass', group: 'To the eye', good: 'It is at work. Air it while the sun is on it.' },
  { id: 'inkcaps', label: 'Toadstools', group: 'To the eye', good: 'Ink caps love dung: not for the kitchen, and no harm.' },
]

interface Facts {
  readonly bed: Hotbed
  readonly surroundings: Surroundings
  readonly ratio: number
  readonly moisture: number
  readonly oxygenPoor: boolean
  readonly straw: boolean
  readonly manure: boolean
  readonly aired: boolean
  readonly watered: boolean
}

const days = (value: number) => `${Math.max(1, Math.round(value))} ${Math.round(value) <= 1 ? 'day' : 'days'}`

const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'burst', title: 'It is still in its first burst', symptoms: { 'too-hot': 0.85, 'scorched': 0.2, 'ammonia': 0.5 },
    weigh: ({ bed: { nowDay, sowDay, soilC }, surroundings: { units } }) => [
      ...given(
        nowDay < sowDay, 0.9,
        `Day ${Math.floor(nowDay)}: by what is in it the soil should be about ${quantityText('temperature', units, soilC)}, and come `
        + `down in ${days(sowDay - nowDay)}.`,
      ),
      ...given(nowDay > sowDay + 6, -0.8, 'By now it should have come down.'),
    ],
    remedy: ({ bed: { sowDay, nowDay } }) => sowDay - nowDay > BED.longDays
      ? justDo(
          'It would stay hot for weeks: a hand more of soil, holes to its bottom with a rod, two hands apart, the glass off by day. '
          + 'Warmth that nobody needs is lost for compost only.',
          [AIRED],
        )
      : justDo(
          `Wait ${days(Math.max(1, sowDay - nowDay))}, the lid propped a finger. In haste: holes to its bottom with a rod, two hands `
          + 'apart, or a hand more of soil.',
          [AIRED],
        ),
  },
  {
    id: 'shut', title: 'The frame was shut in the sun', symptoms: { 'scorched': 0.85, 'too-hot': 0.3, 'long': 0.4, 'fallen': 0.4 },
    weigh: ({ aired }) => [...given(!aired, 0.6, 'It was not recorded as aired in the last days.'), ...given(aired, -0.5, 'It was aired.')],
    remedy: () =>
      justDo(
        'Propped from ten to four whenever the sun is on it; a cloth as shade on the brightest days; glass shut two hours before dark.',
        [AIRED],
      ),
  },
  {
    id: 'shallow', title: 'Too little stuff', symptoms: { 'cold-soon': 0.7, 'never-warm': 0.5 },
    weigh: ({ bed: { ground, heightM }, surroundings: { units } }) => [
      ...given(
        ground.heightM < 0.65, 0.8, `${quantityText('length', units, ground.heightM)} deep: such a bed is cold within about two weeks.`,
      ),
      ...given(ground.heightM >= 0.85, -0.6, `${quantityText('length', units, heightM)} still lie there: deep enough.`),
    ],
    remedy: () =>
      justDo(
        'Bank its sides with fresh dung or grass a forearm thick, wetted and trodden: it warms from outside for two or three weeks more.',
      ),
  },
  {
    id: 'bare-sides', title: 'It loses its heat at the sides', symptoms: { 'cold-soon': 0.5, 'never-warm': 0.4 },
    weigh: ({ bed: { ground } }) => [
      ...given(
        ground.sides === 'open' || ground.sides === 'boards', 0.8, `Its sides are ${ground.sides === 'open' ? 'bare' : 'boards only'}.`,
      ),
      ...given(ground.sides === 'banked' || ground.sides === 'sunk', -0.7, 'Its sides are kept warm.'),
    ],
    remedy: () => justDo('Straw, leaves or soil against it, a forearm thick, to the rim of the frame.'),
  },
  {
    id: 'dry', title: 'It is too dry', symptoms: { 'never-warm': 0.7, 'cold-soon': 0.5 },
    weigh: ({ moisture, straw }) => [
      ...given(moisture < 0.5, 0.9, `By what went in it holds ${numberText(100 * moisture)} % water.`),
      ...given(straw, 0.2, 'There is straw in it: it looks wet long before it is.'),
      ...given(moisture > 0.6, -0.6, `By what went in it holds ${numberText(100 * moisture)} % water.`),
    ],
    remedy: ({ bed: { ground } }) =>
      justDo('Holes with a rod to half its depth, a can of warm water into them, slowly.', [], Math.round(ground.footprintM2 * 25)),
  },
  {
    id: 'wet', title: 'It is too wet, or trodden like clay', symptoms: { 'never-warm': 0.5, 'foul': 0.9, 'cold-soon': 0.3 },
    weigh: ({ moisture, oxygenPoor, watered }) => [
      ...given(moisture > 0.71, 0.8, `By what went in it holds ${numberText(100 * moisture)} % water.`),
      ...given(oxygenPoor, 0.2, 'Little air gets in.'),
      ...given(watered, 0.3, 'It was watered since.'),
      ...given(moisture < 0.62, -0.7, 'By what went in it is not.'),
    ],
    remedy: () =>
      justDo(
        'Holes to its bottom with a rod, two hands apart; glass on, no water for a week. If it stays cold, fork it over with dry straw.',
      ),
  },
  {
    id: 'lean', title: 'Too little to burn: old, or poor in nitrogen', symptoms: { 'never-warm': 0.8, 'cold-soon': 0.4 },
    weigh: ({ ratio }) => [
      ...given(ratio > 40, 0.9, `Carbon to nitrogen ${ratioText(ratio)}: it wants less than forty.`),
      ...given(ratio < 32, -0.5, `Carbon to nitrogen ${ratioText(ratio)}: that is rich enough, unless the dung was old.`),
    ],
    remedy: ({ bed: { ground }, surroundings: { units } }) =>
      justDo(
        `Fork in fresh grass, dung or ${quantityText('mass', units, ground.footprintM2 * 0.5, 1)} of a nitrogen meal, watered; or a new `
        + 'bed of fresh '
        + 'stuff. Dung that lay for weeks has burnt already.',
      ),
  },
  {
    id: 'rich', title: 'Much nitrogen, and warm', symptoms: { ammonia: 0.9 },
    weigh: ({ ratio, manure, bed: { nowDay } }) => [
      ...given(ratio < 22, 0.8, `Carbon to nitrogen ${ratioText(ratio)}.`),
      ...given(manure, 0.2, 'Dung in its first days always does.'),
      ...given(nowDay > 20, -0.3, 'By now it should have gone.'),
    ],
    remedy: () =>
      justDo(
        'Lid propped day and night until it is gone; sow nothing before. A hand more of soil, or a film of crushed char, holds it back.',
        [AIRED],
      ),
    caution: 'Do not lean into a shut frame that smells so: air it first.',
  },
  {
    id: 'mice-warm', title: 'They came for the warmth', symptoms: { mice: 0.9, slugs: 0.5 },
    weigh: ({ straw }) => given(straw, 0.3, 'Straw and warmth: the best of houses.'),
    remedy: () =>
      justDo(
        'Fine mesh under and around the next bed; seeds of peas and pumpkins in trays under glass; traps under a box where that is '
        + 'allowed.',
      ),
    caution: 'Poison kills owls, cats and hedgehogs too: not in a garden.',
  },
  {
    id: 'slug-home', title: 'Slugs live under trays and boards', symptoms: { slugs: 0.9 },
    weigh: () => [], remedy: () => justDo('Lift the trays at dusk and gather them; a dry rim of sand; air more, water in the morning.'),
  },
  {
    id: 'damping', title: 'Damp and still: seedlings rot', symptoms: { fallen: 0.9 },
    weigh: ({ aired }) => [...given(!aired, 0.5, 'It was not recorded as aired in the last days.')],
    remedy: () =>
      justDo('Take out what has fallen with its soil, sand on the rest, air every day, water in the morning and from below. Sow thinner.', [
        AIRED,
      ]),
  },
  {
    id: 'little-light', title: 'Warm, and too little light', symptoms: { long: 0.9 },
    weigh: ({ bed: { ground, soilC } }) => [
      ...given(ground.top.sunny < 1, 0.7, 'It stands in half shade.'),
      ...given(soilC > 24, 0.4, 'It is warm for what light there is.'),
    ],
    remedy: () => justDo('Clean glass, trays nearer to it, cooler by airing; mats off at sunrise.', [AIRED]),
  },
  {
    id: 'weedkiller', title: 'Weedkiller in dung or straw', symptoms: { crippled: 0.9 },
    weigh: ({ straw, manure }) => [
      ...given(straw || manure, 0.6, 'There is dung or straw in it: hay that was sprayed goes through a horse.'),
      ...given(!straw && !manure, -0.9, 'Neither dung nor straw went in.'),
    ],
    remedy: () =>
      justDo('Nothing of it on beds this year or next: keep it apart, sow beans in a pot of it now and then until they grow straight.'),
    caution: 'Tell the stable. Do not give it on.',
  },
]
const NOTICED: Noticing = {
  [SEEDLINGS]: { fallen: 'fallen', long: 'long', scorched: 'scorched', eaten: 'slugs' }, smell: { ammonia: 'ammonia', foul: 'foul' },
  [FEEL]: { hot: 'too-hot' },
}

function factsOf(batch: BegunBatch, surroundings: Surroundings): Facts | undefined {
  const bed = hotbedOf(batch, surroundings)
  const middle = middleOf(batch, surroundings)
  if (!bed || !middle) return undefined
  const ingredients = ingredientsOf(batch.puts.flatMap(({ inputs }) => inputs), surroundings.materials)
  const waterL = batch.puts.reduce((sum, one) => sum + one.waterL, 0)
  const balance = mixBalance(ingredients.map(portionOf), waterL)
  const has = (family: string) => ingredients.some(({ material }) => material.family === family || material.id.includes(family))
  return {
    bed,
    surroundings,
    ratio: balance.ok ? balance.value.carbonToNitrogen : 1000,
    moisture: middle.course.moisture[placeOf(middle.days, bed.nowDay)]!,
    oxygenPoor: bed.coreC < 35,
    straw: has('straw'),
    manure: has('manure'),
    aired: batch.did.some(({ deed, at }) => deed === AIRED && daysBetween(at, surroundings.now) < BED.recentDays),
    watered: batch.puts.some(({ waterL: litres, atStart }) => litres > 0 && !atStart),
  }
}

/** What its readings tell: too hot for roots, never warm, cold too soon. */
function noticedBesides(batch: BegunBatch, surroundings: Surroundings): string[] {
  const bed = hotbedOf(batch, surroundings)
  const read = bed?.readC
  if (!bed || read === undefined) return []
  if (read > 32) return ['too-hot']
  return read < 15 && bed.nowDay > 6 && bed.nowDay < 40 ? [bed.nowDay < 14 ? 'never-warm' : 'cold-soon'] : []
}

/** What may be wrong with a hotbed. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({
  symptoms: SYMPTOMS, looking, noticing: NOTICED, noticedBesides, factsOf, causes: CAUSES,
})
