import type { Answers } from '../../questions/answers'

/** What one tap can do about a task. */
export type TaskDoing
  = | { readonly kind: 'pad', readonly pad: string }
    | { readonly kind: 'deed', readonly deed: string }
    | { readonly kind: 'page', readonly page: 'ready' | 'wrong' | 'take' | 'run' }
    /** Done, and nothing to record but that: the task rests with this reason. */
    | { readonly kind: 'rest', readonly why: string, readonly said: string }
    /** Another like it is laid on the bench with these answers set anew, and the task rests. */
    | { readonly kind: 'again', readonly answers: Answers, readonly why: string, readonly said: string }

/** Something a batch asks for, with its reason and the days it can be done in. */
export interface Task {
  readonly id: string
  readonly batchId: string
  /** What it is put off by: the same work has the same name. */
  readonly action: string
  readonly doing: TaskDoing
  readonly label: string
  readonly icon: string
  readonly title: string
  readonly reason: string
  readonly due: Date
  readonly until: Date
  readonly urgency: 'now' | 'usual' | 'whenever'
  /** How long it takes by hand, where that is more than such things usually do, minutes. */
  readonly minutes?: number
}
