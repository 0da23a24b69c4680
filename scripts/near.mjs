// The tests near what was changed: since the last commit, or since the one that is given (`npm run test:near -- main~3`; `--list`
// only names them). Unit files by their
// imports; journeys by the pages, components and composables that lie on their way. What it has no minutes for it names.
import { spawnSync } from 'node:child_process'
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { basename, dirname, join, relative, resolve } from 'node:path'
import { ensureChromium } from './chromium.mjs'
import { ensureBuilt, ensureInstalled, ROOT, tool, toolBeside } from './steps.mjs'

/** Journeys within so many seconds: with units, lint and a build that makes four minutes. */
const BUDGET_S = 100
/** What a journey took at its last run, seconds a line of it; own measure of the whole suite. */
const S_A_LINE = 0.3

const since = process.argv.slice(2).find(word => !word.startsWith('--')) ?? 'HEAD'
const git = (...args) => spawnSync('git', args, { cwd: ROOT, encoding: 'utf8' }).stdout.split('\n').filter(Boolean)
const changed = [...new Set([...git('diff', '--name-only', since), ...git('ls-files', '--others', '--exclude-standard')])]

const under = folder =>
  readdirSync(join(ROOT, folder), { recursive: true })
    .map(name => join(folder, String(name)))
    .filter(path => /\.(ts|vue)$/.test(path) && statSync(join(ROOT, path)).isFile())
const files = ['app', 'core'].flatMap(under).filter(path => !path.endsWith('.test.ts'))
/** What is found without an import: components by their tag, composables and stores by their call. */
const named = new Map(
  files
    .filter(path => /^app\/(components|composables|stores|utils)\//.test(path))
    .map(path => [basename(path).replace(/\.(ts|vue)$/, ''), path]),
)
const known = new Set(files)

function found(from, asked) {
  const at = asked.startsWith('#core')
    ? join('core', asked.slice(5))
    : asked.startsWith('~/')
      ? join('app', asked.slice(2))
      : asked.startsWith('.')
        ? relative(ROOT, resolve(ROOT, dirname(from), asked))
        : undefined
  return at && [at, `${at}.ts`, `${at}.vue`, join(at, 'index.ts')].find(path => known.has(path))
}
function leansOn(path) {
  const text = readFileSync(join(ROOT, path), 'utf8')
  const imported = [...text.matchAll(/from '([^']+)'|import\('([^']+)'\)/g)]
    .map(([, one, late]) => found(path, one ?? late))
    .filter(Boolean)
  const called = path.startsWith('app/')
    ? [...text.matchAll(/<([A-Z]\w+)|\b(use[A-Z]\w+)\(/g)]
        .map(([, tag, call]) => named.get(tag ?? call?.replace(/^use(\w+)Store$/, (_, name) => name.toLowerCase()) ?? ''))
        .filter(Boolean)
    : []
  return [...imported, ...called].filter(one => one !== path)
}
const graph = new Map(files.map(path => [path, leansOn(path)]))

/** The demo's batches by what they are made with: whoever opens one walks through that method. */
const demos = under('core/demo')
  .map(path => [readFileSync(join(ROOT, path), 'utf8'), path])
  .map(([text, path]) => [
    text,
    [...(graph.get(path) ?? []), text].flatMap(one =>
      [...String(one).matchAll(/(?:methods\/|')([a-z]+-[a-z]+|leafmould|mulching|hotbed|brew)(?:\/|')/g)].map(([, id]) => id),
    ),
  ])
function methodsIn(text) {
  const ids = new Set([...text.matchAll(/demo-([a-z-]+)/g)].map(([, id]) => id))
  return new Set(
    demos
      .filter(([demo]) => [...ids].some(id => demo.includes(`'${id}'`) || demo.includes(`'demo-${id}'`)))
      .flatMap(([, methods]) => methods),
  )
}

/**
 * How many steps of import lie between a page and whatever was changed; nothing where it does not reach it. All pages go through
 * the list of methods: behind it only those go on that the journey has to do with.
 */
function distance(starts, wanted, named) {
  let rim = starts
  const seen = new Set(starts)
  for (let steps = 0; rim.length > 0; steps++) {
    if (rim.some(path => wanted.has(path))) return steps
    rim = [...new Set(rim.flatMap(path => graph.get(path) ?? []))].filter((path) => {
      const own = /^core\/methods\/([^/]+)\//.exec(path)?.[1]
      return !seen.has(path) && (!own || own === 'contract' || named(own))
    })
    for (const path of rim) seen.add(path)
  }
  return undefined
}

function pagesOf(text) {
  const paths = [...text.matchAll(/['"`](\/(?:[a-z][\w-]*\/?)*[\w.-]*)(?:\?[^'"`]*)?['"`]/g)].map(([, path]) => path)
  const pages = files.filter(path => path.startsWith('app/pages/'))
  const routes = pages.map(path => [
    path,
    new RegExp(
      `^${
        path
          .slice('app/pages'.length, -4)
          .replace(/\/index$/, '')
          .replace(/\[[^\]]+\]/g, '[^/]+') || '/'
      }/?$`,
    ),
  ])
  return pages.length === 0 ? [] : routes.filter(([, route]) => paths.some(path => route.test(path))).map(([path]) => path)
}

const tests = readdirSync(join(ROOT, 'test/journeys')).filter(name => name.endsWith('.test.ts')).map(name => join('test/journeys', name))
const wanted = new Set(changed)
const near = tests.map((path) => {
  const text = readFileSync(join(ROOT, path), 'utf8')
  const inDemo = methodsIn(text)
  const steps = wanted.has(path)
    ? -1
    : distance(
        ['app/app.vue', ...pagesOf(text)].filter(one => known.has(one)),
        wanted,
        id => inDemo.has(id) || text.includes(id),
      )
  return { path, steps, seconds: text.split('\n').length * S_A_LINE / 2 }
}).filter(({ steps }) => steps !== undefined).sort((a, b) => a.steps - b.steps)
let spent = 0
const chosen = near.filter(({ seconds }, index) => (spent += seconds) <= BUDGET_S || index === 0)
const left = near.filter(one => !chosen.includes(one))

if (!ensureInstalled()) process.exit(1)
console.log(
  `Changed since ${since}: ${changed.length} files. Journeys near them: `
  + `${chosen.map(({ path }) => basename(path, '.test.ts')).join(', ') || 'none'}.`,
)
if (left.length > 0) console.log(`Also near, and left to the whole run: ${left.map(({ path }) => basename(path, '.test.ts')).join(', ')}.`)
const sources = changed.filter(path => /\.(ts|vue)$/.test(path) && existsSync(join(ROOT, path)))
if (process.argv.includes('--list')) process.exit(0)
const [linted, tested] = await Promise.all([
  sources.length === 0 || toolBeside(['eslint', '--max-warnings', '0', ...sources]),
  toolBeside(['vitest', 'run', '--project', 'unit', '--changed', since, '--passWithNoTests'], { WASTRUM_FAST: '1' }),
])
console.log(`lint: ${linted ? 'good' : 'FAILED'}, unit: ${tested ? 'good' : 'FAILED'}`)
const walked
  = chosen.length === 0
    || (ensureBuilt()
      && ensureChromium()
      && tool('vitest', ['run', '--project', 'journeys', '--maxWorkers=2', ...chosen.map(({ path }) => path)]))
process.exit(linted && tested && walked ? 0 : 1)
