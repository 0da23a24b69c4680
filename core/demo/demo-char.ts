import { BED_KIND, bedValues, type Bed } from '../beds/bed'
import { writeDocument, type GardenDocument } from '../journal/document'
import type { NewEvent } from '../journal/event'
import type { Input } from '../journal/garden'
import * as burn from '../methods/char-making/words'
import { SITES as BURN_SITES } from '../methods/char-making/sites'
import { SITES as SOAK_SITES } from '../methods/char-charging/sites'
import { recipeFor } from '../methods/char-charging/recipe'
import { wayOf } from '../methods/char-charging/ways'
import * as soak from '../methods/char-charging/words'
import { DAY_MS } from '../units/time'
import { asVessel, type Site } from '../vessel/site'
import type { Amount, ContainerThen } from '../units/container'

const MINUTE_MS = 60_000
const BUCKET: ContainerThen = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
const SACK: ContainerThen = { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 }
const amount = (count: number, container: ContainerThen): Amount => ({ count, container, packing: 'loose' })
const input = (materialId: string, count: number, container: ContainerThen, lotId?: string): Input => ({
  role: 'feed', materialId, amount: amount(count, container), draws: lotId ? [{ lotId, litres: count * container.volumeL }] : [],
})
const siteOf = (sites: readonly Site[], id: string): Site => sites.find(site => asVessel(site).id === id)!

/** One barrel that was burnt: when, how much wood, how long it took, what it gave. */
interface Burnt {
  readonly id: string
  readonly name: string
  readonly daysAgo: number
  readonly sacks: number
  readonly minutes: number
  readonly beforeL: number
  readonly afterL: number
  readonly ashKg: number
  readonly rinses: readonly number[]
  /** Litres of crushed char that it gave, and whether coarse pieces and ash still lie there. */ readonly crushedL: number
  readonly more: boolean
}

const BURNT: readonly Burnt[] = [
  {
    id: 'demo-plum-burn', name: 'Plum wood barrel', daysAgo: 400, sacks: 2, minutes: 92, beforeL: 62, afterL: 41, ashKg: 0.5,
    rinses: [9.4, 8.6, 7.9], crushedL: 30, more: false,
  },
  {
    id: 'demo-hazel-burn', name: 'Hazel barrel', daysAgo: 235, sacks: 2.2, minutes: 84, beforeL: 70, afterL: 45, ashKg: 0.4,
    rinses: [9.1, 8.2, 7.8], crushedL: 35, more: true,
  },
]

function barrel({ id, name, daysAgo, sacks, minutes, beforeL, afterL, ashKg, rinses, crushedL, more }: Burnt, today: Date): NewEvent[] {
  const start = today.getTime() - daysAgo * DAY_MS
  const after = (min: number) => new Date(start + min * MINUTE_MS).toISOString()
  const did = (min: number, deed: string, answers: Record<string, number | string> = {}): NewEvent => ({
    kind: 'did', at: after(min), batchId: id, deed, answers,
  })
  const NEXT_MORNING = 23 * 60
  return [
    {
      kind: 'began', at: after(0), batchId: id, name, place: 'on the gravel by the gate', methodId: burn.METHOD, approachId: 'top-lit',
      site: siteOf(BURN_SITES, 'char-barrel'),
      answers: { [burn.WANTED]: 40, [burn.WHERE]: 'outdoors', [burn.KNOWN_BY]: 'meter', [burn.METER]: 17 },
      inputs: [{ ...input('wood-dry', sacks, SACK), draws: [] }], waterL: 0,
    },
    did(30, burn.CHECKED, {
      ground: 'bare', rules: 'allowed', wind: 'still', drought: 'damp', wood: 'snaps', neighbours: 'told', water: 'cans', waterL: 150,
    }),
    did(40, burn.LIT), did(47, burn.CHIMNEY), did(40 + minutes, burn.DONE), did(43 + minutes, burn.QUENCHED, { litres: 110 }),
    did(60 + minutes, burn.SPREAD),
    did(330 + minutes, burn.EVENING, { found: 'cold' }), did(NEXT_MORNING, burn.MORNING, { found: 'cold' }),
    did(NEXT_MORNING + 60, burn.SNAPPED, { snaps: 'yes', streak: 'yes', tar: 'no' }), did(NEXT_MORNING + 80, burn.ASHED, { kg: ashKg }),
    ...rinses.map((value, round): NewEvent => ({
      kind: 'gauged', at: after(NEXT_MORNING + 120 + 180 * round), batchId: id, quantity: burn.RINSE, source: 'hand',
      values: [{ spot: 'water', value }],
    })),
    did(3 * 1440, burn.CRUSHED, { beforeL, afterL, coarsePct: 18, finePct: 32, mask: 'yes' }),
    {
      kind: 'took', at: after(3 * 1440 + 60), batchId: id, ends: true,
      products: [
        { materialId: 'biochar-crushed', amount: amount(crushedL / 12, BUCKET), sieveMm: 15 },
        ...(more
          ? [
              { materialId: 'char-coarse', amount: amount(0.75, BUCKET) },
              { materialId: 'wood-ash', amount: amount(ashKg / 0.6 / 12, BUCKET) },
            ]
          : []),
      ],
    },
  ]
}

/** The barrel that is stacked, checked once on a windy day, and waits for a still one. */
function stacked(today: Date): NewEvent[] {
  const on = (daysAgo: number) => new Date(today.getTime() - daysAgo * DAY_MS).toISOString()
  return [
    {
      kind: 'began', at: on(2), batchId: 'demo-autumn-barrel', name: 'Autumn barrel', place: 'on the gravel by the gate',
      methodId: burn.METHOD, approachId: 'top-lit', site: siteOf(BURN_SITES, 'char-barrel'),
      answers: { [burn.WANTED]: 40, [burn.WHERE]: 'outdoors', [burn.KNOWN_BY]: 'months', [burn.MONTHS]: 9, [burn.THICK]: 'wrist' },
      inputs: [{ ...input('wood-dry', 2, SACK), draws: [] }], waterL: 0,
    },
    {
      kind: 'did', at: on(1), batchId: 'demo-autumn-barrel', deed: burn.CHECKED,
      answers: {
        ground: 'bare', rules: 'allowed', wind: 'strong', drought: 'damp', wood: 'snaps', neighbours: 'told', water: 'cans',
        waterL: 160,
      },
    },
  ]
}

/** The lot of a material that a batch gave. */
type LotOf = (batchId: string, materialId: string) => string | undefined

/** Char that is charged, or was: out of the lots that the burns gave. */
export function demoSoaks(today: Date, lotOf: LotOf): NewEvent[] {
  const [plum, hazel] = [lotOf('demo-plum-burn', 'biochar-crushed'), lotOf('demo-hazel-burn', 'biochar-crushed')]
  const on = (daysAgo: number) => new Date(today.getTime() - daysAgo * DAY_MS).toISOString()
  const seen = (batchId: string, daysAgo: number, sense: string, finding: string): NewEvent => ({
    kind: 'observed', at: on(daysAgo), batchId, sense, finding,
  })
  const tub = siteOf(SOAK_SITES, 'soak-tub')
  const recipe = recipeFor(tub, wayOf('soak'), { charL: 20 })
  const begun = (
    batchId: string, name: string, place: string, approachId: string, site: Site, daysAgo: number,
    answers: Record<string, number | string>, inputs: readonly Input[], waterL: number,
  ): NewEvent => ({
    kind: 'began', at: on(daysAgo), batchId, name, place, methodId: 'char-charging', approachId, site, answers,
    inputs: inputs.map(one => ({ ...one, draws: [...one.draws] })), waterL,
  })
  return [
    begun(
      'demo-soak', 'Tub of char', 'behind the shed', 'soak', tub, 3,
      { [soak.SIZE]: 'middle', [soak.STANDS]: 'shed', [soak.TAP]: 'sound' },
      [input('biochar-crushed', 20 / 12, BUCKET, hazel), input('worm-castings', 1, BUCKET)], Math.round(recipe.waterL),
    ),
    ...[2, 1].map((daysAgo): NewEvent => ({ kind: 'did', at: on(daysAgo), batchId: 'demo-soak', deed: soak.STIRRED, answers: {} })),
    seen('demo-soak', 2, soak.SINKS, 'floats'), seen('demo-soak', 1, soak.SINKS, 'half'),
    { kind: 'put', at: on(1), batchId: 'demo-soak', inputs: [], waterL: 3 },
    begun(
      'demo-pond-bags', 'Bags in the pond', 'in the frog pond', 'pond', siteOf(SOAK_SITES, 'soak-pond'), 9,
      { [soak.SIZE]: 'middle', [soak.BAG_L]: 5 }, [input('biochar-crushed', 15 / 12, BUCKET, hazel)], 0,
    ),
    seen('demo-pond-bags', 4, soak.SINKS, 'floats'),
    begun(
      'demo-spring-soak', 'Spring soak', 'behind the shed', 'soak', siteOf(SOAK_SITES, 'soak-barrel'), 222,
      { [soak.SIZE]: 'middle', [soak.STANDS]: 'outside', [soak.TAP]: 'sound' },
      [input('biochar-crushed', 2.5, BUCKET, plum), input('compost-finished', 1.5, BUCKET)], 42,
    ),
    seen('demo-spring-soak', 216, soak.SINKS, 'half'), seen('demo-spring-soak', 211, soak.SINKS, 'sunk'),
    seen('demo-spring-soak', 211, soak.SMELL, 'earthy'),
    { kind: 'did', at: on(211), batchId: 'demo-spring-soak', deed: soak.DRAINED, answers: {} },
    {
      kind: 'took', at: on(203), batchId: 'demo-spring-soak', ends: true,
      products: [{ materialId: 'char-charged', amount: amount(3.5, BUCKET) }],
    },
  ]
}

/** The barrels of the demo garden: two that were burnt, one that is stacked. */
export function demoBurns(today: Date): NewEvent[] {
  return [...BURNT.flatMap(one => barrel(one, today)), ...stacked(today)]
}

const bed = (id: string, one: Omit<Bed, 'id' | 'depthM'>): Bed => ({ id: `${BED_KIND}.demo-${id}`, depthM: 0.1, ...one })

/** Four beds: a hungry one, salads, berries that want it sour, and lean herbs. */
export const DEMO_BEDS: readonly Bed[] = [
  bed('long', {
    name: 'Long bed', ground: { shape: 'rectangle', widthM: 1.2, lengthM: 4 }, soil: 'loam', reaction: 'neutral', grows: 'hungry',
    eaten: 'clear',
  }),
  bed('salad', {
    name: 'Salad bed', ground: { shape: 'rectangle', widthM: 1.2, lengthM: 2.5 }, soil: 'sand', reaction: 'sour', grows: 'usual',
    eaten: 'touching',
  }),
  bed('berries', {
    name: 'Blueberry corner', ground: { shape: 'rectangle', widthM: 1, lengthM: 2 }, soil: 'sand', reaction: 'sour',
    grows: 'sour-loving', eaten: 'clear',
  }),
  bed('herbs', {
    name: 'Herb round', ground: { shape: 'circle', diameterM: 1.6 }, soil: 'clay', reaction: 'limy', grows: 'poor', eaten: 'clear',
  }),
]

/** The beds as their documents. */
export function demoBeds(at: string): GardenDocument[] {
  return DEMO_BEDS.map(one => writeDocument(undefined, one.id, BED_KIND, bedValues(one), at, 'demo'))
}

/** What was spread on the beds so far, out of what was charged in spring. */
export function demoSpreads(today: Date, lotOf: LotOf): NewEvent[] {
  const on = (daysAgo: number) => new Date(today.getTime() - daysAgo * DAY_MS).toISOString()
  const spread = (daysAgo: number, lotId: string | undefined, litres: number, index: number): NewEvent[] => {
    const onto = DEMO_BEDS[index]!
    return lotId ? [{ kind: 'used', at: on(daysAgo), lotId, litres, place: onto.name, bedId: onto.id }] : []
  }
  const charged = lotOf('demo-spring-soak', 'char-charged')
  return [...spread(200, charged, 14, 0), ...spread(199, charged, 3, 1)]
}
