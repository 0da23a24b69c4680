import { addDays } from 'date-fns'
import { portionOf, type Ingredient } from '../../mix/portion'
import { numberOf, type Question } from '../../questions/question'
import { containerText } from '../../units/container'
import { DAYS_A_YEAR, WEEK_DAYS } from '../../units/time'
import { counted } from '../../units/plural'
import { numberText, quantityText, roughly, spanText } from '../../units/format'
import { range } from '../../units/range'
import { asVessel } from '../../vessel/site'
import { frontWidthM } from '../../vessel/vessel'
import type { Draft, Fact, Gift, Proposal, Surroundings, Warning } from '../contract'
import { dayLeft, shellShare } from './course'
import { isShredded } from './leaves'
import { COMES_AS } from './prospects'
import { GRADES, leafClassOf } from './rates'
import { BAGS, RAIN } from './words'
import { LEAF } from './constants'
import { type Tried, asTended, at, coreL, tryOut } from './trying'
import { steps } from './steps'

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

/** What it gives of each grade that is in sight: less the finer, and later. */
function gifts(tried: Tried, { now }: Surroundings): Gift[] {
  return GRADES.flatMap(({ id, label, massLeft }): Gift[] => {
    const days = tried.courses.map(course => dayLeft(course, massLeft, 0))
    if (days[1]! >= LAST_DAY) return []
    const litres = coreL(tried, massLeft)
    const share = LEAF.gives[id]
    return [{
      label, ...COMES_AS[id], litres: range(litres.low * share, litres.typical * share, litres.high * share),
      from: addDays(now, Math.round(days[0]!)), to: addDays(now, Math.round(days[2]!)), ...(days[2]! >= LAST_DAY ? { orLater: true } : {}),
    }]
  })
}

/** Nobody looks further than this: it is no date. */
const LAST_DAY = LEAF.horizonDays - WEEK_DAYS

/** Whole years from one autumn's leaves to potting mould in a spring: what has to stand at the same time. */
const yearsTo = (days: number) => Math.max(1, Math.ceil(days / 365.25))

function pipelineFact(tried: Tried, { units }: Surroundings): Fact[] {
  const wantedL = numberOf(tried.proposal.answers, 'wantedL') ?? 0
  if (wantedL <= 0) return []
  const potting = GRADES[1]
  const eachL = coreL(tried, potting.massLeft).typical * LEAF.gives.potting
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

/** When it is potting mould, in months; never the end of what was looked at as if it were a date. */
function pottingText(days: readonly number[]): string {
  const [soonest, , latest] = days as [number, number, number]
  const years = numberText(LEAF.horizonDays / DAYS_A_YEAR, 0)
  const [low, high] = [soonest, latest].map(day => Math.round(12 * day / DAYS_A_YEAR)) as [number, number]
  if (soonest >= LAST_DAY) return `no potting mould within ${years} years`
  if (latest >= LAST_DAY) return `potting mould in about ${low} months at the soonest, or not within ${years} years`
  if (high === 0) return 'potting mould already'
  return low === high ? `potting mould in about ${counted(high, 'month', 'months')}` : `potting mould in about ${low} to ${high} months`
}

function verdict(tried: Tried): Draft['verdict'] {
  const full = tried.looseL / tried.capacityL
  const when = pottingText(tried.courses.map(course => dayLeft(course, GRADES[1].massLeft, 0)))
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

/** What a planned cage comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const tried = tryOut(proposal, surroundings)
  const vessel = asVessel(proposal.site)
  const { units } = surroundings
  const heightM = Math.min(vessel.heightM * 1.3, tried.looseL / 1000 / tried.groundM2)
  const sum = tried.looseL || 1
  const containers = tried.ingredients.reduce((all, { amount }) => all + amount.count, 0)
  const gives = gifts(tried, surroundings)
  const potting = gives.find(({ label }) => label === GRADES[1].label)
  return {
    summary: `${quantityText('volume', units, tried.looseL)} of loose leaves, ${quantityText('length', units, heightM)} high today; `
      + (potting
        ? `${spanText('volume', units, potting.litres.low, potting.litres.high)} of potting mould in the end.`
        : 'mulch, not mould, for years.'),
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
