<script setup lang="ts">
import { earliestOf } from '#core/journal/garden'
import DeedPad from './DeedPad.vue'
import FeedPad from './FeedPad.vue'
import GaugePad from './GaugePad.vue'
import NotePad from './NotePad.vue'
import PutPad from './PutPad.vue'
import SensePad from './SensePad.vue'
import UsePad from './UsePad.vue'
import type { Pad } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** The form of one pad, with when it was. Nothing else. */
const {
  known, pad, calm = false,
} = defineProps<{
  known: KnownBatch
  /** Nothing for a note. */ pad: Pad | undefined
  /** It stands there by itself: nothing is scrolled to or focused. */ calm?: boolean
}>()
const emit = defineEmits<{ done: [] }>()
provideWhen(earliestOf(known.batch.began))
const COMPONENTS: Readonly<Record<Pad['kind'], Component>> = {
  gauge: GaugePad, sense: SensePad, deed: DeedPad, feed: FeedPad, put: PutPad, use: UsePad,
}
const props = computed(() => {
  if (!pad) return {}
  const { kind: _, fits: __, ...rest } = pad
  return rest
})
const form = useTemplateRef('form')
/** The number is ready to be typed, and all of the form is above what is fixed at the bottom. */
onMounted(() => {
  if (calm) return
  form.value?.scrollIntoView({ block: 'center', behavior: 'instant' })
  const first
    = form.value?.querySelector<HTMLElement>('input:not([type="checkbox"]), textarea') ?? form.value?.querySelector<HTMLElement>('button')
  first?.focus({ preventScroll: true })
})
</script>

<template>
  <div ref="form">
    <component
      :is="pad ? COMPONENTS[pad.kind] : NotePad"
      :known="known"
      v-bind="props"
      @done="emit('done')"
    />
  </div>
</template>
