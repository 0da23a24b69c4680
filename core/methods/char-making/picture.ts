import type { Picture, PictureBand, Primitive } from '../../picture/picture'
import { asVessel, type Site } from '../../vessel/site'
import { frontWidthM } from '../../vessel/vessel'
import type { Way } from './ways'

/** What stands in the vessel while it is burnt. */
export interface BurnDrawing {
  readonly of: string
  readonly site: Site
  readonly way: Pick<Way, 'id' | 'bought' | 'burns' | 'fills'>
  /** Height of the load when it was stacked, metres. */
  readonly loadM: number
  /** 0 stacked, 1 burnt through; beyond it is char alone. */
  readonly progress: number
  readonly glowing: boolean
  /** Of the load's height so much is left as char. */
  readonly leavesShare: number
  readonly quenched: boolean
}

const WOOD: Omit<PictureBand, 'heightShare'> = { family: 'wood', short: 'dry wood' }
const CHAR: Omit<PictureBand, 'heightShare'> = { family: 'char', short: 'char' }
const GLOW_K = 400

/** A barrel cut open: wood below, char above the glow, both sinking to what is left. */
export function burnPicture({ of, site, way, loadM, progress, glowing, leavesShare, quenched }: BurnDrawing): Picture {
  const vessel = asVessel(site)
  const widthM = frontWidthM(vessel)
  const woodM = loadM * (1 - progress)
  const charM = loadM * progress * leavesShare
  const heightM = Math.max(0.02, woodM + charM)
  const bands
    = way.bought || progress >= 1
      ? [{ ...CHAR, heightShare: 1 }]
      : [
          { ...WOOD, heightShare: woodM / heightM },
          { ...CHAR, heightShare: charM / heightM },
        ].filter(({ heightShare }) => heightShare > 0.001)
  const parts: Primitive[] = [
    { kind: 'walls', vessel },
    { kind: 'fill', heightM, bands },
    ...(glowing
      ? [
          { kind: 'glow' as const, aboveAirK: GLOW_K },
          { kind: 'level' as const, yM: Math.max(0.03, woodM), said: 'the glow' },
        ]
      : []),
    ...(quenched ? [{ kind: 'liquid' as const, levelM: Math.min(vessel.heightM, heightM * 1.05), said: 'water', dark: 0.3 }] : []),
    { kind: 'soil' },
  ]
  return { of, widthM, heightM: vessel.heightM + 0.04, parts }
}
