import { addDays, addWeeks, isSameDay, startOfDay } from 'date-fns'
import { bedCharge, bedGround, timesToFill, waterFor, type BedGround } from './plan'
import { troddenShare } from '../../heat/slab/bed'
import { CROPS, comesUp } from '../../hotbed/crops'
import { mixBalance } from '../../mix/balance'
import { portionOf, type Ingredient } from '../../mix/portion'
import { dayOf, type Question } from '../../questions/question'
import { containersFor, containerText, STARTING_CONTAINERS, type ContainerThen } from '../../units/container'
import { dateText, dayText } from '../../units/dates'
import { numberText, quantityText, ratioText, roughly, spanText } from '../../units/format'
import { range } from '../../units/range'
import { counted } from '../../units/plural'
import type { UnitSystem } from '../../units/system'
import { asVessel } from '../../vessel/site'
import type { Draft, Fact, Proposal, Surroundings, Verdict, Warning } from '../contract'
import { bedWayOf, partsOf, type BedWay } from './approaches'
import { buildDayFor, outlookFrom, type BedOutlook } from './back-from'
import { WEEDKILLER } from './care'
import { SOW_BELOW_C, SUN_CARRIES_DAYS, WARM_C } from './marks'
import { bedPicture } from './picture'
import { cropBands, dailySoil } from './sequence'
import { stepsOf } from './steps'
import { COVER, MATS_KEPT, SIDES, SOIL_M, SOW_ON, SUN } from './words'

/** What is asked beside way and bed. */
export function asksOf(approachId: string): readonly Question[] {
  const tub = approachId === 'tub'
  return [
    { id: SOW_ON, kind: 'day', label: 'Wanted to sow on' },
    {
      id: COVER, kind: 'choice', label: 'On top', usual: 'single',
      choices: [
        { id: 'single', label: 'one pane' }, { id: 'double', label: 'two panes' }, { id: 'fleece', label: 'fleece' },
        { id: 'none', label: 'nothing' },
      ],
    },
    ...(tub
      ? []
      : [
          {
            id: SIDES, kind: 'choice', label: 'Its sides', usual: 'banked',
            choices: [
              { id: 'banked', label: 'banked up', hint: 'straw or leaves against them' }, { id: 'boards', label: 'boards' },
              { id: 'open', label: 'bare' }, { id: 'sunk', label: 'sunk in the ground' },
            ],
          } satisfies Question,
        ]),
    { id: SOIL_M, kind: 'length', label: 'Soil on it, if not as usual', usual: 0, most: 0.3 },
    {
      id: SUN, kind: 'choice', label: 'Sun in spring', usual: 'full',
      choices: [
        { id: 'full', label: 'most of the day' }, { id: 'half', label: 'half of it' }, { id: 'shade', label: 'hardly any' },
      ],
    },
    {
      id: MATS_KEPT, kind: 'choice', label: 'Mats over it at night', usual: 'yes',
      choices: [
        { id: 'yes', label: 'yes' }, { id: 'no', label: 'no' },
      ],
    },
  ]
}

const barrowOf = (units: UnitSystem): ContainerThen => {
  const { id, name, plural, volumeL } = STARTING_CONTAINERS[units][2]!
  return { id, name, plural, volumeL }
}

/** What the way says makes the bed full, in barrows. */
function usualStuff(way: BedWay, ground: BedGround, units: UnitSystem): Ingredient[] {
  const container = barrowOf(units)
  const base = partsOf(way).map(({ material, share }): Ingredient => ({
    material, amount: { count: 10 * share, container, packing: 'loose' },
  }))
  const times = timesToFill(base, ground) ?? 1
  return base.map(one => ({ ...one, amount: { ...one.amount, count: Math.max(0.5, Math.round(one.amount.count * times * 2) / 2) } }))
}

/** Dry stuff keeps; what heats by itself is gathered no sooner than so many days before it is built in. */
const KEEPS_LONG_DAYS = 60

/** From when to gather, and by when all of it has to lie there: what spoils first says so. */
function gatherFact(ingredients: readonly Ingredient[], by: Date): Fact[] {
  const spoils = [...ingredients].sort((a, b) => a.material.keepsDays - b.material.keepsDays)[0]
  if (!spoils || spoils.material.keepsDays > KEEPS_LONG_DAYS) return []
  return [{
    label: 'Gather it', value: `from ${dayText(addDays(by, -Math.floor(spoils.material.keepsDays)))}, all of it by ${dayText(by)}`,
    why: `${spoils.material.short} in a pile it burns off within about ${Math.floor(spoils.material.keepsDays)} days; straw and leaves `
      + 'can lie there for long',
  }]
}

const litresOf = (ingredients: readonly Ingredient[]) => ingredients.reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)

/** A bed so much lower than meant holds its heat too short. */
const LOW_SHARE = 0.85
const SHALLOW_M = 0.6
/** So long as seeds could not go in it is no hotbed, days. */
const TOO_LONG_DAYS = 40
/** What a bed reaches by itself it reaches in its first weeks. */
const FIRST_WEEKS_DAYS = 45
/** In air so warm nobody needs one, °C. */
const NEEDLESS_C = 13
/** Nitrogen to heat with: leaner than this it stays cool. */
const LEAN_RATIO = 40

/** The warmest its soil gets by itself, by the middle of what is possible. */
const warmestAtFirst = ({ soilDayC }: BedOutlook['courses'][1]) => Math.max(...soilDayC.slice(0, FIRST_WEEKS_DAYS))
const warmestC = ({ courses }: BedOutlook) => warmestAtFirst(courses[1])

function verdictOf(
  {
    heightM, wantedM, ratio, outlook, chosen, late, sowOn, mildC,
  }: {
    readonly mildC: number
    readonly heightM: number
    readonly wantedM: number
    readonly ratio: number
    readonly outlook: BedOutlook | undefined
    readonly chosen: boolean
    readonly late: boolean
    readonly sowOn: Date | undefined
  },
  units: UnitSystem,
): Verdict {
  const height = (value: number) => quantityText('length', units, value)
  if (!outlook) return { grade: 'poor', text: 'Nothing of this heats: manure, grass and straw do.' }
  const kept = outlook.cool.typical > outlook.sow.typical
  const weeks = Math.max(1, Math.round((outlook.cool.typical - outlook.sow.typical) / 7))
  const warm = warmestC(outlook)
  if (chosen && heightM < LOW_SHARE * wantedM)
    return {
      grade: heightM < SHALLOW_M ? 'poor' : 'workable',
      text: `Trodden it is ${height(heightM)} deep; ${height(wantedM)} are meant. `
        + `${heightM < SHALLOW_M ? 'So low it is cold within two weeks or three.' : 'It will be warm, but not as long.'}`,
    }
  if (chosen && ratio > LEAN_RATIO)
    return {
      grade: 'workable', text: `Lean: ${ratioText(ratio)}. Some dung, grass or a handful of meal for each barrow, or it stays cool.`,
    }
  if (warm < WARM_C || !kept)
    return {
      grade: 'poor',
      text: `The soil would hardly be warm: ${quantityText('temperature', units, warm)} at most, and not for long. More of it, banked `
        + 'sides, glass.',
    }
  if (mildC > NEEDLESS_C)
    return {
      grade: 'workable',
      text: `It is ${quantityText('temperature', units, mildC)} outside in those weeks: a frame alone is warm enough, and a bed would be `
        + 'too hot for roots. A hotbed is for the cold months.',
    }
  if (outlook.sow.typical > TOO_LONG_DAYS)
    return {
      grade: 'workable',
      text: `It would stay too hot for seeds until about ${dayText(addDays(outlook.builtAt, Math.round(outlook.sow.typical)))}: a lower `
        + 'bed, a hand more of soil, or build it in a colder month.',
    }
  if (late && sowOn)
    return {
      grade: 'workable',
      text: `It is late for ${dayText(sowOn)}: built today it can be sown from about `
        + `${dayText(addDays(outlook.builtAt, Math.round(outlook.sow.typical)))}.`,
    }
  return {
    grade: 'good',
    text: `Built on ${dayText(outlook.builtAt)} it can be sown from about `
      + `${dayText(addDays(outlook.builtAt, Math.round(outlook.sow.typical)))}, and keeps ${quantityText('temperature', units, WARM_C)} `
      + 'and more '
      + `${7 * weeks > SUN_CARRIES_DAYS ? 'until sun and glass take over' : `for about ${counted(weeks, 'week', 'weeks')} from then`}.`,
  }
}

/** More than a bed holds by this much is no matter of treading. */
const OVERFULL = 1.15

/** From one day to another; one day where they are the same. */
function fromTo(from: Date, to: Date): string {
  return isSameDay(from, to) ? dayText(from) : `${dayText(from)} to ${dayText(to)}`
}

/** What a plan of a hotbed comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const { site, answers, approachId } = proposal
  const { units, now, garden: { waterCan }, weather: { nextLastFrost } } = surroundings
  const way = bedWayOf(approachId)
  const ground = bedGround(proposal)
  const said = proposal.ingredients.filter(({ amount }) => amount.count > 0)
  const usual = usualStuff(way, ground, units)
  const chosen = said.length > 0
  const given = chosen ? said : usual
  const holds = timesToFill(given, ground) ?? 1
  // What a bed does not hold lies beside it: all that follows is of the bed that is full.
  const overfull = chosen && holds * OVERFULL < 1
  const ingredients = overfull ? given.map(one => ({ ...one, amount: { ...one.amount, count: one.amount.count * holds } })) : given
  const waterL = waterFor(ingredients)
  const bed = bedCharge(ingredients, waterL, ground)
  const wantedOn = dayOf(answers, SOW_ON)
  const past = wantedOn !== undefined && wantedOn < startOfDay(now)
  const sowOn = past ? undefined : wantedOn
  const planned = sowOn && bed ? buildDayFor(sowOn, ground, bed.charge, ingredients, surroundings) : undefined
  const outlook = planned?.outlook ?? (bed && outlookFrom(now, ground, bed.charge, ingredients, surroundings))
  const heightM = bed?.heightM ?? 0
  const balance = mixBalance(ingredients.map(portionOf), waterL)
  const ratio = balance.ok ? balance.value.carbonToNitrogen : 1000
  const name = asVessel(site).name
  // Of the weeks in which it would be warm.
  const mildC = [10, 20, 30, 40].reduce((sum, days) => sum + surroundings.weather.ambientC(addDays(outlook?.builtAt ?? now, days)), 0) / 4
  const height = (value: number) => quantityText('length', units, value)
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const missingL = Math.max(0, (holds - 1) * litresOf(given))
  const leftOverL = overfull ? (1 - holds) * litresOf(given) : 0
  const barrow = barrowOf(units)
  const tooMuch = `It holds about ${containerText(litresOf(ingredients) / barrow.volumeL, barrow)} of this, and `
    + `${containerText(litresOf(given) / barrow.volumeL, barrow)} lie here: take off what is too much, or make it wider or deeper.`
  const on = (day: number) => outlook ? addDays(outlook.builtAt, Math.round(day)) : now
  const facts: Fact[] = [
    ...(outlook
      ? [
          {
            label: 'Build it',
            value: planned
              ? planned.from < planned.to
                ? `between ${dayText(planned.from)} and ${dayText(planned.to)}, in one day`
                : `on ${dayText(planned.to)}, in one day`
              : `on ${dayText(outlook.builtAt)}, in one day`,
            why: planned
              ? (Math.round(outlook.sow.from) === Math.round(outlook.sow.to)
                  ? ''
                  : `${Math.round(outlook.sow.from)} to `)
                + `${Math.round(outlook.sow.to)} `
                + `days before ${dateText(sowOn!)}: first it bursts with heat, then it comes down`
              : 'say when you want to sow, and it reckons back from that day',
          },
          {
            label: 'Sow from', value: fromTo(on(outlook.sow.from), on(outlook.sow.to)),
            why: (warmestC(outlook) > SOW_BELOW_C
              ? `when the soil has come down below ${quantityText('temperature', units, SOW_BELOW_C)}`
              : 'when the soil is warm enough for the first seeds') + '; '
              + 'your thermometer says it best',
          },
          {
            label: `Soil of ${quantityText('temperature', units, WARM_C)} and more`,
            value:
              outlook.cool.typical === 0
                ? 'hardly at all'
                : outlook.cool.from === 0
                  ? `perhaps hardly at all, or until ${outlook.cool.to >= outlook.horizonDay ? 'summer' : dayText(on(outlook.cool.to))}`
                  : outlook.cool.to >= outlook.horizonDay
                    ? `until ${dayText(on(outlook.cool.from))} or into summer`
                    : `until ${fromTo(on(outlook.cool.from), on(outlook.cool.to))}`,
            why: 'in its first weeks up to about '
              + `${spanText('temperature', units, warmestAtFirst(outlook.courses[0]), warmestAtFirst(outlook.courses[2]))}`,
          },
          ...(nextLastFrost
            ? [
                {
                  label: 'Last frost here', value: dayText(nextLastFrost(on(outlook.sow.typical))),
                  why:
                    on(outlook.cool.typical) < nextLastFrost(on(outlook.sow.typical))
                      ? 'the heat ends before it: keep the glass on, a mat at night, or plan the second bed'
                      : 'the bed is warm beyond it: what was raised can go out from there',
                },
              ]
            : []),
        ]
      : []),
    {
      label: 'It takes', value: containerText(litresOf(ingredients) / barrow.volumeL, barrow),
      why: `${litres(litresOf(ingredients))} loose make ${height(heightM)} `
        + `trodden${bed ? `: to ${numberText(100 * troddenShare(bed.charge))} % of its loose room` : ''}`,
    },
    ...gatherFact(ingredients, planned && planned.to > now ? planned.to : outlook?.builtAt ?? now),
    ...(overfull
      ? [
          {
            label: 'Too much', value: `about ${containerText(leftOverL / barrow.volumeL, barrow)}`,
            why: `to ${height(ground.heightM)} it is full: bank the sides with the rest, or make it wider or deeper`,
          },
        ]
      : []),
    ...(chosen && !overfull
      ? [
          {
            label: 'Missing',
            value: missingL > 40 ? `about ${containerText(missingL / barrow.volumeL, barrow)} of the same` : 'nothing',
            why:
              missingL > 40
                ? `to ${height(ground.heightM)}; everything in one day, so gather it first`
                : `it reaches ${height(heightM)} of ${height(ground.heightM)}`,
          },
        ]
      : []),
    {
      label: 'Water', value: waterL < 3 ? 'none: it is moist' : containerText(containersFor(waterL, waterCan), waterCan),
      why: `${waterL < 3 ? '' : `${litres(waterL)}, forkful by forkful; `}wrung out it gives a `
        + `drop.${ratio < 900 ? ` Carbon to nitrogen ${ratioText(ratio)}.` : ''}`,
    },
    ...(outlook && outlook.cool.typical > outlook.sow.typical && outlook.cool.typical <= SUN_CARRIES_DAYS
      ? [
          {
            label: 'Second bed', value: `about ${dayText(addWeeks(outlook.builtAt, 4))}`,
            why: 'built when the first is at week four, its heat takes over where the first lets go',
          },
        ]
      : []),
  ]
  const middle = outlook?.courses[1]
  const bands
    = middle && outlook ? cropBands({ soilC: dailySoil(middle), began: outlook.builtAt, sowFromDay: outlook.sow.typical }, []) : undefined
  const sownC = middle ? middle.soilDayC[Math.min(middle.days.length - 1, Math.round(outlook!.sow.typical) + 2)]! : 0
  const up = CROPS.filter(crop => comesUp(crop, sownC)).map(({ name: crop }) => crop.toLowerCase())
  const dung = ingredients.some(({ material }) => material.family === 'manure')
  const warnings: Warning[] = [
    ...(ground.top.sunny < 1
      ? [
          {
            text:
              ground.top.sunny < 0.4
                ? 'A hotbed wants sun: in shade seedlings grow long and fall over, and the days are cold.'
                : 'Half the sun: a few kelvin less by day. Shelter from wind matters as much.',
          },
        ]
      : []),
    ...(past ? [{ text: `${dateText(wantedOn)} has gone by: this is reckoned from today.` }] : []),
    ...(ground.heightM < SHALLOW_M && approachId !== 'tub'
      ? [{ text: `Under ${height(SHALLOW_M)} a bed is cold within about two weeks.` }]
      : []),
    ...(dung || ingredients.some(({ material }) => material.family === 'straw') ? [{ text: WEEDKILLER }] : []),
  ]
  const { footprintM2, soilM } = ground
  const leftL = (middle?.heightM.at(-1) ?? heightM * 0.6) * footprintM2 * 1000
  return {
    summary: `${litres(litresOf(ingredients))} loose, ${height(heightM)} trodden, ${litres(soilM * footprintM2 * 1000)} of `
      + `${way.trays ? 'sand' : 'soil or compost'} on it${up.length > 0 ? `; at first ${up.slice(0, 4).join(', ')} come up` : ''}.`,
    verdict: overfull
      ? { grade: 'workable', text: tooMuch }
      : verdictOf({ heightM, wantedM: ground.heightM, ratio, outlook, chosen, late: planned?.late ?? false, sowOn, mildC }, units),
    facts,
    warnings,
    picture: bedPicture({
      of: name, site, ground, ingredients, heightM: Math.max(0.05, heightM),
      ...(middle ? { coreC: Math.max(...middle.coreC), soilC: sownC } : {}),
      glass: ground.top.cover !== 'none',
      trays: way.trays,
      grows: true,
    }),
    ...(bands ? { pipeline: bands } : {}),
    steps: stepsOf({ way, ground, heightM, waterL, ingredients }, surroundings),
    work: [{ label: 'in one day, for two', minutes: range(footprintM2 * 60, footprintM2 * 100, footprintM2 * 160) }],
    gives: outlook
      ? [
          {
            label: 'Compost, half ripe', litres: range(leftL * 0.75, leftL, leftL * 1.2), from: on(outlook.spent.from),
            to: on(Math.max(outlook.spent.from, outlook.spent.to)),
          },
        ]
      : [],
    waterL,
    wants: {
      ingredients: overfull ? ingredients : chosen && missingL <= 40 ? said : usual,
      by: planned && planned.to > now ? planned.to : (outlook?.builtAt ?? now),
    },
    ...(bed ? overfull ? { refusal: tooMuch } : {} : { refusal: 'Nothing of this heats: manure, grass and straw do.' }),
  }
}
