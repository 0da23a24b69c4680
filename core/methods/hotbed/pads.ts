import type { BegunBatch } from '../../journal/garden'
import type { Answers } from '../../questions/answers'
import type { UnitSystem } from '../../units/system'
import { CROPS, cropOf } from '../../hotbed/crops'
import { numberOf, type Question } from '../../questions/question'
import { quantityText } from '../../units/format'
import type { Deed, Pad, Quantity } from '../contract'
import { GASES, GLASS_CARE, LIFTING, MANURE, TREADING, WET_SEED } from './care'
import { SENSES } from './senses'
import { hotbedOf } from './state'
import { AIRED, FRAMED, GLASS, HARVESTED, HEIGHT, MATS, MIXED, SOILED, SOWN, TRODDEN, WARMTH, WATERED } from './words'
import { BED } from './constants'

const warmth: Quantity = {
  id: WARMTH,
  label: 'Warmth',
  icon: 'i-ph-thermometer',
  unit: 'temperature',
  limits: [-20, 95],
  button: 'Record the warmth',
  byThermometer: true,
  spots: [
    { id: 'soil', label: 'A finger deep in the soil', said: 'soil {}' },
    { id: 'core', label: 'In the heart of the bed', said: 'heart {}' },
  ],
  expected: (batch, surroundings) => {
    const bed = hotbedOf(batch, surroundings)
    return bed ? { soil: bed.soilC, core: bed.coreC } : {}
  },
  answer: (batch, surroundings, { soil }) => {
    const bed = hotbedOf(batch, surroundings)
    if (!bed || soil === undefined) return ''
    if (soil > BED.sowBelowC) return 'Too hot for seeds and roots: wait, with the lid propped a finger.'
    const up = CROPS.filter(({ fromC, toC }) => soil >= fromC && soil <= toC).map(({ name }) => name.toLowerCase())
    const off = soil - bed.soilC
    const said
      = Math.abs(off) < 4
        ? 'As expected.'
        : off > 0
          ? 'Warmer than expected: it lasts longer, or burns out sooner.'
          : 'Colder than expected: windows move.'
    return up.length > 0 && bed.sown.length === 0 ? `${said} Now come up: ${up.slice(0, 4).join(', ')}.` : said
  },
}

const height: Quantity = {
  id: HEIGHT, label: 'Height', icon: 'i-ph-ruler', unit: 'length', limits: [0, 2], button: 'Record the height',
  spots: [{ id: 'top', label: 'Height of the bed without its soil', said: '{} high' }],
  expected: (batch, surroundings) => {
    const bed = hotbedOf(batch, surroundings)
    return bed ? { top: bed.heightM } : {}
  },
}

const building = ({ began, did }: BegunBatch) =>
  !did.some(({ deed }) => deed === FRAMED) && did.every(({ at }) => Date.parse(at) - Date.parse(began.at) < 3 * 86_400_000)
const done = (
  id: string, label: string, icon: string, said: string, answer: string, cautions: readonly string[], asks: readonly Question[] = [],
): Deed => ({
  id, label, icon, how: '', asks, cautions, said: () => ({ said: said.replace(/^./, letter => letter.toLowerCase()), answer }),
  words: () => said,
})

const mixed = done(MIXED, 'Mixed', 'i-ph-shovel', 'Forked through and wetted.', 'Now layer by layer.', [MANURE, LIFTING])
const trodden: Deed = {
  ...done(
    TRODDEN, 'Trodden', 'i-ph-boot', 'Laid and trodden.', 'Soil on it today: tomorrow it is hot.', [TREADING],
    [{ id: 'heightM', kind: 'length', label: 'Trodden to a height of', usual: 0.9, most: 2 }],
  ),
  words: (answers, { units }) => `Laid and trodden to ${quantityText('length', units, numberOf(answers, 'heightM') ?? 0)}.`,
}
const soiled = done(SOILED, 'Soil on it', 'i-ph-stack', 'Soil on it, raked level.', 'The frame next.', [])
const framed = done(
  FRAMED, 'Frame on it', 'i-ph-house-line', 'The frame is on it, shut but for a finger.',
  'Read the soil every day: sow when the burst is over.', [GLASS_CARE, GASES],
)

const sown: Deed = {
  id: SOWN,
  label: 'Sown',
  icon: 'i-ph-plant',
  how: 'In rows or trays, watered with a fine rose, covered as deep as the seed is thick.',
  cautions: [WET_SEED],
  asks: [
    {
      id: 'crop', kind: 'choice', label: 'What', usual: 'radish',
      choices: [...CROPS.map(({ id, name }) => ({ id, label: name })), { id: 'other', label: 'something else' }],
    },
    { id: 'other', kind: 'text', label: 'What else', hint: 'basil', when: ['crop', 'other'] },
  ],
  said: (batch, answers, surroundings) => {
    const crop = cropOf(answers.crop)
    const bed = hotbedOf(batch, surroundings)
    const soil = bed?.readC ?? bed?.soilC
    const tooHot = crop && soil !== undefined && soil > crop.toC
    return {
      said: `sown: ${crop?.name.toLowerCase() ?? (typeof answers.other === 'string' && answers.other
        ? answers.other
        : 'something else')}.`,
      answer: tooHot
        ? 'The soil is warmer than these seeds like: some will sleep until it has come down.'
        : 'Up in some days; air by day from then on.',
    }
  },
  words: answers =>
    'Sown: '
    + `${cropOf(answers.crop)?.name.toLowerCase() ?? (typeof answers.other === 'string' && answers.other
      ? answers.other
      : 'something else')}.`,
}
/** What was had, and how much of it, as far as it was said. */
function hadText(answers: Answers, units: UnitSystem): string {
  const what = typeof answers.what === 'string' ? answers.what : ''
  const [massKg, pieces] = [numberOf(answers, 'massKg') ?? 0, numberOf(answers, 'pieces') ?? 0]
  const much = [
    ...(pieces > 0 ? [`${pieces}`] : []), ...(massKg > 0 ? [quantityText('mass', units, massKg)] : []),
  ].join(', ')
  return what || much ? `: ${[what, much].filter(Boolean).join(', ')}` : ''
}

const harvested: Deed = {
  id: HARVESTED,
  label: 'Harvested',
  icon: 'i-ph-basket',
  how: 'Cut, pulled, or planted out. What comes next goes into the gap the same day.',
  cautions: ['Wash what grew over dung before it is eaten raw.'],
  asks: [
    { id: 'what', kind: 'text', label: 'What', hint: 'radishes' },
    { id: 'massKg', kind: 'mass', label: 'How much, if weighed', usual: 0, most: 50 },
    { id: 'pieces', kind: 'count', label: 'or how many bunches or pieces', usual: 0, most: 500 },
  ],
  said: (_, answers, { units }) => ({ said: `harvested${hadText(answers, units)}.`, answer: 'Sow what follows while it is warm.' }),
  words: (answers, { units }) => `Harvested${hadText(answers, units)}.`,
}
const glass: Deed = {
  id: GLASS,
  label: 'Glass off or on',
  icon: 'i-ph-app-window',
  how: 'Off for good on mild days, back on before a frost.',
  cautions: [GLASS_CARE],
  asks: [{
    id: 'now',
    kind: 'choice',
    label: 'It is now',
    usual: 'off',
    choices: [
      { id: 'off', label: 'off' }, { id: 'on', label: 'on' },
    ],
  }],
  said: (_, { now }) => ({
    said: `the glass is ${now === 'on' ? 'on' : 'off'}.`, answer: now === 'on' ? '' : 'It loses most of its warmth upwards now.',
  }),
  words: ({ now }) => `The glass is ${now === 'on' ? 'on again' : 'off'}.`,
}

/** What can be recorded of a hotbed, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  ...[mixed, trodden, soiled, framed].map((deed): Pad => ({ kind: 'deed', deed, fits: building })),
  { kind: 'gauge', quantity: warmth },
  { kind: 'sense', sense: SENSES[0]! },
  { kind: 'deed', deed: sown },
  {
    kind: 'deed',
    deed: {
      id: AIRED, label: 'Aired', icon: 'i-ph-wind', asks: [], cautions: [],
      how: 'Propped on its lee side while the sun is on it, shut two hours before it goes.',
      said: () => ({ said: 'aired.', answer: 'Shut it again before the sun goes.' }), words: () => 'Frame opened by day.',
    },
  },
  {
    kind: 'deed',
    deed: {
      id: MATS, label: 'Mats on', icon: 'i-ph-moon', asks: [], cautions: [],
      how: 'Straw mats, old blankets or sacks over the glass before dark, off in the morning.',
      said: () => ({ said: 'covered for the night.', answer: '' }), words: () => 'Mats over the glass for the night.',
    },
  },
  {
    kind: 'put',
    put: { id: WATERED, label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered' },
  },
  { kind: 'sense', sense: SENSES[1]! },
  { kind: 'deed', deed: harvested },
  { kind: 'deed', deed: glass },
  { kind: 'gauge', quantity: height },
  { kind: 'sense', sense: SENSES[2]! },
]
