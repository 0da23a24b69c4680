import type { Looks, Seen } from '../course'
import type { Shelter } from './kinds'
import { WORM } from './constants'
import type { Feed, WormDeed, WormRow } from './bin-case'

export interface State {
  worms: number
  readonly dry: Float64Array
  readonly wet: Float64Array
  bedding: number
  castings: number
  water: number
  binC: number
  sour: number
  eaten: number
  wanted: number
  lastFed: number
  fedIn: number
  gone: number
  shelter: Shelter
}

export const sum = (values: Float64Array) => {
  let all = 0
  for (let i = 0; i < values.length; i++) all += values[i]!
  return all
}

const dryOf = (state: State) => sum(state.dry) + state.bedding + state.castings

/** Of the last feed, what still lies there; of older ones too. */
export const leftShareOf = (state: State) => state.lastFed > 0 ? Math.min(1.5, sum(state.wet) / state.lastFed) : 0

/** Water as a share of everything in the bin. */
export const moistureOf = (state: State) => {
  const dry = dryOf(state)
  return dry > 0 ? state.water / (state.water + dry) : 0
}

export const volumeOf = (state: State) =>
  sum(state.wet) / WORM.feedWetKgL + state.bedding / WORM.beddingDryKgL + state.castings / WORM.castingsDryKgL

export function doTo(state: State, deed: WormDeed, herd: number): void {
  switch (deed.kind) {
    case 'bedding':
      state.bedding += deed.dryKg
      state.fedIn += deed.dryKg
      state.water += deed.waterKg
      break
    case 'water': state.water += deed.litres
      break
    case 'worms': state.worms += deed.kg * herd
      break
    case 'split': {
      const keeps = 1 - Math.min(0.95, Math.max(0, deed.share))
      state.worms *= keeps
      for (let i = 0; i < state.dry.length; i++) {
        state.dry[i]! *= keeps
        state.wet[i]! *= keeps
      }
      state.fedIn -= (1 - keeps) * (sum(state.dry) / keeps + state.bedding + state.castings)
      state.bedding *= keeps
      state.castings *= keeps
      state.water *= keeps
      break
    }
    case 'take': {
      const taken = Math.min(0.98 * state.castings, deed.litres * WORM.castingsDryKgL)
      state.castings -= taken
      state.fedIn -= taken
      state.water = Math.max(0, state.water - taken * WORM.castingsMoisture / (1 - WORM.castingsMoisture))
      break
    }
    case 'clear': {
      const out = sum(state.dry)
      state.fedIn -= out
      state.water = Math.max(0, state.water - (sum(state.wet) - out))
      state.dry.fill(0)
      state.wet.fill(0)
      state.sour *= 0.3
      break
    }
    case 'move': state.shelter = deed.shelter
  }
}

export function feedTo(state: State, { dryKg, waterKg }: Pick<Feed, 'dryKg' | 'waterKg'>, pocket: number): void {
  state.dry[pocket % state.dry.length]! += dryKg
  state.wet[pocket % state.wet.length]! += dryKg + waterKg
  state.fedIn += dryKg
  state.water += waterKg
  state.lastFed = dryKg + waterKg
}

/** Scales what lies uneaten to so many kilograms; of what was all gone it lies where it was fed last. */
export function leave(state: State, kg: number, pocket: number): void {
  const wet = sum(state.wet)
  const dryShare = wet > 0 ? sum(state.dry) / wet : 1 - WORM.scraps.moisture
  const before = sum(state.dry)
  if (wet > 0) {
    for (let i = 0; i < state.wet.length; i++) {
      state.wet[i]! *= kg / wet
      state.dry[i]! *= kg / wet
    }
  }
  else {
    state.wet[pocket % state.wet.length] = kg
    state.dry[pocket % state.dry.length] = kg * dryShare
  }
  // Whoever saw less knows that more was eaten; it went where eaten feed goes.
  const eaten = before - sum(state.dry)
  const castings = Math.max(-state.castings, WORM.castingsShare * eaten)
  state.castings += castings
  state.gone += eaten - castings
}

/** What was found is so from here on. */
export function see(state: State, seen: Seen<WormRow>, looks: Looks<WormRow>, pocket: number): void {
  switch (seen.row) {
    case 'leftShare': {
      const reckoned = leftShareOf(state)
      const left = looks.take(seen, reckoned)
      // Where it was reckoned so, what lies there from before stays too.
      if (left !== reckoned) leave(state, Math.max(0, left) * state.lastFed, pocket)
      break
    }
    case 'binC': state.binC = looks.take(seen, state.binC)
      break
    case 'moisture': {
      const moisture = Math.min(WORM.wettest, Math.max(WORM.driest, looks.take(seen, moistureOf(state))))
      state.water = moisture / (1 - moisture) * dryOf(state)
      break
    }
    case 'sour': state.sour = Math.min(1, Math.max(0, looks.take(seen, state.sour)))
      break
    case 'wormsKg': state.worms = Math.max(0, looks.take(seen, state.worms))
  }
}
