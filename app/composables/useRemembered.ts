import { remember, remembered } from '~/storage/remembered'

/**
 * A small thing that this device remembers, and goes on with while a browser refuses to keep it. @param start while nothing is
 * remembered, or what is remembered is of another kind.
 */
export function useRemembered<T extends string | boolean | object>(key: string, start: T): Ref<T> {
  const read = (): T => {
    const text = remembered(key)
    if (text === undefined) return start
    if (typeof start === 'string') return text as T
    try {
      const value: unknown = JSON.parse(text)
      const alike = typeof value === typeof start && value !== null
      return alike ? (typeof start === 'object' ? { ...start, ...(value as object) } : value as T) : start
    }
    catch {
      return start
    }
  }
  const kept = shallowRef(read()) as Ref<T>
  watch(kept, now => remember(key, typeof now === 'string' ? now : JSON.stringify(now)), { flush: 'sync' })
  return kept
}
