import { takenEvents, writtenEvent } from '#core/journal/event'
import type { Contents } from './shelf'

/** What one tab tells the others. */
export type TabNews = { readonly kind: 'added', readonly contents: Contents } | { readonly kind: 'replaced' }

/** The other tabs that have the same garden open. */
export interface Tabs {
  tell(news: TabNews): void
  leave(): void
}

/** Joins the tabs of a garden. A browser without a channel is alone. */
export function joinTabs(name: string, hear: (news: TabNews) => void): Tabs {
  if (typeof BroadcastChannel === 'undefined') return { tell: () => {}, leave: () => {} }
  const channel = new BroadcastChannel(name)
  channel.onmessage = ({ data }: MessageEvent<TabNews>) =>
    hear(data.kind === 'added' ? { ...data, contents: { ...data.contents, events: takenEvents(data.contents.events) } } : data)
  // Plain data only: what is shown may be wrapped by the framework.
  const written = (news: TabNews) =>
    news.kind === 'added' ? { ...news, contents: { ...news.contents, events: news.contents.events.map(writtenEvent) } } : news
  return { tell: news => channel.postMessage(JSON.parse(JSON.stringify(written(news)))), leave: () => channel.close() }
}
