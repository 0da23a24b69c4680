// Everything at once: installs what is missing, builds, and serves the demo garden; with `--years 20` a long one, made by a seed.
import { parseArgs } from 'node:util'
import { ensureBuilt, ensureInstalled } from './steps.mjs'

const { values } = parseArgs({ options: { years: { type: 'string' } } })
const years = Math.min(40, Math.max(0, Math.round(Number(values.years ?? 0)) || 0))
if (!ensureInstalled() || !ensureBuilt()) process.exit(1)
process.env.WASTRUM_OPEN = years > 0 ? `/welcome/demo?years=${years}` : '/welcome/demo'
await import('./serve.mjs')
