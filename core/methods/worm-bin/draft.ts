import { addDays } from 'date-fns'
import { findMaterial } from '../../materials/book'
import { type Ingredient, looseL } from '../../mix/portion'
import type { Question } from '../../questions/question'
import { containerText } from '../../units/container'
import { percentText, quantityText, roughly, spanText } from '../../units/format'
import { DOSE_AREA } from '../../units/small'
import { range } from '../../units/range'
import { asVessel } from '../../vessel/site'
import { footprintM2, frontWidthM, type Vessel } from '../../vessel/vessel'
import type { Draft, Fact, Gift, Proposal, Surroundings, Verdict, Warning } from '../contract'
import { BED_WORMS, wormApproach } from './approaches'
import { inBuckets, isBedding } from './diet'
import { harvestDay } from './forecast'
import { airAround, hintOf, KINDS, kindOf, SHELTERS, shelterOf } from './kinds'
import { pocketPlan } from './look'
import { pocketsOf } from './pockets'
import { CASTINGS } from './prospects'
import { BED, FROM, GRAMS, KIND, SCRAPS_FIRST, WEEKLY, WHERE } from './words'
import { WORM } from './constants'
import { kilos, steps } from './steps'
import { type Tried, tryOut } from './sizing'

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
    ...(tower
      ? [{
          id: BED, kind: 'choice', label: 'Worms in the bed', usual: 'some',
          choices: BED_WORMS.map(({ id, label, hint }) => ({ id, label, hint })),
        } as const]
      : []),
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
      text: `One such tower takes about ${spanText('volume', surroundings.units, tried.sums.takesL.low, tried.sums.takesL.high)} a week`
        + `${tried.sums.boxes > 1 ? `: your scraps want ${tried.sums.boxes} of them` : ''}; `
        + `${proposal.answers[BED] === 'few' ? 'the bed has too few worms, some go in' : 'the worms of the bed find it'}.${cold}`,
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

/** Worms that are let into one where the bed has hardly any, kg. */
function inOne(vessel: Vessel): { readonly low: number, readonly high: number } {
  const areaM2 = footprintM2(vessel)
  return { low: areaM2 * WORM.stockKgM2.low, high: areaM2 * WORM.roomKgM2 }
}

function facts(proposal: Proposal, tried: Tried, surroundings: Surroundings): Fact[] {
  const { units, garden: { waterCan } } = surroundings
  const { sums: { wormsKg, boxes, takesL, areaM2 }, beddingL, waterL } = tried
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const tower = wormApproach(proposal.approachId).id === 'tower'
  return [
    {
      label: tower ? 'Worms to a tower' : 'Worms to begin with',
      value: tower
        ? proposal.answers[BED] === 'few' ? kilos(surroundings, inOne(asVessel(proposal.site))) : 'none'
        : tried.fromScraps
          ? kilos(surroundings, { low: wormsKg.low, high: Math.min(wormsKg.high, areaM2 * boxes * WORM.roomKgM2) })
          : kilos(surroundings, { low: areaM2 * WORM.stockKgM2.low, high: areaM2 * WORM.stockKgM2.high }),
      why: tower
        ? proposal.answers[BED] === 'few' ? 'compost worms, once the first feed rots' : 'those of the bed find it within two weeks'
        : 'with half of that they need two to three months longer; they double in two to three months',
    },
    ...(tower && tried.sums.boxes > 1
      ? [{
          label: 'Towers', value: `${tried.sums.boxes}`, why: 'a forearm and more from each other; each is fed in its turn',
        }]
      : []),
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

function warnings(proposal: Proposal, { beddingL }: Tried, { units }: Surroundings): Warning[] {
  const volume = (value: number) => quantityText('volume', units, roughly(value))
  const laid = proposal.ingredients.filter(({ material, amount: { count } }) => count > 0 && isBedding(material))
  const litres = (some: readonly Ingredient[]) => looseL(some)
  const chars = laid.filter(({ material }) => material.family === 'char')
  const share = litres(chars) / Math.max(1e-9, litres(laid))
  return [
    ...proposal.ingredients.flatMap(({ material, amount: { count } }): Warning[] =>
      count > 0 && material.worms === 'no' ? [{ materialId: material.id, text: `${material.name}: not for worms.` }] : [],
    ),
    ...(litres(laid) > WORM.laidMost * beddingL
      ? [{ text: `${volume(litres(laid))} lie here, and it takes about ${volume(beddingL)}: keep the rest for covering feeds.` }]
      : []),
    ...(share > WORM.charMost
      ? [{
          materialId: chars[0]!.material.id,
          text: `${percentText(share)} of the bedding is char: crushed, damp and at most ${percentText(WORM.charMost)} of it.`,
        }]
      : []),
  ]
}

/** Castings, when they are worth taking; nothing where that is not in sight. */
function giftsOf({ courses, sums }: Tried, now: Date): Gift[] {
  const days = courses.map(course => harvestDay(course, sums.areaM2, 0)) as [number, number, number]
  if (days[1] >= WORM.horizonDays - WORM.draftEveryDays) return []
  const litres = courses
    .map((course, index) => course.castingsL[Math.max(0, course.days.findIndex(day => day >= days[index]!))]! * WORM.reachable)
    .sort((a, b) => a - b) as [number, number, number]
  return [{
    ...CASTINGS, label: `Castings, at ${Math.round(100 * WORM.harvest.share)} % of what is in it`,
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
  const recipe = own.length > 0 ? own : card ? [inBuckets(card, tried.beddingL, surroundings)] : []
  return {
    summary: `${quantityText('volume', units, tried.fedL, 1)} of scraps a week in `
      + `${tried.fromScraps && tried.sums.boxes > 1 ? `${tried.sums.boxes} ${tower ? 'towers' : 'boxes'}` : vessel.name.toLowerCase()}; `
      + `${quantityText('volume', units, roughly(tried.beddingL))} of bedding.`,
    verdict: verdictOf(proposal, tried, surroundings), facts: facts(proposal, tried, surroundings),
    warnings: warnings(proposal, tried, surroundings),
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
    waterL: Math.round(10 * tried.waterL) / 10, recipe, proposed: true,
  }
}
