/** The highest of any number of values, or the floor where there is none: a journal's list may be longer than a call has room for. */
export function highest(values: Iterable<number>, floor = -Infinity): number {
  let most = floor
  for (const value of values) if (value > most) most = value
  return most
}
