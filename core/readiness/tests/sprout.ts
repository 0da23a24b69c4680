import { percentText } from '../../units/format'
import { fail, ok } from '../../outcome/outcome'
import { chanceAtLeast, checkedCount, ratioOf, wilson, type Count } from '../../statistics/counts'
import { numberOf } from '../../questions/question'
import type { ReadinessTest } from '../test'
import { READY } from '../constants'

/** How many seeds a side make the answer clear if the share stays as it is. */
function clearWith(product: Count, control: Count): number {
  for (const more of [2, 3, 5, 8]) {
    const grown = (count: Count) => ({ hits: count.hits * more, of: count.of * more })
    const chance = chanceAtLeast(grown(product), grown(control), READY.sproutsWanted)
    if (chance >= READY.sure || chance <= 1 - READY.sure) return Math.ceil(product.of * more / 10) * 10
  }
  return 0
}

export const sprout: ReadinessTest = {
  id: 'sprout', name: 'Sprout test', purpose: 'Seeds tell whether something in it still holds back roots.', days: 6,
  setUp: [
    'Fill one tray with the compost (or half of it with neutral sowing mix) and one with the sowing mix alone: the control.',
    'Sow as many cress or radish seeds in each; twenty or more a side tell much more than ten.',
    'Same place, same water, covered until they come up.',
  ],
  reading: ['Count what has come up on each side.', 'Pull a few: roots should be white, straight and branching.'],
  atSetUp: [
    { id: 'sown', kind: 'count', label: 'Seeds in the compost', usual: 20, most: 500 },
    { id: 'sownControl', kind: 'count', label: 'Seeds in the control', usual: 20, most: 500 },
  ],
  atReading: [
    { id: 'up', kind: 'count', label: 'Came up in the compost', usual: 0, most: 500 },
    { id: 'upControl', kind: 'count', label: 'Came up in the control', usual: 0, most: 500 },
    {
      id: 'roots', kind: 'choice', label: 'Roots in the compost',
      choices: [
        { id: 'sound', label: 'White and straight' }, { id: 'crippled', label: 'Brown, stunted or curled' },
      ],
    },
  ],
  cautions: [],
  wantedFrom: 'potting', failsFrom: 'potting',
  judge: (atSetUp, answers) => {
    const product = { hits: numberOf(answers, 'up') ?? Number.NaN, of: numberOf(atSetUp, 'sown') ?? Number.NaN }
    const control = { hits: numberOf(answers, 'upControl') ?? Number.NaN, of: numberOf(atSetUp, 'sownControl') ?? Number.NaN }
    if (!checkedCount(product).ok || !checkedCount(control).ok)
      return fail({ message: 'The counts do not fit: whole numbers, and no more came up than were sown.' })
    if (wilson(control).high < READY.controlLeast)
      return ok({
        grade: 'doubtful',
        text: `Only ${control.hits} of ${control.of} came up in the control: the seed or the watering is at fault. Sow again.`,
      })
    const ratio = ratioOf(product, control)
    const chance = chanceAtLeast(product, control, READY.sproutsWanted)
    const counts
      = `${product.hits} of ${product.of} against ${control.hits} of ${control.of} in the control: ${percentText(ratio.typical)} `
        + `of it, and anything from ${percentText(ratio.low)} to ${percentText(ratio.high)} fits these counts.`
    if (answers.roots === 'crippled')
      return ok({ grade: 'failed', text: `${counts} The roots are crippled, whatever the counts: not for seedlings yet.` })
    if (chance >= READY.sure) return ok({ grade: 'passed', text: `${counts} That is enough for seedlings.` })
    if (chance <= 1 - READY.sure) return ok({ grade: 'failed', text: `${counts} Something in it still holds seedlings back.` })
    const more = clearWith(product, control)
    return ok({
      grade: 'doubtful',
      text: `${counts} So few seeds prove nothing either way.${more ? ` With about ${more} a side it would be clear.` : ' Sow many more.'}`,
    })
  },
}
