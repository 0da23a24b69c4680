import { lookingBy, wateredSince } from '../contract'
import { LEAF } from './constants'
import { SQUEEZE } from './words'

/** What is found of leaves: what was dry is not dry any more once it was watered. */
export const looking = lookingBy(LEAF.noticedDays, { [SQUEEZE]: { days: LEAF.feltDays, answeredBy: wateredSince } })
