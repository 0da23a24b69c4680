import type { Answers } from '../../questions/answers'
import { numberOf } from '../../questions/question'
import { quantityText } from '../../units/format'
import type { Range } from '../../units/range'
import type { UnitSystem } from '../../units/system'
import { goingOf, type FireToLight } from './go'
import { MAKE } from './constants'

/** Rounds of rinsing still to go, by how the last ones brought the pH down; nothing where nothing can be said yet. */
export function roundsToGo(values: readonly number[]): number | undefined {
  const [before, last] = [values.at(-2), values.at(-1)]
  if (last === undefined) return undefined
  if (last <= MAKE.neutralPh) return 0
  if (before === undefined || before - last < 0.05) return undefined
  return Math.ceil((last - MAKE.neutralPh) / (before - last))
}

/** What is said back when something of a burn is recorded. */
export const padsSaid = {
  checked(answers: Answers, fire: FireToLight) {
    const { go, stops, minds } = goingOf(answers, fire)
    return go ? { said: 'go.', answer: minds.join(' ') } : { said: 'no-go.', answer: stops.join(' ') }
  },
  sound: ({ snaps, streak, tar }: Answers) => snaps === 'yes' && streak === 'yes' && tar === 'no',
  snapped(answers: Answers) {
    return padsSaid.sound(answers)
      ? { said: 'it snaps: sound char.', answer: 'Shake out the ash, then damp and crush it.' }
      : {
          said: 'not all of it is done.',
          answer:
            answers.tar === 'yes' || answers.streak === 'greasy'
              ? 'Tar harms plants: air it for weeks, or into the next burn with it.'
              : 'Pick the brown ends out: they go into the next burn.',
        }
  },
  rinsed(before: readonly number[], value: number): string {
    if (value <= MAKE.neutralPh) return 'Neutral: rinsed enough.'
    const togo = roundsToGo([...before, value])
    if (togo !== undefined) return `About ${togo === 1 ? 'one more round' : `${togo} more rounds`}, at this pace.`
    return before.length > 0
      ? 'It hardly fell: stir longer, let it stand overnight, pour off, fill again.'
      : 'Alkaline: pour off, fill again, stir, wait an hour, measure again.'
  },
  crushed(answers: Answers, usual: Range, units: UnitSystem) {
    const [before, after] = [numberOf(answers, 'beforeL') ?? 0, numberOf(answers, 'afterL') ?? 0]
    const share = before > 0 ? after / before : 0
    const odd
      = share > 1
        ? 'More than before crushing cannot be: check both numbers.'
        : share > 0 && (share < usual.low * 0.8 || share > usual.high * 1.15)
          ? 'Two thirds are usual: check both numbers.'
          : ''
    return {
      said: `crushed to ${quantityText('volume', units, after)}${before > 0 ? `, ${Math.round(100 * share)} % of what it was` : ''}.`,
      answer: [answers.mask === 'yes' ? '' : 'A mask next time: the dust stays in lungs.', odd].filter(Boolean).join(' '),
    }
  },
}
