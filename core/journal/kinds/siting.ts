import * as v from 'valibot'
import { shapeSchema } from '../../ground/schema'
import { MEASURE_LIMITS_M, WALLS } from '../../vessel/vessel'
import { between, idSchema, nameSchema } from './base'

const metres = between(MEASURE_LIMITS_M.low, MEASURE_LIMITS_M.high)
const GROUND_MOST_M = 200
const sides = { id: idSchema, name: nameSchema, wall: v.picklist(WALLS), heightM: metres }

export const vesselSchema = v.variant('shape', [
  v.object({ ...sides, shape: v.literal('box'), widthM: metres, depthM: metres }),
  v.object({ ...sides, shape: v.literal('cylinder'), diameterM: metres }),
])

const channelSchema = v.object({ xM: between(-10, 10), yM: between(-10, 10), diameterM: between(0.01, 1) })

/** Where a batch is. */
export const siteSchema = v.variant('kind', [
  v.object({ kind: v.literal('vessel'), vessel: vesselSchema }),
  v.object({
    kind: v.literal('channelled'), vessel: vesselSchema,
    channels: v.pipe(v.array(channelSchema), v.maxLength(60, 'has too many channels'), v.readonly()),
  }),
  v.object({
    kind: v.literal('area'), id: idSchema, name: nameSchema,
    ground: shapeSchema(MEASURE_LIMITS_M.low, GROUND_MOST_M),
  }),
  v.object({ kind: v.literal('frame'), id: idSchema, name: nameSchema, widthM: metres, depthM: metres, heightM: metres }),
])
