import { DOSES } from '../mix/judgement'
import type { OfferUnit } from './offer'
import type { LimitName, Limits, Problem } from './problem'
import type { Row } from './program'
import { gatheredL, spoils } from './spoiling'

/** Densities of solids by the kilogram: litres of water, organic matter and minerals (see `freeAirSpace`). */
const LITRES_PER_KG = { water: 1, organic: 1 / 1.6, mineral: 1 / 2.5 }

/** Between these the mean coarseness of the mix lies; the volume of a mix is bounded by straight lines in between. */
export interface Span {
  readonly from: number
  readonly to: number
}

/** The limits as rows over the counts, one variable an offer, and the litres of water as the last variable. */
export interface LimitRows {
  readonly byLimit: Readonly<Record<LimitName, readonly Row[]>>
  /** What ties the parts together and is no limit of the gardener's. */
  readonly always: readonly Row[]
}

type PerUnit = (unit: OfferUnit, index: number) => number

/**
 * The limits in linear form. Ratios are multiplied out: Σ m·d·(C − r·N) ≤ 0. The mixed volume L − S₂ + S₁²/L
 * (L loose volume, S₁ and S₂ its moments of coarseness) is convex: chords over the span bound it from above,
 * tangents from below, so that no choice that keeps to the limits is lost; the search narrows the span.
 */
export function limitRows({ offers, limits }: Problem, units: readonly OfferUnit[], span: Span): LimitRows {
  const water = units.length
  const row = (each: PerUnit, most = 0, perWaterL = 0): Row => ({
    terms: new Map([...units.map((unit, index) => [index, each(unit, index)] as const), [water, perWaterL] as const]),
    most,
  })
  const { comfort, oneMaterialMost, charMost, volumeL } = limits
  const chordL: PerUnit = ({ looseL, coarseness: c }) => looseL * (1 - c * c + (span.from + span.to) * c - span.from * span.to)
  const tangentL = (at: number): PerUnit => ({ looseL, coarseness: c }) => looseL * (1 - (c - at) ** 2)
  const { target } = comfort.moistureFraction
  const { carbonToNitrogen: band, availableCarbonToNitrogen: floor } = comfort
  const solidL: PerUnit = ({ totals, mineralKg }) =>
    totals.waterKg * LITRES_PER_KG.water + totals.organicKg * LITRES_PER_KG.organic + mineralKg * LITRES_PER_KG.mineral
  const byLimit: Record<LimitName, readonly Row[]> = {
    'too-green': [
      row(({ totals }) => band.least * totals.nitrogenKg - totals.carbonKg),
      row(({ totals }) => floor.least * totals.availableNitrogenKg - totals.availableCarbonKg),
    ],
    'too-brown': [row(({ totals }) => totals.availableCarbonKg - band.most * totals.availableNitrogenKg)],
    'too-wet': [row(({ totals }) => totals.waterKg - totals.workableWaterKg)],
    'airless': [row((unit, at) => solidL(unit, at) - (1 - comfort.freeAirSpace.low) * chordL(unit, at), 0, LITRES_PER_KG.water)],
    'mats': [row(({ totals, looseL }) => totals.mattingVolumeL - comfort.mattingShare.most * looseL)],
    'overdone': [row(({ totals, looseL }) => totals.dosedVolumeL - DOSES.high * looseL)],
    'one-material': oneMaterialRows(offers, limits, row, oneMaterialMost),
    'char': [row(({ looseL }, index) => (offers[index]?.material.family === 'char' ? looseL : 0) - charMost * looseL)],
    'left-lying': limits.spoilingLeastL
      ? [row((_, index) => spoils(offers[index]!) ? -gatheredL(offers[index]!) : 0, -limits.spoilingLeastL)]
      : [],
    'too-little': [row((unit, at) => -chordL(unit, at), -volumeL.low)],
    'too-much': [span.from, (span.from + span.to) / 2, span.to].map(at => row(tangentL(at), volumeL.high)),
  }
  return {
    byLimit,
    always: [
      // As much water as brings a dry mix to the target; a wetter one takes none.
      row(({ totals }) => target * totals.wetMassKg - totals.waterKg, 0, target - 1),
      row(({ looseL, coarseness }) => looseL * (coarseness - span.to)),
      row(({ looseL, coarseness }) => looseL * (span.from - coarseness)),
    ],
  }
}

function oneMaterialRows(offers: Problem['offers'], limits: Limits, row: (each: PerUnit) => Row, most: number): Row[] {
  if (most >= 1) return []
  const ids = [...new Set(offers.map(({ material }) => material.id))]
  return ids.map(id => row(({ looseL }, index) => (offers[index]?.material.id === id ? looseL : 0) - most * looseL))
}
