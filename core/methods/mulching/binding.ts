import { findMaterial } from '../../materials/book'
import type { Material } from '../../materials/material'
import { boundNitrogenGM2, makesUpKg, type Lies } from '../../mulch/binding'
import { quantityText } from '../../units/format'
import { DOSE_AREA, smallMassText } from '../../units/small'
import type { UnitSystem } from '../../units/system'
import type { Fact } from '../contract'
import type { MulchPlan } from './plan'
import { LIES } from './words'
import { MULCHED } from './constants'

/** As it lies: on top, unless it was said to be dug in. */
export const liesIn = (answers: Readonly<Record<string, number | string>>): Lies => answers[LIES] === 'dug-in' ? 'dug-in' : 'on-top'

/** What it takes from the soil in its first year, and what makes up for it. */
export function bindingFact(
  material: Material, { wantedM, areaM2 }: Pick<MulchPlan, 'wantedM' | 'areaM2'>, lies: Lies, units: UnitSystem,
): Fact {
  const { low, typical, high } = boundNitrogenGM2(material, wantedM, lies)
  if (high < MULCHED.noticedGM2)
    return {
      label: 'Nitrogen it takes', value: 'next to none',
      why: typical === 0 ? 'it brings as much as what eats it needs' : 'only what touches the soil takes any',
    }
  const { areaM2: doseM2, words } = DOSE_AREA[units]
  const grams = (value: number) => smallMassText(units, value * doseM2)
  const meal = findMaterial('blood-meal')!
  const grass = findMaterial('grass-clippings')!
  const grassL = makesUpKg(grass, typical * areaM2) / grass.bulkDensityKgM3.typical * 1000
  const makesUp = `${grams(1000 * makesUpKg(meal, typical))} of blood or horn meal, or `
    + `${quantityText('volume', units, (grassL / areaM2) * doseM2, 1)} of fresh grass, on ${words} make up for it: under it, now`
  return {
    label: 'Nitrogen it takes', value: `${grams(low)} to ${grams(high)} on ${words} in its first year`,
    why:
      lies === 'on-top'
        ? 'on top only what touches the soil takes any; dug in it would be about '
        + `${grams(boundNitrogenGM2(material, wantedM, 'dug-in').typical)}. ${makesUp.replace('make up', 'would make up')}`
        : `dug in all of it does. ${makesUp}`,
  }
}
