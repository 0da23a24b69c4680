import { fail, ok, type Outcome } from '../outcome/outcome'
import { measuresOf, type Measures, type MeasureTrouble } from './measures'
import type { Portion } from './portion'
import { addToTotals, emptyTotals, typicalValues, type Totals } from './totals'

/** Why a mix has no balance. */
export type MixTrouble
  = | MeasureTrouble
    | { readonly kind: 'bad-amount', readonly materialId: string }
    | { readonly kind: 'bad-water' }

/** Checks what goes in, so that nothing non-finite comes out. */
export function checkedPortions(portions: readonly Portion[]): Outcome<readonly Portion[], MixTrouble> {
  const bad = portions.find(({ looseVolumeL }) => !Number.isFinite(looseVolumeL) || looseVolumeL < 0 || looseVolumeL > 1e7)
  if (bad) return fail({ kind: 'bad-amount', materialId: bad.material.id })
  const some = portions.filter(({ looseVolumeL }) => looseVolumeL > 0)
  return some.length === 0 ? fail({ kind: 'empty' }) : ok(some)
}

/** The sums of portions at their typical values. */
export function typicalTotals(portions: readonly Portion[]): Totals {
  const totals = emptyTotals()
  for (const { material, looseVolumeL } of portions) addToTotals(totals, material, looseVolumeL, typicalValues(material))
  return totals
}

/**
 * The balance of a mix at the typical values of its ingredients (mass balance, docs/models.md).
 * @param portions loose volumes in litres, each from 0 to 1e7.
 * @param addedWaterL litres of water added, not negative.
 */
export function mixBalance(portions: readonly Portion[], addedWaterL = 0): Outcome<Measures, MixTrouble> {
  if (!Number.isFinite(addedWaterL) || addedWaterL < 0) return fail({ kind: 'bad-water' })
  const checked = checkedPortions(portions)
  return checked.ok ? measuresOf(typicalTotals(checked.value), addedWaterL) : checked
}
