// All checks: lint, types and unit tests beside the build, then the browser journeys. Ends with `N passed, N failed`.
// --fast: those that need no browser. --whole: every view in every look as well.
import { spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureChromium } from './chromium.mjs'
import { ensureInstalled, ROOT, toolBeside, runBeside, tool } from './steps.mjs'

const results = mkdtempSync(join(tmpdir(), 'wastrum-check-'))
const LINT = ['eslint', '.', '--max-warnings', '0', '--cache', '--cache-location', 'node_modules/.cache/eslint/']
const begun = Date.now()
let passed = 0
let failed = 0

function step(name, done) {
  console.log(`\n— ${name}: ${done ? 'good' : 'FAILED'} (${Math.round((Date.now() - begun) / 1000)} s from the start)`)
  if (done) passed++
  else failed++
  return done
}

/** The slowest thirty: where a suite that grows too slow is to be mended. */
function tellSlowest(files) {
  const all = files
    .flatMap(({ assertionResults }) => assertionResults)
    .filter(({ duration }) => duration > 0)
    .sort((a, b) => b.duration - a.duration)
  const seconds = duration => (duration / 1000).toFixed(1).padStart(6)
  console.log(
    `\nThe slowest thirty:\n${all
      .slice(0, 30)
      .map(({ duration, fullName }) => `  ${seconds(duration)} s  ${fullName.slice(0, 110)}`)
      .join('\n')}`,
  )
}

/** Adds the counts of one project of tests, from the file that it wrote. */
function count(project, done) {
  const file = join(results, `${project}.json`)
  if (!existsSync(file)) return step(project, false)
  const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = JSON.parse(readFileSync(file, 'utf8'))
  tellSlowest(testResults)
  passed += numPassedTests
  failed += numFailedTests
  if (!done && numFailedTests === 0) failed += Math.max(1, numFailedTestSuites)
  console.log(
    `\n— ${project}: ${numPassedTests} passed, ${numFailedTests} failed (${Math.round((Date.now() - begun) / 1000)} s from the start)`,
  )
  return done
}

const vitest = project => [
  'vitest', 'run', '--project', project, '--maxWorkers=2', '--reporter=default', '--reporter=json',
  `--outputFile.json=${join(results, `${project}.json`)}`,
]
const unit = async (env = {}) => count('unit', await toolBeside(vitest('unit'), env))
const lint = async () => step('lint', await toolBeside(LINT))
const types = async () => step('types', await toolBeside(['nuxt', 'typecheck']))

const build = async () => step('build', await runBeside(process.execPath, ['scripts/build-apart.mjs']))

/** Which view is seen in which look is turned by the commit, so that each is seen in all of them in time. */
function seedOfCommit() {
  const { stdout } = spawnSync('git', ['rev-parse', 'HEAD'], { cwd: ROOT, encoding: 'utf8' })
  return String(Number.parseInt((stdout ?? '').slice(0, 6), 16) || 0)
}

if (!step('install', ensureInstalled())) finish()
if (process.argv.includes('--fast')) {
  // What only the long tests tell is left to the whole run.
  await Promise.all([lint().then(types), unit({ WASTRUM_FAST: '1' })])
  finish()
}
const [, built] = await Promise.all([lint().then(types).then(() => unit()), build()])
if (built && step('browser', ensureChromium())) {
  const [command, ...args] = vitest('journeys')
  count(
    'journeys',
    tool(command, args, { WASTRUM_SEED: seedOfCommit(), ...(process.argv.includes('--whole') ? { WASTRUM_WHOLE: '1' } : {}) }),
  )
}
finish()

function finish() {
  console.log(`\n${passed} passed, ${failed} failed`)
  process.exit(failed === 0 ? 0 : 1)
}
