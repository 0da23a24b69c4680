import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { definitionOf, leavesOf, tabledOf } from '#core/constants/constants'

/** Rooms in which models are reckoned: no number of theirs stands without its range, unit and source. */
const ROOMS = ['methods', 'beds', 'char', 'mulch', 'hotbed', 'warmth', 'lots', 'readiness']
/** Where numbers are measures of a drawing, or what a form begins with: no model takes anything from there. */
const NO_MODEL = /\/(sites|picture|index|asks|pads|senses|cautions|words|steps|go|cress|outputs)\.ts$|\/contract\/|\/tests\//
/** What evidence weighs for a cause is judgement, in core/diagnosis; an exact list of mathematics has no range. */
const JUDGED = /\/diagnosis|channels\.ts: COVERS$/
/** How a forecast is reckoned, not what: places in a spread, days that are looked at, how often it reports; months as they are. */
const NUMERICS = new Set(['CORNERS', 'ITS_WEEKS', 'FIRST_DAYS', 'FULL_EFFORT', 'REPORTS_EVERY', 'LAYERS_ASKED', 'SPRING', 'SITES'])

const FILES = ROOMS.flatMap(room =>
  readdirSync(join('core', room), { recursive: true, encoding: 'utf8' }).map(name => join('core', room, name)),
).filter(name => name.endsWith('.ts') && !name.endsWith('.test.ts') && !NO_MODEL.test(name))

const KNOWN = new Set(['constants', 'table', 'lookOfOneWay'])

/** A number that means nothing by itself: a sign, nothing, one, a hundred per cent. */
const PLAIN = new Set(['0', '1', '2', '100', '1000'])

/** Constants at the top of a file that hold a number of their own, and say nothing of it. */
function bareIn(file: string, text = readFileSync(file, 'utf8')): string[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const holds = (node: ts.Node): boolean => {
    if (ts.isFunctionLike(node) || ts.isTypeNode(node)) return false
    if (ts.isElementAccessExpression(node)) return holds(node.expression)
    // What is asked of a course and of a look stands in its own call, where its names tell what each is.
    if (ts.isCallExpression(node) && KNOWN.has(node.expression.getText(source))) return false
    if (ts.isNumericLiteral(node)) return !PLAIN.has(node.text)
    return ts.forEachChild(node, child => holds(child) || undefined) ?? false
  }
  return source.statements
    .filter(ts.isVariableStatement)
    .flatMap(({ declarationList }) => [...declarationList.declarations])
    .filter(({ name, initializer }) => ts.isIdentifier(name) && initializer && holds(initializer))
    .map(({ name }) => name.getText(source))
}

const EXPORTED = Object.values(
  import.meta.glob<Record<string, unknown>>(['../../core/**/*.ts', '!../../core/**/*.test.ts'], { eager: true }),
).flatMap(Object.values)
const DEFINED = [...new Set(EXPORTED)].flatMap(value => definitionOf(value) ?? [])
const TABLES = [...new Set(EXPORTED)].flatMap((rows) => {
  const tabled = tabledOf(rows)
  return tabled ? [{ tabled, rows }] : []
})
const UNITS = new Set(
  (
    ',share,times,log,1/share,wet basis,dry '
    + 'basis,%,°C,K,1/K,K·d,K/d,mm/d,mm/d·°C,mm,m,m/a,m/min,m²,L,L/L,L/m²,L/week,L/h,L/kg,kg,kg/kg,kg/kg·d,kg/L,kg/m²,'
    + 'g/m²,g/L,mg/g,mg/L,mg/mg,MJ/kg,MJ/d·K·m²,kJ/kg·K,kJ/kg,1/d,1/d·K,1/a,1/week,d,h,min,min/100 L,a,weeks,months,C : '
    + 'N,pH,mS/cm,grade,parts,points,'
    + 'spreads,steps,starts,channels,readings,turns,courses,containers,boxes,layers,sheets,loads,rows,feeds,pockets,tests,bays,'
    + 'heaps,mmol/kg·h,kg/m³,°'
  ).split(','),
)
/** Where a number comes from: practice, a measurement or a rule with its name, a fit, or plainly an own estimate or choice. */
const SOURCE = new RegExp(
  [
    'practice', 'assumption', 'own estimate', 'own compilation', 'choice', 'numerics', 'definition', 'physics', 'chemistry', 'fitted',
    'usual', 'analyses', 'studies', 'soil biology', 'soil respiration', 'fungi of litter', 'leaf classes', 'as the grades',
    'the model of heat', 'Berg 2000', 'Haug 1993', 'waterworks', 'as in heaps',
  ].join('|'),
)

/** The names that lead to each number of some rows, without the rows' own places. */
function numbersIn(value: unknown, path: readonly string[] = []): string[][] {
  if (typeof value === 'number') return [[...path]]
  if (typeof value !== 'object' || value === null || (path.length > 0 && tabledOf(value))) return []
  return Object.entries(value).flatMap(([name, inner]) => numbersIn(inner, [...path, name]))
}

describe('constants of the models', () => {
  it('are found where they stand bare', () => {
    expect(bareIn('a.ts', 'const A = 3\nconst B = constants(\'x\', { a: of(3, 2, 4, \'d\', \'y\') })\nconst C = [{ d: 0.4 }]\n')).toEqual([
      'A', 'C',
    ])
    expect(bareIn('a.ts', 'const f = (x: number) => x * 3\nconst D = list[3]\nconst E = 1\n')).toEqual([])
  })

  it('say their range, unit and source', () => {
    expect(FILES.length).toBeGreaterThan(200)
    const bare = FILES.flatMap(file =>
      bareIn(file)
        .filter(name => !NUMERICS.has(name))
        .map(name => `${file}: ${name}`),
    )
    expect(bare.filter(place => !JUDGED.test(place))).toEqual([])
  })

  it('lie within their range, with a unit that is known and a source that is said', () => {
    const wrong = DEFINED.flatMap(({ title, shape }) =>
      leavesOf(shape).flatMap(({ path, leaf }) => {
        const faults = [
          ...(UNITS.has(leaf.unit) ? [] : [`unit ${leaf.unit}`]),
          ...(SOURCE.test(leaf.source) ? [] : [`source ${leaf.source}`]),
          ...('value' in leaf && !(leaf.low <= leaf.value && leaf.value <= leaf.high)
            ? [`${leaf.low} ≤ ${leaf.value} ≤ ${leaf.high}`]
            : []),
          ...('range' in leaf && !(leaf.range.low < leaf.range.typical && leaf.range.typical < leaf.range.high) ? ['range'] : []),
          ...('extent' in leaf && !(leaf.extent[0] < leaf.extent[1]) ? ['extent'] : []),
        ]
        return faults.map(fault => `${title}.${path.join('.')}: ${fault}`)
      }),
    )
    expect(DEFINED.length).toBeGreaterThan(15)
    expect(wrong).toEqual([])
  })

  it('have every number of a table under a name that says its unit and source', () => {
    const written = FILES.concat('core/heat/constants.ts').flatMap(file => readFileSync(file, 'utf8').match(/= table(<[^(]*>)?\(/g) ?? [])
    expect(written.length).toBeGreaterThan(20)
    expect(TABLES.length, 'tables that are exported').toBeGreaterThanOrEqual(written.length)
    expect(
      TABLES.flatMap(({ tabled: { title, fields }, rows }) =>
        numbersIn(rows)
          .filter(path => !path.some(name => fields[name] && SOURCE.test(fields[name][1])))
          .map(path => `${title}: ${path.join('.')}`),
      ),
    ).toEqual([])
    expect(
      TABLES.flatMap(({ tabled: { fields } }) =>
        Object.values(fields)
          .filter(([unit]) => !UNITS.has(unit))
          .map(([unit]) => unit),
      ),
    ).toEqual([])
  })
})
