import { defineStore } from 'pinia'
import { useGardenStore } from './garden'

/** As large as a picture is shown in a strip, on a screen with two points a pixel. */
const THUMB_PX = 320
const QUALITY = 0.7

/** A picture made small; the whole of it would take a hundred times the memory. Nothing when this browser cannot. */
async function madeSmall(picture: Blob): Promise<Blob | undefined> {
  if (typeof createImageBitmap === 'undefined' || typeof OffscreenCanvas === 'undefined') return undefined
  try {
    const bitmap = await createImageBitmap(picture, { resizeWidth: THUMB_PX, resizeQuality: 'medium' })
    const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0)
    bitmap.close()
    return await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY })
  }
  catch {
    return undefined
  }
}

/** Addresses of pictures for as long as somebody shows them: the last one to leave gives the address back. */
export const usePictureStore = defineStore('pictures', () => {
  const garden = useGardenStore()
  const held = new Map<string, { url: Promise<string | undefined>, holders: number }>()

  async function smallOf(photoId: string): Promise<Blob | undefined> {
    const shelf = garden.shelfNow()
    const known = await shelf.thumb(photoId)
    if (known.ok && known.value) return known.value
    const whole = await shelf.photo(photoId)
    if (!whole.ok || !whole.value) return undefined
    const small = await madeSmall(whole.value)
    if (small) void shelf.keepThumb(photoId, small)
    return small ?? whole.value
  }
  async function addressOf(photoId: string, whole: boolean): Promise<string | undefined> {
    const found = whole ? await garden.shelfNow().photo(photoId) : undefined
    const picture = found ? (found.ok ? found.value : undefined) : await smallOf(photoId)
    return picture ? URL.createObjectURL(picture) : undefined
  }
  const keyOf = (photoId: string, whole: boolean) => whole ? `${photoId} whole` : photoId
  /**
   * An address for a picture, small unless the whole of it is wanted, or nothing when it is not in this browser. Whoever takes
   * one gives it back.
   */
  function take(photoId: string, whole = false): Promise<string | undefined> {
    const key = keyOf(photoId, whole)
    const known = held.get(key) ?? { url: addressOf(photoId, whole), holders: 0 }
    known.holders++
    held.set(key, known)
    return known.url
  }
  function giveBack(photoId: string, whole = false): void {
    const key = keyOf(photoId, whole)
    const known = held.get(key)
    if (!known || --known.holders > 0) return
    held.delete(key)
    void known.url.then((url) => { if (url) URL.revokeObjectURL(url) })
  }
  function reset(): void {
    for (const [key, { url }] of [...held]) {
      held.delete(key)
      void url.then((address) => { if (address) URL.revokeObjectURL(address) })
    }
  }
  return { take, giveBack, reset, count: () => held.size }
})
