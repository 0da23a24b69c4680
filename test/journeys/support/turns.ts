/** Whether everything is gone through in every way there is, or each thing in one of them, which the commit turns. */
export const WHOLE = Boolean(process.env.WASTRUM_WHOLE)
const SEED = Number(process.env.WASTRUM_SEED ?? 0)

/** One of several ways in which something can be gone through: the next commit takes the next. All of them in the whole run. */
export function inTurn<T>(ways: readonly T[], offset = 0): readonly T[] {
  return WHOLE ? ways : ways.filter((_, index) => index === (SEED + offset) % ways.length)
}
