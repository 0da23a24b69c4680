import { of, type Constant } from '../constants/constants'

/**
 * Every constant of the model that is not a law of physics. "fitted" ones were set by `npm run fit` within their range, to
 * what is known of heaps (docs/models.md); what a tenth more of each does stands there in a table made by the same script.
 */
export const CONSTANTS = {
  // Pools and rates.
  rapidDay: of(0.4, 0.4, 1.3, '1/d', 'order of 0.9 a day at the best temperature; fitted'),
  mediumDay: of(0.0857, 0.05, 0.16, '1/d', 'order of 0.07 to 0.1 a day; fitted'),
  slowDay: of(0.0116, 0.005, 0.02, '1/d', 'order of 0.012 a day; fitted to 40–60 % lost by maturity'),
  coolShare: of(0.506, 0.3, 0.9, '', 'those that work in the cold, at best so much of the pace; assumption'),
  coolLater: of(1, 0.6, 1.2, '', 'and so much once fungi and small animals have moved in; assumption'),
  coolLaterDays: of(35, 20, 60, 'd', 'half of that by this day; assumption'),
  growthDay: of(7.9, 4, 30, '1/d', 'lag of hours to two days; fitted'),
  diesDayK: of(0.343, 0.1, 1.5, '1/d·K', 'above 62 °C they die, so much faster for each kelvin; assumption, fitted to peaks of 58–72 °C'),
  reach: of(0.96, 0.5, 2.5, '', 'what is left lies further inside: by e^(−reach·share used); assumption, fitted'),
  reachDays: of(45, 15, 150, 'd', 'fungi and soft wet lumps give the rest by and by; assumption'),
  heatMJKg: of(20.6, 17, 21, 'MJ/kg', '17–21 MJ a kilogram decayed'),
  oxygenKgKg: of(1.2, 1, 1.4, 'kg/kg', 'Haug 1993'),
  waterKgKg: of(0.5, 0.45, 0.6, 'kg/kg', 'Haug 1993'),
  halfOxygenPct: of(2, 1, 4, '% O₂', 'Haug 1993'),
  // Air.
  streamKgDayM2K: of(
    23.4, 8, 50, 'kg/d·m²·K',
    'slow convection (Darcy): with warmth, not with height; fitted so that half to three quarters of the heat leaves with vapour',
  ),
  sidesM: of(
    0.158, 0.1, 1, 'm',
    'air comes in from the sides: a wide heap gets less for each m² of ground, half where ground over rim is so much; assumption, fitted',
  ),
  creepKgDayM: of(5.06, 2, 6, 'kg/d·m', 'diffusion of oxygen in free air, 2·D·ρ; Millington and Quirk 1961 for pores'),
  matsClose: of(0.7, 0.6, 0.95, '', 'so much of the way is closed where all of it mats; assumption'),
  // Heat out.
  conductivityWmK: of(0.185, 0.15, 0.5, 'W/mK', '0.3–0.5 for wet dense stuff, 0.15–0.3 for open fibrous stuff; at 400 kg/m³; fitted'),
  topW: of(1.7, 1.5, 4, 'W/m²K', 'a sheet or straw on top; assumption'),
  groundW: of(0.8, 0.5, 2, 'W/m²K', 'soil below; assumption'),
  // Water.
  dryingKgDayM2: of(59, 8, 60, 'kg/d·m²', 'air that the bare outside exchanges by wind: boundary layer behind a dry crust; assumption'),
  wickDays: of(5, 1, 30, 'd', 'water and vapour even out between neighbouring shells; assumption'),
  crumbsHold: of(
    1.2, 0.4, 2, '',
    'crumbs hold more water and still work: so much more for all that is gone beyond the first fifth of the dry matter; assumption',
  ),
  drainsAt: of(1.7, 1.4, 2.2, '', 'holds so many times the water at which its stuff still works; assumption'),
  // Weight and settling.
  limpMost: of(0.75, 0.4, 0.75, '', 'limp wet stuff is pressed together by so much at most; assumption'),
  stiffMost: of(0.2, 0.1, 0.35, '', 'and stiff stuff by so much; assumption'),
  halfLoadKPa: of(1.4, 0.5, 3, 'kPa', 'half of it under so much load; fitted to 250–500 kg/m³ for whole garden heaps'),
  settles: of(0.805, 0.3, 1, '', 'loose stuff slumps by so much of what its air exceeds one half; assumption'),
  sinkingPower: of(1.15, 1, 1.4, '', 'volume goes as dry mass to this power; assumption'),
  // Turning.
  turnCools: of(0.17, 0.1, 0.35, '', 'share of the warmth above the air that a turn lets go; assumption'),
  turnSteam: of(0.8, 0.5, 0.95, '', 'share of that warmth that goes as steam; assumption'),
  turnMixes: of(0.7, 0.5, 1, '', 'so far a turn evens out what was apart; the rest goes outside in; assumption'),
  turnBreaks: of(0.02, 0, 0.05, '', 'forking breaks the pieces: what goes within weeks goes so much quicker after each; assumption'),
  turnLoosens: of(0.7, 0.4, 0.9, '', 'share of the settling that a turn undoes; assumption'),
} as const satisfies Record<string, Constant>

export type ConstantName = keyof typeof CONSTANTS
export const CONSTANT_NAMES = Object.keys(CONSTANTS) as ConstantName[]

/** The constants as plain numbers, as the model reads them. */
export type Constants = Readonly<Record<ConstantName, number>>

/** The constants as they are used. */
export const USUAL_CONSTANTS: Constants = Object.freeze(
  Object.fromEntries(CONSTANT_NAMES.map(name => [name, CONSTANTS[name].value])) as Record<ConstantName, number>,
)
