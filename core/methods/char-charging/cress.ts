import { ok } from '../../outcome/outcome'
import { numberOf } from '../../questions/question'
import { sprout } from '../../readiness/tests/sprout'
import type { ReadinessTest } from '../../readiness/test'
import { checkedCount, ratioOf } from '../../statistics/counts'

/** Cress in a mix with charged char, with raw char, and in the mix alone: judged like a sprout test, by counts and what they can prove. */
export const cress: ReadinessTest = {
  ...sprout,
  id: 'cress-char',
  name: 'Cress: charged against raw',
  purpose: 'A tenth of char in a sowing mix: does the charged one hold seedlings back, and how does raw char do?',
  days: 7,
  setUp: [
    'Three trays of the same sowing mix: one as it is, one with a tenth of charged char, one with a tenth of raw char of the same pieces.',
    'As many cress or bean seeds in each; twenty or more a tray.', 'Same place, same water.',
  ],
  reading: ['Count what came up in each tray.', 'Pull a few: roots white, straight and branching? Leaves as green as in the mix alone?'],
  atSetUp: [
    { id: 'sown', kind: 'count', label: 'Seeds with charged char', usual: 20, most: 500 },
    { id: 'sownControl', kind: 'count', label: 'Seeds in the mix alone', usual: 20, most: 500 },
    { id: 'sownRaw', kind: 'count', label: 'Seeds with raw char', usual: 20, most: 500 },
  ],
  atReading: [
    { id: 'up', kind: 'count', label: 'Up with charged char', usual: 0, most: 500 },
    { id: 'upControl', kind: 'count', label: 'Up in the mix alone', usual: 0, most: 500 },
    { id: 'upRaw', kind: 'count', label: 'Up with raw char', usual: 0, most: 500 },
    {
      id: 'roots', kind: 'choice', label: 'Roots with charged char',
      choices: [
        { id: 'sound', label: 'White and straight' }, { id: 'crippled', label: 'Brown, stunted or curled' },
      ],
    },
  ],
  judge: (atSetUp, answers) => {
    const judged = sprout.judge(atSetUp, answers)
    if (!judged.ok) return judged
    const raw = { hits: numberOf(answers, 'upRaw') ?? Number.NaN, of: numberOf(atSetUp, 'sownRaw') ?? Number.NaN }
    const charged = { hits: numberOf(answers, 'up') ?? Number.NaN, of: numberOf(atSetUp, 'sown') ?? Number.NaN }
    if (!checkedCount(raw).ok || raw.of === 0) return judged
    const ratio = ratioOf(raw, charged)
    const against
      = ratio.high < 1
        ? 'Raw did worse than charged.'
        : ratio.low > 1
          ? 'Raw did better than charged, for once.'
          : 'Charged and raw cannot be told apart with so few seeds.'
    return ok({ ...judged.value, text: `${judged.value.text} With raw char ${raw.hits} of ${raw.of}: ${against}` })
  },
}
