import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'

const FILES = readdirSync('core', { recursive: true, encoding: 'utf8' })
  .map(name => join('core', name))
  .filter(name => name.endsWith('.ts') && !name.endsWith('.test.ts'))

/** Every function that stands at the top of a file, as its text without spaces: the same text is the same helper. */
function helpersIn(file: string, text = readFileSync(file, 'utf8')): string[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  return source.statements.flatMap((statement) => {
    const written = ts.isFunctionDeclaration(statement)
      || (ts.isVariableStatement(statement) && statement.declarationList.declarations.some(({ initializer }) =>
        initializer !== undefined && ts.isArrowFunction(initializer)))
    return written ? [statement.getText(source).replace(/^export /, '').replace(/\s+/g, ' ')] : []
  })
}

describe('helpers of the core', () => {
  it('are found', () => {
    expect(helpersIn('a.ts', 'export const half = (x: number) =>\n  x / 2\nfunction f() { return 1 }\nconst one = 1\n')).toEqual([
      'const half = (x: number) => x / 2', 'function f() { return 1 }',
    ])
  })

  it('stand in one place each', () => {
    const places = new Map<string, string[]>()
    for (const file of FILES) for (const helper of helpersIn(file)) places.set(helper, [...(places.get(helper) ?? []), file])
    expect(places.size).toBeGreaterThan(1500)
    expect([...places].filter(([, files]) => new Set(files).size > 1).map(([helper, files]) => `${helper}: ${files.join(', ')}`)).toEqual(
      [],
    )
  })
})
