/** What a hand or an iron bar tells of the core, °C: feelings differ by some degrees. */
export const WARMTH = 'warmth'
