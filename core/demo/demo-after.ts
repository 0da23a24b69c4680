import { writeDocument, type GardenDocument } from '../journal/document'
import type { GardenEvent, NewEvent } from '../journal/event'
import { PLOT_TRIAL_KIND, plotTrialValues, type PlotTrial } from '../plots/trial'
import { LITRE } from '../units/container'
import { DAY_MS } from '../units/time'
import { DEMO_BEDS } from './demo-char'

const TRIAL_ID = `${PLOT_TRIAL_KIND}.demo-char`
const litres = (count: number) => ({ count, container: { ...LITRE }, packing: 'loose' as const })

/** Something that lies in the store of the demo garden by then: the largest lot of a material that came out of a batch. */
function largestLot(events: readonly GardenEvent[], materialId: string): string | undefined {
  const lots = events.flatMap((event) => {
    if (event.kind !== 'took' && event.kind !== 'finished') return []
    return event.products.map(({ materialId: what, amount }, index) =>
      ({ what, id: `${event.id}.${index}`, at: event.at, litres: amount.count * amount.container.volumeL }))
  }).filter(({ what }) => what === materialId)
  return lots.sort((a, b) => b.litres - a.litres)[0]?.id
}

/** After the harvest: what was sieved and mixed for seeds and pots, a bag that nobody vouches for, and what was compared on the beds. */
export function demoAfter(today: Date, happened: readonly GardenEvent[]): readonly NewEvent[] {
  const on = (daysAgo: number) => new Date(today.getTime() - daysAgo * DAY_MS).toISOString()
  const [mould, compost] = ['leaf-mould', 'compost-finished'].map(id => largestLot(happened, id))
  const [long] = DEMO_BEDS
  if (!mould || !compost || !long) return []
  const compared = (pairId: string, measure: string, daysAgo: number, mine: number, theirs: number): NewEvent => ({
    kind: 'compared', at: on(daysAgo), trialId: TRIAL_ID, pairId, measure, with: { value: mine }, without: { value: theirs },
  })
  return [
    { kind: 'stocked', id: 'demo-bag', at: on(44), materialId: 'compost-bought', amount: litres(10), source: 'a bag from the market' },
    {
      kind: 'made', id: 'demo-sieving', at: on(36), how: 'sieved', draws: [{ lotId: compost, litres: 30 }], minutes: 25,
      picked: { litres: 0.5, what: 'stones and a label' },
      products: [{ materialId: 'compost-finished', amount: litres(21), sieveMm: 6 }, { materialId: 'overs', amount: litres(7) }],
    },
    {
      kind: 'made', id: 'demo-seed-mix', at: on(30), how: 'mixed', called: 'Seed mix', purpose: 'seeds',
      draws: [{ lotId: mould, litres: 12 }, { lotId: 'demo-grit', litres: 2 }],
      products: [{ materialId: 'growing-mix', amount: litres(12.5) }],
    },
    {
      kind: 'made', id: 'demo-tomato-mix', at: on(28), how: 'mixed', called: 'Tomato mix', purpose: 'tubs',
      draws: [{ lotId: mould, litres: 10 }, { lotId: 'demo-bag', litres: 10 }], bought: [{ materialId: 'perlite', litres: 4 }],
      products: [{ materialId: 'growing-mix', amount: litres(21.5) }],
    },
    { kind: 'used', at: on(20), lotId: 'demo-tomato-mix.0', litres: 6, place: long.name, bedId: long.id, areaM2: 4.8 },
    compared('p1', 'height', 70, 0.18, 0.15), compared('p2', 'height', 70, 0.2, 0.19), compared('p3', 'height', 70, 0.16, 0.17),
    compared('p1', 'height', 56, 0.31, 0.26), compared('p2', 'height', 56, 0.33, 0.29), compared('p3', 'height', 56, 0.27, 0.27),
    compared('p1', 'picked', 40, 1.4, 1.1), compared('p2', 'picked', 40, 1.2, 1.2), compared('p3', 'picked', 40, 0.9, 0.7),
    compared('p1', 'picked', 33, 2.1, 1.7), compared('p2', 'picked', 33, 1.8, 1.6), compared('p3', 'picked', 33, 1.5, 1.2),
  ]
}

/** A trial that runs on three beds, half against half. */
export function demoPlotTrial(today: Date): GardenDocument {
  const at = new Date(today.getTime() - 84 * DAY_MS).toISOString()
  const trial: Omit<PlotTrial, 'id'> = {
    name: 'Char in the top layer', difference: 'char in the top layer', startedAt: at, measures: ['height', 'picked'],
    pairs: DEMO_BEDS.filter(({ grows }) => grows !== 'sour-loving').map(({ id }, index) => ({
      id: `p${index + 1}`, with: { bedId: id, called: 'the left half' }, without: { bedId: id, called: 'the right half' },
    })),
  }
  return writeDocument(undefined, TRIAL_ID, PLOT_TRIAL_KIND, plotTrialValues(trial), at, 'demo')
}
