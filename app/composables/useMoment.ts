import type { InjectionKey } from 'vue'

const MOMENT: InjectionKey<() => string> = Symbol('moment')

/** Lets everything inside record for a chosen moment; an empty or impossible one means now. */
export function provideMoment(chosen: () => string): void {
  provide(MOMENT, () => {
    const moment = new Date(chosen())
    return Number.isNaN(moment.getTime()) || moment > new Date() ? new Date().toISOString() : moment.toISOString()
  })
}

/** The moment that something is recorded for, as events write it. */
export function useMoment(): () => string {
  return inject(MOMENT, () => new Date().toISOString())
}
