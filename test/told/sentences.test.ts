import { fileURLToPath } from 'node:url'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { everySentence, everyTemplateSentence, type Said } from './sentences'

// Every sentence that can be said, to be read by a person: what is new or changed in the list is a line to be read before it is taken
// over (`vitest -u`): would a neighbour say it so over the fence?
const zone = process.env.TZ
let core: readonly Said[] = []
const templates = everyTemplateSentence()
beforeAll(() => {
  process.env.TZ = 'UTC'
  core = everySentence()
}, 240_000)
afterAll(() => { process.env.TZ = zone })

const said = () => [...core, ...templates]
const those = (pattern: RegExp, all: readonly Said[] = said()) =>
  all.filter(({ text }) => pattern.test(text)).map(({ where, text }) => `${where}: ${text}`)
const words = (text: string) => text.split(/\s+/).filter(one => /[\p{L}\d]/u.test(one)).length

const AN = ['evening', 'egg', 'open', 'old', 'oak', 'acid', 'inch', 'ounce', 'hour', 'apple', 'autumn', 'ash', 'earth', 'ear', 'ant']

describe('every sentence', () => {
  it('is there to be read, of every method and page', () => {
    expect(core.length).toBeGreaterThan(2000)
    expect(templates.length).toBeGreaterThan(400)
    expect(new Set(core.map(({ where }) => where.split(' · ')[0])).size).toBeGreaterThanOrEqual(13)
  })

  it.each([
    ['says one of one and many of many',
      /(?<![\d.,½¼¾–-])1 (days|weeks|months|years|hours|minutes|sacks|buckets|cans|barrows|gallons|litres|times)\b/],
    ['does not say one where there are many',
      /\b(?:[2-9]|\d\d+) (day|week|month|year|hour|minute|sack|bucket|barrow|caddy|mulch|wheelbarrow)\b/],
    ['has the article that its word wants',
      new RegExp(`\\b(?:a (?:${AN.join('|')})|an (?:[bcdfgjklmnpqrstvwyz]\\w+|h(?!our|onest)\\w+))\\b`, 'i')],
    ['numbers no "2. time"', /\bthe \d+\. /], ['writes degrees in capitals', /°[cf]\b/],
    ['has no blank before a full stop', /\s[.,;](?:\s|$)/],
    ['ends once', /[.!?][.!?](?!\.)|[,;:]\s*[.,;]|\?\.(?:\s|$)/], ['says nothing twice in a row', /\b(\p{L}{2,}) \1\b/u],
    ['has no double blank', /\S {2,}\S/], ['names both ends of a span the same way', /between from|from between|\bof of\b|\bmulchs\b/],
    ['fills in what it names', /undefined|NaN|Infinity|\[object|\bnull\b/],
  ])('%s', (_, broken) => {
    expect(those(broken)).toEqual([])
  })

  it.each([
    ['of itself',
      /possible courses|the model (?:expects|sees|says)|no advice asks|this browser does not promise|equal ones|ensemble|posterior/i],
    ['twice as sure', /as sure as it was/i],
    ['stilted', /sharpens (?:this|that|it)|what it never was|hangs on the weather|as much as you fetch|none lies in/i],
  ])('does not speak %s', (_, stilted) => {
    expect(those(stilted)).toEqual([])
  })

  it('has no figures for a state where it is read first: neither a ratio nor a share of water', () => {
    const first = core.filter(({ where }) => /· (sentence|told|picture on another day)$/.test(where))
    expect(first.length).toBeGreaterThan(150)
    expect(those(/\d+ : 1|\d ?% (?:water|charged|of what)/, first)).toEqual([])
  })

  it('is short where it is read on a phone with a glove on', () => {
    const most: Readonly<Record<string, number>> = { label: 9, title: 13, sentence: 17, reason: 17 }
    const long = core.filter(({ where, text }) => words(text) > (most[where.split(' · ')[1]!] ?? Infinity))
    expect(long.map(({ where, text }) => `${words(text)} ${where}: ${text}`)).toEqual([])
  })

  it('is on the list that was read', async () => {
    const lines = (all: readonly Said[]) => [...new Set(all.map(({ where, text }) => `${where} | ${text}`))].sort()
    await expect([...lines(core), '', ...lines(templates)].join('\n')).toMatchFileSnapshot(
      fileURLToPath(new URL('../fixtures/sentences.txt', import.meta.url)),
    )
  })
})
