import type { Family } from '../../materials/material'
import type { GroundPart, GroundPlan } from '../../picture/ground'
import { groundOf } from '../../picture/ground'
import type { Picture, Primitive } from '../../picture/picture'
import { shapePieces, shapeBounds, type AreaShape } from '../../ground/shape'
import { holds, type Corner } from '../../ground/outline'
import type { Crop } from '../../mulch/kinds'
import type { Site } from '../../vessel/site'
import { MULCH } from '../../mulch/constants'

/** So much of a bed is cut open, metres: a layer of some centimetres would not be seen in all of it. */
const CUT_M = 1

/** A layer on the soil, cut open: how deep it lies, and the hollow around what grows in it. */
export function mulchPicture(
  of: string,
  {
    depthM, wantedM, crop, family, short,
  }: { readonly depthM: number, readonly wantedM: number, readonly crop: Crop, readonly family: Family, readonly short: string },
): Picture {
  const heightM = Math.max(0.24, wantedM * 1.5)
  const clearM = Math.min(0.2, MULCH.clearM[crop])
  const stem: Primitive[] = clearM > 0
    ? [
        {
          kind: 'pocket', xM: CUT_M / 2, yM: Math.max(0.05, heightM * 0.4), widthM: crop === 'trees' ? 0.09 : 0.025,
          heightM: heightM * 0.8, family: crop === 'trees' ? 'wood' : 'plant',
          said: crop === 'trees' ? 'the trunk' : 'what grows in it', hung: false,
        },
      ]
    : []
  return {
    of, widthM: CUT_M, heightM,
    parts: [
      ...(depthM > 0.002
        ? [{ kind: 'fill', cut: true, heightM: depthM, bands: [{ family, short, heightShare: 1 }] } satisfies Primitive]
        : []),
      ...stem, { kind: 'level', yM: wantedM, said: 'as it is spread' }, { kind: 'soil' },
    ],
  }
}

/** Where stems stand on a ground: spread over it evenly, within its edge. */
function stemsOn(ground: AreaShape, count: number): Corner[] {
  const { widthM, depthM } = shapeBounds(ground)
  const pieces = shapePieces(ground)
  const across = Math.min(count, Math.max(1, Math.round(Math.sqrt(count * widthM / depthM))))
  const deep = Math.ceil(count / across)
  const spots = Array.from({ length: across * deep }, (_, at): Corner => [
    (((at % across) + 0.5) * widthM) / across,
    ((Math.floor(at / across) + 0.5) * depthM) / deep,
  ])
  return spots
    .filter(spot => pieces.some(piece => holds(piece, spot)))
    .slice(0, count)
    .map(([x, y]): Corner => [x - widthM / 2, y - depthM / 2])
}

/** The ground from above: what is covered, and the rings that stay clear. */
export function mulchPlanDrawing(
  of: string, site: Site,
  { crop, family, covered, stems }: { readonly crop: Crop, readonly family: Family, readonly covered: number, readonly stems: number },
): GroundPlan | undefined {
  if (site.kind !== 'area') return undefined
  const { widthM, depthM } = shapeBounds(site.ground)
  const wide = widthM * Math.min(1, covered)
  const parts: GroundPart[] = [
    ...(covered > 0.01
      ? [
          {
            kind: 'cover', family, xM: -widthM / 2, yM: -depthM / 2, widthM: wide, depthM,
            said: covered >= 0.99 ? 'all of it covered' : `${Math.round(100 * covered)} % covered so far`,
          } satisfies GroundPart,
        ]
      : []),
    ...(MULCH.clearM[crop] > 0
      ? stemsOn(site.ground, stems).map(([xM, yM]): GroundPart => ({ kind: 'stem', xM, yM, clearM: MULCH.clearM[crop] }))
      : []),
    { kind: 'distance', fromM: [-widthM / 2, -depthM / 2 - 0.12], toM: [widthM / 2, -depthM / 2 - 0.12] },
    { kind: 'distance', fromM: [widthM / 2 + 0.12, -depthM / 2], toM: [widthM / 2 + 0.12, depthM / 2] },
  ]
  return { of, ground: groundOf(site.ground), parts }
}
