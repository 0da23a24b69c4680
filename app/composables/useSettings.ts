import type { Climate } from '#core/garden/climate'
import { SETTINGS_ID, type Settings } from '#core/garden/settings'
import type { FieldValue } from '#core/journal/document'
import type { UnitSystem } from '#core/units/system'

type Changes = Partial<Omit<Settings, 'climate'>> & { readonly climate?: Climate }

/** The units that the language of the browser suggests. */
export function usualUnits(): UnitSystem {
  return navigator.language === 'en-US' ? 'us' : 'metric'
}

/** Writes how a garden is set up. The first page needs it: it leans on little. */
export function useSettings() {
  const store = useGardenStore()
  async function saveSettings({ climate, ...rest }: Changes): Promise<void> {
    const place: Record<string, FieldValue> = climate
      ? {
          climateId: climate.id,
          meanC: climate.meanC,
          rainMm: climate.rainMm,
          lastFrost: climate.lastFrost,
          latitudeDeg: climate.latitudeDeg,
          firstFrost: climate.firstFrost,
        }
      : {}
    await store.write([{ id: SETTINGS_ID, kind: 'settings', values: { ...rest, ...place } }])
  }
  return { saveSettings }
}
