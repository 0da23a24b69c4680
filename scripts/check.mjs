// All checks in order: lint, types, unit tests, build, browser journeys. With --fast those that need no browser, side by side.
// Ends with `N passed, N failed`.
import { existsSync, mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureInstalled, run, tool, toolBeside } from './steps.mjs'

const results = mkdtempSync(join(tmpdir(), 'wastrum-check-'))
let passed = 0
let failed = 0

function step(name, done) {
  console.log(`\n— ${name}: ${done ? 'good' : 'FAILED'}`)
  if (done) passed++
  else failed++
  return done
}

/** The slowest ten: where a suite that grows too slow is to be mended. */
function tellSlowest(files) {
  const all = files.flatMap(({ assertionResults }) => assertionResults).filter(({ duration }) => duration > 0).sort((a, b) => b.duration - a.duration)
  console.log(`\nThe slowest ten:\n${all.slice(0, 10).map(({ duration, fullName }) => `  ${(duration / 1000).toFixed(1).padStart(6)} s  ${fullName.slice(0, 110)}`).join('\n')}`)
}

/** Runs one project of tests and adds its counts. */
function tests(project, env) {
  const file = join(results, `${project}.json`)
  const done = tool('vitest', ['run', '--project', project, '--reporter=default', '--reporter=json', `--outputFile.json=${file}`], env)
  if (!existsSync(file)) return step(project, false)
  const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = JSON.parse(readFileSync(file, 'utf8'))
  tellSlowest(testResults)
  passed += numPassedTests
  failed += numFailedTests
  if (!done && numFailedTests === 0) failed += Math.max(1, numFailedTestSuites)
  console.log(`\n— ${project}: ${numPassedTests} passed, ${numFailedTests} failed`)
  return done
}

function chromiumPath() {
  const known = [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome', '/Applications/Chromium.app/Contents/MacOS/Chromium']
  return known.find(path => path && existsSync(path))
}

/** On Debian as root Chromium comes by apt; elsewhere it has to be there. */
function ensureChromium() {
  if (chromiumPath()) return true
  if (existsSync('/etc/debian_version') && process.getuid?.() === 0) {
    console.log('Installing Chromium…')
    if (run('apt-get', ['update', '-qq']) && run('apt-get', ['install', '-y', '-qq', 'chromium'], { DEBIAN_FRONTEND: 'noninteractive' })) return Boolean(chromiumPath())
  }
  console.error('The browser journeys need Chromium: install it, or set CHROMIUM_PATH to where it is.')
  return false
}

if (!step('install', ensureInstalled())) finish()
if (process.argv.includes('--fast')) {
  // Side by side: each of them keeps one core busy. What only the long tests tell is left to the whole run.
  const beside = [['lint', ['eslint', '.', '--max-warnings', '0', '--cache', '--cache-location', 'node_modules/.cache/eslint/']], ['types', ['nuxt', 'typecheck']]].map(([name, [command, ...args]]) => toolBeside(command, args).then(done => [name, done]))
  tests('unit', { WASTRUM_FAST: '1' })
  for (const [name, done] of await Promise.all(beside)) step(name, done)
  finish()
}
step('lint', tool('eslint', ['.', '--max-warnings', '0']))
step('types', tool('nuxt', ['typecheck']))
tests('unit')
if (step('build', tool('nuxt', ['build'])) && step('build with a made-up method', run(process.execPath, ['scripts/made-up.mjs']))) {
  if (step('browser', ensureChromium())) tests('journeys', { CHROMIUM_PATH: chromiumPath() })
}
finish()

function finish() {
  console.log(`\n${passed} passed, ${failed} failed`)
  process.exit(failed === 0 ? 0 : 1)
}
