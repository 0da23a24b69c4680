import MiniSearch from 'minisearch'
import { FOUND_KINDS, type Findable, type FoundKind } from './findable'

/** Of a longer word three letters in ten may be wrong; short ones are taken as they are. */
const TYPING = 0.3
const SHORT_WORD = 4
/** What is the gardener's own before what is in the books, and things before what was said of them, so much; choice. */
const WEIGHTS: Readonly<Record<FoundKind, number>> = {
  batch: 8, place: 7, bed: 7, lot: 5, plan: 5, trial: 5, material: 2.5, page: 2, word: 2, sign: 1.8, log: 1,
}
/** Letters with their accents taken off, in small ones: what is typed on a phone. */
const plain = (term: string) => term.toLowerCase().normalize('NFKD').replace(/\p{M}/gu, '')

/** An index over all of a garden. */
export interface SearchIndex {
  readonly size: number
  /** What answers to every word of a search, the likeliest first; of two alike the later one. Nothing for an empty search. */
  find(text: string): readonly Findable[]
}

/**
 * An index that grows step by step, so that a long log holds nobody up: each step is one thing more.
 * @returns the index, when all of it is in.
 */
export function* indexing(all: Iterable<Findable>): Generator<number, SearchIndex> {
  const index = new MiniSearch<Findable>({
    fields: ['title', 'says', 'words', 'kindWord'], storeFields: [], processTerm: plain,
    extractField: (one, field) => (field === 'kindWord' ? FOUND_KINDS[one.kind] : (one as unknown as Record<string, string>)[field]) ?? '',
  })
  const byId = new Map<string, Findable>()
  for (const one of all) {
    if (byId.has(one.id)) continue
    byId.set(one.id, one)
    index.add(one)
    yield byId.size
  }
  const options = {
    combineWith: 'AND', prefix: true, boost: { title: 3, words: 0.4 },
    boostDocument: (id: unknown) => WEIGHTS[byId.get(id as string)?.kind ?? 'log'],
  } as const
  return {
    size: byId.size,
    find: (text) => {
      if (text.trim() === '') return []
      const exact = index.search(text, options)
      const found
        = exact.length > 0 ? exact : index.search(text, { ...options, fuzzy: term => (term.length >= SHORT_WORD ? TYPING : false) })
      const wanted = plain(text.trim())
      const rank = (one: Findable) => Number(plain(one.title) === wanted)
      return found
        .flatMap(({ id, score }) => {
          const one = byId.get(id as string)
          return one ? [{ one, score }] : []
        })
        .sort((a, b) => rank(b.one) - rank(a.one) || b.score - a.score || (b.one.at ?? '').localeCompare(a.one.at ?? ''))
        .map(({ one }) => one)
    },
  }
}
