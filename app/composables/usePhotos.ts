import type { KnownBatch } from './useGarden'

/** Pictures are kept small: enough to see crumb and threads, little enough for years of them. */
const LONG_SIDE_PX = 1280
const QUALITY = 0.72
const KEEP_FREE_BYTES = 5_000_000
const MOST_BYTES = 80_000_000

interface Small { readonly picture: Blob, readonly widthPx: number, readonly heightPx: number }

/** The picture made smaller and turned upright; whatever the camera wrote beside it (place, names) is left behind. */
async function smaller(file: File): Promise<Small> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' })
  const scale = Math.min(1, LONG_SIDE_PX / Math.max(bitmap.width, bitmap.height))
  const [widthPx, heightPx] = [Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale))]
  const canvas = document.createElement('canvas')
  canvas.width = widthPx
  canvas.height = heightPx
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, widthPx, heightPx)
  bitmap.close()
  const picture = await new Promise<Blob | null>(resolve => canvas.toBlob(resolve, 'image/jpeg', QUALITY))
  if (!picture) throw new Error('no picture came out')
  return { picture, widthPx, heightPx }
}

/** Taking in pictures of a batch. */
export function usePhotos() {
  const { record } = useRecorder()
  const trouble = ref('')
  const busy = ref(false)

  async function roomFor(bytes: number): Promise<boolean> {
    const estimate = await navigator.storage?.estimate?.()
    return !estimate?.quota || (estimate.usage ?? 0) + bytes + KEEP_FREE_BYTES < estimate.quota
  }

  async function take({ batch }: KnownBatch, file: File, at: string): Promise<void> {
    trouble.value = ''
    if (file.size > MOST_BYTES) {
      trouble.value = 'This file is larger than any camera makes: it was not opened. Nothing was changed.'
      return
    }
    busy.value = true
    try {
      const { picture, widthPx, heightPx } = await smaller(file)
      if (!await roomFor(picture.size)) {
        trouble.value
          = 'The browser has hardly any room left, so this picture was not kept. Save a backup with pictures and free some space.'
        return
      }
      const photoId = `photo-${randomText(12)}`
      await record(
        { kind: 'photographed', at, batchId: batch.id, photoId, caption: '', widthPx, heightPx, bytes: picture.size },
        `${batch.name}: a picture, ${Math.round(picture.size / 1000)} kB.`, '', undefined, [{ id: photoId, picture }],
      )
    }
    catch {
      trouble.value = 'This file could not be opened as a picture. Nothing was changed.'
    }
    finally {
      busy.value = false
    }
  }

  return { take, trouble, busy }
}
