import { lookingBy } from '../contract'
import { CHARGE } from './constants'
import { SMELL } from './words'

/** What is found of a soak: foul it stays until it smells of something else. */
export const looking = lookingBy(CHARGE.sightDays, { [SMELL]: {} })
