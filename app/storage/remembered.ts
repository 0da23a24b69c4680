/** Where a small thing is remembered: on this device, or in this tab until it is closed. */
export type Kept = 'device' | 'tab'

/** The one door to what a browser keeps beside the garden: asked for within, since a browser that blocks site data throws at once. */
const shelf = (where: Kept): Storage => where === 'tab' ? sessionStorage : localStorage

/** A small thing remembered on this device only. A browser that refuses is taken as having nothing. */
export function remembered(key: string, where: Kept = 'device'): string | undefined {
  try {
    return shelf(where).getItem(key) ?? undefined
  }
  catch {
    return undefined
  }
}

/** Remembers a small thing, or forgets it when the value is undefined. */
export function remember(key: string, value: string | undefined, where: Kept = 'device'): void {
  try {
    if (value === undefined) shelf(where).removeItem(key)
    else shelf(where).setItem(key, value)
  }
  catch {
    // Nothing that matters is kept here: the garden then simply opens on the first page.
  }
}
