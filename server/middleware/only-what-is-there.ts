/** Pages and stand-ins are looked at, nothing is sent to them; and what is no page does not get the page for everything. */
export default defineEventHandler((event) => {
  if (import.meta.dev) return
  if (!['GET', 'HEAD'].includes(event.method)) {
    setHeader(event, 'allow', 'GET, HEAD')
    throw createError({ statusCode: 405, statusMessage: 'Nothing can be sent here' })
  }
  if (!event.path.startsWith('/api/') && !event.path.startsWith('/_nuxt/') && !isPage(event.path))
    throw createError({ statusCode: 404, statusMessage: 'Nothing of that name' })
})
