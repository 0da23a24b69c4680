const ALPHABET = '0123456789abcdefghijklmnopqrstuvwxyz'

/** Random letters and digits from the browser's own source of chance. */
export function randomText(length: number): string {
  return [...crypto.getRandomValues(new Uint8Array(length))].map(byte => ALPHABET[byte % ALPHABET.length]).join('')
}

/** An id that sorts by time and that no other device comes up with. */
export function newId(now: Date): string {
  return `${now.getTime().toString(36)}-${randomText(10)}`
}
