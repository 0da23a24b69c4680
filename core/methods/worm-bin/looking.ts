import { doneSince, lookingBy, putSince, wateredSince, type Speaking } from '../contract'
import { WORM } from './constants'
import { LEFT, MOOD, SMELL, SQUEEZE } from './words'

const untilTended = {
  days: WORM.noticedDays, answeredBy: (batch, found) => doneSince(batch, found) || putSince(batch, found, 'bedding'),
} satisfies Speaking

/** What is found of worms: water answers a dry squeeze, bedding and whatever is done about it a bad smell or mood. */
export const looking = lookingBy(WORM.noticedDays, {
  [SQUEEZE]: {
    days: WORM.noticedDays,
    answeredBy: (batch, found) => found.finding === 'wet' ? putSince(batch, found, 'bedding') : wateredSince(batch, found),
  },
  [LEFT]: { ...untilTended, days: WORM.leftFreshDays }, [SMELL]: untilTended, [MOOD]: untilTended,
})
