import type { Picture, Primitive } from '../../picture/picture'
import { asVessel, type Site } from '../../vessel/site'
import { frontWidthM } from '../../vessel/vessel'
import type { BrewKind } from './kinds'

/** A brew as it is drawn. */
export interface BrewDrawing {
  readonly of: string
  readonly kind: BrewKind
  readonly site: Site
  /** Share of what went in that is still there. */
  readonly share: number
  readonly progress: number
  readonly foamM: number
  readonly aired: boolean
}

/** A bucket cut open: liquid, foam, what hangs or floats in it. */
export function brewPicture({ of, kind, site, share, progress, foamM, aired }: BrewDrawing): Picture {
  const vessel = asVessel(site)
  const widthM = frontWidthM(vessel)
  const levelM = vessel.heightM * kind.fill * share
  const bag = (xShare: number, family: 'finished' | 'kitchen', said: string): Primitive =>
    ({ kind: 'pocket', xM: widthM * xShare, yM: levelM * 0.45, widthM: widthM * 0.24, heightM: levelM * 0.42, family, said, hung: true })
  const greens: Primitive = {
    kind: 'pocket', xM: widthM / 2, yM: levelM * 0.62, widthM: widthM * 0.86, heightM: levelM * 0.5, family: 'plant',
    said: 'greens under water',
  }
  const inside
    = share < 0.05
      ? []
      : kind.strained
        ? [greens]
        : kind.aired
          ? [bag(0.5, 'finished', 'a bag of compost')]
          : [bag(0.32, 'finished', 'a bag of leaf mould'), bag(0.68, 'kitchen', 'a bag of potato')]
  return {
    of, widthM, heightM: vessel.heightM + 0.04,
    parts: [
      { kind: 'walls', vessel },
      { kind: 'liquid', levelM, said: 'liquid', dark: Math.min(1, 0.25 + 0.5 * progress) },
      ...inside,
      ...(foamM > 0.002 && share > 0.05
        ? [{ kind: 'foam' as const, fromM: levelM, heightM: Math.min(foamM, vessel.heightM * 1.15 - levelM) }]
        : []),
      ...(aired && share > 0.05 ? [{ kind: 'mark' as const, xM: widthM / 2, yM: levelM * 0.08, text: 'air' }] : []),
      { kind: 'soil' },
    ],
  }
}
