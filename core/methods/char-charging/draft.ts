import { differenceInDays } from 'date-fns'
import { UPTAKE_KG_KG, CRUSHED_KG_L } from '../../char/constants'
import { ascorbicAcidG } from '../../char/tap-water'
import { materialOf, type Ingredient } from '../../mix/portion'
import type { Question } from '../../questions/question'
import { dateText } from '../../units/dates'
import { containersFor, containerText, STARTING_CONTAINERS, type ContainerThen } from '../../units/container'
import { numberText, quantityText } from '../../units/format'
import { DOSE_AREA } from '../../units/small'
import { counted } from '../../units/plural'
import { range } from '../../units/range'
import { asVessel } from '../../vessel/site'
import { PLACES, type BuildStep, type Draft, type Fact, type Proposal, type Surroundings, type Warning } from '../contract'
import { cautionsOf } from './cautions'
import { deadlineOf } from './chance'
import { carriersFor, compared } from './compare'
import { FEEDS } from './feeds'
import { soakPicture } from './picture'
import { recipeFor, type SoakRecipe } from './recipe'
import { waterOf, type SoakWater } from './water'
import { sizeOf, SIZES, wayOf, type ChargeWay } from './ways'
import { BAG_L, BY, CHAR_L, SIZE, STANDS, TAP } from './words'

/** What is asked while it is planned. */
export function asksOf(approachId: string): readonly Question[] {
  const { kind } = wayOf(approachId)
  const tub = kind === 'tub'
  return [
    { id: CHAR_L, kind: 'volume', label: 'Crushed char', usual: 20, most: 5000 },
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
        ]
      : []),
    ...(kind === 'bag' ? [{ id: BAG_L, kind: 'volume', label: 'A bag holds', usual: 5, most: 50 } satisfies Question] : []),
  ]
}

/** Less is a handful. */
const LEAST_L = 0.05
const WARM = 'room'
const HANDY = STARTING_CONTAINERS.metric[0] as ContainerThen
const CHAR = ['biochar-crushed', 'char-coarse']
const LIVING = ['worm-castings', 'compost-finished', 'leaf-mould']

/** The first of several materials that the store has enough of, or the first. */
function atHand(ids: readonly string[], litres: number, { spares, materials }: Surroundings) {
  const inStore = (id: string) =>
    (spares ?? []).filter(({ material }) => material.id === id).reduce((sum, { count, container }) => sum + count * container.volumeL, 0)
  const id = ids.find(one => inStore(one) >= litres - 0.5) ?? [...ids].sort((a, b) => inStore(b) - inStore(a))[0]!
  return materialOf({ materialId: id }, materials)
}

function ingredient(ids: readonly string[], litres: number, surroundings: Surroundings): Ingredient[] {
  const material = litres > 0.05 ? atHand(ids, litres, surroundings) : undefined
  const { id, name, plural, volumeL } = HANDY
  return material ? [{ material, amount: { count: litres / volumeL, container: { id, name, plural, volumeL }, packing: 'loose' } }] : []
}

/** Grams of ascorbic acid for so much water, as it is said. */
export function acidText(waterL: number, mgPerL: number): string {
  const { low, high } = ascorbicAcidG(waterL, mgPerL)
  return low === high ? `${numberText(low, 1)} g` : `${numberText(low, 2)} to ${numberText(high, 2)} g of ascorbic acid`
}

function waterStep(recipe: SoakRecipe, water: SoakWater, { units, garden: { waterCan } }: Surroundings): BuildStep {
  const detail = water.kind === 'sound'
    ? 'Rain or well water. It fills the pores, covers all of it, and leaves a slurry that pours.'
    : water.kind === 'chlorine'
      ? `Let it stand open for ${Math.ceil(water.standsHours)} hours before anything living goes in: chlorine goes by itself, quicker `
      + 'when stirred. The char waits beside it.'
      : (water.feared
          ? 'Ask your supplier: it may be chloramine, which does not leave by standing. To be safe, '
          : 'Chloramine does not leave by standing. ')
        + `${acidText(recipe.waterL, water.mgPerL)} `
        + `take out ${numberText(water.mgPerL)} mg a litre, stirred in; or rain `
        + `water.${water.feared ? ' Then let it stand a day for the chlorine.' : ''}`
  return {
    when: 'building',
    title: `${containerText(containersFor(recipe.waterL, waterCan), waterCan)} of water (${quantityText('volume', units, recipe.waterL)})`,
    detail, waterL: recipe.waterL, cautions: [],
  }
}

function stepsOf(way: ChargeWay, recipe: SoakRecipe, water: SoakWater, surroundings: Surroundings): BuildStep[] {
  const { units } = surroundings
  const litres = (value: number) => quantityText('volume', units, value)
  const cautions = cautionsOf(way)
  const last: BuildStep[] = [
    ...(way.driesDays > 0
      ? [
          {
            when: 'after' as const, title: way.kind === 'bag' ? 'Lift it, let it drain' : 'Drain it, dry it in the shade',
            detail: `${counted(way.driesDays, 'day', 'days')}, until it `
              + `crumbles.${way.kind === 'tub' ? ' The liquor is a thin feed.' : ''}`,
            cautions: [],
          },
        ]
      : []),
    {
      when: 'after', title: 'Onto beds, or into a mix',
      detail:
        'The beds page says how many beds it covers, and which first. A cress trial of charged against raw shows what it was good for.',
      cautions: [],
    },
  ]
  if (way.kind === 'bag')
    return [
      {
        when: 'before' as const, title: `${counted(recipe.bags, 'bag', 'bags')} of ${litres(recipe.charL / recipe.bags)}`,
        detail: 'Mesh finer than the dust, filled three quarters, a stone in it, a line to the bank.', cautions,
      },
      {
        when: 'building' as const, title: 'In with it',
        detail: 'Where water moves and weeds grow. It floats for days. The water of the pond is a feed for beds by itself.',
        cautions: [],
      },
      ...last,
    ]
  if (way.kind === 'bedding')
    return [
      {
        when: 'building', title: `Strew ${litres(recipe.charL)} into the bedding`,
        detail: `Damp, a thin layer at a time, ${quantityText('volume', units, DOSE_AREA[units].areaM2, 1)} on `
          + `${DOSE_AREA[units].words}, under fresh straw.`,
        cautions,
      },
      {
        when: 'after', title: 'Muck out into a heap', detail: 'With the dung it goes through a heap, and comes out with its compost.',
        cautions: [],
      },
      ...last.slice(-1),
    ]
  if (way.travels)
    return [
      { when: 'building', title: 'Strew it in layer by layer', detail: 'Five to ten of a hundred litres, damp.', cautions },
      ...last.slice(-1),
    ]
  return [
    waterStep(recipe, water, surroundings),
    {
      when: 'building', title: `${litres(recipe.charL)} of crushed char`,
      detail: 'Damped, stirred under until no dry nest is left. A third of the vessel stays free.', cautions,
    },
    ...(recipe.livingL > 0
      ? [
          {
            when: 'building' as const, title: `${litres(recipe.livingL)} of compost or castings`,
            detail: 'Ripe and earthy: what lives in it moves into the pores.', cautions: [],
          },
        ]
      : [
          {
            when: 'building' as const,
            title: 'The feed: one part to ten of water',
            detail: 'Diluted urine, or a liquid nitrogen feed as its label says.',
            cautions: [],
          },
        ]),
    {
      when: 'building', title: 'Feeds, if you like',
      detail: 'In all of the water at most: '
        + `${FEEDS.map(({ label, mostGPerL }) => `${label} ${numberText(mostGPerL * recipe.waterL)} g`).join(', ')}. Flour and molasses `
        + 'last, days before the end.',
      cautions: [],
    },
    {
      when: 'after', title: way.aired ? 'Air on, day and night' : 'Stir it, daily',
      detail: `About ${litres(recipe.drunkL)} of the water go into the char: top it up so that all stays covered.`, cautions: [],
    },
    ...last,
  ]
}

function refusalOf(way: ChargeWay, recipe: SoakRecipe, surroundings: Surroundings): string | undefined {
  if (recipe.charL < LEAST_L) return 'Say how much char there is.'
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
      why: 'begun today, with the usual weather; what floats and bubbles sharpens it',
    },
    ...(way.kind === 'tub'
      ? [
          {
            label: 'The char drinks', value: litres(recipe.drunkL),
            why: `${UPTAKE_KG_KG.low} to ${UPTAKE_KG_KG.high} times its mass of `
              + `${quantityText('mass', units, recipe.charL * CRUSHED_KG_L.typical, 1)}: top it up`,
          },
          { label: 'It stands', value: litres(recipe.standsL), why: 'a third of the vessel is left free for foam and stirring' },
        ]
      : []),
    ...(way.kind === 'bag'
      ? [{ label: 'Bags', value: `${recipe.bags}`, why: 'wet they weigh three times as much: small ones come out again' }]
      : []),
  ]
}

/** In a room it would be through so many days sooner: then it is worth carrying. */
const WORTH_CARRYING_DAYS = 14

/** Where the cold holds it up, and what a warm place would change. */
function coldWarning(
  way: ChargeWay, answers: Proposal['answers'], waterDays: number, { to }: { readonly to: Date }, surroundings: Surroundings,
): Warning[] {
  if (way.kind !== 'tub' || answers[STANDS] === WARM) return []
  const indoors = deadlineOf(way, sizeOf(answers[SIZE]).times, WARM, waterDays, surroundings)
  return differenceInDays(to, indoors.to) >= WORTH_CARRYING_DAYS
    ? [
        {
          text: 'It is cold where it stands, and in frost nothing happens: in a warm room it would be charged and dry by '
            + `${dateText(indoors.to)}.`,
        },
      ]
    : []
}

/** What a plan of charging comes to. */
export function draftOf({ site, approachId, answers }: Proposal, surroundings: Surroundings): Draft {
  const way = wayOf(approachId)
  const recipe = recipeFor(site, way, answers)
  const water = waterOf(approachId, answers, surroundings)
  const deadline = deadlineOf(way, sizeOf(answers[SIZE]).times, answers[STANDS], water.standsHours / 24, surroundings)
  const { units } = surroundings
  const litres = (value: number) => quantityText('volume', units, value)
  const refusal = refusalOf(way, recipe, surroundings)
  const vessel = asVessel(site).name.toLowerCase()
  const waits
    = water.kind === 'sound'
      ? []
      : [
          {
            text:
              water.kind === 'chlorine'
                ? `Mains water: it stands open for ${Math.ceil(water.standsHours)} hours first, or the chlorine kills what you put in.`
                : `Mains water with chloramine${water.feared ? ', perhaps' : ''}: standing does not help. `
                  + `${acidText(recipe.waterL, water.mgPerL)}, or rain water.`,
          },
        ]
  const warnings: Warning[] = [...waits, ...coldWarning(way, answers, water.standsHours / 24, deadline, surroundings)]
  const made = recipe.charL + recipe.livingL * 0.5
  return {
    summary: `${litres(recipe.charL)} of `
      + 'char'
      + (recipe.livingL > 0
        ? `, ${litres(recipe.livingL)} of compost or castings`
        : '')
      + (recipe.waterL > 0
        ? `, ${litres(recipe.waterL)} of water`
        : '') + '.',
    verdict: refusal
      ? { grade: recipe.charL < LEAST_L ? 'poor' : 'workable', text: refusal }
      : recipe.tubs > 1
        ? {
            grade: 'workable',
            text: `The ${vessel} takes ${litres(recipe.charL)} of the ${litres(recipe.wantedL)}, with a third of it free: ${recipe.tubs} `
              + 'of them, or one after the other.',
          }
        : {
            grade: 'good',
            text: (way.kind === 'bag'
              ? `${counted(recipe.bags, 'bag', 'bags')} in the ${vessel}`
              : way.kind === 'bedding'
                ? `${litres(recipe.charL)} in the bedding`
                : `${litres(recipe.charL)} of char in the ${vessel}`) + ': '
                + `charged${way.driesDays > 0 ? ' and dry' : ''} between ${dateText(deadline.from)} and `
                + `${dateText(deadline.to)}${deadline.orLater ? ' or later' : ''}.`,
          },
    facts: factsOf(way, recipe, deadline, surroundings),
    warnings,
    compared: compared(answers, surroundings),
    ...(refusal ? { refusal } : {}),
    picture: soakPicture({
      of: `Char in the ${vessel}`, site, way, standsL: recipe.standsL, charL: recipe.charL, bags: recipe.bags, charged: 0.5,
      filled: true, drained: false,
    }),
    steps: stepsOf(way, recipe, water, surroundings),
    work: [
      { label: 'to set up', minutes: range(15, 30, 60) },
      ...(way.stirEveryDays === undefined ? [] : [{ label: 'each stir', minutes: range(1, 3, 5) }]),
    ],
    gives: refusal
      ? []
      : [
          {
            label: way.kind === 'bedding' ? 'Dung with char, for a heap' : 'Charged char', litres: range(made * 0.9, made, made * 1.1),
            from: deadline.from, to: deadline.to,
          },
        ],
    waterL: recipe.waterL, recipe: [...ingredient(CHAR, recipe.charL, surroundings), ...ingredient(LIVING, recipe.livingL, surroundings)],
  }
}
