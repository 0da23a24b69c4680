import { addDays } from 'date-fns'
import { looseL, type Ingredient } from '../../mix/portion'
import { paceOn } from '../../mulch/depth'
import { countedAt, countedDays } from '../../warmth/day-counts'
import { numberOf, type Question } from '../../questions/question'
import { containerText } from '../../units/container'
import { dateText } from '../../units/dates'
import { quantityText, roughly } from '../../units/format'
import { range } from '../../units/range'
import type { UnitSystem } from '../../units/system'
import { asVessel } from '../../vessel/site'
import { type BuildStep, type Draft, type Fact, ownOf, type Proposal, type Surroundings, type Verdict, weatherFrom } from '../contract'
import { bindingFact, liesIn } from './binding'
import { DUST, LIFTING, mindsOf, SOURCES, TICKS } from './care'
import { CARRIER_CHOICES, carrierOf, loadsFor } from './loads'
import { mulchPicture, mulchPlanDrawing } from './picture'
import { mulchPlan, type MulchPlan } from './plan'
import { missingHalf, stuffOf, stuffText, type Stuff } from './stuff'
import { CARRIED_IN, CROP, FROM, LIES, REASON, STEMS, WANTED_M } from './words'
import { MULCHED } from './constants'
import { MULCH } from '../../mulch/constants'

const TIES_UP = ['chips', 'straw']

/** What is asked beside kind and ground. */
export function asksOf(approachId: string): readonly Question[] {
  return [
    {
      id: CROP, kind: 'choice', label: 'What grows there', usual: 'perennials',
      choices: [
        { id: 'trees', label: 'trees, shrubs' }, { id: 'perennials', label: 'perennials, berries' },
        { id: 'vegetables', label: 'vegetables' }, { id: 'seedlings', label: 'seedlings' }, { id: 'path', label: 'nothing: a path' },
      ],
    },
    {
      id: REASON, kind: 'choice', label: 'What for', usual: 'weeds',
      choices: [
        { id: 'weeds', label: 'against weeds' }, { id: 'moist', label: 'to keep it moist' }, { id: 'frost', label: 'against frost' },
        { id: 'feed', label: 'to feed' },
      ],
    },
    { id: WANTED_M, kind: 'length', label: 'Depth, if not as advised', usual: 0, most: 0.5 },
    ...(TIES_UP.includes(approachId)
      ? [
          {
            id: LIES, kind: 'choice', label: 'It stays', usual: 'on-top',
            choices: [
              { id: 'on-top', label: 'on top' }, { id: 'dug-in', label: 'is dug in' },
            ],
          } satisfies Question,
        ]
      : []),
    { id: FROM, kind: 'choice', label: 'It comes from', usual: 'garden', choices: SOURCES.map(({ id, label }) => ({ id, label })) },
    { id: CARRIED_IN, kind: 'choice', label: 'Carried in', usual: 'barrow', choices: CARRIER_CHOICES },
    { id: STEMS, kind: 'count', label: 'Stems to keep clear', usual: 1, most: 60 },
  ]
}

/** Days until it has thinned so far, by the usual weather; undefined where it outlasts three years. */
export function daysToThin({ kind }: Pick<MulchPlan, 'kind'>, goesYear: number, surroundings: Surroundings): number {
  const { airC } = weatherFrom(surroundings.now, MULCHED.lastsDays, surroundings)
  const sums = countedDays(airC.length, day => paceOn(airC[day]!))
  const wanted = (-Math.log(kind.refreshedAt) / goesYear) * 365.25
  for (let day = 0; day <= MULCHED.lastsDays; day++) if (countedAt(sums, day) >= wanted) return day
  return MULCHED.lastsDays
}

const HALVES = {
  dry: 'All of it is fresh: a wet mat that turns to slime. About as much of something dry goes with it, leaves or straw.',
  fresh: 'All of it is dry: it lies, but it does not feed. About as much of something fresh goes with it.',
} as const

function verdictOf(plan: MulchPlan, { main, some, shares }: Stuff, lies: string, litres: number, units: UnitSystem): Verdict {
  const depth = quantityText('length', units, plan.wantedM)
  if (some.length > 0 && !plan.kind.families.includes(main.family))
    return {
      grade: 'workable',
      text:
        `What lies on the bench is mostly ${main.short}, and this is reckoned for ${plan.kind.name.toLowerCase()}: take it off, or `
        + 'say another kind.',
    }
  const half = some.length > 0 ? missingHalf(plan.kind, shares) : undefined
  if (half) return { grade: 'workable', text: HALVES[half] }
  if (plan.crop === 'seedlings') return { grade: 'workable', text: `Seedlings want bare, warm soil first; then ${depth} at most.` }
  if (plan.kind.id === 'chips' && lies === 'dug-in')
    return {
      grade: 'poor',
      text: 'Wood that is dug in takes nitrogen from the soil for a year and more. On top it hardly does: leave it there.',
    }
  if (lies === 'dug-in')
    return {
      grade: 'workable',
      text:
        `Dug in, ${plan.kind.name.toLowerCase()} takes nitrogen from the soil for its first year: something to make up for it goes `
        + 'under with it, or it stays on top.',
    }
  if (plan.wantedM > plan.advisedM.high * 1.15)
    return { grade: 'workable', text: `${depth} is thicker than this bears: ${quantityText('length', units, plan.advisedM.high)} at most.` }
  if (litres > 0 && litres < 0.8 * plan.wantedM * plan.areaM2 * 1000)
    return {
      grade: 'workable',
      text: `What lies on the bench makes ${quantityText('length', units, litres / 1000 / plan.areaM2)}; ${depth} are wanted.`,
    }
  return {
    grade: 'good',
    text: `${depth} of ${plan.kind.name.toLowerCase()}, settling to about ${quantityText('length', units, plan.settledM)}.`,
  }
}

/** A plan of a mulch thought through: what goes where, in what it is carried, and how long it lasts. */
interface MulchThought extends Stuff {
  readonly plan: MulchPlan
  readonly benchL: number
  readonly neededL: number
  readonly carrier: ReturnType<typeof carrierOf>
  readonly loads: number
  readonly lies: ReturnType<typeof liesIn>
  /** Water that holds down what would fly, litres. */
  readonly wetL: number
}

function thoughtOf(proposal: Proposal): MulchThought {
  const plan = mulchPlan(proposal)
  const stuff = stuffOf(proposal, plan.kind)
  const neededL = plan.wantedM * plan.areaM2 * 1000
  const carrier = carrierOf(proposal.answers[CARRIED_IN])
  return {
    ...stuff, plan, neededL, carrier, loads: loadsFor(neededL, carrier), lies: liesIn(proposal.answers),
    benchL: looseL(stuff.some),
    wetL: plan.kind.wind === 'much' || plan.kind.id === 'straw' ? plan.areaM2 * 4 : 0,
  }
}

function factsOf({ plan, main, neededL, loads, carrier, lies }: MulchThought, surroundings: Surroundings): Fact[] {
  const { units, now } = surroundings
  const length = (value: number) => quantityText('length', units, value)
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const { goesYear } = plan.kind
  const [soon, late] = [daysToThin(plan, goesYear.high, surroundings), daysToThin(plan, goesYear.low, surroundings)]
  const day = (days: number) => dateText(addDays(now, days))
  const sack = ownOf('sack', surroundings)
  return [
    {
      label: 'Depth', value: `${length(plan.wantedM)}, then ${length(plan.settledM)}`,
      why: `as spread, and settled; ${length(plan.advisedM.low)} to ${length(plan.advisedM.high)} is usual here`,
    },
    {
      label: 'It takes', value: containerText(loads, carrier),
      why: `${litres(neededL)} loose for ${quantityText('area', units, plan.areaM2, 1)}, ${litres(plan.settledM * plan.areaM2 * 1000)} `
        + `settled; that is ${containerText(neededL / sack.volumeL, sack)}`,
    },
    {
      label: 'More of it', value: late >= MULCHED.lastsDays ? `not before ${day(soon)}` : `between ${day(soon)} and ${day(late)}`,
      why: `when it has thinned to ${length(plan.refreshM)}; depths you measure sharpen it`,
    },
    bindingFact(main, plan, lies, units),
    ...(MULCH.clearM[plan.crop] > 0
      ? [{
          label: 'Clear of stems', value: length(MULCH.clearM[plan.crop]),
          why: 'bark that stays wet rots, and mice gnaw under cover; a finger\'s breadth at the very least',
        }]
      : []),
  ]
}

const DUSTY = ['leaves', 'straw', 'chips']

function stepsOf({ plan, shares, neededL, loads, carrier, wetL }: MulchThought, { units }: Surroundings): BuildStep[] {
  const length = (value: number) => quantityText('length', units, value)
  const clear = MULCH.clearM[plan.crop]
  const dry: BuildStep = {
    when: 'before', title: 'Let it dry for a day', detail: 'Thin and limp, never a wet mat: slime keeps rain and air out.', cautions: [],
  }
  const tread: BuildStep = {
    when: 'building', title: 'Tread it, wet it',
    detail: 'Flat with the feet, then the can over it: it will not fly, and it begins to rot.', waterL: wetL, cautions: [],
  }
  const drawBack: BuildStep = {
    when: 'building', title: `Draw it ${length(clear)} from the stems`,
    detail: plan.crop === 'trees' ? 'A hand\'s breadth of bare ring around each trunk.' : 'A bare ring around each crown.', cautions: [],
  }
  return [
    {
      when: 'before', title: 'Weed it, water it',
      detail: 'Tall weeds out, roots and all. Dry soil under mulch stays dry: water first, and feel it with a finger. Straight over turf '
        + 'works where it is thick, and better with card under it.',
      cautions: [],
    },
    ...(plan.kind.id === 'grass' ? [dry] : []),
    {
      when: 'building', title: `${containerText(loads, carrier)}, from the far end`,
      detail: `${quantityText('volume', units, roughly(neededL))} of ${stuffText(shares)}, ${length(plan.wantedM)} deep as it falls. `
        + 'Count the loads: each can be recorded as it lands.',
      cautions: [...(DUSTY.includes(plan.kind.id) ? [DUST] : []), LIFTING, TICKS],
    },
    ...(plan.kind.wind === 'much' ? [tread] : []),
    ...(clear > 0 ? [drawBack] : []),
  ]
}

/** What a plan of mulching comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const { site, answers } = proposal
  const { units, now } = surroundings
  const thought = thoughtOf(proposal)
  const { plan, main, some, shares, benchL, neededL, loads, carrier, lies, wetL } = thought
  const sack = ownOf('sack', surroundings)
  const enough = shares.map(({ material, share }): Ingredient => ({
    material, amount: { count: Math.max(1, Math.round(share * neededL / sack.volumeL)), container: sack, packing: 'loose' },
  }))
  const drawing = mulchPlanDrawing(asVessel(site).name, site, {
    crop: plan.crop, family: main.family, covered: 1, stems: numberOf(answers, STEMS) ?? 1,
  })
  const litres = quantityText('volume', units, roughly(neededL))
  return {
    summary: `${litres} of ${stuffText(shares)} on ${quantityText('area', units, plan.areaM2, 1)}: ${containerText(loads, carrier)}.`,
    verdict: verdictOf(plan, thought, lies, benchL, units), facts: factsOf(thought, surroundings),
    warnings: mindsOf(plan, shares.map(({ material }) => material), answers[FROM]).map(text => ({ text })),
    picture: mulchPicture(`${plan.kind.name} on the ${asVessel(site).name.toLowerCase()}`, {
      depthM: plan.settledM, wantedM: plan.wantedM, crop: plan.crop, family: main.family, short: main.short,
    }),
    ...(drawing ? { fromAbove: drawing } : {}),
    steps: stepsOf(thought, surroundings), work: [{ label: `${loads} loads`, minutes: range(loads * 4, loads * 7, loads * 12) }],
    gives: [], waterL: wetL,
    wants: { ingredients: some.length > 0 && benchL >= 0.8 * neededL ? some : enough, by: addDays(now, 14) },
  }
}
