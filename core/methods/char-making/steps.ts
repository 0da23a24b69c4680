import type { Answers } from '../../questions/answers'
import { numberOf, type Question } from '../../questions/question'
import { quantityText } from '../../units/format'
import type { UnitSystem } from '../../units/system'
import type { ContainerThen } from '../../units/container'
import { FIRE, MONOXIDE, REIGNITES, RULES, STEAM, WATER } from './cautions'
import type { Ending } from './endings'
import { GO_ASKS } from './go'
import type { Burn } from './state'
import { atHandText, roundedUpL } from './water'
import { CHECKED, CHIMNEY, COVERED, DONE, EVENING, FED, GO, LIT, MORNING, PICKED, QUENCHED, SEALED, SPREAD } from './words'

/** One step of a burn: what is done, what is recorded of it, and what is said. */
export interface BurnStep {
  readonly id: string
  readonly label: string
  readonly icon: string
  /** What it is called in a way like this. */
  readonly title: string | ((fire: Pick<Fire, 'way' | 'ending'>) => string)
  readonly how: (fire: Fire) => string
  readonly asks: readonly Question[]
  readonly cautions: readonly string[]
  readonly gate?: string
  /** In the log. */
  readonly words: (answers: Answers, units: UnitSystem) => string
  readonly answer: string | ((ending: Ending, answers: Answers) => string)
}

/** A fire as its steps tell of it: planned or lit. */
export interface Fire extends Pick<Burn, 'way' | 'load' | 'stopL' | 'needL'> {
  readonly ending: Ending
  readonly units: UnitSystem
  readonly can: ContainerThen
}

const litres = (units: UnitSystem, value: number) => quantityText('volume', units, Math.ceil(value))
const stopWater = ({ stopL, units }: Fire) => quantityText('volume', units, roundedUpL(stopL, units))
const FOUND: Question = {
  id: 'found', kind: 'choice', label: 'Felt by hand, all of it, underneath too',
  choices: [
    { id: 'cold', label: 'cold everywhere' }, { id: 'warm', label: 'warm somewhere' }, { id: 'smoke', label: 'smoke or glow' },
  ],
}
const foundWords
  = (when: string) =>
    ({ found }: Answers) =>
      found === 'cold'
        ? `${when}: cold everywhere.`
        : found === 'smoke'
          ? `${when}: smoke or glow.`
          : found === 'warm'
            ? `${when}: still warm somewhere.`
            : `${when}: looked at.`
const foundAnswer = ({ found }: Ending, answers: Answers) =>
  answers.found === 'cold' ? 'Good.' : answers.found === 'smoke' ? found.smoke : answers.found === 'warm' ? found.warm : ''
const plain = (said: string) => () => said

/** Every step there is; a way says which of them are its own, and in what order. */
export const BURN_STEPS: readonly BurnStep[] = [
  {
    id: CHECKED, label: 'Go or no-go', icon: 'i-ph-hand-palm', title: 'Go or no-go', asks: GO_ASKS, cautions: [RULES, MONOXIDE],
    how: ({ needL, units, can }) => `Before anything is lit, answer all of it. Standing ready: ${atHandText(needL, units, can)}.`,
    words: ({ rules, wind }) =>
      `Checked before lighting: rules ${rules === 'allowed' ? 'allow it' : rules === 'banned' ? 'forbid it' : 'not asked'}, wind `
      + `${typeof wind === 'string' ? wind : 'not said'}.`,
    answer: '',
  },
  {
    id: LIT,
    label: 'Lit',
    icon: 'i-ph-fire',
    title: ({ way }) => (way.lighting ? 'Light the fire' : 'Light it on top'),
    asks: [],
    cautions: [WATER, FIRE],
    gate: GO,
    words: plain('Lit.'),
    answer: 'Stay with it until it is stopped.',
    how: ({ way, load, units }) =>
      way.lighting ?? `Fine dry kindling on top, dense stems below: ${litres(units, load.litres)} in all. Light it at several places.`,
  },
  {
    id: CHIMNEY,
    label: 'Chimney on',
    icon: 'i-ph-arrow-fat-line-up',
    title: 'Chimney on',
    asks: [],
    cautions: ['Gloves of leather: the rim is hot.'],
    words: plain('Chimney on.'),
    answer: '',
    how: () =>
      'When the whole top burns. The smoke should be gone within minutes: if it is not, the draught is weak. More holes below or a '
      + 'longer chimney, and drier wood next time.',
  },
  {
    id: FED,
    label: 'Layer on',
    icon: 'i-ph-stack-plus',
    title: 'Layer by layer',
    asks: [],
    cautions: [],
    words: plain('A thin layer put on.'),
    answer: 'The next when this one is veiled with white.',
    how: () => 'A thin layer at a time, the next one when the last is veiled with white ash. A high flame eats the smoke: keep it.',
  },
  {
    id: COVERED,
    label: 'Covered',
    icon: 'i-ph-shovel',
    title: 'Cover it',
    asks: [],
    cautions: ['Walk round it every quarter of an hour: a crack flames. Never step on it: it is hollow inside.'],
    words: plain('Covered with leaves and soil.'),
    answer: '',
    how: () =>
      'When it burns through to the side: leaves, then moist soil, a hand thick, with small holes low down. Close every crack that flames.',
  },
  {
    id: DONE,
    label: 'Burnt through',
    icon: 'i-ph-circle-dashed',
    title: 'Watch for the signs',
    asks: [],
    cautions: [FIRE],
    words: plain('Burnt through.'),
    answer: ending => ending.answer,
    how: ({ ending }) => ending.watching,
  },
  {
    id: PICKED,
    label: 'Embers out',
    icon: 'i-ph-fire',
    title: 'Take the embers out',
    asks: [],
    cautions: [MONOXIDE, 'Only with a cold floor under the pail and nothing near that burns; gloves of leather.'],
    words: plain('Embers taken out of the stove.'),
    answer: 'Out of the house with them at once.',
    how: () => 'Glowing without flame, with a metal shovel into the metal pail, lid on, and straight outdoors onto stone.',
  },
  {
    id: SEALED,
    label: 'Off the fire',
    icon: 'i-ph-lock',
    title: ({ ending }) => ending.stop.title,
    asks: [],
    cautions: ['Opened hot it flares up: not before it is cold by hand and a day has gone.', REIGNITES],
    words: plain('Off the fire to cool, closed.'),
    answer: ending => ending.stop.answer,
    how: fire => fire.ending.stop.how(stopWater(fire)),
  },
  {
    id: QUENCHED,
    label: 'Quenched',
    icon: 'i-ph-drop',
    title: ({ ending }) => ending.stop.title,
    cautions: [STEAM, REIGNITES],
    answer: ending => ending.stop.answer,
    asks: [{ id: 'litres', kind: 'volume', label: 'Water used', usual: 0, most: 5000 }],
    how: fire => fire.ending.stop.how(stopWater(fire)),
    words: (answers, units) => `Quenched with ${litres(units, numberOf(answers, 'litres') ?? 0)} of water.`,
  },
  {
    id: SPREAD,
    label: 'Spread',
    icon: 'i-ph-rows',
    title: 'Spread it thin',
    asks: [],
    cautions: ['On bare ground or wet steel, never on wood or against a wall.'],
    words: plain('Spread out thin.'),
    answer: 'Feel it this evening.',
    how: () => 'A hand thick at most, on bare ground, away from the house. Lumps that steam are broken up and wetted again.',
  },
  {
    id: EVENING, label: 'First look', icon: 'i-ph-moon', title: 'Feel it: the first look', asks: [FOUND], cautions: [REIGNITES],
    how: ({ ending }) => ending.looks.first, words: foundWords('First look'), answer: foundAnswer,
  },
  {
    id: MORNING, label: 'Second look', icon: 'i-ph-sun-horizon', title: 'Feel it again, twelve hours later', asks: [FOUND],
    cautions: [REIGNITES], how: ({ ending }) => ending.looks.second, words: foundWords('Second look'), answer: foundAnswer,
  },
]

/** The step of this id. */
export function stepOf(id: string): BurnStep | undefined {
  return BURN_STEPS.find(step => step.id === id)
}

/** What a step is called in a way like this. */
export function titleOf({ title }: BurnStep, fire: Pick<Fire, 'way' | 'ending'>): string {
  return typeof title === 'string' ? title : title(fire)
}
