/** The result of something that can fail: callers must look before they use the value. */
export type Outcome<T, E> = { readonly ok: true, readonly value: T } | { readonly ok: false, readonly error: E }

/** A result that came out well. */
export function ok<T>(value: T): { readonly ok: true, readonly value: T } {
  return { ok: true, value }
}

/** A result that did not come out, with the reason in a typed form. */
export function fail<E>(error: E): { readonly ok: false, readonly error: E } {
  return { ok: false, error }
}
