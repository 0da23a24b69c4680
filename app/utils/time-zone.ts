/** The time zone of this browser, where it tells one. */
export function timeZoneHere(): string | undefined {
  return Intl.DateTimeFormat().resolvedOptions().timeZone
}
