import { CROPS, comesUp } from '../../hotbed/crops'
import type { Question } from '../../questions/question'
import { containerText } from '../../units/container'
import { dateText } from '../../units/dates'
import { quantityText, roughly } from '../../units/format'
import type { Ingredient } from '../../mix/portion'
import { range } from '../../units/range'
import { asVessel } from '../../vessel/site'
import { type Draft, type Gift, ownOf, type Proposal, type Surroundings, type Warning } from '../contract'
import { WEEDKILLER } from './care'
import { factsOf } from './facts'
import { bedPicture } from './picture'
import { HALF_RIPE } from './prospects'
import { alongOf, cropBands } from './sequence'
import { stepsOf } from './steps'
import { bedThought, litresOf, type BedThought } from './thought'
import { refusalOf, verdictOf } from './verdict'
import { COVER, MATS_KEPT, SIDES, SOIL_M, SOW_ON, SUN } from './words'
import { BED } from './constants'

/** What is asked beside way and bed. */
export function asksOf(approachId: string): readonly Question[] {
  const tub = approachId === 'tub'
  return [
    { id: SOW_ON, kind: 'day', label: 'Wanted to sow on' },
    {
      id: COVER, kind: 'choice', label: 'On top', usual: 'single',
      choices: [
        { id: 'single', label: 'one pane' }, { id: 'double', label: 'two panes' }, { id: 'fleece', label: 'fleece' },
        { id: 'none', label: 'nothing' },
      ],
    },
    ...(tub
      ? []
      : [
          {
            id: SIDES, kind: 'choice', label: 'Its sides', usual: 'banked',
            choices: [
              { id: 'banked', label: 'banked up', hint: 'straw or leaves against them' }, { id: 'boards', label: 'boards' },
              { id: 'open', label: 'bare' }, { id: 'sunk', label: 'sunk in the ground' },
            ],
          } satisfies Question,
        ]),
    { id: SOIL_M, kind: 'length', label: 'Soil on it, if not as usual', usual: 0, most: 0.3 },
    {
      id: SUN, kind: 'choice', label: 'Sun in spring', usual: 'full',
      choices: [
        { id: 'full', label: 'most of the day' }, { id: 'half', label: 'half of it' }, { id: 'shade', label: 'hardly any' },
      ],
    },
    {
      id: MATS_KEPT, kind: 'choice', label: 'Mats over it at night', usual: 'yes',
      choices: [
        { id: 'yes', label: 'yes' }, { id: 'no', label: 'no' },
      ],
    },
  ]
}

/** What to mind of its place, its day, its depth and its stuff. */
function warningsOf({ ground, past, ingredients }: BedThought, { approachId }: Proposal, { units }: Surroundings): Warning[] {
  const brings = ingredients.some(({ material: { family } }) => family === 'manure' || family === 'straw')
  return [
    ...(ground.top.sunny < 1
      ? [{
          text: ground.top.sunny < 0.4
            ? 'A hotbed wants sun: in shade seedlings grow long and fall over, and the days are cold.'
            : 'Half the sun: a few kelvin less by day. Shelter from wind matters as much.',
        }]
      : []),
    ...(past ? [{ text: `${dateText(past)} has gone by: this is reckoned from today.` }] : []),
    ...(ground.heightM < BED.shallowM && approachId !== 'tub'
      ? [{ text: `Under ${quantityText('length', units, BED.shallowM)} a bed is cold within about two weeks.` }]
      : []),
    ...(brings ? [{ text: WEEDKILLER }] : []),
  ]
}

/** What is left of it in the end, half ripe. */
function giftsOf({ outlook, heightM, ground: { footprintM2 }, on }: BedThought): Gift[] {
  if (!outlook) return []
  const leftL = (outlook.courses[1].heightM.at(-1) ?? heightM * 0.6) * footprintM2 * 1000
  return [{
    ...HALF_RIPE, litres: range(leftL * 0.75, leftL, leftL * 1.2), from: on(outlook.spent.from),
    to: on(Math.max(outlook.spent.from, outlook.spent.to)),
  }]
}

/** Warmth of the soil two days after it can be sown, °C. */
function sownC({ outlook }: BedThought): number {
  const middle = outlook?.courses[1]
  return middle ? middle.soilDayC[Math.min(middle.days.length - 1, Math.round(outlook!.sow.typical) + 2)]! : 0
}

function tooMuchText({ ingredients, given }: BedThought, surroundings: Surroundings): string {
  const barrow = ownOf('barrow', surroundings)
  return `It holds about ${containerText(litresOf(ingredients) / barrow.volumeL, barrow)} of this, and `
    + `${containerText(litresOf(given) / barrow.volumeL, barrow)} lie here: take off what is too much, or make it wider or deeper.`
}

/** What has to lie there where the gardener said what goes in: as much of the same as fills it. */
function wantedOf({ said, missingL }: BedThought): readonly Ingredient[] {
  const times = missingL > BED.littleL ? 1 + missingL / litresOf(said) : 1
  return said.map(one => ({ ...one, amount: { ...one.amount, count: Math.round(one.amount.count * times * 2) / 2 } }))
}

/** What a plan of a hotbed comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const thought = bedThought(proposal, surroundings)
  const { way, ground, ingredients, heightM, waterL, outlook, planned, overfull, chosen, usual } = thought
  const { units, now } = surroundings
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const middle = outlook?.courses[1]
  const up = CROPS.filter(crop => comesUp(crop, sownC(thought))).map(({ name }) => name.toLowerCase())
  const tooMuch = tooMuchText(thought, surroundings)
  const refusal = refusalOf(thought, tooMuch)
  const { footprintM2, soilM } = ground
  return {
    summary:
      `${litres(litresOf(ingredients))} loose, ${quantityText('length', units, heightM)} trodden, ${litres(soilM * footprintM2 * 1000)} of `
      + `${way.trays ? 'sand' : 'soil or compost'} on it${up.length > 0 ? `; at first ${up.slice(0, 4).join(', ')} come up` : ''}.`,
    verdict: overfull ? { grade: 'workable', text: tooMuch } : verdictOf(thought, units),
    facts: factsOf(thought, surroundings), warnings: warningsOf(thought, proposal, surroundings),
    picture: bedPicture({
      of: asVessel(proposal.site).name, site: proposal.site, ground, ingredients, heightM: Math.max(0.05, heightM),
      ...(middle ? { coreC: Math.max(...middle.coreC), soilC: sownC(thought) } : {}),
      glass: ground.top.cover !== 'none', trays: way.trays, grows: true,
    }),
    ...(middle && outlook
      ? { pipeline: cropBands(alongOf(middle, outlook.builtAt, outlook.sow.typical, surroundings), []) }
      : {}),
    steps: stepsOf({ way, ground, heightM, waterL, ingredients }, surroundings),
    work: [{ label: 'in one day, for two', minutes: range(footprintM2 * 60, footprintM2 * 100, footprintM2 * 160) }],
    gives: giftsOf(thought), waterL,
    wants: {
      ingredients: overfull ? ingredients : chosen ? wantedOf(thought) : usual,
      by: planned && planned.to > now ? planned.to : (outlook?.builtAt ?? now),
    },
    ...(refusal ? { refusal } : {}),
  }
}
