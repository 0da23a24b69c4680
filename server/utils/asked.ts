/**
 * A number that was asked for in an address.
 * @returns nothing when it was not, `odd` when it is no number within the bounds: an empty one is no 0.
 */
export function numberAsked(value: unknown, least: number, most: number): number | 'odd' | undefined {
  if (value === undefined) return undefined
  if (typeof value !== 'string' || value.trim() === '') return 'odd'
  const number = Number(value)
  return Number.isFinite(number) && number >= least && number <= most ? number : 'odd'
}

/** The beginning of a day that was asked for as 2027-04-20; nothing for anything else. */
export function dayAsked(value: unknown): Date | undefined {
  return typeof value === 'string' && /^\d{4}-\d\d-\d\d$/.test(value) ? momentAsked(`${value}T00:00:00`) : undefined
}

/** A moment that was asked for, as computers write them; nothing for anything else. */
export function momentAsked(value: unknown): Date | undefined {
  const at = typeof value === 'string' && value.length <= 30 ? new Date(value) : undefined
  return at && Number.isFinite(at.getTime()) ? at : undefined
}

/** Below these, pages are asked for by the mark of a batch, a material or a trial, and marks may have dots in them. */
const BY_MARK: readonly string[] = ['batch', 'materials', 'trials']

/** Whether an address is one of a page: what looks like a file, or begins with a dot, is no page of ours. */
export function isPage(path: string): boolean {
  const parts = path.split('?')[0]!.split('/').filter(Boolean)
  if (parts.some(part => part.startsWith('.'))) return false
  return BY_MARK.includes(parts[0] ?? '') || !(parts.at(-1) ?? '').includes('.')
}
