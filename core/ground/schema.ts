import * as v from 'valibot'
import { between } from '../units/bounds'
import { isGround, OUTLINE_LIMITS } from './shape'

/** A shape of ground as it is kept, its sides within these metres. */
export function shapeSchema(lowM: number, highM: number) {
  const side = between(lowM, highM)
  const corner = v.pipe(v.tuple([between(-highM, highM), between(-highM, highM)]), v.readonly())
  return v.variant('shape', [
    v.object({ shape: v.literal('rectangle'), widthM: side, lengthM: side }),
    v.object({ shape: v.literal('circle'), diameterM: side }),
    v.object({
      shape: v.literal('strip'), widthM: side, lengthM: side, count: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(60)),
    }),
    v.object({
      shape: v.literal('outline'),
      corners: v.pipe(
        v.array(corner), v.maxLength(OUTLINE_LIMITS.most, 'has too many corners'),
        v.check(corners => isGround(corners), 'bounds no ground: too few corners, or sides that cross'), v.readonly(),
      ),
    }),
  ])
}
