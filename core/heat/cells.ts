/** What a modelled mass keeps for each of its cells, in shells or in layers: a number a cell, changed in place. */
export interface Cells {
  readonly celsius: Float64Array
  readonly waterKg: Float64Array
  readonly rapidKg: Float64Array
  readonly mediumKg: Float64Array
  readonly slowKg: Float64Array
  readonly restKg: Float64Array
  /** How far the microbes have multiplied, 0 to 1. */
  readonly microbes: Float64Array
  /** Share of what can be used that microbes reach, 1 when freshly mixed. */
  readonly reach: Float64Array
  /** Oxygen that reached the microbes through their films of water in the last step, as % in air. */
  readonly oxygenPct: Float64Array
}
