import { addDays } from 'date-fns'
import { findMaterial } from '../../materials/book'
import { numberOf, type Question } from '../../questions/question'
import { containerText } from '../../units/container'
import { quantityText, roughly, spanText } from '../../units/format'
import { DOSE_AREA } from '../../units/small'
import { range } from '../../units/range'
import { asVessel } from '../../vessel/site'
import { footprintM2, frontWidthM } from '../../vessel/vessel'
import type { BuildStep, Draft, Fact, Gift, Proposal, Surroundings, Verdict, Warning } from '../contract'
import { weatherFrom } from '../contract'
import { wormApproach } from './approaches'
import { runWorms, type WormCourse } from './course'
import { inBuckets, inLitres, isBedding } from './diet'
import { harvestDay } from './forecast'
import { airAround, hintOf, KINDS, kindOf, SHELTERS, shelterOf, warmthShare } from './kinds'
import { pocketPlan } from './look'
import { pocketsOf } from './pockets'
import { massOf } from './question'
import { traitsAt } from './traits'
import { GRAMS, KIND, WEEKLY, WHERE } from './words'
import { WORM } from './constants'

/** Where it begins from: the scraps there are, or the box one has. */
const FROM = 'from'
const SCRAPS_FIRST = 'scraps'

/** What is asked beside way, site and worms. */
export function asksOf(approachId: string): readonly Question[] {
  const tower = wormApproach(approachId).id === 'tower'
  return [
    ...(tower
      ? []
      : [
          {
            id: FROM, kind: 'choice', label: 'Worked out from',
            choices: [
              { id: SCRAPS_FIRST, label: 'my scraps' }, { id: 'box', label: 'this box' },
            ],
            usual: SCRAPS_FIRST,
          } as const,
        ]),
    { id: WEEKLY, kind: 'volume', label: 'Scraps in a usual week', usual: WORM.usualWeeklyL, most: 500 },
    {
      id: KIND, kind: 'choice', label: 'Worms', usual: 'common',
      choices: KINDS.map(kind => ({ id: kind.id, label: kind.name, hint: units => hintOf(kind, units) })),
    },
    ...(wormApproach(approachId).inGround
      ? []
      : [
          {
            id: WHERE, kind: 'choice', label: 'Where it stands', choices: SHELTERS.map(({ id, name }) => ({ id, label: name })),
            usual: 'shade',
          } as const,
        ]),
    { id: GRAMS, kind: 'smallMass', label: 'Worms that go in on that day; 0 if later', usual: 0, most: 50_000 },
  ]
}

/** What a bin and its scraps come to. */
export interface BinSums {
  readonly areaM2: number
  readonly kgWeek: number
  /** Worms that eat the scraps, kg, and boxes of this size that they want. */
  readonly wormsKg: { readonly low: number, readonly high: number }
  readonly boxes: number
  /** Litres a week that a herd filling this box half would eat. */
  readonly takesL: { readonly low: number, readonly high: number }
  readonly warmth: number
}

/** Worms, room and scraps, from one to the other: kg of worms = scraps a day / appetite, room = worms / stock. */
export function sums(areaM2: number, weeklyL: number, warmth: number): BinSums {
  const kgWeek = weeklyL * WORM.scraps.kgL
  const share = Math.max(WORM.leastWarmth, warmth)
  const wormsKg = { low: kgWeek / 7 / (WORM.firstDay.high * share), high: kgWeek / 7 / (WORM.firstDay.low * share) }
  const middle = kgWeek / 7 / (WORM.intakeDay * share)
  const takes = (kgM2: number, perDay: number) => areaM2 * kgM2 * perDay * share * 7 / WORM.scraps.kgL
  return {
    areaM2, kgWeek, wormsKg,
    boxes: Math.max(1, Math.ceil(middle / ((areaM2 * (WORM.stockKgM2.low + WORM.stockKgM2.high)) / 2) - 0.1)),
    takesL: { low: takes(WORM.stockKgM2.low, WORM.firstDay.low), high: takes(WORM.stockKgM2.high, WORM.firstDay.high) },
    warmth,
  }
}

/** Earlier, middle and later of what is possible: appetite, growth and castings one and a quarter spreads off. */
const CORNERS = [traitsAt([1.28, 0.6, 0.6]), traitsAt([]), traitsAt([-1.28, -0.6, -0.6])] as const

interface Tried {
  readonly courses: readonly [WormCourse, WormCourse, WormCourse]
  readonly sums: BinSums
  readonly beddingL: number
  readonly waterL: number
  readonly fedL: number
  readonly fromScraps: boolean
}

/** Mean warmth share over a year, as far as they are fed at all: in the cold they are fed less. */
function warmthAhead({ answers }: Proposal, surroundings: Surroundings): number {
  const [kind, shelter] = [kindOf(answers[KIND]), shelterOf(answers[WHERE])]
  const weeks = Array.from({ length: 52 }, (_, week) =>
    warmthShare(kind, airAround(shelter, surroundings.weather.ambientC(addDays(surroundings.now, 7 * week)))),
  )
  return weeks.reduce((all, one) => all + one, 0) / weeks.length
}

function tryOut(proposal: Proposal, surroundings: Surroundings): Tried {
  const approach = wormApproach(proposal.approachId)
  const areaM2 = footprintM2(asVessel(proposal.site))
  const weeklyL = numberOf(proposal.answers, WEEKLY) ?? WORM.usualWeeklyL
  const fromScraps = approach.id === 'tower' || proposal.answers[FROM] !== 'box'
  const reckoned = sums(areaM2, weeklyL, warmthAhead(proposal, surroundings))
  const beddingL = areaM2 * Math.min(WORM.beddingM, asVessel(proposal.site).heightM * 0.6) * 1000 / WORM.slumpsTo
  const card = findMaterial('cardboard', surroundings.materials)
  const { dryKg, waterKg } = card ? massOf([inLitres(card, beddingL)]) : { dryKg: 0, waterKg: 0 }
  const waterL = Math.max(0, dryKg * WORM.beddingMoisture / (1 - WORM.beddingMoisture) - waterKg)
  const grams = numberOf(proposal.answers, GRAMS) ?? 0
  const wormsKg = grams > 0 ? grams / 1000 : Math.min(areaM2 * WORM.stockKgM2.high, (reckoned.wormsKg.low + reckoned.wormsKg.high) / 2)
  const fedL = fromScraps ? weeklyL / reckoned.boxes : (reckoned.takesL.low + reckoned.takesL.high) / 2
  const kg = fedL * WORM.scraps.kgL / 2
  const feed = { dryKg: kg * (1 - WORM.scraps.moisture), waterKg: kg * WORM.scraps.moisture }
  const what = {
    kind: kindOf(proposal.answers[KIND]),
    shelter: shelterOf(proposal.answers[WHERE]),
    areaM2,
    pockets: pocketsOf(proposal.site).length,
    feeds: [],
    deeds: [
      { day: 0, kind: 'bedding' as const, dryKg, waterKg: waterKg + waterL }, { day: 0, kind: 'worms' as const, kg: wormsKg },
      ...Array.from({ length: 12 }, (_, month) => ({
        day: 30 * (month + 1), kind: 'bedding' as const, dryKg: 0.08 * dryKg, waterKg: 0.24 * dryKg,
      })),
    ],
    feeding: { fromDay: 3, everyDays: 4, feed },
    rainShare: approach.rainShare,
    carriedOffDay: approach.carriedOffDay,
    ...weatherFrom(surroundings.now, WORM.horizonDays, surroundings),
  }
  const days = Float64Array.from({ length: Math.floor(WORM.horizonDays / WORM.draftEveryDays) + 1 }, (_, at) => at * WORM.draftEveryDays)
  const run = (index: 0 | 1 | 2) => runWorms(what, CORNERS[index], days)
  return { courses: [run(0), run(1), run(2)], sums: reckoned, beddingL, waterL, fedL, fromScraps }
}

const kilos = ({ units }: Surroundings, { low, high }: { readonly low: number, readonly high: number }) =>
  `${quantityText('mass', units, low, 1)} to ${quantityText('mass', units, high, 1)}`

function verdictOf(proposal: Proposal, tried: Tried, surroundings: Surroundings): Verdict {
  const kind = kindOf(proposal.answers[KIND])
  const shelter = shelterOf(proposal.answers[WHERE])
  const months = Array.from({ length: 12 }, (_, month) =>
    airAround(shelter, surroundings.weather.ambientC(addDays(surroundings.now, 30.4 * month))),
  )
  const [coldest, hottest] = [Math.min(...months), Math.max(...months)]
  const degrees = (celsius: number) => quantityText('temperature', surroundings.units, celsius)
  if (coldest < kind.diesBelowC)
    return {
      grade: 'poor',
      text: `${kind.name} do not live through the winter there: it gets ${degrees(coldest)} on the mean of a month, and below `
        + `${degrees(kind.diesBelowC)} they die.`,
      advice: kind.id === 'common' ? 'A shed or cellar from autumn on' : 'The common kind, or in the house',
    }
  if (hottest > kind.maxC - 2)
    return {
      grade: 'poor',
      text: `It gets ${degrees(hottest)} on the mean of a month: ${kind.name.toLowerCase()} suffer from ${degrees(kind.maxC)} on.`,
      advice: 'A cellar, or the tropical kind',
    }
  const cold = coldest < kind.minC + 3 ? ` In winter they hardly eat where it stands: less feed, or a shed.` : ''
  const tower = wormApproach(proposal.approachId).id === 'tower'
  if (tower)
    return {
      grade: cold ? 'workable' : 'good',
      text: `One such tower takes about ${spanText('volume', surroundings.units, tried.sums.takesL.low, tried.sums.takesL.high)} a week; `
        + `soil that has worms needs none.${cold}`,
    }
  const { boxes, takesL } = tried.sums
  if (!tried.fromScraps)
    return {
      grade: cold ? 'workable' : 'good',
      text: `This box takes about ${spanText('volume', surroundings.units, takesL.low, takesL.high)} of scraps a week once the herd has `
        + `settled.${cold}`,
    }
  return boxes > 1
    ? {
        grade: 'workable',
        text: `One such box is too small for these scraps: it wants ${boxes}, or a bigger one.${cold}`,
        advice: `${boxes} boxes`,
      }
    : { grade: cold ? 'workable' : 'good', text: `One such box is enough for these scraps.${cold}` }
}

function facts(proposal: Proposal, tried: Tried, surroundings: Surroundings): Fact[] {
  const { units, garden: { waterCan } } = surroundings
  const { sums: { wormsKg, boxes, takesL, areaM2 }, beddingL, waterL } = tried
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const tower = wormApproach(proposal.approachId).id === 'tower'
  return [
    {
      label: tower ? 'Worms' : 'Worms to begin with',
      value: tried.fromScraps
        ? kilos(surroundings, { low: wormsKg.low, high: Math.min(wormsKg.high, areaM2 * boxes * WORM.roomKgM2) })
        : kilos(surroundings, { low: areaM2 * WORM.stockKgM2.low, high: areaM2 * WORM.stockKgM2.high }),
      why: tower
        ? 'or none: those of the bed find it'
        : 'with half of that they need two to three months longer; they double in two to three months',
    },
    ...(tower
      ? []
      : [
          {
            label: 'Boxes of this size', value: `${tried.fromScraps ? boxes : 1}`,
            why: `${quantityText('area', units, areaM2, 2)} each, ${quantityText('mass', units, 2.5 * DOSE_AREA[units].areaM2, 1)} to `
              + `${quantityText('mass', units, 5 * DOSE_AREA[units].areaM2, 1)} of worms on ${DOSE_AREA[units].words}`,
          },
        ]),
    {
      label: 'Bedding', value: `${litres(beddingL)} of torn card or leaves`,
      why: `as deep as two hands once soaked; ${containerText(waterL / waterCan.volumeL, waterCan)} of water (${litres(waterL)})`,
    },
    {
      label: 'Takes in a week', value: spanText('volume', units, takesL.low, takesL.high),
      why: 'a quarter to a half of their own weight a day; what is left of the last feed sets the pace',
    },
  ]
}

interface Parts { readonly bedding: BuildStep, readonly feedFirst: BuildStep }

/** What is the same wherever worms are kept: their bedding, and the first feed. */
function partsFor(tried: Tried, { units }: Surroundings): Parts {
  const [litres, water] = [tried.beddingL, tried.waterL].map(value => quantityText('volume', units, roughly(value)))
  return {
    bedding: {
      when: 'building', title: `Bedding: ${litres} of torn card, paper or leaves`,
      detail: `Torn to strips a finger wide, soaked in ${water} of water and wrung; a handful of soil and a spoon of crushed eggshell as `
        + 'grit.',
      cautions: ['No glossy or taped card; staples and labels off.'],
    },
    feedFirst: {
      when: 'after', title: 'Begin to feed',
      detail: 'Little and buried, each feed with as much bedding; the next when most of the last is gone.',
      cautions: ['No meat, dairy, oil or salt; citrus and onions a handful.'],
    },
  }
}

const towerSteps = ({ bedding, feedFirst }: Parts): BuildStep[] => [
  {
    when: 'before', title: 'Drill and set the pipe',
    detail: 'Holes of a finger, a hand apart, in the lower two thirds; level, buried to its holes, a forearm from the next plant.',
    cautions: ['Goggles when you drill. Call before you dig where lines may lie.'],
  },
  {
    when: 'building', title: 'Lid',
    detail: 'A pot turned over or a tile, closed in summer: soldier flies. A mesh below against moles.', cautions: [],
  },
  { ...bedding, detail: `${bedding.detail} A hand of feed on it and a week of rest before worms go in; soil that has worms needs none.` },
  feedFirst,
]

const bedSteps = ({ bedding, feedFirst }: Parts): BuildStep[] => [
  {
    when: 'before', title: 'Frame and ground',
    detail: 'On soil in shade, boards or bricks as a frame; mesh below against moles, a screen above against birds.',
    cautions: ['No pallets that are stamped with a methyl bromide treatment, painted or unmarked.'],
  },
  bedding,
  {
    when: 'building',
    title: 'Worms in',
    detail: 'In the light, spread out; sacking on top. A look at the water every day in the first week.',
    cautions: [],
  },
  {
    ...feedFirst,
    detail: 'Food that was mixed and rotted for a week or two beforehand, in a thin layer over one half, then over the other.',
  },
]

const binSteps = ({ bedding, feedFirst }: Parts): BuildStep[] => [
  {
    when: 'before', title: 'Prepare the box',
    detail: 'A dozen holes in the bottom for what drips, as many below the rim for air, a tray beneath, a lid that does not shut tight.',
    cautions: ['A lidded tub without air holes kills them.', 'Goggles when you drill.'],
  },
  bedding,
  {
    when: 'building', title: 'Worms in',
    detail: 'Spread on top in the light: they go down by themselves. A lamp over the open lid keeps them in on the first nights.',
    cautions: ['Surface worms, not the earthworms of the garden; never let kinds from elsewhere loose: ask your local rules.'],
  },
  feedFirst,
]

const STEPS: Readonly<Record<string, (parts: Parts) => BuildStep[]>> = { tower: towerSteps, bed: bedSteps }

function steps({ approachId }: Proposal, tried: Tried, surroundings: Surroundings): BuildStep[] {
  return (STEPS[wormApproach(approachId).id] ?? binSteps)(partsFor(tried, surroundings))
}

function warnings(proposal: Proposal): Warning[] {
  return proposal.ingredients.flatMap(({ material, amount: { count } }): Warning[] =>
    count > 0 && material.worms === 'no' ? [{ materialId: material.id, text: `${material.name}: not for worms.` }] : [],
  )
}

/** Castings, when they are worth taking; nothing where that is not in sight. */
function giftsOf({ courses, sums }: Tried, now: Date): Gift[] {
  const days = courses.map(course => harvestDay(course, sums.areaM2, 0)) as [number, number, number]
  if (days[1] >= WORM.horizonDays - WORM.draftEveryDays) return []
  const litres = courses
    .map((course, index) => course.castingsL[Math.max(0, course.days.findIndex(day => day >= days[index]!))]! * WORM.reachable)
    .sort((a, b) => a - b) as [number, number, number]
  return [{
    label: `Castings, at ${Math.round(100 * WORM.harvest.share)} % of what is in it`,
    litres: range(0.8 * litres[0], litres[1], 1.2 * litres[2]),
    from: addDays(now, Math.round(Math.min(days[0], days[2]))), to: addDays(now, Math.round(Math.max(days[0], days[2]))),
  }]
}

/** What a bin, a bed or a tower for worms comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const tried = tryOut(proposal, surroundings)
  const vessel = asVessel(proposal.site)
  const { units, now, materials } = surroundings
  const tower = wormApproach(proposal.approachId).id === 'tower'
  const card = findMaterial('cardboard', materials)
  const heightM = Math.min(vessel.heightM, tried.beddingL * WORM.slumpsTo / 1000 / tried.sums.areaM2)
  const places = pocketsOf(proposal.site)
  // What lies on the bench from another plan is no bedding.
  const own = proposal.ingredients.filter(({ material, amount: { count } }) => count > 0 && isBedding(material))
  const recipe = own.length > 0 ? own : card ? [inBuckets(card, tried.beddingL, units)] : []
  return {
    summary: `${quantityText('volume', units, tried.fedL, 1)} of scraps a week in `
      + `${tried.fromScraps && tried.sums.boxes > 1 ? `${tried.sums.boxes} boxes` : vessel.name.toLowerCase()}; `
      + `${quantityText('volume', units, roughly(tried.beddingL))} of bedding.`,
    verdict: verdictOf(proposal, tried, surroundings), facts: facts(proposal, tried, surroundings), warnings: warnings(proposal),
    picture: {
      of: `The ${vessel.name.toLowerCase()} cut open`, widthM: frontWidthM(vessel), heightM: vessel.heightM,
      parts: [
        { kind: 'walls', vessel }, { kind: 'fill', heightM, bands: [{ family: 'paper', short: 'bedding', heightShare: 1 }] },
        ...(tower ? [{ kind: 'level' as const, yM: vessel.heightM * 0.85, said: 'soil of the bed' }] : []),
        { kind: 'soil' },
      ],
    },
    ...(places.length > 1 ? { fromAbove: pocketPlan(`Pockets of the ${vessel.name.toLowerCase()}`, proposal.site, [], 0) } : {}),
    steps: steps(proposal, tried, surroundings),
    work: [
      { label: 'a feed', minutes: range(3, 5, 8) }, { label: 'the weekly look', minutes: range(2, 4, 8) },
      ...(tower ? [] : [{ label: 'a harvest', minutes: range(30, 50, 90) }]),
    ],
    gives: tower ? [] : giftsOf(tried, now),
    waterL: Math.round(10 * tried.waterL) / 10, recipe,
  }
}
