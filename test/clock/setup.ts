import { moveClock, shiftTo, TODAY } from './days'

/** Every test file begins on the morning of its day; none of them knows what day it is where it runs. */
moveClock(shiftTo(TODAY, Date.now()))
