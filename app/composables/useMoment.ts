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

/**
 * Lets everything inside record for a moment that is said once. @param was what it was, before which nothing of it can have been:
 * "begun", "gathered".
 */
export function provideWhen(beganAt: MaybeRefOrGetter<string>, was = 'begun'): When {
  const chosen = ref<Said>('now')
  const other = ref('')
  const trouble = ref('')
  const words: Readonly<Record<MomentTrouble, string | (() => string)>> = {
    'before-it-began': () => `That was before it was ${was}, on ${dateText(toValue(beganAt))}. When was it?`,
    'in-the-future': 'That is still to come. When was it?',
    'no-moment': 'Pick the day and the hour.',
  }
  watch([chosen, other], () => { trouble.value = '' })
  function at(): string | undefined {
    const now = new Date()
    const outcome = possibleMoment(momentOf(chosen.value, now, other.value), toValue(beganAt), now)
    const said = outcome.ok ? '' : words[outcome.error]
    trouble.value = typeof said === 'string' ? said : said()
    return outcome.ok ? outcome.value : undefined
  }
  const when: When = { said: chosen, other, trouble: readonly(trouble), at }
  provide(WHEN, when)
  return when
}

/** The moment that things are recorded for here. */
export function useWhen(): When {
  return inject(WHEN) ?? provideWhen(new Date(0).toISOString())
}
