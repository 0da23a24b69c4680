import { fail, ok } from '../../outcome/outcome'
import { numberOf } from '../../questions/question'
import type { ReadinessTest } from '../test'
import { READY } from '../constants'

export const noReheat: ReadinessTest = {
  id: 'no-reheat', name: 'Does it heat again?', purpose: 'A heap that is done stays cool when it is given air and water.', days: 3,
  setUp: ['Turn it, the outside to the inside.', 'Water it until a squeeze gives one or two drops.', 'Leave it alone for three days.'],
  reading: [
    'Put the thermometer a forearm deep into the middle and wait until it stands still.', 'Read the air in the shade beside it too.',
  ],
  atSetUp: [],
  atReading: [
    { id: 'core', kind: 'temperature', label: 'In the middle' }, { id: 'air', kind: 'temperature', label: 'Air in the shade' },
  ],
  cautions: ['Gloves; steam and dust carry spores: stand upwind.'],
  wantedFrom: 'beds', failsFrom: 'beds',
  judge: (_, answers) => {
    const [core, air] = [numberOf(answers, 'core'), numberOf(answers, 'air')]
    if (core === undefined || air === undefined) return fail({ message: 'Both temperatures are needed: the middle and the air.' })
    const above = core - air
    if (air < READY.reheatsFromC && above < READY.workingK)
      return ok({ grade: 'doubtful', text: 'So cold, nothing heats, raw or ripe: again on a milder day, or a bucketful indoors.' })
    if (above < READY.quietK)
      return ok({ grade: 'passed', text: `${Math.max(0, Math.round(above))} K above the air after three days: it stays quiet.` })
    if (above < READY.workingK)
      return ok({ grade: 'doubtful', text: `${Math.round(above)} K above the air: nearly quiet. Try again in two weeks.` })
    return ok({ grade: 'failed', text: `${Math.round(above)} K above the air: it still works. Let it go on.` })
  },
}
