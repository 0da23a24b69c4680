import { range, type Range } from '../../units/range'
import type { Approach } from '../contract'
import { drenched, drowned, inPail, sealed, tipped, type Endings } from './endings'
import { CHECKED, CHIMNEY, COVERED, DONE, FED, LIT, PICKED } from './words'
import { MAKE } from './constants'
import { table } from '../../constants/constants'

/** What a load is while it is burnt: litres as stacked, how high it lies, water as a fraction of its mass. */
export interface LoadShape { readonly litres: number, readonly heightM: number, readonly moisture: number }

/** A way to come by char. */
export interface Way extends Approach {
  /** Bought in a bag: by weight as lumps, by volume as it is used, or not at all. */
  readonly bought?: 'weight' | 'volume'
  /** Whether a fire is lit for it. */
  readonly burns: boolean
  /** Char as a share of dry wood at 15 % water. Practice: open 0.10 to 0.25, closed up to 0.30. */
  readonly yieldOfDry: Range
  /** Hours of a person's time for a load or a bag, crushing left out. */
  readonly hours: Range
  /** Share of the vessel that a load fills. */
  readonly fills: number
  /** Usual minutes from lighting to done. */
  readonly minutes: (load: LoadShape) => number
  /** What is seen when it is done. */
  readonly signs: readonly string[]
  /** What is done in one go until it is burnt through, in order. */
  readonly begins: readonly string[]
  /** How it is brought to its end; nothing where nothing glows. */
  readonly endings?: Endings
  /** What can go wrong with it, in half a sentence. */
  readonly risk: string
  /** Its ash wants rinsing more often than not. */
  readonly ashy: boolean
  /** What one time of it is called: a load, a bag, an evening. */
  readonly once: readonly [one: string, many: string]
  /** A vessel with a lid, from which nothing but gas comes out. */
  readonly closed?: boolean
  /** It comes by the evening, jug after jug, into one that stands. */
  readonly byEvenings?: boolean
  /** How it is lit, where that is not on top. */
  readonly lighting?: string
}

const wet = (moisture: number) => 1 + MAKE.wetSlows * Math.max(0, moisture - 0.15)
const OPEN_END = ['The flame is low and blue, or gone', 'Hardly any smoke', 'A veil of white ash over all of it']
const always = (ending: Endings['inVessel']): Endings => ({ inVessel: ending, onGround: ending })

/** The ways, bought ones first; working values of garden practice. */
export const WAYS: readonly Way[] = table('Ways to burn', {
  yieldOfDry: ['kg/kg', 'char of dry wood; practice'],
  hours: ['h', 'a load; practice'],
  fills: ['share', 'of the vessel; practice'],
  firstLookHours: ['h', 'until it is felt first; practice'],
  coldAfterHours: ['h', 'before the word cold; practice'],
  waterTimes: ['times', 'the water that cools it; own estimate'],
}, [
  {
    id: 'top-lit',
    name: 'Top-lit barrel',
    summary:
        'A barrel with holes below, filled with thin dry wood, lit on top, a tall chimney over it: the glow goes down, and what is above '
        + 'it is char.',
    burns: true, yieldOfDry: range(0.15, 0.2, 0.25), hours: range(1.5, 2.5, 4), fills: 0.85, ashy: false, once: ['load', 'loads'],
    minutes: ({ heightM, moisture }) => Math.max(MAKE.leastMin, heightM / MAKE.frontMMin * wet(moisture)),
    signs: ['The glow shows at the holes all round', 'The flame is thin and blue', 'No more smoke'],
    begins: [CHECKED, LIT, CHIMNEY, DONE], endings: always(tipped), risk: 'sparks, smoke when damp, hot steel',
  },
  {
    id: 'cone',
    name: 'Cone or pit',
    summary: 'A cone of steel or a pit: a hot fire fed in thin layers, each put on when the last is veiled with ash; then drowned.',
    burns: true, yieldOfDry: range(0.12, 0.17, 0.22), hours: range(2, 3, 5), fills: 1, ashy: false, once: ['load', 'loads'],
    minutes: ({ litres, moisture }) => litres / 170 * 60 * wet(moisture),
    signs: OPEN_END,
    begins: [CHECKED, LIT, FED, DONE],
    endings: { inVessel: drowned, onGround: drenched },
    risk: 'open flame, radiant heat, a pit stays hot below',
  },
  {
    id: 'lidded-pot',
    name: 'Lidded pot',
    summary: 'A tin with a lid and one small hole, in a fire or on a burner outdoors: peels, stones, twigs. A bucket, not a barrow.',
    burns: true,
    yieldOfDry: range(0.22, 0.27, 0.32),
    hours: range(0.5, 0.8, 1.5),
    fills: 0.9,
    ashy: false,
    once: ['load', 'loads'],
    closed: true,
    lighting: 'The pot into the fire or on the burner, outdoors, its hole open.',
    minutes: ({ litres, moisture }) => (40 + 6 * litres) * wet(moisture),
    signs: ['No more smoke from the hole', 'No more flame at the hole'],
    begins: [CHECKED, LIT, DONE],
    endings: always(sealed),
    risk: 'carbon monoxide, a sealed tin bursts, opened hot it flares up',
  },
  {
    id: 'smother',
    name: 'Smothered mound',
    summary: 'A stack under leaves and soil, lit in the middle and kept short of air for hours: little tending at a time, but all day.',
    burns: true,
    yieldOfDry: range(0.15, 0.2, 0.25),
    hours: range(4, 7, 12),
    fills: 0.9,
    ashy: true,
    once: ['load', 'loads'],
    lighting: 'Embers into the shaft in the middle.',
    minutes: ({ litres, moisture }) => (180 + litres * 0.4) * wet(moisture),
    signs: ['The smoke turns from white to thin and blue', 'The mound has sunk all over'],
    begins: [CHECKED, LIT, COVERED, DONE],
    endings: always(drenched),
    risk: 'hours of smoke, breaks open and flames, hollow inside',
  },
  {
    id: 'embers',
    name: 'Stove embers',
    summary: 'Glowing embers out of a wood stove into a lidded metal pail, carried out and drowned: a jug or two an evening.',
    burns: false, yieldOfDry: range(0.05, 0.1, 0.15), hours: range(0.1, 0.15, 0.3), fills: 0.5, ashy: true, once: ['evening', 'evenings'],
    byEvenings: true,
    minutes: () => 10,
    signs: ['They glow without flame'],
    begins: [PICKED],
    endings: always(inPail),
    risk: 'carbon monoxide: the pail never stands indoors, not even closed',
  },
  {
    id: 'lump',
    name: 'Bought lump charcoal',
    summary: 'A bag of plain hardwood lump, crushed at home. Never briquettes, nothing scented or made to light quickly.',
    bought: 'weight', burns: false, yieldOfDry: range(0, 0, 0), hours: range(0.2, 0.3, 0.5), fills: 1, ashy: false, once: ['bag', 'bags'],
    minutes: () => 0, signs: [], begins: [], risk: 'dust; ask where the wood came from',
  },
  {
    id: 'horticultural',
    name: 'Bought garden char',
    summary: 'Char made and sieved for soil, by the bag: raw as a rule, so it is charged like any other.',
    bought: 'volume', burns: false, yieldOfDry: range(0, 0, 0), hours: range(0.1, 0.1, 0.2), fills: 1, ashy: false, once: ['bag', 'bags'],
    minutes: () => 0, signs: [], begins: [], risk: 'the price; some is raw though the bag says charged',
  },
])

/** The way of this id, or the first. */
export function wayOf(approachId: string): Way {
  return WAYS.find(({ id }) => id === approachId) ?? WAYS[0] as Way
}
