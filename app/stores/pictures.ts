import { defineStore } from 'pinia'
import { useGardenStore } from './garden'

/** Addresses of pictures for as long as somebody shows them: the last one to leave gives the address back. */
export const usePictureStore = defineStore('pictures', () => {
  const garden = useGardenStore()
  const held = new Map<string, { url: Promise<string | undefined>, holders: number }>()

  async function addressOf(photoId: string): Promise<string | undefined> {
    const found = await garden.photo(photoId)
    return found.ok && found.value ? URL.createObjectURL(found.value) : undefined
  }
  /** An address for a picture, or nothing when it is not in this browser. Whoever takes one gives it back. */
  function take(photoId: string): Promise<string | undefined> {
    const known = held.get(photoId) ?? { url: addressOf(photoId), holders: 0 }
    known.holders++
    held.set(photoId, known)
    return known.url
  }
  function giveBack(photoId: string): void {
    const known = held.get(photoId)
    if (!known || --known.holders > 0) return
    held.delete(photoId)
    void known.url.then((url) => { if (url) URL.revokeObjectURL(url) })
  }
  function reset(): void {
    for (const photoId of [...held.keys()]) {
      held.get(photoId)!.holders = 1
      giveBack(photoId)
    }
  }
  return { take, giveBack, reset, count: () => held.size }
})
