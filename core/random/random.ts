/** A source of numbers in [0, 1), passed in wherever chance is needed. */
export type Random = () => number

/**
 * A small seeded generator (mulberry32): the same seed gives the same numbers everywhere.
 * @param seed any number; its lower 32 bits count.
 */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6D2B79F5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/** A 32-bit number from text (FNV-1a), to seed a generator by name. */
export function seedFromText(text: string): number {
  let hash = 0x811C9DC5
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193)
  return hash >>> 0
}

/** A draw from the standard normal distribution (Box and Muller 1958). */
export function normal(random: Random): number {
  const radius = Math.sqrt(-2 * Math.log(1 - random()))
  return radius * Math.cos(2 * Math.PI * random())
}

/** The items in a random order (Fisher and Yates); the input stays as it was. */
export function shuffled<T>(items: readonly T[], random: Random): T[] {
  const order = [...items]
  for (let i = order.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1))
    const kept = order[i] as T
    order[i] = order[j] as T
    order[j] = kept
  }
  return order
}
