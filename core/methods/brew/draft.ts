import { addMinutes } from 'date-fns'
import type { Family } from '../../materials/material'
import { materialOf, type Ingredient } from '../../mix/portion'
import { numberOf, type Question } from '../../questions/question'
import { containerText, HANDFUL } from '../../units/container'
import { numberText, percentText, quantityText, roughly } from '../../units/format'
import type { UnitSystem } from '../../units/system'
import { capital } from '../../units/plural'
import { range } from '../../units/range'
import { asVessel } from '../../vessel/site'
import {
  type BuildStep, type Draft, type Fact, ownOf, placeCFrom, placeOf, PLACES, type Proposal, type Surroundings, type Verdict, type Warning,
} from '../contract'
import { amountsFor, dilutionFor, ownAmounts, thicknessOf, type BrewAmounts } from './amounts'
import { FOUL, setUpCautions, SOIL_ONLY } from './cautions'
import { dayAt, runBrew } from './course'
import { traitsAt } from './forecast'
import { kindOf, type BrewKind } from './kinds'
import { brewPicture } from './picture'
import { AS_BREW } from './prospects'
import { AREA, STANDS } from './words'
import { BREW } from './constants'

/** What is asked beside kind and vessel. */
export function asksOf(): readonly Question[] {
  return [
    {
      id: STANDS, kind: 'choice', label: 'Where it stands', choices: PLACES.map(({ id, label, hint }) => ({ id, label, hint })),
      usual: 'outside',
    },
    { id: AREA, kind: 'area', label: 'Beds it is for', usual: 10, most: 2000 },
  ]
}

/** Sooner, middle and later of what is possible: days and warmth one and a quarter spreads off. */
function heightDays(kind: BrewKind, placeC: readonly number[], progress: number): [number, number, number] {
  const days = Float64Array.from({ length: 2 * BREW.horizonDays + 1 }, (_, at) => at / 2)
  const on = (points: readonly number[]) => dayAt(runBrew(kind, placeC, traitsAt(points, kind.q10), days), progress)
  return [on([-1, 0, 0.8]), on([]), on([1, 0, -0.8])]
}

/** A small amount as it is measured in a kitchen or a garden. */
function kitchenText(kg: number, { units }: Surroundings): string {
  if (units === 'us') return kg < 0.45 ? `${numberText(kg * 35.274, kg < 0.1 ? 1 : 0)} oz` : quantityText('mass', units, kg, 1)
  return kg < 1 ? `${numberText(Math.max(1, Math.round(kg * 1000 / 5) * 5), 0)} g` : quantityText('mass', units, kg, 1)
}

/** What of the recipe is a material of the store, in buckets. */
function recipeOf({ parts }: BrewAmounts, around: Surroundings): Ingredient[] {
  return parts.flatMap(({ portion, ingredient, kg }): Ingredient[] => {
    if (ingredient) return [ingredient]
    const material = portion?.materialId ? materialOf({ materialId: portion.materialId }, around.materials) : undefined
    if (!material) return []
    const litres = kg / material.bulkDensityKgM3.typical * 1000
    // By the bucket nobody measures a handful.
    const container = litres < BREW.littleL ? HANDFUL : ownOf('bucket', around)
    return [{ material, amount: { count: litres / container.volumeL, container, packing: 'loose' } }]
  })
}

function stepsOf(kind: BrewKind, amounts: BrewAmounts, surroundings: Surroundings): BuildStep[] {
  const { units, garden: { waterCan } } = surroundings
  const litres = (value: number) => quantityText('volume', units, value, 1)
  const going = kind.aired
    ? 'Air on, day and night, until it is used.'
    : kind.strained
      ? 'Lid on loosely; stir it as the round says.'
      : 'Cover it with a cloth and a loose lid; measure the foam once a day.'
  return [
    {
      when: 'building', title: `${containerText(amounts.waterL / waterCan.volumeL, waterCan)} of water (${litres(amounts.waterL)})`,
      detail: `Rain water for choice, not colder than the place. It fills the vessel to ${Math.round(100 * kind.fill)} %: the rest is `
        + 'for foam and stirring.',
      cautions: setUpCautions(kind, surroundings),
    },
    ...amounts.parts.map(({ name, how, kg, ingredient }): BuildStep => ({
      when: 'building',
      title: ingredient
        ? `${containerText(ingredient.amount.count, ingredient.amount.container)} of ${name} (${kitchenText(kg, surroundings)})`
        : `${kitchenText(kg, surroundings)} of ${name}`,
      detail: `${capital(how)}.`, cautions: [],
    })),
    { when: 'after', title: 'Cover and let it work', detail: going, cautions: [FOUL] },
    {
      when: 'after', title: kind.strained ? 'Strain it, thin it, give it' : 'Thin it and give it',
      detail: `1 part to ${kind.parts.low} to ${kind.parts.high} of water, in the evening or on a dull `
        + `day.${kind.strained ? ' The solids go into the heap, well covered, or under mulch.' : ''}`,
      cautions: [SOIL_ONLY],
    },
  ]
}

function factsOf(
  kind: BrewKind, amounts: BrewAmounts, area: number, spread: readonly [number, number, number],
  until: readonly [number, number, number], { units, garden: { waterCan } }: Surroundings,
): Fact[] {
  const days = (low: number, high: number) =>
    high < 3 ? `${Math.round(low * 24)} to ${Math.round(high * 24)} hours` : `${numberText(low, 0)} to ${numberText(high, 0)} days`
  const { concentrateL, totalL } = dilutionFor(area, kind.parts.usual, 1)
  return [
    {
      label: kind.height.label, value: `after ${days(spread[0], spread[2])}`,
      why: `${numberText(kind.days20, 1)} days at ${quantityText('temperature', units, 20)}; `
        + `${quantityText('temperatureStep', units, 10)} less take ${numberText(kind.q10, 1)} times as long`,
    },
    {
      label: 'Use it by', value: `day ${numberText(until[1], 0)}`,
      why: kind.aired ? 'aired tea dies within hours once the air is off' : 'later it is a plain feed, thinned half as much again',
    },
    {
      label: 'Gives', value: `${quantityText('volume', units, amounts.waterL, 1)}`,
      why: `thinned 1 to ${kind.parts.usual}, thinly on: enough for `
        + `${quantityText('area', units, roughly(amounts.waterL * (1 + kind.parts.usual)), 0)}`,
    },
    ...(area > 0
      ? [
          {
            label: `For your ${quantityText('area', units, area, 0)}`,
            value: `${quantityText('volume', units, concentrateL, 1)} in ${containerText(totalL / waterCan.volumeL, waterCan)}`,
            why:
              concentrateL > amounts.waterL
                ? 'more than this vessel gives: a bigger one, or thinner'
                : 'the rest can go to other beds, or onto the heap',
          },
        ]
      : []),
  ]
}

function warningsOf(kind: BrewKind, placeC: readonly number[], units: UnitSystem): Warning[] {
  const mean = placeC.slice(0, 40).reduce((sum, one, _, all) => sum + one / all.length, 0)
  return [
    ...(mean < 6
      ? [
          {
            text: `Only about ${quantityText('temperature', units, mean)} where it stands: it will take very long. Bring it into a shed `
              + 'or a room.',
          },
        ]
      : []),
    ...(mean > 30 ? [{ text: `Above ${quantityText('temperature', units, 30)} it turns foul easily: shade, and look twice a day.` }] : []),
    ...(kind.stinks ? [{ text: 'It stinks: far from windows and neighbours.' }] : []),
  ]
}

/** Families that a brew is made of; dung is none of them, for its germs. */
export const BREWED: readonly Family[] = ['finished', 'plant', 'grass', 'leaf', 'straw', 'feed', 'kitchen']

/** A heap's stuff on the bench is no brew's. */
const LIES_FOR_ANOTHER = 'What lies on the bench would fill many such vessels: it is left aside. Less of it goes in where you say so.'

/** What a gardener's own recipe has too much or too little of, against what is usual. */
function ownWarnings(kind: BrewKind, own: ReturnType<typeof ownAmounts>, surroundings: Surroundings): Warning[] {
  const thick = thicknessOf(kind, own)
  const usual = kind.perLitre.reduce((sum, { materialId, kgPerL }) => sum + (materialId ? kgPerL : 0), 0)
  const stuff = own.parts.filter(({ ingredient }) => ingredient)
  const sweet = kind.aired ? stuff.find(({ ingredient }) => ingredient?.material.family === 'feed') : undefined
  const so = `${kitchenText(usual * own.waterL, surroundings)} of stuff are usual in `
    + `${quantityText('volume', surroundings.units, own.waterL, 1)} of water`
  return [
    ...(own.fits < 0.999
      ? [{ text: `Not all of it goes in: about ${percentText(own.fits)} of it, or nothing moves. The rest goes onto the heap.` }]
      : []),
    ...(thick > BREW.own.thick ? [{ text: `Thick: ${so}. So much turns foul and slimy; a bigger vessel, or less of it.` }] : []),
    ...(thick < BREW.own.thin ? [{ text: `Thin: ${so}. Give it with little or no water added.` }] : []),
    ...(sweet
      ? [{
          materialId: sweet.ingredient!.material.id,
          text: 'Sugar and feeds in aired tea also feed what makes people ill: leave them out, and none of it on what is eaten raw.',
        }]
      : []),
  ]
}

/** Whether it is enough for its beds, and when it is at its height. */
function verdictOf(
  kind: BrewKind, { waterL }: BrewAmounts, { site, answers }: Proposal, [, days, late]: readonly [number, number, number],
  units: UnitSystem,
): Verdict {
  const vessel = asVessel(site).name.toLowerCase()
  const area = areaOf(answers)
  const place = placeOf(answers[STANDS])
  if (dilutionFor(area, kind.parts.high, 1).concentrateL > waterL)
    return {
      grade: 'workable',
      text: `The ${vessel} gives too little for ${quantityText('area', units, area, 0)} even thinned 1 to ${kind.parts.high}: a bigger `
        + 'vessel, or fewer beds.',
    }
  return {
    grade: 'good',
    text: `${quantityText('volume', units, waterL, 1)} in the ${vessel}, ${kind.height.label.toLowerCase()} in about `
      + `${late < 3 ? `${Math.round(days * 24)} hours` : `${Math.round(days)} days`} `
      + `${place.id === 'outside' ? 'outside' : place.label.toLowerCase()}.`,
  }
}

const areaOf = (answers: Proposal['answers']) => numberOf(answers, AREA) ?? 10

/** What a planned brew comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const { site, approachId, answers, ingredients } = proposal
  const kind = kindOf(approachId)
  // What lies on the bench from another plan is nothing of a brew.
  const laid = ingredients.filter(({ material, amount: { count } }) => count > 0 && BREWED.includes(material.family))
  const laidOut = laid.length > 0 ? ownAmounts(kind, site, laid) : undefined
  const own = laidOut && laidOut.fits >= BREW.own.leastFits ? laidOut : undefined
  const amounts = own ?? amountsFor(kind, site)
  const place = placeOf(answers[STANDS])
  const placeC = placeCFrom(surroundings.now, BREW.horizonDays, place, surroundings)
  const [spread, until] = [heightDays(kind, placeC, 1), heightDays(kind, placeC, kind.use.until)]
  const area = areaOf(answers)
  const { units, now } = surroundings
  const vessel = asVessel(site)
  const on = (days: number) => addMinutes(now, Math.round(days * 1440))
  return {
    summary: `${quantityText('volume', units, amounts.waterL, 1)} of water and `
      + `${amounts.parts.map(({ name, kg }) => `${kitchenText(kg, surroundings)} of ${name}`).join(', ')}.`,
    verdict: verdictOf(kind, amounts, proposal, spread, units),
    facts: factsOf(kind, amounts, area, spread, until, surroundings),
    warnings: [
      ...(laidOut && !own ? [{ text: LIES_FOR_ANOTHER }] : []), ...(own ? ownWarnings(kind, own, surroundings) : []),
      ...warningsOf(kind, placeC, units),
    ],
    picture: brewPicture({
      of: `${kind.name} in the ${vessel.name.toLowerCase()}`, kind, site, share: 1, progress: 0.6, foamM: (kind.foamM ?? 0) * 0.8,
      aired: kind.aired,
    }),
    steps: stepsOf(kind, amounts, surroundings),
    work: [
      { label: 'to set up', minutes: range(10, 20, 40) },
      ...(kind.stirEveryDays === undefined
        ? [{ label: 'a look a day', minutes: range(1, 2, 4) }]
        : [{ label: 'each stir', minutes: range(1, 2, 5) }]),
      { label: 'to thin and give', minutes: range(10, 20, 40) },
    ],
    gives: [{
      label: kind.name,
      ...AS_BREW,
      litres: range(amounts.waterL * 0.85, amounts.waterL * 0.95, amounts.waterL),
      from: on(spread[0]),
      to: on(spread[2]),
    }],
    waterL: amounts.waterL, recipe: recipeOf(amounts, surroundings), proposed: true,
  }
}
