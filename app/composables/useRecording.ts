import { drawAll } from '#core/garden/store'
import { worthyIngredient } from '#core/bench/planned'
import type { NewEvent } from '#core/journal/event'
import type { Input, Role } from '#core/journal/garden'
import type { Answers } from '#core/questions/answers'
import { farFromLast, spotText, type Deed, type Quantity } from '#core/methods/contract'
import { dayText } from '#core/units/dates'
import type { Ingredient } from '#core/mix/portion'

import type { KnownBatch } from './useGarden'

/** Recording what is said of a batch, in the words of its method. */
export function useRecording() {
  const { record } = useRecorder()
  const { stored, surroundings } = useGarden()

  /** Ingredients as they are written down: with what they are worth today, and the lots of the store that they come from. */
  function inputsFrom(ingredients: readonly Ingredient[], role: Role): (Input & { draws: Input['draws'][number][] })[] {
    return drawAll(stored.value, ingredients).map(({ draws }, index) => ({
      role,
      ...worthyIngredient(ingredients[index] as Ingredient),
      draws: [...draws],
    }))
  }

  function deed({ batch }: KnownBatch, done: Deed, answers: Answers, at = new Date().toISOString()) {
    const { said, answer } = done.said(batch, answers, surroundings.value)
    return record({ kind: 'did', at, batchId: batch.id, deed: done.id, answers: { ...answers } }, `${batch.name}: ${said}`, answer)
  }

  function gauge(
    { batch }: KnownBatch, quantity: Quantity, values: Readonly<Record<string, number>>, source: 'hand' | 'probe', at: string,
  ) {
    const event: NewEvent = {
      kind: 'gauged', at, batchId: batch.id, quantity: quantity.id, source,
      values: Object.entries(values).map(([spot, value]) => ({ spot, value })),
    }
    const said = Object.entries(values).map(([spot, value]) => spotText(quantity, spot, value, surroundings.value.units)).join(', ')
    // What lies far from the reading before is written all the same, and asked back where it can be undone.
    const before = farFromLast(batch, quantity, values, quantity.expected(batch, surroundings.value), at)
    const back = before
      ? `${dayText(before.at)} it was ${spotText(quantity, before.spot, before.value, surroundings.value.units)}: read it again, in `
      + 'another spot, or undo it if it was a slip.'
      : undefined
    return record(event, `${batch.name}: ${said}.`, back ?? quantity.answer?.(batch, surroundings.value, values) ?? '')
  }

  return { inputsFrom, deed, gauge }
}
