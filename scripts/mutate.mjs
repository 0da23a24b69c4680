// Do the tests notice a wrong sign? `npm run mutate -- core/mix core/vessel`: small faults are put into a copy of the
// core, one at a time, and the tests that reach it are run. EACH=20 faults a folder, SEED=1. Prints what was noticed.
import { spawnSync } from 'node:child_process'
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, relative } from 'node:path'
import ts from 'typescript'
import { chanceOf } from './chance.mjs'
import { ROOT } from './steps.mjs'

const EACH = Number(process.env.EACH ?? 12)
const SEED = Number(process.env.SEED ?? 1)
const WIDE = process.env.WIDE === '1'
/** What only draws is looked at by eye; what a form begins with has no right value. */
const NO_MODEL = /(picture|sites|asks|pads|senses|words|cautions|index)\.ts$/
/** Longer than any honest test takes: a fault that makes it hang is noticed too. */
const MOST_MS = 150_000
const CONTRACT = ['contract', 'methods', 'fit', 'hazards'].map(name => `core/methods/${name}.test.ts`)

const SWAPS = new Map([
  [ts.SyntaxKind.PlusToken, '-'], [ts.SyntaxKind.MinusToken, '+'], [ts.SyntaxKind.AsteriskToken, '/'], [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '>='], [ts.SyntaxKind.GreaterThanToken, '<='], [ts.SyntaxKind.LessThanEqualsToken, '>'],
  [ts.SyntaxKind.GreaterThanEqualsToken, '<'], [ts.SyntaxKind.AmpersandAmpersandToken, '||'], [ts.SyntaxKind.BarBarToken, '&&'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='], [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
])

/** Numbers that have no right value: how far a constant may lie off, and what a piece of evidence weighs. */
function isJudgement(node, source) {
  const { parent } = node
  const signed = ts.isPrefixUnaryExpression(parent) ? parent : node
  if (ts.isCallExpression(signed.parent)) {
    const called = signed.parent.expression.getText(source)
    return (called === 'of' && signed.parent.arguments[0] !== signed) || (called === 'given' && signed.parent.arguments[1] === signed)
  }
  return ts.isPropertyAssignment(parent) && ts.isObjectLiteralExpression(parent.parent)
    && ts.isPropertyAssignment(parent.parent.parent) && parent.parent.parent.name.getText(source) === 'symptoms'
}

/** Every small fault that a file can have: another operator, another number, yes for no. */
function faultsIn(file) {
  const text = readFileSync(file, 'utf8')
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const faults = []
  const put = (node, by) =>
    faults.push({
      file, from: node.getStart(source), to: node.getEnd(), by,
      line: source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1, was: node.getText(source),
    })
  const visit = (node) => {
    // Words are not faults: what stands in a type or in an import changes nothing that runs.
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)) return
    if (ts.isBinaryExpression(node) && SWAPS.has(node.operatorToken.kind)) {
      const words = [node.left, node.right].some(side => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side))
      if (!words) put(node.operatorToken, SWAPS.get(node.operatorToken.kind))
    }
    if (ts.isNumericLiteral(node) && (isJudgement(node, source) || (Number(node.text) > 0 && Number(node.text) < 1e-6))) return
    if (ts.isNumericLiteral(node)) {
      const value = Number(node.text.replaceAll('_', ''))
      put(node, value === 0 ? '1' : String(value / 2))
    }
    if (node.kind === ts.SyntaxKind.TrueKeyword) put(node, 'false')
    if (node.kind === ts.SyntaxKind.FalseKeyword) put(node, 'true')
    ts.forEachChild(node, visit)
  }
  visit(source)
  return faults
}

function filesIn(folder) {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) return filesIn(path)
    return name.endsWith('.ts') && !name.endsWith('.test.ts') && !NO_MODEL.test(name) ? [path] : []
  })
}

function copied() {
  const home = mkdtempSync(join(tmpdir(), 'wastrum-mutate-'))
  for (const name of ['core', 'app', 'server', 'test', 'vitest.config.ts', 'package.json', 'tsconfig.json'])
    cpSync(join(ROOT, name), join(home, name), { recursive: true })
  symlinkSync(join(ROOT, 'node_modules'), join(home, 'node_modules'))
  symlinkSync(join(ROOT, '.nuxt'), join(home, '.nuxt'))
  return home
}

/** Texts told whole notice everything and prove nothing: they are left out. */
const TOLD = ['--exclude', 'test/told/**']

function fails(home, wanted, env = process.env) {
  return spawnSync(
    join(ROOT, 'node_modules/.bin/vitest'), [...wanted, '--run', '--project', 'unit', '--bail', '1', '--reporter', 'dot', ...TOLD],
    { cwd: home, stdio: 'ignore', timeout: MOST_MS, env },
  ).status !== 0
}

/** The tests beside it, since they are quick; with WIDE=1 what they let pass goes to the contract, or to all that reach it. */
function noticed(home, folder, { file, from, to, by }) {
  const path = join(home, relative(ROOT, file))
  const sound = readFileSync(path, 'utf8')
  writeFileSync(path, sound.slice(0, from) + by + sound.slice(to))
  const wider = folder.startsWith('core/methods/') ? CONTRACT : ['related', path]
  const beside = folder.startsWith('core/methods/') ? [`${folder}/`, 'core/methods/cadence.test.ts'] : [`${folder}/`]
  const found = fails(home, [...beside, '--passWithNoTests'])
    || (WIDE && fails(home, wider, { ...process.env, WASTRUM_FAST: '1' }))
  writeFileSync(path, sound)
  return found
}

const folders = process.argv.slice(2)
if (folders.length === 0) {
  console.error('Say which folders of the core: npm run mutate -- core/mix core/heat')
  process.exit(1)
}
const home = copied()
try {
  for (const folder of folders) {
    const chance = chanceOf(SEED)
    const all = filesIn(join(ROOT, folder)).flatMap(faultsIn)
    const tried = all
      .map(fault => ({ fault, at: chance() }))
      .sort((a, b) => a.at - b.at)
      .slice(0, EACH)
      .map(({ fault }) => fault)
    let found = 0
    for (const fault of tried) {
      if (noticed(home, folder, fault)) found++
      else console.log(`  not noticed: ${relative(ROOT, fault.file)}:${fault.line}  ${fault.was} → ${fault.by}`)
    }
    console.log(`${folder}: ${found} of ${tried.length} noticed, of ${all.length} there are`)
  }
}
finally {
  rmSync(home, { recursive: true, force: true })
}
