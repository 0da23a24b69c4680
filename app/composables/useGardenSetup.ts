import { containerDocumentId } from '#core/garden/settings'
import type { Container } from '#core/units/container'
import { ownGardenIsHere } from '~/storage/own-garden'

/** Writes what a garden is set up with. */
export function useGardenSetup() {
  const store = useGardenStore()
  const { containers } = useGarden()
  const { saveSettings } = useSettings()

  /** Writes the containers as they should be; those that are gone are marked as removed. */
  async function saveContainers(wanted: readonly Container[]): Promise<void> {
    const gone = containers.value.filter(({ id }) => !wanted.some(one => one.id === id))
    await store.write([
      ...wanted.map(({ id, name, plural, volumeL, holds }) => ({
        id: containerDocumentId(id), kind: 'container', values: { name, plural, volumeL, holds, removed: false },
      })),
      ...gone.map(({ id }) => ({ id: containerDocumentId(id), kind: 'container', values: { removed: true } })),
    ])
  }

  return { saveSettings, saveContainers, ownGardenIsHere }
}
