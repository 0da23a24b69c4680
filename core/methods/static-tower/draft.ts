import { addDays } from 'date-fns'
import { chargeOf } from '../../heat/charge'
import { emptyCourse, runCourse } from '../../heat/course'
import { traitsAt, TRAIT_NAMES, type TraitName } from '../../heat/traits'
import { typicalTotals, mixBalance } from '../../mix/balance'
import { portionOf, type Ingredient } from '../../mix/portion'
import type { Question } from '../../questions/question'
import { containerText, containerThen, STARTING_CONTAINERS } from '../../units/container'
import { quantityText, ratioText, roughly, spanText } from '../../units/format'
import { range } from '../../units/range'
import { asVessel, siteFillM, siteVolumeL } from '../../vessel/site'
import { frontWidthM, perimeterM } from '../../vessel/vessel'
import { findMaterial } from '../../materials/book'
import type { BuildStep, Draft, Fact, Proposal, Surroundings, Verdict, Warning } from '../contract'
import { weatherOn } from '../heated/forecast/around'
import { workedUp } from '../heated/working'
import { habitOf } from '../heated/turning'
import { LOADING_CAUTIONS, WIRE_CAUTION } from './cautions'
import { channelPlan } from './plan'
import { freshened } from './question'
import { groundOf, laidOut, openShareOf } from './sites'
import { RAIN } from './words'
import { TOWER } from './constants'
import { HEATED } from '../heated/constants'
import type { Site } from '../../vessel/site'

/** What is asked beside school, site and stuff. */
export function asks(): readonly Question[] {
  return [{
    id: RAIN, kind: 'choice', label: 'On top',
    choices: [
      { id: 'covered', label: 'a cover that breathes' }, { id: 'open', label: 'open to the rain' },
    ],
    usual: 'covered',
  }]
}

const DAYS = Float64Array.from({ length: TOWER.horizonDays / 2 + 1 }, (_, at) => at * 2)

interface Tried {
  readonly ingredients: readonly Ingredient[]
  readonly ratio: number
  readonly volumeL: number
  readonly heightM: number
  readonly waterL: number
  /** Days: to cool, to have worked a year; how far it has sunk in a year, and litres a week in summer: low, middle, high. */
  readonly coolDays: readonly number[]
  readonly readyDays: readonly number[]
  readonly peakC: readonly number[]
  readonly sunk: readonly number[]
  readonly weeklyL: number
}

const at = (values: Partial<Record<TraitName, number>>) => traitsAt(TRAIT_NAMES.map(name => values[name] ?? 0))
/** Cooler and slower, middle, warmer and quicker: the pools, their pace and the air one and a quarter spreads off. */
const CORNERS = [
  at({ rapid: -1.28, medium: -1.28, slow: -1, usable: -1, air: 0.8 }), at({}),
  at({ rapid: 1.28, medium: 1.28, slow: 1, usable: 1, air: -0.8 }),
] as const

/** What is planned; a cage of fresh chips and leaves while nothing was said. */
function ingredientsOf(proposal: Proposal, { materials, units }: Surroundings): readonly Ingredient[] {
  const some = proposal.ingredients.filter(({ amount: { count } }) => count > 0)
  if (some.length > 0) return some
  const sack = STARTING_CONTAINERS[units].find(({ id }) => id === 'sack')!
  const count = Math.max(1, Math.round(siteVolumeL(proposal.site) * 1.2 / 2 / sack.volumeL))
  return ['chips-ramial', 'leaves-mixed'].flatMap((id): Ingredient[] => {
    const material = findMaterial(id, materials)
    return material ? [{ material, amount: { count, container: containerThen(sack), packing: 'loose' } }] : []
  })
}

function tryOut(proposal: Proposal, surroundings: Surroundings): Tried | undefined {
  const ingredients = ingredientsOf(proposal, surroundings)
  const portions = ingredients.map(portionOf)
  const balance = mixBalance(portions)
  const totals = typicalTotals(portions)
  const dryKg = totals.wetMassKg - totals.waterKg
  if (!balance.ok || !(dryKg > 0)) return undefined
  const waterL = Math.max(0, dryKg * TOWER.moist.target / (1 - TOWER.moist.target) - totals.waterKg)
  const plain = chargeOf(portions, waterL)
  if (!plain) return undefined
  const { carbonToNitrogen, volumeL } = balance.value
  const vessel = asVessel(proposal.site)
  const weather = { ...weatherOn(vessel, surroundings.now, TOWER.horizonDays, surroundings), openShare: openShareOf(proposal.answers) }
  const courses = CORNERS.map((traits) => {
    const course = emptyCourse(DAYS)
    const run = runCourse({
      charge: freshened(plain, carbonToNitrogen),
      standing: groundOf(laidOut(proposal.site)),
      weather,
      deeds: [],
      startsAboveK: HEATED.startsAboveK,
      starter: 0.15,
      habitFromDay: 0,
      habit: habitOf({ kind: 'never' }, { everyDays: 7, below: 0.685, belowWhenTurned: 0.685, to: TOWER.moist.target }),
    }, { ...traits, spells: 0 }, course)
    return run.ok ? course : undefined
  })
  if (courses.some(course => !course)) return undefined
  const year = DAYS.findIndex(day => day >= 365)
  const row = courses.map(course => course!)
  return {
    ingredients, ratio: carbonToNitrogen, volumeL, heightM: siteFillM(proposal.site, volumeL), waterL,
    coolDays: row.map(
      ({ coreC }) =>
        (DAYS[
          Math.max(
            0, coreC.findLastIndex((celsius, index) => DAYS[index]! < 120 && celsius >= TOWER.wormsBelowC),
          )
        ] ?? 0) + 3,
    ),
    readyDays: row.map(course => workedUp(course, { days: 0 }, 0, TOWER.workingDays).day ?? TOWER.horizonDays),
    peakC: row.map(({ coreC }) => Math.max(...coreC.slice(0, 20))),
    sunk: row.map(({ volumeShare }) => 1 - volumeShare[year]! / volumeShare[0]!), weeklyL: driest(row[1]!.habitWaterings),
  }
}

/** Litres a week in the driest eight weeks. */
function driest(waterings: readonly { readonly day: number, readonly litres: number }[]): number {
  const weeks = new Map<number, number>()
  for (const { day, litres } of waterings) weeks.set(Math.floor(day / 56), (weeks.get(Math.floor(day / 56)) ?? 0) + litres / 8)
  return Math.max(0, ...weeks.values())
}

function verdictOf({ ratio, heightM, volumeL }: Tried, proposal: Proposal): Verdict {
  const roomL = siteVolumeL(proposal.site)
  if (ratio < TOWER.ratio.least)
    return {
      grade: 'poor',
      text: `At ${ratioText(ratio)} it is a hot heap and not a tower: it heats for weeks, runs short of air and bacteria take it.`,
      advice: 'More chips and leaves, less green',
    }
  if (heightM < TOWER.heightM.least)
    return { grade: 'poor', text: 'So low it dries through to the ground within days.', advice: 'More stuff, or a slimmer cage' }
  if (volumeL > 1.12 * roomL)
    return {
      grade: 'workable', text: 'More than goes in at once: keep the rest moist and fill it up after the first week, when it has sunk.',
    }
  if (ratio < TOWER.ratio.good)
    return {
      grade: 'workable',
      text: `At ${ratioText(ratio)} it gets rather warm: worms wait some weeks longer. Chips and leaves at 50 : 1 or more suit fungi `
        + 'better.',
    }
  if (ratio > TOWER.ratio.most)
    return {
      grade: 'workable',
      text: `At ${ratioText(ratio)} it hardly warms and takes its time: two years rather than one. Some leaves, or a bucket of grass to `
        + 'each ten of chips, bring it on.',
    }
  if (volumeL < 0.6 * roomL)
    return { grade: 'workable', text: 'The cage is not two thirds full: it sinks to a low layer within the year. Fill it to the rim.' }
  return { grade: 'good', text: `At ${ratioText(ratio)} and kept wet: a short warm week or two, then fungi, then worms.` }
}

const days = (values: readonly number[]) => {
  const [low, high] = [Math.round(Math.min(...values)), Math.round(Math.max(...values))]
  return low === high ? `${low}` : `${low} to ${high}`
}

function facts(tried: Tried, proposal: Proposal, surroundings: Surroundings): Fact[] {
  const { units, garden: { waterCan } } = surroundings
  const site = laidOut(proposal.site)
  const vessel = asVessel(site)
  const channels = site.kind === 'channelled' ? site.channels : []
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const lengthM = vessel.heightM + 0.4
  const metres = (value: number) => quantityText('length', units, value)
  const percent = (share: number) => `${Math.round(100 * share)}`
  return [
    {
      label: 'Air channels',
      value: channels.length === 0 ? 'none: the cloth is near enough' : `${channels.length}, each ${metres(channels[0]!.diameterM)} across`,
      why: `so that nothing lies farther than ${metres(TOWER.reachM)} from air, counted from the wall of a pipe or from the cloth`,
    },
    ...(channels.length > 0
      ? [
          {
            label: 'Pipes', value: `${channels.length} of ${metres(lengthM)}`,
            why: 'smooth drain pipe, a hand above the rim; pulled out after a day or two and used again',
          },
        ]
      : []),
    {
      label: 'Cage and cloth', value: `${metres(perimeterM(vessel) + 0.15)} of mesh, ${metres(vessel.heightM)} high`,
      why: `${metres(perimeterM(vessel) + 0.25)} of cloth that lets air and water through, as high, and a round of it as a cover`,
    },
    {
      label: 'Water to load it', value: containerText(tried.waterL / waterCan.volumeL, waterCan),
      why: `${litres(tried.waterL)}, to 70 %: soak leaves overnight, hose every layer`,
    },
    {
      label: 'Water each week',
      value:
        tried.weeklyL < 3 ? 'little: the rain and the cover keep it' : `up to ${containerText(tried.weeklyL / waterCan.volumeL, waterCan)}`,
      why: 'in the driest weeks, with the weather as it usually is',
    },
    {
      label: 'Warmest', value: spanText('temperature', units, Math.min(...tried.peakC), Math.max(...tried.peakC)),
      why: `worms after ${days(tried.coolDays)} days, three of them below ${quantityText('temperature', units, TOWER.wormsBelowC)}`,
    },
    {
      label: 'Sinks in a year', value: `${percent(Math.min(...tried.sunk))}–${percent(Math.max(...tried.sunk))} %`,
      why: 'a plain pile of the same stuff beside it is an honest control: link the two as a trial',
    },
  ]
}

function warnings({ ingredients }: Tried): Warning[] {
  return ingredients.flatMap(({ material }): Warning[] => {
    if (material.id === 'leaves-walnut')
      return [{ materialId: material.id, text: 'Walnut holds back fungi and plants for a year: keep it out.' }]
    if (material.family === 'kitchen')
      return [{ materialId: material.id, text: 'Kitchen scraps draw rats and heat it: a hot heap or worms eat them better.' }]
    return material.family === 'manure'
      ? [{ materialId: material.id, text: 'Manure makes it hot and bacterial: a bucket to ten of chips at most.' }]
      : []
  })
}

function steps(tried: Tried, proposal: Proposal, surroundings: Surroundings): BuildStep[] {
  const { units, garden: { waterCan } } = surroundings
  const site = laidOut(proposal.site)
  const channels = site.kind === 'channelled' ? site.channels : []
  const metres = (value: number) => quantityText('length', units, value)
  const layers = Math.max(3, Math.round(tried.heightM / 0.25))
  const each = (litres: number) => quantityText('volume', units, roughly(litres / layers))
  const named = tried.ingredients
    .map(({ amount: { count, container }, material }) => `${containerText(count, container)} of ${material.short}`)
    .join(', ')
  return [
    {
      when: 'before', title: 'Set the cage up',
      detail:
        'In shade, out of the wind, near water, on a pallet with mesh or on a hand of twigs: air comes from below too. Line it with '
        + 'cloth that lets air and water through.',
      cautions: [WIRE_CAUTION, 'No pallets that are stamped with a methyl bromide treatment, painted or unmarked.'],
    },
    ...(channels.length > 0
      ? [
          {
            when: 'before' as const, title: `Set ${channels.length === 1 ? 'the pipe' : `the ${channels.length} pipes`}`,
            detail: 'By the plan, '
              + `${channels.map(({ xM, yM }, index) => `${index + 1}: ${metres(Math.hypot(xM, yM))} from the middle`).join('; ')}. Hold `
              + 'them upright with a lath across the top.',
            cautions: [],
          },
        ]
      : []),
    {
      when: 'before', title: `Soak: ${named}`,
      detail: `Leaves overnight in a tub, chips under the hose. In all ${containerText(tried.waterL / waterCan.volumeL, waterCan)} `
        + `(${quantityText('volume', units, roughly(tried.waterL))}).`,
      cautions: [LOADING_CAUTIONS[1]!],
    },
    {
      when: 'building', title: `Load it at once, in ${layers} layers`,
      detail: `Mixed, each layer about ${each(tried.volumeL)} with ${each(tried.waterL)} of water: it drips when you squeeze it. Do not `
        + 'tread it down.',
      cautions: [LOADING_CAUTIONS[0]!],
    },
    {
      when: 'building', title: 'Cover it and note the height',
      detail: 'Cloth or sacking on top, weighted. After a day or two the pipes come out; worms wait until it is below '
        + `${quantityText('temperature', units, TOWER.wormsBelowC)} for three days.`,
      cautions: [],
    },
  ]
}

/** A tower cut open: what lies in it, and its channels. */
function pictureOf(site: Site, tried: Tried | undefined): Draft['picture'] {
  const vessel = asVessel(site)
  const heightM = Math.min(vessel.heightM * 1.2, tried?.heightM ?? 0)
  const loose = tried?.ingredients.map(portionOf) ?? []
  const sum = loose.reduce((all, { looseVolumeL }) => all + looseVolumeL, 0) || 1
  return {
    of: `The ${vessel.name.toLowerCase()} cut open`, widthM: frontWidthM(vessel), heightM: Math.max(vessel.heightM, heightM),
    parts: [
      { kind: 'walls', vessel },
      {
        kind: 'fill', heightM,
        bands: loose.map(({ material, looseVolumeL }) => ({
          family: material.family, short: material.short, heightShare: looseVolumeL / sum,
        })),
      },
      ...(site.kind === 'channelled'
        ? site.channels.map(channel => ({ kind: 'channel' as const, channel, heightM: vessel.heightM + 0.1 }))
        : []),
      { kind: 'soil' },
    ],
  }
}

/** What a planned tower comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const tried = tryOut(proposal, surroundings)
  const site = laidOut(proposal.site)
  const { units, now } = surroundings
  const base = {
    site, picture: pictureOf(site, tried), fromAbove: channelPlan(`The ${asVessel(site).name.toLowerCase()}`, site, false),
    work: [
      { label: 'to soak and load it', minutes: range(120, 200, 360) },
      { label: 'water and a look, each week', minutes: range(5, 10, 20) },
    ],
  }
  if (!tried)
    return {
      ...base,
      summary: 'Nothing in it decays.',
      verdict: { grade: 'poor', text: 'Nothing of this decays: chips and leaves make a tower.' },
      facts: [],
      warnings: [],
      steps: [],
      gives: [],
      waterL: 0,
    }
  const [slow, , quick] = tried.readyDays as [number, number, number]
  const left = (share: number) => tried.volumeL * (1 - share)
  const litres = tried.sunk.map(left).sort((a, b) => a - b) as [number, number, number]
  return {
    ...base,
    summary: `${quantityText('volume', units, roughly(tried.volumeL))}, ${quantityText('length', units, tried.heightM)} high, `
      + `${ratioText(tried.ratio)}; ${quantityText('volume', units, roughly(tried.waterL))} of water.`,
    verdict: verdictOf(tried, proposal),
    facts: facts(tried, proposal, surroundings),
    warnings: warnings(tried),
    steps: steps(tried, proposal, surroundings),
    gives: [{
      label: 'Fungal compost',
      litres: range(0.85 * litres[0], litres[1], 1.1 * litres[2]),
      from: addDays(now, Math.round(Math.min(slow, quick))),
      to: addDays(now, Math.round(Math.max(slow, quick) * 1.25)),
    }],
    waterL: Math.round(tried.waterL),
    ...(proposal.ingredients.some(({ amount: { count } }) => count > 0) ? {} : { recipe: tried.ingredients }),
  }
}
