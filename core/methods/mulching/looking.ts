import { doneSince, lookingBy, wateredSince } from '../contract'
import { MULCHED } from './constants'
import { CLEARED, PLANTS, SOIL, UNDER } from './words'

/** What is found of a mulch: a ring drawn clear answers slugs and rot, water a dry soil. */
export const looking = lookingBy(MULCHED.noticedDays, {
  [UNDER]: { days: MULCHED.noticedDays, answeredBy: (batch, found) => found.finding === 'slugs' && doneSince(batch, found, CLEARED) },
  [PLANTS]: { days: MULCHED.noticedDays, answeredBy: (batch, found) => found.finding === 'rot' && doneSince(batch, found, CLEARED) },
  [SOIL]: { days: MULCHED.noticedDays, answeredBy: wateredSince },
})
