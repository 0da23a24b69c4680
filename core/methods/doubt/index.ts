import type { Progress } from '../../learning/learn'
import { addDays, endOfDay, max } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import {
  keptFor, type Forecast, type Forecaster, type ForecastQuestion, type Method, type NamedWindow, type Standing, type Surroundings,
  type Task,
} from '../contract'
import { DOUBT } from './constants'
import { insteadOf } from './instead'
import { pooled, type Other } from './pool'

export { levelOf, timesFor, withTimes } from './amount'
export { insteadOf } from './instead'
export { pooled } from './pool'
export { usualInputs } from './usual'

/** A question with what might be instead. */
interface Doubted extends ForecastQuestion {
  readonly assumed: ForecastQuestion
  readonly instead: readonly { readonly question: ForecastQuestion, readonly laterDays: number }[]
}

const isDoubted = (question: ForecastQuestion): question is Doubted => 'instead' in question

function* answered(forecaster: Forecaster, { assumed, instead }: Doubted): Generator<Progress, Forecast> {
  const all = 1 + instead.length
  const shareOf = function* (number: number, question: ForecastQuestion, work: number): Generator<Progress, Forecast> {
    const steps = forecaster.answer(question, work)
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) return step.value
      yield { done: number * step.value.ofAtMost + step.value.done, ofAtMost: all * step.value.ofAtMost }
    }
  }
  const base = yield* shareOf(0, assumed, 1)
  const others: Other[] = []
  for (const [at, { question, laterDays }] of instead.entries()) {
    others.push({ forecast: yield* shareOf(at + 1, question, DOUBT.work), laterDays })
  }
  return pooled(base, others)
}

/** The forecaster of a method, for batches of which it is not known when they began or of what. */
function doubted(method: Method, forecaster: Forecaster): Forecaster {
  const instead = keptFor((batch: BegunBatch, around) => insteadOf(batch, method, around))
  return {
    ask: (batch, surroundings) => {
      const assumed = forecaster.ask(batch, surroundings)
      const others = assumed === undefined || !batch.began.stood
        ? []
        : instead(batch, { ...surroundings, forecastOf: undefined }).flatMap(({ name, batch: other, laterDays }) => {
            const question = forecaster.ask({ ...other, id: `${batch.id}~${name}` }, surroundings)
            return question ? [{ question, laterDays }] : []
          })
      const { methodId, batchId } = assumed ?? { methodId: method.id, batchId: batch.id }
      return assumed && others.length > 0 ? { methodId, batchId, assumed, instead: others } as Doubted : assumed
    },
    answer: (question, share) => isDoubted(question) ? answered(forecaster, question) : forecaster.answer(question, share),
  }
}

/** Nothing is due before it was written down that it stands. */
function dueSince({ began: { stood } }: BegunBatch, tasks: readonly Task[]): readonly Task[] {
  if (!stood) return tasks
  const noted = new Date(stood.noted)
  const until = endOfDay(addDays(noted, DOUBT.daysToBegin))
  return tasks.map(task => task.due < noted ? { ...task, due: noted, until: max([task.until, until]) } : task)
}

/** Until there is a forecast its rough windows are as much wider as its beginning is uncertain. */
function widened({ id, began: { at, stood } }: BegunBatch, windows: readonly NamedWindow[], around: Surroundings): readonly NamedWindow[] {
  if (!stood || around.forecastOf?.(id)) return windows
  const [earlier, later] = [Date.parse(at) - Date.parse(stood.from), Date.parse(stood.to) - Date.parse(at)]
  return windows.map(one => one.beyond
    ? one
    : { ...one, from: new Date(one.from.getTime() - earlier), to: new Date(one.to.getTime() + later) })
}

/** How one that is over stands when it went onto another, or was left where it stood; any other stands as its method says. */
function overAs({ ended, takings }: BegunBatch): Standing | undefined {
  const last = ended && takings.findLast(({ ends }) => ends)
  if (last?.left) return { phase: 'ended', label: 'Left', sentence: 'It stayed where it stood.', tone: 'good' }
  return last?.toBatchId === undefined
    ? undefined
    : { phase: 'ended', label: 'Joined', sentence: 'All of it went onto another and goes on there.', tone: 'good' }
}

/** A method that takes batches as they stand: what nobody knows of their beginning makes bands and windows wider. */
export function doubting(method: Method): Method {
  const { life } = method
  return {
    ...method,
    life: {
      ...life, tasks: (batch, surroundings) => dueSince(batch, life.tasks(batch, surroundings)),
      windows: (batch, surroundings) => widened(batch, life.windows(batch, surroundings), surroundings),
      standing: (batch, surroundings) => overAs(batch) ?? life.standing(batch, surroundings),
      ...(life.forecaster ? { forecaster: doubted(method, life.forecaster) } : {}),
    },
  }
}
