/** What can go wrong with keeping things in the browser, in a gardener's words. */
export interface StorageTrouble {
  readonly kind: 'unavailable' | 'full' | 'blocked' | 'newer' | 'closed' | 'unknown'
  readonly message: string
}

const MESSAGES: Readonly<Record<StorageTrouble['kind'], string>> = {
  unavailable: 'This browser keeps nothing (a private window, perhaps). You can go on, but save a backup file before you close it.',
  full: 'The browser has no room left, so this was not recorded. What was recorded before is safe. Free some space or save a backup, then try again.',
  blocked: 'Wastrum is open in another tab with an older version. Close that tab, then reload this one. Nothing is lost.',
  newer: 'This garden was last opened with a newer Wastrum. Reload to get it. Nothing was changed.',
  closed: 'The garden was closed by another tab. Reload this page; what was recorded is safe.',
  unknown: 'This could not be recorded. What was recorded before is safe. Reload the page and try again.',
}

export function storageTrouble(kind: StorageTrouble['kind']): StorageTrouble {
  return { kind, message: MESSAGES[kind] }
}

const BY_NAME: Readonly<Record<string, StorageTrouble['kind']>> = {
  QuotaExceededError: 'full', VersionError: 'newer', InvalidStateError: 'closed', SecurityError: 'unavailable', UnknownError: 'unavailable',
}

/** The trouble behind something thrown by the browser's database. */
export function troubleFrom(cause: unknown): StorageTrouble {
  const name = cause instanceof Error || cause instanceof DOMException ? cause.name : ''
  return storageTrouble(BY_NAME[name] ?? 'unknown')
}
