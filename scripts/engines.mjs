// The spine of the app in other engines: `npm run engines`, or `npm run engines -- webkit`. Beside `npm test`: it takes the browsers to be
// there, Debian's own or where FIREFOX_PATH and WEBKIT_DRIVER_PATH say.
import { firefox } from './engines/firefox.mjs'
import { walk } from './engines/spine.mjs'
import { webkit } from './engines/webkit.mjs'
import { ensureBuilt, ensureInstalled } from './steps.mjs'

const wanted = process.argv.slice(2)
const engines = Object.entries({ firefox, webkit }).filter(([name]) => wanted.length === 0 || wanted.includes(name))
if (!ensureInstalled() || !ensureBuilt()) process.exit(1)
let failed = 0
for (const [name, find] of engines) {
  const engine = find()
  if (!engine) {
    console.error(`${name} is not installed here.`)
    failed++
    continue
  }
  try {
    const walked = await walk(engine, console.log)
    console.log(`All ${walked.length} steps in ${engine.version}.\n`)
  }
  catch (cause) {
    failed++
    console.error(`\nStopped in ${engine.version ?? engine.name}:`, cause)
  }
}
process.exit(failed > 0 ? 1 : 0)
