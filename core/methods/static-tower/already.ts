import type { Already } from '../contract'
import { GRAMS, PIPES_OUT, WORMS_IN } from './words'
import { TOWER } from './constants'

/** The pipes of a tower come out in its first days, worms go in when it has cooled. */
export const ALREADY: Already = {
  of: [],
  behind: [
    { deed: PIPES_OUT, answers: {}, afterDays: TOWER.behind.pipesOutDays },
    { deed: WORMS_IN, answers: { [GRAMS]: 1000 * TOWER.behind.wormsKg }, afterDays: TOWER.behind.wormsInDays },
  ],
}
