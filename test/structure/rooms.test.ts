import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join, normalize } from 'node:path'
import { describe, expect, it } from 'vitest'

type Arrows = ReadonlyMap<string, ReadonlySet<string>>

const FILES = readdirSync('core', { recursive: true, encoding: 'utf8' })
  .map(name => join('core', name))
  .filter(name => name.endsWith('.ts') && !name.endsWith('.test.ts'))

/** Every import counts, of a type as well: whoever reads one file has to know the other. */
function importedBy(file: string): string[] {
  return [...readFileSync(file, 'utf8').matchAll(/(?:import|export)\b[^;'"]*?from '(\.[^']+)'/g)].map(([, path]) => {
    const at = normalize(join(dirname(file), path!))
    return [`${at}.ts`, join(at, 'index.ts')].find(one => existsSync(one)) ?? at
  })
}

/** A way that comes back to where it began; nothing where there is none. */
function circleIn(arrows: Arrows): readonly string[] | undefined {
  const done = new Set<string>()
  const follow = (one: string, way: readonly string[]): readonly string[] | undefined => {
    if (way.includes(one)) return [...way.slice(way.indexOf(one)), one]
    if (done.has(one)) return undefined
    for (const next of arrows.get(one) ?? []) {
      const circle = follow(next, [...way, one])
      if (circle) return circle
    }
    done.add(one)
    return undefined
  }
  for (const one of arrows.keys()) {
    const circle = follow(one, [])
    if (circle) return circle
  }
  return undefined
}

/** A room: a folder of the core, and of the methods each one with what they share. */
const roomOf = (file: string) => file.split('/').slice(0, file.startsWith('core/methods/') ? 3 : 2).join('/')

const arrows: Arrows = new Map(FILES.map(file => [file, new Set(importedBy(file))]))
const rooms = new Map<string, Set<string>>()
for (const [file, others] of arrows)
  for (const other of others)
    if (roomOf(file) !== roomOf(other)) rooms.set(roomOf(file), (rooms.get(roomOf(file)) ?? new Set()).add(roomOf(other)))

describe('the rooms of the core', () => {
  it('are found with what they lean on', () => {
    expect(FILES.length).toBeGreaterThan(300)
    expect([...rooms.get('core/methods/brew') ?? []]).toContain('core/methods/contract')
  })

  it('finds a circle where there is one', () => {
    expect(circleIn(new Map([['a', new Set(['b'])], ['b', new Set(['c'])], ['c', new Set(['b'])]]))).toEqual(['b', 'c', 'b'])
    expect(circleIn(new Map([['a', new Set(['b', 'c'])], ['b', new Set(['c'])], ['c', new Set()]]))).toBeUndefined()
  })

  it('have no circle, neither of files nor of rooms, not even of types', () => {
    expect(circleIn(arrows)?.join(' ')).toBeUndefined()
    expect(circleIn(rooms)?.join(' ')).toBeUndefined()
  })
})

describe('what was found', () => {
  /** Where it is asked for, and where it becomes evidence: nowhere else may a day of its own be set for it. */
  const ASKED_IN = ['core/methods/contract/looking.ts', 'core/methods/course/findings.ts', 'core/methods/heated/forecast/findings.ts']
  const askedBy = (file: string) => /\.observations\b|\{[^}]*\bobservations\b[^}]*\}: [A-Z]/.test(readFileSync(file, 'utf8'))

  it('is asked for in one place, so that head, tasks, facts and causes believe it equally long', () => {
    expect(FILES.filter(file => file.startsWith('core/methods/')).filter(askedBy).sort()).toEqual([...ASKED_IN].sort())
  })
})
