import { ok, type Outcome } from '#core/outcome/outcome'
import { contentsBeside } from './restore'
import { isEmpty, type Contents, type Shelf, type StoredPhoto } from './shelf'
import type { StorageTrouble } from './trouble'

/** Copies what a shelf holds to another one, beside what is known to be there. @returns what it held. */
export async function copyTo(
  lasts: Shelf, from: Shelf, known: Contents, knownPhotos: readonly string[] = [],
): Promise<Outcome<{ readonly contents: Contents, readonly photoIds: readonly string[] }, StorageTrouble>> {
  const [here, ids] = [await from.load(), await from.photoIds()]
  if (!here.ok) return here
  const photoIds = ids.ok ? ids.value : []
  const photos: StoredPhoto[] = []
  for (const id of photoIds.filter(one => !knownPhotos.includes(one))) {
    const found = await from.photo(id)
    if (found.ok && found.value) photos.push({ id, picture: found.value })
  }
  const contents = contentsBeside(here.value, known)
  if (isEmpty(contents) && photos.length === 0) return ok({ contents: here.value, photoIds })
  const added = await lasts.add(contents, photos)
  return added.ok ? ok({ contents: here.value, photoIds }) : added
}
