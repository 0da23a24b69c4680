import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { foreignEvent } from '#core/journal/foreign'
import { seededRandom } from '#core/random/random'
import { randomDocuments, randomJournal } from '../../test/builders/journals'
import { ownFiles } from '../../test/builders/own-files'
import { readSecondCopy, writeSecondCopy } from './second-copy'

const AT = '2027-04-20T10:00:00.000Z'

let browser = ownFiles()
beforeEach(() => {
  browser = ownFiles()
  vi.stubGlobal('navigator', { storage: browser.storage })
})
afterEach(() => { vi.unstubAllGlobals() })

describe('the second copy of a garden', () => {
  const events = randomJournal(seededRandom(3), 1700)
  const documents = randomDocuments(seededRandom(4), 'phone')

  it('comes back as it was written, the last one', async () => {
    expect(await readSecondCopy('g')).toBeUndefined()
    expect(await writeSecondCopy('g', { events: events.slice(0, 3), documents: [] }, AT)).toBe(true)
    expect(await writeSecondCopy('g', { events, documents }, AT)).toBe(true)
    expect(await readSecondCopy('g')).toEqual({ at: AT, contents: { events, documents } })
    expect(await readSecondCopy('another')).toBeUndefined()
  })

  it('holds word for word what a newer version wrote', async () => {
    const written = { id: 'x', kind: 'danced', at: AT, recordedAt: AT, by: 'later', steps: 3 }
    const foreign = foreignEvent(written)
    expect(foreign.ok).toBe(true)
    await writeSecondCopy('g', { events: foreign.ok ? [foreign.value] : [], documents: [] }, AT)
    expect((await readSecondCopy('g'))?.contents.events).toMatchObject([{ kind: 'foreign', written }])
  })

  it('is none where it is cut off at any line, or where a browser keeps no files', async () => {
    await writeSecondCopy('g', { events, documents }, AT)
    const lines = browser.kept.get('g.copy')!.trimEnd().split('\n')
    for (let upTo = 0; upTo < lines.length; upTo++) {
      browser.kept.set('g.copy', lines.slice(0, upTo).join('\n'))
      expect(await readSecondCopy('g'), `${upTo} lines`).toBeUndefined()
    }
    vi.stubGlobal('navigator', {})
    expect([await writeSecondCopy('g', { events, documents }, AT), await readSecondCopy('g')]).toEqual([false, undefined])
    vi.stubGlobal('navigator', { storage: { getDirectory: async () => { throw new DOMException('blocked', 'SecurityError') } } })
    expect([await writeSecondCopy('g', { events, documents }, AT), await readSecondCopy('g')]).toEqual([false, undefined])
  })
})
