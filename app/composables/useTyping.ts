type Field = HTMLInputElement | HTMLTextAreaElement

const touched = new Set<Field>()
let listening = false

const isText = (target: EventTarget | null): target is Field =>
  target instanceof HTMLTextAreaElement
  || (target instanceof HTMLInputElement && !['checkbox', 'radio', 'button', 'submit', 'file', 'range'].includes(target.type))

function listen(): void {
  if (listening || typeof document === 'undefined') return
  listening = true
  document.addEventListener('input', ({ target }) => { if (isText(target)) touched.add(target) }, true)
  // Outside of a form a field is taken when it is left; within one, when the form is sent.
  document.addEventListener('change', ({ target }) => { if (isText(target) && !target.form) touched.delete(target) }, true)
  document.addEventListener('submit', ({ target }) => {
    for (const field of touched) if (field.form === target) touched.delete(field)
  }, true)
}

/** Whether something is being typed on this page that would be lost with it. */
export function useTyping() {
  listen()
  function busy(): boolean {
    for (const field of touched) if (!field.isConnected) touched.delete(field)
    const inHand = document.hasFocus() && isText(document.activeElement)
    return inHand || [...touched].some(({ value }) => value.trim() !== '')
  }
  return { busy }
}
