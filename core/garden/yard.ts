import { DAY_MS } from '../units/time'
import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import type { BegunBatch } from '../journal/garden'
import { between } from '../journal/kinds/base'
import type { AreaShape } from '../ground/shape'
import { asVessel, type Site } from '../vessel/site'
import { frontWidthM, type Vessel } from '../vessel/vessel'

/** Where something stands in the yard, metres from its left and its far edge. */
export interface Spot { readonly xM: number, readonly yM: number }

export const SPOT_KIND = 'spot'
/** The yard is no park: as far as this, metres. */
export const YARD_M = 60

const schema = v.object({ xM: between(0, YARD_M), yM: between(0, YARD_M) })

/** A place of the yard: what stands there, or what stood there last and left it free. */
export interface YardPlace extends Spot {
  readonly key: string
  readonly name: string
  readonly vessel: Vessel
  /** Ground that is spread over: drawn from above, not cut open. */
  readonly ground?: AreaShape
  /** Nothing where it is free. */
  readonly batch?: BegunBatch
}

/** Letters and digits of a name, for a document that belongs to it. */
function keyOf(name: string): string {
  return name.toLowerCase().normalize('NFKD').replace(/[^a-z0-9]+/g, '-').replace(/^-+|-+$/g, '').slice(0, 48) || 'somewhere'
}

/** The name of the place that a batch stands at: where it says it stands, or its own. */
function placeOf({ place, name }: BegunBatch): string {
  return place.trim() || name
}

/** Somewhere in the yard as the document that keeps it. */
export function spotDocument(
  key: string, { xM, yM }: Spot,
): { readonly id: string, readonly kind: string, readonly values: Record<string, FieldValue> } {
  const inside = (metres: number) => Math.round(Math.min(YARD_M, Math.max(0, metres)) * 100) / 100
  return { id: `spot.${key}`, kind: SPOT_KIND, values: { xM: inside(xM), yM: inside(yM) } }
}

function readSpots(documents: readonly GardenDocument[]): Map<string, Spot> {
  return new Map(documents.filter(({ kind }) => kind === SPOT_KIND).flatMap((document) => {
    const parsed = v.safeParse(schema, documentValues(document))
    return parsed.success ? [[document.id.replace(/^spot\./, ''), parsed.output] as const] : []
  }))
}

/** Without a place of their own things stand in rows so wide, with so much path between them. */
const ROW_M = 9
const PATH_M = 0.6
const ROW_DEPTH_M = 5
/** A bay that has been empty for longer has become something else. */
const FREE_DAYS = 3 * 365

interface Standing {
  readonly key: string
  readonly name: string
  readonly vessel: Vessel
  readonly ground?: AreaShape
  readonly batch?: BegunBatch
}

/** Ground as it lies in the plan: the long side across. */
function lying(site: Site): Pick<Standing, 'vessel' | 'ground'> {
  if (site.kind !== 'area') return { vessel: asVessel(site) }
  const { ground } = site
  const across: AreaShape
    = ground.shape === 'rectangle' && ground.lengthM > ground.widthM
      ? { ...ground, widthM: ground.lengthM, lengthM: ground.widthM }
      : ground
  return { vessel: asVessel({ ...site, ground: across }), ground: across }
}

/** Several at one place stand beside each other under keys of their own. */
function standingOf(batches: readonly BegunBatch[]): Standing[] {
  const taken = new Map<string, number>()
  return batches.map((batch) => {
    const base = keyOf(placeOf(batch))
    const count = (taken.get(base) ?? 0) + 1
    taken.set(base, count)
    return { key: count > 1 ? `${base}-${count}` : base, name: batch.name, ...lying(batch.began.site), batch }
  })
}

/** Bays that stand empty: the last that stood there is over, and nothing has begun there since. */
function freeOf(ended: readonly BegunBatch[], taken: ReadonlySet<string>, now: Date): Standing[] {
  const recent = [...ended]
    .filter(({ ended: end }) => end && now.getTime() - Date.parse(end.at) < FREE_DAYS * DAY_MS)
    .sort((a, b) => ((a.ended?.at ?? '') < (b.ended?.at ?? '') ? 1 : -1))
  const found = new Map<string, Standing>()
  for (const batch of recent) {
    const key = keyOf(placeOf(batch))
    if (!batch.place.trim() || taken.has(key) || found.has(key)) continue
    found.set(key, { key, name: placeOf(batch), ...lying(batch.began.site) })
  }
  return [...found.values()]
}

/** The yard as it stands: each batch at its place, free bays beside them; what was never placed stands in rows. */
export function yardOf(
  standing: readonly BegunBatch[], ended: readonly BegunBatch[], documents: readonly GardenDocument[], now: Date,
): YardPlace[] {
  const spots = readSpots(documents)
  const here = standingOf(standing)
  const all = [...here, ...freeOf(ended, new Set(here.map(({ key }) => key)), now)]
  let next = { xM: 0.4, yM: 0 }
  return all.map((one) => {
    const widthM = frontWidthM(one.vessel)
    if (next.xM > 0.4 && next.xM + widthM > ROW_M) next = { xM: 0.4, yM: next.yM + ROW_DEPTH_M }
    const spot = spots.get(one.key) ?? next
    // Its room in the row stays: who moves one thing moves no other.
    next = { xM: next.xM + Math.max(0.8, widthM) + PATH_M, yM: next.yM }
    return { ...one, ...spot }
  })
}

/** How much ground a plan of these places needs, metres. */
export function yardSize(places: readonly YardPlace[]): { readonly widthM: number, readonly depthM: number } {
  return {
    widthM: Math.max(4, ...places.map(({ xM, vessel }) => xM + Math.max(1, frontWidthM(vessel)) + 0.4)),
    depthM: Math.max(2, ...places.map(({ yM }) => yM + 2)),
  }
}

/** What stands at one place, by the name that it was given. */
export interface YardRoom { readonly name: string, readonly places: readonly YardPlace[] }

/** The yard place by place, as one walks it: from the far edge to the near one and from left to right; what is free comes last in each. */
export function roomsOf(places: readonly YardPlace[]): readonly YardRoom[] {
  const rooms = new Map<string, { readonly name: string, readonly places: YardPlace[] }>()
  for (const place of [...places].sort((a, b) => a.yM - b.yM || a.xM - b.xM)) {
    const name = place.batch ? place.batch.place.trim() : place.name
    const key = name ? keyOf(name) : place.key
    const room = rooms.get(key)
    if (room) room.places.push(place)
    else rooms.set(key, { name, places: [place] })
  }
  const freeLast = (one: YardPlace) => (one.batch ? 0 : 1)
  return [...rooms.values()].map(({ name, places: here }) => ({ name, places: here.sort((a, b) => freeLast(a) - freeLast(b)) }))
}
