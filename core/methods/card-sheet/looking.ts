import { lookingBy, wateredSince, doneSince, type Speaking } from '../contract'
import { SHEET } from './constants'
import { CARD, MENDED, TORN } from './words'

/** Torn card stays torn until it is mended, stiff card stiff until it is wetted. */
const untilAnswered = {
  answeredBy: (batch, found) => found.finding === 'stiff' ? wateredSince(batch, found) : doneSince(batch, found, MENDED),
} satisfies Speaking

/** What is found of a sheet; a bare cover is answered by more of it. */
export const looking = lookingBy(SHEET.noticedDays, {
  [CARD]: untilAnswered, [TORN]: untilAnswered,
  above: {
    days: SHEET.noticedDays,
    answeredBy: (batch, found) => found.finding === 'bare' && batch.puts.some(({ at, inputs }) => inputs.length > 0 && at > found.at),
  },
})
