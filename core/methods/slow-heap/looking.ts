import { doneSince, lookingBy, putSince, wateredSince, type Speaking } from '../contract'
import { SLOW } from './constants'
import { LOOK, SMELL, SQUEEZE } from './words'

const FELT_DRY = ['dust', 'dry']
const openedOrCovered = {
  days: SLOW.noticedDays, answeredBy: (batch, found) => doneSince(batch, found) || putSince(batch, found, 'cover'),
} satisfies Speaking

/** What is found of a slow heap: water answers what is dry, the fork what is wet, browns and the fork what smells or lies open. */
export const looking = lookingBy(SLOW.noticedDays, {
  [SQUEEZE]: {
    days: SLOW.noticedDays,
    answeredBy: (batch, found) => FELT_DRY.includes(found.finding) ? wateredSince(batch, found) : doneSince(batch, found),
  },
  [SMELL]: openedOrCovered, [LOOK]: openedOrCovered,
})
