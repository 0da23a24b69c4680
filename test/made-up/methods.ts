import { METHODS as SHIPPED } from '../../core/methods/index'
import type { Method } from '#core/methods/contract'
import { echo } from '../builders/echo-method'

/** The methods of the app with the made-up one: what takes the place of `#core/methods` in the build that only tests use. */
export const METHODS: readonly Method[] = [...SHIPPED, echo]

export function findMethod(id: string): Method | undefined {
  return METHODS.find(method => method.id === id)
}
