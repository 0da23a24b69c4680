import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { STARTING_CONTAINERS, type Container } from '../units/container'
import type { UnitSystem } from '../units/system'
import type { Vessel } from '../vessel/vessel'
import { between, idSchema, nameSchema } from '../journal/kinds/base'
import { vesselSchema } from '../journal/kinds/siting'
import { CLIMATE_LIMITS, CLIMATES, type Climate } from './climate'

/** Where the water comes from; what is in it matters for soaking and brews. */
export const WATER_SOURCES = ['rain', 'mains', 'well'] as const
export type WaterSource = typeof WATER_SOURCES[number]

/** How a garden is set up. */
export interface Settings {
  readonly gardenName: string
  readonly units: UnitSystem
  readonly water: WaterSource
  readonly climate: Climate
}

export const SETTINGS_ID = 'settings'

const monthly = (least: number, most: number) => v.pipe(v.array(between(least, most)), v.length(12))
const frost = v.pipe(v.string(), v.regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/))

/** Each field on its own, so that a damaged one falls back alone. */
const FIELDS = {
  gardenName: v.pipe(v.string(), v.maxLength(80)),
  units: v.picklist(['metric', 'us']),
  water: v.picklist(WATER_SOURCES),
  climateId: idSchema,
  meanC: monthly(CLIMATE_LIMITS.leastC, CLIMATE_LIMITS.mostC),
  rainMm: monthly(0, CLIMATE_LIMITS.rainMm),
  lastFrost: frost,
  firstFrost: frost,
  latitudeDeg: between(-66, 66),
}

function read<S extends v.GenericSchema>(schema: S, value: FieldValue | undefined): v.InferOutput<S> | undefined {
  const parsed = v.safeParse(schema, value)
  return parsed.success ? parsed.output : undefined
}

/** The settings of a garden from its documents; what is missing or unreadable is as at the start. */
export function readSettings(documents: readonly GardenDocument[]): Settings {
  const document = documents.find(({ id }) => id === SETTINGS_ID)
  const values = document ? documentValues(document) : {}
  const climateId = read(FIELDS.climateId, values.climateId)
  const base = CLIMATES.find(({ id }) => id === climateId) ?? CLIMATES[1] as Climate
  return {
    gardenName: read(FIELDS.gardenName, values.gardenName) ?? '',
    units: read(FIELDS.units, values.units) ?? 'metric',
    water: read(FIELDS.water, values.water) ?? 'rain',
    climate: {
      ...base,
      meanC: read(FIELDS.meanC, values.meanC) ?? base.meanC,
      rainMm: read(FIELDS.rainMm, values.rainMm) ?? base.rainMm,
      lastFrost: read(FIELDS.lastFrost, values.lastFrost) ?? base.lastFrost,
      firstFrost: read(FIELDS.firstFrost, values.firstFrost) ?? base.firstFrost,
      latitudeDeg: read(FIELDS.latitudeDeg, values.latitudeDeg) ?? base.latitudeDeg,
    },
  }
}

/** From a spoon to a trailer, litres. */
export const CONTAINER_L = { least: 0.01, most: 5000 } as const

const containerSchema = v.object({
  name: nameSchema, plural: nameSchema, volumeL: between(CONTAINER_L.least, CONTAINER_L.most), holds: v.picklist(['material', 'water']),
})

function ofKind(documents: readonly GardenDocument[], kind: string): { id: string, values: Record<string, FieldValue> }[] {
  return documents.filter(document => document.kind === kind)
    .map(document => ({ id: document.id, values: documentValues(document) }))
    .filter(({ values }) => values.removed !== true)
}

/** The document id of a container; the container's own id is what amounts remember. */
export function containerDocumentId(containerId: string): string {
  return `container.${containerId}`
}

/** The containers a gardener owns; the usual ones of their system as long as none are set up. */
export function readContainers(documents: readonly GardenDocument[], units: UnitSystem): readonly Container[] {
  const own = ofKind(documents, 'container').flatMap(({ id, values }) => {
    const container = read(containerSchema, values)
    return container ? [{ ...container, id: id.replace(/^container\./, '') }] : []
  })
  return own.length > 0 ? own : STARTING_CONTAINERS[units]
}

/** The vessels a gardener has measured themselves. */
export function readVessels(documents: readonly GardenDocument[]): readonly Vessel[] {
  return ofKind(documents, 'vessel').flatMap(({ values }) => {
    const vessel = read(vesselSchema, values.vessel)
    return vessel ? [vessel] : []
  })
}
