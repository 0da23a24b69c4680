/** What one tap can do about a task. */
export type TaskAction = 'reading' | 'squeeze' | 'turned' | 'watered' | 'finish' | 'open' | 'cover' | 'browns' | 'test'

/** Something a batch asks for, with its reason and the days it can be done in. */
export interface Task {
  readonly id: string
  readonly batchId: string
  readonly action: TaskAction
  readonly title: string
  readonly reason: string
  readonly due: Date
  readonly until: Date
  readonly urgency: 'now' | 'usual' | 'whenever'
}
