import { CLIMATES } from '#core/garden/climate'
import { usualClimate } from '#core/garden/whereabouts'
import type { Contents, Shelf } from '~/storage/shelf'
import { timeZoneHere } from '~/utils/time-zone'

const A_HANDFUL = 2000

/** Where a made-up garden is laid out, and who hears how far it is. */
interface Laying {
  readonly shelf: Shelf
  readonly add: (contents: Contents) => Promise<unknown>
  readonly reload: () => Promise<void>
  readonly onShare: (share: number) => void
}

/** Lays out a made-up garden: large and wanted seldom, so it is only fetched then. @param years of a long one, 0 for the usual one. */
export async function layOutDemo(years: number, { shelf, add, reload, onShare }: Laying): Promise<void> {
  if (years <= 0) {
    const { demoGarden } = await import('#core/demo/demo-garden')
    await add(demoGarden(new Date(), usualClimate(timeZoneHere(), CLIMATES[0])))
    return
  }
  const { longGarden } = await import('#core/demo/long-garden')
  const { events, documents } = longGarden({ years, now: new Date() })
  await shelf.add({ events: [], documents })
  for (let from = 0; from < events.length; from += A_HANDFUL) {
    await shelf.add({ events: events.slice(from, from + A_HANDFUL), documents: [] })
    onShare(from / events.length)
  }
  await shelf.tidy()
  await reload()
}
