import { shapeBounds } from '../../ground/shape'
import { groundOf, type GroundPart, type GroundPlan } from '../../picture/ground'
import type { Picture, Primitive } from '../../picture/picture'
import type { Corner } from '../../ground/outline'
import { asVessel, siteFrontM, type Site } from '../../vessel/site'
import type { SheetPlan } from './plan'

/** So much of it is cut open, metres. */
const CUT_M = 1
/** Card is some millimetres thick: drawn so thick that it is seen. */
const CARD_DRAWN_M = 0.012

/** A sheet cut open: what grew there, the card on it, the cover over both. */
export function sheetPicture(
  of: string, plan: SheetPlan, site: Site, { coverM, spent }: { readonly coverM: number, readonly spent: number },
): Picture {
  if (!plan.way.laid) {
    const vessel = asVessel(site)
    const bands = [0.3, 0.2, 0.3, 0.2].map((heightShare, at) => ({
      family: at % 2 === 0 ? ('paper' as const) : ('finished' as const), short: at % 2 === 0 ? 'torn card' : 'compost', heightShare,
    }))
    return {
      of, widthM: siteFrontM(site), heightM: vessel.heightM,
      parts: [
        { kind: 'walls', vessel }, { kind: 'fill', heightM: vessel.heightM * 0.9, bands },
        ...(spent >= 1 ? [{ kind: 'mark' as const, xM: siteFrontM(site) / 2, yM: vessel.heightM * 0.5, text: 'threads' }] : []),
        { kind: 'soil' },
      ],
    }
  }
  const heightM = Math.max(0.22, coverM * 1.6 + 0.08)
  const underM = plan.way.id === 'trench' ? 0 : 0.03 * Math.max(0.25, 1 - spent)
  const overM = plan.way.id === 'trench' ? 0.15 : coverM
  const total = underM + CARD_DRAWN_M + overM
  const bands = [
    ...(underM > 0 ? [{ family: 'grass' as const, short: spent >= 1 ? 'dead turf' : 'what grew there', heightShare: underM / total }] : []),
    { family: 'paper' as const, short: 'card', heightShare: CARD_DRAWN_M / total },
    ...(overM > 0.002
      ? [
          plan.way.id === 'trench'
            ? { family: 'mineral' as const, short: 'soil back on it', heightShare: overM / total }
            : { family: plan.cover.material.family, short: plan.cover.material.short, heightShare: overM / total },
        ]
      : []),
  ]
  const parts: Primitive[] = [{ kind: 'fill', cut: true, heightM: total, bands }, { kind: 'soil' }]
  return { of, widthM: CUT_M, heightM, parts }
}

/** The pieces as they lie, from above. */
export function sheetPlanDrawing(of: string, { layout }: SheetPlan, site: Site): GroundPlan | undefined {
  if (!layout || layout.laid.length === 0 || site.kind !== 'area') return undefined
  const { widthM, depthM } = shapeBounds(site.ground)
  const centred = ([x, y]: Corner): Corner => [x - widthM / 2, y - depthM / 2]
  const parts: GroundPart[] = [
    ...layout.laid.map(({ corners, missing }): GroundPart => ({ kind: 'sheet', corners: corners.map(centred), missing })),
    { kind: 'distance', fromM: [-widthM / 2, -depthM / 2 - 0.2], toM: [widthM / 2, -depthM / 2 - 0.2] },
    { kind: 'distance', fromM: [widthM / 2 + 0.2, -depthM / 2], toM: [widthM / 2 + 0.2, depthM / 2] },
  ]
  return { of, ground: groundOf(site.ground), parts }
}
