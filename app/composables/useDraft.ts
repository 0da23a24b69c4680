import { remember, remembered } from '~/storage/remembered'

/** What is half written is kept for this tab, whatever becomes of the page, until it is sent or emptied. */
export function useDraft(key: string): Ref<string> {
  const name = `wastrum.draft.${key}`
  const text = ref(remembered(name, 'tab') ?? '')
  watch(text, now => remember(name, now === '' ? undefined : now, 'tab'), { flush: 'sync' })
  return text
}
