import { lookingBy } from '../contract'
import { BED } from './constants'

/** What is found of a hotbed. */
export const looking = lookingBy(BED.noticedDays)
