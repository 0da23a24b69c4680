// Serves an existing build: `npm start`. PORT and HOST may be set.
import { existsSync } from 'node:fs'
import { freePort, SERVER } from './steps.mjs'

if (!existsSync(SERVER)) {
  console.error('There is no build yet: run `npm run build` first, or `npm run demo` for everything at once.')
  process.exit(1)
}
const host = process.env.HOST ?? '127.0.0.1'
const port = process.env.PORT ? Number(process.env.PORT) : await freePort(4310, host)
Object.assign(process.env, { NODE_ENV: 'production', HOST: host, PORT: String(port), NITRO_HOST: host, NITRO_PORT: String(port) })
await import(SERVER)
console.log(
  `Wastrum is at http://${host === '0.0.0.0' || host === '127.0.0.1' ? 'localhost' : host}:${port}${process.env.WASTRUM_OPEN ?? '/'}`,
)
