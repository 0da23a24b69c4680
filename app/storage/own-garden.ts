/** Whether this browser holds an own garden already. One that cannot say so is taken as having none. */
export async function ownGardenIsHere(): Promise<boolean> {
  if (typeof indexedDB === 'undefined') return false
  const known = await indexedDB.databases?.().catch(() => [])
  return known?.some(({ name }) => name === 'wastrum-own') ?? false
}
