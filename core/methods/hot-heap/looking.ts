import { doneSince, lookingBy, wateredSince, type Speaking } from '../contract'
import { TURNED } from '../heated/words'
import { WARMTH } from '../heated/warmth'
import { HOT } from './constants'

const FELT_DRY = ['dust', 'dry']
const untilTurned = { days: HOT.tellsDays, answeredBy: (batch, found) => doneSince(batch, found, TURNED) } satisfies Speaking

/** What is found of a heap: water answers what is dry, a turn all else, soonest what a hand felt of its warmth. */
export const looking = lookingBy(HOT.tellsDays, {
  squeeze: {
    days: HOT.tellsDays,
    answeredBy: (batch, found) => FELT_DRY.includes(found.finding) ? wateredSince(batch, found) : doneSince(batch, found, TURNED),
  },
  smell: untilTurned, look: untilTurned, [WARMTH]: { ...untilTurned, days: HOT.feltStaleDays },
})
