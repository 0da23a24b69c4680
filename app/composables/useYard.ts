import { yardOf, type YardPlace } from '#core/garden/yard'
import type { BatchLook } from './useLooks'

/** A place of the yard with how that looks which stands there. */
export interface SeenPlace extends YardPlace { readonly look?: BatchLook | undefined }

/** The yard as it stands today. */
export function useYard() {
  const { store, standing, finished, now } = useGarden()
  const { looks } = useLooks()
  const places = computed(() =>
    yardOf(standing.value.map(({ batch }) => batch), finished.value.map(({ batch }) => batch), store.documents, now.value),
  )
  const seen = computed<readonly SeenPlace[]>(() =>
    places.value.map(place => ({ ...place, look: place.batch && looks.value.get(place.batch.id) })),
  )
  return { places, seen }
}
