/** Anything else under /api is not there; without this the page itself would answer. */
export default defineEventHandler(() => {
  throw createError({ statusCode: 404, statusMessage: 'No such service' })
})
