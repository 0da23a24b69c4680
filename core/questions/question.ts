import type { Words } from '../units/words'
import { arePieces } from './pieces'
import type { Answers } from './answers'

/** One thing that is asked: when a batch is planned, a deed is recorded, or a test is set up or read. */
type Asked
  = | { readonly id: string, readonly kind: 'choice', readonly label: Words, readonly choices: readonly Choice[], readonly usual?: string }
    | {
      readonly id: string
      readonly kind: 'count'
      readonly label: Words
      readonly usual: number
      readonly most: number
      readonly unit?: string
      /** Digits after the point; whole ones where nothing is said. */ readonly digits?: number
    }
    | { readonly id: string, readonly kind: 'temperature', readonly label: Words, readonly usual?: number }
    | { readonly id: string, readonly kind: 'percent', readonly label: Words, readonly usual: number }
    | {
      readonly id: string
      /** In the core's unit; `smallMass` in grams. */
      readonly kind: 'volume' | 'length' | 'area' | 'mass' | 'smallMass'
      readonly label: Words
      readonly usual: number
      readonly most: number
    }
    /** A day, as YYYY-MM-DD; none is an answer too. */
    | { readonly id: string, readonly kind: 'day', readonly label: Words }
    /** Flat pieces by their sizes, as `core/questions/pieces.ts` writes them; none is an answer too. */
    | { readonly id: string, readonly kind: 'pieces', readonly label: Words }
    | { readonly id: string, readonly kind: 'text', readonly label: Words, readonly hint?: string }

/** A question that is put always, or only while another has a certain answer. */
export type Question = Asked & { readonly when?: readonly [id: string, answer: string] }

/** Whether a question is put, with the answers as they stand. */
export function isPut({ when }: Pick<Question, 'when'>, answers: Answers): boolean {
  return when === undefined || answers[when[0]] === when[1]
}

export interface Choice { readonly id: string, readonly label: Words, readonly hint?: Words }

/** A number among answers, if it is one. */
export function numberOf(answers: Answers, id: string): number | undefined {
  const value = answers[id]
  return typeof value === 'number' && Number.isFinite(value) ? value : undefined
}

/** A day among answers, its noon, if one was said. */
export function dayOf(answers: Answers, id: string): Date | undefined {
  const value = answers[id]
  const day = typeof value === 'string' && /^\d{4}-\d\d-\d\d$/.test(value) ? new Date(`${value}T12:00`) : undefined
  return day && Number.isFinite(day.getTime()) ? day : undefined
}

/** The answers as they stand before anything was said. */
export function usualAnswers(questions: readonly Question[]): Answers {
  return Object.fromEntries(
    questions.flatMap(question => ('usual' in question && question.usual !== undefined ? [[question.id, question.usual]] : [])),
  )
}

/** Whether an answer is one that a question can have. */
function isAnswer(question: Question, given: unknown): given is number | string {
  if (question.kind === 'choice') return question.choices.some(({ id }) => id === given)
  if (question.kind === 'text') return typeof given === 'string'
  if (question.kind === 'pieces') return arePieces(given)
  if (question.kind === 'day') return typeof given === 'string' && /^(\d{4}-\d\d-\d\d)?$/.test(given)
  if (typeof given !== 'number' || !Number.isFinite(given)) return false
  // Frost is an answer too.
  if (question.kind === 'temperature') return given > -60 && given < 120
  return given >= 0 && given <= mostOf(question)
}

function mostOf(question: Question): number {
  return 'most' in question ? question.most : question.kind === 'percent' ? 100 : Infinity
}

/** Answers with the usual one wherever nothing, or nothing that can be, was said. */
export function completed(questions: readonly Question[], answers: Answers): Answers {
  const sound = questions.filter(question => isAnswer(question, answers[question.id]))
  return { ...usualAnswers(questions), ...Object.fromEntries(sound.map(({ id }) => [id, answers[id] as number | string])) }
}

/** More than any number that a question of an earlier version asked for. */
const MOST_OF_ANY = 100_000

/** An answer as it can be: a number at most as large as it is asked for; nothing where it cannot be an answer at all. */
function bounded(question: Question | undefined, given: number | string): number | string | undefined {
  if (typeof given === 'number' && (question === undefined || 'most' in question || question.kind === 'percent')) {
    const most = question ? mostOf(question) : MOST_OF_ANY
    return Number.isFinite(given) ? Math.min(most, Math.max(question ? 0 : -most, given)) : undefined
  }
  return question === undefined || isAnswer(question, given) ? given : undefined
}

/**
 * Answers of which none is beyond what can be, whoever wrote them: the very same when they are sound. Nothing is added that was not said,
 * and what a question of another version was answered with stays.
 */
export function withinReason(questions: readonly Question[], answers: Answers): Answers {
  const byId = new Map(questions.map(question => [question.id, question]))
  const all = Object.entries(answers)
  const kept = all.flatMap(([id, given]): [string, number | string][] => {
    const one = bounded(byId.get(id), given)
    return one === undefined ? [] : [[id, one]]
  })
  return kept.length === all.length && kept.every(([id, one]) => one === answers[id]) ? answers : Object.fromEntries(kept)
}
