/**
 * Water that dries off open ground, mm a day for each °C of air; less the drier it is (Romanenko-like, humid temperate; own
 * estimate, 0.07 to 0.13).
 */
export const DRIES_MM_DAY_C = 0.1
