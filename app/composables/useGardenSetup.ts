import type { Climate } from '#core/garden/climate'
import { containerDocumentId, SETTINGS_ID, type Settings } from '#core/garden/settings'
import type { FieldValue } from '#core/journal/document'
import type { Container } from '#core/units/container'
import type { UnitSystem } from '#core/units/system'

type Changes = Partial<Omit<Settings, 'climate'>> & { readonly climate?: Climate }

/** The units that the language of the browser suggests. */
export function usualUnits(): UnitSystem {
  return navigator.language === 'en-US' ? 'us' : 'metric'
}

/** Writes how a garden is set up. */
export function useGardenSetup() {
  const store = useGardenStore()
  const { containers } = useGarden()

  async function saveSettings({ climate, ...rest }: Changes): Promise<void> {
    const place: Record<string, FieldValue> = climate ? { climateId: climate.id, meanC: climate.meanC, rainMm: climate.rainMm, lastFrost: climate.lastFrost, firstFrost: climate.firstFrost } : {}
    await store.write([{ id: SETTINGS_ID, kind: 'settings', values: { ...rest, ...place } }])
  }

  /** Writes the containers as they should be; those that are gone are marked as removed. */
  async function saveContainers(wanted: readonly Container[]): Promise<void> {
    const gone = containers.value.filter(({ id }) => !wanted.some(one => one.id === id))
    await store.write([
      ...wanted.map(({ id, name, plural, volumeL, holds }) => ({ id: containerDocumentId(id), kind: 'container', values: { name, plural, volumeL, holds, removed: false } })),
      ...gone.map(({ id }) => ({ id: containerDocumentId(id), kind: 'container', values: { removed: true } })),
    ])
  }

  return { saveSettings, saveContainers }
}
