/**
 * What a hotbed has that a heap has not: the laws of decay, air and vapour are those of the heap (core/heat), these are the slab,
 * its soil and its
 * glass. "fitted" ones were set so that beds of manure and straw do what practice says of them (docs/models.md).
 */
export const SLAB = {
  /**
   * Trodden, moist stuff, kg/m³: limp as manure, stiff as chips (whole heaps trodden lie at 450–700); never more than so much of
   * its loose room is trodden away.
   */
  troddenKgM3: { limp: 640, stiff: 420 }, troddenLeast: 0.32,
  /**
   * W/mK, wet and trodden, at 600 kg/m³; goes with the root of its density. Vapour that moves within carries more than dry stuff
   * conducts; fitted.
   */
  conductsWmK: 0.28,
  /** Under soil and glass so much of the air that a bare heap draws gets through; and so much of its creeping; fitted to 4–10 weeks. */
  streamShare: 0.02, creepShare: 0.95,
  /**
   * Just forked up it is full of ways for air, which close as it settles: so many times more at first, gone within so many days
   * (a factor e); fitted to a burst of 2–7 days.
   */
  fresh: { times: 8, days: 1 },
  /** Of the vapour that rises so much is left in the soil above it and gives its heat there; assumption. */
  condenses: 0.3,
  /** After treading it still sinks by so much within so many days (a factor e), beside what decays. */
  settles: { by: 0.06, days: 3 },
  /** Soil: heat it holds, MJ/m³K, and conducts, W/mK, moist garden soil or compost. */
  soilMJ: 2.3, soilWmK: 0.9,
  /** Ground below: W/m²K into cold soil under it (about a metre deep drawn upon); fitted to thin beds that go cold within two weeks. */
  groundW: 4,
  /**
   * From moist soil to the air and the glass over it, W/m²K: what air and long waves carry, and what vapour carries at 20 °C,
   * doubling for ten kelvin as vapour does.
   */
  insideW: { dry: 6, vapourAt20: 2 },
} as const

/** How the top is covered: W/m²K from the air in the frame to the air outside, and what of the sun gets through. */
export const COVERS = {
  single: { passesW: 6, lets: 0.8 },
  double: { passesW: 3, lets: 0.68 },
  fleece: { passesW: 11, lets: 0.75 },
  none: { passesW: 22, lets: 1 },
} as const
export type Cover = keyof typeof COVERS

/** What the sides are like, W/m²K, beside what the edge of the bed itself keeps in. */
export const SIDES = { open: 6, boards: 4, banked: 1, sunk: 1.5 } as const
export type Sides = keyof typeof SIDES

/** Mats or old blankets over the glass at night leave so much of its loss. */
export const MATS_LEAVE = 0.55
/** The frame is propped open when it is warmer inside, °C; fully open it lets so much pass, W/m²K. */
export const AIRED = { aboveC: 22, mostW: 45 } as const
/**
 * Of the sun that gets in, so much warms the soil and so much the air of the frame; the rest is thrown back, or goes up again as
 * vapour of leaves and soil.
 */
export const SUN_GOES = { soil: 0.3, air: 0.25 } as const
