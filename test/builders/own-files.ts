/** A browser's own files, in memory: what is written shows when it is closed. */
export function ownFiles() {
  const kept = new Map<string, string>()
  const getFileHandle = async (name: string, { create = false } = {}) => {
    if (!create && !kept.has(name)) throw new DOMException('none', 'NotFoundError')
    return {
      getFile: async () => new Blob([kept.get(name) ?? '']),
      createWritable: async () => {
        let text = ''
        return { write: async (more: string) => { text += more }, close: async () => { kept.set(name, text) } }
      },
    }
  }
  return { kept, storage: { getDirectory: async () => ({ getFileHandle }), persist: async () => true } }
}
