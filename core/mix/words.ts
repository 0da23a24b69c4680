import { dosedIn, type Dosed } from './doses'
import { containerText } from '../units/container'
import { countText, numberText, ratioText, percentText } from '../units/format'
import type { FoundIll, Ill, Judgement } from './judgement'
import type { Preparation } from '../materials/preparation'
import type { Lever } from './lever'
import type { Ingredient } from './portion'
import type { MixRanges } from './ranges'

const GOOD = 'This is a good mix.'
/** So far beyond what is acceptable it goes wrong outright. */
const FAR_OUT = 2
/** A ratio that is not said to be the very limit that it misses. */
const beyond = (is: number, limit: number) => ratioText(is) === ratioText(limit) ? `${numberText(is, 1)} : 1` : ratioText(is)
/** What is wrong in a few words, with what it is; and for the bad ones the limit that it misses. */
interface IllWords {
  readonly short: Readonly<Record<'workable' | 'poor', string>>
  /** @param dosed what of the mix is only taken sparingly, the most overdone first. */
  workable(found: FoundIll, dosed: readonly Dosed[]): string
  poor(found: FoundIll, dosed: readonly Dosed[]): string
}

/** "40 % coffee grounds, where 20 % is plenty"; of several what they come to. */
function dosedText(is: number, dosed: readonly Dosed[]): string {
  const [first] = dosed
  if (!first) return `${numberText(is, 1)} times as much of what is taken sparingly as does good`
  if (first.share > first.mostShare)
    return `${percentText(first.share)} ${first.short}, where ${percentText(first.mostShare)} is plenty`
  return `${dosed.map(({ short, share }) => `${percentText(share)} ${short}`).join(' and ')}, together more than does good`
}

const WORDS: Readonly<Record<Ill, IllWords>> = {
  'too-brown': {
    short: { workable: 'a little brown', poor: 'too brown' },
    workable: ({ is }) => `This will work, slowly: a little brown, ${ratioText(is)} in what decays.`,
    poor: ({ is, acceptable, severity }) =>
      `Too brown: ${beyond(is, acceptable)} in what decays, where ${ratioText(acceptable)} still works. `
      + `${severity > FAR_OUT ? 'It would stay cool and sit for a year or more.' : 'It would heat slowly.'}`,
  },
  'too-green': {
    short: { workable: 'rather green', poor: 'too green' },
    workable: ({ is }) => `This will work, but it is rather green, ${ratioText(is)}: expect some smell.`,
    poor: ({ is, acceptable, severity }) =>
      `Too green: ${beyond(is, acceptable)}, where ${ratioText(acceptable)} still works. It would smell of `
      + `ammonia${severity > FAR_OUT ? ' and turn slimy' : ''}.`,
  },
  'too-wet': {
    short: { workable: 'on the wet side', poor: 'too wet' },
    workable: ({ is }) => `This will work, but it is on the wet side, ${percentText(is)} water.`,
    poor: ({ is, acceptable }) =>
      `Too wet: ${percentText(is)} water, where this stuff works up to ${percentText(acceptable)}. It would go sour for want of air.`,
  },
  'mats': {
    short: { workable: 'a good part mats', poor: 'too much that mats' },
    workable: ({ is }) => `This will work in thin layers, well mixed: ${percentText(is)} of it mats.`,
    poor: ({ is, acceptable }) =>
      `Too much that mats, ${percentText(is)} of it, where ${percentText(acceptable)} still works: air would not get through.`,
  },
  'airless': {
    short: { workable: 'little air in it', poor: 'too dense' },
    workable: ({ is }) => `This will work if you turn it soon: only ${percentText(is)} of it is air.`,
    poor: ({ is, acceptable }) => `Too dense: ${percentText(is)} air, where ${percentText(acceptable)} still works.`,
  },
  'overdone': {
    short: { workable: 'a little too much of one thing', poor: 'too much of one thing' },
    workable: ({ is }, dosed) => `This will work, but it holds ${dosedText(is, dosed)}.`,
    poor: ({ is }, dosed) => `It holds ${dosedText(is, dosed)}: that holds a heap back.`,
  },
}

/** The verdict on a mix in two or three words: "good mix", "too wet". */
export function mixInShort({ grade, ills }: Pick<Judgement, 'grade' | 'ills'>): string {
  const worst = ills[0]
  return grade === 'good' || !worst ? 'good mix' : WORDS[worst.ill].short[grade]
}

/** The verdict on a mix in one sentence, with the number that decides it. @param ingredients of it: what is overdone is then named. */
export function verdictText({ grade, ills }: Pick<Judgement, 'grade' | 'ills'>, ingredients: readonly Ingredient[] = []): string {
  const worst = ills[0]
  return grade === 'good' || !worst ? GOOD : WORDS[worst.ill][grade](worst, dosedIn(ingredients))
}

/** How sure a mix is to be what it looks like, in a sentence. */
export function chanceText({ good, works }: MixRanges['chance']): string {
  const inTen = (chance: number) => Math.round(chance * 10)
  return `Whatever your stuff really is: a good mix in ${inTen(good)} of 10 cases, one that works in ${inTen(works)}.`
}

/** What is done to something: "wilt the grass". */
const TO_PREPARE: Readonly<Record<Preparation, string>> = { shredded: 'shred', chopped: 'chop', soaked: 'soak', wilted: 'wilt' }

/** A preparation as something to do: "wilt the grass", "don’t soak the leaves". */
export function preparingText(as: Preparation | undefined, was: Preparation | undefined, short: string): string {
  return as ? `${TO_PREPARE[as]} the ${short}${as === 'wilted' ? ' first' : ''}` : `don’t ${was ? TO_PREPARE[was] : 'prepare'} the ${short}`
}

/** One change in a few words: "add 1 bucket of torn card", "take out half of the grass", "wilt the grass first". */
export function leverText(lever: Lever, ingredients: readonly Ingredient[]): string {
  if (lever.kind === 'add') {
    const { container, material, inStore, packing } = lever.candidate
    const filled = packing === 'packed' ? `${containerText(lever.count, container)} (packed)` : containerText(lever.count, container)
    return `add ${filled} of ${material.short}${inStore ? ' from your store' : ''}`
  }
  const ingredient = ingredients[lever.ingredientIndex]
  if (!ingredient) return ''
  if (lever.kind === 'prepare') return preparingText(lever.as, ingredient.prepared, ingredient.material.short)
  if (lever.all) return `leave out the ${ingredient.material.short}`
  if (lever.half) return `take out half of the ${ingredient.material.short}`
  const { container } = ingredient.amount
  return `take out ${countText(lever.count)} ${lever.count > 1 ? container.plural : container.name} of ${ingredient.material.short}`
}
