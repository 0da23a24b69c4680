/** What is half written is kept for this tab, whatever becomes of the page, until it is sent or emptied. */
export function useDraft(key: string): Ref<string> {
  const name = `wastrum.draft.${key}`
  const read = () => {
    try {
      return sessionStorage.getItem(name) ?? ''
    }
    catch {
      return ''
    }
  }
  const text = ref(read())
  watch(text, (now) => {
    try {
      if (now === '') sessionStorage.removeItem(name)
      else sessionStorage.setItem(name, now)
    }
    catch {
      // A browser that keeps nothing keeps no drafts either.
    }
  }, { flush: 'sync' })
  return text
}
