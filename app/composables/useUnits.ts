import { readSettings } from '#core/garden/settings'
import { quantityText } from '#core/units/format'
import type { Quantity } from '#core/units/system'

/** The units of this garden, and values written in them: for what is drawn before anything else of the garden is there. */
export const useUnits = createSharedComposable(() => {
  const store = useGardenStore()
  const units = computed(() => readSettings(store.documents).units)
  return { units, quantity: (quantity: Quantity, value: number, digits?: number) => quantityText(quantity, units.value, value, digits) }
})
