import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parse } from '@vue/compiler-sfc'
import { TERMS } from '#core/glossary/terms'
import { hasBegun } from '#core/journal/garden'
import { foldGarden } from '#core/journal/journal'
import { METHODS, findMethod } from '#core/methods'
import type { Surroundings } from '#core/methods/contract'
import { PURPOSES } from '#core/methods/contract'
import { chanceText, shortText, surenessText, tooLateText } from '#core/year/words'
import { seededRandom } from '#core/random/random'
import { everythingOf } from '#core/trial/everything'
import { demoGarden } from '#core/demo/demo-garden'

import { usualRainMm, usualTemperatureC, CLIMATES } from '#core/garden/climate'
import { gardenMaterials } from '#core/garden/materials'
import { dayOfYear } from '#core/units/time'
import { CAN } from '../builders/heaps'
import { ALL_CASES } from '../builders/method-cases'

const UNIT_SYSTEMS = ['metric', 'us'] as const

/** A sentence that can be said, with an example of it, and where. */
export interface Said { readonly where: string, readonly text: string }

/** Fields that are names for the program, and never read. */
const UNREAD = new Set([
  'id', 'icon', 'at', 'eventId', 'batchId', 'lotId', 'materialId', 'family', 'kind', 'action', 'pad', 'deed', 'test', 'tone', 'urgency',
  'wall',
  'shape', 'drawn', 'approachId', 'methodId', 'role', 'unit', 'spot', 'row', 'words', 'months', 'placeholder', 'vessel', 'log', 'began',
  'puts',
  'putOffs', 'gauged', 'did', 'observations', 'takings', 'uses', 'testsBegun', 'testsRead', 'photos', 'name', 'place', 'material',
  'container',
  'known', 'charged', 'ingredient', 'ingredients', 'inputs', 'site', 'answers', 'question', 'materials', 'recipe', 'proposal', 'batch',
])

function* stringsIn(value: unknown, field: string, depth = 0): Generator<readonly [field: string, text: string]> {
  if (typeof value === 'string') {
    if (/\p{L}{2}[ ,.:;].*\p{L}/u.test(value)) yield [field, value]
  }
  else if (Array.isArray(value)) {
    for (const one of value.slice(0, 60)) yield* stringsIn(one, field, depth + 1)
  }
  else if (value !== null && typeof value === 'object' && !(value instanceof Date) && depth < 9) {
    for (const [name, one] of Object.entries(value)) if (!UNREAD.has(name)) yield* stringsIn(one, name, depth + 1)
  }
}

/** What differs from garden to garden: numbers, days, and what things are called by their owner. */
export function shapeOf(text: string): string {
  return text
    .replace(/[“"][^”"]*[”"]/g, '“…”')
    .replace(
      /\b\d{1,2} (January|February|March|April|May|June|July|August|September|October|November|December|[A-Z][a-z]{2})( \d{4})?\b/g,
      '‹day›')
    .replace(/\b(January|February|March|April|May|June|July|August|September|October|November|December) \d{4}\b/g, '‹month›')
    .replace(/[-−]?\d[\d,.]*(?<![,.])([½¼¾⅓⅔])?|[½¼¾⅓⅔]/g, '#')
    .replace(/#( ?[–-] ?#)/g, '#–#')
    .replace(/(#(–#)?)(, (#(–#)?))+/g, '#')
}

function* ofMadeUpGarden(units: Surroundings['units'], date: string): Generator<Said> {
  const now = new Date(`${date}T09:00:00.000Z`)
  const { events, documents } = demoGarden(now)
  const garden = foldGarden(events)
  const climate = CLIMATES[0]!
  const around: Surroundings = {
    now, units, materials: gardenMaterials(documents, garden), garden: { waterCan: CAN, water: 'rain' },
    weather: { ambientC: at => usualTemperatureC(climate, dayOfYear(at)), rainMm: at => usualRainMm(climate, at) },
  }
  for (const batch of [...garden.batches.values()].filter(hasBegun)) {
    const method = findMethod(batch.began.methodId)!
    for (const { what, ask } of everythingOf(batch, method, around))
      for (const [field, text] of stringsIn(ask(), what)) yield { where: `${method.id} · ${field}`, text }
  }
}

const SEEDS = 14

function* ofAnyLife(units: Surroundings['units']): Generator<Said> {
  for (const [at, { method, standing, ended }] of ALL_CASES.entries()) {
    for (let seed = 0; seed < SEEDS; seed++) {
      const { batch, surroundings } = (seed % 5 === 4 ? ended : standing)(seededRandom(1000 * at + seed))
      for (const { what, ask } of everythingOf(batch, method, { ...surroundings, units }))
        for (const [field, text] of stringsIn(ask(), what)) yield { where: `${method.id} · ${field}`, text }
    }
  }
}

function* ofFaces(): Generator<Said> {
  for (const { id, face, life } of METHODS) {
    for (const [field, text] of stringsIn({ face, pads: life.pads, symptoms: life.diagnosis?.symptoms }, 'face')) yield {
      where: `${id} · ${field}`, text }
  }
  for (const { says } of TERMS) yield { where: 'glossary', text: says }
}

/** What is said of a year, at every grade of sureness and short of much or little. */
function* ofTheYear(units: Surroundings['units']): Generator<Said> {
  const said = (text: string | undefined) => text === undefined ? [] : [{ where: 'year', text }]
  for (const chance of [0, 0.05, 0.3, 0.6, 0.85, 1]) {
    yield* said(surenessText(chance))
    yield* said(chanceText(chance))
    for (const shortL of [0, 1, 12, 320]) yield* said(shortText({ chance, shortL }, units))
  }
  for (const purpose of PURPOSES) yield* said(tooLateText({ purpose }, { shortL: 120 }, units))
}

interface Node { readonly type: number, readonly content?: unknown, readonly children?: readonly Node[] }
const [TEXT, INTERPOLATION] = [2, 5]

/** Runs of text of a template, what is filled in as an ellipsis. */
function* textOf(node: Node): Generator<string> {
  let run = ''
  for (const child of node.children ?? []) {
    if (child.type === TEXT) run += String(child.content)
    else if (child.type === INTERPOLATION) run += '…'
    else {
      yield* textOf(child)
      run += '…'
    }
  }
  const said = run.replace(/\s+/g, ' ').replace(/…( ?…)+/g, '…').trim()
  if (/\p{L}{2}.* .*\p{L}{2}/u.test(said)) yield said
}

/** What stands in the templates of pages and parts, by their file. */
export function everyTemplateSentence(): readonly Said[] {
  const app = new URL('../../app', import.meta.url).pathname
  return readdirSync(app, { recursive: true, encoding: 'utf8' })
    .filter(name => name.endsWith('.vue'))
    .sort()
    .flatMap((name) => {
      const ast = parse(readFileSync(join(app, name), 'utf8')).descriptor.template?.ast as Node | undefined
      return ast ? [...textOf(ast)].map(text => ({ where: name, text })) : []
    })
}

/** Every sentence that the core says of the made-up garden and of any life of any method, in both unit systems; each shape once. */
export function everySentence(): readonly Said[] {
  const found = new Map<string, Said>()
  const take = (all: Iterable<Said>) => {
    for (const said of all) {
      for (const text of said.text.split(/(?<=[.!?])\s+(?=[\p{Lu}\d])/u)) {
        const shape = shapeOf(text)
        if (!found.has(shape)) found.set(shape, { where: said.where, text })
      }
    }
  }
  take(ofFaces())
  for (const units of UNIT_SYSTEMS) {
    for (const date of ['2026-04-20', '2026-11-25']) take(ofMadeUpGarden(units, date))
    take(ofAnyLife(units))
    take(ofTheYear(units))
  }
  return [...found.values()]
}
