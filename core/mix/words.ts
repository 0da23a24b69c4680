import { containerText } from '../units/container'
import { countText } from '../units/format'
import type { Ill, Judgement } from './judgement'
import type { Lever, Levers } from './lever'
import type { Ingredient } from './portion'

const GOOD = 'This is a good mix.'
const WORKABLE: Readonly<Record<Ill, string>> = {
  'too-brown': 'This will work, slowly: a little brown.',
  'too-green': 'This will work, but it is rather green: expect some smell.',
  'too-wet': 'This will work, but it is on the wet side.',
  'mats': 'This will work if you mix it well: a good part of it mats.',
  'airless': 'This will work if you turn it soon: it holds little air.',
}
const POOR: Readonly<Record<Ill, string>> = {
  'too-brown': 'Too brown: it would stay cool and sit for a year or more.',
  'too-green': 'Too green: it would turn slimy and smell of ammonia.',
  'too-wet': 'Too wet: it would go sour for want of air.',
  'mats': 'Too much that mats: air would not get through.',
  'airless': 'Too dense: there is hardly any air in it.',
}

const SHORT: Readonly<Record<Ill, Readonly<Record<'workable' | 'poor', string>>>> = {
  'too-brown': { workable: 'a little brown', poor: 'too brown' },
  'too-green': { workable: 'rather green', poor: 'too green' },
  'too-wet': { workable: 'on the wet side', poor: 'too wet' },
  'mats': { workable: 'a good part mats', poor: 'too much that mats' },
  'airless': { workable: 'little air in it', poor: 'too dense' },
}

/** The verdict on a mix in two or three words: "good mix", "too wet". */
export function mixInShort({ grade, ills }: Judgement): string {
  const worst = ills[0]
  return grade === 'good' || !worst ? 'good mix' : SHORT[worst.ill][grade]
}

/** The verdict on a mix in one sentence. */
export function verdictText({ grade, ills }: Judgement): string {
  const worst = ills[0]
  if (grade === 'good' || !worst) return GOOD
  return grade === 'workable' ? WORKABLE[worst.ill] : POOR[worst.ill]
}

/** One change in a few words: "add 1 bucket of torn card", "take out half of the grass". */
export function leverText(lever: Lever, ingredients: readonly Ingredient[]): string {
  if (lever.kind === 'add') {
    const { container, material, inStore, packing } = lever.candidate
    const filled = packing === 'packed' ? `${containerText(lever.count, container)} (packed)` : containerText(lever.count, container)
    return `add ${filled} of ${material.short}${inStore ? ' from your store' : ''}`
  }
  const ingredient = ingredients[lever.ingredientIndex]
  if (!ingredient) return ''
  if (lever.all) return `leave out the ${ingredient.material.short}`
  if (lever.half) return `take out half of the ${ingredient.material.short}`
  const { container } = ingredient.amount
  return `take out ${countText(lever.count)} ${lever.count > 1 ? container.plural : container.name} of ${ingredient.material.short}`
}

/** What to do about a mix, in a sentence; empty when nothing needs doing or nothing single would help. */
export function adviceText(levers: Levers, ingredients: readonly Ingredient[]): string {
  const said = [levers.add, levers.takeOut].flatMap(lever => lever ? [leverText(lever, ingredients)] : [])
  if (said.length === 0) return ''
  const sentence = said.join(', or ')
  return `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}.`
}
