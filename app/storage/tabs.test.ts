import { describe, expect, it, vi } from 'vitest'
import { newId, randomText } from '../utils/identity'
import { remember, remembered } from './remembered'
import { joinTabs, type TabNews } from './tabs'

const news: TabNews = {
  kind: 'added',
  contents: {
    events: [],
    documents: [{ id: 'settings', kind: 'settings', fields: { units: { value: 'us', at: '2026-05-01T10:00:00.000Z', by: 'phone' } } }],
  },
}

describe('tabs of one garden', () => {
  it('hear each other but not themselves, and nobody after leaving', async () => {
    const heard: string[] = []
    const one = joinTabs('garden', () => heard.push('one'))
    const other = joinTabs('garden', told => heard.push(`other ${told.kind}`))
    const elsewhere = joinTabs('another garden', () => heard.push('elsewhere'))
    one.tell(news)
    await vi.waitFor(() => expect(heard).toEqual(['other added']))
    other.leave()
    one.tell({ kind: 'replaced' })
    await new Promise(resolve => setTimeout(resolve, 30))
    expect(heard).toEqual(['other added'])
    for (const tab of [one, elsewhere]) tab.leave()
  })

  it('are alone in a browser without a channel', () => {
    vi.stubGlobal('BroadcastChannel', undefined)
    const alone = joinTabs('garden', () => {})
    expect(() => {
      alone.tell(news)
      alone.leave()
    }).not.toThrow()
    vi.unstubAllGlobals()
  })
})

describe('ids', () => {
  it('sort by time, differ and are safe anywhere', () => {
    const ids = Array.from({ length: 200 }, () => newId(new Date('2026-05-01T10:00:00.000Z')))
    expect(new Set(ids).size).toBe(200)
    expect(newId(new Date('2026-05-01T10:00:00.000Z')) < newId(new Date('2026-05-02T10:00:00.000Z'))).toBe(true)
    expect(ids.every(id => /^[\w.-]{10,40}$/.test(id))).toBe(true)
    expect(randomText(8)).toHaveLength(8)
  })
})

describe('what is remembered', () => {
  it('is nothing, without complaint, where the browser refuses', () => {
    vi.stubGlobal('localStorage', { getItem: () => { throw new Error('refused') }, setItem: () => { throw new Error('refused') } })
    expect(() => remember('key', 'value')).not.toThrow()
    expect(remembered('key')).toBeUndefined()
    vi.unstubAllGlobals()
  })
})
