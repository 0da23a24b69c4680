import { putOffName, putOffUntil, type RoundTask } from '#core/garden/round'
import type { NewEvent } from '#core/journal/event'
import { deedOf } from '#core/methods/contract'
import { usualAnswers } from '#core/questions/question'
import type { KnownBatch } from './useGarden'

/** The reason why a step rests that was not needed: it looked fine. */
export const LOOKS_FINE = 'looks fine'

/** What can be done about a task: at once, tomorrow, or not this time. */
export function useTasks() {
  const { record } = useRecorder()
  const recording = useRecording()
  const { now } = useGarden()
  const another = useAnother()

  function restEvent(task: RoundTask, reason?: string): NewEvent {
    const until = putOffUntil(task, now.value, reason !== undefined)
    return {
      kind: 'put-off', at: new Date().toISOString(), batchId: task.batchId, task: putOffName(task), until: until.toISOString(),
      ...(reason === undefined ? {} : { why: reason }),
    }
  }
  /** Till tomorrow without a reason; with one, till its time is over. @param done what was done, where that is the reason. */
  function putOff({ batch }: KnownBatch, task: RoundTask, reason?: string, done?: string): Promise<boolean> {
    return record(
      restEvent(task, reason),
      done !== undefined ? `${batch.name}: ${done}.` : reason === undefined ? `${task.title}: tomorrow.` : `${task.title}: not this time.`,
    )
  }
  async function doOne(known: KnownBatch, task: RoundTask): Promise<void> {
    if (task.doing.kind === 'rest' || task.doing.kind === 'again') await putOff(known, task, task.doing.why, task.doing.said)
    if (task.doing.kind === 'again') await another(known, task.doing.answers)
    if (task.doing.kind !== 'deed') return
    const deed = deedOf(known.method.life, task.doing.deed)
    if (deed) await recording.deed(known, deed, usualAnswers(deed.asks))
  }
  /** Several things done on one visit: recorded together, taken back together. */
  async function doAtOnce({ batch, method }: KnownBatch, tasks: readonly RoundTask[]): Promise<void> {
    const at = new Date().toISOString()
    const events = tasks.flatMap((task): NewEvent[] => {
      if (task.doing.kind === 'rest') return [restEvent(task, task.doing.why)]
      const deed = task.doing.kind === 'deed' ? deedOf(method.life, task.doing.deed) : undefined
      return deed ? [{ kind: 'did', at, batchId: batch.id, deed: deed.id, answers: usualAnswers(deed.asks) }] : []
    })
    await record(events, `${batch.name}: ${tasks.map(({ label }) => label.toLowerCase()).join(', ')}.`)
  }
  /** All of a place looked fine from outside: what it asked for whenever it suits rests, and is taken back together. */
  async function looksFine(
    place: string, stops: readonly { readonly known: KnownBatch, readonly tasks: readonly RoundTask[] }[],
  ): Promise<void> {
    await record(
      stops.flatMap(({ tasks }) => tasks.map(task => restEvent(task, LOOKS_FINE))),
      `${place}: ${stops.length === 1 ? 'looks fine' : `all ${stops.length} look fine`}.`,
    )
  }
  return { putOff, doOne, doAtOnce, looksFine }
}
