/** A span of minutes on a clock that runs from a moment: done no sooner than, usually by, and hardly later than. */
export interface Timer {
  readonly label: string
  readonly from: Date
  readonly minutes: { readonly low: number, readonly typical: number, readonly high: number }
}

/** One step of something that is done in one go, with a device in the other hand. */
export interface GuideStep {
  readonly id: string
  readonly title: string
  readonly detail: string
  /** When it was done, as it is said: "at 14:05". */
  readonly done?: string
  /** The pad that records it. */
  readonly pad: string
  /** What has to be seen before it is done: signs, not minutes. */
  readonly signs: readonly string[]
  readonly timer?: Timer
  readonly cautions: readonly string[]
  /** What stands in the way of it, while something does. */
  readonly stopped?: string
}

/** Something that is done in one go, step by step; the first that is not done is the one that is shown. */
export interface Guide {
  readonly title: string
  readonly steps: readonly GuideStep[]
}

/** The step that is to be done now; nothing when all are done. */
export function stepNow({ steps }: Guide): GuideStep | undefined {
  return steps.find(({ done }) => done === undefined)
}
