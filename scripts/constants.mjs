// One table of every constant of every model, with what a tenth more of each does: `npm run constants` writes it into docs/models.md.
import { ensureInstalled } from './steps.mjs'
import { runBundled } from './bundle.mjs'

if (!ensureInstalled()) process.exit(1)
await runBundled('constants')
