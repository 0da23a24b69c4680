import type { useGardenStore } from './garden'

const SIZE = { width: 1280, height: 960 }
/** So many different ones are drawn; the others are copies under other names. */
const DIFFERENT = 12
const A_HANDFUL = 40

/** A picture of brown and green crumbs, about as large as one from a camera once it was made small. */
async function crumbs(seed: number): Promise<Blob> {
  const canvas = new OffscreenCanvas(SIZE.width, SIZE.height)
  const pen = canvas.getContext('2d')!
  pen.fillStyle = '#4b3826'
  pen.fillRect(0, 0, SIZE.width, SIZE.height)
  for (let index = 0; index < 9000; index++) {
    const at = (index * 7919 + seed * 104_729) % 1_228_800
    pen.fillStyle = `hsl(${20 + (at % 70)} ${20 + at % 35}% ${18 + at % 40}%)`
    pen.fillRect(at % SIZE.width, Math.floor(at / SIZE.width), 4 + at % 23, 3 + at % 17)
  }
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.6 })
}

/** Puts a picture beside every mark of one in a made-up garden. */
export async function layOutPictures(store: ReturnType<typeof useGardenStore>): Promise<void> {
  const shelf = store.shelfNow()
  const known = await shelf.photoIds()
  const there = new Set(known.ok ? known.value : [])
  const wanted = [...store.journal.events.values()].flatMap(event =>
    event.kind === 'photographed' && !there.has(event.photoId) ? [event.photoId] : [],
  )
  if (wanted.length === 0) return
  const drawn = await Promise.all(Array.from({ length: DIFFERENT }, (_, seed) => crumbs(seed)))
  for (let from = 0; from < wanted.length; from += A_HANDFUL) {
    await shelf.add(
      { events: [], documents: [] },
      wanted.slice(from, from + A_HANDFUL).map((id, index) => ({ id, picture: drawn[(from + index) % DIFFERENT]! })),
    )
  }
}
