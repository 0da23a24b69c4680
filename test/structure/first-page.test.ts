import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { expect, it } from 'vitest'

const ROOT = new URL('../..', import.meta.url).pathname
const filesIn = (folder: string, end: string): string[] =>
  readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter(name => name.endsWith(end) && !name.includes('.test.'))
    .map(name => join(ROOT, folder, name))

/** What a page or a component may use without saying so: by its name, the file that exports it. */
const byName = new Map(
  ['app/composables', 'app/utils', 'app/stores'].flatMap(folder => filesIn(folder, '.ts')).flatMap(file =>
    [...readFileSync(file, 'utf8').matchAll(/export (?:async )?(?:function\*? |const )(\w+)/g)].map(([, name]) => [name!, file] as const)),
)
const components = new Map(filesIn('app/components', '.vue').map(file => [file.split('/').at(-1)!.replace('.vue', ''), file]))

function fileOf(from: string, path: string): string | undefined {
  const base = path.startsWith('#core/')
    ? join(ROOT, 'core', path.slice(6))
    : path.startsWith('~/') ? join(ROOT, 'app', path.slice(2)) : path.startsWith('.') ? join(dirname(from), path) : undefined
  return base && ['.ts', '.vue', '/index.ts', ''].map(end => base + end).find(file => existsSync(file) && /\.(ts|vue)$/.test(file))
}

/** What is sent along with a file: what it imports for more than its types, and what it uses by name alone. */
function sentWith(file: string): string[] {
  const text = readFileSync(file, 'utf8')
  const imported = [...text.matchAll(/^(?:import|export)\s+(?!type\b)([^'"]*?)from\s+'([^']+)'/gm)]
    .filter(([, what]) => !/^\{(\s*type \w+\s*,?)+\s*\}\s*$/.test(what!))
    .flatMap(([, , path]) => fileOf(file, path!) ?? [])
  const named = file.includes('/app/')
    ? [
        ...[...byName].filter(([name, from]) => from !== file && new RegExp(`\\b${name}\\(`).test(text)),
        ...[...components].filter(([name]) => new RegExp(`<${name}\\b`).test(text)),
      ].map(([, from]) => from)
    : []
  return [...imported, ...named]
}

function allSentWith(files: readonly string[]): ReadonlySet<string> {
  const seen = new Set(files)
  for (const file of seen) for (const other of sentWith(file)) seen.add(other)
  return seen
}

it('the first page is sent without any method, forecast or library of materials', () => {
  const first = ['app/app.vue', 'app/error.vue', 'app/pages/welcome/index.vue'].map(path => join(ROOT, path))
  const sent = [...allSentWith([...first, ...filesIn('app/plugins', '.ts')])].map(file => file.slice(ROOT.length))
  // It is read at all: the store of the garden comes with it.
  expect(sent).toContain('app/stores/garden.ts')
  expect(sent.filter(file => /^core\/(methods|heat|materials\/library|balancing|learning)\b/.test(file))).toEqual([])
})
