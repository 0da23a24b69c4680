/** Hands a file to the gardener. */
export function download(content: string | Uint8Array | Blob, type: string, name: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([content as BlobPart], { type }))
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}
