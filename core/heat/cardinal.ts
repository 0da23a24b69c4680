/** The three temperatures that bound what microbes do, °C. */
export interface CardinalTemperatures {
  readonly minC: number
  readonly optimumC: number
  readonly maxC: number
}

/**
 * Share of the best rate at a temperature, 0 to 1: the cardinal temperature model with inflection
 * (Rosso et al. 1993). Zero at and outside `minC` and `maxC`, 1 at `optimumC`.
 * @param celsius any finite temperature.
 * @param cardinal `minC < optimumC < maxC`, with the optimum above the middle of the two.
 */
export function cardinalShare(celsius: number, { minC, optimumC, maxC }: CardinalTemperatures): number {
  if (celsius <= minC || celsius >= maxC) return 0
  const above = celsius - minC
  const whole = optimumC - minC
  const steepness = whole * (whole * (celsius - optimumC) - (optimumC - maxC) * (optimumC + minC - 2 * celsius))
  return (celsius - maxC) * above * above / steepness
}
