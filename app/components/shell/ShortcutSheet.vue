<script setup lang="ts">
/** All keys, on `?`; and the keys themselves. They rest while something is typed. */
const { open } = useShortcutSheet()
const { undo, shown } = useRecorder()
const router = useRouter()
const store = useGardenStore()

function typing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
}

/** Single keys can get in the way of speech input and of other aids: they can be switched off on this device. */
const on = useRemembered('wastrum.keys', true)
const inDialog = () => document.querySelector('[role="dialog"]') !== null

useEventListener('keydown', (event: KeyboardEvent) => {
  if (!on.value || (inDialog() && !(open.value && event.key === '?'))) return
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || !store.which) return
  const shortcut = SHORTCUTS.find(({ key }) => key === event.key)
  if (event.key === '?') open.value = !open.value
  else if (event.key === 'u' && shown.value) void undo()
  else if (shortcut && !open.value) void router.push(shortcut.to)
  else return
  event.preventDefault()
})
</script>

<template>
  <UModal
    v-model:open="open"
    title="Keys"
    description="They work whenever nothing is being typed."
  >
    <template #body>
      <dl class="grid grid-cols-[3rem_1fr] gap-y-2">
        <template
          v-for="shortcut in [
            ...SHORTCUTS,
            { key: 'u', label: 'Take back what was just recorded' },
            { key: '← →', label: 'On an ingredient of the balance: less, more of it' },
            { key: '?', label: 'This sheet' },
          ]"
          :key="shortcut.key"
        >
          <dt>
            <kbd class="inline-block min-w-8 text-center border border-accented rounded-sm px-1.5 font-semibold">{{ shortcut.key }}</kbd>
          </dt>
          <dd>{{ shortcut.label }}</dd>
        </template>
      </dl>
      <label class="tap mt-4 flex items-center gap-2">
        <input
          v-model="on"
          type="checkbox"
          class="size-5 accent-[var(--ui-primary)]"
        >
        Keys are on, on this device
      </label>
    </template>
  </UModal>
</template>
