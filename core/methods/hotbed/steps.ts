import { type Ingredient, looseL } from '../../mix/portion'
import { containersFor, containerText } from '../../units/container'
import { quantityText, roughly } from '../../units/format'
import type { BuildStep, Surroundings } from '../contract'
import type { BedWay } from './approaches'
import { DUST, GASES, GLASS_CARE, LIFTING, MANURE, TREADING } from './care'
import type { BedGround } from './plan'
import { BED } from './constants'

/** A bed to be built. */
export interface BedBuild {
  readonly way: BedWay
  readonly ground: BedGround
  readonly heightM: number
  readonly waterL: number
  readonly ingredients: readonly Ingredient[]
}

/** What is done before the first layer: the ground, and the stuff forked through. */
function groundSteps({ way, ground, waterL, ingredients }: BedBuild, { units, garden: { waterCan } }: Surroundings): BuildStep[] {
  const wholeL = looseL(ingredients)
  const dung = ingredients.some(({ material }) => material.family === 'manure')
  const cans = containerText(containersFor(waterL, waterCan), waterCan)
  const tub = way.id === 'tub'
  return [
    {
      when: 'before', title: tub ? 'Sink the tub to its rim' : 'Mark the ground',
      detail: tub
        ? 'In the sun, out of the wind, holes in its bottom; straw packed around it.'
        : `${quantityText('area', units, ground.footprintM2, 1)} in the sun, out of the wind, a path round it and room for the next one `
          + 'beside it. Mesh under it where there are mice.',
      cautions: ['Before you dig: know where cables and pipes lie.'],
    },
    {
      when: 'before', title: `Fork it through: ${quantityText('volume', units, roughly(wholeL))}`,
      detail: `${ingredients.map(({ material }) => material.short).join(', ')}, lumps broken, dry straw `
        + `wetted${waterL > 1 ? `: ${cans} in all, as you go` : ''}. Wrung out, it gives a drop.`,
      ...(waterL > 1 ? { waterL } : {}),
      cautions: [...(dung ? [MANURE] : []), DUST, LIFTING],
    },
  ]
}

const BANK: BuildStep = {
  when: 'building',
  title: 'Bank up the sides',
  detail: 'Straw, leaves or soil, a forearm thick: half of the heat is lost there.',
  cautions: [],
}
const FRAME: BuildStep = {
  when: 'building', title: 'The frame on it',
  detail: 'High side to the north, low side to the sun; shut, with a finger of air while it is at its hottest.',
  cautions: [GLASS_CARE, GASES],
}

/** How it is built in one day, from the ground up. */
export function stepsOf(build: BedBuild, surroundings: Surroundings): BuildStep[] {
  const { way, ground, heightM } = build
  const { units } = surroundings
  const length = (value: number) => quantityText('length', units, value)
  const layers = Math.max(1, Math.round(heightM / BED.layerM))
  return [
    ...groundSteps(build, surroundings),
    {
      when: 'building', title: `Lay and tread ${layers} ${layers === 1 ? 'layer' : 'layers'}`,
      detail: `Each about ${length(BED.layerM)} when trodden, the edges first and firmest, to ${length(heightM)}. Not cement: a fork still `
        + 'goes in.',
      cautions: [TREADING],
    },
    ...(ground.sides === 'banked' ? [BANK] : []),
    {
      when: 'building', title: way.trays ? `${length(ground.soilM)} of sand, level` : `${length(ground.soilM)} of soil or sieved compost`,
      detail: `${quantityText('volume', units, roughly(ground.soilM * ground.footprintM2 * 1000))}, raked `
        + `level${way.trays ? '; the trays stand in it' : ', no lumps of dung in it'}.`,
      cautions: [],
    },
    ...(ground.top.cover === 'none' ? [] : [FRAME]),
    {
      when: 'building', title: 'A thermometer in the soil',
      detail: `A finger deep. Read it every day: sow when it has come down below ${quantityText('temperature', units, BED.sowBelowC)}.`,
      cautions: [],
    },
  ]
}
