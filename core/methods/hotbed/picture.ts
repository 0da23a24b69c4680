import type { Family } from '../../materials/material'
import { portionOf, type Ingredient } from '../../mix/portion'
import type { Picture, PictureBand, Primitive } from '../../picture/picture'
import { asVessel, siteFrontM, type Site } from '../../vessel/site'
import type { BedGround } from './plan'

/** A hotbed as it is drawn. */
export interface BedDrawing {
  readonly of: string
  readonly site: Site
  readonly ground: BedGround
  readonly ingredients: readonly Ingredient[]
  readonly heightM: number
  readonly coreC?: number
  readonly soilC?: number
  readonly airC?: number
  readonly glass: boolean
  readonly trays: boolean
  readonly grows: boolean
}

const FRAME_BACK_M = 0.32
const FRAME_FRONT_M = 0.2

function stuffBands(ingredients: readonly Ingredient[], share: number): PictureBand[] {
  const portions = ingredients.map(portionOf).filter(({ looseVolumeL }) => looseVolumeL > 0)
  const all = portions.reduce((sum, { looseVolumeL }) => sum + looseVolumeL, 0)
  if (all <= 0) return [{ family: 'manure' as Family, short: 'manure', heightShare: share }]
  // Mixed and trodden in layers: what there is, twice over.
  return [0, 1].flatMap(() =>
    portions.map(({ material, looseVolumeL }) => ({
      family: material.family, short: material.short,
      heightShare: ((share / 2) * looseVolumeL) / all,
    })),
  )
}

/** A hotbed cut open: trodden stuff, its warmth, the soil on it, the frame over that. */
export function bedPicture({ of, site, ground, ingredients, heightM, coreC, soilC, airC = 5, glass, trays, grows }: BedDrawing): Picture {
  const widthM = siteFrontM(site)
  const tub = site.kind !== 'frame'
  const totalM = heightM + ground.soilM
  const bands = [
    ...stuffBands(ingredients, heightM / totalM),
    { family: 'mineral' as const, short: trays ? 'sand' : 'soil', heightShare: ground.soilM / totalM },
  ]
  const frameWide = tub ? widthM : Math.max(0.3, widthM - 0.4)
  const left = (widthM - frameWide) / 2
  const warm: Primitive[] = coreC === undefined
    ? []
    : [
        { kind: 'glow', aboveAirK: Math.max(0, coreC - airC) },
        ...(heightM > 0.3 ? [{ kind: 'mark' as const, xM: widthM / 2, yM: heightM * 0.5, temperatureC: coreC }] : []),
        ...(soilC === undefined ? [] : [{ kind: 'mark' as const, xM: widthM / 2, yM: heightM + ground.soilM / 2, temperatureC: soilC }]),
      ]
  const grown: Primitive[] = grows
    ? [0.25, 0.5, 0.75].map(share => ({
        kind: 'pocket',
        xM: left + frameWide * share,
        yM: totalM + 0.05,
        widthM: 0.07,
        heightM: 0.1,
        family: 'plant',
        said: share === 0.5 ? 'seedlings' : '',
      }))
    : []
  const set: Primitive[] = trays
    ? [0.28, 0.72].map(share => ({
        kind: 'pocket',
        xM: left + frameWide * share,
        yM: totalM + 0.035,
        widthM: frameWide * 0.36,
        heightM: 0.06,
        family: 'mineral',
        said: share < 0.5 ? 'trays' : '',
      }))
    : []
  return {
    of, widthM, heightM: totalM + (tub ? 0.1 : FRAME_BACK_M) + 0.04,
    parts: [
      ...(tub ? [{ kind: 'walls', vessel: asVessel(site) } satisfies Primitive] : []),
      { kind: 'fill', heightM: totalM, bands },
      ...warm,
      ...set,
      ...grown,
      ...(glass
        ? [
            {
              kind: 'frame', xM: left, yM: totalM, widthM: frameWide, frontM: tub ? 0.04 : FRAME_FRONT_M,
              backM: tub ? 0.06 : FRAME_BACK_M, said: 'a glazed frame',
            } satisfies Primitive,
          ]
        : []),
      { kind: 'soil' },
    ],
  }
}
