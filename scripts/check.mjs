// All checks in order: lint, types, unit tests, build, browser journeys. With --fast those that need no browser, side by side.
// Ends with `N passed, N failed`.
import { existsSync, mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureInstalled, run, tool } from './steps.mjs'

const results = mkdtempSync(join(tmpdir(), 'wastrum-check-'))
let passed = 0
let failed = 0

function step(name, done) {
  console.log(`\n— ${name}: ${done ? 'good' : 'FAILED'}`)
  if (done) passed++
  else failed++
  return done
}

/** Runs one project of tests and adds its counts. */
function tests(project, env) {
  const file = join(results, `${project}.json`)
  const done = tool('vitest', ['run', '--project', project, '--reporter=default', '--reporter=json', `--outputFile.json=${file}`], env)
  if (!existsSync(file)) return step(project, false)
  const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(readFileSync(file, 'utf8'))
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
