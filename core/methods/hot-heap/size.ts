import { quantityText } from '../../units/format'
import type { UnitSystem } from '../../units/system'
import { fillHeightM, narrowestM, volumeBelowL, type Vessel } from '../../vessel/vessel'
import type { Grade } from '../contract'
import { standingL } from './stands'
import { HOT } from './constants'

/** Whether a heap can hold its heat and still breathe, by its size alone. */
export interface Size {
  readonly grade: Grade
  readonly kind: 'small' | 'smallish' | 'right' | 'wide' | 'over'
  readonly text: string
}

/** Litres, loosely mixed, that hold heat for a while in this vessel: standing 75 cm high, or to the rim of a lower one. */
export function leastVolumeL(vessel: Vessel): number {
  return volumeBelowL(vessel, Math.min(HOT.leastPlannedM, vessel.heightM)) / HOT.standsShare
}

/** Says whether this much in this vessel can hold its heat and still breathe. @param volumeL litres, loosely mixed. */
export function sizeOf(vessel: Vessel, volumeL: number, units: UnitSystem): Size {
  const metres = (value: number) => quantityText('length', units, value)
  const heightM = fillHeightM(vessel, standingL(volumeL))
  const acrossM = narrowestM(vessel)
  const least = Math.min(heightM, acrossM)
  const fills = heightM / vessel.heightM
  if (fills > HOT.splitFrom) {
    return {
      grade: 'workable', kind: 'over',
      text: `That fills ${Math.ceil(fills)} such places: build as many heaps, or one long row no wider and higher than `
        + `${metres(HOT.widestM)}. In one lump it overheats, and its middle gets no air.`,
    }
  }
  if (heightM > vessel.heightM * 1.02) {
    const afterM = heightM * HOT.afterAWeek
    const then
      = afterM > vessel.heightM
        ? `it is still ${metres(afterM - vessel.heightM)} above it after a week: keep some back, or start a second one`
        : 'it sinks below it within a week: heap it up, or keep some back'
    return { grade: 'workable', kind: 'over', text: `It would stand ${metres(heightM - vessel.heightM)} above the rim, and ${then}.` }
  }
  if (least < HOT.tinyM)
    return {
      grade: 'poor', kind: 'small',
      text:
        heightM < acrossM
          ? `${metres(heightM)} high: under ${metres(HOT.smallestM)} it rots slowly instead.`
          : `${metres(acrossM)} across: under ${metres(HOT.smallestM)} it rots slowly instead. A wider place helps.`,
    }
  if (least < HOT.smallestM)
    return {
      grade: 'workable', kind: 'smallish',
      text: `${metres(least)} at its smallest: it will warm, but not for long. From ${metres(HOT.smallestM)} each way it holds its heat.`,
    }
  if (least > HOT.widestM)
    return {
      grade: 'workable', kind: 'wide',
      text: `Over ${metres(HOT.widestM)} each way, air does not reach the middle unless you turn it often.`,
    }
  return { grade: 'good', kind: 'right', text: `${metres(acrossM)} across and ${metres(heightM)} high: big enough to hold its heat.` }
}
