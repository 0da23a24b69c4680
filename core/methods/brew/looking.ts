import { lookingBy } from '../contract'
import { BREW } from './constants'
import { SMELL } from './words'

/** What is found of a brew: foul it stays until it smells of something else. */
export const looking = lookingBy(BREW.lookDays, { [SMELL]: {} })
