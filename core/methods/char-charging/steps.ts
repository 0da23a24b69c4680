import { containersFor, containerText } from '../../units/container'
import { numberText, quantityText } from '../../units/format'
import { massKg, portionOf } from '../../mix/portion'
import { DOSE_AREA, smallMassText } from '../../units/small'
import { counted } from '../../units/plural'
import { ascorbicAcidG } from '../../char/tap-water'
import type { BuildStep, Surroundings } from '../contract'
import { cautionsOf, URINE } from './cautions'
import { FEEDS, feedAs, feedText } from './feeds'
import type { Laying } from './laying'
import type { SoakRecipe } from './recipe'
import type { SoakWater } from './water'
import type { ChargeWay } from './ways'
import type { UnitSystem } from '../../units/system'

/** Ascorbic acid for so much water, as it is said. */
export function acidText(waterL: number, mgPerL: number, units: UnitSystem): string {
  const { low, high } = ascorbicAcidG(waterL, mgPerL)
  const [least, most] = [smallMassText(units, low), smallMassText(units, high)]
  return `${least === most ? least : `${least.split(' ')[0]} to ${most}`} of ascorbic acid`
}

/** What is said of water before anything goes in. */
function waterText(recipe: SoakRecipe, water: SoakWater, units: UnitSystem): string {
  if (water.kind === 'sound') return 'Rain or well water. It fills the pores, covers all of it, and leaves a slurry that pours.'
  if (water.kind === 'chlorine')
    return `Let it stand open for ${Math.ceil(water.standsHours)} hours before anything living goes in: chlorine goes by itself, quicker `
      + 'when stirred. The char waits beside it.'
  const why = water.feared
    ? 'Ask your supplier: it may be chloramine, which does not leave by standing. To be safe, '
    : 'Chloramine does not leave by standing. '
  return (
    `${why}${acidText(recipe.waterL, water.mgPerL, units)} take out ${numberText(water.mgPerL)} `
    + `${units === 'us' ? 'parts in a million' : 'mg a litre'}, stirred in; or rain `
    + `water.${water.feared ? ' Then let it stand a day for the chlorine.' : ''}`
  )
}

function waterStep(recipe: SoakRecipe, water: SoakWater, { units, garden: { waterCan } }: Surroundings): BuildStep {
  return {
    when: 'building',
    title: `${containerText(containersFor(recipe.waterL, waterCan), waterCan)} of water (${quantityText('volume', units, recipe.waterL)})`,
    detail: waterText(recipe, water, units), waterL: recipe.waterL, cautions: [],
  }
}

const TO_BEDS: BuildStep = {
  when: 'after', title: 'Onto beds, or into a mix',
  detail: 'The beds page says how many beds it covers, and which first. A cress trial of charged against raw shows what it was good for.',
  cautions: [],
}

function drySteps(way: ChargeWay): BuildStep[] {
  if (way.driesDays === 0) return []
  const liquor = way.kind === 'tub' ? ' The liquor is a thin feed.' : ''
  return [{
    when: 'after', title: way.kind === 'bag' ? 'Lift it, let it drain' : 'Drain it, dry it in the shade',
    detail: `${counted(way.driesDays, 'day', 'days')}, until it crumbles`
      + `${way.kind === 'tub' ? '; in its can, lid ajar, twice as long' : ''}.${liquor}`,
    cautions: [],
  }]
}

function bagSteps(way: ChargeWay, recipe: SoakRecipe, { units }: Surroundings): BuildStep[] {
  return [
    {
      when: 'before',
      title: `${counted(recipe.bags, 'bag', 'bags')} of ${quantityText('volume', units, recipe.charL / recipe.bags)}`,
      detail: 'Mesh finer than the dust, filled three quarters, a stone in it, a line to the bank.', cautions: cautionsOf(way),
    },
    {
      when: 'building', title: 'In with it',
      detail: 'Where water moves and weeds grow. It floats for days. The water of the pond is a feed for beds by itself.', cautions: [],
    },
    ...drySteps(way), TO_BEDS,
  ]
}

function beddingSteps(way: ChargeWay, recipe: SoakRecipe, { units }: Surroundings): BuildStep[] {
  return [
    {
      when: 'building', title: `Strew ${quantityText('volume', units, recipe.charL)} into the bedding`,
      detail: `Damp, a thin layer at a time, ${quantityText('volume', units, DOSE_AREA[units].areaM2, 1)} on `
        + `${DOSE_AREA[units].words}, under fresh straw.`,
      cautions: cautionsOf(way),
    },
    {
      when: 'after', title: 'Muck out into a heap', detail: 'With the dung it goes through a heap, and comes out with its compost.',
      cautions: [],
    },
    TO_BEDS,
  ]
}

function lives({ recipe, laid, own, ingredients }: Laying, { units }: Surroundings): BuildStep[] {
  const litres = (value: number) => quantityText('volume', units, value, 1)
  if (recipe.livingL <= 0) return []
  const fits = own ? recipe.fits : 1
  const what = laid.living.map(one => `${litres(fits * portionOf(one).looseVolumeL)} of ${one.material.short}`).join(', ')
  return [{
    when: 'building', title: ingredients.length > 0 && what ? what : `${litres(recipe.livingL)} of compost or castings`,
    detail: 'Ripe and earthy: what lives in it moves into the pores.', cautions: [],
  }]
}

function fed({ laid, urineL, recipe, own }: Laying, waterL: number, { units }: Surroundings): BuildStep[] {
  const litres = (value: number) => quantityText('volume', units, value, 1)
  const fits = own ? recipe.fits : 1
  const late = laid.feeds.some(one => feedAs(one).late) ? ' Molasses last, days before the end.' : ''
  return [
    ...(urineL > 0
      ? [{
          when: 'building' as const, title: `${litres(urineL)} of urine`,
          detail: `With ${litres(waterL)} of water it is one part to ${Math.max(1, Math.round(waterL / urineL))}.`, cautions: [URINE],
        }]
      : []),
    ...(laid.feeds.length > 0
      ? [{
          when: 'building' as const, title: laid.feeds.map(one =>
            feedText({ ...feedAs(one), label: one.material.short }, fits * 1000 * massKg([one]), units)).join(', '),
          detail: `Stirred in, dissolved first.${late}`, cautions: [],
        }]
      : []),
  ]
}

function tubSteps(way: ChargeWay, laying: Laying, water: SoakWater, surroundings: Surroundings): BuildStep[] {
  const { units } = surroundings
  const { recipe } = laying
  const waterL = Math.max(0, recipe.waterL - laying.urineL)
  const litres = (value: number) => quantityText('volume', units, value)
  const chars = laying.laid.char.map(({ material }) => material.short).join(' and ') || 'char'
  return [
    waterStep({ ...recipe, waterL }, water, surroundings),
    {
      when: 'building', title: `${litres(recipe.charL)} of ${chars}`,
      detail: 'Damped, stirred under until no dry nest is left. A third of the vessel stays free.', cautions: cautionsOf(way),
    },
    ...lives(laying, surroundings), ...fed(laying, waterL, surroundings),
    {
      when: 'building', title: 'Feeds, if you like',
      detail: `In all of the water at most: ${FEEDS.map(one => feedText(one, one.mostGPerL * waterL, units)).join(', ')}. `
        + 'Flour and molasses last, days before the end.',
      cautions: [],
    },
    {
      when: 'after', title: way.aired ? 'Air on, day and night' : 'Stir it, daily',
      detail: `About ${litres(recipe.drunkL)} of the water go into the char: top it up so that all stays covered.`, cautions: [],
    },
    ...drySteps(way), TO_BEDS,
  ]
}

/** The steps of a way. */
export function stepsOf(way: ChargeWay, laying: Laying, water: SoakWater, surroundings: Surroundings): BuildStep[] {
  const { recipe } = laying
  if (way.kind === 'bag') return bagSteps(way, recipe, surroundings)
  if (way.kind === 'bedding') return beddingSteps(way, recipe, surroundings)
  if (way.travels)
    return [
      {
        when: 'building',
        title: 'Strew it in layer by layer',
        detail: 'A twentieth to a tenth of its volume, damp.',
        cautions: cautionsOf(way),
      },
      TO_BEDS,
    ]
  return tubSteps(way, laying, water, surroundings)
}
