import { fail, ok } from '../../outcome/outcome'
import { numberOf } from '../../questions/question'
import type { ReadinessTest } from '../test'

export const weedkiller: ReadinessTest = {
  id: 'weedkiller',
  name: 'Bean test for weedkiller',
  purpose: 'Some weedkillers pass through hay, straw and animals and last through composting. Beans and peas show them.',
  days: 21,
  setUp: [
    'Mix the compost half and half with neutral sowing mix in three pots; fill three more with the mix alone.',
    'Three beans or peas in each pot. Water each set from its own saucer.',
  ],
  reading: [
    'After three weeks look at the youngest leaves of each plant.',
    'Count plants with cupped, twisted or fern-like leaves in the pots with compost.',
  ],
  atSetUp: [],
  atReading: [
    { id: 'plants', kind: 'count', label: 'Plants in the compost', usual: 9, most: 200 },
    { id: 'twisted', kind: 'count', label: 'of them cupped or twisted', usual: 0, most: 200 },
    {
      id: 'control', kind: 'choice', label: 'Plants in the control',
      choices: [
        { id: 'sound', label: 'All straight' }, { id: 'twisted', label: 'Some twisted too' },
      ],
    },
  ],
  cautions: ['Do not use it where beans, tomatoes, potatoes or lettuce shall grow until this test is passed, nor pass it on.'],
  wantedFrom: 'beds', failsFrom: 'mulch', alone: 'what went in may carry weedkiller',
  judge: (_, answers) => {
    const [plants, twisted] = [numberOf(answers, 'plants'), numberOf(answers, 'twisted')]
    if (plants === undefined || twisted === undefined || plants < 1 || twisted < 0 || twisted > plants)
      return fail({ message: 'The counts do not fit: at least one plant, and no more twisted than there are.' })
    if (answers.control === 'twisted')
      return ok({
        grade: 'doubtful',
        text: 'The control is twisted too: it is something else, or both got it. Do it again with other mix and other water.',
      })
    if (twisted > 0)
      return ok({
        grade: 'failed',
        text: `${twisted} of ${plants} plants are cupped or twisted and the control is straight: there is weedkiller in it. Do not use `
          + 'it on beds or give it away; ask your local advisory service.',
      })
    if (plants < 5) return ok({ grade: 'doubtful', text: `${plants} straight plants are few: sow more to be surer.` })
    return ok({
      grade: 'passed', text: `${plants} straight plants: no sign of weedkiller. Traces below what beans show cannot be ruled out.`,
    })
  },
}
