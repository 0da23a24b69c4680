import { COMES, type Comes } from '../../heat/as-laid'
import type { Answers } from '../../questions/answers'
import type { Question } from '../../questions/question'

/** How dung, grass and scraps come to where they are laid: it decides whether a bed or a heap begins in the cold. */
export const COMES_ASKED = {
  id: 'comes', kind: 'choice', label: 'Dung and grass are', usual: 'fresh',
  choices: [{ id: 'fresh', label: 'fresh' }, { id: 'outside', label: 'cold' }, { id: 'frozen', label: 'frozen' }],
} as const satisfies Question

/** How it comes, as was said; fresh where nothing was. */
export function comesOf(answers: Answers): Comes {
  return COMES.find(one => one === answers[COMES_ASKED.id]) ?? COMES_ASKED.usual
}
