import { saturatedWaterKgPerKg } from './vapour'
import { coolLoversShare, hotLoversShare, moistureShare } from './limits'
import { celsiusTable, shareTable } from './table'

/** Shares of the best pace, and water that air can hold, as tables: a step reads them thousands of times. */
export const HOT = celsiusTable(hotLoversShare)
export const COOL = celsiusTable(coolLoversShare)
export const MOISTURE = shareTable(moistureShare)
export const SATURATED = celsiusTable(saturatedWaterKgPerKg)
/** Diffusion in free air space (Millington and Quirk 1961). */
export const CREEPS = shareTable(space => space ** (10 / 3))
