import * as v from 'valibot'
import { MEASURE_LIMITS_M } from '../../vessel/vessel'
import { gauge, type Effect } from '../amend'
import { CORE, EDGE, HEAT, HEIGHT } from '../earlier'
import { SOURCES, type Gauge } from '../garden'
import { LAST_MOMENT_MS } from '../turn'
import { between, celsiusSchema, eventSchemaOf, idSchema, LIMITS, noteSchema } from './base'

/** Readings that one event of a file may hold; a longer file makes several. */
export const LOGGED_MOST = 2000
/** A file of readings reaches at most so far, minutes: ten years. */
const LONGEST_MIN = 5_260_000

/** Quantities were read, each at a spot, in the core's unit for it; the method's own words. */
export const gaugedSchema = eventSchemaOf('gauged', {
  batchId: idSchema, quantity: idSchema, source: v.picklist(SOURCES),
  values: v.pipe(
    v.array(v.object({ spot: idSchema, value: between(-1e6, 1e6) })), v.minLength(1, 'is empty'),
    v.maxLength(LIMITS.items, 'has too many values'),
  ),
})

export const gauged: Effect<v.InferOutput<typeof gaugedSchema>> = {
  onBatch: (batch, { id, at, quantity, source, values }) =>
    gauge(
      batch, quantity, values.map(({ spot, value }): Gauge => ({ eventId: id, at, spot, value, source })),
    ),
}

/** A thermometer was read: in the core, at the edge a hand's breadth in, or both. Written by earlier versions. */
export const readingSchema = eventSchemaOf('reading', {
  batchId: idSchema,
  coreC: v.optional(celsiusSchema),
  edgeC: v.optional(celsiusSchema),
  source: v.picklist(['hand', 'probe']),
})

export const reading: Effect<v.InferOutput<typeof readingSchema>> = {
  onBatch: (batch, { id, at, coreC, edgeC, source }) => {
    const value = (spot: string, celsius: number | undefined): Gauge[] =>
      celsius === undefined ? [] : [{ eventId: id, at, spot, value: celsius, source }]
    gauge(batch, HEAT, [...value(CORE, coreC), ...value(EDGE, edgeC)])
  },
}

/** Something was felt, smelt or seen. Sense and finding are the method's own words. */
export const observedSchema = eventSchemaOf('observed', { batchId: idSchema, sense: idSchema, finding: idSchema })

export const observed: Effect<v.InferOutput<typeof observedSchema>> = {
  onBatch: (batch, { id, at, sense, finding }) => { batch.observations.push({ eventId: id, at, sense, finding }) },
}

/** The height was measured. Written by earlier versions. */
export const measuredSchema = eventSchemaOf('measured', { batchId: idSchema, heightM: between(0, MEASURE_LIMITS_M.high) })

export const measured: Effect<v.InferOutput<typeof measuredSchema>> = {
  onBatch: (batch, { id, at, heightM }) => gauge(batch, HEIGHT, [{ eventId: id, at, spot: 'top', value: heightM, source: 'hand' }]),
}

/** A note about a batch: it stands in the log. */
export const notedSchema = eventSchemaOf('noted', { batchId: idSchema, text: v.pipe(noteSchema, v.minLength(1, 'is empty')) })

/** Readings of one thermometer from a file, thinned: minutes since the event's moment, tenths of a degree. */
export const loggedSchema = v.pipe(
  eventSchemaOf('logged', {
    batchId: idSchema,
    depth: v.picklist(['core', 'edge']),
    source: v.pipe(v.string(), v.maxLength(LIMITS.name)),
    minutes: v.pipe(
      v.array(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(LONGEST_MIN, 'reaches too far'))), v.minLength(1, 'is empty'),
      v.maxLength(LOGGED_MOST, 'holds too many readings'),
    ),
    tenthsC: v.array(v.pipe(v.number(), v.integer(), v.minValue(-500), v.maxValue(1200))),
  }),
  v.check(({ minutes, tenthsC }) => minutes.length === tenthsC.length, 'does not have a temperature for each moment'),
  v.check(({ at, minutes }) => Date.parse(at) + Math.max(...minutes) * 60_000 <= LAST_MOMENT_MS, 'reaches beyond the year 9999'),
)

export const logged: Effect<v.InferOutput<typeof loggedSchema>> = {
  onBatch: (batch, { id, at, depth, minutes, tenthsC }) => {
    const from = Date.parse(at)
    gauge(
      batch, HEAT,
      minutes.map((minute, index): Gauge => ({
        eventId: id, at: new Date(from + minute * 60_000).toISOString(), spot: depth, value: (tenthsC[index] ?? 0) / 10, source: 'file',
      })),
    )
  },
}

/** A picture was taken. Its file is kept beside the journal under `photoId`. */
export const photographedSchema = eventSchemaOf('photographed', {
  batchId: idSchema, photoId: idSchema, caption: noteSchema,
  widthPx: between(1, 10_000), heightPx: between(1, 10_000), bytes: between(1, 20_000_000),
})

export const photographed: Effect<v.InferOutput<typeof photographedSchema>> = {
  onBatch: (batch, { id, at, photoId, caption }) => { batch.photos.push({ eventId: id, at, photoId, caption }) },
}
