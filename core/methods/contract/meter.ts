/** What the scale of a plain moisture meter says, beside the fist: most have ten marks, and all of them are rough in loose stuff. */
export const METER_SAYS = 'A moisture meter from 1 to 10: to 3 is dry, 4 to 7 right, from 8 on wet.'
