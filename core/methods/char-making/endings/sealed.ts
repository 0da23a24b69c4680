import { EVENING, MORNING, SEALED } from '../words'
import type { Ending } from './ending'
import { MAKE } from '../constants'

/** In a closed vessel: off the fire and kept shut, so that it goes out by itself. No water, and no look inside. */
export const sealed: Ending = {
  id: 'sealed', steps: [SEALED, EVENING, MORNING], waterTimes: 0, watching: 'The signs decide, not the clock.',
  answer: 'Now off the fire with it, closed.',
  now: {
    action: 'seal', label: 'Off the fire with it', figure: 'close', title: 'Off the fire, and keep it shut',
    reason: 'It is burnt through. Closed it goes out by itself; opened hot it flares up.',
    sentence: () => 'Off the fire now, the lid on: it goes out by itself. It is not opened and no water comes to it.',
  },
  stop: {
    step: SEALED, title: 'Off the fire, closed, to cool',
    answer: 'It stays shut, outdoors, until it is cold by hand and a day has gone.',
    how: () =>
      'With tongs or gloves of leather, out of the fire onto bare ground. Plug the hole with clay only when nothing comes out of it any '
      + 'more. It stays shut outdoors for a day, and until it is cold by hand.',
  },
  found: {
    warm: 'Leave it shut, outdoors. Not opened, no water on it: feel it again in half a day.',
    smoke: 'Air gets in: from upwind, press moist clay over hole and seam, and leave it shut, outdoors, on bare ground. Do not open it.',
  },
  again: {
    title: 'Leave it shut',
    reason: 'Still warm, or air gets in. Clay over hole and seam; no water on it. Feel again in half a day.',
    sentence: 'Something in it still glows: it stays shut, outdoors, clay over hole and seam.',
  },
  looks: {
    first: 'From outside, shut, all round and underneath.',
    second:
      'From outside, a day after it came off the fire. Cold all round: open it, at arm\'s length, '
      + 'and feel the middle. Warm: leave it shut.',
  },
  firstLookHours: MAKE.aNightHours, warmWaits: true, coldAfterHours: MAKE.aDayHours,
}
