// Everything at once: installs what is missing, builds, and serves the demo garden.
import { ensureBuilt, ensureInstalled } from './steps.mjs'

if (!ensureInstalled() || !ensureBuilt()) process.exit(1)
process.env.WASTRUM_OPEN = '/welcome/demo'
await import('./serve.mjs')
