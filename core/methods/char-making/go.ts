import type { Answers } from '../../journal/garden'
import { numberOf, type Question } from '../../questions/question'
import { quantityText } from '../../units/format'
import type { UnitSystem } from '../../units/system'

/** Nothing has an answer of its own here: what was not asked is not known. */
export const GO_ASKS: readonly Question[] = [
  { id: 'ground', kind: 'choice', label: 'Where it stands', choices: [
    { id: 'bare', label: 'outdoors, bare ground', hint: 'soil, sand or stone, three metres clear all round' }, { id: 'near', label: 'outdoors, near things that burn', hint: 'fence, hedge, dry grass, branches above' }, { id: 'roofed', label: 'shed, porch or indoors' },
  ] },
  { id: 'rules', kind: 'choice', label: 'Burn rules, asked today', choices: [{ id: 'allowed', label: 'allowed today' }, { id: 'banned', label: 'banned or no permit' }, { id: 'unknown', label: 'not asked' }] },
  { id: 'wind', kind: 'choice', label: 'Wind', choices: [{ id: 'still', label: 'smoke rises straight' }, { id: 'light', label: 'leaves rustle' }, { id: 'strong', label: 'twigs move, gusts' }] },
  { id: 'drought', kind: 'choice', label: 'The ground around', choices: [{ id: 'damp', label: 'damp' }, { id: 'dry', label: 'dry on top' }, { id: 'parched', label: 'parched, weeks without rain' }] },
  { id: 'neighbours', kind: 'choice', label: 'Neighbours', choices: [{ id: 'told', label: 'told, or none near' }, { id: 'not-told', label: 'not told' }, { id: 'smoked', label: 'smoke would go into windows' }] },
  { id: 'waterL', kind: 'volume', label: 'Water at hand', usual: 0, most: 5000 },
]

/** Go or no-go: what stops it, and what to mind though it does not. */
export interface Going { readonly go: boolean, readonly stops: readonly string[], readonly minds: readonly string[] }

const STOPS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  ground: { near: 'Too near to what burns: three metres of bare ground all round, nothing above.', roofed: 'Never under a roof: carbon monoxide kills without a smell, and sparks find the rafters.' },
  rules: { banned: 'Burning is not allowed today.', unknown: 'Nobody knows whether it is allowed: ask the local authority or the fire service first.' },
  wind: { strong: 'Too much wind: sparks fly further than water reaches.' },
  drought: { parched: 'Everything around is parched: not before it has rained well.' },
  neighbours: { smoked: 'The smoke would go into windows: another day, another wind.' },
}
const MINDS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  wind: { light: 'A light wind: stand upwind, and watch what lies downwind.' },
  drought: { dry: 'Wet the ground around it first.' },
  neighbours: { 'not-told': 'Tell the neighbours before it smokes: windows shut, washing in.' },
}
const NOT_SAID: Readonly<Record<string, string>> = { ground: 'where it stands', rules: 'the rules', wind: 'the wind', drought: 'the ground', neighbours: 'the neighbours' }

/** Weighs the answers. What was not said stops it as much as what speaks against it. @param needL litres of water that quenching takes. */
export function goingOf(answers: Answers, needL: number, units: UnitSystem): Going {
  const missing = Object.keys(NOT_SAID).filter(id => typeof answers[id] !== 'string')
  const waterL = numberOf(answers, 'waterL') ?? 0
  const litres = (value: number) => quantityText('volume', units, value)
  const stops = [
    ...(missing.length > 0 ? [`Not said: ${missing.map(id => NOT_SAID[id]).join(', ')}.`] : []),
    ...Object.entries(STOPS).flatMap(([id, texts]) => texts[String(answers[id] ?? '')] ?? []),
    ...(waterL < needL ? [`${litres(waterL)} of water at hand, and quenching takes ${litres(needL)}.`] : []),
  ]
  const minds = Object.entries(MINDS).flatMap(([id, texts]) => texts[String(answers[id] ?? '')] ?? [])
  return { go: stops.length === 0, stops, minds }
}
