/**
 * How a fire is brought to its end: one description from which the steps, the round, the log, the looks and the water are
 * told, so that none of them says otherwise.
 */
export interface Ending {
  readonly id: string
  /** What is done from burnt through until it is cold, in order. */
  readonly steps: readonly string[]
  /** Times the water that covers the char and boils off; 0 where no water may come to it. */
  readonly waterTimes: number
  /** Beside the signs that it is burnt through. */
  readonly watching: string
  /** What is answered when it is recorded as burnt through. */
  readonly answer: string
  /** What is asked at once when it is burnt through. */
  readonly now: {
    readonly action: string
    readonly label: string
    readonly figure: string
    readonly title: string
    readonly reason: string
    sentence(water: string): string
  }
  /** How it is stopped: the step that does it, its title and how. */
  readonly stop: { readonly step: string, readonly title: string, how(water: string): string, readonly answer: string }
  /** What a look that found warmth, smoke or glow is answered. */
  readonly found: { readonly warm: string, readonly smoke: string }
  /** What is asked when a look found it hot again. */
  readonly again: { readonly title: string, readonly reason: string, readonly sentence: string }
  /** The two looks: how they are taken. */
  readonly looks: { readonly first: string, readonly second: string }
  /** The first look is due so many hours after it was stopped. */
  readonly firstLookHours: number
  /** Warmth found at a look is waited out; else it is stopped once more. */
  readonly warmWaits: boolean
  /** It is not called cold before so many hours have gone since it was stopped. */
  readonly coldAfterHours: number
}
