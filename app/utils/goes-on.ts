import type { Method } from '#core/methods/contract'

/** Batches that take what comes out of another: what stayed on a sieve, or a heap that goes onto them. */
export function goesOn<T extends { readonly method: Pick<Method, 'life'> }>(standing: readonly T[]): T[] {
  return standing.filter(({ method }) => method.life.goesOnAs !== undefined)
}
