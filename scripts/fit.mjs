// Fits the free constants of the heat model to what is known of heaps: `npm run fit` reports the residuals as they are; ROUNDS=300
// tries so many changes, TENTHS=1 adds what a tenth more of each constant does.
import { ensureInstalled } from './steps.mjs'
import { runBundled } from './bundle.mjs'

if (!ensureInstalled()) process.exit(1)
await runBundled('fit')
