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
  channel.onmessage = ({ data }: MessageEvent<TabNews>) => hear(data)
  // Plain data only: what is shown may be wrapped by the framework.
  return { tell: news => channel.postMessage(JSON.parse(JSON.stringify(news))), leave: () => channel.close() }
}
