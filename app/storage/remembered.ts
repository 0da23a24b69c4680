/** A small thing remembered on this device only. A browser that refuses is taken as having nothing. */
export function remembered(key: string): string | undefined {
  try {
    return localStorage.getItem(key) ?? undefined
  }
  catch {
    return undefined
  }
}

/** Remembers a small thing, or forgets it when the value is undefined. */
export function remember(key: string, value: string | undefined): void {
  try {
    if (value === undefined) localStorage.removeItem(key)
    else localStorage.setItem(key, value)
  }
  catch {
    // Nothing that matters is kept here: the garden then simply opens on the first page.
  }
}
