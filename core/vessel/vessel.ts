/** How the sides of a vessel are made. */
export const WALLS = ['boards', 'wire', 'straw-bales', 'plastic', 'insulated', 'none'] as const
export type Wall = typeof WALLS[number]

interface VesselSides {
  readonly id: string
  readonly name: string
  readonly wall: Wall
  readonly heightM: number
}

/** Where a heap stands, by its inner measures in metres. */
export type Vessel
  = | VesselSides & { readonly shape: 'box', readonly widthM: number, readonly depthM: number }
    | VesselSides & { readonly shape: 'cylinder', readonly diameterM: number }

/** Inner measures that make sense for a home heap, in metres. */
export const MEASURE_LIMITS_M = { low: 0.2, high: 6 } as const

/** Ground area inside, m². */
export function footprintM2(vessel: Vessel): number {
  return vessel.shape === 'box' ? vessel.widthM * vessel.depthM : Math.PI * (vessel.diameterM / 2) ** 2
}

/** Length of the sides along the ground, m. */
export function perimeterM(vessel: Vessel): number {
  return vessel.shape === 'box' ? 2 * (vessel.widthM + vessel.depthM) : Math.PI * vessel.diameterM
}

/** Volume when filled level to the rim, litres. */
export function vesselVolumeL(vessel: Vessel): number {
  return footprintM2(vessel) * vessel.heightM * 1000
}

/** Height that a volume reaches inside, metres. It may be above the rim: the gardener is told. */
export function fillHeightM(vessel: Vessel, volumeL: number): number {
  return volumeL / 1000 / footprintM2(vessel)
}

/** Volume below a height, litres. */
export function volumeBelowL(vessel: Vessel, heightM: number): number {
  return footprintM2(vessel) * heightM * 1000
}

/** Width of the vessel as seen from the front, metres: what the cutaway draws. */
export function frontWidthM(vessel: Vessel): number {
  return vessel.shape === 'box' ? vessel.widthM : vessel.diameterM
}

/** The narrowest way across the ground, metres: what air and warmth have to cross. */
export function narrowestM(vessel: Vessel): number {
  return vessel.shape === 'box' ? Math.min(vessel.widthM, vessel.depthM) : vessel.diameterM
}

/** The same vessel, as wide and high in proportion, that holds so many litres; each measure stays within what makes sense. */
export function withVolume(vessel: Vessel, volumeL: number): Vessel {
  const times = Math.cbrt(Math.max(1e-9, volumeL) / vesselVolumeL(vessel))
  const sized = (metres: number) => Math.min(MEASURE_LIMITS_M.high, Math.max(MEASURE_LIMITS_M.low, metres * times))
  const heightM = sized(vessel.heightM)
  return vessel.shape === 'box'
    ? { ...vessel, heightM, widthM: sized(vessel.widthM), depthM: sized(vessel.depthM) }
    : { ...vessel, heightM, diameterM: sized(vessel.diameterM) }
}
