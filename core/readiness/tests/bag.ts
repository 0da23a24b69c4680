import { fail, ok } from '../../outcome/outcome'
import type { ReadinessTest, TestResult } from '../test'

const FINDINGS: Readonly<Record<string, TestResult>> = {
  earthy: { grade: 'passed', text: 'Sweet and earthy after three days shut up: it no longer ferments.' },
  faint: { grade: 'doubtful', text: 'Not quite clean. Leave a sample for a week, or test again later.' },
  sour: { grade: 'failed', text: 'Sour: raw stuff in it still ferments.' },
  ammonia: { grade: 'failed', text: 'Ammonia: it still gives off nitrogen and would burn seedlings.' },
}

export const bag: ReadinessTest = {
  id: 'bag', name: 'Bag test', purpose: 'Shut up without air, raw compost turns sour or sharp; ripe compost smells of soil.', days: 3,
  setUp: [
    'Take a handful from several places in the middle, moist as a wrung sponge.',
    'Put it in a bag, press the air out, close it, and keep it in a warm room out of the sun.',
  ],
  reading: ['Open it under your nose, not in it, and smell at once.'],
  atSetUp: [],
  atReading: [{
    id: 'smell',
    kind: 'choice',
    label: 'It smells',
    choices: [
      { id: 'earthy', label: 'Sweet, earthy' }, { id: 'faint', label: 'Faintly off' }, { id: 'sour', label: 'Sour' },
      { id: 'ammonia', label: 'Sharp, ammonia' },
    ],
  }],
  cautions: ['Open it outdoors: it may be full of spores and gas.'],
  wantedFrom: 'beds', failsFrom: 'beds',
  judge: (_, answers) => {
    const result = FINDINGS[String(answers.smell)]
    return result ? ok(result) : fail({ message: 'Say what it smells of.' })
  },
}
