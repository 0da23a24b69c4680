import type { Picture, PictureBand, Primitive } from '../../picture/picture'
import { frontWidthM, type Vessel } from '../../vessel/vessel'
import { HEATED } from './constants'

/** A heap as it is drawn. */
export interface HeapDrawing {
  readonly of: string
  readonly vessel: Vessel
  readonly bands: readonly PictureBand[]
  readonly heightM: number
  /** Height when built; a line where it has sunk. */
  readonly builtM?: number | undefined
  readonly coreC?: number | undefined
  readonly ambientC?: number | undefined
  readonly depthsC?: readonly number[] | undefined
  readonly usedShare?: number | undefined
}

/** A heap cut open: walls, layers, how far they have rotted, warmth by depth, the height it was built to. */
export function heapPicture({ of, vessel, bands, heightM, builtM, coreC, ambientC = 15, depthsC, usedShare = 0 }: HeapDrawing): Picture {
  const sunk: Primitive[] = builtM !== undefined && builtM - heightM > HEATED.sunkM ? [{ kind: 'level', yM: builtM, said: 'built' }] : []
  const warm: Primitive[] = coreC === undefined
    ? []
    : [
        {
          kind: 'glow', aboveAirK: Math.max(0, coreC - ambientC),
          ...(depthsC ? { depthsK: depthsC.map(celsius => celsius - ambientC) } : {}),
        },
        { kind: 'mark', xM: frontWidthM(vessel) / 2, yM: heightM * 0.52, temperatureC: coreC },
      ]
  return {
    of, widthM: frontWidthM(vessel), heightM: Math.max(vessel.heightM, heightM, builtM ?? 0),
    parts: [
      { kind: 'walls', vessel }, { kind: 'fill', heightM, bands }, { kind: 'fading', share: usedShare, family: 'finished' },
      ...warm,
      ...sunk,
      { kind: 'soil' },
    ],
  }
}
