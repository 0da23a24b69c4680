import { expose } from 'comlink'
import { yearAnswer } from '#core/year/answer'
import { startsFor, type StartAnswer, type StartsQuestion, type YearQuestion } from '#core/year/asked'

/** A breath is drawn so often, so that a newer question is heard. */
const BREATH_MS = 40

const tickets = { newest: 0 }
const breath = () => new Promise<void>(resolve => setTimeout(resolve))

/** The year, away from the page. */
const year = {
  hello: () => true as const,
  answer: ({ stocks, wants, seed }: YearQuestion) => yearAnswer(stocks, wants, seed),
  /** Nothing once a newer question has come. */
  async starts(ticket: number, question: StartsQuestion, tell: (share: number) => void): Promise<StartAnswer[] | undefined> {
    tickets.newest = ticket
    const steps = startsFor(question)
    let last = performance.now()
    for (;;) {
      const step = steps.next()
      if (step.done) return step.value
      if (performance.now() - last < BREATH_MS) continue
      tell(step.value)
      await breath()
      if (tickets.newest !== ticket) return undefined
      last = performance.now()
    }
  },
}
export type YearWorker = typeof year

expose(year)
