import { addDays } from 'date-fns'
import { usableL } from '../../char/price'
import { materialOf, type Ingredient } from '../../mix/portion'
import { numberOf } from '../../questions/question'
import { quantityText, sievesText, spanText } from '../../units/format'
import { counted } from '../../units/plural'
import { range } from '../../units/range'
import { asVessel, siteFillM } from '../../vessel/site'
import type { BuildStep, Draft, Fact, Proposal, Surroundings, Verdict } from '../contract'
import { ASH_BURNS, beforeCautions, DUST, SALTY } from './cautions'
import { endingAt } from './endings'
import { bagOf, compared, priceText } from './compare'
import { loadOf, lostL, yielded } from './load'
import { ownBurns } from './own'
import { burnPicture } from './picture'
import { fireWater, stepsOf as stepsIn } from './state'
import { stepOf, titleOf } from './steps'
import { atHandText, roundedUpL } from './water'
import { wayOf } from './ways'
import { DONE, WANTED } from './words'
import { MAKE } from './constants'
import { CHAR } from '../../char/constants'
import type { Thought } from './thought'
import { isSalty, refusalOf, warningsOf } from './warnings'

function verdictOf(thought: Thought): Verdict {
  const { way, load, crushedL, wantedL, surroundings: { units } } = thought
  const litres = (value: number) => quantityText('volume', units, value)
  const span = spanText('volume', units, crushedL.low, crushedL.high)
  const refused = refusalOf(thought)
  if (refused) return { grade: 'poor', text: refused }
  const loads = Math.max(1, Math.ceil(wantedL / Math.max(0.1, crushedL.typical)))
  if (way.bought)
    return {
      grade: 'good',
      text: `${counted(loads, 'bag gives', 'bags give')} the ${litres(wantedL)} wanted: about ${litres(crushedL.typical)} a bag, crushed `
        + 'and sifted.',
    }
  if (!way.burns)
    return {
      grade: 'good',
      text: `About ${litres(Math.max(1, crushedL.typical))} a pail, crushed: ${counted(loads, 'evening', 'evenings')} for the `
        + `${litres(wantedL)} wanted. Picked up as it comes.`,
    }
  const lost = lostL(load, way)
  if (load.moisture > CHAR.noGoMoisture)
    return {
      grade: 'poor',
      text: `At ${Math.round(100 * load.moisture)} % water it is not lit: it would smoke for hours, and give about ${litres(lost)} less. `
        + `Go or no-go stops above ${Math.round(100 * CHAR.noGoMoisture)} %.`,
      advice: 'Dry it under cover for some weeks.',
    }
  if (load.moisture > CHAR.dryEnough)
    return {
      grade: 'workable',
      text: `At ${Math.round(100 * load.moisture)} % water it smokes, and gives about ${litres(lost)} less: ${span}. Under `
        + `${Math.round(100 * CHAR.dryEnough)} % it burns clean.`,
      advice: 'Dry it under cover for some weeks.',
    }
  if (crushedL.high < MAKE.aPotL && wantedL > MAKE.aPotL)
    return {
      grade: 'workable',
      text: `This gives ${span}: enough for a few pots, not for a bed. ${counted(loads, 'load', 'loads')} for the ${litres(wantedL)} `
        + 'wanted.',
    }
  return {
    grade: loads > 3 ? 'workable' : 'good',
    text: `One load gives ${span} of crushed char${load.assumed ? ', with the vessel full of dry wood' : ''}: `
      + `${counted(loads, 'load', 'loads')} for the ${litres(wantedL)} wanted.`,
  }
}

/** What a bag comes to by the volume that can be used. */
function bagFacts({ way, proposal, surroundings: { units } }: Thought): Fact[] {
  const bag = bagOf(way, proposal.answers)
  const weight = (kg: number) => `${quantityText('mass', units, kg, 1)} ÷ ${quantityText('density', units, 200)}`
  return [{
    label: 'Usable char costs', value: priceText(bag, units),
    why:
      bag.sold === 'weight'
        ? `${weight(bag.kg)}, a tenth sifted out: ${quantityText('volume', units, usableL(bag))}`
        : 'as sold, used as it is',
  }]
}

/** How long it burns, by practice or by one's own burns. */
function minutesFact({ way, load, surroundings }: Thought): Fact[] {
  if (!way.burns) return []
  const { minutes } = ownBurns(way, surroundings)
  const usual = way.minutes(load)
  return [{
    label: 'It takes',
    value: `${Math.round((usual * minutes.low) / 5) * 5} to ${Math.round((usual * minutes.high) / 5) * 5} minutes`,
    why:
      minutes.from > 0
        ? `learned from ${counted(minutes.from, 'burn', 'burns')} of your own`
        : 'as is usual for such a load; your own burns sharpen it',
  }]
}

/** Water that stands ready, and where the carbon of the wood goes. */
function burningFacts({ way, ending, gives, surroundings: { units, garden: { waterCan } } }: Thought): Fact[] {
  if (!gives.typical.ok) return []
  const burn = gives.typical.value
  const { stopL, needL } = fireWater(ending, gives, units)
  const litres = (value: number) => quantityText('volume', units, value)
  const kilograms = (value: number) => quantityText('mass', units, value, 1)
  const water = {
    label: 'Water at hand', value: atHandText(needL, units, waterCan),
    why:
      stopL > 0
        ? `beside any fire; stopping this one takes about ${litres(roundedUpL(stopL, units))}: the char's own bulk `
        + `(${litres(burn.lumpL)} of lumps), and what boils off or runs away`
        : 'beside any fire; this one is stopped by its lid',
  }
  return [
    ...(way.burns ? [water] : []),
    {
      label: 'Where it goes', value: `${Math.round((100 * burn.char.carbon) / burn.wood.carbon)} % of the carbon stays`,
      why: `${kilograms(burn.air.water)} of water and the rest of the carbon go up; ${kilograms(burn.char.ash)} of ash stays in `
        + `the pieces, ${kilograms(burn.looseAshKg)} lies loose`,
    },
  ]
}

function factsOf(thought: Thought): Fact[] {
  const { way, load, crushedL, surroundings } = thought
  const { units } = surroundings
  if (way.bought) return bagFacts(thought)
  const { litres: yields } = ownBurns(way, surroundings)
  return [
    {
      label: 'Crushed char', value: spanText('volume', units, crushedL.low, crushedL.high),
      why:
        yields.from > 0
          ? `learned from ${counted(yields.from, 'burn', 'burns')} of your own`
          : `${quantityText('mass', units, load.wetKg * (1 - load.moisture), 1)} of dry wood, ${Math.round(100 * way.yieldOfDry.low)} to `
            + `${Math.round(100 * way.yieldOfDry.high)} % of it becomes char; crushing takes a third of the bulk`,
    },
    ...minutesFact(thought),
    ...burningFacts(thought),
  ]
}

function stepsOf({ way, ending, load, gives, surroundings, proposal }: Thought): BuildStep[] {
  const { units } = surroundings
  const after: BuildStep[] = [
    {
      when: 'after', title: 'Test it',
      detail: 'It snaps, rings, marks paper black, smells of nothing. Brown ends go into the next burn.', cautions: [],
    },
    ...(way.bought
      ? []
      : [
          {
            when: 'after' as const, title: 'Shake out the ash, rinse',
            detail: 'Ash is a lot of its own. Rinse until the water is as good as '
              + `neutral${way.ashy ? ': this way it usually takes several rounds' : ''}.`,
            cautions: [ASH_BURNS, ...(isSalty(proposal) ? [SALTY] : [])],
          },
        ]),
    {
      when: 'after', title: 'Damp it and crush it',
      detail: `Most of it ${sievesText(5, 15, units)}; two thirds of its volume are left.`, cautions: [DUST],
    },
    { when: 'after', title: 'Into the store, raw', detail: 'Fine and coarse apart. Charged before it goes on a bed.', cautions: [] },
  ]
  if (way.bought)
    return [
      {
        when: 'building', title: 'Read the bag', detail: 'Plain wood, no binder, no lighter. Knock on a piece: it rings.',
        cautions: beforeCautions(way),
      },
      ...after,
    ]
  const burning = stepsIn(way, ending).flatMap((id): BuildStep[] => {
    const step = stepOf(id)
    const signs = id === DONE ? `${way.signs.join('. ')}. ` : ''
    if (!step || !ending) return []
    const fire = { way, load, ending, units, can: surroundings.garden.waterCan, ...fireWater(ending, gives, units) }
    return [{ when: 'building', title: titleOf(step, fire), detail: `${signs}${step.how(fire)}`, cautions: step.cautions }]
  })
  const wood = `${quantityText('volume', units, load.litres)} of ${load.moisture > CHAR.dryEnough ? 'wood' : 'dry wood'}`
  const stacked = way.closed
    ? { when: 'building' as const, title: 'Fill it', detail: `${wood}, cut short, the lid on, one hole open.` }
    : { when: 'building' as const, title: 'Stack it', detail: `${wood}, dense stems below, kindling on top.` }
  return [{ ...stacked, cautions: beforeCautions(way) }, ...burning, ...after]
}

function bagged({ way, proposal, surroundings }: Thought): Ingredient[] | undefined {
  if (!way.bought) return undefined
  const bag = bagOf(way, proposal.answers)
  const material = materialOf({ materialId: bag.sold === 'weight' ? 'char-lump' : 'biochar-crushed' }, surroundings.materials)
  if (!material) return undefined
  const litres = bag.sold === 'weight' ? bag.kg / material.bulkDensityKgM3.typical * 1000 : bag.litres
  return [{
    material,
    amount: {
      count: 1, container: { id: 'bag', name: 'bag', plural: 'bags', volumeL: Math.max(0.01, Math.round(litres * 10) / 10) },
      packing: 'loose',
    },
  }]
}

/** What a way would give, before anything is lit. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const { answers, site, ingredients } = proposal
  const way = wayOf(proposal.approachId)
  const load = loadOf(ingredients, answers, site, way, surroundings.materials)
  const gives = yielded(load, way)
  const own = ownBurns(way, surroundings)
  const bag = bagOf(way, answers)
  const of = (typical: number, by: { low: number, typical: number, high: number }) =>
    range(typical * by.low, typical * by.typical, typical * by.high)
  const crushedL = way.bought
    ? of(usableL(bag), { low: 0.85, typical: 1, high: 1.1 })
    : own.litres.from > 0
      ? of(gives.crushedL.typical, own.litres)
      : gives.crushedL
  const thought: Thought = {
    proposal, surroundings, way, ending: way.endings && endingAt(site, way.endings), load, gives, crushedL,
    wantedL: numberOf(answers, WANTED) ?? 40,
  }
  const { units, now } = surroundings
  const refusal = refusalOf(thought)
  const recipe = bagged(thought)
  const loadM = way.bought ? Math.min(asVessel(site).heightM, siteFillM(site, usableL(bag) * 1.5)) : load.heightM
  return {
    summary: way.bought
      ? `${way.name}: about ${quantityText('volume', units, crushedL.typical)} of usable char a bag.`
      : `${quantityText('volume', units, load.litres)} of wood, ${Math.round(100 * load.moisture)} % water, about `
        + `${quantityText('mass', units, load.wetKg)}.`,
    verdict: verdictOf(thought), facts: factsOf(thought), warnings: warningsOf(thought),
    picture: burnPicture({
      of: `${way.name} in the ${asVessel(site).name.toLowerCase()}`, site, way, loadM,
      progress: way.burns ? 0.55 : way.bought ? 1 : 0.99, glowing: way.burns, leavesShare: way.bought ? 1 : 0.5, quenched: false,
    }),
    steps: stepsOf(thought),
    work: [
      {
        label: way.bought ? 'to fetch and sift' : 'beside it',
        minutes: range(way.hours.low * 60, way.hours.typical * 60, way.hours.high * 60),
      },
      { label: 'to crush', minutes: range(10, 10 + crushedL.typical * 0.8, 20 + crushedL.high) },
    ],
    gives: refusal
      ? []
      : [{ label: 'Crushed char, raw', materialId: 'biochar-crushed', serves: [], litres: crushedL,
          from: addDays(now, way.bought ? 0 : 1), to: addDays(now, way.bought ? 1 : 3) }],
    compared: compared(answers, surroundings), ...(refusal ? { refusal } : {}),
    waterL: 0, ...(recipe ? { recipe } : {}),
  }
}
