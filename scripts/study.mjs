// Does the 80 % window hold what really happens? `npm run study`: about ten minutes; BATCHES=40 for a first look.
import { ensureInstalled } from './steps.mjs'
import { runBundled } from './bundle.mjs'

if (!ensureInstalled()) process.exit(1)
await runBundled('study')
