import type { Picture, Primitive } from '../../picture/picture'
import { asVessel, siteFillM, type Site } from '../../vessel/site'
import { frontWidthM } from '../../vessel/vessel'
import type { ChargeWay } from './ways'

/** Char in its tub, its bag or its bedding. */
export interface SoakDrawing {
  readonly of: string
  readonly site: Site
  readonly way: Pick<ChargeWay, 'kind' | 'aired' | 'livingShare'>
  readonly standsL: number
  readonly charL: number
  readonly bags: number
  /** How far it is charged, 0 to 1: what is full sinks. */
  readonly charged: number
  readonly filled: boolean
  readonly drained: boolean
}

/** What is full sinks, the rest floats: early on next to nothing has sunk. */
export function sunkShare(charged: number): number {
  return Math.min(1, Math.max(0, (charged - 0.1) / 0.75))
}

/** So many bags are drawn; more would be a heap of bags. */
const BAGS_DRAWN = 4
const WATER_M = 0.85

function hangingBags({ bags, charged }: SoakDrawing, widthM: number, levelM: number): Primitive[] {
  const drawn = Math.min(BAGS_DRAWN, bags)
  return Array.from({ length: drawn }, (_, index): Primitive => ({
    kind: 'pocket',
    xM: (widthM * (index + 1)) / (drawn + 1),
    yM: levelM * (0.9 - 0.5 * sunkShare(charged)),
    widthM: Math.min(0.3, widthM / (drawn + 2)),
    heightM: Math.min(0.22, levelM * 0.4),
    family: 'char',
    said: `a bag of char ${sunkShare(charged) > 0.6 ? 'hanging deep' : 'afloat'}`, hung: true,
  }))
}

function inTub(drawing: SoakDrawing, widthM: number, heightM: number): Primitive[] {
  const { site, standsL, charL, way, charged, filled, drained } = drawing
  const levelM = Math.min(heightM, siteFillM(site, standsL))
  const charM = Math.min(levelM * 0.7, siteFillM(site, charL))
  if (drained) return [{ kind: 'fill', heightM: Math.max(0.02, charM), bands: [{ family: 'char', short: 'charged char', heightShare: 1 }] }]
  const sunk = sunkShare(charged)
  const lying = (share: number, yM: number, said: string): Primitive[] =>
    share < 0.04 ? [] : [{ kind: 'pocket', xM: widthM / 2, yM, widthM: widthM * 0.94, heightM: charM * share, family: 'char', said }]
  return [
    { kind: 'liquid', levelM, said: filled ? 'liquor' : 'water', dark: filled ? 0.75 - 0.45 * charged : 0.1 },
    ...(filled
      ? [
          ...lying(sunk, (charM * sunk) / 2, `${Math.round(100 * sunk)} % of the char sunk`),
          ...lying(1 - sunk, levelM - (charM * (1 - sunk)) / 2, 'the rest afloat'),
        ]
      : []),
    ...(filled && way.livingShare > 0
      ? [
          {
            kind: 'pocket' as const, xM: widthM / 2, yM: charM * sunk + 0.03, widthM: widthM * 0.8, heightM: 0.05,
            family: 'finished' as const, said: 'compost among it',
          },
        ]
      : []),
    ...(way.aired ? [{ kind: 'mark' as const, xM: widthM / 2, yM: levelM * 0.1, text: 'air' }] : []),
  ]
}

/** Char while it is charged: what floats and what has sunk, bags in water, char in bedding. */
export function soakPicture(drawing: SoakDrawing): Picture {
  const vessel = asVessel(drawing.site)
  const widthM = frontWidthM(vessel)
  const levelM = vessel.heightM * WATER_M
  const inside: Record<ChargeWay['kind'], () => Primitive[]> = {
    tub: () => inTub(drawing, widthM, vessel.heightM), batch: () => inTub(drawing, widthM, vessel.heightM),
    bag: () => [{ kind: 'liquid', levelM, said: 'water', dark: 0.25 }, ...hangingBags(drawing, widthM, levelM)],
    bedding: () => [{
      kind: 'fill', heightM: vessel.heightM * 0.5,
      bands: [
        { family: 'straw', short: 'bedding', heightShare: 0.6 }, { family: 'char', short: 'char', heightShare: 0.12 },
        { family: 'straw', short: 'bedding', heightShare: 0.28 },
      ],
    }],
  }
  return {
    of: drawing.of, widthM, heightM: vessel.heightM + 0.04,
    parts: [{ kind: 'walls', vessel }, ...inside[drawing.way.kind](), { kind: 'soil' }],
  }
}
