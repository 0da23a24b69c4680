/** All of some values together; 0 of none. */
export function sumOf(values: readonly number[]): number {
  return values.reduce((all, one) => all + one, 0)
}
