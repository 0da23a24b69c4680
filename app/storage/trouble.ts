import { dateText, timeText } from '#core/units/dates'

/** What can go wrong with keeping things in the browser, in a gardener's words. */
export interface StorageTrouble {
  readonly kind: 'unavailable' | 'full' | 'disk' | 'unread' | 'blocked' | 'newer' | 'closed' | 'deleted' | 'silent' | 'outdone' | 'lost'
    | 'unknown'
  readonly message: string
}

/** What is said in the same words whenever it comes. */
type Said = Exclude<StorageTrouble['kind'], 'lost'>

const MESSAGES: Readonly<Record<Said, string>> = {
  unavailable:
    'This browser keeps nothing (a private window, perhaps): what you record is on this page alone and gone when it is closed. Save a '
    + 'backup before that.',
  full: 'The browser has no room left, so this was not recorded. What was recorded before is safe. Save a backup, delete some pictures '
    + 'on the garden page, then try again.',
  disk:
    'The browser could not write to its disk, which is full perhaps, so this was not recorded. What was recorded before is as it was. '
    + 'Make room on the disk, then try again.',
  unread:
    'The browser cannot read your garden just now: its disk is full perhaps. Nothing of it was changed. Make room on the disk; it is '
    + 'tried again by itself. What you record before that is on this page alone; after it, it is kept by itself.',
  blocked:
    'Wastrum is open in another tab with an older version, so your garden cannot be shown here. It is safe. Close that tab. What you '
    + 'record before that is on this page alone; after it, it is kept by itself.',
  newer:
    'Your garden was last opened with a newer Wastrum, so it cannot be shown here. It is safe. Reload to get the newer one. What you '
    + 'record here is on this page alone: save a backup of it first.',
  closed: 'The browser has closed the garden. What was recorded is safe. What you record now is on this page alone: reload it to go on.',
  deleted:
    'The garden was removed from this browser, in another tab or with the browser\'s own clearing. This page still holds what it showed, '
    + 'but not for long: save it, or put it back.',
  silent:
    'The browser\'s storage does not answer. What was recorded before is safe. What you record now is on this page alone until it '
    + 'answers; then it is kept by itself.',
  outdone:
    'This stayed as it was: it was set before by a clock at the end of all time, as no clock is. If that came with a backup, take the '
    + 'import back on the garden page and set it again.',
  unknown: 'This could not be recorded. What was recorded before is safe. Reload the page and try again.',
}

export function storageTrouble(kind: Said): StorageTrouble {
  return { kind, message: MESSAGES[kind] }
}

/** A garden that the browser lost, and that was put back from its second copy. @param at of when the copy is. */
export function lostAndBack(at: string): StorageTrouble {
  return {
    kind: 'lost',
    message: `This browser had lost your garden. It is here again as it was on ${dateText(at)} at ${timeText(at)}, without its pictures. `
      + 'Save a backup now, and look whether the last entries are there.',
  }
}

/** What somebody wanted of the browser's database when it threw. */
export type Wanted = 'write' | 'read' | 'open'

const BY_NAME: Readonly<Record<Wanted, Readonly<Record<string, Said>>>> = {
  write: { QuotaExceededError: 'full', InvalidStateError: 'closed', UnknownError: 'disk', DataError: 'disk', AbortError: 'disk' },
  read: { InvalidStateError: 'closed', UnknownError: 'unread', DataError: 'unread', AbortError: 'unread', NotReadableError: 'unread' },
  open: {
    VersionError: 'newer', InvalidStateError: 'unavailable', SecurityError: 'unavailable', QuotaExceededError: 'unread',
    UnknownError: 'unread', AbortError: 'unread', DataError: 'unread',
  },
}

/** The trouble behind something thrown by the browser's database: a disk that is full is no private window. */
export function troubleFrom(cause: unknown, wanted: Wanted): StorageTrouble {
  const name = cause instanceof Error || cause instanceof DOMException ? cause.name : ''
  return storageTrouble(BY_NAME[wanted][name] ?? 'unknown')
}
