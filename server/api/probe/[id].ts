import { simulatedProbe } from '#core/standins/probe'

/** Where the simulated probe stands, when nobody says: a heap in its first hot week. */
const ANYWHERE = { coreC: 52, edgeC: 31, day: 6 }

/**
 * `GET /api/probe/:id?coreC=58&edgeC=34&day=9&at=2027-04-20T10:00:00.000Z`: a stand-in for a two-depth thermometer that reads
 * what is true of its place, with dropouts.
 */
export default defineEventHandler((event) => {
  const id = getRouterParam(event, 'id') ?? ''
  if (!/^[\w.-]{1,64}$/.test(id)) throw createError({ statusCode: 400, statusMessage: 'No such probe' })
  const query = getQuery(event)
  const given = (name: keyof typeof ANYWHERE, least: number, most: number) => {
    const read = numberAsked(query[name], least, most)
    if (read === 'odd') throw createError({ statusCode: 400, statusMessage: `${name} is a number from ${least} to ${most}` })
    return read ?? ANYWHERE[name]
  }
  setHeader(event, 'cache-control', 'no-store')
  return simulatedProbe(id, momentAsked(query.at) ?? new Date(), {
    coreC: given('coreC', -40, 95), edgeC: given('edgeC', -40, 95), day: given('day', 0, 1000),
  })
})
