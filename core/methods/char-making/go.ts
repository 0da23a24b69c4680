import type { Answers } from '../../questions/answers'
import { woodMoisture } from '../../char/wood'
import { numberOf, type Question } from '../../questions/question'
import type { ContainerThen } from '../../units/container'
import { quantityText, percentText } from '../../units/format'
import type { UnitSystem } from '../../units/system'
import { atHandText } from './water'
import { CHAR } from '../../char/constants'

/** Nothing has an answer of its own here: what was not asked is not known. */
export const GO_ASKS: readonly Question[] = [
  {
    id: 'ground', kind: 'choice', label: 'Where it stands',
    choices: [
      {
        id: 'bare', label: 'outdoors, bare ground',
        hint: units => `soil, sand or stone, ${units === 'us' ? 'ten feet' : 'three metres'} clear all round`,
      },
      { id: 'near', label: 'outdoors, near things that burn', hint: 'fence, hedge, dry grass, branches above' },
      { id: 'roofed', label: 'shed, porch or indoors' },
    ],
  },
  {
    id: 'rules', kind: 'choice', label: 'Burn rules, asked today',
    choices: [
      { id: 'allowed', label: 'allowed today' }, { id: 'banned', label: 'banned or no permit' }, { id: 'unknown', label: 'not asked' },
    ],
  },
  {
    id: 'wind', kind: 'choice', label: 'Wind',
    choices: [
      { id: 'still', label: 'smoke rises straight' }, { id: 'light', label: 'leaves rustle' },
      { id: 'strong', label: 'twigs move, gusts' },
    ],
  },
  {
    id: 'drought', kind: 'choice', label: 'The ground around',
    choices: [
      { id: 'damp', label: 'damp' }, { id: 'dry', label: 'dry on top' }, { id: 'parched', label: 'parched, weeks without rain' },
    ],
  },
  {
    id: 'wood', kind: 'choice', label: 'What is burnt',
    choices: [
      { id: 'snaps', label: 'snaps and rings' }, { id: 'bends', label: 'bends, thuds' },
      { id: 'meter', label: 'a moisture probe says' },
    ],
  },
  {
    id: 'woodPct', kind: 'count', label: 'The moisture probe says, % of dry wood', usual: 18, most: 200, unit: '%',
    when: ['wood', 'meter'],
  },
  {
    id: 'neighbours', kind: 'choice', label: 'Neighbours',
    choices: [
      { id: 'told', label: 'told, or none near' }, { id: 'not-told', label: 'not told' },
      { id: 'smoked', label: 'smoke would go into windows' },
    ],
  },
  {
    id: 'water', kind: 'choice', label: 'Water at hand',
    choices: [
      { id: 'hose', label: 'a hose that runs' }, { id: 'cans', label: 'full cans, a butt' }, { id: 'none', label: 'none' },
    ],
  },
  { id: 'waterL', kind: 'volume', label: 'In cans and butt', usual: 0, most: 5000, when: ['water', 'cans'] },
]

/** What a fire is weighed by beside the answers. */
export interface FireToLight {
  /** Litres to have at hand, as they are shown. */
  readonly needL: number
  readonly units: UnitSystem
  readonly can: ContainerThen
  /** Litres of char that wood with so much water costs, against dry wood. */
  lostL(moisture: number): number
}

/** Go or no-go: what stops it, and what to mind though it does not. */
export interface Going {
  readonly go: boolean
  readonly stops: readonly string[]
  readonly minds: readonly string[]
}

const STOPS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  ground: {
    near: 'Too near to what burns: three metres of bare ground all round, nothing above.',
    roofed: 'Never under a roof: carbon monoxide kills without a smell, and sparks find the rafters.',
  },
  rules: {
    banned: 'Burning is not allowed today.',
    unknown: 'Nobody knows whether it is allowed: ask the local authority or the fire service first.',
  },
  wind: { strong: 'Too much wind: sparks fly further than water reaches.' },
  drought: { parched: 'Everything around is parched: not before it has rained well.' },
  neighbours: { smoked: 'The smoke would go into windows: another day, another wind.' },
}
const MINDS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  wind: { light: 'A light wind: stand upwind, and watch what lies downwind.' }, drought: { dry: 'Wet the ground around it first.' },
  neighbours: { 'not-told': 'Tell the neighbours before it smokes: windows shut, washing in.' },
}
const NOT_SAID: Readonly<Record<string, string>> = {
  ground: 'where it stands', rules: 'the rules', wind: 'the wind', drought: 'the ground', wood: 'how dry the wood is',
  neighbours: 'the neighbours', water: 'the water',
}

/** Water in the wood as it was found at the fire, wet basis; nothing where it was not said, or cannot be. */
export function foundMoisture({ wood, ...answers }: Answers): number | undefined {
  const known
    = wood === 'meter'
      ? woodMoisture({ kind: 'meter', percentOfDry: numberOf(answers, 'woodPct') ?? Number.NaN })
      : wood === 'snaps' || wood === 'bends'
        ? woodMoisture({ kind: 'snap', snaps: wood === 'snaps' })
        : undefined
  return known?.ok ? known.value.typical : undefined
}

function dampness(answers: Answers, { units, lostL }: FireToLight): { readonly stop?: string, readonly mind?: string } {
  const moisture = foundMoisture(answers)
  if (moisture === undefined) return answers.wood === 'meter' ? { stop: 'The meter\'s number cannot be: measure again.' } : {}
  if (moisture > CHAR.noGoMoisture)
    return {
      stop:
        `The wood holds ${Math.ceil(100 * moisture - 1e-9)} % water: it would smoke for hours. Not above `
        + `${percentText(CHAR.noGoMoisture)}; `
        + 'some weeks under cover first.',
    }
  return moisture > CHAR.dryEnough
    ? {
        mind:
          `At ${percentText(moisture)} water it smokes at first, and gives about ${quantityText('volume', units, lostL(moisture))} `
          + 'less.',
      }
    : {}
}

function waterStop(answers: Answers, { needL, units, can }: FireToLight): string | undefined {
  if (answers.water === 'hose' || answers.water === undefined) return undefined
  const hereL = answers.water === 'cans' ? (numberOf(answers, 'waterL') ?? 0) : 0
  return hereL < needL - 1e-6
    ? `${hereL > 0 ? `${quantityText('volume', units, hereL)} of water at hand` : 'No water at hand'}: ${atHandText(needL, units, can)} `
    + 'first.'
    : undefined
}

/** Weighs the answers. What was not said stops it as much as what speaks against it. */
export function goingOf(answers: Answers, fire: FireToLight): Going {
  const missing = Object.keys(NOT_SAID).filter(id => typeof answers[id] !== 'string')
  const { stop: smokes, mind: costs } = dampness(answers, fire)
  const dry = waterStop(answers, fire)
  const said = (texts: typeof STOPS) => Object.entries(texts).flatMap(([id, one]) => one[String(answers[id] ?? '')] ?? [])
  const stops = [
    ...(missing.length > 0 ? [`Not said: ${missing.map(id => NOT_SAID[id]).join(', ')}.`] : []),
    ...said(STOPS),
    ...(smokes ? [smokes] : []),
    ...(dry ? [dry] : []),
  ]
  return { go: stops.length === 0, stops, minds: [...said(MINDS), ...(costs ? [costs] : [])] }
}
