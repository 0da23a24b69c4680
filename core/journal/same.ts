const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  value !== null && typeof value === 'object' && !Array.isArray(value)

/** Whether two pieces of plain data say the same, in whatever order their parts were written; a part that is not set is none. */
export function sameData(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((one, index) => sameData(one, b[index]))
  if (!isRecord(a) || !isRecord(b)) return false
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every(name => sameData(a[name], b[name]))
}
