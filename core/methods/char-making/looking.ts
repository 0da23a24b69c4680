import { DAY_MS, HOUR_MS } from '../../units/time'
import { lookingBy } from '../contract'
import { MAKE } from './constants'

/** What is seen of a flame speaks for hours. */
export const looking = lookingBy(MAKE.checkHours * HOUR_MS / DAY_MS)
