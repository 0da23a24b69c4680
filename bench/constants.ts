// One table of every constant of every model in docs/models.md: `npm run constants`. What a tenth more of each does is tried on made-up
// batches of its methods: the window that moves farthest, or that something else is said or drawn.
import { readFileSync, writeFileSync } from 'node:fs'
import { definitionOf, leavesOf, tabledOf, type Leaf, type Tabled } from '#core/constants/constants'
import { CONSTANTS } from '#core/heat/constants'
import { DAY_MS } from '#core/units/time'
import { seededRandom } from '#core/random/random'
import { ALL_CASES } from '../test/builders/method-cases'
import type { MethodCases } from '../test/builders/contract'

const TRIED = Number(process.env.CASES ?? 5)
const PAGE = 'docs/models.md'
const MARKS = ['<!-- constants: made by npm run constants -->', '<!-- constants: end -->'] as const

const modules = import.meta.glob<Record<string, unknown>>(
  ['../core/**/constants.ts', '../core/{methods,beds,mulch,hotbed,char}/**/*.ts', '!../core/**/*.test.ts'], { eager: true },
)

/** What a batch and a plan of a method come to: the middles of its windows, and all that is said. */
interface Outcome {
  readonly windows: ReadonlyMap<string, number>
  readonly said: string
}

function outcomeOf({ method, standing, proposal }: MethodCases, seed: number): Outcome {
  const { batch, surroundings } = standing(seededRandom(seed))
  const { life, plan } = method
  const windows = new Map(life.windows(batch, surroundings).map(({ id, from, to }) => [id, (from.getTime() + to.getTime()) / 2]))
  const look = [
    life.standing(batch, surroundings), life.facts(batch, surroundings), life.tasks(batch, surroundings), life.charts(batch, surroundings),
    life.gates(batch, surroundings), life.diagnosis?.causes(batch, surroundings, []), life.outputs(batch, surroundings),
  ]
  return { windows, said: JSON.stringify([look, plan.draft(proposal(seededRandom(seed)), surroundings)]) }
}

/** The methods that a room of the core may touch: its own, or all of them. */
const touchedBy = (path: string) => {
  const own = /core\/methods\/([^/]+)\//.exec(path)?.[1] ?? ''
  const cases = ALL_CASES.filter(({ method }) => modules[`../core/methods/${own}/index.ts`] === undefined
    || Object.values(modules[`../core/methods/${own}/index.ts`]!).includes(method))
  return cases.length > 0 ? cases : ALL_CASES
}

const signed = (days: number) => `${days > 0 ? '+' : '−'}${Math.abs(days).toFixed(Math.abs(days) < 10 ? 1 : 0)} d`

/** What becomes of some batches while something is otherwise. */
function doneBy(cases: readonly MethodCases[], usual: ReadonlyMap<string, Outcome>): string {
  let farthest = 0
  let told = false
  for (const some of cases) {
    for (let seed = 1; seed <= TRIED; seed++) {
      const [was, is] = [usual.get(`${some.method.id}${seed}`)!, outcomeOf(some, seed)]
      for (const [id, at] of is.windows) {
        const moved = (at - (was.windows.get(id) ?? at)) / DAY_MS
        if (Math.abs(moved) > Math.abs(farthest)) farthest = moved
      }
      told ||= was.said !== is.said
    }
  }
  return Math.abs(farthest) >= 0.05 ? signed(farthest) : told ? 'a figure' : '–'
}

const usual = new Map(ALL_CASES.flatMap(cases => Array.from({ length: TRIED }, (_, at) =>
  [`${cases.method.id}${at + 1}`, outcomeOf(cases, at + 1)] as const)))

const numberText = (value: number) => String(Number(value.toPrecision(4)))

function tenthMore(values: unknown, path: readonly string[], leaf: Leaf, cases: readonly MethodCases[]): string {
  const group = path.slice(0, -1).reduce((inner, name) => (inner as Record<string, unknown>)[name], values)
  const name = path.at(-1)!
  const was = Reflect.get(group as object, name) as unknown
  const more = 'value' in leaf
    ? leaf.value * 1.1
    : 'extent' in leaf
      ? leaf.extent.map(end => end * 1.1)
      : Object.fromEntries(Object.entries(leaf.range).map(([end, value]) => [end, value * 1.1]))
  Reflect.set(group as object, name, more)
  try { return doneBy(cases, usual) }
  catch { return 'no answer' }
  finally { Reflect.set(group as object, name, was) }
}

function rowOf(name: string, leaf: Leaf, does: string): string {
  const cells = 'value' in leaf
    ? [numberText(leaf.value), `${numberText(leaf.low)}–${numberText(leaf.high)}`]
    : 'extent' in leaf
      ? [leaf.extent.map(numberText).join(' to '), 'an extent']
      : [numberText(leaf.range.typical), `${numberText(leaf.range.low)}–${numberText(leaf.range.high)}`]
  return `| ${name} | ${cells.join(' | ')} | ${leaf.unit} | ${does} | ${leaf.source} |`
}

const HEAD = ['| constant | value | range | unit | a tenth more | what it is, and its source |', '| --- | --- | --- | --- | --- | --- |']
const lines: string[] = []
let count = 0
const seen = new Set<unknown>()
for (const [path, found] of Object.entries(modules)) {
  for (const values of Object.values(found)) {
    const defined = definitionOf(values)
    if (!defined || seen.has(values)) continue
    seen.add(values)
    const cases = touchedBy(path)
    const leaves = leavesOf(defined.shape)
    count += leaves.length
    lines.push('', `### ${defined.title} (\`${path.slice(3).replace('/constants.ts', '')}\`)`, '', ...HEAD)
    for (const { path: names, leaf } of leaves) lines.push(rowOf(names.join('.'), leaf, tenthMore(values, names, leaf, cases)))
    console.log(`${defined.title}: ${leaves.length}`)
  }
}
lines.push('', '### Heat and decay (`core/heat`)', '', 'What a tenth more of these does stands under *What it is held to*.', '', ...HEAD)
for (const [name, leaf] of Object.entries(CONSTANTS)) lines.push(rowOf(name, leaf, ''))
count += Object.keys(CONSTANTS).length

lines.push('', '### Tables of kinds, ways and schools', '', 'Their rows stand in the code, beside the words for them.', '')
lines.push('| table | number | unit | what it is, and its source |', '| --- | --- | --- | --- |')
const tables = new Map<unknown, Tabled>()
for (const rows of Object.values(modules).flatMap(found => Object.values(found))) {
  const tabled = tabledOf(rows)
  if (tabled) tables.set(rows, tabled)
}
for (const { title, fields } of tables.values())
  for (const [name, [unit, source]] of Object.entries(fields)) lines.push(`| ${title} | ${name} | ${unit} | ${source} |`)

const page = readFileSync(PAGE, 'utf8')
const intro = [
  `${count} constants. A tenth more of each, on ${TRIED} made-up batches and plans of each method it touches, without a learnt forecast:`,
  'the window that moves farthest, in days; or that a figure, a task or a verdict is another; or nothing (–): what only a learnt',
  'forecast reads, and what is rarely met.',
].join('\n')
const made = [MARKS[0], '', '## Every constant', '', intro, ...lines, '', MARKS[1]].join('\n')
const rest = page.includes(MARKS[0]) ? page.slice(0, page.indexOf(MARKS[0])).trimEnd() : page.trimEnd()
writeFileSync(PAGE, `${rest}\n\n${made}\n`)
console.log(`${count} constants and ${tables.size} tables written to ${PAGE}.`)
