import { differenceInDays } from 'date-fns'
import { portionOf } from '../../mix/portion'
import type { Question } from '../../questions/question'
import { dateText } from '../../units/dates'
import { quantityText } from '../../units/format'
import { counted } from '../../units/plural'
import { range } from '../../units/range'
import { asVessel } from '../../vessel/site'
import { type Draft, type Fact, type Gift, PLACES, type Proposal, type Surroundings, type Verdict, type Warning } from '../contract'
import { deadlineOf } from './chance'
import { carriersFor, compared } from './compare'
import { layingOf, type Laying } from './laying'
import { limitsOf } from './limits'
import { soakPicture } from './picture'
import { comesAs } from './prospects'
import type { SoakRecipe } from './recipe'
import { acidText, stepsOf } from './steps'
import { waterOf, type SoakWater } from './water'
import { sizeOf, SIZES, wayOf, type ChargeWay } from './ways'
import { BAG_L, BY, SIZE, STANDS, TAP, WATER_L } from './words'
import { CHARGE } from './constants'
import { CHAR } from '../../char/constants'

/** What is asked while it is planned. */
export function asksOf(approachId: string): readonly Question[] {
  const { kind } = wayOf(approachId)
  const tub = kind === 'tub'
  return [
    { id: SIZE, kind: 'choice', label: 'Its pieces', choices: SIZES.map(({ id, label }) => ({ id, label })), usual: 'middle' },
    { id: BY, kind: 'day', label: 'Wanted by' },
    ...(tub
      ? [
          {
            id: STANDS, kind: 'choice', label: 'Where it stands', choices: PLACES.map(({ id, label, hint }) => ({ id, label, hint })),
            usual: 'outside',
          } satisfies Question,
          {
            id: TAP, kind: 'choice', label: 'The water', usual: 'settings',
            choices: [
              { id: 'settings', label: 'as the garden page says' }, { id: 'sound', label: 'rain or well' },
              { id: 'chlorine', label: 'mains, chlorine' }, { id: 'chloramine', label: 'mains, chloramine' },
              { id: 'unknown', label: 'mains, not known which' },
            ],
          } satisfies Question,
          { id: WATER_L, kind: 'volume', label: 'Water; 0 for as much as covers it', usual: 0, most: 5000 } satisfies Question,
        ]
      : []),
    ...(kind === 'bag' ? [{ id: BAG_L, kind: 'volume', label: 'A bag holds', usual: 5, most: 50 } satisfies Question] : []),
  ]
}

const WARM = 'room'

function refusalOf(way: ChargeWay, recipe: SoakRecipe, surroundings: Surroundings): string | undefined {
  if (recipe.charL < CHARGE.leastL) return 'Put in how much char there is.'
  if (!way.travels) return undefined
  const within = carriersFor(way, surroundings)
  const put = quantityText('volume', surroundings.units, recipe.charL)
  return within.length === 0
    ? `No ${way.travels === 'heap' ? 'heap' : 'worm bin'} stands for it: begin one, and the char goes in with it.`
    : `This char travels with another batch and is nothing of its own. Put the ${put} into ${within.slice(0, 3).join(' or ')}, on its `
      + 'page: it comes out with the compost, which knows how much char is in it.'
}

function factsOf(
  way: ChargeWay, recipe: SoakRecipe, { from, to, orLater }: { readonly from: Date, readonly to: Date, readonly orLater: boolean },
  surroundings: Surroundings,
): Fact[] {
  const { units } = surroundings
  const litres = (value: number) => quantityText('volume', units, value)
  return [
    {
      label: 'Charged and dry', value: `${dateText(from)} to ${dateText(to)}${orLater ? ' or later' : ''}`,
      why: 'begun today, with the usual weather; what floats and bubbles makes it surer',
    },
    ...(way.kind === 'tub'
      ? [
          {
            label: 'The char drinks', value: litres(recipe.drunkL),
            why: `${CHAR.uptakeKgKg.low} to ${CHAR.uptakeKgKg.high} times its mass of `
              + `${quantityText('mass', units, recipe.charL * CHAR.crushedKgL.typical, 1)}: top it up`,
          },
          { label: 'It stands', value: litres(recipe.standsL), why: 'a third of the vessel is left free for foam and stirring' },
        ]
      : []),
    ...(way.kind === 'bag'
      ? [{ label: 'Bags', value: `${recipe.bags}`, why: 'wet they weigh three times as much: small ones come out again' }]
      : []),
  ]
}

/** Where the cold holds it up, and what a warm place would change. */
function coldWarning(
  way: ChargeWay, answers: Proposal['answers'], waterDays: number, { to }: { readonly to: Date }, surroundings: Surroundings,
): Warning[] {
  if (way.kind !== 'tub' || answers[STANDS] === WARM) return []
  const indoors = deadlineOf(way, sizeOf(answers[SIZE]).times, WARM, waterDays, surroundings)
  return differenceInDays(to, indoors.to) >= CHARGE.worthCarryingDays
    ? [
        {
          text: 'It is cold where it stands, and in frost nothing happens: in a warm room it would be charged and dry by '
            + `${dateText(indoors.to)}.`,
        },
      ]
    : []
}

/** What mains water asks for first. */
function waterWarning(recipe: SoakRecipe, water: SoakWater, { units }: Surroundings): Warning[] {
  if (water.kind === 'sound') return []
  return [{
    text: water.kind === 'chlorine'
      ? `Mains water: it stands open for ${Math.ceil(water.standsHours)} hours first, or the chlorine kills what you put in.`
      : `Mains water with chloramine${water.feared ? ', perhaps' : ''}: standing does not help. `
        + `${acidText(recipe.waterL, water.mgPerL, units)}, or rain water.`,
  }]
}

type Deadline = ReturnType<typeof deadlineOf>

function verdictOf(way: ChargeWay, recipe: SoakRecipe, { from, to, orLater }: Deadline, vessel: string, { units }: Surroundings): Verdict {
  const litres = (value: number) => quantityText('volume', units, value)
  if (recipe.tubs > 1)
    return {
      grade: 'workable',
      text: `The ${vessel} takes ${litres(recipe.charL)} of the ${litres(recipe.wantedL)}, with a third of it free: ${recipe.tubs} `
        + 'of them, or one after the other.',
    }
  const what = way.kind === 'bag'
    ? `${counted(recipe.bags, 'bag', 'bags')} in the ${vessel}`
    : way.kind === 'bedding' ? `${litres(recipe.charL)} in the bedding` : `${litres(recipe.charL)} of char in the ${vessel}`
  const days = `between ${dateText(from)} and ${dateText(to)}${orLater ? ' or later' : ''}`
  return { grade: 'good', text: `${what}: charged${way.driesDays > 0 ? ' and dry' : ''} ${days}.` }
}

/** What comes out: char, and half of what was living in it. */
function giftOf(way: ChargeWay, { charL, livingL }: SoakRecipe, { from, to }: Deadline): Gift {
  const made = charL + CHARGE.livingStays * livingL
  return { ...comesAs(way.kind === 'bedding'), litres: range(made * 0.9, made, made * 1.1), from, to }
}

function summaryOf({ recipe: { charL, waterL }, laid, urineL }: Laying, fits: number, { units }: Surroundings): string {
  const litres = (value: number) => quantityText('volume', units, value)
  const beside = [...laid.living, ...laid.urine].map(one => `${litres(fits * portionOf(one).looseVolumeL)} of ${one.material.short}`)
  return [`${litres(charL)} of char`, ...beside, ...(waterL - urineL > 0 ? [`${litres(waterL - urineL)} of water`] : [])].join(', ') + '.'
}

/** What a plan of charging comes to. */
export function draftOf({ site, approachId, answers, ingredients }: Proposal, surroundings: Surroundings): Draft {
  const way = wayOf(approachId)
  const laying = layingOf(site, way, answers, ingredients, surroundings)
  const { recipe, urineL } = laying
  const water = waterOf(approachId, answers, surroundings)
  const deadline = deadlineOf(way, sizeOf(answers[SIZE]).times, answers[STANDS], water.standsHours / 24, surroundings)
  const refusal = refusalOf(way, recipe, surroundings)
  const vessel = asVessel(site).name.toLowerCase()
  return {
    summary: summaryOf(laying, laying.own ? recipe.fits : 1, surroundings),
    verdict: refusal
      ? { grade: recipe.charL < CHARGE.leastL ? 'poor' : 'workable', text: refusal }
      : verdictOf(way, recipe, deadline, vessel, surroundings),
    facts: factsOf(way, recipe, deadline, surroundings),
    warnings: [
      ...waterWarning(recipe, water, surroundings), ...limitsOf(site, way, laying, surroundings),
      ...coldWarning(way, answers, water.standsHours / 24, deadline, surroundings),
    ],
    compared: compared(answers, surroundings),
    ...(refusal ? { refusal } : {}),
    picture: soakPicture({
      of: `Char in the ${vessel}`, site, way, standsL: recipe.standsL, charL: recipe.charL, bags: recipe.bags, charged: 0.5,
      filled: true, drained: false,
    }),
    steps: stepsOf(way, laying, water, surroundings),
    work: [
      { label: 'to set up', minutes: range(15, 30, 60) },
      ...(way.stirEveryDays === undefined ? [] : [{ label: 'each stir', minutes: range(1, 3, 5) }]),
    ],
    gives: refusal ? [] : [giftOf(way, recipe, deadline)],
    waterL: Math.max(0, recipe.waterL - urineL), recipe: laying.ingredients, proposed: true,
  }
}
