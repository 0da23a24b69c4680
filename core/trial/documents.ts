import { readBeds } from '../beds/bed'
import { cover } from '../beds/covering'
import { bedHistories } from '../beds/history'
import { readCharSchool } from '../beds/schools'
import { spreadKindOf } from '../beds/spreading'
import { stuffOf } from '../lots/stuff'
import { draftFor } from '../bench/planned'
import { readBuilding } from '../garden/building'
import { collectingState, readCollecting } from '../garden/collecting'
import { readKeptPlans, readPlan, type Plan } from '../garden/plan'
import { storedLots } from '../garden/store'
import { supplies } from '../garden/supply'
import { readNotedWeather } from '../garden/weather-notes'
import type { GardenDocument } from '../journal/document'
import { hasBegun, type Garden } from '../journal/garden'
import { MIX_KIND, mixedIn, readKeptMixes, readMixBench, wantedL } from '../growing/plan'
import { mixedOf } from '../growing/propose'
import { offeredFor } from '../growing/offered'
import { verdictsOn } from '../growing/verdict'
import { askedOfPlots } from '../plots/asked'
import { readPlots } from '../plots/readout'
import { readPlotTrials } from '../plots/trial'
import { bedsHad } from '../uses/uses'
import { findMethod } from '../methods'
import type { Surroundings } from '../methods/contract'
import { askedTogether, knownPairs, type Side } from '../side-by-side/asked'
import { readSideBySide } from '../side-by-side/pair'
import { readPair, verdictLines } from '../side-by-side/readout'
import { readPrices } from '../year/account'
import { yearAnswer } from '../year/answer'
import { wantsOf } from '../year/asked'
import { reserveOf } from '../year/browns'
import { readIncomes } from '../year/income'
import { readNeeds } from '../year/need'
import { lotStocks } from '../year/stocks'
import { layStrip } from '../year/strip'
import { readButt } from '../year/water'
import type { Asked } from './everything'

/** As many possible years as show whether it can be reckoned; numerics. */
const FEW_YEARS = 5

/** How many of a kind a garden can hold and still be walked through; choice, far above any home garden. */
const MOST: Readonly<Record<string, number>> = {
  'bed': 400, 'side-by-side': 100, 'plan': 200, 'collecting': 100, 'growing-mix': 200, 'plot-trial': 100, 'need': 200, 'income': 100,
  'vessel': 400, 'spot': 2000,
}

/** Documents beyond what a garden can hold of their kind: the later ones by their ids. */
export function beyondMost(documents: readonly GardenDocument[]): readonly GardenDocument[] {
  const counts = new Map<string, number>()
  return documents.filter(({ kind }) => {
    const count = (counts.get(kind) ?? 0) + 1
    counts.set(kind, count)
    return count > (MOST[kind] ?? Infinity)
  })
}

const thought = (plan: Plan, around: Surroundings) => {
  const method = findMethod(plan.methodId)
  return method && draftFor(plan, method, around)
}

function ofTrials(one: readonly GardenDocument[], garden: Garden, around: Surroundings): unknown {
  const find = (id: string): Side | undefined => {
    const batch = garden.batches.get(id)
    const method = batch && hasBegun(batch) ? findMethod(batch.began.methodId) : undefined
    return batch && hasBegun(batch) && method ? { batch, method } : undefined
  }
  return readSideBySide(one).map((trial) => {
    const pairs = knownPairs(trial, find)
    return [pairs.map(pair => askedTogether(trial, pair, around.now)), verdictLines(trial, pairs.map(readPair), around.units)]
  })
}

function ofBeds(one: readonly GardenDocument[], garden: Garden, around: Surroundings): unknown {
  const beds = readBeds(one)
  const histories = bedHistories(garden, beds, around.materials)
  const asked = { school: readCharSchool([]), now: around.now, units: around.units, seasonMonth: around.now.getUTCMonth() }
  const [lot] = storedLots(garden, around.now, around.materials).filter(({ lot }) => {
    const stuff = stuffOf(garden, lot, around.materials, around.now)
    return stuff && spreadKindOf(stuff)
  })
  const stuff = lot && stuffOf(garden, lot.lot, around.materials, around.now)
  const known = beds.map(bed => ({ bed, history: histories.get(bed.id) ?? [] }))
  return [histories, bedsHad(garden, beds, around.materials), stuff && cover(stuff, 100, known, asked)]
}

function ofPlots(one: readonly GardenDocument[], garden: Garden, around: Surroundings): unknown {
  return readPlotTrials(one).map(trial =>
    [askedOfPlots(trial, garden.comparisons, around.now), readPlots(trial, garden.comparisons, around.units)])
}

function ofMixes(one: readonly GardenDocument[], garden: Garden, around: Surroundings): unknown {
  if (!one.some(({ kind }) => kind === MIX_KIND)) return undefined
  const stored = storedLots(garden, around.now, around.materials)
  return [readMixBench(one), ...readKeptMixes(one)].map((mix) => {
    const offered = offeredFor(stored, garden, around.materials, around.now, mix.purposeId)
    const made = mixedOf(mixedIn(mix, offered))
    return made.ok ? verdictsOn(made.value, mix.purposeId, mix.pot.heightM) : wantedL(mix)
  })
}

function ofYear(one: readonly GardenDocument[], garden: Garden, around: Surroundings): unknown {
  const needs = readNeeds(one, around.now)
  const incomes = readIncomes(one)
  const stocks = lotStocks(storedLots(garden, around.now, around.materials), ({ material }) => material.short)
  const wants = wantsOf(needs, around.now, () => 0)
  return [
    yearAnswer(stocks, wants, 1, FEW_YEARS), reserveOf(incomes, [], [], around.materials, around.now), readPrices(one), readButt(one),
    layStrip({ now: around.now, stocks, needs, met: new Map(), used: new Map(), incomes, book: around.materials }),
  ]
}

/** Everything that pages ask of one document of a garden: a plan is thought through, a bed is dosed, a trial is read out. */
export function everythingOfDocument(document: GardenDocument, garden: Garden, around: Surroundings): readonly Asked[] {
  const one = [document]
  return [
    { what: 'plan', ask: () => thought(readPlan(one), around) },
    { what: 'kept plans', ask: () => readKeptPlans(one).map(plan => thought(plan, around)) },
    { what: 'building', ask: () => {
      const building = readBuilding(one)
      return building && thought(building.plan, around)
    } },
    { what: 'collecting', ask: () =>
      readCollecting(one).map(list => [collectingState(list, storedLots(garden, around.now, around.materials), around.materials),
        thought(list.plan, around)]) },
    { what: 'beds', ask: () => ofBeds(one, garden, around) },
    { what: 'trials', ask: () => ofTrials(one, garden, around) },
    { what: 'trials of beds', ask: () => ofPlots(one, garden, around) },
    { what: 'mixes', ask: () => ofMixes(one, garden, around) },
    { what: 'supplies', ask: () => supplies(one, garden, around.now, around.materials) },
    { what: 'year', ask: () => ofYear(one, garden, around) },
    { what: 'weather', ask: () => readNotedWeather(one) },
  ]
}
