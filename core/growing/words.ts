import { quantityText } from '../units/format'
import type { UnitSystem } from '../units/system'
import type { PartId, PurposeId } from './constants'
import type { Offered } from './offered'
import { partsOf, type MixedIn } from './propose'
import type { Scale, ScaleVerdict } from './verdict'

/** What a mix is for, as it is called. */
export const PURPOSE_WORDS: Readonly<Record<PurposeId, { readonly label: string, readonly hint: string, readonly mix: string }>> = {
  'seeds': { label: 'seeds and cuttings', hint: 'fine, mild', mix: 'Seed mix' },
  'small-pots': { label: 'small pots', hint: 'pricking out', mix: 'Potting mix' },
  'tubs': { label: 'hungry pots and tubs', hint: 'tomatoes, squash', mix: 'Mix for tubs' },
  'raised-bed': { label: 'a raised bed', hint: 'filling a box', mix: 'Fill for a raised bed' },
}

/** The parts, as they are called where one is missing. */
export const PART_WORDS: Readonly<Record<PartId, string>> = {
  'compost': 'ripe compost', 'castings': 'castings', 'leaf-mould-fine': 'leaf mould', 'leaf-mould-coarse': 'coarse leaf mould',
  'tower-compost': 'fungal compost', 'char': 'charged char', 'loam': 'loam', 'sand': 'sharp sand', 'grit': 'grit', 'coir': 'coir',
  'bark': 'composted bark', 'perlite': 'perlite',
}

export const SCALE_WORDS: Readonly<Record<Scale, string>> = { air: 'Air', easyWater: 'Water', salts: 'Strength' }

const SAID: Readonly<Record<Scale, Readonly<Record<ScaleVerdict['is'], string>>>> = {
  air: {
    'low': 'too little: roots would stand in water', 'perhaps-low': 'perhaps too little', 'good': 'enough',
    'perhaps-high': 'perhaps too much: it dries quickly', 'high': 'too much: it dries out in a day',
  },
  easyWater: {
    'low': 'holds little: water often', 'perhaps-low': 'holds a little less than it should', 'good': 'holds it well',
    'perhaps-high': 'may stay wet for long', 'high': 'stays wet: water seldom',
  },
  salts: {
    'low': 'hardly any food in it', 'perhaps-low': 'perhaps too little food', 'good': 'right for this',
    'perhaps-high': 'perhaps too strong: sow cress in it first', 'high': 'too strong for this',
  },
}

/** A scale in a few words, as one would say it over the fence. */
export const verdictWords = ({ scale, is }: Pick<ScaleVerdict, 'scale' | 'is'>): string => SAID[scale][is]

/** What a part does for the mix it is in. */
export const ROLE_WORDS: Readonly<Record<Scale, string>> = { air: 'for air', easyWater: 'to hold water', salts: 'for food, not too strong' }

const FOOD: readonly PartId[] = ['compost', 'castings', 'tower-compost']
/** From here on its food lasts for some weeks: own estimate, by five to fifteen per cent of the nitrogen in the first six weeks. */
const SOME_FOOD = 0.15

/** When what is potted is to be fed. */
export function foodWords(mixed: readonly MixedIn[], purposeId: PurposeId): string {
  const parts = partsOf(mixed)
  const litres = parts.reduce((sum, part) => sum + part.litres, 0)
  const food = litres > 0 ? parts.filter(({ partId }) => FOOD.includes(partId)).reduce((sum, part) => sum + part.litres, 0) / litres : 0
  if (purposeId === 'raised-bed') return 'A depth of compost on top each year keeps it going.'
  if (purposeId === 'seeds') return 'Seeds want no food: prick them out after their first true leaves, or feed weakly from then on.'
  return food >= SOME_FOOD ? 'Its food lasts for some weeks: feed from week 4 to 6 on.' : 'Little food in it: feed from week 2 to 3 on.'
}

const LOAM_HEATED_C = 80

/** What is minded at mixing and by whoever pots it, the usual first, then what comes from its parts. */
export function mixCautions(mixed: readonly MixedIn[], purposeId: PurposeId, units: UnitSystem): string[] {
  const doubts = [...new Set(mixed.flatMap(({ of }) => of.minded))]
  const tender = purposeId === 'seeds' || purposeId === 'small-pots'
  const has = (partId: PartId) => mixed.some(({ of }) => of.composition.some(one => one.partId === partId))
  return [
    'Mix it damp and in the open: its dust carries spores, and bacteria that harm weak lungs. A mask where lungs are weak; gloves, hands '
    + 'washed.',
    ...(has('perlite') ? ['Perlite dusts: damp it in its bag, and wear a mask.'] : []),
    ...doubts,
    ...(doubts.some(text => /weedkiller/.test(text))
      ? ['Sow beans in a pot of it, and three weeks later, if they grow well, the rest.']
      : []),
    ...(tender && has('loam')
      ? [`Old practice heats loam for seeds: damp, in a covered tin, at ${quantityText('temperature', units, LOAM_HEATED_C)} for half an `
        + 'hour, outdoors, for it smells and scalds; let it cool shut. Not needed for pots.']
      : []),
  ]
}

/** What is to be sieved before it is mixed. */
export const sieveWords = (toSieve: readonly Pick<Offered, 'name'>[], mesh: string): string =>
  toSieve.length === 0 ? '' : `First through ${mesh}: ${toSieve.map(({ name }) => name).join(', ')}.`
