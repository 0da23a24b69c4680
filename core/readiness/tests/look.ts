import { fail, ok } from '../../outcome/outcome'
import { numberOf } from '../../questions/question'
import type { ReadinessTest } from '../test'
import { READY } from '../constants'

export const look: ReadinessTest = {
  id: 'look', name: 'Look and sieve', purpose: 'Ripe compost is dark and crumbly and no longer shows what it was.', days: 0,
  setUp: [],
  reading: [
    'Take a bucketful from the middle and shake it through the sieve you mean to use.',
    'Estimate what stays on it or can still be known for what it was.',
  ],
  atSetUp: [],
  atReading: [
    { id: 'left', kind: 'percent', label: 'Stays on the sieve or still known', usual: 20 },
    {
      id: 'texture', kind: 'choice', label: 'What falls through',
      choices: [
        { id: 'crumbly', label: 'Dark and crumbly' }, { id: 'fibrous', label: 'Brown, fibrous' },
        { id: 'slimy', label: 'Slimy or smelly' },
      ],
    },
  ],
  cautions: ['Damp it if it is dusty; a mask against spores.'],
  wantedFrom: 'mulch', failsFrom: 'beds',
  judge: (_, answers) => {
    const left = numberOf(answers, 'left')
    if (left === undefined || left < 0 || left > 100) return fail({ message: 'How much is left is a share from 0 to 100 %.' })
    if (answers.texture === 'slimy') return ok({ grade: 'failed', text: 'Slimy or smelly: turn it with coarse browns and let it go on.' })
    if (left > READY.forBeds)
      return ok({ grade: 'failed', text: `${Math.round(left)} % still shows what it was: good for mulch under shrubs, or let it go on.` })
    if (answers.texture === 'fibrous' || left > READY.forPots)
      return ok({
        grade: 'doubtful',
        text: `${Math.round(left)} % left${answers.texture === 'fibrous' ? ' and fibrous' : ''}: fit for beds when sieved, a little raw `
          + 'for pots.',
      })
    return ok({ grade: 'passed', text: `${Math.round(left)} % left, dark and crumbly.` })
  },
}
