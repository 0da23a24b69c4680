import * as v from 'valibot'

/** A finite number within bounds that make sense in a garden. */
export function between(low: number, high: number) {
  return v.pipe(
    v.number('is not a number'), v.finite('is not a number'), v.minValue(low, `is below ${low}`), v.maxValue(high, `is above ${high}`),
  )
}
