import { addDays } from 'date-fns'
import { findMaterial } from '../../materials/book'
import type { Material } from '../../materials/material'
import { portionOf, type Ingredient } from '../../mix/portion'
import { numberOf, type Question } from '../../questions/question'
import { containerText, STARTING_CONTAINERS } from '../../units/container'
import { numberText, quantityText, roughly, spanText } from '../../units/format'
import { range, type Range } from '../../units/range'
import { asVessel, type Site } from '../../vessel/site'
import { frontWidthM } from '../../vessel/vessel'
import { weatherFrom, type BuildStep, type Draft, type Fact, type Gift, type Proposal, type Surroundings, type Warning } from '../contract'
import { dayLeft, runCage, shellShare, USUAL_TRAITS, type CageCourse } from './course'
import { traitsAt } from './forecast'
import { fillsOf, helpOf, isShredded, waterToWetL } from './leaves'
import { fineShare } from './outputs'
import { roomL } from './question'
import { GRADES, leafClassOf } from './rates'
import { exposureOf } from './sites'
import { BAGS, RAIN } from './words'
import { LEAF } from './constants'
import { WEEK_DAYS } from '../../units/time'

/** What is asked beside school, site and leaves. */
export function asksOf(approachId: string): readonly Question[] {
  return [
    ...(approachId === 'bagged' ? [{ id: BAGS, kind: 'count', label: 'Bags of this kind', usual: 4, most: 60 } as const] : []),
    ...(approachId === 'bagged'
      ? []
      : [
          {
            id: RAIN, kind: 'choice', label: 'Rain',
            choices: [
              { id: 'open', label: 'falls in' }, { id: 'roof', label: 'hardly gets in: roof, eaves, dense tree' },
            ],
            usual: 'open',
          } as const,
        ]),
    { id: 'wantedL', kind: 'volume', label: 'Potting mould wanted each spring, if you know', usual: 0, most: 5000 },
  ]
}

/** A plan reckons with a cage that is looked after: under a roof the can does what the rain would. */
const asTended = (site: Site, count: number) => exposureOf(site, count, {})

/** Early, middle and late of what is possible, to give a range without a forecast: pace and settling one and a quarter spreads off. */
const CORNERS = [traitsAt([1.28, 0.5]), USUAL_TRAITS, traitsAt([-1.28, -0.5])] as const

interface Tried {
  readonly ingredients: readonly Ingredient[]
  readonly count: number
  readonly capacityL: number
  readonly looseL: number
  readonly waterL: number
  /** Sooner, middle, later. */
  readonly courses: readonly [CageCourse, CageCourse, CageCourse]
  readonly groundM2: number
  readonly proposal: Proposal
}

/** What is planned; a cage full of mixed leaves while nothing was said. */
function ingredientsOf(proposal: Proposal, capacityL: number): readonly Ingredient[] {
  const some = proposal.ingredients.filter(({ amount }) => amount.count > 0)
  const sack = STARTING_CONTAINERS.metric[1]!
  const leaves = findMaterial('leaves-mixed') as Material
  return some.length > 0
    ? some
    : [{ material: leaves, amount: { count: Math.max(1, Math.floor(capacityL / sack.volumeL)), container: sack, packing: 'loose' } }]
}

function tryOut(proposal: Proposal, surroundings: Surroundings): Tried {
  const count = proposal.approachId === 'bagged' ? Math.max(1, numberOf(proposal.answers, BAGS) ?? 1) : 1
  const capacityL = roomL(proposal.site, count)
  const ingredients = ingredientsOf(proposal, capacityL)
  const dry = fillsOf(ingredients, 0, 0, helpOf(ingredients))
  const waterL = waterToWetL(dry)
  const exposure = asTended(proposal.site, count)
  const cage = {
    fills: fillsOf(ingredients, waterL, 0, helpOf(ingredients)), deeds: [], exposure,
    ...weatherFrom(surroundings.now, LEAF.horizonDays, surroundings),
  }
  const days = Float64Array.from({ length: Math.floor(LEAF.horizonDays / WEEK_DAYS) + 1 }, (_, week) => week * WEEK_DAYS)
  const run = (index: 0 | 1 | 2) => runCage(cage, CORNERS[index], days)
  return {
    proposal, ingredients, count, capacityL, looseL: ingredients.reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0), waterL,
    groundM2: exposure.areaM2, courses: [run(0), run(1), run(2)],
  }
}

const at = (course: CageCourse, day: number) =>
  Math.min(
    course.days.length - 1,
    Math.max(
      0, course.days.findIndex(one => one >= day),
    ),
  )

/** Litres of the moist middle when a grade is reached. */
function coreL({ courses, proposal, count, groundM2 }: Tried, massLeft: number): Range {
  const exposure = asTended(proposal.site, count)
  const litres = courses
    .map((course) => {
      const volumeL = course.volumeL[at(course, dayLeft(course, massLeft, 0))]!
      return volumeL * (1 - shellShare(exposure, volumeL / 1000 / groundM2))
    })
    .sort((a, b) => a - b)
  return range(0.85 * litres[0]!, litres[1]!, 1.15 * litres[2]!)
}

function gifts(tried: Tried, { now }: Surroundings): Gift[] {
  return GRADES.map(({ id, label, massLeft }) => {
    const days = tried.courses.map(course => dayLeft(course, massLeft, 0))
    const litres = coreL(tried, massLeft)
    const share = id === 'mulch' ? 1 : fineShare(massLeft)
    return {
      label, litres: range(litres.low * share, litres.typical * share, litres.high * share), from: addDays(now, Math.round(days[0]!)),
      to: addDays(now, Math.round(days[2]!)),
    }
  })
}

/** Whole years from one autumn's leaves to potting mould in a spring: what has to stand at the same time. */
const yearsTo = (days: number) => Math.max(1, Math.ceil(days / 365.25))

function pipelineFact(tried: Tried, { units }: Surroundings): Fact[] {
  const wantedL = numberOf(tried.proposal.answers, 'wantedL') ?? 0
  if (wantedL <= 0) return []
  const potting = GRADES[1]
  const eachL = coreL(tried, potting.massLeft).typical * fineShare(potting.massLeft)
  const autumns = Math.max(1, Math.ceil(wantedL / Math.max(1, eachL) - 0.05))
  const years = yearsTo(dayLeft(tried.courses[1], potting.massLeft, 0))
  const what = tried.count > 1 ? 'sets of bags' : 'cages'
  return [{
    label: `For ${quantityText('volume', units, wantedL)} each spring`,
    value: `fill ${autumns} such ${autumns === 1 ? what.replace(/s( of bags)?$/, '$1') : what} every autumn`,
    why: `One gives about ${quantityText('volume', units, roughly(eachL))} of sieved potting mould after `
      + `${years === 1 ? 'a year' : `${years} years`}; so ${autumns * (years + 1)} stand at a time, `
      + `${autumns === 1 ? 'the one' : 'those'} being filled among them.`,
  }]
}

function facts(tried: Tried, surroundings: Surroundings): Fact[] {
  const { units, garden: { waterCan } } = surroundings
  const sack = tried.ingredients[0]!.amount.container
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const settledL = tried.courses[1].volumeL[at(tried.courses[1], LEAF.settledDays)]!
  const shell = shellShare(asTended(tried.proposal.site, tried.count), tried.looseL / 2000 / tried.groundM2)
  return [
    {
      label: 'It takes today', value: containerText(tried.capacityL / sack.volumeL, sack),
      why: `${litres(tried.capacityL)} to the rim, filled loosely`,
    },
    {
      label: 'After four weeks', value: `room for ${containerText(Math.max(0, tried.capacityL - settledL) / sack.volumeL, sack)} more`,
      why: 'leaves settle to half: fill it two or three times in an autumn',
    },
    {
      label: 'Water to wet it through',
      value: tried.waterL < 1 ? 'none, they are wet' : containerText(tried.waterL / waterCan.volumeL, waterCan),
      why: `${quantityText('volume', units, tried.waterL)}: dry leaves shed water, so pour it on layer by layer`,
    },
    ...(shell > 0.02
      ? [
          {
            label: 'Stays dry and raw outside', value: `${Math.round(100 * shell)} %`,
            why: 'the outer hand\'s breadth and the top; it goes into the next cage',
          },
        ]
      : []),
    ...pipelineFact(tried, surroundings),
  ]
}

const NAMES = { 'fast': 'fast leaves', 'medium': 'leaves of middling pace', 'slow': 'slow leaves', 'very-slow': 'very slow stuff' } as const

function verdict(tried: Tried): Draft['verdict'] {
  const full = tried.looseL / tried.capacityL
  const months = tried.courses.map(course => dayLeft(course, GRADES[1].massLeft, 0) / 30.4)
  const when = `potting mould in about ${numberText(months[0]!, 0)} to ${numberText(months[2]!, 0)} months`
  if (full > 1.05)
    return {
      grade: 'workable',
      text: `More than it takes today: fill it to the rim and keep the rest for three weeks on, when it has settled. ${sentence(when)}`,
    }
  if (full < 0.4)
    return {
      grade: 'workable',
      text: `Only ${Math.round(100 * full)} % full: a small pile dries out and half of it stays raw. Fill it again as leaves fall. `
        + `${sentence(when)}`,
    }
  const slow = tried.ingredients.some(({ material }) => leafClassOf(material) === 'very-slow')
  return slow
    ? { grade: 'workable', text: `Needles, evergreens and wood take years: keep them apart, or shred them. ${sentence(when)}` }
    : { grade: 'good', text: sentence(when) }
}

const sentence = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`

const ROOFED: Warning = {
  text: 'Under a roof it is you who rains: wet it through every six to eight weeks from spring to autumn, or it stands still for years. '
    + 'The dates count on that.',
}

function warnings({ ingredients, proposal }: Tried): Warning[] {
  return [...(proposal.answers[RAIN] === 'roof' ? [ROOFED] : []), ...stuffWarnings(ingredients, proposal)]
}

function stuffWarnings(ingredients: readonly Ingredient[], proposal: Proposal): Warning[] {
  return ingredients.flatMap((one): Warning[] => [
    ...(one.material.id === 'leaves-walnut'
      ? [{ materialId: one.material.id, text: 'Walnut: keep the mould a year longer before it goes near tomatoes, beans or apples.' }]
      : []),
    ...(leafClassOf(one.material) === 'slow' && !isShredded(one)
      ? [{ materialId: one.material.id, text: `${one.material.name}: slow. Shredded they are ready in two thirds of the time.` }]
      : []),
    ...(proposal.approachId === 'shredded' && one.material.family === 'leaf' && !isShredded(one)
      ? [{ materialId: one.material.id, text: 'This school shreds them: mark them as shredded, or choose “leaves alone”.' }]
      : []),
    ...(proposal.approachId === 'alone' && (one.material.family === 'grass' || one.material.family === 'manure')
      ? [{ materialId: one.material.id, text: 'With grass or manure it is richer and quicker: that is the school “with a little green”.' }]
      : []),
  ])
}

const DUST = 'Damp dry leaves down, work upwind; a mask if dust or moulds trouble you.'
const SORT = 'Roadside leaves carry litter, glass and road dirt: gloves, and look through them. Nothing with a sharp edge goes in.'

const FLYING = 'Stones and sticks out before the mower goes over: they fly. Eye protection, nobody near.'

/** What goes in, a step for each kind of leaf, and the water it wants. */
function fillSteps(tried: Tried, { units, garden: { waterCan } }: Surroundings): BuildStep[] {
  const bags = tried.proposal.approachId === 'bagged'
  const layers = tried.ingredients.map((one): BuildStep => ({
    when: 'building', title: `${containerText(one.amount.count, one.amount.container)} of `
      + `${one.material.short}${one.amount.packing === 'loose' ? '' : `, ${one.amount.packing}`}`,
    detail: `${isShredded(one) ? 'Shredded' : 'Whole'}; ${NAMES[leafClassOf(one.material)]}. `
      + (bags ? 'Into the bags, not too tight.' : 'In layers of a forearm; tread each down lightly and wet it before the next.'),
    cautions: [],
  }))
  const water: BuildStep = {
    when: 'building', title: `Water: ${containerText(tried.waterL / waterCan.volumeL, waterCan)}`,
    detail: `${quantityText('volume', units, tried.waterL)} in all, from the very start: what is dry now is dry in a year.`,
    cautions: ['A full can weighs as much as a bucket of sand: carry two half-full ones.'],
  }
  return tried.waterL < 1 ? layers : [...layers, water]
}

const SET_UP: BuildStep = {
  when: 'before', title: 'Set it up',
  detail: 'On soil, in shade, out of the wind, with card or fabric below where trees stand near: their roots grow up into it. Empty '
    + 'and sieve the old one before the new leaves go in.',
  cautions: [],
}

function steps(tried: Tried, surroundings: Surroundings): BuildStep[] {
  const { approachId } = tried.proposal
  const [bags, shredded] = [approachId === 'bagged', approachId === 'shredded']
  return [
    {
      when: 'before', title: 'Sort and prepare',
      detail: shredded
        ? 'Spread them on the lawn and mow over them with the box on. Sticks and litter out first.'
        : 'Sticks, litter and evergreen leaves out.',
      cautions: [SORT, ...(shredded ? [FLYING] : []), DUST],
    },
    ...(bags ? [] : [SET_UP]),
    ...fillSteps(tried, surroundings),
    {
      when: 'building', title: bags ? 'Tie and label' : 'Cover and label',
      detail: bags
        ? 'A dozen holes with a fork, tied loosely, the year and the kind of leaf on a label; stacked in shade.'
        : 'A piece of card or net on top against wind. The year and the kind of leaf on a label: in two years nobody remembers. Note the '
          + 'height.',
      cautions: [],
    },
  ]
}

/** What a planned cage comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const tried = tryOut(proposal, surroundings)
  const vessel = asVessel(proposal.site)
  const { units } = surroundings
  const heightM = Math.min(vessel.heightM * 1.3, tried.looseL / 1000 / tried.groundM2)
  const sum = tried.looseL || 1
  const containers = tried.ingredients.reduce((all, { amount }) => all + amount.count, 0)
  const gives = gifts(tried, surroundings)
  return {
    summary: `${quantityText('volume', units, tried.looseL)} of loose leaves, ${quantityText('length', units, heightM)} high today; `
      + `${spanText('volume', units, gives[1]!.litres.low, gives[1]!.litres.high)} of potting mould in the end.`,
    verdict: verdict(tried), facts: facts(tried, surroundings), warnings: warnings(tried),
    picture: {
      of: `Leaves in the ${vessel.name.toLowerCase()}`, widthM: frontWidthM(vessel), heightM: Math.max(vessel.heightM, heightM),
      parts: [
        { kind: 'walls', vessel },
        {
          kind: 'fill', heightM,
          bands: tried.ingredients.map(one => ({
            family: one.material.family, short: one.material.short, heightShare: portionOf(one).looseVolumeL / sum,
          })),
        },
        { kind: 'soil' },
      ],
    },
    steps: steps(tried, surroundings),
    work: [
      { label: 'to rake, carry and fill', minutes: range(10 + 3 * containers, 15 + 5 * containers, 20 + 8 * containers) },
      { label: 'a look and a squeeze, now and then', minutes: range(3, 5, 10) },
    ],
    gives, waterL: tried.waterL,
  }
}
