import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'

/** A thought a function: more lines of its own hold two. */
const MOST_LINES = 50

const FILES = ['core', 'app', 'server'].flatMap(root =>
  readdirSync(root, { recursive: true, encoding: 'utf8' }).map(name => join(root, name)))
  .filter(name => /\.(ts|vue)$/.test(name) && !name.endsWith('.test.ts'))

const scriptOf = (file: string, text: string) =>
  file.endsWith('.vue') ? /<script[^>]*>\n([\s\S]*?)<\/script>/.exec(text)?.[1] ?? '' : text

/** Functions with their own lines: without those of functions inside them, without blank ones and comments. */
function functionsIn(file: string, text = readFileSync(file, 'utf8')): { readonly name: string, readonly lines: number }[] {
  const script = scriptOf(file, text)
  const source = ts.createSourceFile(file, script, ts.ScriptTarget.Latest, true)
  const rows = script.split('\n')
  const lineAt = (at: number) => source.getLineAndCharacterOfPosition(at).line
  const found: { name: string, lines: number }[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isFunctionLike(node) && 'body' in node && node.body) {
      const own = new Set<number>()
      for (let line = lineAt(node.getStart(source)); line <= lineAt(node.getEnd()); line++) own.add(line)
      const leaveOut = (child: ts.Node): void => {
        if (ts.isFunctionLike(child))
          for (let line = lineAt(child.getStart(source)) + 1; line <= lineAt(child.getEnd()); line++) own.delete(line)
        else ts.forEachChild(child, leaveOut)
      }
      ts.forEachChild(node, leaveOut)
      const said = [...own].filter(line => !/^\s*($|\/\/|\/?\*)/.test(rows[line]!))
      found.push({ name: `${file}:${lineAt(node.getStart(source)) + 1}`, lines: said.length })
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

describe('functions', () => {
  it('are measured by their own lines', () => {
    const text = 'function outer() {\n  // why\n  const inner = () => {\n    return 1\n  }\n\n  return inner()\n}\n'
    expect(functionsIn('a.ts', text).map(({ lines }) => lines)).toEqual([4, 3])
  })

  it(`have at most ${MOST_LINES} of them`, () => {
    const all = FILES.flatMap(file => functionsIn(file))
    expect(all.length).toBeGreaterThan(3000)
    expect(all.filter(({ lines }) => lines > MOST_LINES)).toEqual([])
  })
})
