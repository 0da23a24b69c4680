import { CLIMATES, dayOfYear, usualTemperatureC, type Climate } from '#core/garden/climate'
import { simulatedProbe } from '#core/standins/probe'

/** `GET /api/probe/:id?day=9`: a stand-in for a two-depth thermometer in a heap, with dropouts. */
export default defineEventHandler((event) => {
  const id = getRouterParam(event, 'id') ?? ''
  if (!/^[\w.-]{1,64}$/.test(id)) throw createError({ statusCode: 400, statusMessage: 'No such probe' })
  const given = Number(getQuery(event).day)
  const day = Number.isFinite(given) && given >= 0 && given < 1000 ? given : undefined
  const now = new Date()
  setHeader(event, 'cache-control', 'no-store')
  return simulatedProbe(id, now, usualTemperatureC(CLIMATES[0] as Climate, dayOfYear(now)), day)
})
