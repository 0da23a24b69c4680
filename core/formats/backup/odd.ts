import type * as v from 'valibot'
import type { GardenDocument } from '../../journal/document'
import type { EventKind } from '../../journal/event'
import { dateText } from '../../units/dates'

/** An entry of a file that is not taken: in a gardener's words, and as the file has it. */
export interface LeftOut {
  readonly what: string
  readonly technical: string
}

const KINDS: Readonly<Record<EventKind, string>> = {
  'stocked': 'something put into the store', 'stock-amended': 'something set right in the store',
  'stock-removed': 'something taken from the store', 'made': 'something made from the store', 'used': 'something given to a bed',
  'began': 'the beginning of a batch', 'built': 'the building of a heap', 'renamed': 'a new name', 'sited': 'another place',
  'took': 'what was taken out',
  'finished': 'the taking down', 'put': 'something put in', 'did': 'a piece of work', 'added': 'an addition', 'turned': 'a turning',
  'watered': 'a watering', 'gauged': 'a reading', 'reading': 'a reading', 'observed': 'what was felt, smelt or seen',
  'measured': 'a measured height', 'noted': 'a note', 'logged': 'readings from a thermometer\'s file', 'photographed': 'a picture',
  'test-begun': 'a test that was set up', 'test-read': 'a test that was read', 'put-off': 'something put off',
  'foretold': 'what was told of a batch first', 'weighed': 'a weighing', 'compared': 'what was compared in a trial',
  'dried': 'a drying', 'undone': 'a taking back', 'amended': 'something set right in the log',
}

const DOCUMENTS: Readonly<Record<string, string>> = {
  'settings': 'the garden\'s settings',
  'container': 'a container', 'vessel': 'a bay or bin', 'plan': 'a plan', 'collecting': 'a collecting list',
  'building': 'the heap being built', 'material': 'a material of your own', 'bed': 'a bed', 'side-by-side': 'a trial',
  'plot-trial': 'a trial of beds or pots', 'growing-mix': 'a recipe for a mix', 'need': 'something that will be wanted',
  'income': 'what comes in over the year', 'price': 'a price', 'water-butt': 'the water butt',
  'supply': 'what comes in by the week', 'weather': 'a noted day of weather', 'spot': 'a spot in the yard',
}

const FIELDS: Readonly<Record<string, string>> = {
  coreC: 'the warmth of the core', edgeC: 'the warmth of the edge', tenthsC: 'one of its temperatures',
  minutes: 'the time of one of its readings', value: 'a value', values: 'its values', at: 'its date', recordedAt: 'the date of writing',
  until: 'the day it was put off to', writtenAt: 'the date of writing', turn: 'its place in the order of writing', id: 'its mark',
  by: 'the mark of the device', kind: 'what it is', batchId: 'the mark of its batch', targetId: 'what it takes back',
  lotId: 'the mark of the lot', photoId: 'the mark of the picture', materialId: 'the material', methodId: 'the method',
  approachId: 'the school', litres: 'the litres', waterL: 'the water', amount: 'the amount', count: 'the number of containers',
  volumeL: 'the size of the container', container: 'the container', packing: 'how it was packed', draws: 'what it takes from the store',
  heightM: 'the height', widthM: 'the width', depthM: 'the depth', diameterM: 'the diameter', areaM2: 'the area', massKg: 'the weight',
  wetMassKg: 'the fresh weight', dryMassKg: 'the dry weight', name: 'the name', place: 'the place', plural: 'the name of several',
  text: 'the text', caption: 'the caption', source: 'where it came from', answers: 'the answers', ingredients: 'what went in',
  inputs: 'what went in', products: 'what came out', site: 'where it stands', vessel: 'the bay or bin',
  worth: 'what the material was taken to be', fields: 'its contents', sieveMm: 'the sieve', bytes: 'the size of the picture',
  widthPx: 'the width of the picture', heightPx: 'the height of the picture',
}

const record = (entry: unknown): Readonly<Record<string, unknown>> =>
  entry !== null && typeof entry === 'object' ? (entry as Record<string, unknown>) : {}

/** Names of batches as the entries of a file tell them, sound or not: so that an odd entry can be found again. */
export function namesIn(entries: readonly unknown[]): ReadonlyMap<string, string> {
  const names = new Map<string, string>()
  for (const entry of entries) {
    const { kind, batchId, name } = record(entry)
    if (
      (kind === 'began' || kind === 'built' || kind === 'renamed')
      && typeof batchId === 'string'
      && typeof name === 'string'
      && name.length <= 80
    )
      names.set(batchId, name)
  }
  return names
}

function dayOf(at: unknown): string {
  const moment = typeof at === 'string' ? Date.parse(at) : Number.NaN
  return Number.isNaN(moment) ? '' : ` of ${dateText(moment)}`
}

const shown = (value: unknown) =>
  (typeof value === 'number' || typeof value === 'string') && String(value).length <= 24 ? ` (${value})` : ''

/** What the check found, in everyday words: its own are for programmers. */
function foundOdd({ message, received, type }: v.BaseIssue<unknown>): string {
  if (!/^Invalid/.test(message)) return message
  if (received === 'undefined') return 'is missing'
  if (type === 'max_length' || type === 'min_length') return 'is too long or too short'
  if (type === 'min_value' || type === 'max_value' || type === 'integer' || type === 'finite') return 'is not a number that can be'
  return 'is not what belongs there'
}

/** The part of an entry that is odd, called by the innermost name that a gardener would know. */
function partOf(path: readonly string[]): string {
  const named = path.findLast(key => FIELDS[key] !== undefined)
  return named === undefined ? 'something in it' : FIELDS[named]!
}

/** "a reading of 3 May 2026, Apple bay: the warmth of the core (4000) is above 120." */
export function oddEntry(
  list: 'event' | 'document', index: number, entry: unknown, issues: readonly v.BaseIssue<unknown>[],
  names: ReadonlyMap<string, string>,
): LeftOut {
  const { kind, at, batchId } = record(entry)
  const issue = issues[0]
  const path = issue?.path?.map(({ key }) => String(key)) ?? []
  const what
    = typeof kind !== 'string'
      ? 'an entry'
      : ((list === 'event' ? KINDS[kind as EventKind] : DOCUMENTS[kind]) ?? 'an entry of a kind not known here')
  const name = typeof batchId === 'string' ? names.get(batchId) : undefined
  const odd = issue ? `${path.length === 0 ? 'it' : `${partOf(path)}${shown(issue.input)}`} ${foundOdd(issue)}` : 'it cannot be read'
  return {
    what: `${what}${dayOf(at)}${name ? `, ${name}` : ''}: ${odd}.`,
    technical:
      (`${list} ${index + 1}${typeof kind === 'string' ? ` (${kind.slice(0, 30)})` : ''}: ${path.join(' › ').slice(0, 80)} `
        + `${issue?.message.slice(0, 160) ?? ''}`).trim(),
  }
}

/** An entry that passed its check and still could not be told or drawn. */
export function strangeEntry(
  entry: { readonly kind: string, readonly id: string, readonly at: string }, name: string | undefined, technical: string,
): LeftOut {
  const what = KINDS[entry.kind as EventKind] ?? 'an entry of a kind not known here'
  return {
    what: `${what}${dayOf(entry.at)}${name ? `, ${name}` : ''}: Wastrum stumbles over it.`,
    technical: `${entry.id}: ${technical.slice(0, 200)}`,
  }
}

/** A document that passed its check and still could not be shown. */
export function strangeDocument({ id, kind, fields }: GardenDocument, technical: string): LeftOut {
  const name = fields.name?.value
  return {
    what: `${DOCUMENTS[kind] ?? 'something of a kind not known here'}${typeof name === 'string' && name ? `, ${name.slice(0, 80)}` : ''}: `
      + 'Wastrum stumbles over it.',
    technical: `${id}: ${technical.slice(0, 200)}`,
  }
}
