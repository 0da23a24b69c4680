import type { InjectionKey } from 'vue'
import { momentOf, possibleMoment, type MomentTrouble, type Said } from '#core/journal/when'
import { dateText } from '#core/units/dates'

/** When something that is recorded was, as the gardener says it, and what is wrong with that. */
export interface When {
  readonly said: Ref<Said>
  readonly other: Ref<string>
  readonly trouble: Readonly<Ref<string>>
  /** The moment as events write it; nothing where it cannot have been, and then the trouble says why. */
  at(): string | undefined
}

const WHEN: InjectionKey<When> = Symbol('when')

/** Lets everything inside record for a moment that is said once. */
export function provideWhen(beganAt: string): When {
  const said = ref<Said>('now')
  const other = ref('')
  const trouble = ref('')
  const words: Readonly<Record<MomentTrouble, string>> = {
    'before-it-began': `That was before it was begun, on ${dateText(beganAt)}. When was it?`,
    'in-the-future': 'That is still to come. When was it?',
    'no-moment': 'Pick the day and the hour.',
  }
  watch([said, other], () => { trouble.value = '' })
  function at(): string | undefined {
    const now = new Date()
    const outcome = possibleMoment(momentOf(said.value, now, other.value), beganAt, now)
    trouble.value = outcome.ok ? '' : words[outcome.error]
    return outcome.ok ? outcome.value : undefined
  }
  const when: When = { said, other, trouble: readonly(trouble), at }
  provide(WHEN, when)
  return when
}

/** The moment that things are recorded for here. */
export function useWhen(): When {
  return inject(WHEN) ?? provideWhen(new Date(0).toISOString())
}
