import { addDays } from 'date-fns'
import { numberOf, type Question } from '../../questions/question'
import { type Ingredient, looseL, portionOf } from '../../mix/portion'
import { quantityText, roughly, spanText } from '../../units/format'
import { range } from '../../units/range'
import { asVessel, siteVolumeL } from '../../vessel/site'
import { frontWidthM } from '../../vessel/vessel'
import { type BuildStep, type Draft, type Fact, ownOf, type Proposal, type Surroundings, type Verdict } from '../contract'
import { slowApproach } from './approaches'
import { coverAmount, coverLitres } from './cover'
import { litresOfIt, plannedWeek } from './feeding'
import { COMPOST } from './prospects'
import { baysFor, baysNeeded, peaceDays, rotationFrom, type OneBay } from './rotation'
import { RAIN, WEEKLY } from './words'
import { containerText } from '../../units/container'
import { findMaterial } from '../../materials/book'
import { SLOW } from './constants'

/** What is asked beside school and site. */
export function asks(): readonly Question[] {
  return [
    { id: WEEKLY, kind: 'volume', label: 'Scraps in a usual week', usual: SLOW.usualWeeklyL, most: 500 },
    {
      id: RAIN, kind: 'choice', label: 'On top',
      choices: [
        { id: 'covered', label: 'lid, sheet or sacking' }, { id: 'open', label: 'open to the rain' },
      ],
      usual: 'covered',
    },
  ]
}

const months = (days: number) => {
  const count = Math.round(days / 30.4)
  return count < 2 ? `${Math.round(days / 7)} weeks` : `${count} months`
}

type Bays = readonly [OneBay, OneBay, OneBay]

function verdictOf(bays: Bays, count: number): Verdict {
  const bay = bays[1]
  if (bay.neverFull)
    return {
      grade: 'workable',
      text: 'So little goes in that it sinks as fast as it is filled: it hardly ever gets full. One bay is enough; a smaller one keeps '
        + 'moist better.',
    }
  const needed = baysNeeded(bay)
  const filling = `Full after about ${months(bay.fullDays)}, sinking counted`
  if (count === 1)
    return {
      grade: 'workable', text: `${filling}. Fresh and ripe lie in one heap: a second bay lets one rest in peace.`,
      advice: 'A second bay',
    }
  if (peaceDays(bay, count) >= bay.restDays)
    return {
      grade: 'good',
      text: `${filling}; then it rests ${months(peaceDays(bay, count))} while the others fill. It wants about ${months(bay.restDays)}.`,
    }
  return {
    grade: 'workable',
    text: `${filling}: with ${count} bays each rests ${months(peaceDays(bay, count))}, and wants about ${months(bay.restDays)}. `
      + `${needed <= 4 ? `${needed} such bays would do, or bigger ones.` : 'Bigger bays would do.'}`,
    advice: `${needed} bays, or bigger ones`,
  }
}

function facts(bays: Bays, count: number, weeklyL: number, surroundings: Surroundings): Fact[] {
  const { units } = surroundings
  const [soon, middle, late] = bays
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const spanMonths = (a: number, b: number) =>
    Math.round(a / 30.4) === Math.round(b / 30.4) ? months(a) : `${Math.round(a / 30.4)}–${Math.round(b / 30.4)} months`
  return [
    {
      label: 'Full after',
      value: middle.neverFull ? 'hardly ever' : `${spanMonths(soon.fullDays, late.fullDays)}${late.neverFull ? ' or never' : ''}`,
      why: `${litres(weeklyL)} of scraps a week with its cover of dry leaves or card; it sinks as it rots`,
    },
    {
      label: 'Rest it wants', value: spanMonths(Math.min(soon.restDays, late.restDays), Math.max(soon.restDays, late.restDays)),
      why: 'from the last caddy until the rawest fifth has hardly anything left to rot',
    },
    ...(count > 1 && !middle.neverFull
      ? [
          {
            label: 'Rest it gets', value: months(peaceDays(middle, count)),
            why: `while the ${count === 2 ? 'other one is' : 'two others are'} filled`,
          },
        ]
      : []),
    {
      label: 'Browns for a year', value: litres(52 * plannedWeek(weeklyL, surroundings.materials).coverL),
      why: 'loose dry leaves or torn card kept beside it, under cover: what each caddy is covered with',
    },
  ]
}

const said = (some: readonly Ingredient[]) =>
  some.map(({ amount: { count, container }, material }) => `${containerText(count, container)} of ${material.short}`).join(', ')

/** What lies lowest: twigs, the gardener's own where some are laid in, and what comes on them. */
function groundWords(ingredients: readonly Ingredient[]): string {
  const laid = ingredients.filter(({ amount: { count } }) => count > 0)
  const coarse = laid.filter(({ material: { structure } }) => structure === 3)
  const rest = laid.filter(one => !coarse.includes(one))
  return `${coarse.length > 0 ? `The ${said(coarse)}` : 'Twigs and stalks'} a hand deep, for air and drainage`
    + `${rest.length > 0 ? `, then ${said(rest)}` : ''}.`
}

function steps({ ingredients }: Proposal, surroundings: Surroundings): BuildStep[] {
  const [scraps, leaves] = [findMaterial('kitchen-veg', surroundings.materials), findMaterial('leaves-mixed', surroundings.materials)]
  const caddy = scraps && litresOfIt(scraps, ownOf('caddy', surroundings).volumeL)
  const amount = caddy && leaves ? coverAmount(coverLitres([caddy], leaves), [ownOf('caddy', surroundings)]) : undefined
  return [
    {
      when: 'before', title: 'Choose the place',
      detail:
        'On soil, where the way from the kitchen is short in winter too. Mesh below where rats are about. Room in front to stand and fork.',
      cautions: ['No pallets that are stamped with a methyl bromide treatment, painted or unmarked.'],
    },
    {
      when: 'building', title: 'Lay the ground',
      detail: groundWords(ingredients),
      cautions: [],
    },
    {
      when: 'building', title: 'A sack of browns beside it',
      detail: 'Dry leaves, torn card or straw, under a lid. Without them it turns wet and sour within weeks.', cautions: [],
    },
    {
      when: 'after', title: 'Then caddy by caddy',
      detail: 'Empty it into a hollow, spread it, cover it: to a caddy of kitchen scraps '
        + `${amount ? containerText(amount.count, amount.container) : 'as much'} of dry leaves. The round tells for each what it takes.`,
      cautions: ['No meat, fish, cooked food or much bread: rats. No seed heads, roots that grow again or sick plants: it stays cool.'],
    },
    {
      when: 'after', title: 'Cover the top', detail: 'Sacking, card or a lid: it keeps warmth and water in, rain and flies out.',
      cautions: [],
    },
  ]
}

/** What filling a bay by the caddy comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const { units, now, materials } = surroundings
  const weeklyL = numberOf(proposal.answers, WEEKLY) ?? SLOW.usualWeeklyL
  const { bays: count } = slowApproach(proposal.approachId)
  const vessel = asVessel(proposal.site)
  const laidL = looseL(proposal.ingredients)
  const bays = baysFor(proposal.site, proposal.answers, weeklyL, surroundings, materials)
  const heightM = Math.min(vessel.heightM, laidL / siteVolumeL(proposal.site) * vessel.heightM)
  const bands = proposal.ingredients.map(one => ({
    family: one.material.family, short: one.material.short, heightShare: portionOf(one).looseVolumeL / (laidL || 1),
  }))
  const picture: Draft['picture'] = {
    of: `The ${vessel.name.toLowerCase()}`, widthM: frontWidthM(vessel), heightM: vessel.heightM,
    parts: [
      { kind: 'walls', vessel }, { kind: 'fill', heightM, bands }, { kind: 'level', yM: vessel.heightM, said: 'full' },
      { kind: 'soil' },
    ],
  }
  const work = [{ label: 'a caddy, with its cover', minutes: range(2, 3, 5) }, { label: 'emptying a bay', minutes: range(40, 70, 120) }]
  if (!bays)
    return {
      summary: 'Say how much there is in a usual week.',
      verdict: { grade: 'poor', text: 'Nothing is fed: say how much there is in a usual week.' }, facts: [], warnings: [], picture,
      steps: steps(proposal, surroundings), work, gives: [], waterL: proposal.waterL,
    }
  const [soon, middle, late] = bays
  const out = (bay: OneBay) => Math.max(1, bay.litresThen)
  const ready = (bay: OneBay) => addDays(now, Math.round(bay.fullDays + bay.restDays))
  const all = [out(soon), out(middle), out(late)].sort((a, b) => a - b) as [number, number, number]
  const days = [ready(soon), ready(late)].sort((a, b) => a.getTime() - b.getTime()) as [Date, Date]
  return {
    summary: `${quantityText('volume', units, weeklyL)} of scraps a week: full after about ${months(middle.fullDays)}; `
      + `${spanText('volume', units, 0.8 * all[0], 1.2 * all[2])} of compost in the end.`,
    verdict: verdictOf(bays, count), facts: facts(bays, count, weeklyL, surroundings),
    warnings: [{ text: 'It never gets hot. Seed heads, roots that grow again and sick plants go elsewhere.' }],
    picture, pipeline: rotationFrom(now, middle, count), steps: steps(proposal, surroundings), work,
    gives: [{ ...COMPOST, label: 'Compost from the first bay', litres: range(0.8 * all[0], all[1], 1.2 * all[2]), from: days[0],
      to: days[1] }],
    waterL: proposal.waterL,
  }
}
